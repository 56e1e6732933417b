import { sameDimension, valueIn, type CalendarDay, type Quantity } from '../units';
import { standing, type ApplicationRecord } from './record';

/** Applications of one label at a place, oldest first, as later dates and caps count them. */
export function applicationsOf(
  records: readonly ApplicationRecord[],
  labelId: string,
  unit: Quantity['unit'],
): { date: CalendarDay; amount: number }[] {
  return standing(records)
    .filter((record) => record.label.id === labelId && sameDimension(record.product, { unit }))
    .map((record) => ({ date: record.doneOn, amount: valueIn(record.product, unit) }))
    .sort((a, b) => (a.date < b.date ? -1 : 1));
}

/**
 * What is left of a container after the standing records that name its lot, and what was changed besides: never below 0;
 * what the records took beyond it is told apart.
 */
export function leftOf(
  container: { readonly labelId: string; readonly lot: string; readonly size: Quantity },
  records: readonly ApplicationRecord[],
  changes: readonly { readonly labelId: string; readonly lot: string; readonly amount: number }[] = [],
): { readonly left: Quantity; readonly overdrawn: number } {
  const used = standing(records)
    .filter(
      (r) =>
        r.label.id === container.labelId &&
        r.lot === container.lot &&
        sameDimension(r.product, container.size),
    )
    .reduce((sum, r) => sum + valueIn(r.product, container.size.unit), 0);
  const changed = changes
    .filter((c) => c.labelId === container.labelId && c.lot === container.lot)
    .reduce((sum, c) => sum + c.amount, 0);
  const left = container.size.value - used + changed;
  // A billionth of the container is arithmetic.
  const over = left < -1e-9 * container.size.value ? -left : 0;
  return { left: { value: Math.max(0, left), unit: container.size.unit }, overdrawn: over };
}
