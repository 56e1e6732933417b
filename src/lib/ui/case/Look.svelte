<script lang="ts">
  import Fold from '../parts/Fold.svelte';
  import Button from '../parts/Button.svelte';
  import { resolve } from '$app/paths';
  import { page } from '$app/state';
  import { onMount, tick, untrack } from 'svelte';
  import { SURROUNDINGS, type Surrounding } from '../../core/identify';
  import { EXPECTED_BECAUSE, PURPOSES, type Purpose } from '../../core/case';
  import { BECAUSE_WORDS, PURPOSE_HINTS, PURPOSE_WORDS, SURROUNDING_WORDS } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import Note from '../parts/Note.svelte';
  import Tick from '../parts/Tick.svelte';
  import Reading from '../parts/Reading.svelte';
  import HouseSection from '../drawings/HouseSection.svelte';
  import LookCounts from './LookCounts.svelte';
  import Asking from './Asking.svelte';
  import { getShow } from '../parts/show';
  import SignRow from './SignRow.svelte';
  import TriedAtHome from './TriedAtHome.svelte';
  import { getSheet } from './sheet.svelte';

  const FIRST_SHOWN = 8;
  /** Where dusts go, which need it dry. */
  const FLOWERS: ReadonlySet<string> = new Set(['lawn', 'bed', 'ground', 'tree', 'wall', 'water']);
  const DUSTED: ReadonlySet<Surrounding> = new Set<Surrounding>([
    ...(['wall', 'kitchen', 'store', 'bath', 'room', 'bedroom', 'cellar', 'loft'] as const),
  ]);
  const { prose } = getShow();
  const sheet = getSheet();
  const { signs } = untrack(() => sheet.facts);
  const start = untrack(() => sheet.facts.stops.look);
  let purpose = $state<Purpose>(untrack(() => start?.purpose ?? 'control'));
  let surrounding = $state<Surrounding>(start?.surrounding ?? 'lawn');
  /** What is being typed never folds itself away. */
  const seenBefore = untrack(
    () =>
      Object.keys(start?.signs ?? {}).length > 0 ||
      (start?.series?.length ?? 0) > 0 ||
      sheet.view.density !== null,
  );
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
  const move = (to: string): void => void (surrounding = to as Surrounding);
  /** One question at a time, or everything as a list: first the one on a telephone, the other at a desk. */
  let asks = $state(false);
  /** Of the way by questions: what else stands at this stop is shown too. */
  let rest = $state(false);
  const asking = $derived(asks && purpose === 'control');
  onMount(() => {
    asks = matchMedia('(max-width: 700px)').matches && page.url.hash === '';
  });
  /** Where it was is the first question, as long as nobody said. */
  let placed = $state(start !== undefined);
  const changed = (field: HTMLElement | null | undefined): void =>
    void field?.dispatchEvent(new Event('change', { bubbles: true }));
  /** An answer is that of the list: its field is there, and what follows from it follows. */
  async function answer(sign: string, value: string): Promise<void> {
    listed = new Set([...listed, sign]);
    await tick();
    const field = document.querySelector<HTMLInputElement>(
      `#sign-${CSS.escape(sign)} input[value="${CSS.escape(value)}"]`,
    );
    if (field) field.checked = true;
    changed(field);
  }
  async function place(at: Surrounding): Promise<void> {
    [surrounding, placed] = [at, true];
    await tick();
    const where = rests?.querySelector<HTMLInputElement>('[name="where"]');
    if (where && where.value.trim() === '') where.value = SURROUNDING_WORDS[at];
    changed(where);
  }
  let rests = $state<HTMLElement>();
  // Somebody comes from “worth looking at next”, or from a Halt that a look would settle.
  $effect(() => {
    const asked = page.url.hash.replace(/^#sign-/, '');
    if (!signs.some((s) => s.id === asked)) return;
    asks = false;
    listed = new Set([...untrack(() => listed), asked]);
    requestAnimationFrame(() => {
      const row = document.getElementById(`sign-${asked}`);
      row?.scrollIntoView({ block: 'center' });
      row?.querySelector('input')?.focus({ preventScroll: true });
    });
  });
</script>

{#if asking}
  {#if placed}
    <Asking {signs} first={start?.first ?? null} onanswer={answer} />
  {:else}
    <HouseSection name="place" value="" onpick={place} />
  {/if}
  <p class="ways flex-wrap gap-y-1.5 gap-x-5 my-2.5 mx-0">
    <Button type="button" kind="plain" onclick={() => (rest = !rest)}
      >{rest
        ? 'Only the question'
        : `Place, counts and list${placed ? `: ${SURROUNDING_WORDS[surrounding]}` : ''}`}</Button
    >
    <Button type="button" kind="plain" onclick={() => (asks = false)}>Everything as a list</Button>
  </p>
{:else if purpose === 'control'}
  <p class="ways flex-wrap gap-y-1.5 gap-x-5 my-2.5 mx-0">
    <Button type="button" kind="plain" onclick={() => ([asks, rest] = [true, false])}
      >One question at a time</Button
    >
  </p>
{/if}
<div bind:this={rests} class:away={asking && !rest}>
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
    <p class="soft small basis-full m-0">{PURPOSE_HINTS[purpose]}</p>
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
      <div class="w-full">
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
    <div class="signs grid-cols-[repeat(auto-fill,minmax(min(19rem,100%),1fr))] gap-y-0 gap-x-7">
      {#each shown as sign (sign.id)}
        <SignRow
          {sign}
          {prose}
          found={start?.signs[sign.id]}
          worth={next.includes(sign.id)}
          drawn={sign.drawn}
        />
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
    <div class="fields mt-5">
      <Choice
        label="Living ones met"
        name="light"
        value={start?.light ?? ''}
        items={[
          { value: '', name: 'not said' },
          { value: 'day', name: 'by day' },
          { value: 'night', name: 'at night' },
        ]}
        width="9rem"
      />
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

    <LookCounts {surrounding} />
  {/snippet}
  {#if purpose === 'control'}
    {@render seen()}
  {:else}
    <Fold
      class="ruled"
      open={seenBefore}
      says={purpose === 'prevent'
        ? 'Something was seen or counted already'
        : 'Something was found on the round'}
    >
      {@render seen()}
    </Fold>
  {/if}
  <TriedAtHome />
  <div class="fields mt-5"><Note label="Note" name="note" value={start?.note ?? ''} /></div>
</div>
{#if start?.first}<input type="hidden" name="first" value={start.first} />{/if}

<style>
  .ways {
    display: flex;
  }
  .away {
    display: none;
  }
  .signs {
    display: grid;
  }
</style>
