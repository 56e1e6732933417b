<script lang="ts">
  import FlowbiteButton from 'flowbite-svelte/Button.svelte';
  import type { ButtonProps } from 'flowbite-svelte/types';
  import type { Snippet } from 'svelte';
  import type { HTMLButtonAttributes } from 'svelte/elements';

  /**
   * What is pressed: `main` is the one thing to do next, `plain` stands beside fields and `text` in a line of words; the others
   * have a rule around them. As in HTML it sends its form unless it is told to be a button. With an address it is a link that
   * looks like one.
   */
  interface Props extends HTMLButtonAttributes {
    kind?: 'main' | 'plain' | 'text' | 'danger' | 'usual';
    href?: string;
    class?: string;
    children: Snippet;
  }
  let { kind = 'usual', type = 'submit', href, class: more = '', children, ...rest }: Props = $props();
  const look = $derived(`button${kind === 'usual' ? '' : ` button-${kind}`}${more === '' ? '' : ` ${more}`}`);
  const given = $derived({
    ...rest,
    ...(href === undefined ? { type } : { href }),
    ...{ color: 'light', class: look },
  } as ButtonProps);
</script>

<FlowbiteButton {...given}>{@render children()}</FlowbiteButton>
