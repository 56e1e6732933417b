import { addDays, parseDay, yearOf, type CalendarDay } from './day';
import type { DateOrder } from './manner';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const SHOWN = MONTHS.map((name) => name.charAt(0).toUpperCase() + name.slice(1));
/** Nothing that a person types for a day or a time is longer. */
const LONGEST = 40;

const two = (n: number): string => String(n).padStart(2, '0');
const dayOf = (year: number, month: number, day: number): CalendarDay | null =>
  parseDay(`${String(year).padStart(4, '0')}-${two(month)}-${two(day)}`);

/**
 * A day as a field shows it: its month by name, so that no order of figures has to be known. Read back by `readDay`.
 *
 * @example dayEntry('2027-09-15', 'day-month') // '15 Sep 2027'
 */
export function dayEntry(day: string, order: DateOrder): string {
  const known = parseDay(day);
  if (!known || order === 'year-month-day') return day;
  const [year, month, date] = known.split('-').map(Number);
  const name = SHOWN[(month ?? 1) - 1] ?? '';
  return order === 'month-day' ? `${name} ${date} ${year}` : `${date} ${name} ${year}`;
}

const NAMED: ReadonlyMap<string, number> = new Map([
  ['today', 0],
  ['tomorrow', 1],
  ['yesterday', -1],
]);

/**
 * A typed day: "15 Sep 2027", "Sep 15", "15.9.27", "2027-09-15", "150927", "today". Figures alone are read in the
 * workspace's order; a year of two figures is this century's; without a year the one nearest to `today` is meant.
 * null where it is no day that exists.
 *
 * @example readDay('9/15/27', 'month-day', '2027-09-01') // '2027-09-15'
 */
export function readDay(typed: string, order: DateOrder, today: CalendarDay): CalendarDay | null {
  if (typed.length > LONGEST) return null;
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/^(mon|tue|wed|thu|fri|sat|sun)[a-z]*[ ,]+/, '');
  const named = NAMED.get(text);
  if (named !== undefined) return addDays(today, named);
  const iso = parseDay(text);
  if (iso) return iso;
  const parts = text.split(/[\s.,/-]+/).filter((part) => part !== '');
  const word = parts.findIndex((part) => /^[a-z]{3,9}$/.test(part));
  if (word >= 0) {
    const month = MONTHS.indexOf(parts[word]?.slice(0, 3) ?? '') + 1;
    const figures = parts.filter((_, i) => i !== word).map((part) => part.replace(/(st|nd|rd|th)$/, ''));
    if (month === 0 || figures.length > 2 || figures.some((part) => !/^\d{1,4}$/.test(part))) return null;
    const [first = '', second] = figures;
    return first.length > 2 ? inYear(first, month, second, today) : inYear(second, month, first, today);
  }
  if (!parts.every((part) => /^\d{1,8}$/.test(part))) return null;
  return inOrder(parts.length === 1 ? apart(parts[0] ?? '', order) : parts, order, today);
}

/** Figures without marks, as a telephone's keys give them. */
function apart(figures: string, order: DateOrder): string[] {
  if (figures.length !== 4 && figures.length !== 6 && figures.length !== 8) return [];
  const long = figures.length === 8 ? 4 : figures.length === 6 ? 2 : 0;
  return order === 'year-month-day' && long > 0
    ? [figures.slice(0, long), figures.slice(long, long + 2), figures.slice(long + 2)]
    : [figures.slice(0, 2), figures.slice(2, 4), ...(long > 0 ? [figures.slice(4)] : [])];
}

function inOrder(parts: readonly string[], order: DateOrder, today: CalendarDay): CalendarDay | null {
  const [a = '', b = '', c] = parts;
  if (parts.length < 2 || parts.length > 3) return null;
  if (a.length === 4 || (order === 'year-month-day' && c !== undefined))
    return c === undefined ? null : inYear(a, Number(b), c, today);
  return order === 'month-day' || order === 'year-month-day'
    ? inYear(c, Number(a), b, today)
    : inYear(c, Number(b), a, today);
}

function inYear(
  year: string | undefined,
  month: number,
  date: string | undefined,
  today: CalendarDay,
): CalendarDay | null {
  const day = Number(date);
  if (!(day >= 1)) return null;
  if (year !== undefined && year !== '')
    return dayOf(year.length <= 2 ? Number(year) + 2000 : Number(year), month, day);
  const near = [-1, 0, 1].flatMap((step) => dayOf(yearOf(today) + step, month, day) ?? []);
  const distance = (one: CalendarDay): number => Math.abs(Date.parse(one) - Date.parse(today));
  return near.sort((one, other) => distance(one) - distance(other))[0] ?? null;
}

/**
 * A typed time of day as HH:MM: "6:30", "0630", "6.30 pm", "18". null where there is no such time.
 *
 * @example readClock('6:30 pm') // '18:30'
 */
export function readClock(typed: string): string | null {
  if (typed.length > LONGEST) return null;
  const [, hour = '', minute = '00', half] =
    /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s?([ap])?\.?m?\.?$/.exec(typed.trim().toLowerCase()) ?? [];
  if (hour === '') return null;
  const of12 = Number(hour) % 12;
  const h = half === undefined ? Number(hour) : half === 'p' ? of12 + 12 : of12;
  if (half !== undefined && (Number(hour) < 1 || Number(hour) > 12)) return null;
  return h <= 23 && Number(minute) <= 59 ? `${two(h)}:${minute}` : null;
}
