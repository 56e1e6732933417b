<script lang="ts">
  import type { CountBasis } from '../../core/identify';
  import type { Series } from '../../core/review';
  import { daysBetween } from '../../core/units';
  import { getShow } from '../parts/show';
  import { getToday } from '../parts/today';

  /** Readings over weeks: a bar for each on its day, as high as its mean, and the threshold across them. */
  let { series, basis, limit }: { series: Series; basis: CountBasis; limit: number | null } = $props();
  const show = getShow();
  const today = getToday();
  const [LEFT, WIDTH, FLOOR, HIGH] = [14, 472, 84, 62];
  const read = $derived(series.readings.flatMap(({ on, mean }) => (mean === null ? [] : [{ on, mean }])));
  const first = $derived(read[0]?.on ?? null);
  const days = $derived(first ? Math.max(1, daysBetween(first, read[read.length - 1]?.on ?? first)) : 1);
  const most = $derived(Math.max(...read.map(({ mean }) => mean), limit ?? 0, Number.MIN_VALUE) * 1.1);
  const thick = $derived(Math.max(4, Math.min(26, (WIDTH / (read.length + 1)) * 0.55)));
  const x = (on: Series['readings'][number]['on']): number =>
    LEFT + 20 + (first ? (daysBetween(first, on) / days) * (WIDTH - 40) : 0);
  const y = (mean: number): number => FLOOR - (mean / most) * HIGH;
  const number = (mean: number): string => show.densityNumber(mean, basis);
  const ends = (i: number): 'start' | 'middle' | 'end' =>
    i === 0 ? 'start' : i === read.length - 1 ? 'end' : 'middle';
  /** As many days as stand beside each other without touching. */
  const every = $derived(Math.ceil(read.length / 4));
</script>

<svg
  class="count-chart"
  viewBox="0 0 500 108"
  role="img"
  aria-label="Readings: {read
    .map(({ on, mean }) => `${show.dayText(on)} ${number(mean)}`)
    .join(', ')}{limit === null ? '' : `; threshold ${number(limit)}`}"
>
  <path class="axis" d="M{LEFT} {FLOOR}H{LEFT + WIDTH}" />
  {#each read as { on, mean }, i (i)}
    <rect
      class="band"
      x={x(on) - thick / 2}
      y={y(mean)}
      width={thick}
      height={Math.max(1, FLOOR - y(mean))}
    />
    {#if (read.length - 1 - i) % every === 0}
      <text x={x(on)} y={y(mean) - 4} text-anchor="middle">{number(mean)}</text>
      <text
        x={x(on)}
        y={FLOOR + 18}
        text-anchor={ends(i)}
        dx={ends(i) === 'start' ? -thick / 2 : ends(i) === 'end' ? thick / 2 : 0}
        >{show.dayText(on, today())}</text
      >
    {/if}
  {/each}
  {#if limit !== null && limit > 0}
    <path class="limit" d="M{LEFT} {y(limit)}H{LEFT + WIDTH}" />
  {/if}
</svg>
