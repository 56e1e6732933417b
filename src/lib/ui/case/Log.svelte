<script lang="ts">
  import NotDone from '../parts/NotDone.svelte';
  import Notice from '../parts/Notice.svelte';
  import Button from '../parts/Button.svelte';
  import { enhance } from '$app/forms';
  import { untrack } from 'svelte';
  import { doneOf, outsideOf } from '../../core/case';
  import type { ApplicationRecord, Outside } from '../../core/record';
  import { DONE_WORDS, outsideText } from '../../words';
  import { getShow } from '../parts/show';
  import Amount from '../parts/Amount.svelte';
  import Field from '../parts/Field.svelte';
  import Draft from '../parts/Draft.svelte';
  import DateField from '../parts/DateField.svelte';
  import TimeField from '../parts/TimeField.svelte';
  import Reading from '../parts/Reading.svelte';
  import Note from '../parts/Note.svelte';
  import { setErrors } from '../parts/errors';
  import { getMayChange } from '../parts/may';
  import RecordTable from './RecordTable.svelte';
  import { getSheet } from './sheet.svelte';
  import type { StopProps } from './stop-props';
  const show = getShow();
  const { quantityText } = show;

  let { errors, person, licence, time, requestKey }: StopProps = $props();
  const sheet = getSheet();
  const view = $derived(sheet.view);
  setErrors((path) => errors.find((error) => error.path === path)?.message);
  let correcting = $state<ApplicationRecord | null>(null);
  const own = $derived(sheet.facts.records.filter((r) => r.caseNumber === sheet.facts.number));
  const from = $derived(correcting);
  const dose = $derived(view.dose);
  const open = $derived(view.records.length === 0 || correcting !== null || errors.length > 0);
  let another = $state(false);
  let saving = $state(false);
  let logged = $state(0);
  let trouble = $state<string | null>(null);
  const may = getMayChange();
  let outside = $state.raw<readonly Outside[]>([]);
  let turn = 0;
  /** What lies outside label and plan is said while it is typed: it is recorded all the same. */
  async function look(form: HTMLFormElement): Promise<void> {
    const now = ++turn;
    const { fieldsOf, parseRecord } = await import('../../forms');
    if (now !== turn) return;
    const record = parseRecord(fieldsOf(new FormData(form)));
    if ('ok' in record) outside = outsideOf(sheet.facts, sheet.view, record.ok, record.ok.corrects);
  }
  const plan = untrack(() => ({
    product: sheet.view.dose?.product ?? null,
    finished: sheet.view.dose?.finished ?? null,
    area: sheet.view.lawn ? doneOf(sheet.view.lawn, sheet.view.measured) : null,
  }));
  /** In rooms nobody measures the wind; an entry that has it keeps it. */
  const outdoors = $derived(
    view.method?.weather !== false || (from !== null && (from.windKmh !== null || from.tempC !== null)),
  );
  const told = $derived(DONE_WORDS[view.measured ?? 'area']);
</script>

{#if own.length > 0}
  <RecordTable
    records={own}
    today={sheet.facts.today}
    correct={may() ? (record) => (correcting = record) : null}
  />
{/if}
{#if !view.label}
  <p class="soft">Choose the remedy that was put down first; without one there is nothing to log.</p>
{:else if !may()}
  <p class="soft">You read here; technicians and owners log what was done.</p>
{:else if open || another}
  {#key from?.id}
    <form
      method="POST"
      action="?/log"
      novalidate
      oninput={(event) => void look(event.currentTarget)}
      onchange={(event) => void look(event.currentTarget)}
      onpointerenter={(event) => void look(event.currentTarget)}
      onfocusin={(event) => void look(event.currentTarget)}
      use:enhance={() => {
        saving = true;
        return async ({ result, update }) => {
          saving = false;
          if (result.type === 'error') {
            trouble = (result.error as { message?: string })?.message ?? 'The server does not answer.';
            return;
          }
          trouble = null;
          if (result.type === 'success' || result.type === 'redirect') {
            correcting = null;
            another = false;
            logged += 1;
          }
          await update({ reset: false });
        };
      }}
    >
      {#if from}
        <p>
          <span class="figure">Correcting the entry of {from.doneOn}.</span> The old entry stays readable; this
          one counts instead.
        </p>
        <input type="hidden" name="corrects" value={from.id} />
      {:else}
        <p class="soft">
          What was really done with {view.label.name}, not what was planned. An entry is never changed; a
          correction is a new one.
        </p>
      {/if}
      {#if view.halts.length > 0 && !from}<Notice kind="care">
          A Halt is open. What was done must still be recorded; what was not done must not be started.
        </Notice>{/if}
      <input type="hidden" name="requestKey" value={requestKey} />
      <Draft name="log {from?.id ?? ''}" taken={logged > 0 ? logged : undefined} />
      <div class="fields">
        <DateField label="Date" name="doneOn" value={from?.doneOn ?? sheet.facts.today} />
        <TimeField label="Start" name="startedAt" value={from?.startedAt ?? time} />
        <TimeField label="End" name="endedAt" value={from?.endedAt ?? time} />
      </div>
      <div class="fields">
        <Amount
          label="Product used"
          name="product"
          value={from?.product.value ?? (plan.product ? Number(plan.product.value.toPrecision(6)) : '')}
          unit={from?.product.unit ?? dose?.product.unit ?? view.label.use.rate.unit}
          units={['ml', 'l', 'floz', 'g', 'kg', 'oz', 'lb', 'million', 'count']}
          hint={plan.product
            ? `planned ${quantityText(plan.product)}`
            : view.label.use.instruction
              ? 'weighed before and after; else its turns, as pieces'
              : undefined}
        />
        {#if view.label.use.carrier}
          <Amount
            label="Mix used"
            name="finished"
            value={from?.finished?.value ?? (plan.finished ? Number(plan.finished.value.toPrecision(4)) : '')}
            unit={from?.finished?.unit ?? plan.finished?.unit ?? 'l'}
            units={['l', 'ml', 'gal', 'quart']}
          />
        {/if}
        <Amount
          label={told.label}
          name="area"
          value={from?.area.value ?? (plan.area ? Number(plan.area.value.toPrecision(5)) : '')}
          unit={from?.area.unit ?? plan.area?.unit ?? told.units[0]}
          units={from && !(told.units as readonly string[]).includes(from.area.unit)
            ? [from.area.unit]
            : told.units}
        />
      </div>
      <div class="fields">
        {#if outdoors}<Reading
            label="Wind"
            name="windKmh"
            measure="wind"
            value={from?.windKmh ?? ''}
            width="7rem"
          />
          <Reading label="Air" name="tempC" measure="temperature" value={from?.tempC ?? ''} width="7rem" />
        {:else}<input type="hidden" name="windKmh" value="" /><input
            type="hidden"
            name="tempC"
            value=""
          />{/if}
        <Field
          label="Lot"
          name="lot"
          value={from?.lot ?? sheet.facts.stops.mix?.lot ?? view.chosen?.containers[0]?.lot ?? ''}
          width="8rem"
        />
        <Field label="Who did it" name="person" value={from?.person ?? person} width="11rem" required />
        <Field label="Licence" name="licence" value={from ? (from.licence ?? '') : licence} width="8rem" />
      </div>
      <div class="fields"><Note label="Note" name="note" value={from?.note ?? ''} /></div>
      {#if outside.length > 0}
        <Notice kind="care" heard="status">
          <p class="figure">Outside the label or the plan; it is recorded as it was:</p>
          <ul>
            {#each outside as one, i (i)}<li>{outsideText(one, show)}</li>{/each}
          </ul>
        </Notice>
      {/if}
      <NotDone says="Not logged yet" lines={errors.map(({ message }) => message)} />
      {#if trouble}<p class="field-error" role="alert">Not logged yet. {trouble}</p>{/if}
      <div class="actions">
        <Button kind="main" disabled={saving}
          >{from ? 'Log the correction' : 'Log what was done'}{outside.length > 0
            ? ', as it was'
            : ''}</Button
        >
        {#if from || another}<Button
            type="button"
            onclick={() => {
              correcting = null;
              another = false;
            }}>Leave it</Button
          >{/if}
      </div>
    </form>
  {/key}
{:else}
  <Button type="button" onclick={() => (another = true)}>Log another application</Button>
{/if}

<style>
  form .fields {
    margin-bottom: 1rem;
  }
  form {
    margin-top: 0.8rem;
  }
  form > p {
    margin: 0 0 1rem;
  }
</style>
