import { Memory } from './remember';
import { fromDayNumber, type CalendarDay } from '../../core/units';

/** The present instant, as the workspace sees it. */
export type Clock = () => Date;

/** Half past seven in the morning: the demonstration opens before the day's work. */
const OPENS_AT = 'T06:30:00Z';

export const realClock: Clock = () => new Date();

/**
 * The demonstration's own clock: it opens on its day and then runs on with real time from the first start; standing,
 * it stays at the opening.
 */
export function demonstrationClock(opensOn: string, firstStartedAt: Date, still: boolean): Clock {
  const opening = new Date(`${opensOn}${OPENS_AT}`).getTime();
  return () => new Date(still ? opening : opening + Math.max(0, Date.now() - firstStartedAt.getTime()));
}

/** Whole hours since 1970-01-01T00 by the clock on the wall at the place, with the offset that holds there now. */
export function localHour(now: Date, timeZone: string): number {
  return Math.floor(localMinute(now, timeZone) / 60);
}

export function localDay(now: Date, timeZone: string): CalendarDay {
  return fromDayNumber(Math.floor(localMinute(now, timeZone) / 1440));
}

/** Time of day at the place as HH:MM. */
export function localTime(now: Date, timeZone: string): string {
  return new Date(localMinute(now, timeZone) * 60_000).toISOString().slice(11, 16);
}

const FORMATS = new Map<string, Intl.DateTimeFormat>();

/** The offset of a zone holds for the minute at least. */
const MINUTES = new Memory<number>(500_000, () => 8);

function localMinute(now: Date, timeZone: string): number {
  return MINUTES.get(`${Math.floor(now.getTime() / 60_000)} ${timeZone}`, () => minuteIn(now, timeZone));
}

function minuteIn(now: Date, timeZone: string): number {
  let format = FORMATS.get(timeZone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-GB', {
      timeZone,
      hourCycle: 'h23',
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
    });
    FORMATS.set(timeZone, format);
  }
  const part = Object.fromEntries(format.formatToParts(now).map(({ type, value }) => [type, Number(value)]));
  return Date.UTC(part.year ?? 0, (part.month ?? 1) - 1, part.day, part.hour, part.minute) / 60_000;
}

/** The calendar day so many years before today, at the place. */
export function dayBefore(now: Date, timeZone: string, years: number): CalendarDay {
  const [year = '', ...rest] = localDay(now, timeZone).split('-');
  const day = `${Number(year) - years}-${rest.join('-')}`;
  return (rest.join('-') === '02-29' ? day.replace(/29$/, '28') : day) as CalendarDay;
}
