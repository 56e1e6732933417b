<script lang="ts">
  import { BEFORE, IN, enteredText, enteredUnit, type Measure } from '../../core/units';
  import { unitText } from '../../words';
  import Field from './Field.svelte';
  import { getShow } from './show';

  /** A number that is kept in one unit and typed in the workspace's own. */
  interface Props {
    label: string;
    name: string;
    measure: Measure;
    /** In the kept unit; text that is no number is shown as it is. */
    value: number | string | null;
    hint?: string;
    width?: string;
  }
  let { label, name, measure, value, hint, width }: Props = $props();
  const { manner } = getShow();
  const unit = $derived(enteredUnit(measure, manner.units));
  const kept = $derived(value === null || value === '' ? NaN : Number(value));
</script>

<Field
  {label}
  {name}
  value={Number.isFinite(kept) ? enteredText(kept, unit) : value}
  numeric
  after={unitText(unit)}
  {hint}
  {width}
/>
{#if manner.units !== 'metric'}
  <input type="hidden" name="{name}{IN}" value={unit} />
  {#if Number.isFinite(kept)}<input type="hidden" name="{name}{BEFORE}" value={kept} />{/if}
{/if}
