import { readOf } from '../identify';
import { daysBetween, inBase, type CalendarDay, type Quantity } from '../units';

/** One reading of the same numbered traps, lures or spots; null where one was not read. */
export interface SeriesReading {
  readonly on: CalendarDay;
  /** The ground, nights, minutes or visits that one of its counts stands for. */
  readonly frame: Quantity;
  readonly counts: readonly (number | null)[];
}

/** Half a year of weekly readings. */
export const MOST_READINGS = 26;

export type Trend = 'rising' | 'falling' | 'level' | 'too-few';

export interface Series {
  /** Oldest first: all that was counted, and the mean per m², night, minute or spot; null where nothing was read. */
  readonly readings: readonly {
    readonly on: CalendarDay;
    readonly total: number;
    readonly mean: number | null;
  }[];
  readonly trend: Trend;
  /** Numbers, from 1, of the few that hold nearly all of the last reading; empty where they are not few. */
  readonly hot: readonly number[];
  /** Numbers of those that never caught any in three readings or more. */
  readonly idle: readonly number[];
  /** So many of the last readings in a row caught none. */
  readonly noughts: number;
}

/** Fewer than this in all readings tell no trend. */
const FEW_IN_ALL = 10;
/** Two-sided 95 % point of the normal distribution. */
const NORMAL_95 = 1.96;
/** These few hold nearly all. */
const FEW_TRAPS = 1 / 3;
const NEARLY_ALL = 0.8;
const IDLE_AFTER = 3;

/** All that one reading holds. */
export const totalOf = ({ counts }: Pick<SeriesReading, 'counts'>): number =>
  readOf(counts).reduce((sum, count) => sum + count, 0);

/**
 * What readings of the same numbered traps say together: whether they rise or fall, where nearly all is caught, and how often in a
 * row there was none. The trend by the score test for Poisson counts of unequal exposure (Armitage), its variance widened by how far
 * the traps go apart from each other (Pearson’s chi-squared over its degrees of freedom, at least 1), so that one trap beside a nest
 * does not make a trend. null for fewer than two readings on different days.
 *
 * @example seriesOf([{ on: '2027-09-01', frame: 7 nights, counts: [12, 3, 0, 1] }, …]) // { trend: 'falling', hot: [1], … }
 */
export function seriesOf(given: readonly SeriesReading[]): Series | null {
  const readings = [...given].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
  const [first, last] = [readings[0], readings[readings.length - 1]];
  if (!first || !last || first.on === last.on) return null;
  const totals = readings.map(totalOf);
  const exposures = readings.map(({ counts, frame }) => readOf(counts).length * inBase(frame));
  const lastTotal = totals[totals.length - 1] ?? 0;
  return {
    readings: readings.map(({ on }, i) => {
      const [total, exposure] = [totals[i] ?? 0, exposures[i] ?? 0];
      return { on, total, mean: exposure > 0 ? total / exposure : null };
    }),
    trend: trendOf(
      readings.map(({ on }) => daysBetween(first.on, on)),
      totals,
      exposures,
      dispersionOf(readings),
    ),
    hot: hotOf(last.counts, lastTotal),
    idle: idleOf(readings),
    noughts: totals.length - 1 - totals.findLastIndex((total, i) => total > 0 || exposures[i] === 0),
  };
}

function trendOf(
  days: readonly number[],
  totals: readonly number[],
  exposures: readonly number[],
  dispersion: number,
): Trend {
  const all = totals.reduce((sum, total) => sum + total, 0);
  const exposed = exposures.reduce((sum, one) => sum + one, 0);
  if (all < FEW_IN_ALL || exposed === 0) return 'too-few';
  let [score, mean, square] = [0, 0, 0];
  days.forEach((day, i) => {
    const share = (exposures[i] ?? 0) / exposed;
    score += day * ((totals[i] ?? 0) - all * share);
    mean += share * day;
    square += share * day * day;
  });
  const variance = dispersion * all * (square - mean * mean);
  if (!(variance > 0)) return 'too-few';
  const z = score / Math.sqrt(variance);
  return Math.abs(z) < NORMAL_95 ? 'level' : z > 0 ? 'rising' : 'falling';
}

/** How much more the traps differ from reading to reading than chance makes them, 1 or more. */
function dispersionOf(readings: readonly SeriesReading[]): number {
  const traps = (readings[0]?.counts ?? []).flatMap((_, j) =>
    readings.every(({ counts }) => typeof counts[j] === 'number') ? [j] : [],
  );
  const at = (i: number, j: number): number => readings[i]?.counts[j] ?? 0;
  const rows = readings.map((_, i) => traps.reduce((sum, j) => sum + at(i, j), 0));
  const columns = traps.map((j) => readings.reduce((sum, _, i) => sum + at(i, j), 0));
  const caught = columns.filter((sum) => sum > 0).length;
  const shown = rows.filter((sum) => sum > 0).length;
  const all = rows.reduce((sum, row) => sum + row, 0);
  const free = (shown - 1) * (caught - 1);
  if (free < 1) return 1;
  let squares = 0;
  rows.forEach((row, i) =>
    traps.forEach((j, k) => {
      const expected = (row * (columns[k] ?? 0)) / all;
      if (expected > 0) squares += (at(i, j) - expected) ** 2 / expected;
    }),
  );
  return Math.max(1, squares / free);
}

/** The fewest that hold nearly all of a reading, where they are a third of the traps or fewer. */
function hotOf(counts: readonly (number | null)[], total: number): number[] {
  if (total === 0) return [];
  const falling = counts
    .flatMap((count, i) => (count === null ? [] : [{ number: i + 1, count }]))
    .sort((a, b) => b.count - a.count || a.number - b.number);
  let held = 0;
  const few = falling.filter(({ count }) => {
    const wanted = held < NEARLY_ALL * total;
    if (wanted) held += count;
    return wanted;
  });
  return few.length <= falling.length * FEW_TRAPS
    ? few.map(({ number }) => number).sort((a, b) => a - b)
    : [];
}

/** Those that were read often enough and never held any, where others did. */
function idleOf(readings: readonly SeriesReading[]): number[] {
  const most = Math.max(...readings.map(({ counts }) => counts.length));
  const numbers = Array.from({ length: most }, (_, j) => j);
  const of = (j: number): number[] => readOf(readings.map(({ counts }) => counts[j] ?? null));
  const idle = numbers.filter((j) => of(j).length >= IDLE_AFTER && of(j).every((count) => count === 0));
  return idle.length < most ? idle.map((j) => j + 1) : [];
}
