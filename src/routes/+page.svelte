<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import AgendaRow from '$lib/ui/home/AgendaRow.svelte';
  import StripKey from '$lib/ui/parts/StripKey.svelte';
  import { getShow } from '$lib/ui/parts/show';
  import { countWord, dueBy, dueWords, stopPath } from '$lib/words';
  import { getMayChange } from '$lib/ui/parts/may';
  import type { PageProps } from './$types';
  const show = getShow();
  const { dayText, longDayText, numberText, quantityText, whenText } = show;

  /** Jobs of one day that show their hours; nobody does more of them. */
  const WITH_HOURS = 15;
  let { data }: PageProps = $props();
  const may = getMayChange();
  const today = $derived(data.today);
  const work = $derived(
    data.entries.filter((e) => e.kind === 'work' || e.kind === 'halted' || e.kind === 'no-window'),
  );
  const days = $derived([...new Set(work.map((e) => e.day))].sort());
  const mixes = $derived(work.flatMap((e) => (e.mix === null || e.kind === 'halted' ? [] : [e.mix])));
  const together = $derived(new Set(mixes).size < mixes.length);
  const answers = $derived(data.entries.filter((e) => e.kind === 'answer'));
  const counts = $derived(
    data.entries.filter((e) => e.kind === 'count').sort((a, b) => ((a.due ?? '') < (b.due ?? '') ? -1 : 1)),
  );
  const closing = $derived(data.entries.filter((e) => e.kind === 'close'));
  const count = (n: number): string => countWord(n).replace(/^./, (letter) => letter.toUpperCase());
  const headline = $derived.by(() => {
    const fits = work.filter((e) => e.kind === 'work' && e.day === today).length;
    const halted = work.filter((e) => e.kind === 'halted').length;
    const first =
      fits === 0 ? 'No job fits today' : `${count(fits)} ${fits === 1 ? 'job fits' : 'jobs fit'} today`;
    return halted === 0
      ? first
      : `${first}, ${count(halted).toLowerCase()} ${halted === 1 ? 'is' : 'are'} halted`;
  });
</script>

<svelte:head><title>Today · Nimsy</title></svelte:head>

<div class="grid grid-cols-[1fr_300px] min-h-[calc(100vh_-_80px)] max-[900px]:grid-cols-1">
  <div class="pt-5 pb-12 px-7 min-w-0 max-[900px]:p-4">
    <div class="top flex justify-between gap-4 items-start flex-wrap mb-2.5">
      <div>
        <h1>{data.entries.length === 0 ? 'Nothing is open' : headline}</h1>
        <p class="soft">
          {longDayText(today)}{data.weather === null
            ? ' · no weather is known: hours are checked by hand'
            : ''}
        </p>
      </div>
      {#if may()}<Button kind="main" href={resolve('/cases/new')}>What did you see?</Button>{/if}
    </div>
    {#if data.more > 0}
      <p class="soft">
        The {data.entries.length} cases that were worked on last are looked at here; {data.more} more are open under
        <a href={resolve('/cases')}>Cases</a>.
      </p>
    {/if}
    {#if data.numbersMissing && data.owner}
      <p class="numbers border-l-5 border-l-saffron bg-saffron-wash py-2 px-4">
        ! Whom do you call when somebody is poisoned or stung? <a
          href="{resolve('/settings')}#f-emergency-poison">Fill the numbers of your place in</a
        >; they stand on the emergency card of every screen.
      </p>
    {/if}
    {#if data.entries.length === 0}
      <p>
        {#if data.hasProperties}Open a case for what you saw, or <a href={resolve('/how-much')}
            >just ask how much</a
          >.
        {:else}First a place: <a href={resolve('/properties/new')}>add the property</a>. Or
          <a href={resolve('/how-much')}>just ask how much</a>.{/if}
      </p>
    {/if}
    {#if work.length > 0 && data.weather !== null}<StripKey />{/if}
    {#each days as day (day)}
      <section>
        <h2 class="section-head">{day === today ? 'Today' : dayText(day, today)}</h2>
        {#each work.filter((e) => e.day === day) as entry, i (`${entry.number} ${entry.treatment}`)}<AgendaRow
            {entry}
            nowHour={data.nowHour}
            brief={i >= WITH_HOURS}
          />{/each}
      </section>
    {/each}
    {#if together}
      <p>
        <a href={resolve('/mix-together')}>Mix the day’s jobs together</a>: several take the same product.
      </p>
    {/if}
    {#if answers.length > 0}
      <section>
        <h2 class="section-head">Needs an answer first</h2>
        {#each answers as entry (`${entry.number} ${entry.treatment}`)}<AgendaRow
            {entry}
            nowHour={data.nowHour}
          />{/each}
      </section>
    {/if}
  </div>
  <aside aria-label="Due and running out">
    {#if data.trials.length > 0}
      <h2 class="section-head">Tried at home</h2>
      <ul class="rule-list">
        {#each data.trials as { what, until, number, property }, i (i)}
          <li class="pair flex justify-between gap-3">
            <a class="plain-link" href={resolve(stopPath(number, null, 'look'))}
              >{property}<br /><span class="soft small"
                >Stop it and say what came of it: {what.toLowerCase()}</span
              ></a
            >
            <span class="figure" class:late={until < today}>{show.dayText(until, today)}</span>
          </li>
        {/each}
      </ul>
    {/if}
    {#if data.dues.length > 0}
      <h2 class="section-head">Still to do after the work</h2>
      <ul class="rule-list">
        {#each data.dues as { due, number, treatment, property } (`${due.record} ${due.kind}`)}
          <li class="pair flex justify-between gap-3">
            <a class="plain-link" href={resolve(stopPath(number, treatment, 'log'))}
              >{property}<br /><span class="soft small">{dueWords(due, show).title}</span></a
            >
            <span class="figure" class:late={due.day < today}>{dueBy(due, today, show)}</span>
          </li>
        {/each}
      </ul>
    {/if}
    <h2 class="section-head">Waiting for a count</h2>
    <ul class="rule-list">
      {#each counts as entry (`${entry.number} ${entry.treatment}`)}
        <li class="pair flex justify-between gap-3">
          <a class="plain-link" href={resolve(`/cases/${entry.number}/recheck`)}
            >{entry.property}, {entry.title.toLowerCase()}</a
          >
          <span class="figure" class:late={entry.due !== null && entry.due < today}
            >{entry.due ? whenText(entry.due, today) : ''}</span
          >
        </li>
      {:else}<li class="soft">no count is due</li>{/each}
    </ul>
    <h2 class="section-head">Running out</h2>
    <ul class="rule-list">
      {#each data.runningOut as c (`${c.labelId} ${c.lot}`)}
        <li class="pair flex justify-between gap-3">
          <a class="plain-link" href={resolve('/shelf/[label]', { label: c.labelId })}
            >{c.label}, lot {c.lot}<br /><span class="soft small"
              >{c.keptIn}{c.until
                ? `, ${c.state === 'expired' ? 'expired' : 'until'} ${dayText(c.until, today)}`
                : ''}</span
            ></a
          >
          <span class="figure">{numberText(c.left.value)} of {quantityText(c.size)}</span>
        </li>
      {:else}<li class="soft">nothing is short</li>{/each}
    </ul>
    {#if data.moreRunOut > 0}<p class="soft small">
        and {data.moreRunOut} more on the <a href={resolve('/shelf')}>shelf</a>
      </p>{/if}
    {#if data.calibrate.length > 0}
      <h2 class="section-head">To be calibrated</h2>
      <ul class="rule-list">
        {#each data.calibrate as tool (tool.id)}
          <li class="pair flex justify-between gap-3">
            <a class="plain-link" href={resolve('/equipment/[id]', { id: tool.id })}>{tool.name}</a>
            <span class="figure late">{whenText(tool.due, today)}</span>
          </li>
        {/each}
      </ul>
    {/if}
    {#if closing.length > 0}
      <h2 class="section-head">Can be closed</h2>
      <ul class="rule-list">
        {#each closing as entry (`${entry.number} ${entry.treatment}`)}<li>
            <a class="plain-link" href={resolve(`/cases/${entry.number}/recheck`)}
              >{entry.property}, {entry.title.toLowerCase()}</a
            >
          </li>{/each}
      </ul>
    {/if}
  </aside>
</div>

<style>
  .numbers {
    margin: 0.5rem 0;
  }
  aside {
    border-left: 1px solid var(--rule);
    padding: 0.2rem 1.2rem 3rem;
  }
  .top p {
    margin: 0.2rem 0 0;
  }
  .pair .figure {
    text-align: right;
    white-space: nowrap;
  }
  .late {
    color: var(--brick-ink);
  }
  @media (max-width: 900px) {
    aside {
      border-left: 0;
      padding: 0 0.9rem 3rem;
    }
  }
</style>
