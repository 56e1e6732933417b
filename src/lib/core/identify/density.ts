import { answer, invalid, type Result } from '../result';
import { inBase, type Quantity } from '../units';
import type { Threshold } from './candidate';

export interface Density {
  readonly spots: number;
  readonly total: number;
  /** Mean per m² (or night, minute, spot), and its 95 % interval; the low end is never below 0. */
  readonly mean: number;
  readonly low: number;
  readonly high: number;
}

/** The counts of those spots that were read. */
export const readOf = (counts: readonly (number | null)[]): number[] =>
  counts.filter((count): count is number => count !== null);

/** Two-sided 95 % points of Student's t for 1 to 30 degrees of freedom; 1.96 beyond. */
const STUDENT_95 = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145, 2.131,
  2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048, 2.045, 2.042,
];

/**
 * Density from counts in equal frames: the mean per m² with its 95 % interval by Student's t. Insects cannot vary less
 * than chance alone makes them, so the variance of the counts is taken as at least their mean (Poisson), and at least
 * one insect over all spots, so that nothing found in few frames does not count for certainty.
 * Counts are whole and not negative; at least two spots, or the interval would be without end.
 *
 * @example densityOf([2, 0, 3, 1, 4], { value: 0.1, unit: 'm2' }) // mean 20 per m², about 0 to 40
 */
export function densityOf(counts: readonly number[], frame: Quantity): Result<Density, 'invalid-input'> {
  const wrong = counts.findIndex((count) => !Number.isInteger(count) || count < 0);
  if (wrong >= 0)
    return { refused: [invalid(`counts.${wrong}`, 'whole-number', { from: 0, seen: counts[wrong] ?? '' })] };
  if (counts.length < 2) return { refused: [invalid('counts', 'not-empty', { limit: 2 })] };
  if (!(frame.value > 0)) return { refused: [invalid('frame.value', 'above-zero', { seen: frame.value })] };
  const n = counts.length;
  const total = counts.reduce((sum, count) => sum + count, 0);
  const mean = total / n;
  const sample = counts.reduce((sum, count) => sum + (count - mean) ** 2, 0) / (n - 1);
  const variance = Math.max(sample, mean, 1 / n);
  const half = (STUDENT_95[n - 2] ?? 1.96) * Math.sqrt(variance / n);
  const area = inBase(frame);
  return answer({
    spots: n,
    total,
    mean: mean / area,
    low: Math.max(0, mean - half) / area,
    high: (mean + half) / area,
  });
}

/** More spots than this nobody counts on one lawn. */
const MOST_SPOTS = 40;
/** The worst spot stands out where it holds so many times the mean of the others. */
const STANDS_OUT = 3;

/**
 * How many more spots would tell whether the density lies below or above a limit (both per m², night, minute or spot), if they
 * read like those that were counted: the fewest at which the 95 % interval, with the same mean and variance, no longer holds the
 * limit. 0 where it is told already, and null where even 40 in all would not do.
 *
 * @example spotsToDecide([2, 0, 3, 1, 4], { value: 0.1, unit: 'm2' }, 40) // 0: about 0 to 40 lies below it
 */
export function spotsToDecide(counts: readonly number[], frame: Quantity, limit: number): number | null {
  const n = counts.length;
  if (n < 2 || !(frame.value > 0)) return null;
  const mean = counts.reduce((sum, count) => sum + count, 0) / n;
  const sample = counts.reduce((sum, count) => sum + (count - mean) ** 2, 0) / (n - 1);
  const away = Math.abs(mean - limit * inBase(frame));
  for (let all = n; all <= MOST_SPOTS; all++) {
    const variance = Math.max(sample, mean, 1 / all);
    if ((STUDENT_95[all - 2] ?? 1.96) * Math.sqrt(variance / all) < away) return all - n;
  }
  return null;
}

/**
 * The spot, counted from 1, that holds far more than the others do: there it is worst, and there one begins; null where none
 * stands out. A mean hides it: 40 ants at one lure of nine and none at the rest are a nest beside that lure.
 */
export function worstSpot(
  counts: readonly (number | null)[],
): { readonly spot: number; readonly count: number } | null {
  const counted = counts.flatMap((count, i) => (count === null ? [] : [{ spot: i + 1, count }]));
  if (counted.length < 2) return null;
  const worst = counted.reduce((most, one) => (one.count > most.count ? one : most));
  const others = counted.reduce((sum, one) => sum + one.count, 0) - worst.count;
  return worst.count >= STANDS_OUT && worst.count >= (STANDS_OUT * others) / (counted.length - 1)
    ? worst
    : null;
}

export type Vigour = 'weak' | 'fair' | 'strong';
export type ThresholdVerdict = 'below' | 'at' | 'above' | 'cannot-tell';

/** Where presence decides: one that was caught anywhere is above, and none at all is below. */
export const byPresence = ({ total }: Density): ThresholdVerdict => (total > 0 ? 'above' : 'below');

/** The threshold for turf of this vigour: its low figure for weak turf, its high one for strong, the middle for fair. */
export function thresholdFor(threshold: Threshold, vigour: Vigour): number {
  const [weak, strong] = threshold.at;
  return vigour === 'weak' ? weak : vigour === 'strong' ? strong : (weak + strong) / 2;
}

/**
 * The count against the threshold. Below or above only when the whole interval is; "at" when the mean lies within
 * the threshold's own span and the interval reaches both its sides; otherwise it cannot be told yet, and more spots
 * would settle it.
 */
export function againstThreshold(density: Density, limit: number): ThresholdVerdict {
  if (density.high < limit) return 'below';
  if (density.low > limit) return 'above';
  return density.mean >= 0.9 * limit && density.mean <= 1.1 * limit && density.spots >= 5
    ? 'at'
    : 'cannot-tell';
}
