<script lang="ts">
  import { untrack } from 'svelte';
  import { readTyped, type Quantity } from '../../core/units';
  import { unitText } from '../../words';
  import { getErrors } from './errors';
  import NumberInput from './NumberInput.svelte';
  import { getShow } from './show';
  import { turned, type Was } from './amount-state';
  import UnitChange from './UnitChange.svelte';
  import { rememberUnit } from './last-units';

  /** A number and its unit, never apart: another unit converts the number and tells what it was. */
  interface Props {
    label: string;
    /** The dotted name; fields NAME.value and NAME.unit are sent. */
    name: string;
    value: number | string | null;
    unit: string;
    units: readonly string[];
    hint?: string | undefined;
  }
  let { label, name, value, unit, units, hint }: Props = $props();
  const errorFor = getErrors();
  const show = getShow();
  const error = $derived(errorFor(`${name}.value`) ?? errorFor(`${name}.unit`) ?? errorFor(name));
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
  let chosen = $state(untrack(() => unit));
  let at = untrack(() => unit);
  $effect.pre(() => {
    if (unit === at) return;
    at = unit;
    chosen = unit;
  });
  /** The unit was kept so, or somebody chose it: then another one converts. */
  let known = untrack(() => value !== null && value !== '');
  let now = $state<number | null>(null);
  /** What stood here before the unit was changed. */
  let was = $state.raw<Was | null>(null);
  let box: HTMLElement;
  const fieldIn = (): HTMLInputElement | null => box.querySelector('input:not([type=hidden])');
  function put(number: number | null): void {
    const field = fieldIn();
    if (!field) return;
    field.value = number === null ? '' : show.entryText(number);
    field.dispatchEvent(new Event('input', { bubbles: true }));
  }
  function changeUnit(to: string): void {
    const read = readTyped(fieldIn()?.value ?? '', show.manner.numbers, chosen);
    const from = chosen;
    chosen = to;
    rememberUnit(to);
    if (read.kind !== 'number') {
      known = true;
      return;
    }
    const next = turned({ number: read.value, unit: from }, to, was, known);
    known = true;
    was = next.was;
    now = next.number;
    put(next.number);
  }
  /** "12 ft" typed where metres stood: feet are chosen, and the number stays what was typed. */
  function takeUnit(typed: Quantity, field: HTMLInputElement): void {
    if (!units.includes(typed.unit)) return;
    chosen = typed.unit;
    known = true;
    was = null;
    field.value = show.entryText(Number(typed.value.toPrecision(12)));
  }
  function take(number: number): void {
    was = null;
    put(number);
  }
</script>

<div style:max-width="100%" bind:this={box}>
  <label for={id} class="field-label">{label}</label>
  <div class="grid grid-cols-[6.2rem_6rem] gap-1">
    <div>
      <NumberInput
        {id}
        name="{name}.value"
        {value}
        unit={chosen}
        class="text-right"
        invalid={error !== undefined}
        describedby={error ? `${id}-e` : undefined}
        onunit={takeUnit}
        onnumber={(typed) => {
          // What is typed anew has nothing to do with what stood here before.
          if (was && typed !== now) was = null;
        }}
      />
    </div>
    <select
      name="{name}.unit"
      value={chosen}
      class="field-input"
      aria-label="Unit of {label.toLowerCase()}"
      onchange={(event) => changeUnit(event.currentTarget.value)}
    >
      {#each show.ownFirst(units) as u (u)}<option value={u}>{unitText(u) || 'pieces'}</option>{/each}
    </select>
  </div>
  {#if was}<UnitChange {was} now={{ number: now ?? NaN, unit: chosen }} {take} />{/if}
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint">{hint}</p>{/if}
</div>
