<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import type { Chart } from 'chart.js';
  import { getShow } from '../parts/show';

  /** Points and lines over two axes; what they say stands in words beside it. */
  export interface Line {
    readonly name: string;
    readonly points: readonly { readonly x: number; readonly y: number }[];
    /** Marks alone, a line alone, or a broken line. */
    readonly as: 'marks' | 'line' | 'broken';
  }
  interface Props {
    lines: readonly Line[];
    xName: string;
    yName: string;
    says: string;
    /** Whether the upright axis begins at nothing. */
    fromZero?: boolean;
    yMost?: number;
  }
  let { lines, xName, yName, says, yMost, fromZero = true }: Props = $props();
  const show = getShow();
  let canvas: HTMLCanvasElement;
  let chart = $state.raw<Chart>();

  const colours = (): readonly string[] => {
    const style = getComputedStyle(canvas);
    return ['--petrol', '--brick', '--saffron-ink', '--moss'].map((name) =>
      style.getPropertyValue(name).trim(),
    );
  };
  function sets() {
    const inks = colours();
    return lines.map(({ name, points, as }, i) => ({
      label: name,
      data: points.map((point) => ({ ...point })),
      borderColor: inks[i % inks.length] ?? 'black',
      backgroundColor: inks[i % inks.length] ?? 'black',
      showLine: as !== 'marks',
      borderDash: as === 'broken' ? [6, 4] : [],
      pointRadius: as === 'marks' ? 5 : 0,
      pointStyle: (['circle', 'rectRot', 'triangle', 'rect'] as const)[i % 4] ?? 'circle',
      borderWidth: 2,
    }));
  }
  onMount(() => {
    let gone = false;
    void import('chart.js').then(
      ({ Chart: Made, LinearScale, LineElement, PointElement, ScatterController, Legend }) => {
        if (gone) return;
        Made.register(LinearScale, LineElement, PointElement, ScatterController, Legend);
        const ink = getComputedStyle(canvas).getPropertyValue('--ink').trim();
        const rule = getComputedStyle(canvas).getPropertyValue('--rule').trim();
        const family = getComputedStyle(canvas).fontFamily;
        const axis = (text: string) => ({
          title: { display: true, text, color: ink, font: { size: 14, family } },
          ticks: { color: ink, font: { size: 13, family } },
          grid: { color: rule },
        });
        chart = new Made(canvas, {
          type: 'scatter',
          data: { datasets: untrack(sets) },
          options: {
            animation: false,
            maintainAspectRatio: false,
            font: { family },
            scales: {
              x: {
                ...axis(xName),
                ticks: {
                  color: ink,
                  font: { size: 13, family },
                  callback: (value) => show.numberText(Number(value)),
                },
              },
              y: { ...axis(yName), beginAtZero: fromZero, ...(yMost === undefined ? {} : { max: yMost }) },
            },
            plugins: {
              legend: {
                labels: {
                  color: ink,
                  font: { size: 14, family },
                  usePointStyle: true,
                  boxHeight: 7,
                  boxWidth: 8,
                },
              },
            },
          },
        });
      },
    );
    return () => {
      gone = true;
      chart?.destroy();
    };
  });
  $effect(() => {
    void lines;
    if (!chart) return;
    chart.data.datasets = untrack(sets);
    chart.update();
  });
</script>

<div class="relative h-[17rem] max-w-[44rem]" role="img" aria-label={says}>
  <canvas bind:this={canvas}></canvas>
</div>
