import { answer, refuse, type Result } from '../result';
import { dimensionOf, factorOf, type Dimension, type Unit, type UnitOf } from './unit';

/** A number with its unit. A temperature here is a point on the scale, never a difference. */
export interface Quantity<U extends Unit = Unit> {
  readonly value: number;
  readonly unit: U;
}

/** A quantity of one kind: `QuantityOf<'area'>`. */
export type QuantityOf<D extends Dimension> = Quantity<UnitOf<D>>;

/** So much of one thing for each amount of another: 0.4 fl oz per 1,000 ft², 36.8 fl oz per 1 min. */
export interface Rate {
  readonly amount: Quantity;
  readonly per: Quantity;
}

export function quantity<U extends Unit>(value: number, unit: U): { value: number; unit: U } {
  return { value, unit };
}

/**
 * The number that expresses `q` in `to`. Both must be of one dimension; anything else is a bug of the caller.
 * Temperatures convert as points: 50 °F is 10 °C.
 *
 * @example valueIn({ value: 1, unit: 'gal' }, 'l') // 3.785411784
 */
export function valueIn(q: { readonly value: number; readonly unit: Unit }, to: Unit): number {
  if (q.unit === to) return q.value;
  const dimension = dimensionOf(q.unit);
  if (dimension !== dimensionOf(to)) throw new Error(`${q.unit} and ${to} measure different things`);
  if (dimension === 'temperature') return to === 'C' ? ((q.value - 32) * 5) / 9 : (q.value * 9) / 5 + 32;
  return (q.value * factorOf(q.unit)) / factorOf(to);
}

/** The value in the base unit of its dimension (m, m², L, kg, pieces, s, m/s). */
export function inBase(q: { readonly value: number; readonly unit: Unit }): number {
  return q.value * factorOf(q.unit);
}

/** The number, given in the base unit of `unit`'s dimension, in `unit`. */
export function fromBase(value: number, unit: Unit): number {
  return value / factorOf(unit);
}

export const hasDimension = (q: { readonly unit: Unit }, ...wanted: Dimension[]): boolean =>
  wanted.includes(dimensionOf(q.unit));

export const sameDimension = (a: { readonly unit: Unit }, b: { readonly unit: Unit }): boolean =>
  dimensionOf(a.unit) === dimensionOf(b.unit);

/**
 * Converts a quantity to another unit of the same dimension.
 * Refuses `units-do-not-match` when the two measure different things.
 *
 * @example convert({ quantity: { value: 3, unit: 'lb' }, to: 'oz' }) // { ok: { result: { value: 48, unit: 'oz' } } }
 */
export function convert(input: {
  quantity: Quantity;
  to: Unit;
}): Result<{ result: Quantity }, 'units-do-not-match'> {
  if (dimensionOf(input.quantity.unit) !== dimensionOf(input.to))
    return refuse('units-do-not-match', 'to', { have: input.quantity.unit, want: input.to });
  return answer({ result: quantity(valueIn(input.quantity, input.to), input.to) });
}

/** What a unit is divided into on a scale or a measuring jug, and below which amount that is read. */
const FINER: Partial<Record<Unit, { readonly unit: Unit; readonly below: number }>> = {
  kg: { unit: 'g', below: 0.5 },
  l: { unit: 'ml', below: 0.5 },
  lb: { unit: 'oz', below: 0.5 },
  gal: { unit: 'floz', below: 0.25 },
};

/**
 * A small amount in the unit in which somebody measures it: of a large unit the finer one where less than half is left of it.
 *
 * @example inHandyUnit({ value: 0.0293, unit: 'kg' }) // 29.3 g
 */
export function inHandyUnit(amount: Quantity): Quantity {
  const finer = FINER[amount.unit];
  return finer && Math.abs(amount.value) < finer.below && amount.value !== 0
    ? { value: valueIn(amount, finer.unit), unit: finer.unit }
    : amount;
}
