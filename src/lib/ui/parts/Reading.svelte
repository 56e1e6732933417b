<script lang="ts">
  import { enteredNumber, enteredUnit, type Measure } from '../../core/units';
  import { unitText } from '../../words';
  import NumberField from './NumberField.svelte';
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
  /** No instrument shows more, in any unit of it. */
  const MOST_READ: Record<Measure, number> = {
    ...{ wind: 300, temperature: 200, length: 900, body: 900, rain: 900, density: 1e6 },
  };
  const unit = $derived(enteredUnit(measure, manner.units));
  const kept = $derived(value === null || value === '' ? NaN : Number(value));
</script>

<NumberField
  {label}
  {name}
  value={Number.isFinite(kept) ? enteredNumber(kept, unit) : value}
  {unit}
  after={unitText(unit)}
  keptIn={{ unit, before: Number.isFinite(kept) ? kept : null }}
  most={MOST_READ[measure]}
  signed={measure === 'temperature'}
  {hint}
  {width}
/>
