import type { NumberManner } from './manner';
import { valueIn, type Quantity } from './quantity';
import { readNumber } from './read-number';
import { readQuantity } from './read-quantity';
import { isUnit } from './unit';

/** What stands in a field: the number in the field's own unit, and the amount as typed where a unit stood behind it. */
export type TypedNumber =
  | { readonly kind: 'blank' | 'unreadable' | 'other-unit' }
  | { readonly kind: 'number'; readonly value: number; readonly typed: Quantity | null }
  | { readonly kind: 'ambiguous'; readonly readings: readonly [number, number] };

/**
 * Reads a field in the workspace's manner; a unit typed behind the number is converted into the field's. `most` is the
 * largest number that the field can take, in its unit.
 */
export function readTyped(
  text: string,
  manner: NumberManner,
  unit: string | undefined,
  most = Infinity,
): TypedNumber {
  const read = readAny(text, manner, unit);
  // Where one reading lies beyond anything that the field can take, the other one is meant.
  return read.kind === 'ambiguous' && Math.abs(read.readings[1]) > most
    ? { kind: 'number', value: read.readings[0], typed: null }
    : read;
}

function readAny(text: string, manner: NumberManner, unit: string | undefined): TypedNumber {
  if (unit === undefined || !isUnit(unit)) {
    const read = readNumber(text, manner);
    return read.kind === 'number' ? { ...read, typed: null } : read;
  }
  const read = readQuantity(text, manner, unit);
  if (read.kind !== 'quantity') return read;
  const { quantity, unitTyped } = read;
  return {
    kind: 'number',
    value: quantity.unit === unit ? quantity.value : Number(valueIn(quantity, unit).toPrecision(12)),
    typed: unitTyped ? quantity : null,
  };
}
