import type { ApplicationRecord } from '../record';
import { sameDimension, valueIn, type Quantity, type Unit } from '../units';

/** What went into a container (above 0) or out of it (below 0), in the unit in which it was written down. */
export interface Movement {
  readonly labelId: string;
  readonly lot: string;
  readonly amount: number;
  readonly unit: Unit;
  /** What moved it: a record, a correction that takes back what the corrected record took, or a change of stock. */
  readonly of: 'record' | 'correction' | 'change';
}

type Taken = Pick<ApplicationRecord, 'label' | 'lot' | 'product'>;

/**
 * The movements of a record: its product goes out of the lot that it names; where it corrects another, that one's goes
 * back into its own lot. A record without a lot moves nothing.
 *
 * @param record what was logged; product in any unit, at least 0
 * @param corrected the record that it takes the place of, or null
 * @example movementsOf({ label, lot: 'L1', product: { value: 40, unit: 'ml' } }, null) // [{ lot: 'L1', amount: -40, unit: 'ml', of: 'record', … }]
 */
export function movementsOf(record: Taken, corrected: Taken | null): Movement[] {
  return [...(corrected ? moved(corrected, 1, 'correction') : []), ...moved(record, -1, 'record')];
}

function moved({ label, lot, product }: Taken, sign: 1 | -1, of: Movement['of']): Movement[] {
  if (lot === null || product.value === 0) return [];
  return [{ labelId: label.id, lot, amount: sign * product.value, unit: product.unit, of }];
}

/**
 * The sum of movements in the unit of their container. What was written in a unit of another kind (grams for a container
 * of millilitres) is left out: nothing is known of its density.
 */
export function movedIn(unit: Unit, movements: readonly Pick<Movement, 'amount' | 'unit'>[]): number {
  return movements
    .filter((m) => sameDimension(m, { unit }))
    .reduce((sum, m) => sum + valueIn({ value: m.amount, unit: m.unit }, unit), 0);
}

/** A billionth of the container is arithmetic. */
const NOTHING = 1e-9;

/**
 * What is left of a container: its size and what moved, never below 0; what the records took beyond it is told apart.
 *
 * @example leftOf({ value: 250, unit: 'ml' }, -40) // { left: 210 ml, overdrawn: 0 }
 * @example leftOf({ value: 250, unit: 'ml' }, -300) // { left: 0 ml, overdrawn: 50 }
 */
export function leftOf(
  size: Quantity,
  moved: number,
): { readonly left: Quantity; readonly overdrawn: number } {
  const left = size.value + moved;
  return {
    left: { value: left < NOTHING * size.value ? 0 : left, unit: size.unit },
    overdrawn: left < -NOTHING * size.value ? -left : 0,
  };
}

/**
 * The movement that makes what is left what was counted, also where more had gone than was there: a container of 250 ml
 * that the records overdrew by 50 and that holds 100 is 150 ml up.
 *
 * @param counted what is in it, in the unit of the container, at least 0
 */
export const countedMovement = (size: Quantity, moved: number, counted: number): number =>
  counted - (size.value + moved);
