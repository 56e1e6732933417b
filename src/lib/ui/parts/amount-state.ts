import { isUnit, sameDimension, valueIn } from '../../core/units';

/** An amount that stood in a field before another unit was chosen for it. */
export interface Was {
  readonly number: number;
  readonly unit: string;
}

export interface Turned {
  /** What stands in the field now; null where the number went with its unit. */
  readonly number: number | null;
  readonly was: Was | null;
}

/**
 * What becomes of a number when another unit is chosen. An amount whose unit was known (it was kept so, or somebody chose
 * its unit) is converted, and what it was is told; turned back, it is what was typed again; where the two units measure
 * different things it goes with its unit. A number that was only just typed beside a unit that nobody had chosen yet gets
 * its unit by the choice: it stays, and what it would be as the other unit is offered.
 */
export function turned(now: Was, to: string, was: Was | null, unitWasChosen: boolean): Turned {
  if (now.unit === to) return { number: now.number, was };
  if (was?.unit === to && unitWasChosen) return { number: was.number, was: null };
  if (!unitWasChosen) return { number: now.number, was: now };
  return { number: converted(now, to), was: now };
}

/** The same amount in another unit, to six figures; null where the two measure different things. */
export function converted({ number, unit }: Was, to: string): number | null {
  if (!isUnit(unit) || !isUnit(to) || !sameDimension({ unit }, { unit: to })) return null;
  return Number(valueIn({ value: number, unit }, to).toPrecision(6));
}
