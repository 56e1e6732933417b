<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { onMount, tick, untrack } from 'svelte';
  import type { OnPlan } from '../../core/case';
  import { boxOf } from '../../core/geometry';
  import {
    EMPTY_PLAN,
    isPlace,
    measureOnPlan,
    middleOf,
    outlineOf,
    type Layer,
    type Plan,
    type Zone,
  } from '../../core/plan';
  import { layerText, ZONE_WORDS } from '../../words';
  import { fillOf, pathText } from '../../words/plan-drawing';
  import LengthField from '../parts/LengthField.svelte';
  import { getShow } from '../parts/show';

  /** What of the property's plan is treated: zones ticked, margins kept off, and the ground that is left. */
  interface Props {
    start: OnPlan | null;
    /** The fields have changed by themselves. */
    again: (form: HTMLFormElement) => void;
  }
  let { start, again }: Props = $props();
  const show = getShow();
  const propertyId = String(untrack(() => page.data.propertyId));
  let plan = $state.raw<Plan>(EMPTY_PLAN);
  let reading = $state<'reading' | 'read' | 'no'>('reading');
  let zones = $state.raw<readonly string[]>(untrack(() => start?.zones ?? []));
  let keepOff = $state.raw({
    ...untrack(() => ({
      waterM: start?.waterM ?? 0,
      hardM: start?.hardM ?? 0,
      ediblesM: start?.ediblesM ?? 0,
    })),
  });
  const buildings = $derived(
    plan.zones.filter((zone) => zone.kind === 'building' && zones.includes(zone.id)),
  );
  let along = $state.raw({
    ...untrack(() => ({
      upM: start?.upM ?? 0,
      outM: start?.outM ?? 0,
      wallAboveHard: start?.wallAboveHard ?? false,
    })),
  });
  const band = $derived(along.upM > 0 || along.outM > 0 ? along : null);
  let root: HTMLElement;
  const measured = $derived(measureOnPlan(plan, zones, keepOff, band));
  const layers = $derived([...new Set(plan.zones.map((zone) => zone.layer))]);
  const seen = $derived<Layer>(plan.zones.find((zone) => zones.includes(zone.id))?.layer ?? 'outside');
  const drawn = $derived(plan.zones.filter((zone) => zone.layer === seen));
  const box = $derived.by(() => {
    const places = drawn.flatMap((zone) =>
      isPlace(zone) ? [middleOf(zone.shape)] : outlineOf(zone.shape).rings.flat(),
    );
    return places.length > 0 ? boxOf([places]) : { minX: 0, minY: 0, maxX: 10, maxY: 6 };
  });
  const k = $derived(
    Math.min(600 / Math.max(1, box.maxX - box.minX), 280 / Math.max(1, box.maxY - box.minY)),
  );
  const WORKED = [
    ...([
      'areaM2',
      'lowM2',
      'highM2',
      'keptOffM2',
      'lengthM',
      'widthM',
      'places',
      'edgeM',
      'volumeM3',
    ] as const),
  ];
  const groupsOf = (layer: Layer): readonly Zone[] => plan.zones.filter((zone) => zone.layer === layer);

  onMount(async () => {
    const answer = await fetch(`/properties/${propertyId}/plan/save?after=-1`).catch(() => null);
    const said = answer?.ok ? ((await answer.json().catch(() => null)) as { plan?: Plan } | null) : null;
    if (said?.plan) plan = said.plan;
    reading = said?.plan ? 'read' : 'no';
    if (zones.length > 0) void tell();
  });
  /** The figures come after the tick: the case is told once they stand in their fields. */
  async function tell(): Promise<void> {
    await tick();
    const form = root.closest('form');
    if (form) again(form);
  }
  function pick(id: string, on: boolean): void {
    zones = on ? [...zones, id] : zones.filter((other) => other !== id);
    void tell();
  }
  function walls(by: Partial<typeof along>): void {
    along = { ...along, ...by };
    void tell();
  }
  function keep(key: keyof typeof keepOff, m: number | null): void {
    keepOff = { ...keepOff, [key]: m ?? 0 };
    void tell();
  }
</script>

<div bind:this={root}>
  {#if reading === 'reading'}<p class="soft" role="status">Reading the plan …</p>
  {:else if reading === 'no'}<p class="field-error">
      The plan could not be read. Load the page again when there is a network.
    </p>
  {:else if plan.zones.length === 0}
    <p>
      This property has no plan yet. <a href={resolve('/properties/[id]/plan', { id: propertyId })}>Draw it</a
      >, by tape, by paces or over a picture; then choose here what is treated.
    </p>
  {/if}
  {#each layers as layer (layer)}
    <fieldset class="zones flex flex-wrap gap-y-0 gap-x-5 mt-4 mb-2 mx-0">
      <legend class="legend">{layerText(layer)}</legend>
      {#each groupsOf(layer) as zone (zone.id)}
        <Tick
          name="plan.zones.{zone.id}"
          checked={zones.includes(zone.id)}
          onpick={(on) => pick(zone.id, on)}
        >
          {zone.name} <span class="soft small">{ZONE_WORDS[zone.kind]}</span>
        </Tick>
      {/each}
    </fieldset>
  {/each}
  {#if plan.zones.some((zone) => zones.includes(zone.id) && zone.layer === 'outside' && !isPlace(zone))}
    <div class="fields items-end">
      {#each [['waterM', 'Keep off water'], ['hardM', 'Keep off hard ground'], ['ediblesM', 'Keep off food plants']] as const as [key, label] (key)}
        <LengthField
          {label}
          metres={keepOff[key]}
          unit={show.manner.units === 'us' ? 'ft' : 'm'}
          most={200}
          width="12rem"
          optional
          live
          onmetres={(m) => keep(key, m)}
        />
        <input type="hidden" name="plan.{key}" value={keepOff[key]} />
      {/each}
    </div>
  {/if}
  {#if buildings.length > 0}
    <div class="fields items-end">
      {#each [['upM', 'Up the wall'], ['outM', 'Out from it']] as const as [key, label] (key)}
        <LengthField
          {label}
          metres={along[key]}
          unit={show.manner.units === 'us' ? 'ft' : 'm'}
          most={10}
          width="12rem"
          optional
          live
          onmetres={(m) => walls({ [key]: m ?? 0 })}
        />
        <input type="hidden" name="plan.{key}" value={along[key]} />
      {/each}
      <Tick
        label="the label lets the wall above hard ground be treated"
        name="plan.wallAboveHard"
        checked={along.wallAboveHard}
        onpick={(on) => walls({ wallAboveHard: on })}
      />
    </div>
    <p class="soft small">
      As the label says; both empty for the running length of the walls alone. Hard ground, water and food
      plants along the walls are taken off as they are drawn.
    </p>
  {/if}
  {#each zones.length === 0 || plan.zones.length === 0 ? [] : WORKED as key (key)}<input
      type="hidden"
      name="plan.{key}"
      value={measured[key]}
    />{/each}
  <input type="hidden" name="plan.waterGapM" value={measured.waterGapM ?? ''} />
  {#if zones.length > 0 && plan.zones.length > 0}
    <p class="small">
      {#if measured.areaM2 > 0}{show.areaText(measured.areaM2)} to treat{measured.lengthM > 0
          ? `, in a rectangle of ${show.lengthText(measured.lengthM)} by ${show.lengthText(measured.widthM)}`
          : ''}.
        {#if measured.keptOffM2 > 0.01}{show.areaText(measured.keptOffM2)} kept off.{/if}
      {/if}
      {#if measured.waterGapM !== null}Water lies {show.lengthText(measured.waterGapM)} off.{/if}
      {#if measured.places > 0}{measured.places} {measured.places === 1 ? 'place' : 'places'}.{/if}
      {#if measured.edgeM > 0}{show.lengthText(measured.edgeM)} of walls.{/if}
      {#if measured.volumeM3 > 0}{show.quantityText(
          show.manner.units === 'us'
            ? { value: measured.volumeM3 / 0.028316846592, unit: 'ft3' }
            : { value: measured.volumeM3, unit: 'm3' },
        )} of voids.{/if}
      <a href={resolve('/properties/[id]/plan', { id: propertyId })}>Change the plan</a>
    </p>
    <svg
      viewBox="{box.minX * k - 12} {-box.maxY * k - 12} {(box.maxX - box.minX) * k + 24} {(box.maxY -
        box.minY) *
        k +
        24}"
      role="img"
      aria-label="The plan, with what is treated hatched"
    >
      <defs>
        {#each new Set(drawn.map((zone) => zone.kind)) as kind (kind)}
          {@const fill = fillOf(kind)}
          <pattern id="m-{kind}" width={fill.size} height={fill.size} patternUnits="userSpaceOnUse"
            ><rect width={fill.size} height={fill.size} fill={fill.wash} /><path
              d={fill.path}
              fill="none"
              stroke={fill.line}
            /></pattern
          >
        {/each}
        <pattern
          id="m-treated"
          width="9"
          height="9"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"><path d="M0 0V9" stroke="var(--petrol)" stroke-width="2.4" /></pattern
        >
      </defs>
      {#each drawn as zone (zone.id)}
        {#if isPlace(zone)}
          {@const [x, y] = middleOf(zone.shape)}
          <circle cx={x * k} cy={-y * k} r="5" class="place" class:on={zones.includes(zone.id)} />
        {:else}
          <path
            d={pathText(outlineOf(zone.shape).rings, k)}
            fill="url(#m-{zone.kind})"
            fill-rule="evenodd"
            stroke="var(--ink)"
            stroke-width={zones.includes(zone.id) ? 2.5 : 1}
          />
        {/if}
      {/each}
      <path d={pathText(measured.rings, k)} fill="url(#m-treated)" fill-rule="evenodd" />
    </svg>
  {/if}
</div>

<style>
  .zones legend {
    text-transform: none;
  }
  svg {
    width: 100%;
    max-height: 20rem;
  }
  .place {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 2;
  }
  .place.on {
    fill: var(--petrol);
  }
  p {
    margin: 0.6rem 0;
  }
</style>
