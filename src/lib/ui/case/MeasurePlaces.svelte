<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import type { PlacesOfKind } from '../../core/case';
  import type { PlaceNoun } from '../../core/method';
  import { KINDS_OF_PLACE, PLACE_WORDS } from '../../words';
  import Field from '../parts/Field.svelte';
  import { Rows } from '../parts/rows.svelte';
  import NumberField from '../parts/NumberField.svelte';

  /** Places as they are counted: one number, or so many of each kind. */
  let { start, noun }: { start: readonly PlacesOfKind[]; noun: PlaceNoun } = $props();
  const MOST = 40;
  const rows = new Rows<PlacesOfKind>(untrack(() => (start.length > 0 ? start : [{ kind: '', count: 0 }])));
  const kinds = $derived(KINDS_OF_PLACE[noun] ?? []);
  const many = $derived(PLACE_WORDS[noun][1]);
  const add = (kind = ''): void =>
    rows.add({ kind, count: 0 }, (i) => `places.${i}.${kind ? 'count' : 'kind'}`);
</script>

<div
  bind:this={rows.box}
  {@attach rows.heedDraft('places', { kind: '', count: 0 })}
  oninput={({ target }) => {
    if (!(target instanceof HTMLInputElement)) return;
    const at = /^places\.(\d+)\.kind$/.exec(target.name)?.[1];
    const row = at === undefined ? undefined : rows.all[Number(at)];
    if (row) rows.change(row.id, { kind: target.value });
  }}
>
  <datalist id="kinds-of-place"
    >{#each kinds as kind (kind)}<option value={kind}></option>{/each}</datalist
  >
  {#each rows.all as row, i (row.id)}
    <div class="fields items-start">
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
      {#if rows.all.length > 1}
        <Button type="button" class="mt-6" onclick={() => rows.drop(row.id)}>Take out</Button>
      {/if}
    </div>
  {/each}
  <p class="flex flex-wrap gap-2 my-3 mx-0">
    <Button type="button" disabled={rows.all.length >= MOST} onclick={() => add()}>Another kind</Button>
    {#each kinds.filter((kind) => !rows.all.some((row) => row.kind === kind)).slice(0, 4) as kind (kind)}
      <Button type="button" onclick={() => add(kind)}>+ {kind}</Button>
    {/each}
  </p>
</div>
