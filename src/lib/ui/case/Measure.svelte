<script lang="ts">
  import OneOf from '../parts/OneOf.svelte';
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import { WAYS, type Way } from '../../core/case';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { groundCalled } from '../../core/premises';
  import { otherSide } from '../../core/ground';
  import { sameDimension, valueIn } from '../../core/units';
  import { groundText, refusalSentence, WAY_WORDS, waysFor } from '../../words';
  import { getShow } from '../parts/show';
  import GroundPlan from '../drawings/GroundPlan.svelte';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import MeasureEdges from './MeasureEdges.svelte';
  import MeasureParts from './MeasureParts.svelte';
  import MeasurePlaces from './MeasurePlaces.svelte';
  import Tick from '../parts/Tick.svelte';
  import SharedUnit from '../parts/SharedUnit.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import LengthField from '../parts/LengthField.svelte';
  import Working from './Working.svelte';
  import { getSheet } from './sheet.svelte';
  import type { Proven } from '../../core/equipment';
  import type { StopProps } from './stop-props';
  const show = getShow();
  const { besideText, numberText } = show;
  /** Ways in which no length is typed. */
  const LENGTHLESS: readonly Way[] = ['places', 'known', 'volume', 'plan'];
  const LENGTHS = [
    ...[
      'length',
      'width',
      'strip',
      'walked',
      'edge.run',
      'waterOff',
      'edge.hard',
      'edge.up',
      'edge.out',
      'grid.spacing',
    ],
    ...Array.from({ length: 20 }, (_, i) => [`parts.${i}.a`, `parts.${i}.b`]).flat(),
    ...Array.from({ length: 20 }, (_, i) => [`edge.more.${i}.run`, `edge.more.${i}.wide`]).flat(),
  ];

  let { equipment }: StopProps = $props();
  const sheet = getSheet();
  /** Whose pace stands in the calibration book. */
  const walkers = $derived(
    equipment.flatMap(({ name, proven }) => (proven.pace ? [{ name, pace: proven.pace }] : [])),
  );
  let paceFields = $state<HTMLElement>();
  /** A pace of the book goes in as a hundred of them; it is no better than walking twice shows. */
  const [PACES, LEAST_ERROR_PCT] = [100, 3];
  function takePace({ value, spreadPct }: Proven): void {
    const metres = valueIn({ value: value * PACES, unit: 'm' }, unit);
    const put = (name: string, number: number): void => {
      const field = paceFields?.querySelector<HTMLInputElement>(`[name="${name}"]`);
      if (!field) return;
      field.value = show.entryText(Number(number.toFixed(2)));
      field.dispatchEvent(new Event('input', { bubbles: true }));
    };
    put('walked', metres);
    put('walkedPaces', PACES);
    put('paceErrorPct', Math.max(LEAST_ERROR_PCT, spreadPct ?? 0));
  }
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.measure);
  /** What the label reckons by comes first; without one the ground is told by its area. */
  const fits = $derived(waysFor(view.measured, view.method));
  const others = $derived(WAYS.filter((way) => !fits.includes(way)));
  const noun = $derived(view.method?.noun ?? 'spot');
  let how = $state<Way>(start?.how ?? untrack(() => fits[0] ?? 'tape'));
  const cracks = $derived(view.method?.placing === 'cracks');
  let unit = $state(start?.unit ?? (show.manner.units === 'us' ? 'ft' : 'm'));
  let side = $state<number | null>(null);
  let covers = $state<number | null>(null);
  const ground = show.manner.units === 'us' ? ('ft2' as const) : ('m2' as const);
  /** What one load covers by the mix, where there are loads. */
  const load = $derived.by(() => {
    const area = view.dose?.loads[0]?.covers;
    return area && sameDimension(area, { unit: 'm2' }) ? valueIn(area, 'm2') : null;
  });
  const other = $derived(otherSide(covers ?? load ?? 0, side ?? 0));
  const grounds = $derived(sheet.facts.property.grounds ?? []);
  const called = $derived(sheet.facts.stops.measure?.name ?? '');
  const was = (value: number | undefined): number | '' => (value === undefined || value === 0 ? '' : value);
</script>

{#snippet way(value: Way)}
  <OneOf kind="tap" name="how" {value} chosen={how} onpick={() => (how = value)}>{WAY_WORDS[value]}</OneOf>
{/snippet}

{#if view.lawn}
  {@const lawn = view.lawn}
  <p class="mt-0 mb-3 mx-0 flex flex-wrap gap-y-1 gap-x-3 items-baseline" aria-live="polite" data-answer>
    <span class="figure text-[1.5rem]">{groundText(lawn, noun, show)}</span>
    {#if lawn.areaLow && lawn.areaHigh}<span class="figure"
        >between {numberText(lawn.areaLow.value)} and {numberText(lawn.areaHigh.value)}</span
      >{/if}
    {#if lawn.area.value > 0}
      <span class="soft"
        ><span data-beside>{besideText(lawn.area)}</span>{lawn.stripM > 0 ? ', the strip left out' : ''}</span
      >
    {/if}
  </p>
{/if}
<fieldset>
  <legend class="visually-hidden">How it is measured</legend>
  <div class="taps">
    {#each fits as value (value)}{@render way(value)}{/each}
  </div>
  <Fold open={others.includes(how)} says="Measured otherwise">
    <div class="taps">
      {#each others as value (value)}{@render way(value)}{/each}
    </div>
  </Fold>
</fieldset>
<div class="fields">
  {#if LENGTHLESS.includes(how)}<input type="hidden" name="unit" value={unit} />{:else}
    <SharedUnit
      label="Unit"
      name="unit"
      {unit}
      units={['m', 'ft']}
      of={LENGTHS}
      onunit={(value) => (unit = value === 'ft' ? 'ft' : 'm')}
    />
  {/if}
  {#if how === 'tape' || how === 'grid'}
    <NumberField label="Length" name="length" value={was(start?.length)} {unit} />
    <NumberField label="Width" name="width" value={was(start?.width)} {unit} />
  {:else if how === 'paces'}
    <NumberField label="Paces along" name="paces.0" value={was(start?.paces[0])} />
    <NumberField label="Paces across" name="paces.1" value={was(start?.paces[1])} />
  {/if}
  {#if how === 'tape' || how === 'paces'}
    <NumberField
      label="Strip left out"
      name="strip"
      value={start?.strip ?? 0}
      {unit}
      hint="along one long side"
    />
  {/if}
</div>
{#if how === 'tape'}<MeasureParts start={start?.parts ?? []} {unit} />{/if}
{#if how === 'known'}
  <div class="fields">
    <Amount
      label="The area"
      name="known.area"
      value={start?.known?.area.value ?? ''}
      unit={start?.known?.area.unit ?? ground}
      units={['m2', 'ft2', 'yd2', 'ha', 'acre']}
      hint="from a deed, a map, the customer"
    />
    <NumberField
      label="It may be off by"
      name="known.errorPct"
      value={start?.known?.errorPct ?? 5}
      after="%"
      most={90}
      hint="0 where it was surveyed"
    />
  </div>
{:else if how === 'places'}
  <MeasurePlaces start={start?.places ?? []} {noun} />
{:else if how === 'edges'}
  <div class="fields">
    <NumberField
      label="Running length"
      name="edge.run"
      value={was(start?.edge?.run)}
      {unit}
      hint="all faces together, openings left out"
    />
    <NumberField
      label="Up the wall"
      name="edge.up"
      value={was(start?.edge?.up)}
      {unit}
      hint={cracks ? 'empty for cracks alone' : 'as the label says'}
    />
    <NumberField
      label="Out from it"
      name="edge.out"
      value={was(start?.edge?.out)}
      {unit}
      hint="onto soil, as the label says"
    />
    <NumberField
      label="Of it over hard ground"
      name="edge.hard"
      value={was(start?.edge?.hard)}
      {unit}
      hint="there only cracks and joints"
    />
  </div>
  <Tick
    label="The label lets the wall above hard ground be treated"
    name="edge.wallAboveHard"
    checked={start?.edge?.wallAboveHard ?? false}
  />
  <MeasureEdges start={start?.edge?.more ?? []} {unit} />
{:else if how === 'volume'}
  <div class="fields">
    <Amount
      label={view.method?.id === 'dug-soil' ? 'Soil that is dug out' : 'The volume'}
      name="volume"
      value={start?.volume?.value ?? ''}
      unit={start?.volume?.unit ?? (show.manner.units === 'us' ? 'gal' : 'l')}
      units={['l', 'gal', 'm3', 'ft3']}
    />
  </div>
{:else if how === 'grid'}
  <div class="fields">
    <NumberField label="From point to point" name="grid.spacing" value={was(start?.grid?.spacing)} {unit} />
    <Choice
      label="The outer points stand"
      name="grid.pattern"
      value={start?.grid?.pattern ?? 'inside'}
      items={[
        { value: 'inside', name: 'half a step inside' },
        { value: 'edge', name: 'on the edge' },
      ]}
      hint="as the label prints its pattern"
      width="13rem"
    />
  </div>
  {#if view.points?.grid}
    {@const { rows, columns, radiusM } = view.points.grid}
    <p class="soft" aria-live="polite">
      {show.numberText(rows)} rows of {show.numberText(columns)}; no place lies further than {show.lengthText(
        radiusM,
      )} from a point.
    </p>
  {/if}
{/if}
{#if how === 'plan'}
  {#await import('./PlanMeasure.svelte')}<p class="soft" role="status">Reading the plan …</p>
  {:then { default: PlanMeasure }}
    <PlanMeasure start={start?.plan ?? null} again={(form) => void sheet.propose('measure', form)} />
  {/await}
{/if}
{#if how === 'paces'}
  <h2 class="mt-5 mb-2 mx-0">Your pace, from a walk over a known distance</h2>
  {#if walkers.length > 0}
    <p class="flex flex-wrap gap-2 my-1.5 mx-0">
      {#each walkers as { name, pace } (name)}
        <Button type="button" onclick={() => takePace(pace)}
          >Take {name}’s: {show.lengthText(pace.value)} a pace, {show.dayText(
            pace.doneOn ?? '',
            sheet.facts.today,
          )}</Button
        >
      {/each}
    </p>
  {/if}
  <div class="fields" bind:this={paceFields}>
    <NumberField label="Distance walked" name="walked" value={was(start?.walked)} {unit} />
    <NumberField label="Paces counted" name="walkedPaces" value={was(start?.walkedPaces)} />
    <NumberField
      label="It may be off by"
      name="paceErrorPct"
      value={start?.how === 'paces' ? start.paceErrorPct : 5}
      after="%"
      most={100}
      hint="3 % when walked twice, 10 % when guessed"
    />
  </div>
{/if}

{#if view.lawn}
  {@const lawn = view.lawn}
  {#if lawn.area.value > 0}<Working name="area" />{/if}
  {#if how === 'paces'}<Working name="pace" label="Working of the pace" />{/if}
  {#if how !== 'plan' && lawn.rings.length > 0}
    <GroundPlan
      rings={lawn.rings}
      stripM={lawn.stripM}
      sides={[lawn.lengthM, lawn.widthM]}
      water={sheet.facts.property.byWater}
      points={view.points?.grid?.at ?? []}
      label="Plan of {show.lengthText(lawn.lengthM)} by {show.lengthText(lawn.widthM)}{lawn.stripM > 0
        ? ` with a strip of ${show.lengthText(lawn.stripM)} left out`
        : ''}"
    />
  {/if}
  {#if lawn.area.value > 0 && how !== 'grid'}<Fold says="The other side of what a load covers">
      <div class="fields">
        <LengthField label="One side" metres={side} {unit} optional live onmetres={(m) => (side = m)} />
        <NumberField
          label="A load covers"
          unit={ground}
          value={covers === null
            ? null
            : Number(valueIn({ value: covers, unit: 'm2' }, ground).toPrecision(6))}
          placeholder={load === null
            ? ''
            : show.entryText(Math.round(valueIn({ value: load, unit: 'm2' }, ground)))}
          onnumber={(n) => (covers = n === null ? null : valueIn({ value: n, unit: ground }, 'm2'))}
        />
        <p aria-live="polite">
          {#if other !== null}<span class="figure">Walk {show.lengthText(other)} along the other side.</span>
          {:else}<span class="soft">Type one side of the rectangle to walk.</span>{/if}
        </p>
      </div>
    </Fold>{/if}
{:else if view.lawnRefused.length > 0}
  <p class="field-error">{refusalSentence(view.lawnRefused[0]!, show)}</p>
{:else if how !== 'plan'}
  <p class="soft">What it comes to stands here as soon as it is typed.</p>
{/if}
<div class="fields">
  {#if how !== 'plan' && (sheet.facts.property.byWater || start?.waterOff)}
    <NumberField
      label="Open water lies off by"
      name="waterOff"
      width="15rem"
      value={was(start?.waterOff)}
      {unit}
      hint="from the nearest of what is treated; a strip left out counts as well"
    />
  {/if}
  <Field
    label="What this ground is called"
    name="name"
    value={start?.name ?? ''}
    width="16rem"
    hint="“front lawn”: so that it is known again"
    list="grounds-known"
  />
</div>
<datalist id="grounds-known"
  >{#each grounds as { name } (name)}<option value={name}></option>{/each}</datalist
>
{#if called}
  {@const known = groundCalled(grounds, called)}
  <p class="soft small" aria-live="polite">
    {#if known}
      Known since {show.dayText(known.since, sheet.facts.today)}: intervals and the year’s most hold for it
      alone{known.zones?.length
        ? '; where it lies on the plan is said, so that what went down elsewhere does not count'
        : ''}.
    {:else}
      This property does not know it by that name yet: all that was treated here counts as lying on it.
      <a
        href="{resolve('/properties/[id]', { id: String(page.data.propertyId) })}?ground={encodeURIComponent(
          called,
        )}#grounds">It lies apart from the others</a
      >
    {/if}
  </p>
{/if}
