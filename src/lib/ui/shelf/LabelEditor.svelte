<script lang="ts">
  import NotDone from '../parts/NotDone.svelte';
  import Button from '../parts/Button.svelte';
  import { tick, untrack, type Snippet } from 'svelte';
  import { FAMILIES, FORMS, type LabelCard } from '../../core/labels';
  import { STRENGTH_UNITS } from '../../forms';
  import { FAMILY_WORDS, FORM_WORDS, STRENGTH_WORDS } from '../../words';
  import Amount from '../parts/Amount.svelte';
  import Choice from '../parts/Choice.svelte';
  import type { FormState } from '../../offline/form-draft';
  import Field from '../parts/Field.svelte';
  import KeptForm from '../parts/KeptForm.svelte';
  import DateField from '../parts/DateField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Note from '../parts/Note.svelte';
  import Reading from '../parts/Reading.svelte';
  import Tick from '../parts/Tick.svelte';
  import { getShow } from '../parts/show';
  import ClauseRows from './ClauseRows.svelte';
  import MoreFields from './MoreFields.svelte';
  import PasteLabel from './PasteLabel.svelte';
  import LabelPreview from './LabelPreview.svelte';
  import UseFields from './UseFields.svelte';
  import type { PestGroup, PestName } from './pest-name';

  interface Props {
    /** What the fields start from, by name. */
    start: Readonly<Record<string, string>>;
    pests: readonly PestName[];
    groups?: readonly PestGroup[];
    errors: readonly { readonly path: string; readonly message: string }[];
    /** A container comes with the card. */
    container?: boolean;
    save: string;
    /** The version that is changed. */
    version?: number;
    /** What can be read beside the editor. */
    beside?: Snippet;
  }
  let { start, pests, groups = [], errors, container = false, save, version, beside }: Props = $props();
  const show = getShow();
  const errorFor = (path: string): string | undefined => errors.find((e) => e.path === path)?.message;
  const was = (name: string, other = ''): string => start[name] ?? other;
  const PRODUCTS = ['ml', 'l', 'floz', 'g', 'kg', 'oz', 'lb', 'million', 'count'];
  const CHOOSE = { value: '', name: 'choose' };
  const NOT_STATED = { value: '', name: 'not stated' };
  const within = (at: string): Record<string, string> =>
    Object.fromEntries(
      Object.entries(start).flatMap(([name, value]) =>
        name.startsWith(`${at}.`) ? [[name.slice(at.length + 1), value]] : [],
      ),
    );
  const countOf = (list: string): number =>
    Math.max(
      0,
      ...Object.keys(start).map((name) => {
        const [head, index] = name.split('.');
        return head === list ? Number(index) + 1 : 0;
      }),
    );
  let next = 0;
  const useRow = (own: Record<string, string>) => ({ key: next++, own });
  let uses = $state.raw(
    untrack(() =>
      Array.from({ length: Math.max(1, countOf('uses')) }, (_, i) => useRow(within(`uses.${i}`))),
    ),
  );
  /** The use that was taken off last, as it stood. */
  let gone = $state.raw<{ readonly row: ReturnType<typeof useRow>; readonly at: number } | null>(null);
  /** What stands in a use of the form now, by its names within the use. */
  const fieldsOfUse = (i: number): Record<string, string> =>
    Object.fromEntries(
      [...fieldsNow()].flatMap(([name, value]) =>
        name.startsWith(`uses.${i}.`) && !name.includes('~')
          ? [[name.slice(`uses.${i}.`.length), value]]
          : [],
      ),
    );
  let fieldsNow = (): ReadonlyMap<string, string> => new Map();
  /** A second use of a label is nearly the first: its pests and figures are changed, not typed again. */
  const another = (): void => {
    uses = [...uses, useRow(fieldsOfUse(uses.length - 1))];
  };
  function takeOff(row: ReturnType<typeof useRow>): void {
    const at = uses.indexOf(row);
    // All of them are written anew, each from what stands in it.
    const kept = uses.map((_, i) => fieldsOfUse(i));
    gone = { row: useRow(kept[at] ?? {}), at };
    uses = kept.filter((_, i) => i !== at).map(useRow);
  }
  function putBack(): void {
    if (!gone) return;
    const kept = uses.map((_, i) => useRow(fieldsOfUse(i)));
    uses = [...kept.slice(0, gone.at), gone.row, ...kept.slice(gone.at)];
    gone = null;
  }
  let actives = $state(untrack(() => Math.max(1, countOf('actives'))));
  /** A draft has its own uses, pests, steps and ingredients: their rows are made anew from it. */
  async function prepare(fields: FormState): Promise<void> {
    const draft = Object.fromEntries(fields.map(([name, value]) => [name, value]));
    const count = (list: string): number =>
      Math.max(
        0,
        ...fields.map(([name]) => (name.startsWith(`${list}.`) ? Number(name.split('.')[1]) + 1 : 0)),
      );
    actives = Math.max(1, count('actives'));
    uses = Array.from({ length: Math.max(1, count('uses')) }, (_, i) =>
      useRow(
        Object.fromEntries(
          Object.entries(draft).flatMap(([name, value]) =>
            name.startsWith(`uses.${i}.`) ? [[name.slice(`uses.${i}.`.length), value]] : [],
          ),
        ),
      ),
    );
    await tick();
  }
  let form = $state<HTMLFormElement>();
  let card = $state.raw<LabelCard | null>(null);
  let unread = $state<string | null>(null);
  let turn = 0;
  /** A pest or a stage by its id. */
  const pestName = (id: string): string =>
    pests.find((p) => p.id === id)?.name ??
    pests.flatMap((p) => p.stages).find((stage) => stage.id === id)?.name ??
    id;

  async function typed(): Promise<void> {
    const now = ++turn;
    const { fieldsOf, parseCard, unfinished } = await import('../../forms');
    const { refusalSentence } = await import('../../words');
    if (now !== turn || !form) return;
    const at = form;
    fieldsNow = () => fieldsOf(new FormData(at));
    const fields = unfinished(fieldsNow());
    const parsed = parseCard(fields, pests, 'unfinished', false);
    if ('ok' in parsed) {
      card = { ...parsed.ok, version: 1 };
      unread = null;
    } else {
      unread = parsed.refused[0] ? refusalSentence(parsed.refused[0], show) : null;
    }
  }
  $effect(() => {
    void uses;
    void typed();
  });
</script>

<datalist id="pest-names">
  {#each groups as group (group.name)}<option value={group.name}></option>{/each}
  {#each pests as pest (pest.id)}<option value={pest.name}></option>{/each}
</datalist>
<div class="grid grid-cols-[minmax(0,1fr)_19rem] gap-8 max-[1000px]:grid-cols-1">
  <KeptForm action="?/save" bind:element={form} oninput={typed} {prepare}>
    {#snippet children(sending)}
      {#if version !== undefined}<input type="hidden" name="revision" value={version} />{/if}
      <PasteLabel uses={uses.length} />
      <h2 class="section-head">What it is</h2>
      <div class="fields">
        <Field label="Name on the label" name="name" value={was('name')} width="18rem" required />
        <Field label="Maker" name="maker" value={was('maker')} width="14rem" />
        <Field label="Registration" name="registration" value={was('registration')} width="9rem" />
        <Field label="Signal word" name="signalWord" value={was('signalWord')} width="9rem" />
      </div>
      <div class="fields">
        <Choice
          label="Form"
          name="form"
          value={was('form')}
          items={[CHOOSE, ...FORMS.map((value) => ({ value, name: FORM_WORDS[value] }))]}
          width="13rem"
        />
        <Choice
          label="Family"
          name="family"
          value={was('family')}
          items={[CHOOSE, ...FAMILIES.map((value) => ({ value, name: FAMILY_WORDS[value] }))]}
          width="13rem"
        />
        <Choice
          label="Licence needed"
          name="licenceNeeded"
          value={was('licenceNeeded')}
          items={[NOT_STATED, { value: 'yes', name: 'yes' }, { value: 'no', name: 'no' }]}
          width="9rem"
        />
        <Field
          label="Allowed in"
          name="allowedIn"
          value={was('allowedIn')}
          width="14rem"
          hint="with commas between"
        />
      </div>
      {#each Array.from({ length: actives }, (_, i) => i) as i (i)}
        <div class="fields">
          <Field
            label="Active ingredient{i === 0 ? '' : ` ${i + 1}`}"
            name="actives.{i}.name"
            value={was(`actives.${i}.name`)}
            width="15rem"
          />
          <NumberField
            label="Strength"
            name="actives.{i}.percent"
            value={was(`actives.${i}.percent`)}
            after="%"
            most={100}
            width="7.5rem"
          />
          <NumberField label="or" name="actives.{i}.mass" value={was(`actives.${i}.mass`)} width="6.5rem" />
          <Choice
            label="of it in"
            name="actives.{i}.massIn"
            value={was(`actives.${i}.massIn`, show.manner.units === 'us' ? 'lb/gal' : 'g/l')}
            items={STRENGTH_UNITS.map((value) => ({ value, name: STRENGTH_WORDS[value] ?? value }))}
            width="9rem"
          />
          <Field label="Group" name="actives.{i}.group" value={was(`actives.${i}.group`)} width="5.5rem" />
          {#if i === 0}
            <NumberField
              label="Density"
              name="densityKgPerL"
              value={was('densityKgPerL')}
              after="kg in 1 l"
              width="8.5rem"
            />
          {/if}
        </div>
      {/each}
      {#if actives < 6}
        <Button type="button" kind="plain" onclick={() => (actives += 1)}>Another ingredient</Button>
      {/if}
      <ClauseRows keys={['licence', 'allowed']} own={start} />

      {#each uses as row, i (row.key)}
        <fieldset class="use mt-2.5">
          <legend class="section-head"
            >{uses.length === 1 ? 'Against what, and where' : `Use ${i + 1}: against what, and where`}</legend
          >
          <UseFields at="uses.{i}" own={row.own} clauses={i === 0 ? start : null} {pests} {groups} />
          {#if uses.length > 1}
            <Button type="button" kind="plain" onclick={() => takeOff(row)}>Take use {i + 1} off</Button>
          {/if}
        </fieldset>
      {/each}
      {#if errorFor('uses')}<p class="field-error">{errorFor('uses')}</p>{/if}
      {#if gone}
        <p role="status">
          Use {gone.at + 1} was taken off.
          <Button type="button" onclick={putBack}>Put it back</Button>
        </p>
      {/if}
      <Button type="button" kind="plain" onclick={another}>Another use, as a copy of the last</Button>
      <Button type="button" kind="plain" onclick={() => (uses = [...uses, useRow({})])}
        >Another use, empty</Button
      >

      <h2 class="section-head">Handling</h2>
      <div class="fields">
        <Field
          label="Wear, as the label says"
          name="ppe"
          value={was('ppe')}
          width="17rem"
          hint="with commas between"
        />
        <Field label="Wear besides, your own rule" name="ownPpe" value={was('ownPpe')} width="15rem" />
        <Choice
          label="Mix with others"
          name="mixWithOthers"
          value={was('mixWithOthers')}
          items={[NOT_STATED, { value: 'yes', name: 'allowed' }, { value: 'no', name: 'no' }]}
          width="9rem"
        />
      </div>
      <div class="flex flex-wrap gap-y-0 gap-x-6">
        <Tick label="Filters out" name="filterOut" checked={was('filterOut') !== ''} />
        <Tick label="Repellent to insects" name="repellent" checked={was('repellent') !== ''} />
        <Tick label="Flammable" name="flammable" checked={was('flammable') !== ''} />
      </div>
      <ClauseRows keys={['ppe', 'filter', 'compatibility']} own={start} />
      <Note label="First aid" name="firstAid" value={was('firstAid')} />
      <ClauseRows keys={['firstAid']} own={start} />

      <h2 class="section-head">Storage and disposal</h2>
      <div class="fields">
        <Reading
          label="Keep from"
          name="storeFrom"
          measure="temperature"
          value={was('storeFrom')}
          width="8rem"
        />
        <Reading label="to" name="storeTo" measure="temperature" value={was('storeTo')} width="6rem" />
        <NumberField
          label="Keeps closed"
          name="shelfLifeMonths"
          value={was('shelfLifeMonths')}
          after="months"
          width="11rem"
        />
        <NumberField
          label="Keeps opened"
          name="openedDays"
          value={was('openedDays')}
          after="days"
          width="10.5rem"
        />
      </div>
      <Note label="Rinsing, leftovers, empty containers" name="disposal" value={was('disposal')} />
      <ClauseRows keys={['storage', 'disposal']} own={start} />
      <MoreFields of="card" at="" was={(key) => was(`more.${key}`)} />

      <h2 class="section-head">The container</h2>
      <div class="fields">
        <Amount
          label="Size"
          name="size"
          value={was('size.value')}
          unit={was('size.unit', show.manner.units === 'us' ? 'floz' : 'ml')}
          units={PRODUCTS}
        />
        <Amount
          label="also sold as"
          name="otherSizes.0"
          value={was('otherSizes.0.value')}
          unit={was('otherSizes.0.unit', show.manner.units === 'us' ? 'gal' : 'l')}
          units={PRODUCTS}
        />
        {#if container}
          <Field label="Lot" name="lot" value={was('lot')} width="8rem" hint="blank: no container yet" />
          <NumberField label="Price" name="price" value={was('price', '')} width="7rem" />
          <DateField label="Use before" name="expiresOn" value={was('expiresOn')} />
          <Field label="Kept in" name="keptIn" value={was('keptIn')} width="9rem" />
        {/if}
      </div>
      <NotDone says="Not saved yet" lines={errors.map(({ message }) => message)} />
      <div class="actions"><Button kind="main" disabled={sending}>{save}</Button></div>
    {/snippet}
  </KeptForm>
  <aside aria-live="polite">
    {#if beside}{@render beside()}{/if}
    {#if unread}<p class="field-error">{unread}</p>{/if}
    {#if card}<LabelPreview {card} {pestName} />{:else}
      <p class="soft">The label in plain words, and what the label check finds, stand here while you type.</p>
    {/if}
  </aside>
</div>

<style>
  aside {
    position: sticky;
    top: 0.5rem;
    align-self: start;
    max-height: calc(100vh - 1rem);
    overflow: auto;
    border-left: 1px solid var(--rule);
    padding-left: 1.2rem;
  }
  .use legend {
    width: 100%;
  }
  @media (max-width: 1000px) {
    aside {
      position: static;
      max-height: none;
      border-left: 0;
      border-top: 2px solid var(--ink);
      padding: 0.4rem 0 0;
    }
  }
</style>
