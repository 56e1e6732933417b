import { answer, invalid, refuse, type Result } from '../result';
import { addDays, firstRefusals, inYearOf, isAbove, notNegative, type CalendarDay } from '../units';

export interface Treatment {
  readonly date: CalendarDay;
  readonly amount?: number | undefined;
}

export interface RetreatInput {
  readonly first: CalendarDay;
  readonly seasonEnd: CalendarDay;
  /** The label's "no sooner than", in whole days. */
  readonly minIntervalDays?: number | undefined;
  /** How long one treatment protects, in whole days. */
  readonly residualDays?: number | undefined;
  readonly strategy?: 'once' | 'protect' | 'press' | undefined;
  readonly maxPerYear?: number | undefined;
  readonly amount?: number | undefined;
  readonly capAmount?: number | undefined;
  readonly capWindow?: 'rolling' | 'calendar' | undefined;
  readonly prior?: readonly Treatment[] | undefined;
}

export type StoppedBy = 'season-end' | 'max-per-year' | 'season-cap' | 'once' | 'interval-not-stated';

export interface RetreatAnswer {
  readonly dates: readonly CalendarDay[];
  readonly stoppedBy: StoppedBy;
  readonly protectedUntil: CalendarDay | null;
}

const MOST_DATES = 10_000;

/**
 * The chain of treatment dates that the label allows, and what ends it. "protect" steps by the longer of the label's
 * interval and the protection, "press" by the interval alone, "once" stops after the first. Caps count treatments and
 * amounts in the window: the year up to a date (`rolling`) or its calendar year. A label without an interval never
 * allows a second date.
 *
 * @example retreat({ first: '2027-05-10', seasonEnd: '2027-10-01', minIntervalDays: 30, residualDays: 75, maxPerYear: 3 })
 *   // 10 May and 24 July, ended by the season, protected until 7 October
 */
export function retreat(input: RetreatInput): Result<RetreatAnswer, 'invalid-input'> {
  const refused = firstRefusals(() => [
    ...wholeFromOne('minIntervalDays', input.minIntervalDays),
    ...wholeFromOne('residualDays', input.residualDays),
    ...wholeFromZero('maxPerYear', input.maxPerYear),
    ...notNegative('amount', input.amount),
    ...notNegative('capAmount', input.capAmount),
    ...(input.prior ?? []).flatMap((p, i) => notNegative(`prior.${i}.amount`, p.amount)),
    ...(input.capAmount !== undefined && input.amount === undefined
      ? [invalid('amount', 'needs-other-key', { key: 'capAmount', needs: 'amount' })]
      : []),
  ]);
  if (refused.length > 0) return { refused };

  const start = firstDate(input);
  if (start === null) return answer({ dates: [], stoppedBy: 'interval-not-stated', protectedUntil: null });
  const dates: CalendarDay[] = [];
  const amount = input.amount ?? 0;
  // No date is before the last prior one, so the treatments stay in order and the window only moves on.
  const all = [...(input.prior ?? [])].sort((a, b) => (a.date < b.date ? -1 : 1));
  let opens = 0;
  const whatForbids = (date: CalendarDay): StoppedBy | null => {
    while (opens < all.length && !inYearOf(all[opens]?.date ?? date, date, input.capWindow ?? 'rolling'))
      opens++;
    return forbiddenBy(input, all.slice(opens), date);
  };
  let next = start;
  let stoppedBy = whatForbids(next);
  while (stoppedBy === null) {
    dates.push(next);
    all.push({ date: next, amount });
    if (dates.length > MOST_DATES)
      return refuse('invalid-input', 'seasonEnd', { expected: 'shorter-list', limit: MOST_DATES });
    const step = stepOf(input);
    if (input.strategy === 'once') stoppedBy = 'once';
    else if (step === null) stoppedBy = 'interval-not-stated';
    else {
      next = addDays(next, step);
      stoppedBy = whatForbids(next);
    }
  }
  const last = dates[dates.length - 1];
  const protectedUntil = last && input.residualDays ? addDays(last, input.residualDays) : null;
  return answer({ dates, stoppedBy, protectedUntil });
}

/** The first date that the last treatment allows; null when there was one and the label states no interval. */
function firstDate({ first, prior, minIntervalDays }: RetreatInput): CalendarDay | null {
  const last = (prior ?? []).reduce<CalendarDay | null>(
    (latest, p) => (latest === null || p.date > latest ? p.date : latest),
    null,
  );
  if (last === null) return first;
  if (minIntervalDays === undefined) return null;
  const allowed = addDays(last, minIntervalDays);
  return allowed > first ? allowed : first;
}

function stepOf({ minIntervalDays, residualDays, strategy }: RetreatInput): number | null {
  if (minIntervalDays === undefined) return null;
  return strategy === 'press' ? minIntervalDays : Math.max(minIntervalDays, residualDays ?? 0);
}

function forbiddenBy(
  input: RetreatInput,
  inWindow: readonly Treatment[],
  date: CalendarDay,
): StoppedBy | null {
  const amount = input.amount ?? 0;
  if (date > input.seasonEnd) return 'season-end';
  if (input.maxPerYear !== undefined && inWindow.length + 1 > input.maxPerYear) return 'max-per-year';
  const used = inWindow.reduce((sum, t) => sum + (t.amount ?? amount), 0);
  if (input.capAmount !== undefined && isAbove(used + amount, input.capAmount)) return 'season-cap';
  return null;
}

const wholeFromOne = (path: string, days: number | undefined) =>
  days === undefined || (Number.isInteger(days) && days >= 1)
    ? []
    : [invalid(path, 'whole-number', { from: 1, seen: days })];

const wholeFromZero = (path: string, count: number | undefined) =>
  count === undefined || (Number.isInteger(count) && count >= 0)
    ? []
    : [invalid(path, 'whole-number', { from: 0, seen: count })];
