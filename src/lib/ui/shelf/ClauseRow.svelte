<script lang="ts">
  import type { ClauseKey } from '../../core/labels';
  import { CLAUSE_WORDS } from '../../words';

  /** Where a clause stands on the label, and its words. */
  let { key, own }: { key: ClauseKey; own: Readonly<Record<string, string>> } = $props();
  const name = $derived(CLAUSE_WORDS[key]);
</script>

<div class="clause">
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
  .clause {
    display: grid;
    grid-template-columns: 11rem 5rem minmax(0, 1fr);
    gap: 0.5rem;
    align-items: center;
    margin-top: 0.4rem;
  }
  .clause label {
    margin: 0;
  }
  @media (max-width: 640px) {
    .clause {
      grid-template-columns: 1fr 5rem;
    }
    .clause input:last-child {
      grid-column: 1 / 3;
    }
  }
</style>
