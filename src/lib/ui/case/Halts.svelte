<script lang="ts">
  import CautionBlock from '../parts/CautionBlock.svelte';
  import Fold from '../parts/Fold.svelte';
  import { getSheet } from './sheet.svelte';
  import { cautionWords } from '../../words';
  import { getShow } from '../parts/show';

  /** `later`: the treatment is done, and what is halted is only that it be done again. */
  let { action, later = false }: { action: string; later?: boolean } = $props();
  const sheet = getSheet();
  const show = getShow();
  const titles = $derived(sheet.view.halts.map(({ caution }) => cautionWords(caution, show).title));
</script>

{#snippet blocks()}
  {#each sheet.view.halts as item (item.key)}<CautionBlock {item} {action} />{/each}
{/snippet}

{#if sheet.view.halts.length > 0}
  <div class="mb-4" role="region" aria-label={later ? 'What halts a second time' : 'Open Halts'}>
    {#if later}
      <Fold says="It is done. A second time would be halted: {titles.join(' · ').toLowerCase()}">
        {@render blocks()}
      </Fold>
    {:else}{@render blocks()}{/if}
  </div>
{/if}
