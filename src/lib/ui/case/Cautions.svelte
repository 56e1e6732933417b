<script lang="ts">
  import CautionBlock from '../parts/CautionBlock.svelte';
  import { getSheet } from './sheet.svelte';

  /** Cares and notes that are open, then what was settled, a line each. */
  let { action }: { action: string } = $props();
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const last = $derived(view.records[view.records.length - 1] ?? null);
  const others = $derived(
    view.cautions.filter((c) => (c.caution.rank !== 'halt' && !last) || c.settled !== null),
  );
  const order = { care: 0, note: 2, halt: 3 } as const;
  const shown = $derived(
    [...others].sort(
      (a, b) => (a.settled ? 4 : order[a.caution.rank]) - (b.settled ? 4 : order[b.caution.rank]),
    ),
  );
</script>

{#each shown as item (item.key)}<CautionBlock {item} {action} />{/each}
