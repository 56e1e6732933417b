import { floorOf, isAbove, roundHalfUp } from '../units';

/** The label's least may be undershot by this share before a load counts as too weak. */
const LEAST_SHARE = 0.95;

/** One load, or the whole job where there are no loads, with numbers in the rate's unit. */
export interface Portion {
  /** What the chosen rate asks of this portion. */
  readonly exact: number;
  /** The label's least and most for this portion. */
  readonly least: number;
  readonly most: number;
  /** Product that the carried mix already holds. */
  readonly carried: number;
}

/** True where a portion with `total` product lies between 95 % of the label's least and its most. */
export function isWithinLabel(portion: Portion, total: number): boolean {
  return !isAbove(total, portion.most) && !isAbove(LEAST_SHARE * portion.least, total);
}

/** Product still to be added, never below 0; what is under a billionth of the share is nothing. */
export function toAdd(portion: Portion): number {
  const add = portion.exact - portion.carried;
  return add < 1e-9 * portion.exact ? 0 : add;
}

/** A mark that moves the rate by more than this share of what was chosen is no mark for it. */
const FURTHEST_SHARE = 0.25;

/**
 * Rounds what is to be added to the tool's graduation: nearest, halves up, but never past the label's most when the
 * chosen rate itself keeps to it. `coarse` when no graduation serves; the exact amount is then kept. With `inside` a mark
 * below the label's least does not serve either, and none that is a quarter off.
 */
export function measureOut(
  portion: Portion,
  step: number | undefined,
  inside = false,
): { add: number; coarse: boolean } {
  const exact = toAdd(portion);
  if (step === undefined || exact === 0) return { add: exact, coarse: false };
  const { carried, most, least } = portion;
  let steps = roundHalfUp(exact / step);
  if (isAbove(carried + steps * step, most) && !isAbove(portion.exact, most))
    steps = Math.max(0, floorOf((most - carried) / step));
  if (inside) return insideLabel(portion, exact, step, steps);
  const tooWeak =
    isAbove(LEAST_SHARE * least, carried + steps * step) && !isAbove(LEAST_SHARE * least, portion.exact);
  return steps === 0 || tooWeak ? { add: exact, coarse: true } : { add: steps * step, coarse: false };
}

function insideLabel(
  { carried, most, least, exact: share }: Portion,
  exact: number,
  step: number,
  nearest: number,
): { add: number; coarse: boolean } {
  const total = (steps: number): number => carried + steps * step;
  // The chosen rate itself may lie below the label's least, on purpose: then the nearest mark is the nearest.
  const steps = isAbove(least, total(nearest)) && !isAbove(least, share) ? nearest + 1 : nearest;
  const passes = isAbove(total(steps), most) && !isAbove(share, most);
  const far = isAbove(Math.abs(steps * step - exact), FURTHEST_SHARE * share);
  return steps === 0 || passes || far ? { add: exact, coarse: true } : { add: steps * step, coarse: false };
}
