<script lang="ts">
  import { valueIn } from '../../core/units';
  import NumberField from './NumberField.svelte';

  /** A length that is kept in metres and typed in another unit: "12 ft 6" and "5'6\"" are read too. */
  interface Props {
    label: string;
    /** In metres; null where there is none. */
    metres: number | null;
    unit: 'm' | 'ft';
    /** Bounds in metres; what lies outside is not taken. */
    least?: number;
    most?: number;
    /** It may lie below nothing. */
    signed?: boolean;
    /** It may be emptied. */
    optional?: boolean;
    width?: string;
    /** Taken while it is typed, not only once it is left. */
    live?: boolean;
    onmetres: (metres: number | null) => void;
  }
  let {
    label,
    metres,
    unit,
    least = 0,
    most = 5000,
    signed = false,
    optional = false,
    width = '7rem',
    live = false,
    onmetres,
  }: Props = $props();
  const shown = $derived(
    metres === null
      ? null
      : Number(valueIn({ value: metres, unit: 'm' }, unit).toFixed(unit === 'm' ? 3 : 2)),
  );
  function take(value: number | null): void {
    if (value === null) {
      if (optional) onmetres(null);
      return;
    }
    // What still shows what was kept stays what was kept.
    if (value === shown) return;
    const next = Number(valueIn({ value, unit }, 'm').toPrecision(12));
    if (next >= least && next <= most) onmetres(next);
  }
  const taken = $derived(live ? { onnumber: take } : { onsettled: take });
</script>

<NumberField
  {label}
  value={shown}
  {unit}
  {signed}
  {width}
  most={valueIn({ value: most, unit: 'm' }, unit)}
  {...taken}
/>
