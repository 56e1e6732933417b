<script lang="ts">
  import { untrack } from 'svelte';
  import { otherSide } from '../../core/ground';
  import { sameDimension, valueIn } from '../../core/units';
  import { refusalSentence } from '../../words';
  import { getShow } from '../parts/show';
  import LawnPlan from '../drawings/LawnPlan.svelte';
  import SharedUnit from '../parts/SharedUnit.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import LengthField from '../parts/LengthField.svelte';
  import Working from './Working.svelte';
  import { getSheet } from './sheet.svelte';
  import type { Proven } from '../../core/calibrate';
  import type { StopProps } from './stop-props';
  const show = getShow();
  const { besideText, numberText, quantityText } = show;

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
  let how = $state(start?.how ?? 'tape');
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
  const was = (value: number | undefined): number | '' => (value === undefined || value === 0 ? '' : value);
</script>

<fieldset>
  <legend class="visually-hidden">How it is measured</legend>
  <div class="how">
    {#each [['tape', 'By tape'], ['paces', 'By calibrated paces'], ['plan', 'On the plan']] as const as [value, word] (value)}
      <label
        ><input type="radio" name="how" {value} checked={how === value} onchange={() => (how = value)} /><span
          >{word}</span
        ></label
      >
    {/each}
  </div>
</fieldset>
<div class="fields">
  <SharedUnit
    label="Unit"
    name="unit"
    {unit}
    units={['m', 'ft']}
    of={['length', 'width', 'strip', 'walked']}
    onunit={(value) => (unit = value === 'ft' ? 'ft' : 'm')}
  />
  {#if how === 'tape'}
    <NumberField label="Length" name="length" value={was(start?.length)} {unit} />
    <NumberField label="Width" name="width" value={was(start?.width)} {unit} />
  {:else if how === 'paces'}
    <NumberField label="Paces along" name="paces.0" value={was(start?.paces[0])} />
    <NumberField label="Paces across" name="paces.1" value={was(start?.paces[1])} />
  {/if}
  {#if how !== 'plan'}
    <NumberField
      label="Strip left out"
      name="strip"
      value={start?.strip ?? 0}
      {unit}
      hint="along one long side"
    />
  {/if}
</div>
{#if how === 'plan'}
  {#await import('./PlanMeasure.svelte')}<p class="soft" role="status">Reading the plan …</p>
  {:then { default: PlanMeasure }}
    <PlanMeasure start={start?.plan ?? null} again={(form) => void sheet.propose('measure', form)} />
  {/await}
{/if}
{#if how === 'paces'}
  <h2 class="cal">Your pace, from a walk over a known distance</h2>
  {#if walkers.length > 0}
    <p class="walkers">
      {#each walkers as { name, pace } (name)}
        <button type="button" class="button" onclick={() => takePace(pace)}
          >Take {name}’s: {show.lengthText(pace.value)} a pace, {show.dayText(
            pace.doneOn ?? '',
            sheet.facts.today,
          )}</button
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
  <p class="result" aria-live="polite">
    <span class="figure big">{quantityText(lawn.area)}</span>
    {#if lawn.areaLow && lawn.areaHigh}<span class="figure"
        >between {numberText(lawn.areaLow.value)} and {numberText(lawn.areaHigh.value)}</span
      >{/if}
    <span class="soft"
      ><span data-beside>{besideText(lawn.area)}</span>{how === 'plan' ? '' : ', the strip left out'}</span
    >
  </p>
  <Working name="area" />
  {#if how === 'paces'}<Working name="pace" label="Working of the pace" />{/if}
  {#if how !== 'plan'}
    <LawnPlan
      lengthM={lawn.lengthM}
      widthM={lawn.widthM}
      stripM={lawn.stripM}
      water={sheet.facts.property.byWater}
    />
  {/if}
  <details>
    <summary>The other side of what a load covers</summary>
    <div class="fields">
      <LengthField label="One side" metres={side} {unit} optional live onmetres={(m) => (side = m)} />
      <NumberField
        label="A load covers"
        unit={ground}
        value={covers === null ? null : Number(valueIn({ value: covers, unit: 'm2' }, ground).toPrecision(6))}
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
  </details>
{:else if view.lawnRefused.length > 0}
  <p class="field-error">{refusalSentence(view.lawnRefused[0]!, show)}</p>
{:else if how !== 'plan'}
  <p class="soft">The area, its error and the plan appear as the sides are typed.</p>
{/if}

<style>
  .walkers {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    margin: 0.4rem 0;
  }
  .how {
    display: inline-flex;
    border: 1px solid var(--edge);
    border-radius: 4px;
    overflow: hidden;
    margin-bottom: 1rem;
  }
  .how label {
    position: relative;
    cursor: pointer;
  }
  .how label + label {
    border-left: 1px solid var(--edge);
  }
  .how input {
    position: absolute;
    opacity: 0;
    inset: 0;
  }
  .how span {
    display: block;
    padding: 0.6rem 1rem;
    background: var(--field);
  }
  .how input:checked + span {
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
  }
  .how input:focus-visible + span {
    outline: 3px solid var(--saffron);
    outline-offset: -3px;
  }
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.4rem 0;
  }
  .cal {
    margin: 1.2rem 0 0.5rem;
  }
  .result {
    margin: 1.2rem 0 0.2rem;
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 0.8rem;
    align-items: baseline;
  }
  .big {
    font-size: 1.5rem;
  }
</style>
