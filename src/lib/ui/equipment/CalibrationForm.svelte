<script lang="ts">
  import Button from '../parts/Button.svelte';
  import { untrack } from 'svelte';
  import {
    AMOUNT_UNITS,
    calibrated,
    CALIBRATIONS_OF,
    READING_FIELDS,
    SETUP_OF,
    type Calibrated,
    type CalibrationKind,
    type EquipmentKind,
  } from '../../core/equipment';
  import { PROCEDURES, READING_WORDS, SETUP_WORDS } from '../../words';
  import Choice from '../parts/Choice.svelte';
  import Field from '../parts/Field.svelte';
  import DateField from '../parts/DateField.svelte';
  import NumberField from '../parts/NumberField.svelte';
  import Reading from '../parts/Reading.svelte';
  import SharedUnit from '../parts/SharedUnit.svelte';
  import { opensIn } from '../../forms';
  import Stopwatch from './Stopwatch.svelte';
  import { comesToText } from './comes-to';
  import { getShow } from '../parts/show';

  /** One calibration, step by step: how it is done, its readings row by row, and what they come to so far. */
  interface Props {
    of: EquipmentKind;
    swathM: number | null;
    today: string;
    /** What was typed, where it was refused. */
    was: Readonly<Record<string, string>>;
    sending: boolean;
  }
  let { of, swathM, today, was, sending }: Props = $props();
  const show = getShow();
  const kinds = $derived(CALIBRATIONS_OF[of]);
  let kind = $state<CalibrationKind>(
    untrack(() => kinds.find((one) => one === was.kind) ?? kinds[0] ?? 'flow'),
  );
  const procedure = $derived(PROCEDURES[kind]);
  const fields = $derived(READING_FIELDS[kind]);
  const units = $derived(AMOUNT_UNITS[kind]);
  const setup = $derived(SETUP_OF[kind]);
  const typedRows = untrack(
    () =>
      1 + Math.max(-1, ...Object.keys(was).map((key) => Number(/^readings\.(\d+)\./.exec(key)?.[1] ?? -1))),
  );
  let more = $state(0);
  const rows = $derived(Math.max(typedRows, procedure.repeats) + more);
  let comesTo = $state.raw<Calibrated | null>(null);
  let root: HTMLElement;

  /** What the rows that are complete come to, while others are still being typed. */
  async function typed(): Promise<void> {
    const form = root.closest('form');
    if (!form) return;
    const { fieldsOf, parseCalibration } = await import('../../forms');
    const sent = new Map(fieldsOf(new FormData(form)));
    for (let row = 0; row < rows; row++) {
      const keys = fields.map(({ key }) => `readings.${row}.${key}`);
      if (keys.some((key) => (sent.get(key) ?? '').trim() === '')) for (const key of keys) sent.delete(key);
    }
    const parsed = parseCalibration(of, sent);
    const result = 'ok' in parsed ? calibrated(parsed.ok) : null;
    comesTo = result && 'ok' in result ? result.ok : null;
  }
  /** A time that was stopped goes into the first row that has none. */
  function stopped(seconds: number): void {
    const form = root.closest('form');
    const free = [...(form?.querySelectorAll<HTMLInputElement>('input[name$=".seconds"]') ?? [])].find(
      (input) => input.value.trim() === '',
    );
    if (!free) return;
    free.value = seconds.toFixed(1);
    free.dispatchEvent(new Event('input', { bubbles: true }));
    free.focus();
  }
</script>

<div bind:this={root} oninput={typed} onchange={typed}>
  <div class="fields my-2.5 mx-0">
    <Choice
      label="What is measured"
      name="kind"
      value={kind}
      items={kinds.map((value) => ({ value, name: PROCEDURES[value].name }))}
      width="17rem"
      onchange={(value) => {
        kind = value as CalibrationKind;
        more = 0;
        comesTo = null;
      }}
    />
    <DateField label="On" name="doneOn" value={was.doneOn ?? today} />
  </div>
  {#key kind}
    <ol class="pl-5 list-decimal max-w-[42rem]">
      {#each procedure.steps as step, i (i)}<li>{show.prose(step)}</li>{/each}
    </ol>
    {#if fields.some(({ key }) => key === 'seconds')}<Stopwatch what={procedure.name} taken={stopped} />{/if}
    <div class="fields my-2.5 mx-0">
      {#if units.length > 0}
        <SharedUnit
          label="Read in"
          name="unit"
          unit={was.unit ?? opensIn(units[0] ?? 'ml', units, show.manner.units).unit}
          {units}
          of={Array.from({ length: rows }, (_, i) => `readings.${i}.amount`)}
          width="7rem"
        />
      {/if}
      {#if setup?.measures === 'm'}
        <Reading
          label={SETUP_WORDS[kind] ?? ''}
          name="setup"
          measure="length"
          value={was.setup ?? (kind === 'weighed-pass' ? (swathM ?? '') : '')}
          width="12rem"
        />
      {:else if setup}
        <NumberField label={SETUP_WORDS[kind] ?? ''} name="setup" value={was.setup ?? ''} width="11rem" />
      {/if}
      {#if kind === 'weighed-pass' || kind === 'pan-test' || kind === 'flow'}
        <Field
          label="With what"
          name="product"
          value={was.product ?? ''}
          width="15rem"
          hint="water, or the product"
        />
      {/if}
    </div>
    <div
      class="rows grid grid-cols-[max-content_repeat(var(--columns),max-content)] gap-y-2 gap-x-4 items-end max-[700px]:grid-cols-[repeat(2,minmax(0,1fr))]"
      style:--columns={fields.length}
    >
      {#each { length: rows } as _, i (i)}
        <span class="which pb-3 max-[700px]:col-span-full max-[700px]:pt-1 max-[700px]:pb-0 max-[700px]:px-0"
          >{procedure.each} {i + 1}</span
        >
        {#each fields as { key, measures } (key)}
          {@const name = `readings.${i}.${key}`}
          {#if measures === 'm'}
            <Reading
              label={READING_WORDS[key] ?? key}
              {name}
              measure="length"
              value={was[name] ?? ''}
              width="10rem"
            />
          {:else if measures === 'mm'}
            <Reading
              label={READING_WORDS[key] ?? key}
              {name}
              measure="rain"
              value={was[name] ?? ''}
              width="10rem"
            />
          {:else}
            <NumberField
              label={READING_WORDS[key] ?? key}
              {name}
              value={was[name] ?? (key === 'count' ? '10' : '')}
              width="8rem"
            />
          {/if}
        {/each}
      {/each}
    </div>
    <p>
      <Button type="button" kind="plain" onclick={() => (more += 1)}>One more</Button>
    </p>
  {/key}
  {#if comesTo}
    <p class="border-l-5 border-l-moss bg-moss-wash py-2.5 px-3 max-w-[42rem]" aria-live="polite">
      <span class="figure">{comesToText(comesTo, kind, show)}</span>
      {#if comesTo.repeats.outlier && kind !== 'pan-test' && kind !== 'weighed-pass'}
        <br />! {procedure.each}
        {comesTo.repeats.outlier.at + 1} does not go with the others: {show.numberText(
          comesTo.values[comesTo.repeats.outlier.at] ?? 0,
        )}. Without it {show.numberText(comesTo.repeats.outlier.meanWithout)}. Do that one again, or empty its
        row.
      {/if}
    </p>
  {/if}
  <div class="fields my-2.5 mx-0">
    <Field label="Note" name="note" value={was.note ?? ''} width="22rem" />
  </div>
  <div class="actions">
    <Button kind="main" disabled={sending}>Write it into the book</Button>
  </div>
</div>

<style>
  .which {
    font-weight: 650;
  }
  .rows > :global(div:not(:nth-child(-n + 4))) :global(.field-label) {
    font-size: 0.85rem;
  }
  @media (max-width: 700px) {
    .rows > :global(div) {
      width: auto !important;
    }
  }
</style>
