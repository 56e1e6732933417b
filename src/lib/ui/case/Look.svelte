<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { onMount, tick, untrack } from 'svelte';
  import { SURROUNDINGS, usualFrame, type FieldTest, type Surrounding } from '../../core/identify';
  import { inBase } from '../../core/units';
  import { EXPECTED_BECAUSE, PURPOSES, type Purpose } from '../../core/case';
  import { BECAUSE_WORDS, PURPOSE_HINTS, PURPOSE_WORDS, SURROUNDING_WORDS, unitText } from '../../words';
  import { getShow } from '../parts/show';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Note from '../parts/Note.svelte';
  import Tick from '../parts/Tick.svelte';
  import Reading from '../parts/Reading.svelte';
  import Working from './Working.svelte';
  import FieldTestGuide from './FieldTestGuide.svelte';
  import Asking from './Asking.svelte';
  import SignRow from './SignRow.svelte';
  import { getSheet } from './sheet.svelte';
  const show = getShow();

  const FIRST_SHOWN = 8;
  /** Where dusts go, which need it dry. */
  const FLOWERS: ReadonlySet<string> = new Set(['lawn', 'bed', 'ground', 'tree', 'wall', 'water']);
  const DUSTED: ReadonlySet<Surrounding> = new Set<Surrounding>([
    ...(['wall', 'kitchen', 'store', 'bath', 'room', 'bedroom', 'cellar', 'loft'] as const),
  ]);
  const FT2 = inBase({ value: 1, unit: 'ft2' });
  const sheet = getSheet();
  const { signs, tests } = untrack(() => sheet.facts);
  const start = untrack(() => sheet.facts.stops.look);
  let purpose = $state<Purpose>(untrack(() => start?.purpose ?? 'control'));
  let surrounding = $state<Surrounding>(start?.surrounding ?? 'lawn');
  const fits = (test: FieldTest): boolean => test.places.includes(surrounding);
  let test = $state(untrack(() => tests.find((t) => t.id === start?.test) ?? tests.find(fits)));
  let spots = $state(untrack(() => Math.max(start?.counts.length ?? 0, test?.spots ?? 5)));
  const density = $derived(sheet.view.density);
  const basis = $derived(sheet.view.basis);
  const found = $derived(sheet.facts.stops.look?.signs ?? {});
  const next = $derived(sheet.view.ranking.next.slice(0, 3).map((look) => look.sign));
  let all = $state(false);
  /** Signs that were on the list once stay on it, so that nothing moves away under a finger. */
  let listed = $state(
    untrack(
      () =>
        new Set([
          ...sheet.view.ranking.next.slice(0, FIRST_SHOWN).map((look) => look.sign),
          ...Object.keys(found),
        ]),
    ),
  );
  const here = $derived(signs.filter((sign) => sign.places.includes(surrounding)));
  const shown = $derived(
    here.filter((s) => all || listed.has(s.id) || next.includes(s.id) || found[s.id] !== undefined),
  );
  const elsewhere = $derived(
    signs.filter((s) => start?.signs[s.id] !== undefined && !s.places.includes(surrounding)),
  );
  const frame = $derived.by(() => {
    if (start && start.test === test?.id) return start.frame;
    return test ? usualFrame(test, show.manner.units) : { value: 0.1, unit: 'm2' as const };
  });
  const frameNow = $derived(
    sheet.facts.stops.look?.test === test?.id ? (sheet.facts.stops.look?.frame ?? frame) : frame,
  );
  const FRAME_WORDS = { night: 'Nights', minute: 'Minutes', spot: 'Spots in one' } as const;

  function move(to: string): void {
    surrounding = to as Surrounding;
    if (test && !fits(test)) test = tests.find(fits);
  }
  /** One question at a time, or everything as a list: first the one on a telephone, the other at a desk. */
  let asks = $state(false);
  /** Of the way by questions: what else stands at this stop is shown too. */
  let rest = $state(false);
  const asking = $derived(asks && purpose === 'control');
  onMount(() => {
    asks = matchMedia('(max-width: 700px)').matches && page.url.hash === '';
  });
  /** An answer is that of the list: its field is there, and what follows from it follows. */
  async function answer(sign: string, value: string): Promise<void> {
    listed = new Set([...listed, sign]);
    await tick();
    const field = document.querySelector<HTMLInputElement>(
      `#sign-${CSS.escape(sign)} input[value="${CSS.escape(value)}"]`,
    );
    if (!field) return;
    field.checked = true;
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
  // Somebody comes from “worth looking at next”, or from a Halt that a look would settle.
  $effect(() => {
    const asked = page.url.hash.replace(/^#sign-/, '');
    if (!signs.some((s) => s.id === asked)) return;
    listed = new Set([...untrack(() => listed), asked]);
    requestAnimationFrame(() => {
      const row = document.getElementById(`sign-${asked}`);
      row?.scrollIntoView({ block: 'center' });
      row?.querySelector('input')?.focus({ preventScroll: true });
    });
  });
</script>

{#if asking}
  <Asking {signs} first={start?.first ?? null} onanswer={answer} />
  <p class="ways">
    <Button type="button" kind="plain" onclick={() => (rest = !rest)}
      >{rest ? 'Only the question' : `Place, counts and list: ${SURROUNDING_WORDS[surrounding]}`}</Button
    >
    <Button type="button" kind="plain" onclick={() => (asks = false)}>Everything as a list</Button>
  </p>
{:else if purpose === 'control'}
  <p class="ways">
    <Button type="button" kind="plain" onclick={() => ([asks, rest] = [true, false])}
      >One question at a time</Button
    >
  </p>
{/if}
<div class:away={asking && !rest}>
  <div class="fields">
    <Choice
      label="Why"
      name="purpose"
      value={purpose}
      items={PURPOSES.map((value) => ({ value, name: PURPOSE_WORDS[value] }))}
      width="13rem"
      onchange={(value) => (purpose = value as Purpose)}
    />
    {#if purpose === 'prevent'}
      <Choice
        label="It is expected because"
        name="because"
        value={start?.because ?? 'history'}
        items={EXPECTED_BECAUSE.map((value) => ({ value, name: BECAUSE_WORDS[value] }))}
        width="17rem"
      />
    {/if}
    <p class="soft small why">{PURPOSE_HINTS[purpose]}</p>
  </div>
  <div class="fields">
    <Choice
      label="Place"
      name="surrounding"
      value={surrounding}
      items={SURROUNDINGS.map((value) => ({ value, name: SURROUNDING_WORDS[value] }))}
      width="13rem"
      onchange={move}
    />
    <Field
      label="Where"
      name="where"
      value={start?.where ?? ''}
      width="17rem"
      required
      hint="So that the same spots are found again"
    />
    {#if surrounding === 'lawn'}
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
    {:else}
      {#if DUSTED.has(surrounding)}
        <Choice
          label="Dry there?"
          name="damp"
          value={start?.damp ?? ''}
          items={[
            { value: '', name: 'not looked at' },
            { value: 'dry', name: 'dry' },
            { value: 'damp', name: 'damp' },
          ]}
          width="9rem"
        />
      {/if}
      <input type="hidden" name="vigour" value={start?.vigour ?? 'fair'} />
    {/if}
    {#if FLOWERS.has(surrounding)}
      <div class="flower">
        <Tick
          label={surrounding === 'lawn'
            ? 'Clover or daisies in flower'
            : 'Something is in flower there, weeds too'}
          name="flowering"
          checked={start?.flowering ?? false}
        />
      </div>
    {:else if start?.flowering}<input type="hidden" name="flowering" value="on" />{/if}
  </div>

  {#snippet seen()}
    <div class="section-head">
      <h2>What you see</h2>
      <span class="soft small">most worth looking at next are marked ▸</span>
    </div>
    <div class="signs">
      {#each shown as sign (sign.id)}
        <SignRow {sign} found={start?.signs[sign.id]} worth={next.includes(sign.id)} drawn={sign.drawn} />
      {/each}
    </div>
    {#each elsewhere as sign (sign.id)}
      {@const was = start?.signs[sign.id]}
      <input type="hidden" name="signs.{sign.id}" value={was === true ? 'yes' : was === false ? 'no' : was} />
    {/each}
    {#if !all && shown.length < here.length}
      <Button type="button" kind="plain" onclick={() => (all = true)}
        >Show all {here.length} signs of this place</Button
      >
    {/if}
    <div class="fields length">
      <Reading
        label="Body length of one"
        name="lengthMm"
        measure="body"
        value={start?.lengthMm ?? ''}
        width="22rem"
        hint="without feelers and tails; blank where none was caught"
      />
    </div>

    <p class="small">
      <a href={resolve('/cases/[number]/photos', { number: String(sheet.facts.number) })}
        >Photographs of this case</a
      >
    </p>

    <div class="section-head">
      <h2>How many</h2>
      <span class="soft small">{test ? `${test.count}, in each numbered spot` : ''}</span>
    </div>
    {#if test}
      <div class="fields">
        <Choice
          label="Field test"
          name="test"
          value={test.id}
          items={tests.filter((t) => fits(t) || t === test).map((t) => ({ value: t.id, name: t.name }))}
          onchange={(id) => (test = tests.find((t) => t.id === id))}
        />
        {#key test.id}
          {#if test.basis === 'm2' || test.basis === '100 m2'}
            <Amount label="Frame" name="frame" value={frame.value} unit={frame.unit} units={test.units} />
          {:else}
            <NumberField
              label={FRAME_WORDS[test.basis]}
              name="frame.value"
              value={frame.value}
              width="8rem"
            />
            <input type="hidden" name="frame.unit" value="count" />
          {/if}
        {/key}
      </div>
      <FieldTestGuide {test} frame={frameNow} />
    {/if}
    <fieldset class="counts">
      <legend class="legend">Counted in each numbered spot</legend>
      <div class="fields">
        {#each Array.from({ length: spots }, (_, i) => i) as i (i)}
          <NumberField label="Spot {i + 1}" name="counts.{i}" value={start?.counts[i] ?? ''} width="5.2rem" />
        {/each}
        {#if spots < 20}<Button type="button" kind="plain" class="self-end" onclick={() => (spots += 1)}
            >Add a spot</Button
          >{/if}
      </div>
    </fieldset>
    {#if density}
      <p class="result" aria-live="polite">
        <span class="figure big">{show.densityText(density.mean, basis)}</span>
        <span class="soft"
          >between {show.densityNumber(density.low, basis)} and {show.densityNumber(
            density.high,
            basis,
          )}{basis === 'm2' && show.manner.units !== 'us'
            ? `, ${show.numberText(density.mean * FT2)} per ${unitText('ft2')}`
            : ''}, from {density.spots} spots</span
        >
      </p>
      <Working name="density" />
    {:else}
      <p class="soft">Two counted spots or more give a density with its interval.</p>
    {/if}
  {/snippet}
  {#if purpose === 'control'}
    {@render seen()}
  {:else}
    <Fold
      class="ruled"
      open={Object.keys(found).length > 0 || density !== null}
      says={purpose === 'prevent'
        ? 'Something was seen or counted already'
        : 'Something was found on the round'}
    >
      {@render seen()}
    </Fold>
  {/if}
  <div class="fields note"><Note label="Note" name="note" value={start?.note ?? ''} /></div>
</div>
{#if start?.first}<input type="hidden" name="first" value={start.first} />{/if}

<style>
  .ways {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.2rem;
    margin: 0.6rem 0;
  }
  .away {
    display: none;
  }
  .why {
    flex-basis: 100%;
    margin: 0;
  }
  .flower {
    width: 100%;
  }
  .counts {
    margin-top: 1rem;
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
    grid-template-columns: repeat(auto-fill, minmax(min(19rem, 100%), 1fr));
    gap: 0 1.6rem;
  }
  .length,
  .note {
    margin-top: 1.2rem;
  }
</style>
