<script lang="ts">
  import Button from './Button.svelte';
  import { enhance } from '$app/forms';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { getToday, getZone } from './today';
  import { getMayChange } from './may';
  import type { SettledCaution } from '../../core/case';
  import { tickSays, wayOutOf } from '../../core/safety';
  import { cautionWords, RANK_WORDS, WAY_OUT_WORDS } from '../../words';
  import { getShow } from './show';
  const show = getShow();

  const may = getMayChange();
  const zone = getZone();
  const today = getToday();
  let { item, action }: { item: SettledCaution; action: string } = $props();
  const words = $derived(cautionWords(item.caution, show));
  const at = $derived(item.settled ? show.instantText(item.settled.at, zone(), today()) : '');
  /** The sign by which it is ruled out, where looking settles it. */
  const sign = $derived(
    item.caution.code === 'must-rule-out' && !item.caution.facts.named ? item.caution.facts.sign : '',
  );
  const wayOut = $derived(wayOutOf(item.caution));
  /** What is wrong with what was written beside a tick. */
  const unsaid = $derived(
    tickSays(item.caution)
      ? (page.form?.errors as { path: string; message: string }[] | undefined)?.find(
          ({ path }) => path === 'said',
        )?.message
      : undefined,
  );
  const look = $derived(item.settled ? 'settled' : item.caution.rank);
</script>

{#snippet title()}
  <span class="inline-block min-w-[1.1rem] font-[800]" aria-hidden="true"
    >{item.settled
      ? '✓'
      : item.caution.rank === 'halt'
        ? '✕'
        : item.caution.rank === 'care'
          ? '!'
          : 'i'}</span
  >
  {item.settled ? 'Settled' : RANK_WORDS[item.caution.rank]} · {words.title}
{/snippet}
{#snippet rest()}
  {#if item.settled}
    <p class="small">
      {words.tick}: {item.settled.said ? `“${item.settled.said}”, ` : ''}{item.settled.by}, {at}
    </p>
  {:else}
    <p class="small">{words.text}</p>
    {#if wayOut}<p class="small soft">Way out: {WAY_OUT_WORDS[wayOut]}.</p>{/if}
    {#if item.caution.code === 'not-asked' && typeof page.data.propertyId === 'string'}
      <p class="small">
        <a href="{resolve('/properties/[id]', { id: page.data.propertyId })}#people"
          >Ask, and write it down there</a
        >
      </p>
    {/if}
    {#if sign !== '' && page.params.number}
      <p class="small">
        <a href="{resolve(`/cases/${page.params.number}/look`)}#sign-{sign}">Look for that mark</a>
      </p>
    {/if}
  {/if}
  {#if item.caution.clause}
    <details class="small">
      <summary>clause {item.caution.clause.at}</summary>“{item.caution.clause.text}”
    </details>
  {/if}
  {#if item.caution.settledBy === 'tick' && may()}
    <form
      method="POST"
      {action}
      use:enhance={() =>
        ({ update }) =>
          update({ reset: false })}
    >
      <input type="hidden" name="key" value={item.key} />
      <input type="hidden" name="tick" value={item.settled ? 'off' : 'on'} />
      {#if item.settled}<Button kind="text">Take the tick back</Button>
      {:else}
        {#if tickSays(item.caution)}
          <label class="field-label" for="said-{item.key}">Its number, or why none is wanted</label>
          <input
            id="said-{item.key}"
            name="said"
            class="field-input said"
            maxlength="200"
            required
            autocomplete="off"
          />
          {#if unsaid}<p class="field-error" role="alert">{unsaid}</p>{/if}
        {/if}
        <Button class="button-tick">{words.tick}</Button>
      {/if}
    </form>
  {/if}
{/snippet}

<section
  class="border-l-5 border-l-edge py-2.5 px-3 mb-3 bg-petrol-wash {look}"
  aria-label="{item.settled ? 'Settled' : RANK_WORDS[item.caution.rank]}: {words.title}"
>
  {#if item.settled}
    <details>
      <summary class="head font-bold">{@render title()}</summary>
      {@render rest()}
    </details>
  {:else}
    <p class="head font-bold">{@render title()}</p>
    {@render rest()}
  {/if}
</section>

<style>
  .halt {
    border-color: var(--brick);
    background: var(--brick-wash);
  }
  .care {
    border-color: var(--saffron);
    background: var(--saffron-wash);
  }
  .note {
    border-color: var(--petrol);
  }
  .settled {
    border-color: var(--moss);
    background: var(--moss-wash);
  }
  .head {
    margin: 0 0 0.2rem;
  }
  p {
    margin: 0;
  }
  summary.head {
    color: inherit;
    text-decoration: none;
    padding: 0;
    min-height: 1.6rem;
  }
  .settled {
    padding: 0.35rem 0.8rem;
    margin-bottom: 0.3rem;
  }
  summary {
    cursor: pointer;
    color: var(--petrol);
    padding: 0.3rem 0;
    text-decoration: underline;
    text-underline-offset: 3px;
  }
  .said {
    width: 20rem;
    max-width: 100%;
  }
</style>
