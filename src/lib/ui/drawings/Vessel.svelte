<script lang="ts">
  import type { Load } from '../../core/dose';
  import { fillingLevels } from '../../core/dose';
  import { valueIn, type Quantity } from '../../core/units';
  import { levelText } from './level';
  import { getShow } from '../parts/show';
  const show = getShow();
  const { quantityText } = show;

  const id = $props.id();
  interface Props {
    load: Load;
    capacity: Quantity;
    name: string;
    /** From one of its marks to the next, in the unit of `capacity`. */
    mark?: number | null;
  }
  let { load, capacity, name, mark = null }: Props = $props();
  /** A level is told in the vessel's unit, to its mark. */
  const level = (q: Quantity): string =>
    levelText(q, capacity, show, { mark, rough: q === levels.partWater });
  /** Beside the line there is room for the amount alone; how it stands to the marks is told beside the drawing. */
  const short = (q: Quantity): string => level(q).split(', between')[0] ?? '';
  const levels = $derived(fillingLevels(load));
  const full = $derived(Math.max(valueIn(capacity, load.finished.unit), load.finished.value));
  const BOTTOM = 232;
  const HEIGHT = 196;
  const y = (q: Quantity): number => BOTTOM - (q.value / full) * HEIGHT;
  /** Lines that stand too close would print over one another. */
  const lift = (upper: number, lower: number): number => Math.min(upper, lower - 17);
  const carriedY = $derived(y(levels.carried));
  const partY = $derived(y(levels.partWater));
  const topY = $derived(y(levels.top));
  const carriedText = $derived(carriedY - 4);
  const partText = $derived(levels.carried.value > 0 ? lift(partY - 4, carriedText) : partY - 4);
  /** Under the line where the tank is full to the neck. */
  const topText = $derived(topY < 52 ? topY + 15 : lift(topY - 4, partText));
</script>

<svg
  viewBox="0 0 190 246"
  role="img"
  aria-label="{name}: {levels.carried.value > 0
    ? `${level(levels.carried)} carried over, `
    : ''}water to {level(levels.partWater)}, add {quantityText(load.product)}, top up to {level(levels.top)}"
>
  <clipPath {id}><path d="M14 44q0 -8 8 -8h106q8 0 8 8v176q0 12 -12 12h-98q-12 0 -12 -12z" /></clipPath>
  <g clip-path="url(#{id})">
    <rect class="top" x="10" y={topY} width="130" height={partY - topY} />
    <rect class="part" x="10" y={partY} width="130" height={carriedY - partY} />
    <rect class="carried" x="10" y={carriedY} width="130" height={BOTTOM - carriedY + 4} />
  </g>
  <path class="wall" d="M14 44q0 -8 8 -8h106q8 0 8 8v176q0 12 -12 12h-98q-12 0 -12 -12z" />
  <path class="wall" d="M54 36v-14h42v14" />
  {#each [topY, partY, ...(levels.carried.value > 0 ? [carriedY] : [])] as line, i (i)}<path
      class="tick"
      d="M14 {line}h22"
    />{/each}
  <text x="40" y={topText}>{short(levels.top)} top up</text>
  <text x="40" y={partText}>{short(levels.partWater)} water</text>
  {#if levels.carried.value > 0}<text x="40" y={carriedText}>{short(levels.carried)} carried</text>{/if}
</svg>

<style>
  svg {
    width: 100%;
    max-width: 190px;
    display: block;
  }
  .wall {
    fill: none;
    stroke: var(--ink);
    stroke-width: 3;
    stroke-linejoin: round;
  }
  .top {
    fill: var(--petrol-wash);
  }
  .part {
    fill: var(--water);
  }
  .carried {
    fill: var(--water-deep);
  }
  .tick {
    stroke: var(--ink);
    stroke-width: 2;
  }
  text {
    font-size: 13.5px;
    font-weight: 700;
    fill: var(--ink);
    paint-order: stroke;
    stroke: var(--paper);
    stroke-width: 3.5px;
    stroke-opacity: 0.75;
  }
</style>
