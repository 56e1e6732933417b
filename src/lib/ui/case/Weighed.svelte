<script lang="ts">
  import { circumstancesOf } from '../../core/case';
  import { BODY_LENGTH, evidenceFor, THE_COUNT, THE_HOUR, type Evidence } from '../../core/identify';
  import { findingText, inSentence, weightWords } from '../../words';
  import { getShow } from '../parts/show';
  import { getSheet } from './sheet.svelte';

  /** What speaks for a candidate and what against it, as bars from a middle line. */
  let { id }: { id: string } = $props();
  const show = getShow();
  const MOST_BITS = 6;
  const sheet = getSheet();
  const when = $derived(circumstancesOf(sheet.facts));
  const found = $derived(sheet.facts.stops.look?.signs ?? {});
  const evidence = $derived(evidenceFor(id, sheet.facts.candidates, sheet.facts.signs, found, when));
  const name = $derived(sheet.facts.candidates.find((c) => c.id === id)?.name ?? '');
  const signOf = (sign: string) => sheet.facts.signs.find((s) => s.id === sign);
  const nameOf = (sign: string): string => (signOf(sign)?.name ?? sign).toLowerCase();
  function says({ sign, found: finding }: Evidence): string {
    if (sign === BODY_LENGTH) return `body length ${show.oneBodyText(when.lengthMm ?? 0)}`;
    if (sign === THE_HOUR) return when.light === 'night' ? 'met at night' : 'met by day';
    if (sign === THE_COUNT)
      return when.counted?.mean === 0
        ? 'none counted'
        : `counted: ${show.densityText(when.counted?.mean ?? 0, sheet.view.basis)}`;
    const known = signOf(sign);
    if (typeof finding === 'string') return `${nameOf(sign)}: ${findingText(known, finding)}`;
    return finding ? nameOf(sign) : `${nameOf(sign)}: not there`;
  }
</script>

{#if evidence.length > 0}
  <div class="section-head">
    <h2>What speaks for and against</h2>
    <span class="soft small">{inSentence(name)}</span>
  </div>
  <ul class="rule-list">
    {#each evidence.slice(0, 8) as e (e.sign)}
      <li
        class="weigh grid grid-cols-[minmax(10rem,1.4fr)_minmax(6rem,1fr)_6.4rem] gap-3 items-center max-[700px]:grid-cols-[1fr_6.4rem] max-[700px]:gap-y-1 max-[700px]:gap-x-3"
      >
        <span
          >{says(e)}{e.together.length > 0 ? '; ' : ''}{#if e.together.length > 0}<span class="soft small"
              >counts once with {e.together.map(nameOf).join(', ')}</span
            >{/if}</span
        >
        <span class="scale h-[12px]" aria-hidden="true"
          ><span
            class={e.bits >= 0 ? 'for' : 'against'}
            style:width="{Math.min(50, (Math.abs(e.bits) / MOST_BITS) * 50)}%"
          ></span></span
        >
        <span class="number small {e.bits >= 0 ? 'pro' : 'con'}"
          >{e.bits >= 0 ? '▲' : '▼'} {weightWords(e.bits)}</span
        >
      </li>
    {/each}
  </ul>
{/if}

<style>
  .scale {
    position: relative;
    background: linear-gradient(var(--edge), var(--edge)) center / 1px 100% no-repeat;
  }
  .scale span {
    position: absolute;
    top: 0;
    bottom: 0;
    transition: width 0.25s;
  }
  .for {
    left: 50%;
    background: var(--moss);
  }
  .against {
    right: 50%;
    background: var(--brick);
  }
  .pro {
    color: var(--moss-ink);
  }
  .con {
    color: var(--brick-ink);
  }
  @media (prefers-reduced-motion: reduce) {
    .scale span {
      transition: none;
    }
  }
  @media (max-width: 700px) {
    .weigh .scale {
      grid-column: 1 / 3;
      grid-row: 2;
    }
  }
</style>
