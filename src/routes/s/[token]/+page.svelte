<script lang="ts">
  import Notice from '$lib/ui/parts/Notice.svelte';
  import Table from '$lib/ui/parts/Table.svelte';
  import { dayOfHour, hourText, outsideText } from '$lib/words';
  import { getShow } from '$lib/ui/parts/show';
  import type { PageProps } from './$types';
  const show = getShow();
  const { dayText, longDayText, quantityText } = show;

  let { data }: PageProps = $props();
  const shown = $derived(data.shown);
  const STAY_OFF = {
    'until-dry': 'Keep people and pets off until everything is dry.',
    'until-watered-in': 'Keep people and pets off until it was watered in and the grass is dry again.',
    none: 'The label asks for no time away.',
  } as const;
  const numbers = $derived(
    (
      [
        ['Poison advice', shown.emergency.poison],
        ['Emergency services', shown.emergency.police],
        ['Veterinary surgeon', shown.emergency.vet],
        ['Water authority', shown.emergency.water],
      ] as const
    ).filter(([, number]) => number !== ''),
  );
</script>

<svelte:head><title>{shown.kind === 'record' ? 'Record' : 'Notice'} of a treatment</title></svelte:head>
<div class="page max-w-[46rem]">
  <p class="soft">{shown.firm}</p>
  {#if shown.kind === 'record'}
    {@const r = shown.record}
    <h1>What was put down on {longDayText(r.doneOn)}</h1>
    {#if shown.corrected}<Notice kind="care">
        <span class="figure">This record was corrected later.</span> Ask {shown.firm} for the newer one.
      </Notice>{/if}
    <Table class="table-facts">
      <tbody>
        <tr><th>Place</th><td>{shown.place}</td></tr>
        <tr><th>Time</th><td>{r.startedAt} to {r.endedAt}</td></tr>
        <tr><th>Product</th><td>{r.label}</td></tr>
        <tr
          ><th>Amount</th><td
            >{quantityText(r.product)}{r.finished ? ` in ${quantityText(r.finished)} of mix` : ''}</td
          ></tr
        >
        <tr><th>Area</th><td>{quantityText(r.area)}</td></tr>
        {#if r.windKmh !== null || r.tempC !== null}
          <tr
            ><th>Weather</th><td
              >{[
                r.windKmh === null ? '' : `wind ${show.windText(r.windKmh)}`,
                r.tempC === null ? '' : `${show.degreesText(r.tempC)}`,
              ]
                .filter(Boolean)
                .join(', ')}</td
            ></tr
          >
        {/if}
        {#if r.outside.length > 0}
          <tr
            ><th>Outside the label or the plan</th><td
              >{r.outside.map((one) => outsideText(one, show)).join(' ')}</td
            ></tr
          >
        {/if}
        <tr><th>Done by</th><td>{r.person}{r.licence ? `, licence ${r.licence}` : ''}</td></tr>
      </tbody>
    </Table>
  {:else}
    <h1>Notice of a treatment</h1>
    {#each shown.planned as p, i (p.treatment)}
      {#if shown.planned.length > 1}<h2>{i + 1} of {shown.planned.length}: {p.label}</h2>{/if}
      <p class="text-[1.3rem] font-bold mt-0 mb-3 mx-0">
        {p.hour === null
          ? p.onlyIf
            ? `Only if ${p.onlyIf}`
            : 'The day is not fixed yet'
          : `${dayText(dayOfHour(p.hour), shown.today)}, from ${hourText(p.hour).slice(-5)}`}
      </p>
      <Table class="table-facts">
        <tbody>
          <tr><th>Place</th><td>{shown.place}</td></tr>
          {#if p.pest}<tr><th>Against</th><td>{p.pest}</td></tr>{/if}
          <tr><th>Product</th><td>{p.label}{p.demonstration ? ' (demonstration label)' : ''}</td></tr>
          <tr><th>Active ingredient</th><td>{p.actives.join(', ')}</td></tr>
          {#if p.onto}<tr><th>Onto</th><td>{p.onto}</td></tr>{/if}
          {#if shown.licence}<tr><th>Licence</th><td>{shown.licence}</td></tr>{/if}
        </tbody>
      </Table>
      <h3>What to do</h3>
      <ul>
        <li>
          {p.indoors
            ? 'Clear or cover food, dishes, toys and pet bowls; cover fish tanks and switch their pumps off. Do not wash or wipe where it was put.'
            : 'Close windows on that side; take in toys, washing, pet bowls; cover ponds and fish.'}
        </li>
        <li>
          {p.reEntry === 'hours'
            ? `Keep people and pets off for ${show.numberText(p.reEntryHours ?? 0)} hours, and until everything is dry.`
            : STAY_OFF[p.reEntry]}
        </li>
        {#if p.wateringIn}<li>
            The ground needs {show.rainText(p.wateringIn.mm)} of water within {p.wateringIn.withinHours} hours;
            do not mow before.
          </li>{/if}
        {#if !p.indoors}<li>Do not eat anything that grows beside it before it was washed.</li>{/if}
      </ul>
    {:else}
      <p>Nothing is settled for {shown.place} at the moment. Ask {shown.firm}.</p>
    {/each}
  {/if}
  {#if numbers.length > 0}
    <h2>In an emergency</h2>
    <ul>
      {#each numbers as [word, number] (word)}<li>{word}: <span class="figure">{number}</span></li>{/each}
    </ul>
  {/if}
  <p class="soft small">The label of the product and the rules of the place come first.</p>
</div>

<style>
  h1 {
    margin: 0.2rem 0 0.8rem;
  }
  h2,
  h3 {
    margin: 1.4rem 0 0.4rem;
  }
  ul {
    list-style: disc;
    margin: 0 0 1rem;
    padding-left: 1.2rem;
  }
</style>
