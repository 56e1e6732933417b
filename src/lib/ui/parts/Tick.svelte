<script lang="ts">
  /** A box to tick. */
  let { label, name, checked }: { label: string; name: string; checked: boolean } = $props();
</script>

<label><input type="checkbox" {name} {checked} />{label}</label>

<style>
  label {
    display: inline-flex;
    gap: 0.6rem;
    align-items: center;
    min-height: 2.4rem;
  }
  input {
    flex: none;
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--petrol);
  }
</style>
