<script lang="ts">
  import { untrack } from 'svelte';
  import type { CountBasis } from '../../core/identify';
  import { BASIS_WORDS } from '../../words';
  import type { OwnThreshold } from '../../core/rules';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Reading from '../parts/Reading.svelte';
  import { getShow } from '../parts/show';

  interface Props {
    thresholds: readonly OwnThreshold[];
    candidates: readonly {
      id: string;
      name: string;
      usual: readonly [number, number] | null;
      /** Any of it counts. */
      presence: boolean;
      basis: CountBasis;
    }[];
  }
  let { thresholds, candidates }: Props = $props();
  const show = getShow();
  /** What the catalogue says, to start from. */
  const usualText = (id: string): string | undefined => {
    const chosen = candidates.find((c) => c.id === id);
    if (!chosen) return undefined;
    if (chosen.presence) return 'usually any of them counts';
    return chosen.usual
      ? `usually ${show.densityNumber(chosen.usual[0], chosen.basis)} to ${show.densityText(chosen.usual[1], chosen.basis)}`
      : 'no usual figure';
  };
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
        hint={usualText(row.candidate)}
        onchange={(candidate) => turn(row.key, candidate)}
      />
      {#if row.candidate !== ''}
        {@const basis = candidates.find((c) => c.id === row.candidate)?.basis ?? 'm2'}
        {#each ['Weak turf', 'Strong turf'] as label, k (k)}
          {#if basis === 'm2' || basis === '100 m2'}
            <Reading
              {label}
              name="thresholds.{i}.perM2.{k}"
              measure="density"
              value={row.own?.perM2[k] ?? ''}
              width="10rem"
            />
          {:else}
            <NumberField
              label={k === 0 ? 'From' : 'to'}
              after="per {BASIS_WORDS[basis]}"
              name="thresholds.{i}.perM2.{k}"
              value={row.own?.perM2[k] ?? ''}
              width="10rem"
            />
          {/if}
        {/each}
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
