<script lang="ts">
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import type { Snippet } from 'svelte';

  /** A box to tick, with its word behind it. */
  interface Props {
    label?: string;
    /** What stands behind the box where it is more than a word. */
    children?: Snippet;
    name?: string;
    checked: boolean;
    class?: string;
    onpick?: (on: boolean) => void;
  }
  let { label = '', children, name, checked = $bindable(), class: more = '', onpick }: Props = $props();
</script>

<Checkbox
  {name}
  bind:checked
  class="box"
  classes={{ div: `tick ${more}` }}
  onchange={(event: Event & { currentTarget: HTMLInputElement }) => onpick?.(event.currentTarget.checked)}
>
  {#if children}<span>{@render children()}</span>{:else}{label}{/if}
</Checkbox>
