<script lang="ts">
  import Table from '../parts/Table.svelte';
  import { resolve } from '$app/paths';
  import { amountOn, type PlanSummary } from '../../core/plan';
  import { ZONE_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import type { PlanEditor } from './editor.svelte';
  import type { PlanJob } from './job';

  /** What the plan does to the rest: totals by kind, and the amounts of the cases that are measured on it. */
  let {
    editor,
    summary,
    jobs,
  }: { editor: PlanEditor; summary: PlanSummary | null; jobs: readonly PlanJob[] } = $props();
  const show = getShow();
  const m2 = show.areaText;
  const totals = $derived(summary?.totals.filter((total) => total.areaM2 > 0) ?? []);
  function amount(job: PlanJob, areaM2: number): string {
    if (!job.rate) return 'no remedy chosen yet';
    return `${show.quantityText(amountOn(areaM2, job.rate))} of ${job.rate.name}`;
  }
</script>

{#if jobs.length > 0}
  <h2 class="section-head">What follows</h2>
  <ul class="rule-list" aria-live="polite">
    {#each jobs as job, i (job.number)}
      {@const figures = summary?.jobs[i]}
      <li>
        <a href={resolve(`/cases/${job.number}/measure`)}>{job.title}</a>
        {#if figures}
          <span class="flex flex-wrap gap-y-0 gap-x-2.5 items-baseline"
            ><span class="figure">{amount(job, figures.areaM2)}</span>
            <span class="soft small"
              >{m2(figures.areaM2)} to treat{figures.keptOffM2 > 0.01
                ? `, ${m2(figures.keptOffM2)} kept off`
                : ''}</span
            ></span
          >
        {/if}
      </li>
    {/each}
  </ul>
{/if}
{#if totals.length > 0}
  <h2 class="section-head">Ground</h2>
  <Table small>
    <tbody>
      {#each totals as total (total.kind)}
        <tr>
          <th scope="row">{ZONE_WORDS[total.kind]}</th>
          <td class="number figure">{m2(total.areaM2)}</td>
          <td class="soft"
            >{total.highM2 - total.lowM2 > 0.01 ? `${m2(total.lowM2)} to ${m2(total.highM2)}` : ''}</td
          >
        </tr>
      {/each}
    </tbody>
  </Table>
  <p class="small soft">Overlaps are taken once: what lies on another zone keeps its ground.</p>
{:else if editor.plan.zones.length === 0}
  <p>
    Nothing is drawn yet. Choose above what to draw and how, then tap the sheet, or type lengths: the lawn
    first, then the beds, paths, water and buildings that lie on it or beside it.
  </p>
{/if}

<style>
  p {
    margin: 0.4rem 0;
  }
</style>
