<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { readOf, usualFrame, type FieldTest, type Surrounding } from '../../core/identify';
  import type { EarlierReading } from '../../core/case';
  import { MOST_READINGS } from '../../core/review';
  import { inBase, type CalendarDay } from '../../core/units';
  import { capital, FRAME_WORDS, many, SERIES_WORDS, seriesPlacesText, unitText } from '../../words';
  import SeriesBars from '../drawings/SeriesBars.svelte';
  import DateField from '../parts/DateField.svelte';
  import { Rows } from '../parts/rows.svelte';
  import Readings from './Readings.svelte';
  import Amount from '../parts/Amount.svelte';
  import Button from '../parts/Button.svelte';
  import Choice from '../parts/Choice.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import { getShow } from '../parts/show';
  import FieldTestGuide from './FieldTestGuide.svelte';
  import { getSheet } from './sheet.svelte';
  import Working from './Working.svelte';

  /** The field test of a place, its frame, and what was counted in each numbered spot. */
  let { surrounding }: { surrounding: Surrounding } = $props();
  const show = getShow();
  const sheet = getSheet();
  const FT2 = inBase({ value: 1, unit: 'ft2' });
  const { tests } = untrack(() => sheet.facts);
  const start = untrack(() => sheet.facts.stops.look);
  const fits = (test: FieldTest): boolean => test.places.includes(surrounding);
  let picked = $state(start?.test);
  /** What was saved stays until another place is chosen that it does not fit. */
  const test = $derived(
    tests.find((t) => t.id === picked && (fits(t) || surrounding === start?.surrounding)) ?? tests.find(fits),
  );
  let more = $state(0);
  const each = $derived(test?.each ?? 'spot');
  /** Readings from before, and what stands in the fields of the newest one. */
  const rows = new Rows<EarlierReading>(start?.series ?? []);
  let newest = $state.raw<{ counts: readonly (number | null)[]; countedOn: CalendarDay | null }>({
    counts: start?.counts ?? [],
    countedOn: start?.countedOn ?? null,
  });
  /** What was read moves among the earlier readings, and the fields are empty for the next. */
  async function begin(): Promise<void> {
    const look = sheet.facts.stops.look;
    if (!look) return;
    const { test: by, frame: over, counts } = look;
    rows.add({ test: by, on: look.countedOn ?? sheet.facts.today, frame: over, counts }, () => 'counts.0');
    newest = { counts: counts.map(() => null), countedOn: sheet.facts.today };
    await tick();
    rows.box?.dispatchEvent(new Event('input', { bubbles: true }));
  }
  const spots = $derived(Math.max(start?.counts.length ?? 0, test?.spots ?? 5) + more);
  const density = $derived(sheet.view.density);
  const basis = $derived(sheet.view.basis);
  const frame = $derived.by(() => {
    if (start && start.test === test?.id) return start.frame;
    return test ? usualFrame(test, show.manner.units) : { value: 0.1, unit: 'm2' as const };
  });
  const frameNow = $derived(
    sheet.facts.stops.look?.test === test?.id ? (sheet.facts.stops.look?.frame ?? frame) : frame,
  );
</script>

<div class="section-head">
  <h2>How many</h2>
  <span class="soft small">{test ? `${test.count}, at each numbered ${each}` : ''}</span>
</div>
{#if test}
  <div class="fields">
    <Choice
      label="Field test"
      name="test"
      value={test.id}
      items={tests.filter((t) => fits(t) || t === test).map((t) => ({ value: t.id, name: t.name }))}
      onchange={(id) => (picked = id)}
    />
    {#key test.id}
      {#if test.basis === 'm2' || test.basis === '100 m2'}
        <Amount label="Frame" name="frame" value={frame.value} unit={frame.unit} units={test.units} />
      {:else}
        <NumberField label={FRAME_WORDS[test.basis]} name="frame.value" value={frame.value} width="8rem" />
        <input type="hidden" name="frame.unit" value="count" />
      {/if}
    {/key}
  </div>
  <FieldTestGuide {test} frame={frameNow} />
{/if}
<div bind:this={rows.box}>
  {#key newest}
    <fieldset class="mt-4">
      <legend class="legend">Counted at each numbered {each}</legend>
      <div class="fields">
        {#each Array.from({ length: spots }, (_, i) => i) as i (i)}
          <NumberField
            label="{capital(each)} {i + 1}"
            name="counts.{i}"
            value={newest.counts[i] ?? ''}
            width="5.2rem"
          />
        {/each}
        {#if spots < 20}<Button type="button" kind="plain" class="self-end" onclick={() => (more += 1)}
            >Add a {each}</Button
          >{/if}
      </div>
    </fieldset>
    {#if rows.all.length > 0 || newest.countedOn !== null || density}
      <div class="fields mt-2">
        <DateField label="Counted on" name="countedOn" value={newest.countedOn ?? ''} />
        {#if rows.all.length < MOST_READINGS && readOf(sheet.facts.stops.look?.counts ?? []).length > 0}
          <Button type="button" class="self-end" disabled={sheet.typing.length > 0} onclick={begin}
            >Next reading of the same {many(each)}</Button
          >
        {/if}
      </div>
    {/if}
  {/key}
  <Readings {rows} {tests} {spots} />
</div>
{#if sheet.view.series}
  {@const series = sheet.view.series}
  <SeriesBars {series} {basis} limit={sheet.view.threshold?.sameTest ? sheet.view.threshold.limit : null} />
  <p aria-live="polite">
    <span class="figure">{SERIES_WORDS[series.trend].title}.</span>
    {SERIES_WORDS[series.trend].text}
    {seriesPlacesText(series, each)}
  </p>
{/if}
{#if density}
  <p class="mt-4 mb-0 mx-0 flex flex-wrap gap-y-1 gap-x-3 items-baseline" aria-live="polite" data-answer>
    <span class="figure text-[1.4rem]">{show.densityText(density.mean, basis)}</span>
    <span class="soft"
      >between {show.densityNumber(density.low, basis)} and {show.densityNumber(
        density.high,
        basis,
      )}{basis === 'm2' && show.manner.units !== 'us'
        ? `, ${show.numberText(density.mean * FT2)} per ${unitText('ft2')}`
        : ''}, from {density.spots}
      {many(each)}</span
    >
  </p>
  <Working name="density" />
{:else}
  <p class="soft">Two counted {many(each)} or more give a density with its interval.</p>
{/if}
