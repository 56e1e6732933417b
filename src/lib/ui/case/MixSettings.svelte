<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { usable } from '../../core/choose';
  import type { CardInUse } from '../../core/labels';
  import type { Quantity, Unit } from '../../core/units';
  import { unitText } from '../../words';
  import { getShow } from '../parts/show';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import Tick from '../parts/Tick.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import NumberInput from '../parts/NumberInput.svelte';
  import { getErrors } from '../parts/errors';
  import { standingCourse } from '../../core/case';
  import MixBefore from './MixBefore.svelte';
  import { getSheet } from './sheet.svelte';
  import type { StopProps, Tool } from './stop-props';
  const { dayText, manner, numberText, quantityText, rateText } = getShow();

  interface Props {
    equipment: readonly Tool[];
    label: CardInUse;
    person: string;
    sharedTank: StopProps['sharedTank'];
  }
  let { equipment, label, person, sharedTank: SharedTank }: Props = $props();
  const sheet = getSheet();
  const errorFor = getErrors();
  const use = $derived(label.use);
  const start = untrack(() => sheet.facts.stops.mix);
  const own = untrack(() => label.use.rate);
  /** A dilution that does not say how much of it goes where. */
  const makes = untrack(() => own.basis === 'mix' && (!label.use.carrier || (start?.make ?? null) !== null));
  /** A hose-end jug counts as a tank of what it makes. */
  const tanks = untrack(() =>
    equipment.flatMap((tool) => {
      const { jug } = tool.proven;
      if (tool.kind === 'tank') return [tool];
      return tool.kind === 'hose-end' && jug ? [{ ...tool, size: jug.value, unit: String(jug.unit) }] : [];
    }),
  );
  const measures = untrack(() => equipment.filter((tool) => tool.kind === 'measure'));
  /** The finest tool that measures what the label counts in. */
  const firstMeasure = measures.filter((m) => m.unit === own.unit).sort((a, b) => a.size - b.size)[0];
  let before = own as { min: number; max: number };
  let rate = $state<number>(start?.rate ?? own.min);
  let tank = $state({
    name: start?.tankName ?? tanks[0]?.name ?? '',
    size: start?.tank?.value ?? tanks[0]?.size ?? '',
    unit: String(start?.tank?.unit ?? tanks[0]?.unit ?? 'l'),
    mark: (start ? start.tankMark : tanks[0]?.marks) ?? '',
  });
  let measure = $state({
    name: start?.measureName ?? firstMeasure?.name ?? '',
    size: start?.step?.value ?? firstMeasure?.size ?? '',
    unit: String(start?.step?.unit ?? own.unit),
    holds: (start ? start.holds?.value : firstMeasure?.holds) ?? '',
  });
  /** It goes into the tank of another treatment: then it has none of its own. */
  let shares = $state(untrack(() => (start?.shared ?? null) !== null));
  // Another step of the label brings another range: the rate moves to its nearer end.
  $effect(() => {
    const { min, max } = use.rate;
    untrack(() => {
      if (rate >= before.min && rate <= before.max && (rate < min || rate > max)) {
        rate = rate < min ? min : max;
        again();
      }
      before = { min, max };
    });
  });
  onMount(() => {
    const amount = (size: number | string, unit: string): Quantity | null =>
      typeof size === 'number' ? { value: size, unit: unit as Unit } : null;
    sheet.assume('mix', {
      rate: own.min,
      severity: null,
      tankName: liquid ? tank.name : '',
      tank: liquid ? amount(tank.size, tank.unit) : null,
      tankMark: liquid && typeof tank.mark === 'number' ? tank.mark : null,
      measureName: measured ? measure.name : '',
      step: measured ? amount(measure.size, measure.unit) : null,
      holds: measured ? amount(measure.holds, measure.unit) : null,
      before: 'clean',
      carriedOn: null,
      carryOver: null,
      split: 'fill',
      lot: lots.find(isGood)?.lot ?? null,
    });
  });
  let split = $state<string>(start?.split ?? 'fill');
  let root: HTMLElement;
  /** Fields set by a choice of tool are there after the next update only. */
  const again = (): void => {
    const form = root.closest('form');
    setTimeout(() => form && void sheet.propose('mix', form));
  };
  const tankOf = (name: string): typeof tank => {
    const tool = tanks.find((t) => t.name === name);
    again();
    return tool
      ? { name, size: tool.size, unit: tool.unit, mark: tool.marks ?? '' }
      : { ...tank, name: '', mark: '' };
  };
  const measureOf = (name: string): typeof measure => {
    const tool = measures.find((t) => t.name === name);
    again();
    return tool
      ? { name, size: tool.size, unit: tool.unit, holds: tool.holds ?? '' }
      : { ...measure, name: '' };
  };
  const liquid = $derived(use.carrier !== null);
  /** Living packs are not measured out. */
  const measured = $derived(label.form !== 'nematodes');
  const calibrated = $derived(tanks.find((t) => t.name === tank.name));
  const withOther = (tools: readonly Tool[]) => [
    ...tools.map((t) => ({ value: t.name, name: t.name })),
    { value: '', name: 'another' },
  ];
  const lots = $derived(sheet.view.chosen?.containers ?? []);
  const isGood = (lot: (typeof lots)[number]): boolean => usable(lot, sheet.facts.today);
</script>

<div bind:this={root} class="pt-1 pb-3 px-0">
  {#if use.severities.length > 0}
    <div class="fields mb-4">
      <Choice
        label="How bad it is"
        name="severity"
        value={start?.severity ?? ''}
        items={[
          { value: '', name: 'the label’s general rate' },
          ...use.severities.map((value) => ({ value, name: value })),
        ]}
        width="14rem"
        onchange={again}
      />
    </div>
  {/if}
  {#if makes}
    <div class="fields">
      <Amount
        label="Mix to make"
        name="make"
        value={start?.make?.value ?? ''}
        unit={start?.make?.unit ?? (manner.units === 'us' ? 'gal' : 'l')}
        units={['l', 'ml', 'gal', 'quart', 'floz']}
        hint="the label tells the strength, and not how much goes where"
      />
    </div>
  {/if}
  <div class="max-w-[34rem] mb-4">
    <label class="field-label" for="f-rate">
      Rate, label {numberText(use.rate.min)} to {rateText(use.rate.max, use.rate.unit, use.rate.per)}
    </label>
    <div class="pair flex items-center gap-2.5">
      {#if use.rate.max > use.rate.min}
        <span class="small">{numberText(use.rate.min)}</span>
        <input
          type="range"
          min={use.rate.min}
          max={use.rate.max}
          step={use.rate.max > 10 ? 1 : 0.01}
          value={rate}
          oninput={(event) => {
            rate = event.currentTarget.valueAsNumber;
            again();
          }}
          aria-label="Rate between the label’s least and most"
        />
        <span class="small">{numberText(use.rate.max)}</span>
      {/if}
      <span class="w-[6rem]"
        ><NumberInput
          id="f-rate"
          name="rate"
          unit={use.rate.unit}
          value={rate}
          invalid={errorFor('rate') !== undefined}
          onnumber={(n) => n !== null && (rate = n)}
        /></span
      >
      <span>{unitText(use.rate.unit)}</span>
    </div>
    {#if errorFor('rate')}<p class="field-error">{errorFor('rate')}</p>{/if}
  </div>
  <div class="fields">
    {#if liquid && shares}
      <input type="hidden" name="tankName" value="" />
      <input type="hidden" name="split" value="fill" />
    {:else if liquid}
      {#if tanks.length > 0}
        <Choice
          label="Tank"
          name="tankName"
          value={tank.name}
          items={withOther(tanks)}
          width="12rem"
          hint={calibrated
            ? calibrated.calibratedOn
              ? `calibrated ${dayText(calibrated.calibratedOn, sheet.facts.today)}`
              : 'never calibrated'
            : undefined}
          onchange={(name) => (tank = tankOf(name))}
        />
      {:else}
        <Field label="Tank" name="tankName" value={tank.name} width="12rem" />
      {/if}
      {#key tank.name}
        <Amount
          label="It holds"
          name="tank"
          value={tank.size}
          unit={tank.unit}
          units={['l', 'ml', 'gal', 'quart', 'gal_uk']}
        />
        <NumberField
          label="Its marks are every"
          name="tankMark"
          value={tank.mark}
          width="9rem"
          hint="in the tank’s unit; blank: as usual"
        />
      {/key}
      <Choice
        label="Loads"
        name="split"
        value={start?.split ?? 'fill'}
        items={[
          { value: 'fill', name: 'full, then the rest' },
          { value: 'equal', name: 'equal' },
          { value: 'marks', name: 'as few measures as possible' },
        ]}
        width="16rem"
        hint={split === 'marks' && sheet.facts.stops.mix?.carryOver
          ? 'full loads here: something is left in the tank'
          : undefined}
        onchange={(value) => (split = value)}
      />
    {:else}<input type="hidden" name="split" value="fill" />{/if}
    {#if !measured}
      {#if use.more?.stockLitres}
        <Choice
          label="Packs"
          name="packs"
          value={start?.packs ?? 'whole'}
          items={[
            { value: 'whole', name: 'whole ones' },
            { value: 'exact', name: 'just what is needed' },
          ]}
          width="13rem"
          hint="an opened pack does not keep"
        />
      {/if}
      <Tick
        label="Half now, the other half one to two weeks later"
        name="half"
        checked={start?.half ?? false}
      />
    {/if}
    {#if measured}
      {#if measures.length > 0}
        <Choice
          label={liquid ? 'Measure' : 'Scale'}
          name="measureName"
          value={measure.name}
          items={withOther(measures)}
          width="11rem"
          onchange={(name) => (measure = measureOf(name))}
        />
      {:else}
        <Field label="Measure" name="measureName" value={measure.name} width="11rem" />
      {/if}
      {#key measure.name}
        <Amount
          label="Smallest mark"
          name="step"
          value={measure.size}
          unit={measure.unit}
          units={['ml', 'floz', 'tsp', 'tbsp', 'g', 'kg', 'oz', 'lb']}
        />
        <NumberField
          label="Full, it holds"
          name="holds.value"
          value={measure.holds}
          after={unitText(measure.unit as Unit)}
          width="9rem"
        />
        <input type="hidden" name="holds.unit" value={measure.unit} />
      {/key}
    {/if}
    {#if lots.length > 0}
      <Choice
        label="Lot"
        name="lot"
        value={start?.lot ?? lots.find(isGood)?.lot ?? ''}
        items={lots.map((c) => ({
          value: c.lot,
          name: `${c.lot}, ${quantityText(c.left)} left${isGood(c) ? '' : ', not usable'}`,
        }))}
        width="15rem"
      />
    {:else}<input type="hidden" name="lot" value="" />{/if}
  </div>
  {#if liquid}
    {#if !shares}<MixBefore unit={use.rate.unit} />{/if}
    {#if SharedTank && standingCourse(sheet.facts).length > 1}
      <SharedTank
        {person}
        onchange={(now) => {
          shares = now;
          again();
        }}
      />
    {/if}
  {/if}
</div>

<style>
  .pair input[type='range'] {
    flex: 1;
    min-width: 5rem;
    accent-color: var(--petrol);
    height: 2.5rem;
  }
</style>
