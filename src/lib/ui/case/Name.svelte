<script lang="ts">
  import OneOf from '../parts/OneOf.svelte';
  import Notice from '../parts/Notice.svelte';
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import { circumstancesOf, purposeOf } from '../../core/case';
  import { groupNamed, livesIn, stagesOf, SURE_FROM } from '../../core/identify';
  import { CONCERN_WORDS, gainWords, inSentence, percentText, REGION_WORDS, STATUS_WORDS } from '../../words';
  import Tick from '../parts/Tick.svelte';
  import { getShow } from '../parts/show';
  import Beside from './Beside.svelte';
  import Weighed from './Weighed.svelte';
  import { getSheet } from './sheet.svelte';

  const show = getShow();
  const SHOWN = 5;
  const sheet = getSheet();
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.name);
  const candidateOf = (id: string) => sheet.facts.candidates.find((c) => c.id === id);
  const signOf = (id: string) => sheet.facts.signs.find((s) => s.id === id);
  const purpose = $derived(purposeOf(sheet.facts));
  const NOBODY = 'none';
  let picked = $state(
    untrack(
      () =>
        (start?.candidate || sheet.view.named?.id) ?? (purposeOf(sheet.facts) === 'routine' ? NOBODY : ''),
    ),
  );
  let all = $state(false);
  let also = $state<readonly string[]>(untrack(() => start?.also ?? []));
  const shown = $derived(
    view.ranking.ranked.filter((r, i) => all || i < SHOWN || r.id === picked || also.includes(r.id)),
  );
  const chosen = $derived(candidateOf(picked));
  const lead = $derived(view.ranking.ranked[0]);
  const group = $derived(groupNamed(view.ranking, sheet.facts.candidates));
  const region = $derived(sheet.facts.property.region ?? null);
  const leader = $derived(candidateOf(lead?.id ?? ''));
  const second = $derived(view.ranking.ranked.find((r) => r.id !== (picked || lead?.id))?.id ?? '');
  const when = $derived(circumstancesOf(sheet.facts));
  const weighed = $derived(picked || (lead?.id ?? ''));
  const stages = $derived(chosen ? stagesOf(chosen, when.month, when.hemisphere, when.lengthMm) : []);
  const lookAt = (sign: string): string => `${resolve(`/cases/${sheet.facts.number}/look`)}#sign-${sign}`;

  const nameOf = (id: string): string => (signOf(id)?.name ?? id).toLowerCase();
</script>

{#if purpose !== 'control'}
  <p class="soft">
    {purpose === 'routine'
      ? 'A routine visit needs no name: what it is against stands on the label. Where something was found on the round, name it here.'
      : 'Which is it that is to be prevented? The shares go by season and history alone; you decide.'}
  </p>
{:else}
  <p class="say flex gap-y-1 gap-x-3 flex-wrap items-baseline">
    {#if view.ranking.sure}
      <span class="figure text-[1.3rem]">{leader?.name}, {percentText(lead?.p ?? 0)}</span>
      <span class="soft">{leader?.scientific ?? ''}</span>
    {:else if group}
      <span class="figure text-[1.3rem]">{group.group}, {percentText(group.p)}</span>
      <span class="soft"
        >Which of them is not sure: likeliest {inSentence(leader?.name ?? '')}, {percentText(lead?.p ?? 0)}.
        Where label and threshold speak of the group, choose the likeliest.
        {#if view.ranking.next[0]}What would part them: {nameOf(view.ranking.next[0].sign)}.{/if}</span
      >
    {:else}
      <span class="figure text-[1.3rem]">Not sure yet</span>
      <span class="soft"
        >Likeliest: {inSentence(leader?.name ?? '')}, {percentText(lead?.p ?? 0)}; from {percentText(
          SURE_FROM,
        )} it counts as sure.
        {#if view.ranking.hangsOn}It hangs on one reading so far ({nameOf(view.ranking.hangsOn)}): one more
          mark has to bear it out.{/if}
        {#if view.ranking.next[0]}Most would be settled by: {nameOf(view.ranking.next[0].sign)}.{/if}</span
      >
    {/if}
  </p>
{/if}
{#if view.density}
  <p class="counted">
    <span class="soft">Counted:</span>
    <span class="figure">{show.densityText(view.density.mean, view.basis)}</span>
    <span class="soft"
      >between {show.densityNumber(view.density.low, view.basis)} and {show.densityNumber(
        view.density.high,
        view.basis,
      )}</span
    >
  </p>
{/if}
{#if view.ranking.misfits.length > 0}
  <Notice kind="care">
    <span class="figure">This fits nothing that is still likely:</span>
    {view.ranking.misfits.map(nameOf).join('; ')}. Look again, or there is more than one cause.
  </Notice>
{/if}

<fieldset>
  <legend class="legend">{purpose === 'prevent' ? 'What is to be prevented' : 'Which one is it'}</legend>
  <ul class="rule-list">
    {#if purpose === 'routine'}
      <li>
        <OneOf name="candidate" value={NOBODY} chosen={picked} onpick={() => (picked = NOBODY)}>
          <span class="figure">Nothing named: what the label is for</span>
        </OneOf>
      </li>
    {/if}
    {#each shown as entry (entry.id)}
      {@const candidate = candidateOf(entry.id)}
      {#if candidate}
        <li>
          <label
            class="row grid grid-cols-[1.6rem_minmax(9rem,1.2fr)_minmax(5rem,1fr)_5rem] gap-2.5 items-center cursor-pointer min-h-[2.2rem] max-[700px]:grid-cols-[1.6rem_1fr_5rem]"
          >
            <input
              type="radio"
              name="candidate"
              value={entry.id}
              checked={entry.id === picked}
              onchange={() => (picked = entry.id)}
            />
            <span class="who flex-wrap gap-y-0 gap-x-2 items-baseline">
              <span class="figure">{candidate.name}</span>
              {#if candidate.scientific}<i class="soft small">{candidate.scientific}</i>{/if}
              {#if !livesIn(candidate, region)}<span class="tag py-0 px-1.5">not known from here</span>{/if}
              {#if candidate.kind === 'not-insect'}<span class="tag py-0 px-1.5">no insect</span>{/if}
              {#if candidate.status !== 'pest'}<span class="tag py-0 px-1.5 halt"
                  >{STATUS_WORDS[candidate.status]}</span
                >{/if}
              {#each candidate.concerns as concern (concern)}<span class="tag py-0 px-1.5"
                  >{CONCERN_WORDS[concern]}</span
                >{/each}
            </span>
            <span class="bar border-b border-b-rule" aria-hidden="true"
              ><span style:width="{Math.max(0.6, entry.p * 100)}%"></span></span
            >
            <span class="number figure">{percentText(entry.p)}</span>
          </label>
        </li>
      {/if}
    {/each}
  </ul>
</fieldset>
{#if !all}<Button type="button" kind="plain" onclick={() => (all = true)}
    >Show all {view.ranking.ranked.length} candidates</Button
  >{/if}
{#if region}
  <p class="soft small">
    Weighed for {REGION_WORDS[region]}: the property says where it lies. What is not known from there can have
    been brought.{sheet.facts.property.yearRound
      ? ' So near to the equator every month counts alike, and all life stages are about.'
      : ''}
  </p>
{/if}
{#if purpose === 'control'}<p class="soft small">
    Not sure is a fine end: <a href={resolve('/cases/[number]/ask', { number: String(sheet.facts.number) })}
      >a sheet to ask an expert</a
    > has the counts and signs on it.
  </p>{/if}

{#if weighed !== NOBODY}<Weighed id={weighed} />{/if}

{#if chosen}
  <div class="picked">
    <p><span class="figure">Telling mark:</span> {show.prose(chosen.telling)}.</p>
    <p>
      <span class="figure">Do:</span>
      {show.prose(chosen.doNow)}. <span class="figure">Mind:</span>
      {show.prose(chosen.doNot)}.
    </p>
    <p class="small"><a href={resolve('/guide/[id]', { id: chosen.id })}>In the field guide</a></p>
  </div>
  {#if stages.length > 0}
    {#key picked}
      <fieldset class="stages">
        <legend class="legend">
          {purpose === 'prevent'
            ? 'Which stage is to be prevented'
            : 'Life stages that were found or counted'}
        </legend>
        <div class="flex flex-wrap gap-y-1.5 gap-x-6">
          {#each stages as { stage, p } (stage.id)}
            <Tick
              label="{stage.name}, {show.bodyText(stage.lengthMm)}, {percentText(p)}"
              name="stages.{stage.id}"
              checked={start?.candidate === picked &&
                (start.stages && start.stages.length > 0
                  ? start.stages.includes(stage.id)
                  : start.stage === stage.id)}
            />
          {/each}
        </div>
        <p class="soft small">
          {when.lengthMm === null
            ? 'The shares go by the season; a body length at Look would tell more.'
            : 'The shares go by the season and the body length.'}
          {purpose === 'prevent' ? '' : 'With none ticked the calendar is taken, and halts nothing.'}
        </p>
      </fieldset>
    {/key}
  {/if}
  {#if view.named?.id === picked && view.unexplained.length > 0}
    <Notice kind="care">
      <span class="figure">Not explained by this:</span>
      {view.unexplained.map(nameOf).join('; ')}. Is there a second cause?
    </Notice>
  {/if}
  <fieldset class="mt-4">
    <legend class="legend">Confirmed at the same place too</legend>
    <div class="flex flex-wrap gap-y-1.5 gap-x-6">
      {#each shown.filter((r) => r.id !== picked) as entry (entry.id)}
        <Tick
          label={inSentence(candidateOf(entry.id)?.name ?? '')}
          name="also.{entry.id}"
          checked={also.includes(entry.id)}
          onpick={(on) => (also = on ? [...also, entry.id] : also.filter((id) => id !== entry.id))}
        />
      {/each}
    </div>
  </fieldset>
{/if}

{#if view.ranking.next.length > 0}
  <div class="section-head">
    <h2>Worth looking at next</h2>
    <span class="soft small">gain against effort</span>
  </div>
  <ul class="rule-list">
    {#each view.ranking.next.slice(0, 3) as look, i (look.sign)}
      <li
        class="next grid grid-cols-[1.2fr_1.4fr_auto] gap-3 items-baseline max-[700px]:grid-cols-[1fr_auto]"
      >
        <a href={lookAt(look.sign)}>{show.prose(signOf(look.sign)?.name ?? '')}</a>
        <span class="soft small">{show.prose(signOf(look.sign)?.how ?? '')}</span>
        <span class="number small">{gainWords(i, look.gainBits)}</span>
      </li>
    {/each}
  </ul>
{/if}
<Beside first={weighed} {second} />

<style>
  .say {
    margin: 0 0 1rem;
  }
  .counted {
    margin: -0.6rem 0 1rem;
  }
  .row input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--petrol);
  }
  .who {
    display: flex;
  }
  .tag {
    font-size: 0.85rem;
    border: 1px solid var(--edge);
    border-radius: 3px;
  }
  .tag.halt {
    border-color: var(--brick);
    color: var(--brick-ink);
    font-weight: 700;
  }
  .bar {
    height: 14px;
    background: linear-gradient(var(--rule), var(--rule)) left 80% top / 1px 100% no-repeat;
  }
  .bar span {
    display: block;
    height: 100%;
    background: var(--petrol);
    transition: width 0.25s;
  }
  @media (prefers-reduced-motion: reduce) {
    .bar span {
      transition: none;
    }
  }
  .picked p {
    margin: 0.5rem 0;
    max-width: 44rem;
  }
  @media (max-width: 700px) {
    .row .bar {
      grid-column: 2 / 4;
      grid-row: 2;
    }
    .next span:nth-child(2) {
      grid-column: 1 / 3;
      grid-row: 2;
    }
  }
</style>
