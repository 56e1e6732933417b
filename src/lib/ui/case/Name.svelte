<script lang="ts">
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import { percentText } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  const sheet = getSheet();
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.name);
  const candidateOf = (id: string) => sheet.facts.candidates.find((c) => c.id === id);
  const signOf = (id: string) => sheet.facts.signs.find((s) => s.id === id);
  let picked = $state(untrack(() => start?.candidate ?? sheet.view.named?.id ?? ''));
  let all = $state(false);
  const show = getShow();
  const shown = $derived(view.ranking.ranked.filter((r, i) => all || i < 5 || r.id === picked));
  const chosen = $derived(candidateOf(picked));
  const lead = $derived(view.ranking.ranked[0]);
  const stageNow = $derived(view.named?.id === picked ? view.stage?.id : undefined);
</script>

<p class="say">
  {#if view.ranking.sure}
    <span class="figure big">{candidateOf(lead?.id ?? '')?.name}, {percentText(lead?.p ?? 0)}</span>
    <span class="soft">{candidateOf(lead?.id ?? '')?.scientific ?? ''}</span>
  {:else}
    <span class="figure big">Not sure yet</span>
    <span class="soft"
      >{candidateOf(lead?.id ?? '')?.name} leads with {percentText(lead?.p ?? 0)}; from 80 % it counts as sure</span
    >
  {/if}
</p>

<fieldset>
  <legend class="legend">Which one is it</legend>
  <ul class="rule-list">
    {#each shown as entry (entry.id)}
      {@const candidate = candidateOf(entry.id)}
      {#if candidate}
        <li>
          <label class="row">
            <input
              type="radio"
              name="candidate"
              value={entry.id}
              checked={entry.id === picked}
              onchange={() => (picked = entry.id)}
            />
            <span class="who">
              <span class="figure">{candidate.name}</span>
              {#if candidate.scientific}<i class="soft small">{candidate.scientific}</i>{/if}
              {#if candidate.kind === 'not-insect'}<span class="tag">no insect</span>{/if}
              {#if candidate.status !== 'pest'}<span class="tag halt">{candidate.status}</span>{/if}
            </span>
            <span class="bar" aria-hidden="true"
              ><span style:width="{Math.max(0.6, entry.p * 100)}%"></span></span
            >
            <span class="number figure">{percentText(entry.p)}</span>
          </label>
          {#if entry.evidence.length > 0 && (entry.id === picked || entry === shown[0])}
            <p class="evidence small">
              {#each entry.evidence.slice(0, 5) as e (e.sign)}
                <span class={e.bits >= 0 ? 'for' : 'against'}>
                  {e.bits >= 0 ? '▲ for' : '▼ against'}: {signOf(e.sign)?.name.toLowerCase()}{e.seen
                    ? ''
                    : ' (not there)'}
                </span>
              {/each}
            </p>
          {/if}
        </li>
      {/if}
    {/each}
  </ul>
</fieldset>
{#if !all}<button type="button" class="button button-plain" onclick={() => (all = true)}
    >Show all {view.ranking.ranked.length} candidates</button
  >{/if}

{#if chosen}
  <div class="picked">
    <p><span class="figure">Telling mark:</span> {chosen.telling}.</p>
    <p><span class="figure">Do:</span> {chosen.doNow}. <span class="figure">Do not:</span> {chosen.doNot}.</p>
  </div>
  {#if chosen.stages.length > 0}
    {#key picked}
      <Choice
        label="Life stage"
        name="stage"
        value={start?.candidate === picked ? (start.stage ?? '') : (stageNow ?? chosen.stages[0]?.id ?? '')}
        items={chosen.stages.map((s) => ({
          value: s.id,
          name: `${s.name}, ${show.bodyText(s.lengthMm)}`,
        }))}
        width="18rem"
        hint="The season says which is likely; the body length decides"
      />
    {/key}
  {/if}
{/if}

{#if view.ranking.next.length > 0}
  <div class="section-head">
    <h2>Worth looking at next</h2>
    <span class="soft small">gain against effort</span>
  </div>
  <ul class="rule-list">
    {#each view.ranking.next.slice(0, 3) as look (look.sign)}
      <li class="next">
        <a href="{resolve(`/cases/${sheet.facts.number}/look`)}#sign-{look.sign}">{signOf(look.sign)?.name}</a
        >
        <span class="soft small">{signOf(look.sign)?.how}</span>
        <span class="number small">{look.gainBits.toFixed(2)} bits</span>
      </li>
    {/each}
  </ul>
{/if}

<style>
  .say {
    margin: 0 0 1rem;
    display: flex;
    gap: 0.2rem 0.8rem;
    flex-wrap: wrap;
    align-items: baseline;
  }
  .big {
    font-size: 1.3rem;
  }
  .row {
    display: grid;
    grid-template-columns: 1.6rem minmax(9rem, 1.2fr) minmax(5rem, 1fr) 3.4rem;
    gap: 0.6rem;
    align-items: center;
    cursor: pointer;
    min-height: 2.2rem;
  }
  .row input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--petrol);
  }
  .who {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.5rem;
    align-items: baseline;
  }
  .tag {
    font-size: 0.85rem;
    border: 1px solid var(--edge);
    border-radius: 3px;
    padding: 0 0.35rem;
  }
  .tag.halt {
    border-color: var(--brick);
    color: var(--brick-ink);
    font-weight: 700;
  }
  .bar {
    height: 14px;
    background: linear-gradient(var(--rule), var(--rule)) left 80% top / 1px 100% no-repeat;
    border-bottom: 1px solid var(--rule);
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
  .evidence {
    margin: 0.1rem 0 0.2rem 2.2rem;
    display: flex;
    flex-wrap: wrap;
    gap: 0.1rem 1rem;
  }
  .for {
    color: var(--moss-ink);
  }
  .against {
    color: var(--brick-ink);
  }
  .picked p {
    margin: 0.5rem 0;
    max-width: 44rem;
  }
  .next {
    display: grid;
    grid-template-columns: 1.2fr 1.4fr auto;
    gap: 0.8rem;
    align-items: baseline;
  }
  @media (max-width: 700px) {
    .row {
      grid-template-columns: 1.6rem 1fr 3.4rem;
    }
    .row .bar {
      grid-column: 2 / 4;
      grid-row: 2;
    }
    .next {
      grid-template-columns: 1fr auto;
    }
    .next span:nth-child(2) {
      grid-column: 1 / 3;
      grid-row: 2;
    }
  }
</style>
