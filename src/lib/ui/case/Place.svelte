<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { onMount, untrack } from 'svelte';
  import { getShow } from '../parts/show';
  import { bandMeasured } from '../../core/case';
  import { goesByArea, type MethodId } from '../../core/method';
  import { inHandyUnit, valueIn, type Quantity } from '../../core/units';
  import { groundText, HOW_PLACED, placesText } from '../../words';
  import GroundPlan from '../drawings/GroundPlan.svelte';
  import Choice from '../parts/Choice.svelte';
  import Fold from '../parts/Fold.svelte';
  import Reading from '../parts/Reading.svelte';
  import Working from './Working.svelte';
  import Progress from './Progress.svelte';
  import { getSheet } from './sheet.svelte';
  import type { StopProps } from './stop-props';
  const show = getShow();
  const { numberText, quantityText } = show;

  let { swathM }: StopProps = $props();
  const DEFAULT_SWATH_M = 1.5;
  /** What comes out is measured over so long a walk. */
  const overM = show.manner.units === 'us' ? valueIn({ value: 30, unit: 'ft' }, 'm') : 10;
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const noun = $derived(view.method?.noun ?? 'spot');
  const laned = $derived(
    !view.method || view.method.placing === 'lanes' || view.method.placing === 'crossed',
  );
  /** Held against the area done, load by load or pass by pass; what goes down place by place or by nights is not. */
  const byArea = $derived(!view.method || goesByArea(view.method));
  /** On the plan the lanes have a true direction; a taped rectangle has its length. */
  const drawn = $derived(sheet.facts.stops.measure?.how === 'plan');
  const usual = $derived(drawn ? 'auto' : 0);
  const directions = $derived(
    drawn
      ? [
          { value: 'auto', name: 'with the fewest lanes' },
          ...[0, 45, 90, 135].map((degrees) => ({
            value: String(degrees),
            name: degrees === 0 ? 'across the plan' : degrees === 90 ? 'up the plan' : `at ${degrees}°`,
          })),
        ]
      : [
          { value: '0', name: 'along the length' },
          { value: '90', name: 'across it' },
        ],
  );
  const start = untrack(() => sheet.facts.stops.place);
  onMount(() => {
    if (view.label)
      sheet.assume('place', {
        swathM: swathM ?? DEFAULT_SWATH_M,
        overlap: 0,
        direction: usual,
        start: 'this-end',
      });
  });
  const halted = $derived(view.halts.length > 0);
  const place = $derived(sheet.facts.stops.place);
  /** Things are whole: what would be a part of one is one. */
  const inAll = (amount: Quantity): string =>
    amount.unit === 'count'
      ? placesText(numberText(Math.ceil(amount.value - 1e-9)), Math.ceil(amount.value - 1e-9) !== 1, noun)
      : `${quantityText(amount)} in all`;
  /** The settings of the lanes as they stand, so that the fold need not be opened to read them. */
  const lanesSay = $derived(
    `Swath, overlap, direction: ${show.lengthText(place?.swathM ?? swathM ?? DEFAULT_SWATH_M)}, ${
      place?.overlap ? `${numberText(place.overlap * 100)} % overlap` : 'no overlap'
    }${place?.edges === 'trim' ? ', once round the edge first' : ''}, ${directions.find(({ value }) => value === String(place?.direction ?? usual))?.name ?? ''}`,
  );
  const along = $derived(bandMeasured(sheet.facts.stops.measure));
  const pouring = $derived(view.dose?.finished ?? view.dose?.product ?? null);
</script>

{#snippet figure(method: MethodId)}
  {#await import('../drawings/MethodFigure.svelte') then { default: MethodFigure }}
    <MethodFigure {method} {...along} />
  {/await}
{/snippet}

{#if view.nothing}
  <p>Nothing is put down, so nothing is placed.</p>
{:else if !view.label && !halted}
  <p class="soft">Choose a remedy first: its form decides how it is put down.</p>
{:else}
  {#if !halted && view.label?.use.instruction}
    <p class="mt-5 mb-1.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline">
      <span class="figure">“{view.label.use.instruction}”</span>
    </p>
  {/if}
  {#if halted}
    <p class="border-2 border-brick bg-brick-wash p-4 my-5 mx-0">
      <span class="figure">Nothing is placed while a Halt is open.</span> What has to be settled stands above.
    </p>
  {:else if !view.lawn}
    <p class="soft">
      {laned
        ? 'The lanes are drawn once the area is measured.'
        : 'Measure first what is treated, and it is listed here.'}
    </p>
  {:else if view.points && !laned}
    {@const { points } = view}
    <p class="mt-5 mb-1.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline">
      <span class="figure text-[1.3rem]">{groundText(view.lawn, noun, show)}</span>
      {#if points.each && points.each.unit !== 'count'}<span class="figure"
          >{quantityText(points.each)} at each</span
        >{/if}
    </p>
    {#if points.grid && points.grid.at.length > 0}
      <GroundPlan
        rings={view.lawn.rings}
        sides={[points.grid.lengthM, points.grid.widthM]}
        points={points.grid.at}
        label="{numberText(points.grid.rows)} rows of {numberText(
          points.grid.columns,
        )} points, {show.lengthText(points.grid.spacingM)} apart"
      />
      <p class="soft small">
        {numberText(points.grid.rows)} rows of {numberText(points.grid.columns)}, {show.lengthText(
          points.grid.spacingM,
        )} from point to point, walked to and fro.
      </p>
    {/if}
    {#if points.kinds.length > 0}
      <ol class="kinds list-none p-0 my-2.5 mx-0 border-t border-t-rule">
        {#each points.kinds as { kind, count }, i (i)}
          <li>
            <span>{kind}</span>
            <span class="figure">{placesText(numberText(count), count !== 1, noun)}</span>
            {#if points.each && points.each.unit !== 'count'}<span class="figure"
                >{quantityText({ value: points.each.value * count, unit: points.each.unit })}</span
              >{/if}
          </li>
        {/each}
      </ol>
    {/if}
    {#if sheet.facts.stops.measure?.plan}<p>
        <a href={resolve('/properties/[id]/plan', { id: String(page.data.propertyId) })}
          >See them on the plan</a
        >
      </p>{/if}
    {#if view.method}<p class="soft small">{HOW_PLACED[view.method.id]}</p>
      {#if !points.grid}{@render figure(view.method.id)}{/if}{/if}
  {:else if !laned || view.lawn.rings.length === 0}
    <p class="mt-5 mb-1.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline">
      <span class="figure text-[1.3rem]">{groundText(view.lawn, noun, show)}</span>
      {#if pouring}<span class="figure">{inAll(pouring)}</span>{/if}
    </p>
    <p class="soft">
      {#if view.method && !laned}{HOW_PLACED[view.method.id]}
      {:else if sheet.facts.stops.measure?.plan}The lanes are drawn over the true shape once Measure is saved.
      {:else}Of this ground the area is known and no shape: go over it in even passes, and compare what is
        left with the quarters below.{/if}
    </p>
    {#if view.method && !laned}{@render figure(view.method.id)}{/if}
    {#if pouring && byArea}
      <dl class="quarters flex flex-wrap gap-y-1.5 gap-x-8 my-2.5 mx-0">
        {#each [1, 2, 3] as quarter (quarter)}
          <div>
            <dt>{quarter * 25} % done</dt>
            <dd class="figure">
              {quantityText({ value: pouring.value * (1 - quarter / 4), unit: pouring.unit })} left
            </dd>
          </div>
        {/each}
      </dl>
    {/if}
    {#if pouring && byArea && view.lawn.area.value > 0}<Progress
        area={view.lawn.area}
        started={pouring}
      />{/if}
  {:else}
    {@const lawn = view.lawn}
    {#if view.lanes && place}
      <p class="mt-5 mb-1.5 mx-0 flex gap-y-1 gap-x-3 flex-wrap items-baseline" aria-live="polite">
        <span class="figure text-[1.3rem]"
          >{view.lanes.trimLength > 0
            ? `Once round the edge, ${show.lengthText(view.lanes.trimLength)}, then `
            : ''}{numberText(view.lanes.lineCount)}
          {view.lanes.lineCount === 1 ? 'lane' : 'lanes'}{view.crossed
            ? `, then ${numberText(view.crossed.lineCount)} across`
            : ''}, {show.lengthText(view.lanes.pathLength + (view.crossed?.pathLength ?? 0))} to walk</span
        >
        <span class="soft"
          >about {view.minutesOnLawn} min{view.lanes.lineCount > 1
            ? `; lines ${show.lengthText(view.lanes.spacing)} apart`
            : ''}; {numberText(view.lanes.coveredPct)} % under a pass{view.lanes.doubledPct >= 0.1
            ? `, ${numberText(view.lanes.doubledPct)} % under two`
            : ''}{view.lanes.overPct >= 0.1
            ? `, ${numberText(view.lanes.overPct)} % over the edge`
            : ''}</span
        >
      </p>
      {#if view.perMetre && pouring}
        <p class="out">
          <span class="figure"
            >{quantityText(inHandyUnit({ value: view.perMetre.value * overM, unit: view.perMetre.unit }))} over
            {show.lengthText(overM)} of walk</span
          >
          puts down {quantityText(pouring)} in all, with the lanes as they lie{view.crossed
            ? ', both passes together'
            : ''}.
        </p>
      {/if}
      <Working name="lanes" />
    {:else}<p class="soft">Type the swath, and the lanes are drawn.</p>{/if}
    <GroundPlan
      rings={lawn.rings}
      stripM={lawn.stripM}
      sides={sheet.facts.stops.measure?.plan ? null : [lawn.lengthM, lawn.widthM]}
      water={sheet.facts.property.byWater}
      lanes={view.lanes}
      crossed={view.crossed}
      swathM={place?.swathM ?? 0}
      marks={view.marks}
      refills={view.refills}
      flip={place?.start === 'far-end' && !sheet.facts.stops.measure?.plan}
      label="What is treated{view.lanes ? `, with ${view.lanes.lineCount} lanes` : ''}"
    />
    <p class="soft small">
      S is the start.{view.refills.length > 0 ? ' A triangle: the next load is fetched.' : ''} At each mark the
      tank is compared with the area done. Walk backwards from water and doors; shut off at the turn.
    </p>
    {#if pouring}<Progress area={lawn.area} started={pouring} />{/if}
  {/if}
  {#if laned}
    <Fold open={start === undefined} says={lanesSay} class="mt-3">
      <div class="fields">
        <Reading
          label="Swath"
          name="swathM"
          measure="length"
          value={start?.swathM ?? swathM ?? DEFAULT_SWATH_M}
          width="7rem"
        />
        <Choice
          label="Overlap"
          name="overlap"
          value={String(start?.overlap ?? 0)}
          items={[
            { value: '0', name: 'none' },
            { value: '0.1', name: '10 %' },
            { value: '0.25', name: '25 %' },
            { value: '0.5', name: '50 %' },
          ]}
          width="7rem"
        />
        <Choice
          label="Lanes run"
          name="direction"
          value={String(start?.direction ?? usual)}
          items={directions}
          width="13rem"
        />
        <Choice
          label="At the edges"
          name="edges"
          value={start?.edges ?? 'cover'}
          items={[
            { value: 'cover', name: 'cover all of it' },
            { value: 'keep-in', name: 'never over the edge' },
            { value: 'trim', name: 'once round the edge first' },
          ]}
          width="14rem"
        />
        <Choice
          label="Start"
          name="start"
          value={start?.start ?? 'this-end'}
          items={[
            { value: 'this-end', name: 'left end' },
            { value: 'far-end', name: 'right end' },
          ]}
          width="8.5rem"
        />
      </div>
    </Fold>
  {:else}
    <input type="hidden" name="swathM" value={start?.swathM ?? swathM ?? DEFAULT_SWATH_M} />
    <input type="hidden" name="overlap" value={start?.overlap ?? 0} />
    <input type="hidden" name="direction" value={start?.direction ?? 0} />
    <input type="hidden" name="start" value={start?.start ?? 'this-end'} />
  {/if}
{/if}

<style>
  .kinds li {
    display: grid;
    grid-template-columns: 1fr auto 6rem;
    gap: 1rem;
    padding: 0.5rem 0;
    border-bottom: 1px solid var(--rule);
  }
  .kinds li > :last-child {
    text-align: right;
  }
  .quarters dt {
    color: var(--soft);
  }
</style>
