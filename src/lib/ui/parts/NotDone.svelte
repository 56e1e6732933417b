<script lang="ts">
  import Notice from './Notice.svelte';

  /** What was sent and not done, with everything that has to be put right first. */
  let { says, lines }: { says: string; lines: readonly string[] } = $props();
</script>

{#if lines.length > 0}
  <Notice heard="alert">
    <p class="figure">{says}</p>
    <ul>
      {#each lines as line, i (i)}<li>{line}</li>{/each}
    </ul>
  </Notice>
{/if}
