<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import { untrack } from 'svelte';
  import {
    assess,
    countInForce,
    factsFor,
    letterOf,
    purposeOf,
    standingCourse,
    type LookBody,
  } from '../../core/case';
  import { readOf } from '../../core/identify';
  import { asksForMore, USUAL_DAYS } from '../../core/review';
  import { capital, many, treatmentName, verdictWords } from '../../words';
  import { getShow } from '../parts/show';
  import ThresholdBar from '../drawings/ThresholdBar.svelte';
  import DateField from '../parts/DateField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Note from '../parts/Note.svelte';
  import Tick from '../parts/Tick.svelte';
  import Working from './Working.svelte';
  import { getSheet } from './sheet.svelte';
  const show = getShow();
  const { dayText, numberText, quantityText, whenText } = show;

  const sheet = getSheet();
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.recheck);
  const testName = $derived((sheet.facts.tests.find((t) => t.id === look?.test)?.name ?? '').toLowerCase());
  const look = $derived(sheet.facts.stops.look);
  const last = $derived(view.records[view.records.length - 1] ?? null);
  const before = $derived(look && countInForce(look));
  const nothingBefore = $derived(!before || readOf(before.counts).length === 0);
  /** Treatments of the course that wait for what the count says. */
  const waiting = $derived(
    standingCourse(sheet.facts)
      .filter(({ state }) => state === 'only-if')
      .map((one) => ({ one, facts: factsFor(sheet.facts, one.number) }))
      .flatMap(({ one, facts }) =>
        facts ? [{ number: one.number, onlyIf: one.onlyIf, name: treatmentName(facts, assess(facts)) }] : [],
      ),
  );
  const ASKED_WORDS: Readonly<Record<string, string>> = {
    true: 'The count asks for it: plan it at Choose.',
    false: 'The count does not ask for it.',
    null: 'The count does not decide yet.',
  };
  const verdict = $derived(
    view.recheck
      ? verdictWords(view.recheck.verdict, view.recheck.repeatOn, sheet.facts.today, show, {
          presence: view.threshold?.presence ?? false,
          turf: look?.surrounding === 'lawn',
          each: view.each,
          moreSpots: view.recheck.moreSpots,
        })
      : null,
  );
</script>

{#if purposeOf(sheet.facts) === 'routine'}
  <p>
    <span class="figure text-[1.3rem] font-title"
      >{view.nextAllowed?.day
        ? `The next visit: ${view.nextAllowed.stated ? 'no sooner than' : 'about'} ${dayText(view.nextAllowed.day, sheet.facts.today)}`
        : 'The next visit'}</span
    >
  </p>
  <p class="soft">A routine visit needs no count.</p>
{:else if !last}
  <p class="soft">
    Nothing is logged yet. {view.label
      ? `The re-check falls ${view.label.use.daysToEffect?.[1] ?? USUAL_DAYS} days after ${view.label.name} went down.${view.label.use.daysToEffect ? '' : ' Its label does not say how soon it works.'}`
      : ''}
  </p>
{:else if view.recheckDue}
  <p class="due flex flex-wrap gap-y-1 gap-x-3 items-baseline">
    <span class="figure text-[1.3rem] font-title">
      {start
        ? `Counted on ${dayText(start.countedOn, sheet.facts.today)}`
        : `Count again on ${dayText(view.recheckDue, sheet.facts.today)}`}
    </span>
    <span class="soft">
      {start
        ? `due since ${dayText(view.recheckDue, sheet.facts.today)}`
        : whenText(view.recheckDue, sheet.facts.today)} · {quantityText(last.product)} of {last.label.name} went
      down on {dayText(last.doneOn, sheet.facts.today)}
    </span>
  </p>
{/if}
{#snippet counted(look: LookBody)}
  <p class="soft">
    The same {many(view.each)} and the same test: {testName}, frame {quantityText((before ?? look).frame)}, {look.where}.
  </p>
  <fieldset>
    <legend class="legend"
      >{nothingBefore ? 'Counted now' : 'Counted now, beside what was counted before'}</legend
    >
    <div class="fields">
      {#each (before ?? look).counts as was, i (i)}
        <NumberField
          label="{capital(view.each)} {i + 1}"
          name="counts.{i}"
          value={start?.counts[i] ?? ''}
          width="6rem"
          hint={was === null ? (nothingBefore ? '' : 'not read') : `before: ${was}`}
        />
      {/each}
    </div>
  </fieldset>
  <div class="fields more">
    <DateField label="Counted on" name="countedOn" value={start?.countedOn ?? sheet.facts.today} />
    <NumberField
      label="Untreated strip before"
      name="control.before"
      value={start?.control?.before ?? ''}
      width="11rem"
      hint="all its spots added, if there is one"
    />
    <NumberField
      label="Untreated strip now"
      name="control.after"
      value={start?.control?.after ?? ''}
      width="11rem"
    />
  </div>
  {#if view.threshold?.presence}
    <Tick
      label="The reading before this one was nought as well"
      name="noughtBefore"
      checked={start?.noughtBefore ?? false}
    />
  {/if}
  {#if view.recheck && verdict}
    {@const r = view.recheck}
    <section class="verdict {r.verdict}" aria-live="polite">
      <p class="figure text-[1.3rem] font-title">{verdict.title}</p>
      <p>{verdict.text}</p>
    </section>
    <p data-answer class="result flex flex-wrap gap-y-1 gap-x-3 items-baseline">
      <span class="figure"
        >{r.pct === null
          ? show.densityText(r.density.mean, view.basis)
          : `${numberText(r.pct)} % fewer`}</span
      >
      <span class="soft"
        >{#if r.band === null}nothing was counted before: held against the threshold{:else}{r.method ===
          'henderson-tilton'
            ? 'against the untreated strip (Henderson & Tilton)'
            : 'than before'}; these counts can carry {numberText(Math.max(-999, r.band.low))} to {numberText(
            r.band.high,
          )} %{/if}</span
      >
    </p>
    {#if r.band}<Working name="efficacy" />{/if}
    {#if view.threshold && !view.threshold.presence}<ThresholdBar
        density={r.density}
        limit={view.threshold.limit}
        basis={view.threshold.basis}
      />{/if}
  {:else if start}
    <p class="soft">There is no count before to compare with, and no threshold to hold it against.</p>
  {/if}
  {#each waiting as { number, onlyIf, name } (number)}
    <p>
      <span class="figure">{letterOf(sheet.facts, number)} {name}</span>
      <span class="soft"
        >waits{onlyIf ? `: ${onlyIf}` : ' for the count'}.
        {view.recheck === null
          ? 'The count here says whether.'
          : ASKED_WORDS[String(asksForMore(view.recheck.verdict))]}</span
      >
    </p>
  {/each}
  <div class="fields more"><Note label="Note" name="note" value={start?.note ?? ''} /></div>
{/snippet}
{#if look && purposeOf(sheet.facts) === 'routine'}
  <Fold open={start !== undefined} says="What was found is counted again">
    {@render counted(look)}
  </Fold>
{:else if look}{@render counted(look)}
{:else}
  <p class="soft">There is no count from before. Look comes first.</p>
{/if}

<style>
  .due,
  .result {
    margin: 0 0 0.6rem;
  }
  .more {
    margin-top: 1rem;
  }
  .verdict {
    border-left: 5px solid var(--saffron);
    background: var(--saffron-wash);
    padding: 0.7rem 1rem;
    margin: 1.2rem 0 0.8rem;
  }
  .verdict.done {
    border-color: var(--moss);
    background: var(--moss-wash);
  }
  .verdict p {
    margin: 0;
  }
</style>
