<script lang="ts">
  import { untrack } from 'svelte';
  import type { PlacesOfKind } from '../../core/case';
  import type { PlaceNoun } from '../../core/method';
  import { KINDS_OF_PLACE, PLACE_WORDS } from '../../words';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';

  /** Places as they are counted: one number, or so many of each kind. */
  let { start, noun }: { start: readonly PlacesOfKind[]; noun: PlaceNoun } = $props();
  const MOST = 40;
  let rows = $state(
    untrack(() => (start.length > 0 ? start : [{ kind: '', count: 0 }]).map((row, i) => ({ ...row, id: i }))),
  );
  let next = untrack(() => rows.length);
  const kinds = $derived(KINDS_OF_PLACE[noun] ?? []);
  const many = $derived(PLACE_WORDS[noun][1]);
  let box: HTMLElement;
  function add(kind = ''): void {
    rows = [...rows, { kind, count: 0, id: next++ }];
    // The new row takes the focus, as whoever adds one types on.
    requestAnimationFrame(() =>
      box
        .querySelector<HTMLInputElement>(`[name="places.${rows.length - 1}.${kind ? 'count' : 'kind'}"]`)
        ?.focus(),
    );
  }
  function drop(id: number): void {
    rows = rows.filter((row) => row.id !== id);
    requestAnimationFrame(() => box.dispatchEvent(new Event('input', { bubbles: true })));
  }
</script>

<div
  bind:this={box}
  oninput={({ target }) => {
    if (!(target instanceof HTMLInputElement)) return;
    const at = /^places\.(\d+)\.kind$/.exec(target.name)?.[1];
    const row = at === undefined ? undefined : rows[Number(at)];
    if (row) row.kind = target.value;
  }}
>
  <datalist id="kinds-of-place"
    >{#each kinds as kind (kind)}<option value={kind}></option>{/each}</datalist
  >
  {#each rows as row, i (row.id)}
    <div class="fields row">
      <NumberField
        label="How many {many}"
        name="places.{i}.count"
        value={row.count || ''}
        whole
        width="8rem"
      />
      <div class="kind">
        <Field
          label="Which"
          name="places.{i}.kind"
          value={row.kind}
          width="16rem"
          hint={i === 0 ? 'may stay empty' : ''}
          list="kinds-of-place"
        />
      </div>
      {#if rows.length > 1}
        <button type="button" class="button off" onclick={() => drop(row.id)}>Take out</button>
      {/if}
    </div>
  {/each}
  <p class="adds">
    <button type="button" class="button" disabled={rows.length >= MOST} onclick={() => add()}
      >Another kind</button
    >
    {#each kinds.filter((kind) => !rows.some((row) => row.kind === kind)).slice(0, 4) as kind (kind)}
      <button type="button" class="button" onclick={() => add(kind)}>+ {kind}</button>
    {/each}
  </p>
</div>

<style>
  .adds {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.8rem 0;
  }
  .row {
    align-items: flex-start;
  }
  .off {
    margin-top: 1.6rem;
  }
</style>
