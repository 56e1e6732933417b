import { dueKey } from '../schedule';
import type { ApplicationRecord } from '../record';
import type { CalendarDay } from '../units';
import type { CaseFacts } from './facts';

/** A night under a sheet: when it was laid, and what was counted when it was lifted; null where nobody counted yet. */
export interface Night {
  readonly record: string;
  readonly laidOn: CalendarDay;
  readonly count: number | null;
}

/** What follows from the nights so far. */
export type NightsVerdict = 'count-first' | 'again' | 'stop' | 'none-left';

export interface Nights {
  readonly nights: readonly Night[];
  readonly verdict: NightsVerdict;
}

/** The whole number that a tick begins with; null for none. */
export function countIn(said: string | undefined): number | null {
  const found = /^\s*(\d{1,6})(?![\d.,])/.exec(said ?? '');
  return found ? Number(found[1]) : null;
}

/**
 * Nights of one treatment in their order, with their counts, and whether another follows: again while the count falls, stopped
 * when it no longer does, or when nothing is left. A night that nobody counted is counted first.
 *
 * @example counts 34, 20: again; 34, 20, 22: stop
 */
export function nightsOf(
  records: readonly ApplicationRecord[],
  settled: CaseFacts['settled'],
): Nights | null {
  if (records.length === 0) return null;
  const nights = [...records]
    .sort((a, b) => (a.doneOn < b.doneOn ? -1 : 1))
    .map(({ id, doneOn }) => ({
      ...{ record: id, laidOn: doneOn },
      count: countIn(settled[dueKey({ kind: 'lift', record: id })]?.said),
    }));
  const [before, last] = [nights.at(-2)?.count ?? null, nights.at(-1)?.count ?? null];
  const verdict =
    last === null
      ? 'count-first'
      : last === 0
        ? 'none-left'
        : before !== null && last >= before
          ? 'stop'
          : 'again';
  return { nights, verdict };
}
