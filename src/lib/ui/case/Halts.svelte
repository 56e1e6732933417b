<script lang="ts">
  import CautionBlock from '../parts/CautionBlock.svelte';
  import { getSheet } from './sheet.svelte';

  let { action }: { action: string } = $props();
  const sheet = getSheet();
</script>

{#if sheet.view.halts.length > 0}
  <div class="halts" role="region" aria-label="Open Halts">
    {#each sheet.view.halts as item (item.key)}<CautionBlock {item} {action} />{/each}
  </div>
{/if}

<style>
  .halts {
    margin-bottom: 1rem;
  }
</style>
