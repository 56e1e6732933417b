<script lang="ts">
  import Button from './Button.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import { untrack, type Component } from 'svelte';
  import { dayEntry, DAY, parseDay, readDay, TODAY } from '../../core/units';
  import { getErrors } from './errors';
  import { getShow } from './show';
  import { getToday } from './today';

  /** A day, typed in the workspace's manner or tapped in a calendar. It sends its text, the manner, and which day is today. */
  interface Props {
    label: string;
    name?: string;
    /** YYYY-MM-DD, or text that was refused. */
    value?: string | null;
    hint?: string | undefined;
    width?: string;
    /** The day as it stands in the field; null where it is none. */
    onday?: (day: string | null) => void;
  }
  let { label, name, value = '', hint, width = '11rem', onday }: Props = $props();
  const errorFor = getErrors();
  const own = $props.id();
  const { manner } = getShow();
  const today = getToday();
  const error = $derived(name === undefined ? undefined : errorFor(name));
  const id = $derived(name === undefined ? own : `f-${name.replaceAll('.', '-')}`);
  let text = $state(untrack(() => dayEntry(value ?? '', manner.dates)));
  let field = $state<HTMLInputElement>();
  let Picker = $state.raw<Component<Record<string, unknown>> | null>(null);
  let open = $state(false);
  const day = $derived(readDay(text, manner.dates, today()));
  /** Noon of the day in the browser's own zone, so that no clock moves it to the next one. */
  const noon = (of: string): Date => {
    const [y = 2000, m = 1, d = 1] = of.split('-').map(Number);
    return new Date(y, m - 1, d, 12);
  };
  async function show(): Promise<void> {
    open = !open;
    if (open && !Picker)
      Picker = (await import('flowbite-svelte/Datepicker.svelte')).default as unknown as Component<
        Record<string, unknown>
      >;
  }
  function tapped(date: unknown): void {
    if (!(date instanceof Date) || !field) return;
    const two = (n: number): string => String(n).padStart(2, '0');
    const picked = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
    text = field.value = dayEntry(picked, manner.dates);
    field.dispatchEvent(new Event('input', { bubbles: true }));
    field.dispatchEvent(new Event('change', { bubbles: true }));
    open = false;
    field.focus();
  }
  /** Once it is left, it stands as the workspace writes it. */
  function left(): void {
    if (day && field && parseDay(day)) text = dayEntry(day, manner.dates);
  }
</script>

<div style:width style:max-width="100%" class="relative">
  <label for={id} class="field-label">{label}</label>
  <div class="grid grid-cols-[minmax(0,1fr)_2.75rem] gap-1">
    <Input
      {id}
      {name}
      type="text"
      autocomplete="off"
      bind:value={text}
      bind:elementRef={field}
      oninput={() => onday?.(readDay(field?.value ?? '', manner.dates, today()))}
      onchange={left}
      class="field-input"
      aria-invalid={error ? 'true' : undefined}
      aria-describedby={error ? `${id}-e` : `${id}-h`}
    />
    <Button
      type="button"
      class="button-icon"
      aria-expanded={open}
      aria-label="Calendar for {label.toLowerCase()}"
      onclick={show}>▦</Button
    >
  </div>
  {#if name}
    <input type="hidden" name="{name}{DAY}" value={manner.dates} />
    <input type="hidden" name="{name}{TODAY}" value={today()} />
  {/if}
  {#if open && Picker}
    <div class="calendar absolute left-0 border border-ink rounded-md">
      <Picker
        inline
        value={day ? noon(day) : undefined}
        defaultDate={noon(day ?? today())}
        firstDayOfWeek={manner.units === 'us' ? 0 : 1}
        locale={manner.dates === 'month-day' ? 'en-US' : 'en-GB'}
        onselect={tapped}
      />
    </div>
  {/if}
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if text !== '' && !day}<p class="field-hint" id="{id}-h">
      Type a day like {dayEntry(today(), manner.dates)}.
    </p>
  {:else}<p class="field-hint" id="{id}-h">{hint ?? ''}</p>{/if}
</div>

<style>
  .calendar {
    z-index: 5;
    top: 100%;
    background: var(--field);
  }
  /* The name of the month, which leads to the others: the library writes it white on white. */
  .calendar :global(button[aria-live]) {
    background: none;
    color: var(--ink);
  }
</style>
