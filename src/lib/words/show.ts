import { markedNumber, proseText } from './prose-measures';
import { shownPer, type CountBasis } from '../core/identify';
import {
  enteredUnit,
  entryText,
  fromKept,
  readNumber,
  valueIn,
  writeNumber,
  type CalendarDay,
  type DateOrder,
  type EnteredUnit,
  type Measure,
  type NumberManner,
  type NumberRead,
  type Quantity,
  type Unit,
} from '../core/units';

/** Units as people write them. */
const SYMBOLS: Partial<Record<Unit | EnteredUnit, string>> = {
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
  'per m2': 'per m²',
  'per ft2': 'per ft²',
};

export const unitText = (unit: Unit | string): string => SYMBOLS[unit as Unit] ?? unit;

/** How a workspace wants things shown. */
export interface Manner {
  /** Metric; US: feet, miles, Fahrenheit, US gallons; UK: metric with miles an hour and UK gallons. */
  readonly units: 'metric' | 'us' | 'uk';
  readonly dates: DateOrder;
  readonly numbers: NumberManner;
  /** Three letters, or "" for none. */
  readonly currency: string;
}

export const PLAIN_MANNER: Manner = {
  units: 'metric',
  dates: 'day-month',
  numbers: '1,234.5',
  currency: '',
};

/** The same amount in the other system of measures, or null where there is none worth telling. */
const OTHER: Partial<Record<Unit, Unit>> = {
  ml: 'floz',
  l: 'gal',
  floz: 'ml',
  gal: 'l',
  gal_uk: 'l',
  floz_uk: 'ml',
  m2: 'ft2',
  ft2: 'm2',
  g: 'oz',
  kg: 'lb',
  oz: 'g',
  lb: 'kg',
  m: 'ft',
  ft: 'm',
};
const OTHER_UK: Partial<Record<Unit, Unit>> = { ...OTHER, ml: 'floz_uk', l: 'gal_uk' };

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

export const BASIS_WORDS: Record<CountBasis, string> = {
  m2: 'm²',
  '100 m2': '100 m²',
  night: 'trap-night',
  minute: 'minute',
  spot: 'spot',
};

/** Decimals that matter for a number of this size; of what is very small, two figures. */
function decimalsOf(value: number): number {
  const size = Math.abs(value);
  if (size >= 0.1 || size === 0) return size >= 100 ? 0 : size >= 10 ? 1 : size >= 1 ? 2 : 3;
  return Math.min(12, Math.max(4, 1 - Math.floor(Math.log10(size))));
}

const MEASURED_WITH: Partial<Record<Unit, Unit>> = { ml: 'floz', l: 'gal', g: 'oz', kg: 'lb' };
const US_UNITS: ReadonlySet<string> = new Set([
  ...[
    'in',
    'ft',
    'yd',
    'mi',
    'in2',
    'ft2',
    'yd2',
    'acre',
    'tsp',
    'tbsp',
    'floz',
    'cup',
    'pint',
    'quart',
    'gal',
  ],
  ...['in3', 'ft3', 'yd3', 'oz', 'lb', 'F', 'mph', 'ft/s'],
]);
const UK_UNITS: ReadonlySet<string> = new Set(['floz_uk', 'pint_uk', 'gal_uk']);
const NEUTRAL: ReadonlySet<string> = new Set(['count', 'million', 's', 'min', 'h', 'd']);

/** Whether a unit is one that people of a system use; pieces and times are everybody's. */
function isOwn(unit: string, system: Manner['units']): boolean {
  if (NEUTRAL.has(unit)) return true;
  if (system === 'us') return US_UNITS.has(unit);
  return !US_UNITS.has(unit) && (system === 'uk' || !UK_UNITS.has(unit));
}

/** Decimals to which a reading is told: as finely as its instrument shows it. */
function finenessOf(measure: Measure, unit: EnteredUnit, value: number): number {
  const size = Math.abs(value);
  switch (measure) {
    case 'wind':
      return size < 10 ? 1 : 0;
    case 'temperature':
      return unit === 'F' ? 0 : 1;
    case 'body':
      return unit === 'in' ? (size < 0.3 ? 2 : 1) : size < 10 ? 1 : 0;
    case 'rain':
      return unit === 'in' ? 2 : 1;
    case 'density':
      return size >= 5 ? 0 : size >= 1 ? 1 : size >= 0.1 ? 2 : decimalsOf(value);
    case 'length':
      return unit === 'ft' ? (size < 100 ? 1 : 0) : decimalsOf(value);
  }
}

const dateOf = (day: CalendarDay | string): Date => new Date(`${day}T00:00:00Z`);

/** Formatters by zone: a workspace has a few at most. */
const ZONES = new Map<string, Intl.DateTimeFormat>();

/** The day and the time of an instant by the clock on the wall of a place. */
export function atPlace(instant: string, zone: string): { readonly day: CalendarDay; readonly time: string } {
  const format =
    ZONES.get(zone) ??
    new Intl.DateTimeFormat('en-GB', {
      ...({ timeZone: zone, hourCycle: 'h23', year: 'numeric', month: '2-digit' } as const),
      ...({ day: '2-digit', hour: '2-digit', minute: '2-digit' } as const),
    });
  ZONES.set(zone, format);
  const part = Object.fromEntries(format.formatToParts(new Date(instant)).map((p) => [p.type, p.value]));
  return {
    day: `${part.year?.padStart(4, '0')}-${part.month}-${part.day}` as CalendarDay,
    time: `${part.hour}:${part.minute}`,
  };
}

/** How numbers, amounts, money, days and weather are written in a workspace's manner. */
export type Show = ReturnType<typeof showIn>;

export function showIn(manner: Manner) {
  const { units, dates, currency, numbers } = manner;

  /** A number for reading: three to four figures that matter, thousands apart, no trailing zeros. */
  const numberText = (value: number): string => writeNumber(value, numbers, decimalsOf(value));
  /** A number as a field shows it: all its figures, read back as the same number. */
  /** The same for reading: all its figures, with a mark between thousands. */
  const exactText = (value: number): string => writeNumber(value, numbers, 12);
  const entry = (value: number): string => entryText(value, numbers);
  const readNumberHere = (text: string): NumberRead => readNumber(text, numbers);

  function quantityText(q: Quantity): string {
    const unit = unitText(q.unit);
    return unit === '' ? numberText(q.value) : `${numberText(q.value)} ${unit}`;
  }

  /** The same amount in the other system of measures. */
  function besideText(q: Quantity): string | null {
    const other = (units === 'uk' ? OTHER_UK : OTHER)[q.unit];
    return other ? quantityText({ value: valueIn(q, other), unit: other }) : null;
  }

  /** What a rate is for: a single place, metre or square metre without its 1. */
  const perText = (per: Quantity): string =>
    per.unit === 'count'
      ? per.value === 1
        ? 'place'
        : `${numberText(per.value)} places`
      : per.value === 1
        ? unitText(per.unit)
        : quantityText(per);

  const rateText = (value: number, unit: Unit, per: Quantity): string =>
    `${numberText(value)} ${unitText(unit)} per ${perText(per)}`;

  /** Money, with the workspace's currency where it names one. */
  const priceText = (price: number, paidIn = ''): string => {
    const text = writeNumber(price, numbers, 2, 2);
    const named = paidIn === '' ? currency : paidIn;
    return named === '' ? text : `${named} ${text}`;
  };

  /** Thu 16 Sep; with the year where it is not `thisYear`'s. */
  function dayText(day: CalendarDay | string, thisYear?: CalendarDay | string): string {
    if (dates === 'year-month-day') return day.slice(0, 10);
    const date = dateOf(day);
    const year =
      thisYear !== undefined && thisYear.slice(0, 4) === day.slice(0, 4) ? '' : ` ${day.slice(0, 4)}`;
    const [month, number] = [MONTHS[date.getUTCMonth()], date.getUTCDate()];
    return `${DAYS[date.getUTCDay()]} ${dates === 'month-day' ? `${month} ${number}` : `${number} ${month}`}${year}`;
  }

  /** Wednesday 15 September 2027. */
  function longDayText(day: CalendarDay | string): string {
    const date = dateOf(day);
    const [month, number, year] = [LONG_MONTHS[date.getUTCMonth()], date.getUTCDate(), day.slice(0, 4)];
    const name = LONG_DAYS[date.getUTCDay()];
    if (dates === 'year-month-day') return `${name} ${day.slice(0, 10)}`;
    return dates === 'month-day'
      ? `${name}, ${month} ${number}, ${year}`
      : `${name} ${number} ${month} ${year}`;
  }

  /** An instant by the clock at the place: Wed 15 Sep 07:35. */
  const instantText = (instant: string, zone: string, thisYear?: CalendarDay | string): string => {
    const { day, time } = atPlace(instant, zone);
    return `${dayText(day, thisYear)} ${time}`;
  };

  /** Tomorrow, in 3 days, 2 days late. */
  function whenText(day: CalendarDay, today: CalendarDay): string {
    const days = Math.round((dateOf(day).getTime() - dateOf(today).getTime()) / 86_400_000);
    if (days === 0) return 'today';
    if (days === 1) return 'tomorrow';
    if (days < 0) return days === -1 ? '1 day late' : `${-days} days late`;
    return days < 7 ? `in ${days} days` : dayText(day, today);
  }

  /** A kept number in the unit in which people here think, as finely as they read it. */
  const own = (measure: Measure, kept: number): string => {
    const unit = enteredUnit(measure, units);
    return writeNumber(fromKept(kept, unit), numbers, finenessOf(measure, unit, fromKept(kept, unit)));
  };
  const ownText = (measure: Measure, kept: number): string =>
    `${own(measure, kept)} ${unitText(enteredUnit(measure, units))}`;

  /** How many to the square, trap-night, minute or spot, from the number that the core reckons with. */
  const densityText = (value: number, basis: CountBasis = 'm2'): string =>
    basis === 'm2' ? ownText('density', value) : `${densityNumber(value, basis)} per ${BASIS_WORDS[basis]}`;
  const densityNumber = (value: number, basis: CountBasis = 'm2'): string =>
    basis === 'm2' ? own('density', value) : numberText(value * shownPer(basis));
  const windText = (kmh: number): string => ownText('wind', kmh);
  const degreesText = (celsius: number): string => ownText('temperature', celsius);
  const rainText = (mm: number): string => ownText('rain', mm);
  const lengthText = (metres: number): string => ownText('length', metres);
  /** Running text, with its measures and decimals in this manner. */
  const prose = (text: string): string => proseText(text, units, numbers);
  /** An amount to the nearest mark of the vessel or the measure in hand; at least one mark of what is more than nothing. */
  const markedText = (q: Quantity, mark: number): string => {
    const marks = q.value > 0 ? Math.max(1, Math.round(q.value / mark)) : 0;
    const unit = unitText(q.unit);
    return `${markedNumber(Number((marks * mark).toPrecision(12)), q.unit, numbers)}${unit === '' ? '' : ` ${unit}`}`;
  };
  /** So much ground as a rate is told for here. */
  const ground: Quantity = units === 'us' ? { value: 1000, unit: 'ft2' } : { value: 100, unit: 'm2' };
  /** What goes down on 100 m², on the ground that a rate is told for here. */
  const onGround = (per100m2: number): number => (per100m2 * valueIn(ground, 'm2')) / 100;
  /** The reverse. */
  const offGround = (perGround: number): number => (perGround * 100) / valueIn(ground, 'm2');
  /** Metres as a number in the unit of lengths here. */
  const lengthUnit = units === 'us' ? ('ft' as const) : ('m' as const);

  /** An amount that Nimsy worked out in metric, in the units that people here measure it with. */
  const ownAmount = (q: Quantity): Quantity => {
    const to = units === 'us' ? MEASURED_WITH[q.unit] : undefined;
    return to ? { value: valueIn(q, to), unit: to } : q;
  };

  /** A mass that Nimsy worked out, from grams. */
  const massText = (g: number): string =>
    units === 'us'
      ? quantityText({ value: valueIn({ value: g, unit: 'g' }, 'oz'), unit: 'oz' })
      : quantityText({ value: g, unit: 'g' });

  /** Units with those that people here use first, otherwise in their order. */
  const ownFirst = <U extends string>(list: readonly U[]): readonly U[] => [
    ...list.filter((unit) => isOwn(unit, units)),
    ...list.filter((unit) => !isOwn(unit, units)),
  ];

  /** Ground in m², in the unit in which people here measure it. */
  const areaText = (m2: number): string => {
    const unit = units === 'us' ? 'ft2' : 'm2';
    return quantityText({ value: valueIn({ value: m2, unit: 'm2' }, unit), unit });
  };
  /** How long one animal is, from mm. */
  const oneBodyText = (mm: number): string => ownText('body', mm);
  /** How long an insect is, from least to most in mm. */
  const bodyText = ([least, most]: readonly [number, number]): string =>
    `${own('body', least)} to ${ownText('body', most)}`;

  return {
    manner,
    numberText,
    entryText: entry,
    exactText,
    readNumber: readNumberHere,
    quantityText,
    besideText,
    rateText,
    priceText,
    dayText,
    longDayText,
    instantText,
    whenText,
    densityText,
    densityNumber,
    windText,
    degreesText,
    rainText,
    lengthText,
    lengthUnit,
    prose,
    markedText,
    ground,
    ownFirst,
    massText,
    ownAmount,
    onGround,
    offGround,
    areaText,
    perText,
    bodyText,
    oneBodyText,
  };
}

/** The manner of a workspace that chose none. */
export const PLAIN = showIn(PLAIN_MANNER);

/** A likelihood of 0 to 1 by the hundred. What is not certain is not told as if it were: “over 99 %”, “under 1 %”. */
export function percentText(share: number): string {
  const hundredths = Math.round(share * 100);
  if (hundredths === 100 && share < 1) return 'over 99 %';
  return hundredths === 0 && share > 0 ? 'under 1 %' : `${hundredths} %`;
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

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];
/** A small number in words: "three", "12". */
export const countWord = (n: number): string => COUNTS[n] ?? String(n);
