import type { LabelCard } from '../labels';
import { quantity, sameDimension, valueIn, type CalendarDay, type Quantity } from '../units';
import { activeLedger, gramsOf } from './actives';
import type { ApplicationRecord } from './record';

/** An amount of product with its active ingredient, the jobs that it makes, and the ground that it covers. */
export interface Reach {
  readonly product: Quantity;
  /** g; null where the label does not state enough. */
  readonly activeG: number | null;
  readonly jobs: number;
  readonly covers: Quantity;
}

export interface SideBySide {
  readonly active: string | null;
  /** What is left in the container. */
  readonly container: Reach | null;
  /** What label and ledger still allow on this ground in the year to the day of work; null: the label sets no most. */
  readonly allowed: Reach | null;
}

/**
 * What a container covers, beside what may still go down here. `job` is what one treatment uses on the target; `allowance`
 * the label's most of the product here with what went down; a most of the active ingredient is looked up in `records` of
 * every part of the ground.
 */
export function sideBySide(
  card: LabelCard,
  job: { readonly product: Quantity; readonly target: Quantity },
  left: Quantity | null,
  allowance: { readonly allowed: Quantity; readonly used: Quantity } | null,
  ledger: {
    readonly cap: Parameters<typeof activeLedger>[1];
    readonly parts: readonly (readonly ApplicationRecord[])[];
    readonly cards: ReadonlyMap<string, LabelCard>;
    readonly day: CalendarDay;
  },
): SideBySide {
  const active = card.actives[0] ?? null;
  const grams = (product: Quantity): number | null =>
    active ? gramsOf(active, product, card.densityKgPerL) : null;
  const reach = (product: Quantity): Reach | null => {
    if (!(job.product.value > 0) || !sameDimension(product, job.product)) return null;
    const jobs = valueIn(product, job.product.unit) / job.product.value;
    return {
      ...{ product, jobs, activeG: grams(product) },
      covers: quantity(job.target.value * jobs, job.target.unit),
    };
  };
  return {
    active: active?.name ?? null,
    container: left && reach(left),
    allowed: allowance
      ? reach(
          quantity(
            Math.max(0, allowance.allowed.value - valueIn(allowance.used, allowance.allowed.unit)),
            allowance.allowed.unit,
          ),
        )
      : byActive(),
  };

  function byActive(): Reach | null {
    const planned = { product: job.product, area: job.target };
    const least = ledger.parts
      .map((records) => activeLedger(card, ledger.cap, planned, records, ledger.cards, ledger.day))
      .reduce<number | null>(
        (room, one) =>
          one && one !== 'unknown' ? Math.min(room ?? Infinity, Math.max(0, one.allowedG - one.usedG)) : room,
        null,
      );
    const once = grams(job.product);
    if (least === null || once === null || once <= 0) return null;
    const made = reach(quantity((job.product.value * least) / once, job.product.unit));
    return made && { ...made, activeG: least };
  }
}
