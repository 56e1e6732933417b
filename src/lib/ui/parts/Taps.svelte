<script lang="ts">
  import OneOf from './OneOf.svelte';

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
      <OneOf kind="tap" {name} value={item.value} chosen={value} onpick={() => onpick?.(item.value)}
        >{#if item.drawing}<img
            src={item.drawing}
            alt=""
            width="84"
            height="56"
            loading="lazy"
          />{/if}{item.name}</OneOf
      >
    {/each}
  </div>
</fieldset>
