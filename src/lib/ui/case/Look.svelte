<script lang="ts">
  import { untrack } from 'svelte';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import type { Sign } from '../../core/identify';
  import { TEST_WORDS } from '../../words';
  import { getShow } from '../parts/show';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import Note from '../parts/Note.svelte';
  import Working from '../parts/Working.svelte';
  import { getSheet } from './sheet.svelte';
  const show = getShow();
  const { numberText } = show;

  const sheet = getSheet();
  const start = untrack(() => sheet.facts.stops.look);
  const seen = start?.signs ?? {};
  let spots = $state(Math.max(5, start?.counts.length ?? 0));
  let test = $state(start?.test ?? 'turf-flap');
  const density = $derived(sheet.view.density);
  const next = $derived(new Set(sheet.view.ranking.next.slice(0, 3).map((look) => look.sign)));
  const minutes = (sign: Sign): string =>
    sign.effortSeconds < 90 ? `${sign.effortSeconds} s` : `${Math.round(sign.effortSeconds / 60)} min`;
  const answerOf = (sign: string): string => (seen[sign] === undefined ? '' : seen[sign] ? 'yes' : 'no');
</script>

<div class="fields">
  <Field
    label="Where"
    name="where"
    value={start?.where ?? ''}
    width="22rem"
    required
    hint="So that the same spots are found again"
  />
  <Choice
    label="Vigour of the turf"
    name="vigour"
    value={start?.vigour ?? 'fair'}
    items={[
      { value: 'weak', name: 'weak' },
      { value: 'fair', name: 'fair' },
      { value: 'strong', name: 'strong' },
    ]}
    width="9rem"
  />
  <div class="flower">
    <Checkbox name="flowering" checked={start?.flowering ?? false} class="text-base"
      >Clover or daisies in flower</Checkbox
    >
  </div>
</div>

<div class="section-head">
  <h2>Count</h2>
  <span class="soft small">{TEST_WORDS[test].frame}</span>
</div>
<p class="soft how">{TEST_WORDS[test].how}</p>
<div class="fields">
  <Choice
    label="Field test"
    name="test"
    value={test}
    items={[
      { value: 'turf-flap', name: 'Turf flap' },
      { value: 'soap-flush', name: 'Soap flush' },
    ]}
    onchange={(value) => (test = value === 'soap-flush' ? 'soap-flush' : 'turf-flap')}
  />
  <Amount
    label="Frame"
    name="frame"
    value={start?.frame.value ?? (show.manner.units === 'us' ? 1 : 0.1)}
    unit={start?.frame.unit ?? (show.manner.units === 'us' ? 'ft2' : 'm2')}
    units={['m2', 'ft2']}
  />
</div>
<fieldset class="counts">
  <legend class="legend">Insects in each numbered spot</legend>
  <div class="fields">
    {#each Array.from({ length: spots }, (_, i) => i) as i (i)}
      <Field label="Spot {i + 1}" name="counts.{i}" value={start?.counts[i] ?? ''} numeric width="5.2rem" />
    {/each}
    {#if spots < 20}<button type="button" class="button button-plain more" onclick={() => (spots += 1)}
        >Add a spot</button
      >{/if}
  </div>
</fieldset>
{#if density}
  <p class="result" aria-live="polite">
    <span class="figure big">{show.densityText(density.perM2)}</span>
    <span class="soft"
      >between {numberText(density.low)} and {numberText(density.high)}, {numberText(
        density.perM2 * 0.09290304,
      )} per ft², from {density.spots} spots</span
    >
  </p>
  <Working working={sheet.view.workings.density} />
{:else}
  <p class="soft">Two counted spots or more give a density with its interval.</p>
{/if}

<div class="section-head">
  <h2>Signs</h2>
  <span class="soft small">most worth looking at next are marked ▸</span>
</div>
<div class="signs">
  {#each sheet.facts.signs as sign (sign.id)}
    <fieldset id="sign-{sign.id}" class="sign" class:worth={next.has(sign.id)}>
      <legend
        >{#if next.has(sign.id)}<span aria-hidden="true">▸ </span>{/if}{sign.name}</legend
      >
      <p class="soft small">{sign.how} · {minutes(sign)}</p>
      <div class="answers">
        {#each [['yes', 'Seen'], ['no', 'Not there'], ['', 'Not looked']] as [value, word] (value)}
          <label
            ><input type="radio" name="signs.{sign.id}" {value} checked={answerOf(sign.id) === value} /><span
              >{word}</span
            ></label
          >
        {/each}
      </div>
    </fieldset>
  {/each}
</div>
<div class="fields note"><Note label="Note" name="note" value={start?.note ?? ''} /></div>

<style>
  .flower {
    width: 100%;
  }
  .how {
    margin: 0 0 0.7rem;
    max-width: 44rem;
  }
  .counts {
    margin-top: 1rem;
  }
  .more {
    align-self: flex-end;
  }
  .result {
    margin: 0.9rem 0 0;
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 0.8rem;
    align-items: baseline;
  }
  .big {
    font-size: 1.4rem;
  }
  .signs {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(19rem, 1fr));
    gap: 0 1.6rem;
  }
  .sign {
    border-bottom: 1px solid var(--rule);
    padding: 0.6rem 0;
    scroll-margin-top: 5rem;
  }
  .sign legend {
    font-weight: 650;
    padding: 0;
    float: left;
    width: 100%;
  }
  .worth legend {
    color: var(--petrol);
  }
  .sign p {
    margin: 0 0 0.4rem;
    clear: both;
  }
  .answers {
    display: inline-flex;
    border: 1px solid var(--edge);
    border-radius: 4px;
    overflow: hidden;
  }
  .answers label {
    position: relative;
    cursor: pointer;
  }
  .answers label + label {
    border-left: 1px solid var(--edge);
  }
  .answers input {
    position: absolute;
    opacity: 0;
    inset: 0;
    margin: 0;
    cursor: pointer;
  }
  .answers span {
    display: block;
    padding: 0.45rem 0.75rem;
    min-height: 2.5rem;
    font-size: 0.95rem;
    background: var(--field);
  }
  .answers input:checked + span {
    background: var(--ink);
    color: var(--paper);
    font-weight: 650;
  }
  .answers label:last-child input:checked + span {
    background: var(--rule);
    color: var(--ink);
  }
  .answers input:focus-visible + span {
    outline: 3px solid var(--saffron);
    outline-offset: -3px;
  }
  .note {
    margin-top: 1.2rem;
  }
</style>
