<script lang="ts">
  import Pick from '../parts/Pick.svelte';
  import Tick from '../parts/Tick.svelte';
  import Table from '../parts/Table.svelte';
  import Button from '../parts/Button.svelte';
  import { polygonArea, triangulate, type Point } from '../../core/geometry';
  import { getShow } from '../parts/show';
  import NumberField from '../parts/NumberField.svelte';
  import NumberInput from '../parts/NumberInput.svelte';
  import { METRES, type PlanEditor } from './editor.svelte';

  /** An irregular yard from a baseline: each corner by its distance to both ends. */
  let { editor, done }: { editor: PlanEditor; done: (points: readonly Point[]) => void } = $props();
  const show = getShow();
  interface Row {
    a: number | null;
    b: number | null;
    side: 'left' | 'right';
  }
  let baseline = $state<number | null>(null);
  let rows = $state<Row[]>([
    { a: null, b: null, side: 'left' },
    { a: null, b: null, side: 'left' },
  ]);
  let ends = $state(true);
  let wrong = $state('');
  const m = $derived(METRES[editor.plan.unit]);
  const filled = $derived(
    rows.flatMap(({ a, b, side }) => (a !== null && b !== null ? [{ a, b, side }] : [])),
  );
  const result = $derived(
    triangulate(
      (baseline ?? 0) * m,
      filled.map(({ a, b, side }) => ({ fromA: a * m, fromB: b * m, side })),
    ),
  );
  const points = $derived.by((): readonly Point[] => {
    if (!('ok' in result)) return [];
    const base: Point[] = [
      [0, 0],
      [(baseline ?? 0) * m, 0],
    ];
    return ends ? [...base, ...result.ok] : result.ok;
  });
  const area = $derived(points.length >= 3 ? polygonArea(points) : null);
  function take(): void {
    if ('refused' in result) {
      const [refused] = result.refused;
      wrong =
        refused?.code === 'tapes-do-not-meet'
          ? `The tapes to corner ${String(refused.facts.corner)} do not meet. Measure it again: together they must be longer than the baseline.`
          : 'Type the length of the baseline first.';
      return;
    }
    if (points.length < 3) {
      wrong = 'Three corners or more make an area.';
      return;
    }
    wrong = '';
    done(points);
  }
  const SIDES = [
    { value: 'left', name: 'left' },
    { value: 'right', name: 'right' },
  ] as const;
</script>

<p class="small">
  Lay a line between two pegs, A and B. From each corner, in the order of a walk around the yard, measure to A
  and to B.
</p>
<div class="flex flex-wrap gap-2.5 items-end">
  <NumberField label="Baseline" unit={editor.plan.unit} value={baseline} onnumber={(n) => (baseline = n)} />
  <Tick label="A and B are corners too" bind:checked={ends} />
</div>
<Table small>
  <thead><tr><th>Corner</th><th>To A</th><th>To B</th><th>Side of A–B</th></tr></thead>
  <tbody>
    {#each rows as row, i (i)}
      <tr>
        <th scope="row">{i + 1}</th>
        <td
          ><NumberInput
            label="Corner {i + 1} to A"
            most={900}
            unit={editor.plan.unit}
            value={row.a}
            onnumber={(n) => (row.a = n)}
          /></td
        >
        <td
          ><NumberInput
            label="Corner {i + 1} to B"
            most={900}
            unit={editor.plan.unit}
            value={row.b}
            onnumber={(n) => (row.b = n)}
          /></td
        >
        <td><Pick quiet label="Side of corner {i + 1}" bind:value={row.side} items={SIDES} /></td>
      </tr>
    {/each}
  </tbody>
</Table>
<p class="flex flex-wrap gap-2.5 items-end items-center my-1.5 mx-0">
  <Button type="button" kind="plain" onclick={() => rows.push({ a: null, b: null, side: 'left' })}
    >One more corner</Button
  >
  {#if area !== null}<span class="figure" aria-live="polite">{show.areaText(area)}</span>{/if}
  <Button type="button" onclick={take}>Put it on the plan</Button>
</p>
{#if wrong}<p class="field-error" role="alert">{wrong}</p>{/if}

<style>
  td :global(.field-input) {
    width: 4.6rem;
    min-height: 2.3rem;
  }
</style>
