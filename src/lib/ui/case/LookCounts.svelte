<script lang="ts">
  import { untrack } from 'svelte';
  import { usualFrame, type FieldTest, type Surrounding } from '../../core/identify';
  import { inBase } from '../../core/units';
  import { unitText } from '../../words';
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
  const FRAME_WORDS = { night: 'Nights', minute: 'Minutes', spot: 'Spots in one' } as const;
  const { tests } = untrack(() => sheet.facts);
  const start = untrack(() => sheet.facts.stops.look);
  const fits = (test: FieldTest): boolean => test.places.includes(surrounding);
  let picked = $state(start?.test);
  /** What was saved stays until another place is chosen that it does not fit. */
  const test = $derived(
    tests.find((t) => t.id === picked && (fits(t) || surrounding === start?.surrounding)) ?? tests.find(fits),
  );
  let more = $state(0);
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
  <span class="soft small">{test ? `${test.count}, in each numbered spot` : ''}</span>
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
<fieldset class="mt-4">
  <legend class="legend">Counted in each numbered spot</legend>
  <div class="fields">
    {#each Array.from({ length: spots }, (_, i) => i) as i (i)}
      <NumberField label="Spot {i + 1}" name="counts.{i}" value={start?.counts[i] ?? ''} width="5.2rem" />
    {/each}
    {#if spots < 20}<Button type="button" kind="plain" class="self-end" onclick={() => (more += 1)}
        >Add a spot</Button
      >{/if}
  </div>
</fieldset>
{#if density}
  <p class="mt-4 mb-0 mx-0 flex flex-wrap gap-y-1 gap-x-3 items-baseline" aria-live="polite" data-answer>
    <span class="figure text-[1.4rem]">{show.densityText(density.mean, basis)}</span>
    <span class="soft"
      >between {show.densityNumber(density.low, basis)} and {show.densityNumber(
        density.high,
        basis,
      )}{basis === 'm2' && show.manner.units !== 'us'
        ? `, ${show.numberText(density.mean * FT2)} per ${unitText('ft2')}`
        : ''}, from {density.spots} spots</span
    >
  </p>
  <Working name="density" />
{:else}
  <p class="soft">Two counted spots or more give a density with its interval.</p>
{/if}
