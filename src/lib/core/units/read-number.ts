import { pointOf, type NumberManner } from './manner';

/** No number that a person types is longer; longer text is refused before anything looks at it. */
export const LONGEST_NUMBER = 40;

/**
 * What a person typed as a number. `ambiguous` is asked, never guessed: the first reading takes the mark for the decimal
 * one, the second for one between thousands.
 */
export type NumberRead =
  | { readonly kind: 'blank' }
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'ambiguous'; readonly readings: readonly [decimal: number, thousands: number] }
  | { readonly kind: 'unreadable' };

const UNREADABLE: NumberRead = { kind: 'unreadable' };
const found = (value: number): NumberRead =>
  Number.isFinite(value) ? { kind: 'number', value } : UNREADABLE;

/** Parts of one by their sign; the platform parts ¾ into "3⁄4" by itself. */
const PARTS = /[\u00bc-\u00be\u2150-\u215e]/g;
const SPACES = /[\u00a0\u2000-\u200a\u202f\u205f]/g;

/** Text with one kind of space, minus and fraction bar. */
export function plainMarks(text: string): string {
  return text
    .replace(PARTS, (part) => ` ${part.normalize('NFKD').replace('\u2044', '/')}`)
    .replace(SPACES, ' ')
    .replace(/[\u2212\u2013]/g, '-')
    .replace(/\u2044/g, '/')
    .trim();
}

/**
 * Reads a number as it was typed or pasted, in time that grows with the length of the text only. The manner decides what
 * its own marks mean; another manner's number is read too where it can mean one thing only ("12,5" is twelve and a half
 * everywhere). A decimal mark before exactly three figures may as well be somebody else's mark of thousands: `ambiguous`.
 * Fractions are read: "1 1/2", "3/4", "2¾". Longer than 40 signs, or anything else: `unreadable`.
 *
 * @example readNumber('12,5', '1,234.5') // { kind: 'number', value: 12.5 }
 * @example readNumber('1.250', '1.234,5') // { kind: 'number', value: 1250 }
 * @example readNumber('1.250', '1,234.5') // { kind: 'ambiguous', readings: [1.25, 1250] }
 */
export function readNumber(typed: string, manner: NumberManner): NumberRead {
  if (typed.length > LONGEST_NUMBER) return typed.trim() === '' ? { kind: 'blank' } : UNREADABLE;
  const text = plainMarks(typed);
  if (text === '') return { kind: 'blank' };
  const signed = /^[+-]/.test(text);
  const negative = text.startsWith('-');
  const read = readUnsigned(signed ? text.slice(1).trim() : text, manner);
  if (!negative) return read;
  if (read.kind === 'number') return found(-read.value);
  return read.kind === 'ambiguous'
    ? { kind: 'ambiguous', readings: [-read.readings[0], -read.readings[1]] }
    : read;
}

const FRACTION = /^(?:(\d{1,9}) )? ?(\d{1,5}) ?\/ ?(\d{1,5})$/;
const POWER = /^(\d{1,20}(?:\.\d{1,20})?)e([+-]?\d{1,3})$/i;

function readUnsigned(text: string, manner: NumberManner): NumberRead {
  if (text.includes('/')) {
    const [, whole, part, of] = FRACTION.exec(text.replace(/ {2,}/g, ' ')) ?? [];
    return part && of && Number(of) > 0 ? found(Number(whole ?? 0) + Number(part) / Number(of)) : UNREADABLE;
  }
  const power = POWER.exec(text);
  if (power) return found(Number(`${power[1]}e${power[2]}`));
  if (!/^[\d., ]+$/.test(text) || !/\d/.test(text)) return UNREADABLE;
  const [points, commas] = [text.split('.').length - 1, text.split(',').length - 1];
  if (points > 0 && commas > 0) return readBoth(text);
  const mark = points > 0 ? '.' : commas > 0 ? ',' : null;
  if (mark === null) return readGrouped(text, ' ');
  if (points + commas > 1) return readGrouped(text, mark);
  return readOne(text, mark, manner);
}

/** Both marks: the last one is the decimal mark. */
function readBoth(text: string): NumberRead {
  const decimal = text.lastIndexOf('.') > text.lastIndexOf(',') ? '.' : ',';
  const [whole = '', part = '', ...more] = text.split(decimal);
  if (more.length > 0 || !/^\d*$/.test(part)) return UNREADABLE;
  return withPart(readGrouped(whole, decimal === '.' ? ',' : '.'), part);
}

/** One mark, once. */
function readOne(text: string, mark: '.' | ',', manner: NumberManner): NumberRead {
  const [whole = '', part = ''] = text.split(mark);
  if (!/^\d*$/.test(part)) return UNREADABLE;
  const decimal = whole === '' ? withPart(found(0), part) : withPart(readGrouped(whole, ' '), part);
  if (decimal.kind !== 'number' || part.length !== 3 || !/^[1-9]\d{0,2}$/.test(whole)) return decimal;
  const thousands = Number(whole + part);
  const own = manner === '1 234,5' ? null : pointOf(manner) === '.' ? ',' : '.';
  return mark === own ? found(thousands) : { kind: 'ambiguous', readings: [decimal.value, thousands] };
}

const withPart = (whole: NumberRead, part: string): NumberRead =>
  whole.kind === 'number' ? found(Number(`${whole.value}.${part || '0'}`)) : whole;

/** Figures with a mark between thousands, or with none. */
function readGrouped(text: string, mark: string): NumberRead {
  const [first = '', ...groups] = text.split(mark);
  const well =
    /^\d+$/.test(first) &&
    (groups.length === 0 || (first.length <= 3 && groups.every((group) => /^\d{3}$/.test(group))));
  return well ? found(Number([first, ...groups].join(''))) : UNREADABLE;
}
