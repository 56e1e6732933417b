<script lang="ts">
  import { symbolRadius, type Mark } from '../../core/plan';
  import type { SheetView } from './view.svelte';

  /** Numbered places, each as large as its last count. */
  let { marks, view }: { marks: readonly Mark[]; view: SheetView } = $props();
  const MOST_PX = 20;
  const PER_METRE = 1.4;
  const most = $derived(Math.max(0, ...marks.map((mark) => mark.readings.at(-1)?.count ?? 0)));
</script>

{#each marks as mark (mark.id)}
  {@const [x, y] = view.toPage(mark.at)}
  {@const last = mark.readings.at(-1)}
  <g role="img" aria-label="{mark.kind} {mark.number}{last ? `, last count ${last.count}` : ''}">
    {#if last}<circle
        cx={x}
        cy={y}
        r={symbolRadius(last.count, most, Math.min(MOST_PX, view.k * PER_METRE))}
        class="count"
      />{/if}
    <circle cx={x} cy={y} r="3.5" />
    <text x={x + 6} y={y - 6}>{mark.number}</text>
  </g>
{/each}

<style>
  circle {
    fill: var(--ink);
  }
  .count {
    fill: var(--saffron);
    fill-opacity: 0.5;
    stroke: var(--saffron-ink);
  }
  text {
    font-weight: 700;
    font-size: 12px;
  }
</style>
