<script lang="ts">
  import Input from 'flowbite-svelte/Input.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import Select from 'flowbite-svelte/Select.svelte';
  import { unitText } from '../../words';
  import { getErrors } from './errors';

  interface Props {
    label: string;
    /** The dotted name; fields NAME.value and NAME.unit are sent. */
    name: string;
    value: number | string | null;
    unit: string;
    units: readonly string[];
    hint?: string;
  }
  let { label, name, value, unit, units, hint }: Props = $props();
  const errorFor = getErrors();
  const error = $derived(errorFor(`${name}.value`) ?? errorFor(`${name}.unit`) ?? errorFor(name));
  const id = $derived(`f-${name.replaceAll('.', '-')}`);
</script>

<div style:max-width="100%">
  <Label for={id} class="field-label">{label}</Label>
  <div class="pair">
    <Input
      {id}
      name="{name}.value"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      value={value === null ? '' : String(value)}
      class="field-input text-right"
      aria-invalid={error ? 'true' : undefined}
      aria-describedby={error ? `${id}-e` : undefined}
    />
    <Select
      name="{name}.unit"
      value={unit}
      items={units.map((u) => ({ value: u, name: unitText(u) || 'pieces' }))}
      placeholder=""
      classes={{ select: 'field-input' }}
      aria-label="Unit of {label.toLowerCase()}"
    />
  </div>
  {#if error}<p class="field-error" id="{id}-e">{error}</p>
  {:else if hint}<p class="field-hint">{hint}</p>{/if}
</div>

<style>
  .pair {
    display: grid;
    grid-template-columns: 6.2rem 6rem;
    gap: 0.3rem;
  }
</style>
