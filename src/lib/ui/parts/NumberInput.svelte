<script lang="ts">
  import Button from './Button.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import { untrack } from 'svelte';
  import { AS, BEFORE, doubtIn, IN, MOST, isUnit, readTyped, UNIT, type Quantity } from '../../core/units';
  import { getShow } from './show';

  /**
   * Where a number is typed, in the workspace's manner: what stands in it is never rewritten while somebody types; what can
   * be read in two ways is asked below it. With a name it sends its text and the manner it was typed in.
   */
  interface Props {
    name?: string;
    /** As the core has it; text that is no number is shown as it is. */
    value: number | string | null | undefined;
    /** What the number is in: another unit that is typed behind it is converted. */
    unit?: string;
    /** Kept in another unit than it is typed in. */
    keptIn?: { readonly unit: string; readonly before: number | null };
    /** The largest number that the field can take: what would be larger is not meant. */
    most?: number;
    whole?: boolean;
    /** May lie below nothing: the telephone's keys for figures have no minus. */
    signed?: boolean;
    id?: string;
    label?: string;
    placeholder?: string;
    describedby?: string | undefined;
    invalid?: boolean;
    class?: string;
    width?: string;
    /** What is read while it is typed; null where it is empty or no number. */
    onnumber?: (value: number | null) => void;
    /** The same once somebody has left the field or pressed Enter. */
    onsettled?: (value: number | null) => void;
    /** A unit was typed behind the number. */
    onunit?: (quantity: Quantity, field: HTMLInputElement) => void;
  }
  let {
    name,
    value,
    unit,
    keptIn,
    most,
    whole = false,
    signed = false,
    id,
    label,
    placeholder,
    describedby,
    invalid = false,
    class: more = '',
    width,
    onnumber,
    onsettled,
    onunit,
  }: Props = $props();
  const show = getShow();
  const { numbers } = show.manner;

  const plain = (shown: typeof value): string => {
    if (shown === null || shown === undefined || shown === '') return '';
    const doubt = doubtIn(shown);
    const number = doubt ? doubt[0] : Number(shown);
    return typeof shown === 'string' && (shown.trim() === '' || !Number.isFinite(number))
      ? shown
      : show.entryText(number);
  };
  let last = untrack(() => plain(value));
  let text = $state(last);
  let read = $state.raw(untrack(() => readTyped(last, numbers, unit, most)));
  let field = $state<HTMLInputElement>();
  // Somebody else put another number here (a pace of the book, the slider): it is shown, unless somebody is typing it.
  $effect.pre(() => {
    const next = plain(value);
    if (next === last) return;
    last = next;
    if (!field || document.activeElement !== field) {
      text = next;
      read = readTyped(next, numbers, unit, most);
    }
  });
  const numberOf = (): number | null => (read.kind === 'number' ? read.value : null);
  function typed(event: Event): void {
    read = readTyped((event.currentTarget as HTMLInputElement).value, numbers, unit, most);
    onnumber?.(numberOf());
  }
  function left(event: Event): void {
    const at = event.currentTarget as HTMLInputElement;
    if (read.kind === 'number' && read.typed) onunit?.(read.typed, at);
    onsettled?.(numberOf());
  }
  function settle(reading: number): void {
    if (!field) return;
    field.value = show.entryText(reading);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    field.focus();
  }
  const inUnit = $derived(unit !== undefined && isUnit(unit));
</script>

<Input
  {id}
  {name}
  {placeholder}
  type="text"
  inputmode={signed ? 'text' : whole ? 'numeric' : 'decimal'}
  autocomplete="off"
  bind:value={text}
  bind:elementRef={field}
  oninput={typed}
  onchange={left}
  class="field-input number {more}"
  style={width ? `width: ${width}` : undefined}
  aria-label={label}
  aria-invalid={invalid ? 'true' : undefined}
  aria-describedby={describedby}
/>
{#if name}
  <input type="hidden" name="{name}{AS}" value={numbers} />
  {#if most !== undefined}<input type="hidden" name="{name}{MOST}" value={most} />{/if}
  {#if keptIn}
    <input type="hidden" name="{name}{IN}" value={keptIn.unit} />
    {#if keptIn.before !== null}<input type="hidden" name="{name}{BEFORE}" value={keptIn.before} />{/if}
  {:else if inUnit && !name.endsWith('.value')}<input type="hidden" name="{name}{UNIT}" value={unit} />{/if}
{/if}
{#if read.kind === 'ambiguous'}
  <span
    class="flex flex-wrap gap-1.5 items-center mt-1 border-l-5 border-l-saffron pl-2 small"
    role="group"
    aria-label="Which number is meant"
  >
    Which is meant?
    {#each read.readings as reading (reading)}
      <Button type="button" onclick={() => settle(reading)}>{show.exactText(reading)}</Button>
    {/each}
  </span>
{/if}
