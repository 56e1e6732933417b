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
