import { answer, invalid, refusal, type Result } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
  fromBase,
  hasDimension,
  inBase,
  isAbove,
  measures,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
  type Rate,
  type Unit,
} from '../units';

/** How much of a product is its active ingredient: percent by mass (a liquid with its density), or mass per amount. */
export type Strength =
  | { readonly percent: number; readonly density?: Rate | undefined }
  | { readonly amount: Quantity; readonly per: Quantity };

export interface ActiveInput {
  readonly product: Quantity;
  readonly strength: Strength;
  /** Of the answer: a mass. */
  readonly unit: Unit;
  readonly area?: Quantity | undefined;
  readonly per?: Quantity | undefined;
}

export type ActiveRefusal =
  'invalid-input' | 'units-do-not-match' | 'strength-out-of-range' | 'strength-incomplete';

/**
 * The mass of active ingredient in an amount of product, and per area where an area and what it is told for are given.
 * A percentage above 0 to 100, else `strength-out-of-range`; a volume by percent without a density:
 * `strength-incomplete`.
 *
 * @example activeIn({ product: 120 ml, strength: 240 g per l, unit: 'g' }) // 28.8 g
 */
export function activeIn(
  input: ActiveInput,
): Result<{ readonly active: Quantity; readonly perArea?: Rate }, ActiveRefusal> {
  const { product, strength, unit, area, per } = input;
  const density = 'percent' in strength ? strength.density : undefined;
  const stated = 'percent' in strength ? undefined : strength;
  const refused = firstRefusals<ActiveRefusal>(
    () => [
      ...((area === undefined) !== (per === undefined)
        ? [
            invalid(area ? 'per' : 'area', 'needs-other-key', {
              key: area ? 'area' : 'per',
              needs: area ? 'per' : 'area',
            }),
          ]
        : []),
      ...notNegative('product.value', product.value),
      ...notNegative('strength.density.amount.value', density?.amount.value),
      ...aboveZero('strength.density.per.value', density?.per.value),
      ...notNegative('strength.amount.value', stated?.amount.value),
      ...aboveZero('strength.per.value', stated?.per.value),
      ...aboveZero('area.value', area?.value),
      ...aboveZero('per.value', per?.value),
    ],
    () => [
      ...measures('product.unit', product, 'volume', 'mass'),
      ...measures('strength.density.amount.unit', density?.amount, 'mass'),
      ...measures('strength.density.per.unit', density?.per, 'volume'),
      ...measures('strength.amount.unit', stated?.amount, 'mass'),
      ...alike('strength.per.unit', stated?.per, product),
      ...measures('unit', { value: 0, unit }, 'mass'),
      ...measures('area.unit', area, 'area'),
      ...measures('per.unit', per, 'area'),
    ],
    () => {
      if (!('percent' in strength)) return [];
      if (!(strength.percent > 0) || isAbove(strength.percent, 100))
        return [refusal('strength-out-of-range', 'strength.percent', { seen: strength.percent })];
      return hasDimension(product, 'volume') && !density
        ? [refusal('strength-incomplete', 'strength.density')]
        : [];
    },
  );
  if (refused.length > 0) return { refused };
  const active = fromBase(massIn(product, strength), unit);
  return answer({
    active: quantity(active, unit),
    ...(area && per
      ? { perArea: { amount: quantity((active * inBase(per)) / inBase(area), unit), per } }
      : {}),
  });
}

/** In the base unit of mass. */
function massIn(product: Quantity, strength: Strength): number {
  if (!('percent' in strength))
    return (inBase(strength.amount) * valueIn(product, strength.per.unit)) / strength.per.value;
  const { percent, density } = strength;
  const mass =
    density && hasDimension(product, 'volume')
      ? (inBase(density.amount) * valueIn(product, density.per.unit)) / density.per.value
      : inBase(product);
  return (mass * percent) / 100;
}
