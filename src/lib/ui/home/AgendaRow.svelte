<script lang="ts">
  import { resolve } from '$app/paths';
  import type { AgendaEntry } from '../../core/case';
  import type { Caution } from '../../core/labels';
  import { cautionWords, clockText, hourReason, stopPath } from '../../words';
  import { getShow } from '../parts/show';
  import HourStrip from '../parts/HourStrip.svelte';
  const show = getShow();

  interface Entry extends AgendaEntry {
    readonly number: number;
    /** Which of several treatments; null for a case of one. */
    readonly treatment: number | null;
    readonly letter: string;
    readonly title: string;
    readonly property: string;
    readonly what: string;
    readonly stopName: string;
    readonly stopText: string;
    readonly halt: Caution | null;
  }
  /** `brief`: a line without its hours, for whoever has more work than a day holds. */
  let { entry, nowHour, brief = false }: { entry: Entry; nowHour: number; brief?: boolean } = $props();
  const halted = $derived(entry.kind === 'halted');
  const because = $derived(
    [...new Set(entry.hours.flatMap((h) => h.because).filter((code) => code !== 'out-of-hours'))]
      .slice(0, 2)
      .map(hourReason)
      .join(', '),
  );
</script>

<a class="row" href={resolve(stopPath(entry.number, entry.treatment, entry.nextStop))}>
  <span class="what">
    <span class="figure">{entry.property}</span>
    <span class="soft small">{entry.title} · {entry.letter ? `${entry.letter}: ` : ''}{entry.what}</span>
  </span>
  <span class="next">
    <span class="figure" class:halt={halted}>{halted ? 'Halt' : entry.stopName}</span>
    <span class="soft small"
      >{halted && entry.halt ? cautionWords(entry.halt, show).title : entry.stopText}</span
    >
  </span>
  <span class="when">
    {#if entry.kind === 'answer'}
      <span class="soft">no hour to plan until it is answered</span>
    {:else}
      <span class="figure">
        {#if halted}not before it is settled{:else if entry.window}{clockText(entry.window.from)} to {clockText(
            entry.window.to,
          )}{:else}no window in these days{because ? `: ${because}` : ''}{/if}
      </span>
      {#if !brief && entry.hours.length > 0}<HourStrip
          hours={entry.hours}
          {halted}
          now={nowHour}
          label={halted ? 'halted all day' : 'hours of the day'}
        />{/if}
    {/if}
  </span>
</a>

<style>
  .row {
    display: grid;
    grid-template-columns: 1.25fr 0.9fr minmax(240px, 1.6fr);
    gap: 0.4rem 1.2rem;
    padding: 0.7rem 0;
    border-bottom: 1px solid var(--rule);
    text-decoration: none;
    color: var(--ink);
    align-items: center;
  }
  .row:hover .what .figure {
    text-decoration: underline;
  }
  .what,
  .next,
  .when {
    display: grid;
    gap: 0.1rem;
    min-width: 0;
  }
  .halt {
    color: var(--brick-ink);
  }
  @media (max-width: 700px) {
    .row {
      grid-template-columns: 1fr;
    }
  }
</style>
