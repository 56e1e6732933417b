<script lang="ts">
  import { untrack } from 'svelte';
  import type { EarlierReading } from '../../core/case';
  import { readOf, type FieldTest } from '../../core/identify';
  import { totalOf } from '../../core/review';
  import { capital, FRAME_WORDS, many } from '../../words';
  import Amount from '../parts/Amount.svelte';
  import Button from '../parts/Button.svelte';
  import DateField from '../parts/DateField.svelte';
  import Fold from '../parts/Fold.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import type { Rows } from '../parts/rows.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** Readings from before, a line for each; one by another test says which, and counts for that alone. */
  interface Props {
    rows: Rows<EarlierReading>;
    tests: readonly FieldTest[];
    /** How many numbered places a reading has. */
    spots: number;
  }
  let { rows, tests, spots }: Props = $props();
  const show = getShow();
  const sheet = getSheet();
  const now = $derived(sheet.facts.stops.look?.test);
  const testOf = (id: string): FieldTest | undefined => tests.find((one) => one.id === id);
  /** As many fields as a draft may have. */
  const blank = untrack((): EarlierReading => ({
    ...{ test: now ?? tests[0]?.id ?? '', on: sheet.facts.today },
    frame: sheet.facts.stops.look?.frame ?? { value: 1, unit: 'count' },
    counts: Array.from({ length: spots }, () => null),
  }));
  function says(reading: EarlierReading): string {
    const test = testOf(reading.test);
    const read = readOf(reading.counts).length;
    const each = test?.each ?? 'spot';
    return [
      show.dayText(reading.on, sheet.facts.today),
      test?.basis === 'night' ? `, ${show.numberText(reading.frame.value)} nights` : '',
      `: ${show.numberText(totalOf(reading))} at ${read} ${read === 1 ? each : many(each)}`,
      reading.test === now ? '' : `; ${test?.name.toLowerCase() ?? 'another test'}, not counted with these`,
    ].join('');
  }
</script>

<div {@attach rows.heedDraft('series', blank)}>
  {#each rows.all as reading, i (reading.id)}
    {@const test = testOf(reading.test)}
    <Fold says={says(reading)}>
      <div class="fields mb-3">
        <input type="hidden" name="series.{i}.test" value={reading.test} />
        <DateField label="Counted on" name="series.{i}.on" value={reading.on} />
        {#if test && test.basis !== 'm2' && test.basis !== '100 m2'}
          <NumberField
            label={FRAME_WORDS[test.basis]}
            name="series.{i}.frame.value"
            value={reading.frame.value}
            width="8rem"
          />
          <input type="hidden" name="series.{i}.frame.unit" value="count" />
        {:else}
          <Amount
            label="Frame"
            name="series.{i}.frame"
            value={reading.frame.value}
            unit={reading.frame.unit}
            units={test?.units ?? [reading.frame.unit]}
          />
        {/if}
        {#each reading.counts as count, j (j)}
          <NumberField
            label="{capital(test?.each ?? 'spot')} {j + 1}"
            name="series.{i}.counts.{j}"
            value={count ?? ''}
            width="5.2rem"
          />
        {/each}
        <Button type="button" kind="plain" class="self-end" onclick={() => rows.drop(reading.id)}
          >Take it out</Button
        >
      </div>
    </Fold>
  {/each}
</div>
