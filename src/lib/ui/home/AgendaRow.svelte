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

<a
  class="row grid grid-cols-[1.25fr_0.9fr_minmax(240px,1.6fr)] gap-y-1.5 gap-x-5 py-3 px-0 border-b border-b-rule no-underline items-center max-[700px]:grid-cols-1"
  href={resolve(stopPath(entry.number, entry.treatment, entry.nextStop))}
>
  <span class="what grid gap-0.5 min-w-0">
    <span class="figure">{entry.property}</span>
    <span class="soft small">{entry.title} · {entry.letter ? `${entry.letter}: ` : ''}{entry.what}</span>
  </span>
  <span class="grid gap-0.5 min-w-0">
    <span class="figure" class:halt={halted}>{halted ? 'Halt' : entry.stopName}</span>
    <span class="soft small"
      >{halted && entry.halt ? cautionWords(entry.halt, show).title : entry.stopText}</span
    >
  </span>
  <span class="grid gap-0.5 min-w-0">
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
    color: var(--ink);
  }
  .row:hover .what .figure {
    text-decoration: underline;
  }
  .halt {
    color: var(--brick-ink);
  }
</style>
