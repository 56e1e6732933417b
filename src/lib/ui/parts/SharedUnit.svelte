<script lang="ts">
  import { untrack } from 'svelte';
  import { readTyped } from '../../core/units';
  import { unitText } from '../../words';
  import { turned, type Was } from './amount-state';
  import { getErrors } from './errors';
  import { rememberUnit } from './last-units';
  import { getShow } from './show';
  import UnitChange from './UnitChange.svelte';

  /** One unit for several numbers of a form: another one is for all of them. */
  interface Props {
    label: string;
    name: string;
    unit: string;
    units: readonly string[];
    /** The names of the fields that are in this unit. */
    of: readonly string[];
    width?: string;
    onunit?: (unit: string) => void;
  }
  let { label, name, unit, units, of, width = '6.5rem', onunit }: Props = $props();
  const show = getShow();
  const errorFor = getErrors();
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
  let chosen = $state(untrack(() => unit));
  let select: HTMLSelectElement;
  let changed = $state.raw<readonly { name: string; was: Was; now: Was }[]>([]);
  /** Fields whose unit was known: they came filled in, or their unit was chosen here. */
  let known = $state.raw<ReadonlySet<string>>(new Set());
  const field = (one: string): HTMLInputElement | null => {
    const found = select.form?.elements.namedItem(one);
    return found instanceof HTMLInputElement ? found : null;
  };
  $effect(() => {
    known = new Set(of.filter((one) => (field(one)?.defaultValue ?? '') !== ''));
  });
  /** What is typed anew has nothing to do with what stood there before. */
  $effect(() => {
    const { form } = select;
    const typed = (event: Event): void => {
      const { target } = event;
      if (!(target instanceof HTMLInputElement) || !changed.some((c) => c.name === target.name)) return;
      const read = readTyped(target.value, show.manner.numbers, chosen);
      changed = changed.filter(
        (c) => c.name !== target.name || (read.kind === 'number' && read.value === c.now.number),
      );
    };
    form?.addEventListener('input', typed);
    return () => form?.removeEventListener('input', typed);
  });
  function put(one: string, number: number | null): void {
    const at = field(one);
    if (!at) return;
    at.value = number === null ? '' : show.entryText(number);
    at.dispatchEvent(new Event('input', { bubbles: true }));
  }
  function change(to: string): void {
    const from = chosen;
    chosen = to;
    rememberUnit(to);
    onunit?.(to);
    const next = of.flatMap((one) => {
      const read = readTyped(field(one)?.value ?? '', show.manner.numbers, from);
      if (read.kind !== 'number') return [];
      const before = changed.find((c) => c.name === one)?.was ?? null;
      const result = turned({ number: read.value, unit: from }, to, before, known.has(one));
      put(one, result.number);
      return result.was === null
        ? []
        : [{ name: one, was: result.was, now: { number: result.number ?? NaN, unit: to } }];
    });
    changed = next;
    known = new Set(of);
  }
  function take(one: string, number: number): void {
    put(one, number);
    changed = changed.filter((c) => c.name !== one);
  }
</script>

<div style:width style:max-width="100%">
  <label for={id} class="field-label">{label}</label>
  <select
    bind:this={select}
    {id}
    {name}
    value={chosen}
    class="field-input"
    aria-invalid={errorFor(name) ? 'true' : undefined}
    onchange={(event) => change(event.currentTarget.value)}
  >
    {#each show.ownFirst(units) as u (u)}<option value={u}>{unitText(u) || 'pieces'}</option>{/each}
  </select>
  {#if errorFor(name)}<p class="field-error">{errorFor(name)}</p>{/if}
</div>
{#each changed as { name: one, was, now } (one)}
  <UnitChange {was} {now} take={(number) => take(one, number)} />
{/each}
