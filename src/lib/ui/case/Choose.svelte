<script lang="ts">
  import OneOf from '../parts/OneOf.svelte';
  import Button from '../parts/Button.svelte';
  import Fold from '../parts/Fold.svelte';
  import { resolve } from '$app/paths';
  import { untrack } from 'svelte';
  import { treatReasons, WISHES, type Option } from '../../core/choose';
  import { openTrials, purposeOf } from '../../core/case';
  import { monthOf } from '../../core/units';
  import {
    FAMILY_WORDS,
    FORM_WORDS,
    GRADE_WORDS,
    standsWords,
    SCORE_WORDS,
    inSentence,
    many,
    moreSpotsText,
    SERIES_WORDS,
    seriesPlacesText,
    thresholdText,
    treatText,
    WISH_WORDS,
  } from '../../words';
  import { getShow } from '../parts/show';
  import ThresholdBar from '../drawings/ThresholdBar.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Note from '../parts/Note.svelte';
  import Tick from '../parts/Tick.svelte';
  import HaltLine from './HaltLine.svelte';
  import Families from './Families.svelte';
  import NotNamed from './NotNamed.svelte';
  import Working from './Working.svelte';
  import { getSheet } from './sheet.svelte';
  const show = getShow();
  const { priceText, quantityText, rateText } = show;

  const sheet = getSheet();
  const view = $derived(sheet.view);
  const start = untrack(() => sheet.facts.stops.choose);
  const trying = $derived(openTrials(sheet.facts.stops.look)[0] ?? null);
  const turf = $derived(sheet.facts.stops.look?.surrounding === 'lawn');
  const purpose = $derived(purposeOf(sheet.facts));
  const treat = $derived(
    view.named
      ? treatReasons(view.named, view.stage, {
          month: monthOf(sheet.facts.today),
          hemisphere: sheet.facts.property.hemisphere,
          confirmed: sheet.facts.property.history[view.named.id] ?? 0,
          threshold: view.threshold !== null,
        })
      : [],
  );
  const names = (option: Option): boolean => !option.halts.some(({ code }) => code === 'pest-not-on-label');
  /** What its label names against this pest, and what was chosen all the same. */
  const forThis = $derived(view.options.filter((o) => names(o) || o.label.id === start?.label));
  const others = $derived(view.options.filter((o) => !forThis.includes(o)));
  /** As many as fit beside each other in a head; what is chosen, and was when the page came, stands among them whatever its place. */
  const AT_ONCE = 3;
  let all = $state(false);
  const inHand = $derived(sheet.facts.stops.choose?.label);
  const shown = (option: Option, i: number): boolean =>
    all || i < AT_ONCE || option.label.id === start?.label || option.label.id === inHand;
  const further = $derived(forThis.filter((option, i) => !shown(option, i)));
  const moreText = (options: readonly Option[]): string => {
    const halted = options.filter(({ halts }) => halts.length > 0).length;
    const some = halted === options.length ? 'with a Halt each' : `${halted} of them with a Halt`;
    return `Show ${options.length} more for it${halted > 0 ? `, ${some}` : ''}`;
  };
  const wished = $derived(
    sheet.facts.stops.choose?.wishes.map((wish) => WISH_WORDS[wish]).join(', ') || 'nothing said',
  );
  const cost = (option: Option): string =>
    option.dose?.container
      ? `${priceText(option.dose.container.costUsed)} here`
      : option.dose
        ? 'cost not known'
        : 'cost after Measure';
  const about = (option: Option): string => {
    const { use } = option.label;
    const rate = use.instruction ?? rateText(use.rate.min, use.rate.unit, use.rate.per);
    return [
      option.grade
        ? `${GRADE_WORDS[option.grade]}: ${show.prose(option.reason ?? '').toLowerCase()}`
        : view.named
          ? 'no evidence here'
          : FAMILY_WORDS[option.label.family],
      ...(use.daysToEffect ? [`works in ${use.daysToEffect[0]}–${use.daysToEffect[1]} days`] : []),
      option.dose ? `${rate}, here ${quantityText(option.dose.product)}` : rate,
      cost(option),
    ].join(' · ');
  };
</script>

<h2>Treat at all?</h2>
{#if purpose === 'routine'}
  <p class="soft">
    A routine visit: against what each label names.
    {view.named
      ? ''
      : 'Where nothing was found, the mildest way of keeping it so is to look, to seal and to clean.'}
  </p>
{:else if purpose === 'prevent' && view.named}
  <p class="soft">
    It is to be prevented, so no count is needed now.{view.threshold
      ? ` At the re-check ${view.threshold.presence ? 'any of them counts' : `it is held against ${show.densityText(view.threshold.limit, view.threshold.basis)}`}.`
      : ''}
  </p>
{:else if !view.named}
  <p class="soft">First a name: without one no threshold is known.</p>
{:else if view.threshold}
  <p class="verdict text-[1.05rem]">
    <span class="figure">{thresholdText(view.threshold)}</span>
    <span class="soft"
      >for {inSentence(view.named.name)} here: {view.threshold.presence
        ? 'any of them counts, wherever it was'
        : show.densityText(view.threshold.limit, view.threshold.basis)}</span
    >
  </p>
  {#if view.threshold.presence}
    <p class="soft">
      It goes by presence, not by a mean: where the most were caught is where to begin. Done is two readings
      of nought.
    </p>
  {:else if !view.threshold.sameTest}
    <p>
      The threshold counts by another field test: {view.threshold.test.toLowerCase()}. Choose it at Look and
      count again.
    </p>
  {:else if view.density}
    <ThresholdBar density={view.density} limit={view.threshold.limit} basis={view.threshold.basis} />
    {#if view.threshold.verdict === 'cannot-tell'}<p>
        {moreSpotsText(view.threshold.moreSpots, view.each, turf)}
      </p>{/if}
  {:else}<p class="soft">Count two {many(view.each)} or more at Look.</p>{/if}
  {#if view.threshold.worst}<p>
      <span class="figure"
        >Worst at {view.each}
        {view.threshold.worst.spot}: {show.numberText(view.threshold.worst.count)}.</span
      >
      Begin there, and look for where they come from; the mean hides it.
    </p>{/if}
  {#if purpose === 'control' && !view.threshold.presence && view.density}<Working name="threshold" />{/if}
{/if}
{#if view.series}
  <p>
    <span class="figure">{SERIES_WORDS[view.series.trend].title}.</span>
    {SERIES_WORDS[view.series.trend].text}
    {seriesPlacesText(view.series, view.each)}
  </p>
{/if}
{#if treat.length > 0}
  <ul class="my-2 mx-0 pl-5 list-disc">
    {#each treat as reason, i (i)}<li>{treatText(reason)}</li>{/each}
  </ul>
{/if}
{#if view.named && view.named.culture !== ''}<p>
    <span class="figure">In any case:</span>
    {show.prose(view.named.culture)}.
  </p>{/if}

{#if trying}
  <p>
    <span class="figure">Being tried until {show.dayText(trying.until, sheet.facts.today)}:</span>
    {trying.what.toLowerCase()}. What goes down beside it cannot be told apart from it.
  </p>
{/if}
<div class="section-head">
  <h2>By what</h2>
  <span class="soft small">mildest that will work first; Halts with their clause</span>
</div>
{#snippet card(option: Option, i: number, away = false)}
  <!-- What is further down stays in the form: what is ticked moves the cards, and never what was chosen. -->
  <li
    class="grid grid-cols-[1fr_auto] gap-y-0 gap-x-4"
    class:halted={option.halts.length > 0}
    style:display={away ? 'none' : undefined}
  >
    <OneOf class="pick" name="label" value={option.label.id} chosen={start?.label ?? undefined}>
      <span class="figure">{option.label.name}</span>
      <span class="soft small">
        {FORM_WORDS[option.label.form]} · {FAMILY_WORDS[option.label.family]}{option.label.demonstration
          ? ' · demonstration label'
          : ''}</span
      >
    </OneOf>
    <div class="facts self-center small">
      <span class="number figure"
        >{option.halts.length > 0
          ? '✕ Halt'
          : standsWords(i, option.score, view.options[0]?.score ?? 0)}</span
      >
    </div>
    <div class="why col-[1_/_3] pl-9 small">
      {#each option.halts as halt, n (n)}<HaltLine {halt} />{/each}
      <p>
        {about(option)}
      </p>
      {#if option.halts.length === 0}
        <Fold says={i === 0 ? 'Why first' : 'Why here'}>
          <ul class="mt-1 mb-1.5 mx-0 pl-5">
            {#each option.points as p (p.because)}<li>{p.points} · {SCORE_WORDS[p.because]}</li>{/each}
          </ul>
        </Fold>
      {/if}
    </div>
  </li>
{/snippet}
<fieldset>
  <legend class="visually-hidden">Remedy</legend>
  <ul class="rule-list">
    {#each forThis as option, i (option.label.id)}{@render card(option, i, !shown(option, i))}{/each}
    <li class="grid grid-cols-[1fr_auto] gap-y-0 gap-x-4">
      <OneOf class="pick" name="label" value="nothing" chosen={start?.label === null ? 'nothing' : undefined}>
        <span class="figure">Nothing</span>
        <span class="soft small">culture only, and look again</span>
      </OneOf>
    </li>
  </ul>
  {#if further.length > 0}<Button type="button" kind="plain" onclick={() => (all = true)}
      >{moreText(further)}</Button
    >{/if}
</fieldset>
{#if view.options.length === 0}<p class="soft">The remedies are ranked once there is a name.</p>
{:else if others.length > 0 || sheet.facts.elsewhere > 0}
  {#if others.length > 0}
    <NotNamed options={others} pest={view.named?.name ?? ''} />
  {/if}
  {#if sheet.facts.elsewhere > 0}<p class="soft small">
      {sheet.facts.elsewhere} more cards are for other places. <a href={resolve('/shelf')}>The shelf</a>
    </p>{/if}
{/if}
{#if view.unusable.length > 0}
  <p class="small">
    Without a rate that can be used: {#each view.unusable as card, i (card.id)}{i > 0 ? ', ' : ''}<a
        href={resolve('/shelf/[label]/edit', { label: card.id })}>{card.name}</a
      >{/each}. Complete the card, or read it again.
  </p>
{/if}
<div class="fields mt-4">
  <Note label="Reason, where it is not the first" name="reason" value={start?.reason ?? ''} />
</div>
<Fold class="ruled" says="What counts here: {wished}">
  <fieldset>
    <legend class="visually-hidden">What counts here</legend>
    <div class="flex flex-wrap gap-y-0 gap-x-6 items-center">
      {#each WISHES as wish (wish)}
        <Tick label={WISH_WORDS[wish]} name="wishes.{wish}" checked={start?.wishes.includes(wish) ?? false} />
      {/each}
      <NumberField label="Budget" name="budget" value={start?.budget ?? ''} width="7rem" />
    </div>
  </fieldset>
</Fold>
{#if view.families.length > 0}
  <Fold
    class="ruled"
    says="Families side by side for {inSentence(view.named?.name ?? '')}: {view.families.length}"
  >
    <Families rows={view.families} area={view.lawn !== null} />
    {#if view.named}<p class="small">
        <a href="{resolve('/guide/kitchen')}?q={encodeURIComponent(view.named.id)}&case={sheet.facts.number}"
          >Kitchen remedies against it, with what they harm</a
        >
      </p>{/if}
  </Fold>
{/if}

<!-- Not needed to choose: it comes once the page can be used. -->
{#await import('./Methods.svelte') then { default: Methods }}
  <Methods families={view.families} options={forThis} />
{/await}

<style>
  .verdict {
    margin: 0.3rem 0 0.4rem;
  }
  .halted .facts {
    color: var(--brick-ink);
  }
  .why p {
    margin: 0.1rem 0 0.3rem;
  }
</style>
