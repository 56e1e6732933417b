<script lang="ts">
  import type { Checkpoint, RectangleLanes } from '../../core/place';
  import { barLength } from '../../words/scale-bar';
  import { getShow } from '../parts/show';
  const show = getShow();

  interface Props {
    lengthM: number;
    widthM: number;
    stripM: number;
    water?: boolean;
    lanes?: RectangleLanes | null;
    swathM?: number;
    checkpoints?: readonly Checkpoint[];
    flip?: boolean;
  }
  let {
    lengthM,
    widthM,
    stripM,
    water = false,
    lanes = null,
    swathM = 0,
    checkpoints = [],
    flip = false,
  }: Props = $props();
  const M = 34;
  const scale = $derived(Math.min(540 / lengthM, 250 / (widthM + stripM)));
  const w = $derived(lengthM * scale);
  const h = $derived(widthM * scale);
  const s = $derived(stripM * scale);
  /** Plan metres to the picture: the strip lies at the top, the lawn below it. */
  const px = (x: number): number => M + (flip ? lengthM - x : x) * scale;
  const py = (y: number): number => M + s + y * scale;
  const bar = $derived(barLength(Math.max(1, lengthM * 1.4), show.lengthUnit));
  /** Marks keep off the edge, where the measures stand. */
  const inside = (along: number): number => Math.min(0.92, Math.max(0.08, along));
  const spot = (c: Checkpoint): { x: number; y: number } => {
    const lane = lanes?.lanes[c.lane] ?? [0, 0, 0, 0];
    return {
      x: px(lane[0] + (lane[2] - lane[0]) * inside(c.along)),
      y: py(lane[1] + (lane[3] - lane[1]) * inside(c.along)),
    };
  };
  const path = $derived(
    (lanes?.lanes ?? [])
      .map(([x1, y1, x2, y2], i) => `${i === 0 ? 'M' : 'L'}${px(x1)} ${py(y1)}L${px(x2)} ${py(y2)}`)
      .join(''),
  );
  const first = $derived(lanes?.lanes[0]);
</script>

<svg
  viewBox="0 0 {w + 2 * M + 46} {h + s + 2 * M + 26}"
  role="img"
  aria-label="Plan of {show.lengthText(lengthM)} by {show.lengthText(widthM)}{stripM > 0
    ? ` with a strip of ${show.lengthText(stripM)} left out`
    : ''}{lanes ? `, ${lanes.lanes.length} lanes` : ''}"
>
  <defs>
    <pattern id="hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
      ><path d="M0 0v8" /></pattern
    >
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
  <rect class="lawn" x={M} y={M + s} width={w} height={h} />
  {#if lanes}
    {#each lanes.lanes as [x1, y1, x2, y2], i (i)}
      <path class="swath" d="M{px(x1)} {py(y1)}L{px(x2)} {py(y2)}" stroke-width={swathM * scale} />
    {/each}
    <path class="walk" d={path} />
    {#if first}<circle class="start" cx={px(first[0])} cy={py(first[1])} r="7" /><text
        x={px(first[0])}
        y={py(first[1]) + 4}
        text-anchor="middle"
        class="s">S</text
      >{/if}
    {#each checkpoints as c (c.share)}
      {@const at = spot(c)}
      <rect class="check" x={at.x - 14} y={at.y - 9} width="28" height="18" rx="3" /><text
        x={at.x}
        y={at.y + 4.5}
        text-anchor="middle">{c.share * 100}%</text
      >
    {/each}
  {/if}
  <text x={M + w / 2} y={M + s + h + 18} text-anchor="middle">{show.lengthText(lengthM)}</text>
  <text x={M + w + 8} y={M + s + h / 2 + 4}>{show.lengthText(widthM)}</text>
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
  .start {
    fill: var(--petrol);
  }
  .s {
    fill: var(--petrol-ink);
    font-weight: 700;
    font-size: 11px;
  }
  .check {
    fill: var(--field);
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
