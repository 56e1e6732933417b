<script lang="ts">
  import type { Snippet } from 'svelte';

  /**
   * What explains or refines, under a line that says what is in it. Native, and not the library's accordion: it opens before
   * the scripts came, is found by the browser's own search, and keeps what was typed inside it.
   */
  interface Props {
    says: string;
    open?: boolean;
    class?: string;
    children: Snippet;
  }
  let { says, open = $bindable(false), class: more = '', children }: Props = $props();
</script>

<details class="fold {more}" bind:open>
  <summary>{says}</summary>
  {@render children()}
</details>
