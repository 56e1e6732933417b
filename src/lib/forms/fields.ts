import { z } from 'zod';
import type { Expected, Refusal } from '../core/result';
import {
  AS,
  BEFORE,
  CLOCK,
  DATE_ORDERS,
  DAY,
  doubtfulText,
  fromKept,
  IN,
  isUnit,
  keptFrom,
  MOST,
  NUMBER_MANNERS,
  parseDay,
  readClock,
  readDay,
  readTyped,
  TODAY,
  UNIT,
  yearOf,
  type CalendarDay,
  type DateOrder,
  type NumberManner,
  type Unit,
} from '../core/units';
import { hourText, parseHour } from './calc/windows-schema';

/** What a form sent: dotted names and text. A name that comes twice keeps its first value. */
export type Fields = ReadonlyMap<string, string>;

/** A form with more fields, or a longer one, is none of ours; what stands behind is not looked at. */
export const MOST_FIELDS = 3000;

/** No field of ours reaches into what every object inherits. */
const INHERITED = /(?:^|\.)__proto__(?:\.|$)/;

export function fieldsOf(form: FormData): Fields {
  const fields = new Map<string, string>();
  for (const [name, value] of form)
    if (typeof value === 'string' && !fields.has(name) && fields.size < MOST_FIELDS && !INHERITED.test(name))
      fields.set(name, value);
  for (const [name, manner] of fields) {
    const field = name.endsWith(AS) ? name.slice(0, -AS.length) : null;
    if (field === null || !isManner(manner)) continue;
    const typed = fields.get(field);
    const most = Number(fields.get(`${field}${MOST}`) ?? Infinity);
    if (typed !== undefined)
      fields.set(field, asWritten(typed, manner, unitOf(fields, field), most > 0 ? most : Infinity));
  }
  for (const [name, order] of fields) {
    if (name.endsWith(DAY)) readDayOf(fields, name.slice(0, -DAY.length), order);
    else if (name.endsWith(CLOCK)) {
      const field = name.slice(0, -CLOCK.length);
      fields.set(field, readClock(fields.get(field) ?? '') ?? fields.get(field) ?? '');
    }
  }
  for (const [name, unit] of fields) {
    const field = name.endsWith(IN) ? name.slice(0, -IN.length) : null;
    const typed = field === null ? undefined : toNumber(fields.get(field));
    if (field === null || typeof typed !== 'number') continue;
    const before = toNumber(fields.get(`${field}${BEFORE}`));
    fields.set(field, String(keptFrom(typed, unit, typeof before === 'number' ? before : null)));
  }
  return fields;
}

/** A day as it was typed, as the core writes it; what is no day stays as it is, to be refused. */
function readDayOf(fields: Map<string, string>, field: string, order: string): void {
  const today = parseDay(fields.get(`${field}${TODAY}`) ?? '');
  const typed = fields.get(field);
  if (typed === undefined || !today || !(DATE_ORDERS as readonly string[]).includes(order)) return;
  const day = readDay(typed, order as DateOrder, today);
  if (day) fields.set(field, day);
}

const isManner = (text: string): text is NumberManner => (NUMBER_MANNERS as readonly string[]).includes(text);

/** The unit that a number of a form is in: of the pair that it is typed with, or told beside it. */
function unitOf(fields: Fields, field: string): string | undefined {
  const pair = field.endsWith('.value') ? fields.get(`${field.slice(0, -'.value'.length)}.unit`) : undefined;
  return pair ?? fields.get(`${field}${IN}`) ?? fields.get(`${field}${UNIT}`);
}

/** What was typed in a manner as a plain number; a doubtful one by both its readings; what is no number stays as it is. */
function asWritten(typed: string, manner: NumberManner, unit: string | undefined, most: number): string {
  const read = readTyped(typed, manner, unit, most);
  if (read.kind === 'blank') return '';
  if (read.kind === 'number') return String(read.value);
  return read.kind === 'ambiguous' ? doubtfulText(read.readings) : typed;
}

/** Refusals with their bounds in the units in which the fields were typed. */
export function asTyped(refused: readonly Refusal[], fields: Fields): readonly Refusal[] {
  return refused.map((r) => {
    const unit = fields.get(`${r.path}${IN}`);
    if (unit === undefined) return r;
    const turned = Object.fromEntries(
      ['from', 'to', 'seen'].flatMap((key) => {
        const number = toNumber(r.facts[key]);
        return typeof number === 'number' ? [[key, Number(fromKept(number, unit).toPrecision(3))]] : [];
      }),
    );
    return { ...r, facts: { ...r.facts, ...turned } };
  });
}

/** The dotted names as a tree: `tank.value` becomes `{ tank: { value } }`, `counts.0` an entry of a list. */
export function treeOf(fields: Fields): Record<string, unknown> {
  const tree: Record<string, unknown> = Object.create(null) as Record<string, unknown>;
  for (const [name, value] of fields) {
    if (name.includes('~')) continue;
    const steps = name.slice(0, 200).split('.').slice(0, 6);
    let node = tree;
    steps.forEach((step, i) => {
      if (i === steps.length - 1) node[step] = value;
      else node = node[step] = asNode(node[step]);
    });
  }
  return tree;
}

function asNode(value: unknown): Record<string, unknown> {
  return typeof value === 'object' && value !== null
    ? (value as Record<string, unknown>)
    : (Object.create(null) as Record<string, unknown>);
}

const because = (expected: Expected, facts: Record<string, unknown> = {}) => ({
  params: { ...facts, expected },
});
/** Of a plain number; longer text is not matched against anything. */
const LONGEST_PLAIN = 40;
const PLAIN_NUMBER = /^[+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:e[+-]?\d{1,3})?$/i;

/** Text as a number where it is one; an empty field is a missing one; other text is left to be refused. */
function toNumber(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  if (value.length > LONGEST_PLAIN) return value.trim() === '' ? undefined : value;
  const text = value.trim();
  if (text === '') return undefined;
  return PLAIN_NUMBER.test(text) ? Number(text) : value;
}

/** A number from `from` to `to`, as a number or as text typed into a field. */
export function numeric(from: number, to: number) {
  return z.preprocess(
    toNumber,
    z.number().refine((n) => n >= from && n <= to, because('a-number-in-range', { from, to })),
  );
}

/** A whole number from `from` to `to`. */
export function whole(from: number, to: number) {
  return z.preprocess(
    toNumber,
    z
      .number()
      .refine((n) => Number.isInteger(n) && n >= from && n <= to, because('whole-number', { from, to })),
  );
}

/** A field that may stay empty: null then. */
export function orNothing<S extends z.ZodType>(shape: S) {
  return z.preprocess((value) => (isBlank(value) ? null : value), shape.nullable());
}

const isBlank = (value: unknown): boolean =>
  value === undefined || value === null || (typeof value === 'string' && value.trim() === '');

/** Markup has no place in a note, and would be read out loud as gibberish by whoever gets the record. */
const MARKUP = /<\s*[/!?a-z]/i;

/** Text of a person: trimmed, at most `most` characters, without markup; it may be empty. */
export function plainText(most: number) {
  return z.preprocess(
    (value) => (value === undefined ? '' : value),
    z
      .string()
      .trim()
      .max(most)
      .refine((text) => !MARKUP.test(text) && !text.includes('\u0000'), because('plain-text')),
  );
}

/** The same, but needed. */
export function neededText(most: number) {
  return plainText(most).refine((text) => text.length > 0, because('needed'));
}

/** A checkbox: ticked or not. */
export const ticked = z.preprocess(
  (value) => value === true || value === 'on' || value === 'true',
  z.boolean(),
);

export const dayField = z
  .string()
  .refine(isOfOurTime, because('a-date'))
  .transform((text) => text as CalendarDay);

/** A day that exists, in a year that somebody may have to do with. */
function isOfOurTime(text: string): boolean {
  const day = parseDay(text);
  return day !== null && yearOf(day) >= 1900 && yearOf(day) < 2200;
}

const CLOCK_TIME = /^([01]\d|2[0-3]):[0-5]\d$/;
export const clockField = z.string().refine((text) => CLOCK_TIME.test(text), because('a-clock-time'));

/** An hour such as 2027-09-16T18:00, as hours since the epoch in the place's own offset. */
export const hourField = z.preprocess(
  (value) => (typeof value === 'number' ? hourText(value) : value),
  z
    .string()
    .refine((text) => parseHour(text) !== null, because('an-hour'))
    .transform((text) => parseHour(text)?.hour ?? 0),
);

/** An amount with one of the given units. */
export function amount(units: readonly Unit[], from: number, to: number) {
  return z.strictObject({
    value: numeric(from, to),
    unit: z
      .string()
      .refine((text) => isUnit(text) && units.includes(text), because('one-of', { choices: units }))
      .transform((text) => text as Unit),
  });
}

/** An amount whose number was left empty counts as not given: null then. */
export function orNoAmount<S extends z.ZodType>(shape: S) {
  return z.preprocess((value) => {
    const number = (value as { value?: unknown } | null | undefined)?.value;
    return number === undefined || number === '' ? null : value;
  }, shape.nullable());
}

/** One of the names that the caller knows, such as the pests of the catalogue. */
export function knownName(known: ReadonlySet<string>) {
  return z.string().refine((name) => known.has(name), because('one-of'));
}

/** A list sent as numbered fields, or read back as a list. */
export function listed<S extends z.ZodType>(shape: S, least: number, most: number) {
  return z.preprocess(
    (value) =>
      Array.isArray(value) || value === undefined || typeof value !== 'object' || value === null
        ? value
        : Object.keys(value)
            .filter((key) => /^\d{1,2}$/.test(key))
            .sort((a, b) => Number(a) - Number(b))
            .map((key) => (value as Record<string, unknown>)[key]),
    z.array(shape).min(least).max(most),
  );
}

/** Zones that were found to exist; asking the platform takes longer than all other fields of a form together. */
const KNOWN_ZONES = new Set<string>(['UTC']);

function isZone(name: string): boolean {
  if (KNOWN_ZONES.has(name)) return true;
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    KNOWN_ZONES.add(name);
    return true;
  } catch {
    return false;
  }
}

/** The name of a time zone, such as Europe/London. */
/** Ticks come as names with "on", and are kept as a list. */
export const namesTicked = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && !Array.isArray(value) ? Object.keys(value) : (value ?? []);

/** What names a zone of a plan. */
export const planZoneId = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);

export const zoneField = z.string().max(60).refine(isZone, because('one-of'));
