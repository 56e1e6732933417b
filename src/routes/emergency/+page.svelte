<script lang="ts">
  import Button from '$lib/ui/parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { getShow } from '$lib/ui/parts/show';
  import { FIRST_STEPS, generalNumber, labelFirstAid } from '$lib/words/emergency';
  import type { PageProps } from './$types';

  let { data }: PageProps = $props();
  const show = getShow();
  const general = $derived(data.numbers.police ? null : generalNumber(data.timeZone));
  const lines = $derived(
    [
      { name: 'Emergency services', number: data.numbers.police },
      { name: 'Poison advice', number: data.numbers.poison },
      { name: 'Vet', number: data.numbers.vet },
      { name: 'Water authority', number: data.numbers.water },
    ].filter((line) => line.number !== ''),
  );
  const missing = $derived(data.numbers.police === '' || data.numbers.poison === '');
  const dial = (number: string): string => `tel:${number.replace(/[^+0-9*#]/g, '')}`;
</script>

<svelte:head><title>Emergency · Nimsy</title></svelte:head>
<div class="page">
  <div class="flex flex-wrap justify-between items-center gap-y-1.5 gap-x-4">
    <h1>Emergency</h1>
    <Button type="button" onclick={() => print()}>Print this card</Button>
  </div>
  <ul class="numbers list-none grid-cols-[repeat(auto-fit,minmax(10.4rem,1fr))] gap-2 max-w-[62rem]">
    {#each lines as { name, number } (name)}
      <li>
        <a class="line bg-brick-wash text-ink no-underline" href={dial(number)}
          ><span>{name}</span><b>{number}</b></a
        >
      </li>
    {/each}
    {#if general}
      <li>
        <a class="line bg-brick-wash text-ink no-underline" href={dial(general)}
          ><span>Emergency services? <i>check: proposed by the clock of the place</i></span><b>{general}</b
          ></a
        >
      </li>
    {/if}
  </ul>
  {#if missing}
    <p class="fill bg-saffron-wash">
      ! {data.numbers.poison === '' ? 'The number of poison advice' : 'The emergency number'} was never filled in.
      {#if data.owner}<a href="{resolve('/settings')}#f-emergency-poison">Fill it in now</a>, before it is
        needed.
      {:else}An owner fills it in under Settings.{/if}
    </p>
  {/if}
  {#if data.address}<p class="my-2 text-[1.1rem]">You are at: <b>{data.address}</b></p>{/if}

  <div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] gap-y-0 gap-x-8 max-[760px]:grid-cols-1">
    <section aria-label="What to do first">
      <!-- Native: they open where no script ever came. -->
      {#each FIRST_STEPS as { id, name, callFirst, steps } (id)}
        <details class:first={callFirst} open={callFirst}>
          <summary>{name}</summary>
          <ol>
            {#if callFirst}<li><b>Call the emergency number now.</b> Say “allergic shock”.</li>{/if}
            {#each steps as step (step)}<li>{show.prose(step)}</li>{/each}
          </ol>
        </details>
      {/each}
      <p class="soft small">
        First steps only. Whoever answers the telephone, the label and a doctor go before this card. Keep the
        container at hand, and take it along.
      </p>
    </section>
    <section aria-label="What was used">
      <h2 class="section-head">What was used{data.number ? ` in case ${data.number}` : ' lately'}</h2>
      {#each data.products as { card, doneOn } (card.id)}
        <article>
          <h3>{card.name}</h3>
          <p class="small">
            {doneOn
              ? `put down ${show.dayText(doneOn, data.today)}`
              : 'chosen, not put down yet'}{card.registration
              ? ` · registration ${card.registration}`
              : ''}{card.signalWord ? ` · ${card.signalWord}` : ''}
          </p>
          <p>
            <b>Holds:</b>
            {card.actives
              .map((a) =>
                [
                  a.name,
                  a.percent === null ? '' : ` ${show.numberText(a.percent)} %`,
                  a.group ? ` (group ${a.group})` : '',
                ].join(''),
              )
              .join('; ') || 'not stated'}
          </p>
          {#each labelFirstAid(card) as { name, text } (name)}
            <p><b>{name}:</b> {text}</p>
          {:else}<p>The card states no first aid. Read it out from the container.</p>{/each}
          {#if card.demonstration}<p class="soft small">Demonstration label: made up.</p>{/if}
        </article>
      {:else}
        <p class="soft">
          Nothing was logged in the last two weeks. Read name, registration and ingredient out from the
          container.
        </p>
      {/each}
    </section>
  </div>
</div>

<style>
  .numbers {
    padding: 0;
    margin: 0.4rem 0;
    display: grid;
  }
  .line {
    display: grid;
    border: 2px solid var(--brick);
    padding: 0.5rem 0.9rem;
    border-radius: 4px;
  }
  .line b {
    font-family: var(--font-title);
    font-size: 1.45rem;
    line-height: 1.15;
  }
  .fill {
    border-left: 5px solid var(--saffron);
    padding: 0.5rem 0.9rem;
    margin: 0.5rem 0;
  }
  details {
    border-bottom: 1px solid var(--rule);
  }
  .first {
    border: 2px solid var(--brick);
    padding: 0 0.8rem;
    margin-bottom: 0.4rem;
  }
  summary {
    cursor: pointer;
    font-weight: 650;
    padding: 0.7rem 0;
    min-height: 44px;
  }
  ol {
    margin: 0 0 0.8rem;
    padding-left: 1.6rem;
    list-style: decimal;
  }
  ol li {
    padding: 0.2rem 0;
  }
  article {
    border-bottom: 1px solid var(--rule);
    padding: 0.5rem 0;
  }
  article p {
    margin: 0.2rem 0;
  }
  h3 {
    margin: 0;
    font-size: 1.1rem;
  }
  @media (max-width: 760px) {
    .line b {
      font-size: 1.2rem;
    }
    .line {
      padding: 0.4rem 0.6rem;
    }
  }
  @media print {
    :global(main .button),
    .fill {
      display: none;
    }
    details::details-content {
      content-visibility: visible;
      block-size: auto;
    }
  }
</style>
