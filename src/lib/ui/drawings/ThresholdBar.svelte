<script lang="ts">
  import type { CountBasis, Density } from '../../core/identify';
  import { getShow } from '../parts/show';
  const show = getShow();
  let { density, limit, basis }: { density: Density; limit: number; basis: CountBasis } = $props();
  const numberText = (value: number): string => show.densityNumber(value, basis);
  const most = $derived(Math.max(density.high, limit) * 1.15);
  const x = (value: number): number => 10 + (value / most) * 480;
</script>

<svg
  class="count-chart"
  viewBox="0 0 500 62"
  role="img"
  aria-label="{show.densityText(density.mean, basis)}, between {numberText(density.low)} and {numberText(
    density.high,
  )}, against a threshold of {numberText(limit)}"
>
  <path class="axis" d="M10 34H490" />
  <rect
    class="band"
    x={x(density.low)}
    y="25"
    width={Math.max(2, x(density.high) - x(density.low))}
    height="18"
  />
  <path class="mean" d="M{x(density.mean)} 20v28" />
  <path class="limit" d="M{x(limit)} 14v42" />
  <text x={x(limit)} y="11" text-anchor={x(limit) > 380 ? 'end' : 'start'}>threshold {numberText(limit)}</text
  >
  <text x={x(density.mean)} y="60" text-anchor={x(density.mean) > 420 ? 'end' : 'middle'}
    >{numberText(density.mean)}</text
  >
</svg>

<style>
  .mean {
    stroke: var(--petrol);
    stroke-width: 4;
  }
</style>
