/** Repeats of one measurement. */
export interface Repeats {
  readonly n: number;
  readonly mean: number;
  /** Standard deviation in % of the mean; null for a single reading. */
  readonly spreadPct: number | null;
  /** The place in the list of a reading that does not go with the others, and the mean without it; null for none. */
  readonly outlier: { readonly at: number; readonly meanWithout: number } | null;
}

const FEWEST_FOR_OUTLIER = 3;
/** Median deviations beyond which a reading is pointed out (Iglewicz & Hoaglin 1993), and the least share of the median. */
const DEVIATIONS = 3.5;
const TO_SIGMA = 1.4826;
const LEAST_SHARE = 0.05;

/**
 * Mean and spread of repeats, and the one reading that does not go with the others. Nothing is left out by itself: whoever
 * measured decides. Values of one unit; null for an empty list.
 *
 * @example repeatsOf([36.8, 37.2, 36.4, 45]) // mean 38.85, the fourth pointed out, 36.8 without it
 */
export function repeatsOf(values: readonly number[]): Repeats | null {
  if (values.length === 0) return null;
  const mean = meanOf(values);
  return {
    n: values.length,
    mean,
    spreadPct: values.length < 2 || mean === 0 ? null : (sdOf(values) / Math.abs(mean)) * 100,
    outlier: outlierIn(values),
  };
}

function outlierIn(values: readonly number[]): Repeats['outlier'] {
  if (values.length < FEWEST_FOR_OUTLIER) return null;
  const middle = medianOf(values);
  const away = values.map((value) => Math.abs(value - middle));
  const at = away.indexOf(Math.max(...away));
  const furthest = away[at] ?? 0;
  const usual = TO_SIGMA * medianOf(away);
  if (furthest <= DEVIATIONS * usual || furthest <= LEAST_SHARE * Math.abs(middle)) return null;
  return { at, meanWithout: meanOf(values.filter((_, i) => i !== at)) };
}

export const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/** Standard deviation of a sample (n − 1). */
export function sdOf(values: readonly number[]): number {
  const mean = meanOf(values);
  return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1));
}

function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return ((sorted[Math.ceil(half) - 1] ?? 0) + (sorted[Math.floor(half)] ?? 0)) / 2;
}
