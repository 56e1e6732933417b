import { z } from 'zod';
import { PURPOSES } from '../core/case';
import { FIRST_SEEN, REGIONS, SURROUNDINGS } from '../core/identify';
import { PREMISES_KEYS, type Premises } from '../core/premises';
import type { Result } from '../core/result';
import {
  namesTicked,
  neededText,
  numeric,
  orNothing,
  plainText,
  planZoneId,
  ticked,
  treeOf,
  whole,
  zoneField,
  type Fields,
} from './fields';
import { read } from './shape';

const blankOr = <S extends z.ZodType>(shape: S) => orNothing(shape).default(null);

export const HOW_MANY = ['one', 'some', 'many'] as const;

export const caseForm = z
  .object({
    propertyId: z.uuid(),
    title: plainText(120),
    purpose: z.enum(PURPOSES).default('control'),
    surrounding: blankOr(z.enum(SURROUNDINGS)),
    kind: blankOr(z.enum(FIRST_SEEN)),
    many: blankOr(z.enum(HOW_MANY)),
    light: blankOr(z.enum(['day', 'night'])),
  })
  .refine((form) => form.title !== '' || form.kind !== null || form.purpose === 'routine', {
    path: ['title'],
    params: { expected: 'needed' },
  });
export type CaseForm = z.output<typeof caseForm>;

export const propertyForm = z.object({
  name: neededText(120),
  address: plainText(200),
  latitude: numeric(-90, 90),
  timeZone: zoneField,
  /** Part of the world; null for that of the time zone and latitude. */
  region: orNothing(z.enum(REGIONS)).default(null),
  byWater: ticked,
  avoidFromDeg: orNothing(numeric(0, 360)),
  avoidToDeg: orNothing(numeric(0, 360)),
  note: plainText(2000),
  customerId: orNothing(z.uuid()),
});
export type PropertyForm = z.output<typeof propertyForm>;

export const parseCase = (fields: Fields): Result<CaseForm> => read(caseForm, treeOf(fields));
export const parseProperty = (fields: Fields): Result<PropertyForm> => read(propertyForm, treeOf(fields));

const premisesForm = z.object(
  Object.fromEntries(PREMISES_KEYS.map((key) => [key, orNothing(z.enum(['yes', 'no']))])),
);
/** What was asked of a place and its people; what was left open was not asked. */
export function parsePremises(fields: Fields): Result<Premises['answers']> {
  const form = read(premisesForm, treeOf(fields));
  return 'ok' in form
    ? { ok: Object.fromEntries(Object.entries(form.ok).filter(([, answer]) => answer !== null)) }
    : form;
}

const groundForm = z.object({ name: neededText(60), off: ticked });
const tieForm = z.object({
  name: neededText(60),
  zones: z.preprocess(namesTicked, z.array(planZoneId).max(300)),
});
/** Where a named ground of a property lies on its plan: the zones that are ticked, none for nowhere that is known. */
export const parseTie = (fields: Fields): Result<z.output<typeof tieForm>> => read(tieForm, treeOf(fields));

/** A ground of a property that is named, or whose name is taken off. */
export const parseGround = (fields: Fields): Result<z.output<typeof groundForm>> =>
  read(groundForm, treeOf(fields));

/** A kitchen remedy that is tried in a case for so many days. */
export const tryingForm = z.object({
  remedy: z.string().min(1).max(60),
  case: whole(1, 1_000_000),
  days: whole(1, 60),
});
export const parseTrying = (fields: Fields): Result<z.output<typeof tryingForm>> =>
  read(tryingForm, treeOf(fields));
