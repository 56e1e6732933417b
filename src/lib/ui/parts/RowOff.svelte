<script lang="ts">
  import Button from './Button.svelte';
  import type { Snippet } from 'svelte';

  /** A row of a form that can be taken off and put back: its fields keep what was typed, and are not sent meanwhile. */
  interface Props {
    /** What the row is, as it stands in “… was taken off”. */
    name: string;
    off?: boolean;
    /** The row, with the button that takes it off. */
    children: Snippet<[() => void]>;
  }
  let { name, off = $bindable(false), children }: Props = $props();
  let row: HTMLElement;
  /** The form tells its followers (drafts, the preview) that something else stands in it now. */
  function turn(to: boolean): void {
    off = to;
    queueMicrotask(() => row.dispatchEvent(new Event('input', { bubbles: true })));
  }
</script>

<div bind:this={row}>
  {#if off}
    <p role="status">
      {name} was taken off.
      <Button type="button" onclick={() => turn(false)}>Put it back</Button>
    </p>
  {/if}
  <fieldset disabled={off} hidden={off}>
    {@render children(() => turn(true))}
  </fieldset>
</div>

<style>
  fieldset {
    border: 0;
    padding: 0;
    margin: 0;
    min-width: 0;
  }
  p {
    margin: 0.3rem 0;
  }
</style>
