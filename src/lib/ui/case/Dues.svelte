<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { sprinklerMinutes } from '../../core/equipment';
  import { numberOf } from '../../core/case';
  import { dueKey } from '../../core/schedule';
  import { dueBy, dueWords, nightsWords } from '../../words';
  import { getMayChange } from '../parts/may';
  import { getShow } from '../parts/show';
  import { getToday, getZone } from '../parts/today';
  import { getSheet } from './sheet.svelte';
  import type { Tool } from './stop-props';

  /** What the entries leave to be done, each ticked with what was read. */
  const show = getShow();
  const sheet = getSheet();
  const may = getMayChange();
  const today = getToday();
  const zone = getZone();
  const dues = $derived(
    [...sheet.view.dues].sort((a, b) =>
      `${a.done ? 1 : 0} ${a.due.day} ${a.due.clock ?? ''}` <
      `${b.done ? 1 : 0} ${b.due.day} ${b.due.clock ?? ''}`
        ? -1
        : 1,
    ),
  );
  const open = $derived(dues.filter(({ done }) => done === null).length);
  /** Whose depth an hour stands in the calibration book. */
  const sprinklers = $derived(
    ((page.data.equipment ?? []) as readonly Tool[]).flatMap(({ kind, name, proven }) =>
      kind === 'sprinkler' && proven.cups ? [{ name, mmPerHour: proven.cups.value }] : [],
    ),
  );
  const nights = $derived(sheet.view.nights);
  const course = $derived(
    `${resolve(`/cases/${sheet.facts.number}/${numberOf(sheet.facts)}/choose`)}?/course`,
  );
  const action = $derived(`${resolve(`/cases/${sheet.facts.number}/${numberOf(sheet.facts)}/log`)}?/due`);
</script>

{#snippet list()}
  <ul>
    {#each dues as { due, done } (dueKey(due))}
      {@const words = dueWords(due, show)}
      <li class:done={done !== null} class:late={done === null && due.day < today()}>
        <span class="figure when">{dueBy(due, today(), show)}</span>
        <span
          >{words.title}{#if due.kind === 'water-in' && !done}{#each sprinklers as { name, mmPerHour } (name)}
              {@const minutes = sprinklerMinutes(Number(due.facts.mm), mmPerHour)}
              {#if minutes !== null}<span class="soft small"
                  >; {Math.ceil(minutes)} min on {name} ({show.rainText(mmPerHour)} an hour)</span
                >{/if}
            {/each}{/if}</span
        >
        {#if done}
          <span class="soft small"
            >✓ {words.tick}{done.said ? `: “${done.said}”` : ''}, {done.by}, {show.instantText(
              done.at,
              zone(),
              today(),
            )}</span
          >
        {/if}
        {#if may()}
          <form method="POST" {action} use:enhance>
            <input type="hidden" name="key" value={dueKey(due)} />
            <input type="hidden" name="tick" value={done ? 'off' : 'on'} />
            {#if done}<Button kind="text">Take the tick back</Button>
            {:else}
              <input
                class="field-input"
                inputmode={due.kind === 'lift' ? 'numeric' : undefined}
                required={due.kind === 'lift'}
                name="said"
                maxlength="200"
                aria-label={due.kind === 'lift' ? 'How many were counted' : 'What was read'}
                placeholder={due.kind === 'lift' ? 'how many; 0 for none' : 'what was read'}
              />
              <Button>{words.tick}</Button>
            {/if}
          </form>
        {/if}
      </li>
    {/each}
  </ul>
{/snippet}

{#if dues.length > 0}
  <section aria-label="Still to do">
    {#if open > 0}
      <h2>{open === 1 ? 'One thing is still to do' : `${open} things are still to do`}</h2>
      {@render list()}
    {:else}
      <Fold says="All is done that was to do after it">
        {@render list()}
      </Fold>
    {/if}
    {#if nights}
      {@const told = nightsWords(nights, show)}
      <p class="nights" role="status">
        <span class="figure">{told.title}</span>
        <span class="soft">{told.text}</span>
      </p>
      {#if nights.verdict === 'again' && may()}
        <form method="POST" action={course} use:enhance>
          <input type="hidden" name="number" value={numberOf(sheet.facts)} />
          <Button name="act" value="next-go">Plan the next night</Button>
        </form>
      {/if}
    {/if}
  </section>
{/if}

<style>
  section {
    border-top: 2px solid var(--ink);
    margin-bottom: 1.2rem;
  }
  h2 {
    margin: 0.5rem 0;
    font-size: 1.1rem;
  }
  li {
    display: grid;
    grid-template-columns: 8rem minmax(0, 1fr);
    gap: 0.2rem 0.8rem;
    border-top: 1px solid var(--rule);
    padding: 0.5rem 0;
  }
  li > :nth-child(n + 3) {
    grid-column: 2;
  }
  .late .when {
    color: var(--brick-ink);
  }
  .done > :nth-child(-n + 2) {
    color: var(--soft);
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem;
    align-items: center;
  }
  form .field-input {
    width: 12rem;
  }
  @media (max-width: 600px) {
    li {
      grid-template-columns: 1fr;
    }
    li > :nth-child(n + 3) {
      grid-column: 1;
    }
  }
</style>
