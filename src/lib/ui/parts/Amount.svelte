<script lang="ts">
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
  <label for={id} class="field-label">{label}</label>
  <div class="pair">
    <input
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
    <select name="{name}.unit" value={unit} class="field-input" aria-label="Unit of {label.toLowerCase()}">
      {#each units as u (u)}<option value={u}>{unitText(u) || 'pieces'}</option>{/each}
    </select>
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
