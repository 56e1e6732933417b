import type { UseInHand } from '../labels';
import { addDays, inYearOf, outOfYear, type CalendarDay } from '../units';
import { retreat, type Treatment } from './retreat';

/** What the next date goes by: nothing went down yet, the label's interval, its advice, or its yearly limits. */
export type NextBecause = 'free' | 'interval' | 'about-every' | 'number' | 'cap' | 'not-stated';

export interface NextDate {
  /** The first day on which it may go down again; null where none can be told. */
  readonly day: CalendarDay | null;
  readonly because: NextBecause;
  /** The label states an interval: before it is over nothing goes down. Else the date only reminds. */
  readonly stated: boolean;
}

export interface NextDateInput {
  readonly use: Pick<UseInHand, 'noSoonerThanDays' | 'aboutEveryDays' | 'maxPerYear'>;
  readonly today: CalendarDay;
  /** What went down on the same ground with this label; amounts in one unit. */
  readonly applications: readonly Treatment[];
  /** What would go down next, and the most of a year on this ground; both in that unit. */
  readonly amount?: number | undefined;
  readonly capAmount?: number | undefined;
}

/**
 * The first day on which a label lets it go down again on the same ground: after its "no sooner than", and once its
 * number and its most in a year leave room for it (the year up to that day). Where only "about every" is stated that is
 * the date, and earlier is no prohibition; where neither is, no date is told. It wraps `retreat`.
 *
 * @example nextDate({ use: { noSoonerThanDays: 21, maxPerYear: 2, … }, today: '2027-06-01',
 *   applications: [{ date: '2027-04-01' }, { date: '2027-05-20' }] }).day // '2028-04-01': the year's number is reached
 */
export function nextDate({ use, today, applications, amount, capAmount }: NextDateInput): NextDate {
  const stated = use.noSoonerThanDays !== null;
  const days = use.noSoonerThanDays ?? use.aboutEveryDays;
  const last = applications.reduce<CalendarDay | null>(
    (latest, { date }) => (latest === null || date > latest ? date : latest),
    null,
  );
  const interval = last === null || days === null ? today : later(addDays(last, days), today);
  // Room comes back on the days on which something that went down leaves the year.
  const candidates = [
    interval,
    ...applications.map(({ date }) => outOfYear(date)).filter((day) => day > interval),
  ].sort();
  const free = candidates.find((first) => allows(first, { use, applications, amount, capAmount })) ?? null;
  const because: NextBecause =
    last === null
      ? 'free'
      : free !== interval
        ? numberIsReached(interval, use, applications)
          ? 'number'
          : 'cap'
        : days === null
          ? 'not-stated'
          : stated
            ? 'interval'
            : 'about-every';
  return { day: because === 'not-stated' ? null : free, because, stated };
}

const later = (a: CalendarDay, b: CalendarDay): CalendarDay => (a > b ? a : b);

const numberIsReached = (
  day: CalendarDay,
  { maxPerYear }: NextDateInput['use'],
  applications: readonly Treatment[],
): boolean =>
  maxPerYear !== null &&
  applications.filter(({ date }) => inYearOf(date, day, 'rolling')).length >= maxPerYear;

/** Whether the year up to this day has room for one more. */
function allows(
  first: CalendarDay,
  { use, applications, amount, capAmount }: Omit<NextDateInput, 'today'>,
): boolean {
  const chain = retreat({
    ...{ first, seasonEnd: first, strategy: 'once' as const, minIntervalDays: 1 },
    ...(use.maxPerYear === null ? {} : { maxPerYear: use.maxPerYear }),
    ...(amount === undefined ? {} : { amount }),
    ...(amount === undefined || capAmount === undefined ? {} : { capAmount }),
    // What lies ahead of this day (a record dated by another clock) does not hold it back twice.
    prior: applications.filter(({ date }) => date < first),
  });
  return 'ok' in chain && chain.ok.dates[0] === first;
}
