<script lang="ts">
  import { resolve } from '$app/paths';
  import type { Stop } from '../../core/labels';
  import { STOP_NAMES, trailText } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';
  const show = getShow();

  let { current }: { current: Stop } = $props();
  const sheet = getSheet();
  const STATE_WORDS = {
    answered: 'answered',
    open: 'open',
    halted: 'halted',
    stale: 'to look at again',
  } as const;
</script>

<nav aria-label="The nine stops of this case">
  <ol>
    {#each sheet.view.trail as { stop, state }, i (stop)}
      <li class={state} class:current={stop === current}>
        <a
          href={resolve(`/cases/${sheet.facts.number}/${stop}`)}
          aria-current={stop === current ? 'step' : undefined}
          data-sveltekit-noscroll
        >
          <span class="dot" aria-hidden="true"
            >{state === 'halted' ? '✕' : state === 'stale' ? '!' : i + 1}</span
          >
          <span class="words">
            <span class="name"
              >{STOP_NAMES[stop]}<span class="visually-hidden">, {STATE_WORDS[state]}</span></span
            >
            <span class="answer">{trailText(stop, sheet.facts, sheet.view, show)}</span>
          </span>
        </a>
      </li>
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
  a:hover .name {
    text-decoration: underline;
  }
  .dot {
    width: 28px;
    height: 28px;
    border-radius: 50%;
    border: 2px dashed var(--edge);
    display: grid;
    place-items: center;
    font-weight: 700;
    font-size: 0.9rem;
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
    display: block;
    font-family: var(--font-title);
    font-weight: 700;
    line-height: 1.3;
  }
  .answer {
    display: block;
    font-size: 0.9rem;
    line-height: 1.25;
    color: var(--ink);
    overflow-wrap: anywhere;
  }
  .open:not(.current) .answer {
    color: var(--soft);
  }
  @media (max-width: 900px) {
    ol {
      display: grid;
      grid-template-columns: repeat(9, 1fr);
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
      clip-path: inset(50%);
      white-space: nowrap;
    }
    li {
      display: grid;
      justify-items: center;
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
