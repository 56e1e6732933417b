<script lang="ts">
  import { resolve } from '$app/paths';
  import {
    assess,
    factsFor,
    isOfTreatment,
    letterOf,
    numberOf,
    standingCourse,
    type TrailStop,
  } from '../../core/case';
  import { STOPS, type Stop } from '../../core/labels';
  import { STOP_NAMES, stopPath, trailText, treatmentName, treatmentText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  const show = getShow();

  /** The stops as links. Native: the library’s timeline tells of what was, and knows no stop that is open now. */
  let { current }: { current: Stop } = $props();
  const sheet = getSheet();
  const open = $derived(numberOf(sheet.facts));
  /** With one treatment the trail is the nine stops; with more, those of each stand folded under Choose. */
  const course = $derived(standingCourse(sheet.facts));
  const several = $derived(course.length > 1);
  const before = $derived(
    sheet.view.trail.filter(({ stop }) => !several || !isOfTreatment(stop) || stop === 'choose'),
  );
  const within = $derived(sheet.view.trail.filter(({ stop }) => isOfTreatment(stop) && stop !== 'choose'));
  let trail: HTMLElement;
  // On a telephone the stop that is open is never beyond the edge.
  $effect(() => {
    void current;
    const row = trail.querySelector('ol');
    const here = trail.querySelector<HTMLElement>('.current');
    if (row && here && row.scrollWidth > row.clientWidth)
      row.scrollLeft = here.offsetLeft - row.clientWidth / 2 + here.offsetWidth / 2;
  });
  const place = (stop: Stop): number => STOPS.indexOf(stop) + 1;
  const addressOf = (stop: Stop) => stopPath(sheet.facts.number, several ? open : null, stop);
  const lineOf = (number: number) => {
    const facts = factsFor(sheet.facts, number);
    const one = course.find((entry) => entry.number === number);
    if (!facts || !one) return null;
    const view = number === open ? sheet.view : assess(facts);
    return { name: treatmentName(facts, view), text: treatmentText(facts, view, one, show) };
  };
  const STATE_WORDS = {
    answered: 'answered',
    open: 'open',
    halted: 'halted',
    stale: 'to look at again',
  } as const;
</script>

{#snippet station({ stop, state }: TrailStop)}
  <li
    class={state}
    class:current={stop === current}
    class:inner={several && isOfTreatment(stop) && stop !== 'choose'}
  >
    <a
      href={resolve(addressOf(stop))}
      aria-current={stop === current ? 'step' : undefined}
      data-sveltekit-noscroll
    >
      <span class="dot w-[28px] h-[28px] grid place-items-center font-bold small" aria-hidden="true"
        >{state === 'halted' ? '✕' : state === 'stale' ? '!' : place(stop)}</span
      >
      <span class="words">
        <span class="name block leading-[1.3]"
          >{STOP_NAMES[stop]}<span class="visually-hidden">, {STATE_WORDS[state]}</span></span
        >
        <span class="answer block small leading-[1.25] wrap-anywhere"
          >{trailText(stop, sheet.facts, sheet.view, show)}</span
        >
      </span>
    </a>
  </li>
{/snippet}

<nav aria-label="The nine stops of this case" bind:this={trail}>
  <ol>
    {#each before as one (one.stop)}
      {@render station(one)}
      {#if several && one.stop === 'choose'}
        {#each course as { number } (number)}
          {@const line = lineOf(number)}
          {#if line}
            <li class="treatment" class:open={number === open}>
              <a
                href={resolve(
                  `/cases/${sheet.facts.number}/${number}/${number === open ? 'choose' : 'measure'}`,
                )}
                data-sveltekit-noscroll
              >
                <span class="words">
                  <span class="name block leading-[1.3]">{letterOf(sheet.facts, number)} {line.name}</span>
                  <span class="answer block small leading-[1.25] wrap-anywhere">{line.text}</span>
                </span>
                <span class="short" aria-hidden="true">{letterOf(sheet.facts, number)}</span>
              </a>
            </li>
            {#if number === open}{#each within as stop (stop.stop)}{@render station(stop)}{/each}{/if}
          {/if}
        {/each}
      {/if}
    {/each}
  </ol>
</nav>

<style>
  ol {
    list-style: none;
    margin: 0;
    padding: 0;
  }
  li {
    position: relative;
  }
  li:not(:last-child)::before {
    content: '';
    position: absolute;
    left: 26px;
    top: 36px;
    bottom: -4px;
    border-left: 2px dotted var(--edge);
  }
  a {
    display: grid;
    grid-template-columns: 28px 1fr;
    gap: 12px;
    padding: 5px 12px;
    text-decoration: none;
    color: var(--ink);
    border: 1px solid transparent;
    border-right: 0;
    position: relative;
  }
  .current a {
    border-color: var(--ink);
    border-radius: 4px 0 0 4px;
    background: var(--field);
    margin-right: -1px;
  }
  .inner {
    margin-left: 18px;
  }
  .treatment::before {
    display: none;
  }
  .treatment a {
    display: block;
    margin-left: 40px;
    padding: 2px 8px 4px 10px;
    border: 0;
    border-left: 3px solid var(--edge);
  }
  .treatment.open a {
    border-left-color: var(--petrol);
  }
  .treatment .name {
    font-size: 0.95rem;
  }
  a:hover .name {
    text-decoration: underline;
  }
  .dot {
    border-radius: 50%;
    border: 2px dashed var(--edge);
    background: var(--paper);
  }
  .answered .dot {
    border: 2px solid var(--ink);
    background: var(--ink);
    color: var(--paper);
  }
  .current .dot {
    border: 2px solid var(--petrol);
    background: var(--petrol);
    color: var(--petrol-ink);
  }
  .halted .dot {
    border: 2px solid var(--brick);
    background: var(--brick-wash);
    color: var(--brick-ink);
  }
  .stale .dot {
    border: 2px solid var(--saffron);
    background: var(--saffron-wash);
    color: var(--saffron-ink);
  }
  .name {
    font-family: var(--font-title);
    font-weight: 700;
  }
  .answer {
    color: var(--ink);
  }
  .short {
    display: none;
  }
  .open:not(.current) .answer {
    color: var(--soft);
  }
  @media (max-width: 900px) {
    /* One row, whatever the number of treatments: it is pushed along under the thumb. */
    ol {
      display: flex;
      overflow-x: auto;
      scrollbar-width: none;
      border-bottom: 1px solid var(--rule);
    }
    li:not(:last-child)::before {
      display: none;
    }
    .words {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      white-space: nowrap;
      clip-path: inset(50%);
    }
    .treatment .short {
      display: grid;
      place-items: center;
      width: 26px;
      height: 26px;
      border: 1px solid var(--ink);
      border-radius: 6px;
      font-weight: 700;
    }
    li {
      display: grid;
      flex: 1 0 38px;
      justify-items: center;
    }
    .inner {
      margin-left: 0;
    }
    .treatment a {
      margin: 0;
      border: 0;
      padding: 6px 0;
    }
    .treatment.open .short {
      background: var(--petrol);
      color: var(--petrol-ink);
    }
    a,
    .current a {
      display: grid;
      grid-template-columns: 1fr;
      justify-items: center;
      gap: 2px;
      padding: 6px 0;
      margin: 0;
      border: 0;
      background: none;
      min-height: 44px;
      min-width: 38px;
    }
    .current .dot {
      outline: 2px solid var(--petrol);
      outline-offset: 2px;
    }
  }
</style>
