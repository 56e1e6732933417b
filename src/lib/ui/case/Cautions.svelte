<script lang="ts">
  import CautionBlock from '../parts/CautionBlock.svelte';
  import Fold from '../parts/Fold.svelte';
  import { getSheet } from './sheet.svelte';
  import { cautionWords } from '../../words';
  import { getShow } from '../parts/show';

  /** Cares that are open, notes as one line where there are several, then what was settled, a line each. */
  let { action }: { action: string } = $props();
  const sheet = getSheet();
  const show = getShow();
  const view = $derived(sheet.view);
  const last = $derived(view.records[view.records.length - 1] ?? null);
  const others = $derived(
    view.cautions.filter((c) => (c.caution.rank !== 'halt' && !last) || c.settled !== null),
  );
  const cares = $derived(others.filter((c) => !c.settled && c.caution.rank === 'care'));
  const notes = $derived(others.filter((c) => !c.settled && c.caution.rank === 'note'));
  const settled = $derived(others.filter((c) => c.settled));
  const titles = $derived(notes.map(({ caution }) => cautionWords(caution, show).title));
</script>

{#each cares as item (item.key)}<CautionBlock {item} {action} />{/each}
{#if notes.length > 1}
  <Fold class="notes" says="{show.numberText(notes.length)} notes: {titles.join(' · ')}">
    {#each notes as item (item.key)}<CautionBlock {item} {action} />{/each}
  </Fold>
{:else}
  {#each notes as item (item.key)}<CautionBlock {item} {action} />{/each}
{/if}
{#each settled as item (item.key)}<CautionBlock {item} {action} />{/each}
