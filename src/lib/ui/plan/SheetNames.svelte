<script lang="ts">
  import type { Point } from '../../core/geometry';
  import { middleOf, outlineOf, type Mark, type PlanSummary, type Zone } from '../../core/plan';
  import { REPAIR_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import type { SheetView } from './view.svelte';

  /** The names and areas of zones, where there is room for them, and where an outline was put right. */
  interface Props {
    zones: readonly Zone[];
    /** Numbered places: no name is written over one. */
    marks: readonly Mark[];
    summary: PlanSummary | null;
    view: SheetView;
  }
  let { zones, marks, summary, view }: Props = $props();
  const show = getShow();
  const LETTER_PX = 7.4;
  const TWO_LINES_PX = 44;
  /** What a number and its symbol need above, below and beside a name, in pixels from where it is written. */
  const ROOM_PX = { above: 24, below: 36, beside: 20 };
  /** How far a name moves up or down from its place, in pixels, until it lies on no number. */
  const MOVES_PX = [0, ...Array.from({ length: 15 }, (_, i) => [8 * (i + 1), -8 * (i + 1)]).flat()];
  const known = $derived(new Map(summary?.zones.map((zone) => [zone.id, zone])));
  const faults = $derived(zones.flatMap((zone) => known.get(zone.id)?.repairs ?? []));
  const size = (zone: Zone): readonly [number, number] => {
    const { box } = outlineOf(zone.shape);
    return [(box.maxX - box.minX) * view.k, (box.maxY - box.minY) * view.k];
  };
  /** Where a name of so many pixels goes: as near as it can to the roomiest place without covering a number. */
  function placeOf(zone: Zone, best: Point | null | undefined, tall: number): Point {
    const [x, y] = view.toPage(best ?? middleOf(zone.shape));
    const half = (LETTER_PX * zone.name.length) / 2;
    const free = (dy: number): boolean =>
      Math.abs(dy) < tall / 2 - 20 &&
      !marks.some((mark) => {
        const [mx, my] = view.toPage(mark.at);
        return (
          Math.abs(mx - x) < half + ROOM_PX.beside &&
          my > y + dy - ROOM_PX.above &&
          my < y + dy + ROOM_PX.below
        );
      });
    return [x, y + (MOVES_PX.find(free) ?? 0)];
  }
</script>

{#each zones as zone (zone.id)}
  {@const [wide, tall] = size(zone)}
  {#if wide > LETTER_PX * zone.name.length}
    {@const found = known.get(zone.id)}
    {@const [x, y] = placeOf(zone, found?.label, tall)}
    <text {x} {y} pointer-events="none"
      ><tspan class="font-bold">{zone.name}</tspan>{#if found && tall > TWO_LINES_PX}<tspan {x} dy="17"
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
  .fault {
    fill: none;
    stroke: var(--brick);
    stroke-width: 2.5;
    stroke-dasharray: 4 3;
  }
</style>
