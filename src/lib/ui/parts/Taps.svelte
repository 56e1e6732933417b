<script lang="ts">
  /** One of a few, chosen by a tap. */
  interface Props {
    label: string;
    name: string;
    items: readonly { value: string; name: string }[];
    value: string;
    onpick?: ((value: string) => void) | undefined;
  }
  let { label, name, items, value, onpick }: Props = $props();
</script>

<fieldset>
  <legend class="legend">{label}</legend>
  <div class="taps">
    {#each items as item (item.value)}
      <label
        ><input
          type="radio"
          {name}
          value={item.value}
          defaultChecked={item.value === value}
          onchange={() => onpick?.(item.value)}
        /><span>{item.name}</span></label
      >
    {/each}
  </div>
</fieldset>

<style>
  .taps {
    display: flex;
    flex-wrap: wrap;
    gap: 0.45rem;
    margin-bottom: 1rem;
  }
  label {
    position: relative;
    cursor: pointer;
  }
  input {
    position: absolute;
    opacity: 0;
    inset: 0;
    margin: 0;
    cursor: pointer;
  }
  span {
    display: block;
    border: 1px solid var(--edge);
    border-radius: 4px;
    background: var(--field);
    padding: 0.55rem 0.8rem;
    min-height: 2.7rem;
  }
  input:checked + span {
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
  }
  input:focus-visible + span {
    outline: 3px solid var(--saffron);
    outline-offset: 1px;
  }
</style>
