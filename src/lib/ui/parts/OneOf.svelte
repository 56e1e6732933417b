<script lang="ts">
  import type { Snippet } from 'svelte';

  /**
   * One of several that are chosen among: a button before its words, or laid over them (`tap`). Native: each of the library's
   * buttons keeps for itself what is chosen of its name, and of two that were pressed one after the other the first came back.
   */
  interface Props {
    name: string;
    value: string;
    /** The value that is chosen now, of all of that name. */
    chosen: string | undefined;
    kind?: 'row' | 'tap';
    disabled?: boolean;
    class?: string;
    onpick?: (() => void) | undefined;
    children: Snippet;
  }
  let {
    name,
    value,
    chosen,
    kind = 'row',
    disabled = false,
    class: more = '',
    onpick,
    children,
  }: Props = $props();
  // On a page just opened, whatever is told anew to the button tells it once more what was chosen: only what is new is told.
  const own = $derived(value);
  const isChosen = $derived(own === chosen);
</script>

<label class="{kind === 'tap' ? 'tap tap-box' : 'tick'} {more}"
  ><input
    type="radio"
    {name}
    value={own}
    checked={isChosen}
    {disabled}
    class={kind === 'tap' ? '' : 'box'}
    onchange={() => onpick?.()}
  /><span>{@render children()}</span></label
>
