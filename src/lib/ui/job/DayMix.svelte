<script lang="ts">
  import Tick from '../parts/Tick.svelte';
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import { planDay, type DayInput } from '../../core/dose';
  import { quantity, type Quantity, type Unit } from '../../core/units';
  import { refusalSentence } from '../../words';
  import Vessel from '../drawings/Vessel.svelte';
  import { getShow } from '../parts/show';

  interface Job {
    readonly number: number;
    readonly title: string;
    readonly property: string;
    readonly today: boolean;
    readonly target: Quantity;
    readonly label: { readonly id: string; readonly name: string };
    readonly rate: DayInput['rate'];
    readonly carrier: DayInput['carrier'];
    readonly filterOut: boolean;
    readonly step: Quantity | null;
    readonly tankName: string;
    readonly room: Quantity | null;
  }
  interface Tank {
    readonly name: string;
    readonly size: number;
    readonly unit: string;
    readonly undrawn: number | null;
  }
  /** Jobs of one mix: which of them are done on the day, from which tanks, load by load. */
  let { jobs, tanks }: { jobs: readonly Job[]; tanks: readonly Tank[] } = $props();
  const show = getShow();
  const { quantityText, rateText } = show;
  let off = $state<readonly number[]>([]);
  /** Taken are the tanks that the cases name; where they name none, all. */
  let noTank = $state<readonly string[]>(
    untrack(() => {
      const named = tanks.filter(({ name }) => jobs.some(({ tankName }) => tankName === name));
      return named.length === 0 ? [] : tanks.filter((tank) => !named.includes(tank)).map(({ name }) => name);
    }),
  );
  const turned = <T,>(list: readonly T[], one: T): readonly T[] =>
    list.includes(one) ? list.filter((other) => other !== one) : [...list, one];
  const first = $derived(jobs[0]!);
  const taken = $derived(jobs.filter(({ number }) => !off.includes(number)));
  const used = $derived(tanks.filter(({ name }) => !noTank.includes(name)));
  const result = $derived(
    planDay({
      jobs: taken.map(({ property, target, room }) => ({ name: property, target, room })),
      ...{ rate: first.rate, carrier: first.carrier },
      tanks: used.map(({ name, size, unit, undrawn }) => ({
        name,
        capacity: quantity(size, unit as Unit),
        undrawn: undrawn === null ? null : quantity(undrawn, unit as Unit),
      })),
      ...(first.step ? { measureStep: first.step } : {}),
    }),
  );
  const plan = $derived('ok' in result ? result.ok : null);
  const at = (job: number): string => taken[job]?.property ?? '';
</script>

<section aria-label={first.label.name}>
  <h2 class="section-head">
    {first.label.name}, {rateText(first.rate.chosen ?? first.rate.min, first.rate.unit, first.rate.per)}
  </h2>
  <div class="grid grid-cols-[minmax(15rem,1fr)_minmax(0,2.4fr)] gap-y-2 gap-x-8 max-[800px]:grid-cols-1">
    <div>
      <h3>Jobs, in their order</h3>
      {#each jobs as job (job.number)}
        <Tick class="line" checked={!off.includes(job.number)} onpick={() => (off = turned(off, job.number))}>
          <a href={resolve(`/cases/${job.number}/mix`)}>{job.property}, {job.title.toLowerCase()}</a><br
          /><span class="soft small">{quantityText(job.target)}{job.today ? ', today' : ''}</span>
        </Tick>
      {/each}
      <h3>Tanks</h3>
      {#each tanks as tank (tank.name)}
        <Tick
          class="line"
          label={tank.name}
          checked={!noTank.includes(tank.name)}
          onpick={() => (noTank = turned(noTank, tank.name))}
        />
      {:else}<p class="soft">Add a tank under <a href={resolve('/equipment')}>Equipment</a> first.</p>{/each}
    </div>
    <div aria-live="polite">
      {#if taken.length === 0 || used.length === 0}
        <p class="soft">Tick a job and a tank.</p>
      {:else if 'refused' in result}
        {#each result.refused as r, i (i)}<p class="field-error">{refusalSentence(r, show)}</p>{/each}
      {:else if plan}
        <p class="text-[1.6rem] mt-1.5 mb-0 mx-0 figure">
          {quantityText(plan.product)} in {quantityText(plan.finished)}
        </p>
        <div class="grid grid-cols-[repeat(auto-fit,minmax(11rem,1fr))] gap-4">
          {#each plan.loads.slice(0, 12) as load, i (i)}
            {@const tank = used[load.tank]}
            <div>
              <h3>Load {i + 1}{tank ? `: ${tank.name}` : ''}</h3>
              {#if i < 3}<Vessel
                  {load}
                  capacity={tank ? quantity(tank.size, tank.unit as Unit) : load.finished}
                  name="Load {i + 1}"
                />{/if}
              <p class="small">
                Add <b>{quantityText(load.product)}</b>, top up to {quantityText(load.finished)}.
              </p>
              <ul class="small">
                {#each load.parts as part (part.job)}<li>
                    {quantityText(part.finished)} over {quantityText(part.covers)}, {at(part.job)}
                  </li>{/each}
              </ul>
            </div>
          {/each}
        </div>
        {#if plan.loads.length > 12}<p class="small">{plan.loads.length} loads in all.</p>{/if}
        {#if plan.leftover}
          {@const { mix, product, over, without } = plan.leftover}
          <p class="border-l-5 border-l-moss pl-3 max-w-[44rem]">
            <span class="figure">The last tank keeps {quantityText(mix)}</span> that cannot be drawn, with {quantityText(
              product,
            )} of product.
            {#if over.length > 0}
              Rinse it out with water over treated ground:
              {#each over as { job, atLeast }, i (job)}{i > 0 ? '; ' : ''}at least {quantityText(atLeast)} at {at(
                  job,
                )}{/each}. No place then passes the label’s most.
            {/if}
            {#if without.value > 0}
              {over.length > 0 ? 'For' : 'No ground has room under the label: for'}
              {quantityText(without)} of product keep the rinse, marked, for the next mix of the same product, or
              hand it in as hazardous waste. Never into a drain.
            {/if}
          </p>
        {:else}
          <p class="border-l-5 border-l-moss pl-3 max-w-[44rem]">
            <span class="figure">The tank ends empty.</span> Three rinses, over lawn or soil that was treated; from
            rooms, cracks and mounds closed and labelled. What cannot be drawn was not measured for this tank.
          </p>
        {/if}
      {/if}
    </div>
  </div>
</section>

<style>
  h3 {
    font-size: 1rem;
    margin: 0.6rem 0 0.2rem;
  }
  ul {
    padding-left: 1.1rem;
    margin: 0.2rem 0;
    list-style: disc;
  }
</style>
