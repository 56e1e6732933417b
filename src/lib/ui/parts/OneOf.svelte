<script lang="ts">
  import Radio from 'flowbite-svelte/Radio.svelte';
  import type { Snippet } from 'svelte';

  /** One of several that are chosen among: a button before its words, or laid over them (`tap`). */
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
</script>

<Radio
  {name}
  {value}
  group={chosen}
  {disabled}
  class={kind === 'tap' ? '' : 'box'}
  classes={{ label: `${kind === 'tap' ? 'tap tap-box' : 'tick'} ${more}` }}
  onchange={() => onpick?.()}
>
  <span>{@render children()}</span>
</Radio>
