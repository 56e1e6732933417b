import { z } from 'zod';
import { invalid, refusal, type Expected, type Refusal, type Result } from '../core/result';
import {
  doubtIn,
  isUnit,
  parseDay,
  type CalendarDay,
  type Quantity,
  type Rate,
  type Unit,
} from '../core/units';

/** No amount in the field is larger, and sums of such numbers stay exact enough. */
export const LARGEST = 1e12;
const LONGEST_LIST = 10_000;

const because = (expected: Expected, facts: Record<string, unknown> = {}) => ({
  params: { ...facts, expected },
});

export const number = z.number().min(-LARGEST).max(LARGEST);
export const flag = z.boolean();
/** Checked against the unit table after the shape, so that an unknown unit has a refusal of its own. */
export const unit = z.string().transform((text) => text as Unit);
export const quantityShape = z.strictObject({ value: number, unit }).transform((q) => q as Quantity);
export const rateShape = z
  .strictObject({ amount: quantityShape, per: quantityShape })
  .transform((r) => r as Rate);
export const day = z
  .string()
  .refine((text) => parseDay(text) !== null, because('a-date'))
  .transform((text) => text as CalendarDay);

/** An optional key; null counts as absent. */
export const optional = <S extends z.ZodType>(shape: S) =>
  shape.nullish().transform((value) => (value === null ? undefined : value) as z.output<S> | undefined);

export const list = <S extends z.ZodType>(shape: S, longest = LONGEST_LIST) => z.array(shape).max(longest);

/** A map from names; a name whose value is null counts as absent. */
export const mapOf = <S extends z.ZodType>(shape: S) =>
  z
    .record(z.string(), shape.nullish())
    .transform(
      (record) =>
        new Map(
          Object.entries(record).filter((entry) => entry[1] !== null && entry[1] !== undefined),
        ) as ReadonlyMap<string, NonNullable<z.output<S>>>,
    );

/**
 * Reads what a person or a file sent: first its shape, then its units. Every reason for a refusal is told, each with
 * the dotted path of the value.
 */
export function read<S extends z.ZodType>(
  schema: S,
  raw: unknown,
): Result<z.output<S>, 'invalid-input' | 'unknown-unit'> {
  const parsed = readShape(schema, raw);
  if ('refused' in parsed) return parsed;
  const unknown = findUnknownUnits(raw, '');
  return unknown.length > 0 ? { refused: unknown } : parsed;
}

/** The same for what holds no quantities: whatever is called a unit in it is not looked at. */
export function readShape<S extends z.ZodType>(
  schema: S,
  raw: unknown,
): Result<z.output<S>, 'invalid-input'> {
  const parsed = schema.safeParse(raw, { reportInput: true });
  return parsed.success ? { ok: parsed.data } : { refused: parsed.error.issues.flatMap(refusalsOf) };
}

function findUnknownUnits(value: unknown, path: string): Refusal<'unknown-unit'>[] {
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, child]) => {
    const here = path === '' ? key : `${path}.${key}`;
    if ((key === 'unit' || here === 'to') && typeof child === 'string')
      return isUnit(child) ? [] : [refusal('unknown-unit', here, { unit: child.slice(0, 40) })];
    return findUnknownUnits(child, here);
  });
}

function refusalsOf(issue: z.core.$ZodIssue): Refusal<'invalid-input'>[] {
  const path = issue.path.map(String).join('.');
  switch (issue.code) {
    case 'invalid_type': {
      const doubt = issue.expected === 'number' ? doubtIn(issue.input) : null;
      if (doubt) return [invalid(path, 'one-reading', { first: doubt[0], second: doubt[1] })];
      return [
        invalid(path, issue.input === undefined ? 'needed' : expectedOf(issue.expected), seenIn(issue.input)),
      ];
    }
    case 'unrecognized_keys':
      return issue.keys.map((key) =>
        invalid(path === '' ? key : `${path}.${key}`, 'a-known-key', { key: key.slice(0, 60) }),
      );
    case 'invalid_value':
      return [invalid(path, 'one-of', { choices: issue.values.map(String), ...seenIn(issue.input) })];
    case 'too_big':
      return [
        invalid(
          path,
          issue.origin === 'array'
            ? 'shorter-list'
            : issue.origin === 'string'
              ? 'shorter-text'
              : 'a-number-in-range',
          {
            limit: Number(issue.maximum),
            from: -Number(issue.maximum),
            to: Number(issue.maximum),
          },
        ),
      ];
    case 'too_small':
      return [
        issue.origin === 'number'
          ? invalid(path, 'a-number-in-range', { from: Number(issue.minimum), to: LARGEST })
          : invalid(path, 'not-empty', { limit: Number(issue.minimum) }),
      ];
    case 'invalid_union':
      return issue.discriminator === undefined && issue.errors[0]
        ? issue.errors[0].flatMap((inner) => refusalsOf({ ...inner, path: [...issue.path, ...inner.path] }))
        : [invalid(path, 'one-of', seenIn(issue.input))];
    case 'custom': {
      const { expected, ...facts } = (issue.params ?? { expected: 'needed' }) as { expected: Expected };
      return [invalid(path, expected, { ...facts, ...seenIn(issue.input) })];
    }
    default:
      return [invalid(path, 'text', seenIn(issue.input))];
  }
}

function expectedOf(zodType: string): Expected {
  switch (zodType) {
    case 'number':
    case 'int':
    case 'nan':
      return 'a-number';
    case 'boolean':
      return 'true-or-false';
    case 'array':
    case 'tuple':
      return 'a-list';
    case 'object':
    case 'record':
      return 'an-object';
    default:
      return 'text';
  }
}

/** What stood there. A number stays one, so that it is told in the manner of whoever typed it. */
function seenIn(value: unknown): Record<string, string | number> {
  if (value === undefined) return {};
  if (typeof value === 'number') return { seen: value };
  return {
    seen:
      typeof value === 'object' ? (value === null ? 'null' : 'a list or object') : String(value).slice(0, 40),
  };
}
