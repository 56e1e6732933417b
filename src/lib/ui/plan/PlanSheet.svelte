<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { select } from 'd3-selection';
  import { zoom, zoomIdentity, type ZoomBehavior } from 'd3-zoom';
  import { boxOf, distance, type Point } from '../../core/geometry';
  import {
    handlesOf,
    isPlace,
    middleOf,
    movedShape,
    outlineOf,
    snap,
    symbolRadius,
    withCorner,
    type PlanSummary,
    type Zone,
  } from '../../core/plan';
  import { layerText, REPAIR_WORDS, ZONE_WORDS } from '../../words';
  import { barLength, fillOf } from '../../words/plan-drawing';
  import { getShow } from '../parts/show';
  import type { PlanEditor } from './editor.svelte';
  import ZoneShape from './ZoneShape.svelte';

  interface Props {
    editor: PlanEditor;
    summary: PlanSummary | null;
    may: boolean;
    /** Of pictures: where their bytes are. */
    pictures: string;
    /** A point was laid down. */
    lay: (at: Point) => void;
  }
  let { editor, summary, may, pictures, lay }: Props = $props();
  const show = getShow();

  const STEP_M = 0.1;
  const REACH_PX = 12;
  let svg: SVGSVGElement;
  let view = $state({ k: 20, x: 60, y: 500 });
  let size = $state({ w: 800, h: 560 });
  let pointer = $state.raw<{ at: Point; on: string | null } | null>(null);
  let behaviour: ZoomBehavior<SVGSVGElement, unknown> | undefined;
  const areas = $derived(new Map(summary?.zones.map((zone) => [zone.id, zone.areaM2])));
  const labels = $derived(new Map(summary?.zones.map((zone) => [zone.id, zone.label])));
  const zones = $derived(editor.zones);
  // By themselves, so that a corner that is dragged does not ask every zone again whether it is the chosen one.
  const oneId = $derived(editor.one?.id ?? null);
  const chosen = $derived(new Set(editor.selected));
  /** Where an outline was put right. */
  const faults = $derived(
    (summary?.zones ?? []).flatMap((found) =>
      found.repairs.length > 0 && zones.some((zone) => zone.id === found.id) ? found.repairs : [],
    ),
  );
  const marks = $derived(editor.plan.marks.filter((mark) => mark.layer === editor.layer));
  const most = $derived(Math.max(0, ...marks.map((mark) => mark.readings.at(-1)?.count ?? 0)));
  const toPage = ([x, y]: readonly [number, number]): Point => [x * view.k + view.x, -y * view.k + view.y];
  const toPlan = (event: { clientX: number; clientY: number }): Point => {
    const box = svg.getBoundingClientRect();
    return [(event.clientX - box.left - view.x) / view.k, -(event.clientY - box.top - view.y) / view.k];
  };
  /** Grid lines stand at least so far apart on the screen. */
  const gridM = $derived([0.1, 0.5, 1, 5, 10, 50, 100].find((step) => step * view.k >= 14) ?? 500);
  const bar = $derived(barLength(Math.max(1, size.w / view.k)));
  const drawing = $derived(editor.mode === 'draw' || editor.mode === 'split' || editor.mode === 'cut');
  const before = $derived(editor.points[editor.points.length - 1] ?? null);
  const rubber = $derived(
    drawing && before && pointer ? { from: toPage([before[0], before[1]]), to: toPage(pointer.at) } : null,
  );

  onMount(() => {
    behaviour = zoom<SVGSVGElement, unknown>()
      .scaleExtent([0.2, 600])
      .filter(
        (event: Event) =>
          event.type === 'wheel' ||
          ('touches' in event && (event as TouchEvent).touches.length > 1) ||
          (!drawing &&
            editor.mode === 'look' &&
            !(event.target as Element).closest('[data-hold]') &&
            !(event as MouseEvent).button),
      )
      .on('zoom', ({ transform }: { transform: { k: number; x: number; y: number } }) => {
        view = { k: transform.k, x: transform.x, y: transform.y };
      });
    select(svg).call(behaviour).on('dblclick.zoom', null);
    const watch = new ResizeObserver(([entry]) => {
      if (entry) size = { w: entry.contentRect.width, h: entry.contentRect.height };
    });
    watch.observe(svg);
    requestAnimationFrame(fit);
    return () => watch.disconnect();
  });

  /** Brings everything of the layer into view. */
  export function fit(): void {
    const box = svg.getBoundingClientRect();
    const rings = zones.flatMap((zone) =>
      isPlace(zone) ? [[middleOf(zone.shape)]] : outlineOf(zone.shape).rings,
    );
    const all = [...rings, ...(marks.length > 0 ? [marks.map((mark) => mark.at)] : [])];
    const around = all.length > 0 ? boxOf(all) : { minX: 0, minY: 0, maxX: 20, maxY: 14 };
    const [wide, high] = [Math.max(2, around.maxX - around.minX), Math.max(2, around.maxY - around.minY)];
    const k = Math.min((box.width - 90) / wide, (box.height - 110) / high);
    const x = box.width / 2 - (k * (around.minX + around.maxX)) / 2;
    const y = box.height / 2 - 10 + (k * (around.minY + around.maxY)) / 2;
    moveTo(k, x, y);
  }
  function moveTo(k: number, x: number, y: number): void {
    if (behaviour) select(svg).call(behaviour.transform, zoomIdentity.translate(x, y).scale(k));
  }
  export function closer(by: number): void {
    if (behaviour) select(svg).call(behaviour.scaleBy, by);
  }
  export function shift(dx: number, dy: number): void {
    moveTo(view.k, view.x + dx, view.y + dy);
  }
  /** The middle of what is seen, on the grid. */
  export function middle(): Point {
    const step = gridM;
    const [x, y] = [(size.w / 2 - view.x) / view.k, -(size.h / 2 - view.y) / view.k];
    return [Math.round(x / step) * step, Math.round(y / step) * step];
  }

  const others = $derived(drawing ? zones : zones.filter((zone) => !editor.selected.includes(zone.id)));
  function snapped(at: Point): { at: Point; on: string | null } {
    const [last, one] = [editor.points.at(-1), editor.points.at(-2)];
    return snap(at, others, {
      ...{ reach: REACH_PX / view.k, grid: gridM / 2 },
      ...{ from: last ? [last[0], last[1]] : null, before: one ? [one[0], one[1]] : null },
    });
  }

  let held: { zone: Zone; from: Point; ring: number; corner: number; moved: boolean } | null = null;
  /** The click that ends a drag chooses nothing. */
  let dragged = false;
  function press(event: PointerEvent): void {
    dragged = false;
    if (event.button !== 0) return;
    if (drawing || editor.mode === 'mark' || editor.mode === 'scale') return;
    const target = event.target as Element;
    const handle = target.closest<SVGElement>('[data-corner]');
    const one = editor.one;
    if (handle && one && may) {
      held = {
        ...{ zone: one, from: toPlan(event), moved: false },
        ...{ ring: Number(handle.dataset.ring), corner: Number(handle.dataset.corner) },
      };
    } else if (target.closest('[data-hold]') && one && may)
      held = { zone: one, from: toPlan(event), ring: -1, corner: -1, moved: false };
    if (held) svg.setPointerCapture(event.pointerId);
  }
  function drag(event: PointerEvent): void {
    const at = toPlan(event);
    if (!held) {
      if (editor.mode !== 'look') pointer = snapped(at);
      return;
    }
    if (!held.moved && distance(at, held.from) * view.k < 3) return;
    held.moved = true;
    if (held.corner >= 0)
      editor.reshape(
        held.zone.id,
        withCorner(held.zone.shape, held.ring, held.corner, snapped(at).at),
        `drag-${held.zone.id}`,
      );
    else {
      const grid = gridM / 2;
      const [dx, dy] = [at[0] - held.from[0], at[1] - held.from[1]].map((d) => Math.round(d / grid) * grid);
      editor.reshape(held.zone.id, movedShape(held.zone.shape, dx ?? 0, dy ?? 0), `drag-${held.zone.id}`);
    }
  }
  function release(event: PointerEvent): void {
    if (held) {
      const { moved } = held;
      held = null;
      editor.rest();
      dragged = moved;
      if (moved) return;
    }
    if (event.button !== 0) return;
    if (editor.mode === 'look') return;
    // What was drawn with this tap stays chosen.
    dragged = true;
    lay(snapped(toPlan(event)).at);
  }
  function choose(event: MouseEvent): void {
    if (editor.mode !== 'look' || dragged) return;
    const zone = (event.target as Element).closest<SVGElement>('[data-zone]');
    editor.select(zone?.dataset.zone ?? null, event.shiftKey);
  }
  function arrow(event: KeyboardEvent): readonly [number, number] | null {
    const step = (event.shiftKey ? 10 : 1) * STEP_M;
    const by = {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, step],
      ArrowDown: [0, -step],
    }[event.key];
    return by ? [by[0] ?? 0, by[1] ?? 0] : null;
  }
  function zoneKey(event: KeyboardEvent, zone: Zone): void {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      editor.select(zone.id, event.shiftKey);
    }
    const by = arrow(event);
    if (!by || !may || editor.one !== zone) return;
    event.preventDefault();
    editor.reshape(zone.id, movedShape(zone.shape, ...by), `arrow-${zone.id}`);
  }
  function cornerKey(event: KeyboardEvent, ring: number, corner: number, at: Point): void {
    const by = arrow(event);
    const zone = editor.one;
    if (!by || !zone) return;
    event.preventDefault();
    event.stopPropagation();
    editor.reshape(
      zone.id,
      withCorner(zone.shape, ring, corner, [at[0] + by[0], at[1] + by[1]]),
      `arrow-${zone.id}-${corner}`,
    );
  }
  const label = (zone: Zone): string => {
    const area = areas.get(zone.id);
    return `${zone.name}, ${ZONE_WORDS[zone.kind]}${area ? `, ${show.quantityText({ value: area, unit: 'm2' })}` : ''}`;
  };
  const wide = (zone: Zone): number => {
    const { box } = outlineOf(zone.shape);
    return (box.maxX - box.minX) * view.k;
  };
  const tall = (zone: Zone): number => {
    const { box } = outlineOf(zone.shape);
    return (box.maxY - box.minY) * view.k;
  };
  /** Names of places stand only where there is room between them. */
  const PLACE_NAMES_FROM = 14;
  const MOST_SYMBOL_PX = 20;
  // Another layer is looked at as a whole.
  $effect(() => {
    void editor.layer;
    untrack(() => requestAnimationFrame(fit));
  });
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
<svg
  bind:this={svg}
  class:drawing={editor.mode !== 'look'}
  role="group"
  aria-label="Plan, {layerText(editor.layer)}, {zones.length} zones"
  onpointerdown={press}
  onpointermove={drag}
  onpointerup={release}
  onclick={choose}
>
  <defs>
    {#each new Set(zones.map((zone) => zone.kind)) as kind (kind)}
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
      width={gridM * view.k}
      height={gridM * view.k}
      x={view.x}
      y={view.y}
      patternUnits="userSpaceOnUse"
      ><path
        d="M{gridM * view.k} 0H0V{gridM * view.k}"
        fill="none"
        stroke="var(--rule)"
        stroke-width="0.6"
      /></pattern
    >
  </defs>
  <rect width="100%" height="100%" fill="var(--field)" />
  {#if editor.plan.underlay && editor.layer === 'outside'}
    {@const u = editor.plan.underlay}
    {@const [px, py] = toPage(u.at)}
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
    {#each zones as zone (zone.id)}
      {#if !isPlace(zone)}
        <ZoneShape
          {zone}
          label={label(zone)}
          chosen={chosen.has(zone.id)}
          k={view.k}
          hold={may && oneId === zone.id}
          onkeydown={(event) => zoneKey(event, zone)}
        />
      {/if}
    {/each}
  </g>
  {#each zones as zone (zone.id)}
    {@const [x, y] = toPage(middleOf(zone.shape))}
    {#if isPlace(zone)}
      <g
        data-zone={zone.id}
        data-hold={may && oneId === zone.id ? '' : undefined}
        role="button"
        tabindex="0"
        aria-label={label(zone)}
        aria-pressed={chosen.has(zone.id)}
        onkeydown={(event) => zoneKey(event, zone)}
        class="place"
        class:chosen={chosen.has(zone.id)}
      >
        <circle cx={x} cy={y} r="14" fill="transparent" />
        <path d="M{x} {y - 7}L{x + 7} {y}L{x} {y + 7}L{x - 7} {y}Z" />
        {#if view.k > PLACE_NAMES_FROM || chosen.has(zone.id)}<text {x} y={y - 11}>{zone.name}</text>{/if}
        <title>{zone.name}</title>
      </g>
    {/if}
  {/each}
  {#each marks as mark (mark.id)}
    {@const [x, y] = toPage(mark.at)}
    {@const last = mark.readings.at(-1)}
    <g
      class="mark"
      role="img"
      aria-label="{mark.kind} {mark.number}{last ? `, last count ${last.count}` : ''}"
    >
      {#if last}<circle
          cx={x}
          cy={y}
          r={symbolRadius(last.count, most, Math.min(MOST_SYMBOL_PX, view.k * 1.4))}
          class="count"
        />{/if}
      <circle cx={x} cy={y} r="3.5" />
      <text x={x + 6} y={y - 6}>{mark.number}</text>
    </g>
  {/each}
  {#each zones as zone (zone.id)}
    {#if !isPlace(zone) && wide(zone) > 7.4 * zone.name.length}
      {@const [x, y] = toPage(labels.get(zone.id) ?? middleOf(zone.shape))}
      {@const area = areas.get(zone.id)}
      <text {x} {y} class="name" pointer-events="none"
        ><tspan class="strong">{zone.name}</tspan>{#if area !== undefined && tall(zone) > 44}<tspan
            {x}
            dy="17">{show.quantityText({ value: area, unit: 'm2' })}</tspan
          >{/if}</text
      >
    {/if}
  {/each}
  {#each faults as { at, what }, i (i)}
    {@const [x, y] = toPage(at)}
    <circle cx={x} cy={y} r="11" class="fault" role="img" aria-label={REPAIR_WORDS[what]}
      ><title>{REPAIR_WORDS[what]}</title></circle
    >
  {/each}
  {#if editor.one && !drawing && may}
    {#each handlesOf(editor.one.shape) as ring, r (r)}
      {#each ring as [cx, cy], c (c)}
        {@const [x, y] = toPage([cx, cy])}
        <rect
          data-hold=""
          data-ring={r}
          data-corner={c}
          role="button"
          tabindex="0"
          aria-label="Corner {c + 1} of {editor.one.name}; move it with the arrow keys"
          x={x - 6}
          y={y - 6}
          width="12"
          height="12"
          class="corner"
          onkeydown={(event) => cornerKey(event, r, c, [cx, cy])}
        />
      {/each}
    {/each}
  {/if}
  {#if editor.points.length > 0}
    <polyline
      points={editor.points.map(([x, y]) => toPage([x, y]).join(',')).join(' ')}
      class="laid"
      pointer-events="none"
    />
    {#each editor.points as [x, y], i (i)}
      {@const [px, py] = toPage([x, y])}
      <circle cx={px} cy={py} r={i === 0 ? 6 : 4} class="laid-corner" pointer-events="none" />
    {/each}
  {/if}
  {#if rubber && pointer && before}
    <g pointer-events="none">
      <line x1={rubber.from[0]} y1={rubber.from[1]} x2={rubber.to[0]} y2={rubber.to[1]} class="rubber" />
      <text x={rubber.to[0] + 12} y={rubber.to[1] - 12} class="name strong"
        >{show.lengthText(distance([before[0], before[1]], pointer.at))}</text
      >
    </g>
  {/if}
  {#if pointer && editor.mode !== 'look'}
    {@const [x, y] = toPage(pointer.at)}
    <path
      d="M{x - 9} {y}h18M{x} {y - 9}v18"
      class="cross"
      class:on={pointer.on !== null && pointer.on !== 'grid'}
    />
  {/if}
  <g transform="translate(16 {size.h - 18})" pointer-events="none">
    <path d="M0-6V0H{bar * view.k}V-6" fill="none" stroke="var(--ink)" stroke-width="2" />
    <text x={bar * view.k + 8} y="1" class="bar">{show.lengthText(bar)}</text>
  </g>
  <g transform="translate({size.w - 30} {size.h - 34}) rotate({editor.plan.north})" pointer-events="none">
    <path d="M0-20L6 8L0 3L-6 8Z" fill="var(--ink)" />
    <text y="24" text-anchor="middle" class="bar" transform="rotate({-editor.plan.north})">N</text>
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
  text {
    font-size: 13px;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--field);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
  .name {
    text-anchor: middle;
    font-size: 14px;
  }
  .strong {
    font-weight: 700;
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
  .corner {
    fill: var(--field);
    stroke: var(--petrol);
    stroke-width: 2.5;
    cursor: grab;
  }
  .fault {
    fill: none;
    stroke: var(--brick);
    stroke-width: 2.5;
    stroke-dasharray: 4 3;
  }
  .laid,
  .rubber {
    fill: none;
    stroke: var(--petrol);
    stroke-width: 2.5;
  }
  .rubber {
    stroke-dasharray: 6 4;
  }
  .laid-corner {
    fill: var(--field);
    stroke: var(--petrol);
    stroke-width: 2;
  }
  .cross {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.2;
  }
  .cross.on {
    stroke: var(--brick);
    stroke-width: 2.5;
  }
  .mark circle {
    fill: var(--ink);
  }
  .mark .count {
    fill: var(--saffron);
    fill-opacity: 0.5;
    stroke: var(--saffron-ink);
  }
  .mark text {
    font-weight: 700;
    font-size: 12px;
  }
  g:focus-visible {
    outline: 3px solid var(--saffron);
  }
</style>
