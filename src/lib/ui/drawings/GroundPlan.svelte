<script lang="ts">
  import { boxOf, type Point, type Rings } from '../../core/geometry';
  import type { Lanes, PlaceOnTheWay } from '../../core/place';
  import { barLength } from '../../words/scale-bar';
  import { getShow } from '../parts/show';
  const show = getShow();

  /** What is treated in its true shape, with what goes down on it. */
  interface Props {
    rings: Rings;
    /** Of a taped rectangle: the strip that was left out, above it. */
    stripM?: number;
    /** Its sides are written beside a rectangle. */
    sides?: readonly [lengthM: number, widthM: number] | null;
    water?: boolean;
    lanes?: Lanes | null;
    crossed?: Lanes | null;
    swathM?: number;
    marks?: readonly PlaceOnTheWay[];
    refills?: readonly PlaceOnTheWay[];
    points?: readonly Point[];
    flip?: boolean;
    label: string;
  }
  let {
    rings,
    stripM = 0,
    sides = null,
    water = false,
    lanes = null,
    crossed = null,
    swathM = 0,
    marks = [],
    refills = [],
    points = [],
    flip = false,
    label,
  }: Props = $props();
  const M = 34;
  const [WIDEST, TALLEST] = [540, 280];
  const box = $derived(boxOf(rings));
  const wide = $derived(box.maxX - box.minX);
  const tall = $derived(box.maxY - box.minY);
  const scale = $derived(Math.min(WIDEST / wide, TALLEST / (tall + stripM)));
  const w = $derived(wide * scale);
  const h = $derived(tall * scale);
  const s = $derived(stripM * scale);
  const px = (x: number): number => M + (flip ? box.maxX - x : x - box.minX) * scale;
  // Up on the plan is up in the picture; a taped rectangle lies with its strip above it.
  const py = (y: number): number => M + s + (box.maxY - y) * scale;
  const outline = $derived(
    rings
      .map((ring) => `M${ring.map(([x, y]) => `${px(x).toFixed(1)} ${py(y).toFixed(1)}`).join('L')}Z`)
      .join(''),
  );
  const bar = $derived(barLength(Math.max(1, wide * 1.4), show.lengthUnit));
  const walk = (one: Lanes): string =>
    one.lanes
      .map(([x1, y1, x2, y2], i) => `${i === 0 ? 'M' : 'L'}${px(x1)} ${py(y1)}L${px(x2)} ${py(y2)}`)
      .join('');
  const edgeOf = (one: Lanes): string =>
    one.trimRings
      .map((ring) => `M${ring.map(([x, y]) => `${px(x).toFixed(1)} ${py(y).toFixed(1)}`).join('L')}Z`)
      .join('');
  const first = $derived(lanes?.trimRings[0]?.[0] ?? lanes?.lanes[0]);
  /** Marks keep off the edge, where the measures stand. */
  const within = ([x, y]: Point): readonly [number, number] => [
    Math.min(M + w - 16, Math.max(M + 16, px(x))),
    Math.min(M + s + h - 11, Math.max(M + s + 11, py(y))),
  ];
</script>

<svg viewBox="0 0 {w + 2 * M + 46} {h + s + 2 * M + 26}" role="img" aria-label={label}>
  <defs>
    <pattern id="hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
      ><path d="M0 0v8" /></pattern
    >
    <clipPath id="on-ground"><path d={outline} clip-rule="evenodd" /></clipPath>
  </defs>
  {#if stripM > 0}
    <rect class="strip" x={M} y={M} width={w} height={s} />
    <rect x={M} y={M} width={w} height={s} fill="url(#hatch)" />
    {#if s > 16}<text class="keep" x={M + w / 2} y={M + s / 2 + 4} text-anchor="middle"
        >keep off, {show.lengthText(stripM)}</text
      >{/if}
    {#if water}<path class="shore" d="M{M} {M - 5}q{w / 8} -7 {w / 4} 0t{w / 4} 0t{w / 4} 0t{w / 4} 0" /><text
        class="lake"
        x={M}
        y={M - 12}>water</text
      >{/if}
  {/if}
  <path class="lawn" d={outline} fill-rule="evenodd" />
  {#if lanes}
    {#each lanes.lanes as [x1, y1, x2, y2], i (i)}
      <path class="swath" d="M{px(x1)} {py(y1)}L{px(x2)} {py(y2)}" stroke-width={swathM * scale} />
    {/each}
    {#if lanes.trimRings.length > 0}<path
        class="swath"
        d={edgeOf(lanes)}
        stroke-width={swathM * scale}
      /><path class="walk edge" d={edgeOf(lanes)} />{/if}
    {#if crossed}<path class="walk second" d={walk(crossed)} />{/if}
    <path class="walk" d={walk(lanes)} />
    {#if first}<circle class="start" cx={px(first[0])} cy={py(first[1])} r="7" /><text
        x={px(first[0])}
        y={py(first[1]) + 4}
        text-anchor="middle"
        class="s">S</text
      >{/if}
    {#each refills as one (one.share)}
      {@const [x, y] = within(one.at)}
      <path class="refill" d="M{x} {y - 9}l9 15h-18z" />
    {/each}
    {#each marks as one (one.share)}
      {@const [x, y] = within(one.at)}
      <rect class="check" x={x - 18} y={y - 9} width="36" height="18" rx="3" /><text
        {x}
        y={y + 4.5}
        text-anchor="middle">{one.share * 100}%</text
      >
    {/each}
  {/if}
  {#each points as [x, y], i (i)}
    <circle class="point" cx={px(x)} cy={py(y)} r={points.length > 60 ? 4 : 9} />
    {#if points.length <= 60}<text class="number" x={px(x)} y={py(y) + 3.5} text-anchor="middle">{i + 1}</text
      >{/if}
  {/each}
  {#if sides}
    <text x={M + w / 2} y={M + s + h + 18} text-anchor="middle">{show.lengthText(sides[0])}</text>
    <text x={M + w + 8} y={M + s + h / 2 + 4}>{show.lengthText(sides[1])}</text>
  {/if}
  <path class="scale" d="M{M} {M + s + h + 32}h{bar * scale}m0 -4v8M{M} {M + s + h + 28}v8" /><text
    x={M + bar * scale + 8}
    y={M + s + h + 37}>{show.lengthText(bar)}</text
  >
</svg>

<style>
  svg {
    width: 100%;
    max-width: 600px;
    display: block;
  }
  .lawn {
    fill: var(--moss-wash);
    stroke: var(--ink);
    stroke-width: 1.8;
  }
  .strip {
    fill: var(--brick-wash);
    stroke: var(--brick);
    stroke-dasharray: 5 3;
  }
  pattern path {
    stroke: var(--brick);
    stroke-width: 1;
    opacity: 0.45;
  }
  .shore {
    stroke: var(--petrol);
    stroke-width: 2.5;
    fill: none;
  }
  .swath {
    stroke: var(--water-deep);
    opacity: 0.4;
  }
  .walk {
    stroke: var(--petrol);
    stroke-width: 1.6;
    fill: none;
    stroke-linejoin: round;
  }
  .swath {
    fill: none;
  }
  .edge {
    stroke-width: 2.4;
  }
  .second {
    stroke: var(--ink);
    stroke-dasharray: 5 4;
    stroke-width: 1.2;
  }
  .start,
  .point {
    fill: var(--petrol);
  }
  .s,
  .number {
    fill: var(--petrol-ink);
    font-weight: 700;
    font-size: 11px;
  }
  .number {
    font-size: 10px;
  }
  .check {
    fill: var(--field);
    stroke: var(--ink);
  }
  .refill {
    fill: var(--saffron);
    stroke: var(--ink);
  }
  .scale {
    stroke: var(--ink);
    stroke-width: 1.4;
  }
  text {
    font-size: 13px;
    fill: var(--ink);
  }
  .lake {
    fill: var(--petrol);
    font-weight: 650;
  }
  .keep {
    fill: var(--brick-ink);
    font-weight: 650;
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 4px;
  }
</style>
