<script lang="ts">
  import { middleOf, outlineOf, type PlanSummary, type Zone } from '../../core/plan';
  import { REPAIR_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import type { SheetView } from './view.svelte';

  /** The names and areas of zones, where there is room for them, and where an outline was put right. */
  let { zones, summary, view }: { zones: readonly Zone[]; summary: PlanSummary | null; view: SheetView } =
    $props();
  const show = getShow();
  const LETTER_PX = 7.4;
  const TWO_LINES_PX = 44;
  const known = $derived(new Map(summary?.zones.map((zone) => [zone.id, zone])));
  const faults = $derived(zones.flatMap((zone) => known.get(zone.id)?.repairs ?? []));
  const size = (zone: Zone): readonly [number, number] => {
    const { box } = outlineOf(zone.shape);
    return [(box.maxX - box.minX) * view.k, (box.maxY - box.minY) * view.k];
  };
</script>

{#each zones as zone (zone.id)}
  {@const [wide, tall] = size(zone)}
  {#if wide > LETTER_PX * zone.name.length}
    {@const found = known.get(zone.id)}
    {@const [x, y] = view.toPage(found?.label ?? middleOf(zone.shape))}
    <text {x} {y} pointer-events="none"
      ><tspan class="strong">{zone.name}</tspan>{#if found && tall > TWO_LINES_PX}<tspan {x} dy="17"
          >{show.areaText(found.areaM2)}</tspan
        >{/if}</text
    >
  {/if}
{/each}
{#each faults as { at, what }, i (i)}
  {@const [x, y] = view.toPage(at)}
  <circle cx={x} cy={y} r="11" class="fault" role="img" aria-label={REPAIR_WORDS[what]}
    ><title>{REPAIR_WORDS[what]}</title></circle
  >
{/each}

<style>
  text {
    text-anchor: middle;
    font-size: 14px;
  }
  .strong {
    font-weight: 700;
  }
  .fault {
    fill: none;
    stroke: var(--brick);
    stroke-width: 2.5;
    stroke-dasharray: 4 3;
  }
</style>
