<script lang="ts">
  import { untrack } from 'svelte';
  import type { OwnThreshold } from '../../core/rules';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';

  interface Props {
    thresholds: readonly OwnThreshold[];
    candidates: readonly { id: string; name: string; usual: string }[];
  }
  let { thresholds, candidates }: Props = $props();
  let next = 0;
  const rowOf = (own?: OwnThreshold) => ({ key: next++, candidate: own?.candidate ?? '', own });
  let rows = $state.raw(untrack(() => [...thresholds.map(rowOf), rowOf()]));
  const items = $derived([
    { value: '', name: 'none' },
    ...candidates.map(({ id, name }) => ({ value: id, name })),
  ]);
  const turn = (key: number, candidate: string): void => {
    rows = rows.map((row) => (row.key === key ? { ...row, candidate } : row));
    if (rows[rows.length - 1]?.candidate !== '') rows = [...rows, rowOf()];
  };
</script>

<ul class="rule-list">
  {#each rows as row, i (row.key)}
    <li class="fields">
      <Choice
        label="Insect {i + 1}"
        name={row.candidate === '' ? `none.${i}` : `thresholds.${i}.candidate`}
        {items}
        value={row.candidate}
        width="15rem"
        hint={candidates.find((c) => c.id === row.candidate)?.usual}
        onchange={(candidate) => turn(row.key, candidate)}
      />
      {#if row.candidate !== ''}
        <Field
          label="Weak turf"
          after="per m²"
          name="thresholds.{i}.perM2.0"
          value={row.own?.perM2[0] ?? ''}
          numeric
          width="10rem"
        />
        <Field
          label="Strong turf"
          after="per m²"
          name="thresholds.{i}.perM2.1"
          value={row.own?.perM2[1] ?? ''}
          numeric
          width="10rem"
        />
        <Field
          label="Where it is from"
          name="thresholds.{i}.source"
          value={row.own?.source ?? ''}
          width="18rem"
        />
      {/if}
    </li>
  {/each}
</ul>
