import { markOf } from '../../core/dose';
import { sameDimension, valueIn, type Quantity } from '../../core/units';
import type { Show } from '../../words';

/** Share of a level by which its mark may differ from it. */
const FAR_OFF = 0.05;

/**
 * A level in a vessel as its marks show it: the `own` ones, typed in the vessel's unit, or those that its size has as a rule.
 * The water before the product is told `rough`: any mark serves. What is measured otherwise, or in an unmarked vessel, is told as it is.
 */
export function levelText(
  q: Quantity,
  capacity: Quantity,
  show: Show,
  { mark: own = null, rough = false }: { readonly mark?: number | null; readonly rough?: boolean } = {},
): string {
  if (!sameDimension(q, capacity)) return show.quantityText(q);
  const mark = own ?? markOf(capacity);
  const level = { value: valueIn(q, capacity.unit), unit: capacity.unit };
  if (mark <= 0) return show.quantityText(level);
  // A mark that is far off would make another mix: the level then lies between two of them, read to a tenth of their distance.
  const off = Math.abs(Math.round(level.value / mark) * mark - level.value);
  return rough || off <= FAR_OFF * level.value
    ? show.markedText(level, mark)
    : `${show.markedText(level, mark / 10)}, between two marks`;
}
