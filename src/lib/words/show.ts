import { valueIn, type CalendarDay, type Quantity, type Unit } from '../core/units';

/** Units as people write them. */
const SYMBOLS: Partial<Record<Unit, string>> = {
  m2: 'm²',
  ft2: 'ft²',
  cm2: 'cm²',
  in2: 'in²',
  yd2: 'yd²',
  m3: 'm³',
  ft3: 'ft³',
  floz: 'fl oz',
  floz_uk: 'fl oz (UK)',
  gal_uk: 'gal (UK)',
  pint_uk: 'pint (UK)',
  gal: 'gal (US)',
  count: '',
  C: '°C',
  F: '°F',
};

export const unitText = (unit: Unit | string): string => SYMBOLS[unit as Unit] ?? unit;

/** A number for reading: three to four figures that matter, thousands apart, no trailing zeros. */
export function numberText(value: number): string {
  const size = Math.abs(value);
  const digits = size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : size >= 0.1 ? 3 : 4;
  const rounded = Number(value.toFixed(digits));
  const [whole = '0', part] = String(Math.abs(rounded)).includes('e')
    ? [rounded.toPrecision(3)]
    : String(Math.abs(rounded)).split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+(?!\d))/g, ',');
  return `${rounded < 0 ? '−' : ''}${grouped}${part ? `.${part}` : ''}`;
}

export function quantityText(q: Quantity): string {
  const unit = unitText(q.unit);
  return unit === '' ? numberText(q.value) : `${numberText(q.value)} ${unit}`;
}

/** The same amount in the other system of measures, or null where there is none worth telling. */
const OTHER: Partial<Record<Unit, Unit>> = {
  ml: 'floz',
  l: 'gal',
  floz: 'ml',
  gal: 'l',
  m2: 'ft2',
  ft2: 'm2',
  g: 'oz',
  kg: 'lb',
  oz: 'g',
  lb: 'kg',
  m: 'ft',
  ft: 'm',
};

export function besideText(q: Quantity): string | null {
  const other = OTHER[q.unit];
  return other ? quantityText({ value: valueIn(q, other), unit: other }) : null;
}

export function rateText(value: number, unit: Unit, per: Quantity): string {
  return `${numberText(value)} ${unitText(unit)} per ${quantityText(per)}`;
}

export const percentText = (share: number): string => `${Math.round(share * 100)} %`;

/** Money without a currency sign: the workspace's own. */
export const priceText = (price: number): string => price.toFixed(2);

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const LONG_DAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const LONG_MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

const dateOf = (day: CalendarDay | string): Date => new Date(`${day}T00:00:00Z`);

/** Thu 16 Sep; with the year where it is not `thisYear`'s. */
export function dayText(day: CalendarDay | string, thisYear?: CalendarDay | string): string {
  const date = dateOf(day);
  const year =
    thisYear !== undefined && thisYear.slice(0, 4) === day.slice(0, 4) ? '' : ` ${day.slice(0, 4)}`;
  return `${DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${MONTHS[date.getUTCMonth()]}${year}`;
}

/** Wednesday 15 September 2027. */
export function longDayText(day: CalendarDay | string): string {
  const date = dateOf(day);
  return `${LONG_DAYS[date.getUTCDay()]} ${date.getUTCDate()} ${LONG_MONTHS[date.getUTCMonth()]} ${day.slice(0, 4)}`;
}

/** An hour counted since the epoch in the place's offset: Thu 16:00. */
export function hourText(hour: number): string {
  const date = new Date(hour * 3_600_000);
  return `${DAYS[date.getUTCDay()]} ${clockText(hour)}`;
}

export const clockText = (hour: number): string => `${String(((hour % 24) + 24) % 24).padStart(2, '0')}:00`;

/** 2027-09-16T16:00, as a form sends it. */
export const hourField = (hour: number): string => new Date(hour * 3_600_000).toISOString().slice(0, 16);

export const dayOfHour = (hour: number): CalendarDay =>
  new Date(hour * 3_600_000).toISOString().slice(0, 10) as CalendarDay;

/** Tomorrow, in 3 days, 2 days late. */
export function whenText(day: CalendarDay, today: CalendarDay): string {
  const days = Math.round((dateOf(day).getTime() - dateOf(today).getTime()) / 86_400_000);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days < 0) return days === -1 ? '1 day late' : `${-days} days late`;
  return days < 7 ? `in ${days} days` : dayText(day, today);
}
