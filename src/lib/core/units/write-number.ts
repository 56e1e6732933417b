import { localeOf, pointOf, type NumberManner } from './manner';

/** Formatters by manner and decimals: three manners, at most thirteen lengths; none is ever thrown away. */
const FORMATTERS = new Map<string, Intl.NumberFormat>();

function formatter(manner: NumberManner, least: number, most: number): Intl.NumberFormat {
  const key = `${manner} ${least} ${most}`;
  const known = FORMATTERS.get(key);
  if (known) return known;
  const made = new Intl.NumberFormat(localeOf(manner), {
    minimumFractionDigits: least,
    maximumFractionDigits: most,
    roundingMode: 'halfExpand',
  });
  FORMATTERS.set(key, made);
  return made;
}

/** A number for reading, with at most so many decimals and a mark between thousands. Less than nothing has a real minus. */
export function writeNumber(value: number, manner: NumberManner, decimals: number, least = 0): string {
  const rounded = formatter(manner, least, Math.max(least, decimals)).format(value === 0 ? 0 : value);
  return rounded === '-0' ? '0' : rounded.replace('-', '−').replace(/\u00a0/g, '\u202f');
}

/**
 * A number as a field shows it: all its figures, no mark between thousands, and never so that it could be read in two
 * ways: three decimals get a nought behind them (1.2500). `readNumber` gives the same number back in the same manner.
 *
 * @example entryText(1.25, '1.234,5') // '1,25'
 * @example entryText(2.625, '1,234.5') // '2.6250'
 */
export function entryText(value: number, manner: NumberManner): string {
  const plain = withoutPower(Math.abs(value));
  const [whole = '0', part] = plain.split('.');
  const sign = value < 0 ? '-' : '';
  if (part === undefined) return `${sign}${whole}`;
  const doubtful = part.length === 3 && /^[1-9]\d{0,2}$/.test(whole);
  return `${sign}${whole}${pointOf(manner)}${part}${doubtful ? '0' : ''}`;
}

/** The shortest decimal that is this number, without a power of ten. */
function withoutPower(value: number): string {
  const short = String(value);
  const [figures = '', power] = short.split('e');
  if (power === undefined) return short;
  const [whole = '', part = ''] = figures.split('.');
  const shift = Number(power);
  return shift < 0
    ? `0.${'0'.repeat(-shift - 1)}${whole}${part}`
    : `${whole}${part}${'0'.repeat(Math.max(0, shift - part.length))}`;
}
