<script lang="ts">
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { onMount, untrack } from 'svelte';
  import { getShow } from '../parts/show';
  import LawnPlan from '../drawings/LawnPlan.svelte';
  import Choice from '../parts/Choice.svelte';
  import Reading from '../parts/Reading.svelte';
  import Working from './Working.svelte';
  import Progress from './Progress.svelte';
  import { getSheet } from './sheet.svelte';
  import type { StopProps } from './stop-props';
  const show = getShow();

  let { swathM }: StopProps = $props();
  const DEFAULT_SWATH_M = 1.5;
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.place);
  onMount(() => {
    if (view.label)
      sheet.assume('place', {
        swathM: swathM ?? DEFAULT_SWATH_M,
        overlap: 0,
        direction: 0,
        start: 'this-end',
      });
  });
  const halted = $derived(view.halts.length > 0);
  const place = $derived(sheet.facts.stops.place);
  const pouring = $derived(view.dose?.finished ?? view.dose?.product ?? null);
</script>

{#if view.nothing}
  <p>Nothing is put down, so nothing is placed.</p>
{:else if !view.label && !halted}
  <p class="soft">Choose a remedy first: its form decides how it is put down.</p>
{:else}
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
      value={String(start?.direction ?? 0)}
      items={[
        { value: '0', name: 'along the length' },
        { value: '90', name: 'across it' },
      ]}
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
  {#if halted}
    <p class="no-amount">
      <span class="figure">Nothing is placed while a Halt is open.</span> What has to be settled stands above.
    </p>
  {:else if !view.lawn}
    <p class="soft">The lanes are drawn once the area is measured.</p>
  {:else if view.lawn.area.value === 0}
    <p class="sum">
      <span class="figure big">{show.numberText(view.lawn.counted.places)} places, no lanes</span>
      <a href={resolve('/properties/[id]/plan', { id: String(page.data.propertyId) })}>See them on the plan</a
      >
    </p>
    <p class="soft small">
      Out of the reach of children and pets; not where food is laid. Note at Log what each place got.
    </p>
  {:else}
    {@const lawn = view.lawn}
    {#if view.lanes && place}
      <p class="sum" aria-live="polite">
        <span class="figure big"
          >{view.lanes.lanes.length}
          {view.lanes.lanes.length === 1 ? 'lane' : 'lanes'}, {show.lengthText(view.lanes.pathM)} to walk</span
        >
        <span class="soft"
          >about {view.minutesOnLawn} min; lines {show.lengthText(view.lanes.spacingM)} apart</span
        >
      </p>
      <Working name="lanes" />
    {:else}<p class="soft">Type the swath, and the lanes are drawn.</p>{/if}
    <LawnPlan
      lengthM={lawn.lengthM}
      widthM={lawn.widthM}
      stripM={lawn.stripM}
      water={sheet.facts.property.byWater}
      lanes={view.lanes}
      swathM={place?.swathM ?? 0}
      checkpoints={view.checkpoints}
      flip={place?.start === 'far-end'}
    />
    <p class="soft small">
      S is the start. At each mark the tank is compared with the area done. Walk backwards from water and
      doors; shut off at the turn.
    </p>
    {#if sheet.facts.stops.measure?.plan}<p class="small">
        Lanes are laid in the smallest rectangle around what is treated; shut off where it ends sooner.
      </p>{/if}
    {#if pouring}<Progress area={lawn.area} started={pouring} />{/if}
  {/if}
{/if}

<style>
  .no-amount {
    border: 2px solid var(--brick);
    background: var(--brick-wash);
    padding: 1rem;
    margin: 1.2rem 0;
  }
  .sum {
    margin: 1.2rem 0 0.4rem;
    display: flex;
    gap: 0.2rem 0.8rem;
    flex-wrap: wrap;
    align-items: baseline;
  }
  .big {
    font-size: 1.3rem;
  }
</style>
