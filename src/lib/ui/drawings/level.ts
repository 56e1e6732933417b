import { markOf } from '../../core/dose';
import { sameDimension, valueIn, type Quantity } from '../../core/units';
import type { Show } from '../../words';

/** A level in a vessel as its marks show it; what is measured otherwise, or in an unmarked vessel, is told as it is. */
export function levelText(q: Quantity, capacity: Quantity, show: Show): string {
  if (!sameDimension(q, capacity)) return show.quantityText(q);
  const mark = markOf(capacity);
  const level = { value: valueIn(q, capacity.unit), unit: capacity.unit };
  return mark > 0 ? show.markedText(level, mark) : show.quantityText(level);
}
