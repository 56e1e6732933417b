<script lang="ts">
  import FlowbiteTable from 'flowbite-svelte/Table.svelte';
  import type { Snippet } from 'svelte';

  /**
   * A ruled table; a wide one stands in a region of its own that is pushed aside. Its rows are native: those of a logbook come
   * by hundreds, and each of the library's cells is a component.
   */
  interface Props {
    small?: boolean;
    class?: string;
    children: Snippet;
  }
  let { small = false, class: more = '', children }: Props = $props();
</script>

<FlowbiteTable classes={{ div: 'overflow-visible!' }} class="table{small ? ' small' : ''} {more}"
  >{@render children()}</FlowbiteTable
>
