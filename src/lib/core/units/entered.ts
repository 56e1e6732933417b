import { fromBase, inBase, valueIn } from './quantity';

/** What people read off an instrument, with the unit in which each is kept. */
export const KEPT_IN = {
  wind: 'km/h',
  temperature: 'C',
  length: 'm',
  body: 'mm',
  rain: 'mm',
  density: 'per m2',
} as const;

export type Measure = keyof typeof KEPT_IN;
export type System = 'metric' | 'us' | 'uk';
export type EnteredUnit = 'km/h' | 'mph' | 'C' | 'F' | 'm' | 'ft' | 'mm' | 'in' | 'per m2' | 'per ft2';

const ENTERED_IN: Record<System, Partial<Record<Measure, EnteredUnit>>> = {
  metric: {},
  us: { wind: 'mph', temperature: 'F', length: 'ft', body: 'in', rain: 'in', density: 'per ft2' },
  uk: { wind: 'mph' },
};

/** The unit in which people of a system of measures enter something. */
export const enteredUnit = (measure: Measure, system: System): EnteredUnit =>
  ENTERED_IN[system][measure] ?? KEPT_IN[measure];

const KM_PER_MILE = inBase({ value: 1, unit: 'mi' }) / 1000;
const SQUARE_FOOT_M2 = inBase({ value: 1, unit: 'ft2' });

/** From each unit that is not a kept one: to the kept one and back. */
const TURNS: Partial<Record<string, readonly [to: (n: number) => number, back: (n: number) => number]>> = {
  mph: [(n) => n * KM_PER_MILE, (n) => n / KM_PER_MILE],
  F: [(n) => valueIn({ value: n, unit: 'F' }, 'C'), (n) => valueIn({ value: n, unit: 'C' }, 'F')],
  ft: [(n) => inBase({ value: n, unit: 'ft' }), (n) => fromBase(n, 'ft')],
  in: [(n) => inBase({ value: n, unit: 'in' }) * 1000, (n) => fromBase(n / 1000, 'in')],
  'per ft2': [(n) => n / SQUARE_FOOT_M2, (n) => n * SQUARE_FOOT_M2],
};

/** A number entered in `unit`, in the unit that its measure is kept in. A unit that is not known changes nothing. */
export const toKept = (value: number, unit: string): number => TURNS[unit]?.[0](value) ?? value;

/** A kept number in `unit`; the reverse of `toKept`. */
export const fromKept = (value: number, unit: string): number => TURNS[unit]?.[1](value) ?? value;

/**
 * A kept number in `unit`, short, yet the same number again by `keptFrom`.
 *
 * @example enteredNumber(3, 'ft') // 9.84
 */
export const enteredNumber = (kept: number, unit: string): number =>
  TURNS[unit] === undefined ? kept : Number(fromKept(kept, unit).toPrecision(3));

/**
 * What a field holds, in the kept unit. Where it still shows the number that was kept before, that number is meant,
 * so that saving a form again and again never drifts.
 */
export function keptFrom(entered: number, unit: string, before: number | null): number {
  if (TURNS[unit] === undefined) return entered;
  if (before !== null && enteredNumber(before, unit) === entered) return before;
  return Number(toKept(entered, unit).toPrecision(12));
}

/** Beside a field that was typed in another unit than its number is kept in: that unit, and what was kept before. */
export const IN = '~in';
export const BEFORE = '~before';
/** Beside a field that holds a number: the manner in which it was typed, and the unit that it is in by the page. */
export const AS = '~as';
export const UNIT = '~unit';
/** Beside a field of which a larger number is none: by it a doubtful number may be settled. */
export const MOST = '~most';
/** Beside a field that holds a day: the order of its figures, and which day is today; beside a time: its hours. */
export const DAY = '~day';
export const TODAY = '~today';
export const CLOCK = '~clock';

/** A number that can be read in two ways, on its way to being refused by name: no number looks like it. */
export const doubtfulText = ([decimal, thousands]: readonly [number, number]): string =>
  `~${decimal}~${thousands}`;

/** The two readings of a doubtful number, or null where the text is none. */
export function doubtIn(text: unknown): readonly [number, number] | null {
  if (typeof text !== 'string' || !text.startsWith('~') || text.length > 60) return null;
  const [, a, b] = text.split('~').map(Number);
  return a !== undefined && b !== undefined && Number.isFinite(a) && Number.isFinite(b) ? [a, b] : null;
}
