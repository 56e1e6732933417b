<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { boxOf, type Point } from '../../core/geometry';
  import {
    isPlace,
    middleOf,
    outlineOf,
    type Mark,
    type PlanSummary,
    type Zone,
    type ZoneKind,
  } from '../../core/plan';
  import { layerText, ZONE_WORDS } from '../../words';
  import { fillOf } from '../../words/plan-drawing';
  import { getShow } from '../parts/show';
  import type { PlanEditor } from './editor.svelte';
  import { SheetHands } from './hands.svelte';
  import SheetHeld from './SheetHeld.svelte';
  import SheetMarks from './SheetMarks.svelte';
  import SheetNames from './SheetNames.svelte';
  import { steady } from './steady';
  import { SheetView } from './view.svelte';
  import ZoneShape from './ZoneShape.svelte';

  interface Props {
    editor: PlanEditor;
    view: SheetView;
    summary: PlanSummary | null;
    may: boolean;
    /** Of pictures: where their bytes are. */
    pictures: string;
    /** A point was laid down. */
    lay: (at: Point) => void;
  }
  let { editor, view, summary, may, pictures, lay }: Props = $props();
  const show = getShow();
  const hands = untrack(
    () =>
      new SheetHands(
        editor,
        view,
        () => may,
        (at) => lay(at),
      ),
  );

  /** Names of places stand only where there is room between them. */
  const PLACE_NAMES_FROM = 14;
  /** What is looked at where nothing was drawn yet, in metres. */
  const EMPTY = { minX: 0, minY: 0, maxX: 20, maxY: 14 };
  let svg: SVGSVGElement;
  const [keepGround, keepPlaces, keepKinds, keepMarks] = [
    steady<Zone>(),
    steady<Zone>(),
    steady<ZoneKind>(),
    steady<Mark>(),
  ];
  const zones = $derived(editor.zones);
  const ground = $derived(keepGround(zones.filter((zone) => !isPlace(zone))));
  const places = $derived(keepPlaces(zones.filter(isPlace)));
  const kinds = $derived(keepKinds([...new Set(ground.map((zone) => zone.kind))]));
  const marks = $derived(keepMarks(editor.plan.marks.filter((mark) => mark.layer === editor.layer)));
  const areas = $derived(new Map(summary?.zones.map((zone) => [zone.id, zone.areaM2])));
  // By themselves, so that a corner that is dragged does not ask every zone again whether it is the chosen one.
  const oneId = $derived(editor.one?.id ?? null);
  const chosen = $derived(new Set(editor.selected));

  onMount(() =>
    view.attach(
      svg,
      (event) =>
        editor.mode === 'look' &&
        !(event.target as Element).closest('[data-hold]') &&
        !(event as MouseEvent).button,
    ),
  );

  /** Brings everything of the layer into view. */
  export function fit(): void {
    const rings = zones.flatMap((zone) =>
      isPlace(zone) ? [[middleOf(zone.shape)]] : outlineOf(zone.shape).rings,
    );
    const all = marks.length > 0 ? [...rings, marks.map((mark) => mark.at)] : rings;
    view.fit(all.length > 0 ? boxOf(all) : EMPTY);
  }
  // Another layer is looked at as a whole.
  $effect(() => {
    void editor.layer;
    untrack(() => requestAnimationFrame(fit));
  });

  const label = (zone: Zone): string => {
    const area = areas.get(zone.id);
    return `${zone.name}, ${ZONE_WORDS[zone.kind]}${area ? `, ${show.areaText(area)}` : ''}`;
  };
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
  bind:this={svg}
  class:drawing={editor.mode !== 'look'}
  role="group"
  aria-label="Plan, {layerText(editor.layer)}, {zones.length} zones"
  onpointerdown={hands.press}
  onpointermove={hands.drag}
  onpointerup={hands.release}
  onclick={hands.choose}
>
  <defs>
    {#each kinds as kind (kind)}
      {@const fill = fillOf(kind)}
      <pattern
        id="fill-{kind}"
        width={fill.size}
        height={fill.size}
        patternUnits="userSpaceOnUse"
        patternTransform="scale({1 / view.k})"
      >
        <rect width={fill.size} height={fill.size} fill={fill.wash} />
        <path d={fill.path} fill="none" stroke={fill.line} stroke-linecap="round" />
      </pattern>
    {/each}
    <pattern
      id="grid"
      width={view.gridM * view.k}
      height={view.gridM * view.k}
      x={view.x}
      y={view.y}
      patternUnits="userSpaceOnUse"
      ><path
        d="M{view.gridM * view.k} 0H0V{view.gridM * view.k}"
        fill="none"
        stroke="var(--rule)"
        stroke-width="0.6"
      /></pattern
    >
  </defs>
  <rect width="100%" height="100%" fill="var(--field)" />
  {#if editor.plan.underlay && editor.layer === 'outside'}
    {@const u = editor.plan.underlay}
    {@const [px, py] = view.toPage(u.at)}
    <image
      href="{pictures}/{u.picture}"
      x={px}
      y={py - u.width * u.ratio * view.k}
      width={u.width * view.k}
      height={u.width * u.ratio * view.k}
      opacity={u.strength}
      preserveAspectRatio="none"
      transform="rotate({-u.turn} {px} {py})"
    />
  {/if}
  <rect width="100%" height="100%" fill="url(#grid)" pointer-events="none" />
  <g transform="translate({view.x} {view.y}) scale({view.k})">
    {#each ground as zone (zone.id)}
      <ZoneShape
        {zone}
        label={label(zone)}
        chosen={chosen.has(zone.id)}
        k={view.k}
        hold={may && oneId === zone.id}
        onkeydown={(event) => hands.zoneKey(event, zone)}
      />
    {/each}
  </g>
  {#each places as zone (zone.id)}
    {@const [x, y] = view.toPage(middleOf(zone.shape))}
    <g
      data-zone={zone.id}
      data-hold={may && oneId === zone.id ? '' : undefined}
      role="button"
      tabindex="0"
      aria-label={label(zone)}
      aria-pressed={chosen.has(zone.id)}
      onkeydown={(event) => hands.zoneKey(event, zone)}
      class="place"
      class:chosen={chosen.has(zone.id)}
    >
      <circle cx={x} cy={y} r="14" fill="transparent" />
      <path d="M{x} {y - 7}L{x + 7} {y}L{x} {y + 7}L{x - 7} {y}Z" />
      {#if view.k > PLACE_NAMES_FROM || chosen.has(zone.id)}<text {x} y={y - 11}>{zone.name}</text>{/if}
      <title>{zone.name}</title>
    </g>
  {/each}
  <SheetNames zones={ground} {marks} {summary} {view} />
  <SheetMarks {marks} {view} />
  <SheetHeld {editor} {hands} {view} {may} />
  <g transform="translate(16 {view.h - 18})" pointer-events="none">
    <path d="M0-6V0H{view.barM * view.k}V-6" fill="none" stroke="var(--ink)" stroke-width="2" />
    <text x={view.barM * view.k + 8} y="1">{show.lengthText(view.barM)}</text>
  </g>
  <g transform="translate({view.w - 30} {view.h - 34}) rotate({editor.plan.north})" pointer-events="none">
    <path d="M0-20L6 8L0 3L-6 8Z" fill="var(--ink)" />
    <text y="24" text-anchor="middle" transform="rotate({-editor.plan.north})">N</text>
  </g>
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    flex: 1;
    min-height: 0;
    touch-action: none;
    border: 1px solid var(--ink);
    border-radius: 4px;
    user-select: none;
  }
  svg.drawing {
    cursor: crosshair;
  }
  svg :global(text) {
    font-size: 13px;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--field);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .place text {
    text-anchor: middle;
  }
  .place path {
    fill: var(--paper);
    stroke: var(--ink);
    stroke-width: 2;
  }
  .place.chosen path {
    fill: var(--petrol);
  }
  g:focus-visible {
    outline: 3px solid var(--saffron);
  }
</style>
