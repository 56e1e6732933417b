import { plainMarks, readNumber, type NumberRead } from './read-number';
import type { NumberManner } from './manner';
import { valueIn, type Quantity } from './quantity';
import { dimensionOf, type Dimension, type Unit } from './unit';

/** Nothing that a person types for an amount is longer. */
export const LONGEST_AMOUNT = 80;

/** Names of units as people write them; "oz" is a fluid ounce where only fluids are measured. */
const NAMES: Readonly<Record<string, Unit>> = {
  ...{ mm: 'mm', cm: 'cm', m: 'm', metre: 'm', metres: 'm', meter: 'm', meters: 'm', km: 'km' },
  ...{
    in: 'in',
    inch: 'in',
    inches: 'in',
    '"': 'in',
    '″': 'in',
    '”': 'in',
    ft: 'ft',
    foot: 'ft',
    feet: 'ft',
  },
  ...{
    "'": 'ft',
    '′': 'ft',
    '’': 'ft',
    yd: 'yd',
    yard: 'yd',
    yards: 'yd',
    mi: 'mi',
    mile: 'mi',
    miles: 'mi',
  },
  ...{
    cm2: 'cm2',
    m2: 'm2',
    'sq m': 'm2',
    sqm: 'm2',
    'square metres': 'm2',
    'square meters': 'm2',
    ha: 'ha',
  },
  ...{ hectare: 'ha', hectares: 'ha', in2: 'in2', 'sq in': 'in2', ft2: 'ft2', 'sq ft': 'ft2', sqft: 'ft2' },
  ...{ 'square feet': 'ft2', yd2: 'yd2', 'sq yd': 'yd2', 'square yards': 'yd2', acre: 'acre', acres: 'acre' },
  ...{ ml: 'ml', cc: 'ml', l: 'l', litre: 'l', litres: 'l', liter: 'l', liters: 'l', m3: 'm3', tsp: 'tsp' },
  ...{ teaspoon: 'tsp', teaspoons: 'tsp', tbsp: 'tbsp', tablespoon: 'tbsp', tablespoons: 'tbsp', cup: 'cup' },
  ...{
    floz: 'floz',
    'fl oz': 'floz',
    'fluid ounce': 'floz',
    'fluid ounces': 'floz',
    cups: 'cup',
    pint: 'pint',
  },
  ...{ pints: 'pint', pt: 'pint', quart: 'quart', quarts: 'quart', qt: 'quart', gal: 'gal', gallon: 'gal' },
  ...{
    gallons: 'gal',
    'gal (us)': 'gal',
    'gal (uk)': 'gal_uk',
    'fl oz (uk)': 'floz_uk',
    'pint (uk)': 'pint_uk',
  },
  ...{ in3: 'in3', ft3: 'ft3', 'cu ft': 'ft3', yd3: 'yd3', 'cu yd': 'yd3', mg: 'mg', g: 'g', gram: 'g' },
  ...{ grams: 'g', kg: 'kg', oz: 'oz', ounce: 'oz', ounces: 'oz', lb: 'lb', lbs: 'lb', pound: 'lb' },
  ...{
    pounds: 'lb',
    million: 'million',
    pieces: 'count',
    s: 's',
    sec: 's',
    seconds: 's',
    min: 'min',
    h: 'h',
  },
  ...{ minutes: 'min', hours: 'h', d: 'd', day: 'd', days: 'd', 'm/s': 'm/s', 'km/h': 'km/h', kmh: 'km/h' },
  ...{ mph: 'mph', 'ft/s': 'ft/s', '°c': 'C', c: 'C', '°f': 'F', f: 'F' },
};
const UK_TWIN: Partial<Record<Unit, Unit>> = { gal: 'gal_uk', pint: 'pint_uk', floz: 'floz_uk' };

export type QuantityRead =
  | Exclude<NumberRead, { kind: 'number' }>
  | { readonly kind: 'quantity'; readonly quantity: Quantity; readonly unitTyped: boolean }
  /** A unit that does not measure what is asked for, or one that nobody knows. */
  | { readonly kind: 'other-unit'; readonly seen: string };

/** The unit that somebody named, among those that may stand in the field, or null. */
export function unitNamed(name: string, unit: Unit, allowed: readonly Dimension[]): Unit | null {
  const word = name
    .toLowerCase()
    .replace(/²/g, '2')
    .replace(/³/g, '3')
    .replace(/\.(?=\s|$)/g, '')
    .replace(/\s+/g, ' ')
    .trim();
  const named = Object.hasOwn(NAMES, word) ? NAMES[word] : undefined;
  if (named === undefined) return null;
  // A field that stands at UK gallons means those; one for fluids means fluid ounces.
  if (UK_TWIN[named] === unit) return unit;
  if (named === 'oz' && (unit === 'floz' || unit === 'floz_uk')) return unit;
  if (named === 'oz' && !allowed.includes('mass') && allowed.includes('volume')) return 'floz';
  return allowed.includes(dimensionOf(named)) ? named : null;
}

const AREA_OF: Partial<Record<Unit, Unit>> = { ft: 'ft2', yd: 'yd2', in: 'in2', cm: 'cm2', m: 'm2' };
const SIDE_OF: Partial<Record<Unit, Unit>> = { ft2: 'ft', yd2: 'yd', in2: 'in', acre: 'ft', cm2: 'cm' };

/**
 * Reads an amount with or without its unit: "12,5", "12 ft", "5'6\"", "0.5 acre", and "30 ft x 25 ft" where an area is
 * wanted. A number without a unit is in `unit`; what is measured must be one of `allowed` (by default what `unit`
 * measures). Time grows with the length of the text only; longer than 80 signs is `unreadable`.
 *
 * @example readQuantity(`5'6"`, '1,234.5', 'ft') // 5.5 ft
 * @example readQuantity('30 ft x 25 ft', '1,234.5', 'ft2') // 750 ft²
 */
export function readQuantity(
  typed: string,
  manner: NumberManner,
  unit: Unit,
  allowed: readonly Dimension[] = [dimensionOf(unit)],
): QuantityRead {
  if (typed.length > LONGEST_AMOUNT) return { kind: 'unreadable' };
  const text = plainMarks(typed);
  if (text === '') return { kind: 'blank' };
  const sides = dimensionOf(unit) === 'area' ? text.split(/ ?[x×] ?/i) : [text];
  if (sides.length === 2) return readSides(sides, manner, unit);
  return readLengths(text, manner, unit, allowed);
}

function readSides(sides: readonly string[], manner: NumberManner, unit: Unit): QuantityRead {
  const side = SIDE_OF[unit] ?? 'm';
  const [a, b] = sides.map((text) => readLengths(text, manner, side, ['length']));
  for (const read of [a, b]) if (read && read.kind !== 'quantity') return read;
  if (a?.kind !== 'quantity' || b?.kind !== 'quantity') return { kind: 'unreadable' };
  // "30 x 25 ft" is in feet both ways.
  const given = b.unitTyped ? b.quantity.unit : a.quantity.unit;
  const first = a.unitTyped ? valueIn(a.quantity, given) : a.quantity.value;
  const second =
    b.unitTyped || !a.unitTyped ? b.quantity.value : valueIn({ ...b.quantity, unit: given }, given);
  const area = AREA_OF[given];
  if (!area) return { kind: 'other-unit', seen: given };
  return {
    kind: 'quantity',
    quantity: { value: first * second, unit: area },
    unitTyped: true,
  };
}

/** A unit, figures, and what stands behind them; no part can take what another may, so that the time is linear. */
const INCHES_BEHIND =
  /^([a-z]+|['′’])\s*([\d.,/\u00bc-\u00be\u2150-\u215e][\d.,/ \u00bc-\u00be\u2150-\u215e]*)([^\d.,/ \u00bc-\u00be\u2150-\u215e].*)?$/i;

/** One amount, or feet with inches behind them. */
function readLengths(
  text: string,
  manner: NumberManner,
  unit: Unit,
  allowed: readonly Dimension[],
): QuantityRead {
  const first = split(text);
  if (first.name === '') return asQuantity(readNumber(first.number, manner), unit, false);
  const rest = INCHES_BEHIND.exec(first.name);
  if (rest && unitNamed(rest[1] ?? '', 'ft', ['length']) === 'ft' && allowed.includes('length')) {
    const feet = readNumber(first.number, manner);
    const inches = readNumber(rest[2] ?? '', manner);
    const last = (rest[3] ?? '') === '' ? 'in' : unitNamed(rest[3] ?? '', 'in', ['length']);
    if (feet.kind === 'number' && inches.kind === 'number' && last === 'in')
      return asQuantity({ kind: 'number', value: feet.value + inches.value / 12 }, 'ft', true);
    return { kind: 'unreadable' };
  }
  const number = readNumber(first.number, manner);
  if (number.kind === 'unreadable' || number.kind === 'blank') return { kind: 'unreadable' };
  const named = unitNamed(first.name, unit, allowed);
  return named === null
    ? { kind: 'other-unit', seen: first.name.slice(0, 20) }
    : asQuantity(number, named, true);
}

/** The figures at the front, and what stands behind them. */
function split(text: string): { readonly number: string; readonly name: string } {
  let end = 0;
  while (end < text.length && /[\d.,/ +\-\u00bc-\u00be\u2150-\u215e]/.test(text.charAt(end))) end += 1;
  const power = /^e[+-]?\d{1,3}$/i.test(text.slice(end));
  return power
    ? { number: text, name: '' }
    : { number: text.slice(0, end).trim(), name: text.slice(end).trim() };
}

const asQuantity = (read: NumberRead, unit: Unit, unitTyped: boolean): QuantityRead =>
  read.kind === 'number' ? { kind: 'quantity', quantity: { value: read.value, unit }, unitTyped } : read;
