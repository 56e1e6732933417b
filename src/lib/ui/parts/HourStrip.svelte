<script lang="ts">
  import type { JudgedHour } from '../../core/schedule';
  import { clockText, hourReason } from '../../words';

  interface Props {
    hours: readonly JudgedHour[];
    halted?: boolean;
    now?: number | null;
    chosen?: number | null;
    label: string;
  }
  let { hours, halted = false, now = null, chosen = null, label }: Props = $props();
  const W = 17;
  const first = $derived(hours[0]?.hour ?? 0);
  const words = (hour: JudgedHour): string =>
    `${clockText(hour.hour)}: ${halted ? 'halted' : hour.state === 'fits' ? 'fits' : hour.because.map(hourReason).join(', ')}`;
</script>

<svg viewBox="0 0 {hours.length * W} 36" role="img" aria-label={label} preserveAspectRatio="xMinYMid meet">
  {#each hours as hour, i (hour.hour)}
    <g class={halted ? 'halted' : hour.state}>
      <title>{words(hour)}</title>
      <rect x={i * W} y="0" width={W} height="24" fill="transparent" stroke="none" />
      {#if halted}
        <path d="M{i * W + 2} 6l{W - 5} 14m0 -14l-{W - 5} 14" />
      {:else if hour.state === 'fits'}
        <rect x={i * W + 0.75} y="3" width={W - 1.5} height="19" />
      {:else if hour.state === 'care'}
        <rect x={i * W + 1.25} y="11" width={W - 2.5} height="10.5" />
      {:else}
        <path d="M{i * W + 0.75} 21.5h{W - 1.5}" />
      {/if}
      {#if hour.rainMm >= 0.1 && !halted}<path class="rain" d="M{i * W + 5} 10l2.5 -8m3 8l2.5 -8" />{/if}
    </g>
    {#if (hour.hour % 24) % 6 === 0}<text x={i * W + 1} y="35">{hour.hour % 24}</text>{/if}
  {/each}
  {#if now !== null && now >= first && now < first + hours.length}<path
      class="now"
      d="M{(now - first) * W + 1} 0v25"
    />{/if}
  {#if chosen !== null && chosen >= first && chosen < first + hours.length}
    <path class="chosen" d="M{(chosen - first) * W + W / 2 - 6} 0h12l-6 8z" />
  {/if}
</svg>

<style>
  svg {
    width: 100%;
    height: auto;
    max-height: 48px;
    display: block;
  }
  .fits rect:nth-of-type(2) {
    fill: var(--moss);
  }
  .care rect:nth-of-type(2) {
    fill: var(--saffron-wash);
    stroke: var(--saffron);
    stroke-width: 1.5;
  }
  .no path:first-of-type {
    stroke: var(--edge);
    stroke-width: 2;
  }
  .halted path {
    stroke: var(--brick);
    stroke-width: 1.3;
    fill: none;
  }
  .rain {
    stroke: var(--petrol) !important;
    stroke-width: 2 !important;
    fill: none;
  }
  .now {
    stroke: var(--ink);
    stroke-width: 1.5;
    stroke-dasharray: 2 2;
  }
  .chosen {
    fill: var(--saffron);
    stroke: var(--ink);
    stroke-width: 0.8;
  }
  text {
    font-size: 11px;
    fill: var(--soft);
  }
</style>
