<script lang="ts" generics="T extends string | number">
  import Select from 'flowbite-svelte/Select.svelte';
  import type { Snippet } from 'svelte';

  /** One of a list, in a line of tools: its word stands before it, or is only heard (`quiet`). */
  interface Props {
    label: string;
    quiet?: boolean;
    value: T;
    items?: readonly { readonly value: T; readonly name: string }[];
    /** Its options, where they come in groups. */
    children?: Snippet;
    name?: string;
    id?: string;
    class?: string;
    onpick?: (value: T) => void;
  }
  let {
    label,
    quiet = false,
    value = $bindable(),
    items,
    children,
    name,
    id,
    class: more = '',
    onpick,
  }: Props = $props();
</script>

{#snippet list()}
  <Select
    {id}
    {name}
    items={items ? [...items] : undefined}
    {children}
    bind:value
    placeholder=""
    class="pick {more}"
    classes={{ select: 'field-input' }}
    aria-label={label}
    onchange={() => onpick?.(value)}
  />
{/snippet}
{#if quiet}{@render list()}{:else}<label class="pick-of"
    ><span class="pick-word">{label}</span>{@render list()}</label
  >{/if}
