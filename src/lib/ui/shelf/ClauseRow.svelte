<script lang="ts">
  import type { ClauseKey } from '../../core/labels';
  import { CLAUSE_WORDS } from '../../words';

  /** Where a clause stands on the label, and its words. */
  let { key, own }: { key: ClauseKey; own: Readonly<Record<string, string>> } = $props();
  const name = $derived(CLAUSE_WORDS[key]);
</script>

<div
  class="clause grid grid-cols-[11rem_5rem_minmax(0,1fr)] gap-2 items-center mt-1.5 max-[640px]:grid-cols-[1fr_5rem]"
>
  <label class="field-label" for="c-{key}-at">{name}: at</label>
  <input
    id="c-{key}-at"
    class="field-input"
    name="clauses.{key}.at"
    value={own[`clauses.${key}.at`] ?? ''}
    placeholder="3.1"
    autocomplete="off"
  />
  <input
    class="field-input"
    name="clauses.{key}.text"
    value={own[`clauses.${key}.text`] ?? ''}
    aria-label="{name}: the label’s words"
    placeholder="the label’s own words"
    autocomplete="off"
  />
</div>

<style>
  .clause label {
    margin: 0;
  }
  @media (max-width: 640px) {
    .clause input:last-child {
      grid-column: 1 / 3;
    }
  }
</style>
