<script lang="ts">
  import Table from '$lib/ui/parts/Table.svelte';
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import Drawing from '$lib/ui/guide/Drawing.svelte';
  import SeasonStrip from '$lib/ui/guide/SeasonStrip.svelte';
  import TrueSize from '$lib/ui/guide/TrueSize.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import { sourcesOf } from '$lib/core/identify';
  import { atOneScale } from '$lib/ui/guide/one-scale';
  import Fold from '$lib/ui/parts/Fold.svelte';
  import {
    CONCERN_WORDS,
    FACT_WORDS,
    FAMILY_NAMES,
    GRADE_WORDS,
    HOURS_WORDS,
    lower,
    percentText,
    REGION_WORDS,
    SOURCE_KIND_WORDS,
    STATUS_WORDS,
  } from '$lib/words';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const show = getShow();
  const c = $derived(data.candidate);
  const g = $derived(data.guide);
  const other = $derived(data.beside);
  const scaled = $derived(
    data.drawings[0] && other?.drawings[0] ? atOneScale(data.drawings[0], other.drawings[0]) : null,
  );
  const turned = $derived(data.hemisphere === 'north' ? 'south' : 'north');
  /** What is longer than a hand is drawn at no true size. */
  const MOST_TRUE_MM = 120;
</script>

<svelte:head><title>{c.name} · Field guide · Nimsy</title></svelte:head>
<div class="page">
  <p class="small"><a href={resolve('/guide')}>Field guide</a></p>
  <div class="flex flex-wrap gap-y-1 gap-x-4 items-baseline">
    <h1>{c.name}</h1>
    {#if c.scientific}<i class="soft">{c.scientific}</i>{/if}
    {#if c.status !== 'pest'}<span class="tag py-0 px-1.5 halt text-brick-ink">{STATUS_WORDS[c.status]}</span
      >{/if}
    {#each c.concerns as concern (concern)}<span class="tag py-0 px-1.5">{CONCERN_WORDS[concern]}</span
      >{/each}
  </div>
  <p><span class="figure">Telling mark:</span> {show.prose(c.telling)}.</p>
  {#if data.drawings.length > 0}
    <div class="flex flex-wrap gap-y-2.5 gap-x-8">
      {#each data.drawings as drawing (drawing.id)}
        <figure>
          <Drawing id={drawing.id} name={drawing.title} width={330} />
          {#if drawing.lengthMm <= MOST_TRUE_MM}<TrueSize
              id={drawing.id}
              name={drawing.title}
              lengthMm={drawing.lengthMm}
              span={drawing.span}
            />{/if}
          <figcaption class="soft small">{drawing.title}</figcaption>
        </figure>
      {/each}
    </div>
  {/if}
  <p>{g.where}.</p>
  <p><span class="figure">Do:</span> {show.prose(c.doNow)}.</p>
  <p><span class="figure">Mind:</span> {show.prose(c.doNot)}.</p>
  {#if c.culture}<p><span class="figure">In any case:</span> {show.prose(c.culture)}.</p>{/if}
  <p class="border-l-5 border-l-petrol pl-3"><span class="figure">Call:</span> {g.call}.</p>

  {#if c.hours}<p>{HOURS_WORDS[c.hours]}</p>{/if}
  {#if c.stages.length > 0}
    <div class="section-head">
      <h2>Through the year</h2>
      <a class="small" href="?hemisphere={turned}" data-sveltekit-noscroll
        >shown for the {data.hemisphere}; turn to the {turned}</a
      >
    </div>
    <SeasonStrip stages={c.stages} season={c.season} hemisphere={data.hemisphere} month={data.month} />
    <p class="soft small">
      {#each c.stages as stage, i (stage.id)}{i > 0 ? ' · ' : ''}{stage.name}: {show.bodyText(
          stage.lengthMm,
        )}{/each}
    </p>
  {/if}

  <h2 class="section-head">What it shows</h2>
  <ul class="rule-list signs">
    {#each data.signs as sign (sign.id)}
      <li>
        {#if sign.drawn}<img
            class="drawing"
            src={resolve('/drawings/[name]', { name: `${sign.id}.svg` })}
            alt=""
            width="72"
            height="48"
            loading="lazy"
          />{/if}
        <span>{show.prose(sign.name)} <span class="soft small">{show.prose(sign.how)}</span></span>
        <span class="number">{percentText(sign.p)}</span>
      </li>
    {/each}
  </ul>

  {#if c.threshold && data.test}
    <h2 class="section-head">When it is worth treating</h2>
    <p>
      {#if c.threshold.presence}
        {data.test.name}: {c.threshold.source}.
      {:else}
        {data.test.name}: from {show.densityNumber(c.threshold.at[0], data.test.basis)} to {show.densityText(
          c.threshold.at[1],
          data.test.basis,
        )}{data.test.places.includes('lawn') && data.test.basis === 'm2'
          ? ', by the vigour of the turf'
          : ''}.
        <span class="soft small">{c.threshold.source}.</span>
      {/if}
    </p>
  {/if}
  <h2 class="section-head">What works</h2>
  <Table>
    <tbody>
      {#each g.families as family (family.family)}
        <tr>
          <td class="figure">{FAMILY_NAMES[family.family]}</td>
          <td>{GRADE_WORDS[family.grade]}</td>
          <td class="number"
            >{family.daysToEffect[1] > 0
              ? `${family.daysToEffect[0]} to ${family.daysToEffect[1]} days`
              : ''}</td
          >
          <td class="wrap-anywhere">{show.prose(family.note)}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
  <p class="soft small">
    The label on your own container, local rules and licensed people come before this guide.{g.recheck
      ? ` Re-check: ${show.prose(lower(g.recheck))}.`
      : ''}
  </p>

  <Fold class="ruled" says="Where this is from">
    <Table>
      <thead
        ><tr><th scope="col">What</th><th scope="col">Kind of source</th><th scope="col">Told for</th></tr
        ></thead
      >
      <tbody>
        {#each sourcesOf(c, g) as source (source.fact)}
          <tr>
            <td class="figure">{FACT_WORDS[source.fact]}</td>
            <td>{SOURCE_KIND_WORDS[source.kind]}</td>
            <td class="wrap-anywhere"
              >{source.regions?.map((region) => REGION_WORDS[region]).join(', ') ?? 'wherever it lives'}</td
            >
          </tr>
        {/each}
      </tbody>
    </Table>
  </Fold>

  {#if other}
    <div class="section-head"><h2>Side by side</h2></div>
    <p class="small alike">
      {#each g.lookAlikes as alike (alike.id)}
        <a
          href="?beside={alike.id}"
          data-sveltekit-noscroll
          aria-current={alike.id === other.candidate.id ? 'true' : undefined}>{data.names[alike.id]}</a
        >
      {/each}
    </p>
    <Table class="table-fixed beside">
      <thead
        ><tr
          ><th scope="col"><span class="sr-only">What</span></th><th scope="col">{c.name}</th><th scope="col"
            ><a href={resolve('/guide/[id]', { id: other.candidate.id })}>{other.candidate.name}</a></th
          ></tr
        ></thead
      >
      <tbody>
        {#if data.drawings[0] && other.drawings[0]}
          <tr
            ><th scope="row">Drawing</th><td
              ><Drawing id={data.drawings[0].id} name={data.drawings[0].title} width={200} /></td
            ><td><Drawing id={other.drawings[0].id} name={other.drawings[0].title} width={200} /></td></tr
          >
        {/if}
        {#if scaled}
          <tr
            ><th scope="row">At one scale</th>{#each scaled as { id, title, width } (id)}<td
                ><Drawing {id} name={title} {width} plain /></td
              >{/each}</tr
          >
        {/if}
        <tr
          ><th scope="row">Telling mark</th><td>{show.prose(c.telling)}</td><td
            >{show.prose(other.candidate.telling)}</td
          ></tr
        >
        <tr
          ><th scope="row">Told apart</th><td colspan="2"
            >{g.lookAlikes.find((a) => a.id === other.candidate.id)?.tell ?? 'see the marks'}</td
          ></tr
        >
        <tr
          ><th scope="row">This month</th><td
            >{data.stage ? `${data.stage.name}, ${show.bodyText(data.stage.lengthMm)}` : '–'}</td
          ><td>{other.stage ? `${other.stage.name}, ${show.bodyText(other.stage.lengthMm)}` : '–'}</td></tr
        >
        <tr
          ><th scope="row">Shows most</th><td
            >{data.signs
              .slice(0, 3)
              .map((s) => s.name)
              .join('; ')}</td
          ><td
            >{other.signs
              .slice(0, 3)
              .map((s) => s.name)
              .join('; ')}</td
          ></tr
        >
      </tbody>
    </Table>
  {/if}
  <div class="actions">
    <Button kind="main" href="{resolve('/cases/new')}?seen={c.id}">I have seen this: start a case</Button>
  </div>
</div>

<style>
  .tag {
    font-size: 0.9rem;
    border: 1px solid var(--edge);
    border-radius: 3px;
  }
  .halt {
    border-color: var(--brick);
    font-weight: 700;
  }
  figure {
    margin: 0 0 0.6rem;
    max-width: 100%;
  }
  .page > p {
    max-width: 46rem;
    margin: 0.35rem 0;
  }
  .signs li {
    display: flex;
    gap: 0.9rem;
    align-items: center;
  }
  .signs li > span:first-of-type {
    flex: 1;
  }
  :global(.beside) td,
  :global(.beside) th {
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  :global(.beside) th[scope='row'] {
    width: 7rem;
  }
  .alike a {
    margin-right: 1.2rem;
  }
  .alike a[aria-current] {
    font-weight: 700;
    text-decoration: none;
  }
</style>
