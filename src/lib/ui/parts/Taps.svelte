<script lang="ts">
  /** One of a few, chosen by a tap. */
  interface Props {
    label: string;
    name: string;
    /** A drawing by its address stands over the word. */
    items: readonly { value: string; name: string; drawing?: string | undefined }[];
    value: string;
    onpick?: ((value: string) => void) | undefined;
  }
  let { label, name, items, value, onpick }: Props = $props();
  const pictured = $derived(items.some(({ drawing }) => drawing !== undefined));
</script>

<fieldset>
  <legend class="legend">{label}</legend>
  <div class="taps" class:pictured>
    {#each items as item (item.value)}
      <label class="tap"
        ><input
          type="radio"
          {name}
          value={item.value}
          defaultChecked={item.value === value}
          onchange={() => onpick?.(item.value)}
        /><span
          >{#if item.drawing}<img
              src={item.drawing}
              alt=""
              width="84"
              height="56"
              loading="lazy"
            />{/if}{item.name}</span
        ></label
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
  .pictured {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(6.6rem, 1fr));
    max-width: 40rem;
  }
  .pictured span {
    display: grid;
    justify-items: center;
    align-content: end;
    height: 100%;
    padding: 0.4rem 0.3rem;
    text-align: center;
    font-size: 0.95rem;
  }
  .pictured img {
    background: #fffefa;
    border-radius: 3px;
  }
  label {
    --tap-focus: 1px;
  }
  span {
    display: block;
    border: 1px solid var(--edge);
    border-radius: 4px;
    padding: 0.55rem 0.8rem;
    min-height: 2.7rem;
  }
</style>
