import type { Active, LabelCard } from '../labels';
import { activeIn, type Strength } from '../dose';
import {
  dimensionOf,
  hasDimension,
  inYearOf,
  quantity,
  sameDimension,
  valueIn,
  type CalendarDay,
  type Quantity,
  type Rate,
} from '../units';
import { standing, type ApplicationRecord } from './record';

/**
 * Grams of an active ingredient in so much of a product: from its grams in a litre, or from its percent by mass, with
 * the density where the product is measured by volume. null where the label does not state enough.
 *
 * @example gramsOf({ percent: 0.5, … }, 8 kg, null) // 40
 */
export function gramsOf(
  { percent, gramsPerLitre }: Pick<Active, 'percent' | 'gramsPerLitre'>,
  product: Quantity,
  densityKgPerL: number | null,
): number | null {
  const perLitre = (amount: Quantity): Rate => ({ amount, per: quantity(1, 'l') });
  const strength: Strength | null =
    gramsPerLitre !== null && hasDimension(product, 'volume')
      ? perLitre(quantity(gramsPerLitre, 'g'))
      : percent === null
        ? null
        : { percent, density: densityKgPerL === null ? undefined : perLitre(quantity(densityKgPerL, 'kg')) };
  const result = strength && activeIn({ product, strength, unit: 'g' });
  return result && 'ok' in result ? result.ok.active.value : null;
}

export interface ActiveLedger {
  readonly active: string;
  /** What the label allows here in 12 months, what went down over all products that hold it, and what is planned: g. */
  readonly allowedG: number;
  readonly usedG: number;
  readonly plannedG: number;
}

/**
 * The ledger of a label's yearly most of its active ingredient, over every product that holds it: `records` are those of
 * the place. null where the label has no such most; "unknown" where a strength that it needs is not stated.
 */
export function activeLedger(
  card: LabelCard,
  cap: { readonly of: 'product' | 'active'; readonly amount: Quantity; readonly per: Quantity } | null,
  planned: { readonly product: Quantity; readonly area: Quantity },
  records: readonly ApplicationRecord[],
  cards: ReadonlyMap<string, LabelCard>,
  day: CalendarDay,
): ActiveLedger | 'unknown' | null {
  if (cap?.of !== 'active') return null;
  const [active] = card.actives;
  const plannedG = active ? gramsOf(active, planned.product, card.densityKgPerL) : null;
  if (!active || plannedG === null || !sameDimension(planned.area, cap.per)) return 'unknown';
  if (dimensionOf(cap.amount.unit) !== 'mass') return 'unknown';
  let usedG = 0;
  for (const record of standing(records)) {
    const other = cards.get(record.label.id);
    const same = other?.actives.find((a) => a.name.toLowerCase() === active.name.toLowerCase());
    if (!other || !same || !inYearOf(record.doneOn, day, 'rolling')) continue;
    const grams = gramsOf(same, record.product, other.densityKgPerL);
    if (grams === null) return 'unknown';
    usedG += grams;
  }
  const allowedG = (valueIn(cap.amount, 'g') * valueIn(planned.area, cap.per.unit)) / cap.per.value;
  return { active: active.name, allowedG, usedG, plannedG };
}
