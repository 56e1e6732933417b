<script lang="ts">
  import { distance } from '../../core/geometry';
  import { handlesOf } from '../../core/plan';
  import { getShow } from '../parts/show';
  import type { PlanEditor } from './editor.svelte';
  import type { SheetHands } from './hands.svelte';
  import type { SheetView } from './view.svelte';

  /** What the hand holds: the corners of the chosen zone, the corners laid so far, and where the next would be. */
  interface Props {
    editor: PlanEditor;
    hands: SheetHands;
    view: SheetView;
    may: boolean;
  }
  let { editor, hands, view, may }: Props = $props();
  const show = getShow();
  const before = $derived(editor.points[editor.points.length - 1] ?? null);
  const { toPage } = $derived(view);
</script>

{#if editor.one && !hands.drawing && may}
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
        onkeydown={(event) => hands.cornerKey(event, r, c, [cx, cy])}
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
{#if hands.pointer && editor.mode !== 'look'}
  {@const { at, on } = hands.pointer}
  {@const [x, y] = toPage(at)}
  {#if hands.drawing && before}
    {@const [fromX, fromY] = toPage([before[0], before[1]])}
    <g pointer-events="none">
      <line x1={fromX} y1={fromY} x2={x} y2={y} class="rubber" />
      <text x={x + 12} y={y - 12}>{show.lengthText(distance([before[0], before[1]], at))}</text>
    </g>
  {/if}
  <path d="M{x - 9} {y}h18M{x} {y - 9}v18" class="cross" class:on={on !== null && on !== 'grid'} />
{/if}

<style>
  text {
    text-anchor: middle;
    font-size: 14px;
    font-weight: 700;
  }
  .corner {
    fill: var(--field);
    stroke: var(--petrol);
    stroke-width: 2.5;
    cursor: grab;
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
</style>
