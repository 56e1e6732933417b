<script lang="ts">
  import type { ClauseKey } from '../../core/labels';
  import ClauseRow from './ClauseRow.svelte';

  /** The label's own words to what stands above, with their place on it: folded until they are wanted. */
  let { keys, own }: { keys: readonly ClauseKey[]; own: Readonly<Record<string, string>> } = $props();
  const written = $derived(keys.filter((key) => (own[`clauses.${key}.text`] ?? '') !== '').length);
</script>

<details open={written > 0}>
  <summary>The label’s own words{written > 0 ? `: ${written} copied` : ''}</summary>
  {#each keys as key (key)}<ClauseRow {key} {own} />{/each}
</details>

<style>
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.45rem 0;
  }
</style>
