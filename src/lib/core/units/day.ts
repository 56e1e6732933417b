/** A calendar day as `YYYY-MM-DD`, without clock or zone. Adding days is not adding 24 hours. */
export type CalendarDay = string & { readonly __calendarDay: unique symbol };

const DAY_MS = 86_400_000;
const SHAPE = /^(\d{4})-(\d{2})-(\d{2})$/;

/** The calendar day that the text names, or null when there is no such day (2027-02-29). */
export function parseDay(text: string): CalendarDay | null {
  const match = SHAPE.exec(text);
  if (!match) return null;
  const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
  const date = new Date(0);
  date.setUTCFullYear(year, month - 1, day);
  const real =
    date.getUTCFullYear() === year && date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
  return real && year > 0 ? (text as CalendarDay) : null;
}

/** Days since 1970-01-01. */
export function dayNumber(day: CalendarDay): number {
  const date = new Date(0);
  date.setUTCFullYear(yearOf(day), monthOf(day) - 1, Number(day.slice(8, 10)));
  return Math.round(date.getTime() / DAY_MS);
}

export function fromDayNumber(number: number): CalendarDay {
  return new Date(number * DAY_MS).toISOString().slice(0, 10) as CalendarDay;
}

/** The day `count` days later (earlier when negative). `addDays('2027-02-28', 1)` is 2027-03-01. */
export function addDays(day: CalendarDay, count: number): CalendarDay {
  return fromDayNumber(dayNumber(day) + count);
}

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export function daysBetween(from: CalendarDay, to: CalendarDay): number {
  return dayNumber(to) - dayNumber(from);
}

export const yearOf = (day: CalendarDay): number => Number(day.slice(0, 4));
/** 1 for January to 12. */
export const monthOf = (day: CalendarDay): number => Number(day.slice(5, 7));

/** The rolling year holds the days after the same day a year earlier, up to `date`; the calendar year those of its number. */
export function inYearOf(day: CalendarDay, date: CalendarDay, year: 'rolling' | 'calendar'): boolean {
  return year === 'calendar' ? yearOf(day) === yearOf(date) : day > oneYearEarlier(date) && day <= date;
}

/** The first day in whose rolling year `day` no longer lies: the same day a year later; 29 February gives 1 March. */
export function outOfYear(day: CalendarDay): CalendarDay {
  const year = String(yearOf(day) + 1).padStart(4, '0');
  return parseDay(`${year}${day.slice(4)}`) ?? (`${year}-03-01` as CalendarDay);
}

/** The same calendar day one year earlier; 29 February becomes the 28th. */
export function oneYearEarlier(day: CalendarDay): CalendarDay {
  const year = String(yearOf(day) - 1).padStart(4, '0');
  return parseDay(`${year}${day.slice(4)}`) ?? (`${year}-02-28` as CalendarDay);
}
