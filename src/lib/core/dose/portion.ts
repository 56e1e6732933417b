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

/**
 * Rounds what is to be added to the tool's graduation: nearest, halves up, but never past the label's most when the
 * chosen rate itself keeps to it. `coarse` when no graduation serves; the exact amount is then kept.
 */
export function measureOut(portion: Portion, step: number | undefined): { add: number; coarse: boolean } {
  const exact = toAdd(portion);
  if (step === undefined || exact === 0) return { add: exact, coarse: false };
  const { carried, most, least } = portion;
  let steps = roundHalfUp(exact / step);
  if (isAbove(carried + steps * step, most) && !isAbove(portion.exact, most))
    steps = Math.max(0, floorOf((most - carried) / step));
  const tooWeak =
    isAbove(LEAST_SHARE * least, carried + steps * step) && !isAbove(LEAST_SHARE * least, portion.exact);
  return steps === 0 || tooWeak ? { add: exact, coarse: true } : { add: steps * step, coarse: false };
}
