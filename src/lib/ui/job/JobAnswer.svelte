<script lang="ts">
  import Notice from '../parts/Notice.svelte';
  import { howMuch, type Job } from '../../core/job';
  import { valueIn, type Quantity } from '../../core/units';
  import { JOB_HALTS, JOB_PROBLEMS, figureText, METHOD_CAUTIONS, refusalSentence } from '../../words';
  import { levelText } from '../drawings/level';
  import Vessel from '../drawings/Vessel.svelte';
  import { getShow } from '../parts/show';

  /** What a job comes to, largest first. */
  let { job }: { job: Job } = $props();
  const show = getShow();
  const { besideText, numberText, quantityText, rateText } = show;
  const result = $derived(howMuch(job));
  const worked = $derived('ok' in result ? result.ok : null);
  const halted = $derived(worked?.problems.some((problem) => JOB_HALTS.includes(problem)) ?? false);
  /** The marks that were typed are those of the first tank. */
  const markOn = (vessel: Quantity): number | null =>
    job.mark && job.tank && vessel.value === job.tank.value && vessel.unit === job.tank.unit
      ? valueIn(job.mark, vessel.unit)
      : null;
  const SHOWN = 3;
  const vesselName = $derived(job.method === 'jug' ? 'Jug' : 'Load');
</script>

{#if 'refused' in result}
  {#each result.refused as r, i (i)}<p class="field-error">{refusalSentence(r, show)}</p>{/each}
{:else if worked}
  {#each worked.problems as problem, i (i)}<Notice kind={JOB_HALTS.includes(problem) ? 'wrong' : 'care'}
      >{JOB_PROBLEMS[problem] ?? problem}</Notice
    >{/each}
  {#if !halted}
    {@const [product, ...others] = worked.figures}
    {#if product}
      <p data-answer class="text-[2.6rem] m-0 leading-[1.1] figure">{quantityText(product.value)}</p>
      <p class="soft">
        {besideText(product.value) ?? ''}
        at {rateText(worked.actualRate, job.rate.unit, job.rate.per)}{Math.abs(worked.errorPct) >= 0.5
          ? `, ${numberText(Math.abs(worked.errorPct))} % ${worked.errorPct > 0 ? 'over' : 'under'} the rate chosen, by the marks of the measure`
          : ''}
      </p>
    {/if}
    {#if others.length > 0}
      <dl>
        {#each others as { name, value }, i (i)}
          <dt>{figureText(job.method, name)}</dt>
          <dd class="figure">{quantityText(value)}</dd>
        {/each}
      </dl>
    {/if}
    {#if METHOD_CAUTIONS[job.method]}<Notice kind="care">! {METHOD_CAUTIONS[job.method]}</Notice>{/if}
    {#if worked.loads.length > 0}
      <div class="grid grid-cols-[repeat(auto-fit,minmax(10rem,1fr))] gap-4">
        {#each worked.loads.slice(0, SHOWN) as load, i (i)}
          {@const vessel = worked.vessels[i] ?? (job.method === 'jug' ? job.jug : job.tank) ?? load.finished}
          <div>
            <h2>{vesselName} {i + 1}</h2>
            <Vessel {load} capacity={vessel} mark={markOn(vessel)} name="{vesselName} {i + 1}" />
            <p class="small">
              Add <b>{quantityText(load.product)}</b>, top up to {levelText(load.finished, vessel, show, {
                mark: markOn(vessel),
              })}{worked.vessels.length > 0 ? ` in the ${quantityText(vessel)} tank` : ''}. Covers {quantityText(
                load.covers,
              )}.
            </p>
          </div>
        {/each}
      </div>
      {#if worked.loads.length > SHOWN}<p class="small">
          {numberText(worked.loads.length)} in all; the last takes {quantityText(
            worked.loads.at(-1)!.product,
          )}.
        </p>{/if}
    {/if}
  {/if}
{/if}

<style>
  dl {
    display: grid;
    grid-template-columns: auto auto;
    margin: 0.8rem 0 0;
    border-top: 1px solid var(--ink);
  }
  dt,
  dd {
    margin: 0;
    padding: 0.4rem 0;
    border-bottom: 1px dashed var(--rule);
  }
  dd {
    text-align: right;
  }
</style>
