<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import type { ClauseKey } from '../../core/labels';
  import ClauseRow from './ClauseRow.svelte';

  /** The label's own words to what stands above, with their place on it: folded until they are wanted. */
  let { keys, own }: { keys: readonly ClauseKey[]; own: Readonly<Record<string, string>> } = $props();
  const written = $derived(keys.filter((key) => (own[`clauses.${key}.text`] ?? '') !== '').length);
</script>

<Fold open={written > 0} says="The label’s own words{written > 0 ? `: ${written} copied` : ''}">
  {#each keys as key (key)}<ClauseRow {key} {own} />{/each}
</Fold>
