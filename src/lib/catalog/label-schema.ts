import { z } from 'zod';
import {
  CLAUSE_KEYS,
  FAMILIES,
  FORMS,
  METHODS,
  moreFields,
  SITES,
  type LabelCard,
  type MoreField,
} from '../core/labels';
import { ALL_UNITS, type Unit } from '../core/units';

const text = z.string().min(1).max(600);
const unit = z.enum(ALL_UNITS as [Unit, ...Unit[]]);
const quantity = z.strictObject({ value: z.number().positive(), unit });
const span = z.tuple([z.number(), z.number()]);
/** A range of which one end may not be stated. */
const ends = z.tuple([z.number().nullable(), z.number().nullable()]);
const days = z.number().int().positive();
const positive = z.number().positive();
const month = z.number().int().min(1).max(12);

const cap = z.strictObject({ of: z.enum(['product', 'active']), amount: quantity, per: quantity });

/** What a clause may say, by the table of clauses. */
function valueOf(field: MoreField): z.ZodType<string | number | boolean> {
  if (field.kind === 'tick') return z.literal(true);
  if (field.kind === 'choice') return z.enum(field.choices as [string, ...string[]]);
  if (field.kind === 'text') return text;
  return z
    .number()
    .min(field.from ?? 0)
    .max(field.to ?? 1e9);
}
const moreOf = (of: 'card' | 'use') =>
  z.strictObject(Object.fromEntries(moreFields(of).map(([key, field]) => [key, valueOf(field).optional()])));

const stepOf = { by: z.enum(['pest', 'stage', 'severity', 'drop']), of: text };

const use = z.strictObject({
  sites: z.array(z.enum(SITES)).min(1),
  method: z.enum(METHODS),
  targets: z.array(
    z.strictObject({
      pest: text,
      stages: z.array(text),
      grade: z.enum(['strong', 'fair', 'weak', 'none', 'harmful']).nullable(),
      reason: z.string().max(600),
    }),
  ),
  rate: z
    .strictObject({
      min: positive.nullable(),
      max: positive.nullable(),
      unit,
      per: quantity,
      basis: z.enum(['target', 'mix']),
    })
    .nullable(),
  steps: z.array(
    z.strictObject({
      ...stepOf,
      and: z.array(z.strictObject(stepOf)).max(3).optional(),
      ...{ min: positive, max: positive },
    }),
  ),
  carrier: z.strictObject({ amount: quantity, per: quantity }).nullable(),
  months: z.array(month).min(1).nullable(),
  noSoonerThanDays: days.nullable(),
  aboutEveryDays: days.nullable(),
  maxPerYear: days.nullable(),
  cap: cap.nullable(),
  wateringIn: z.strictObject({ mm: positive, mostMm: positive.nullable(), withinHours: days }).nullable(),
  dryHours: days.nullable(),
  rainFreeHours: days.nullable(),
  maxWindKmh: positive.nullable(),
  minWindKmh: positive.nullable(),
  tempC: ends.nullable(),
  soilC: ends.nullable(),
  keepFromSun: z.boolean(),
  waterBufferM: positive.nullable(),
  hardGround: z.enum(['band', 'spots', 'no']).nullable(),
  wallAboveHard: z.enum(['yes', 'no']).nullable(),
  maxHeightM: positive.nullable(),
  edibles: z.enum(['yes', 'no']).nullable(),
  preHarvestDays: z.number().int().nonnegative().nullable(),
  foodAreas: z.enum(['yes', 'crevices', 'no']).nullable(),
  notOnFoodContact: z.boolean(),
  keepFromLive: z.boolean(),
  notOnBloom: z.boolean(),
  reEntry: z.enum(['until-dry', 'until-watered-in', 'hours', 'none']),
  reEntryHours: positive.nullable(),
  daysToEffect: span.nullable(),
  protectsDays: days.nullable(),
  carrierMost: quantity.nullable().optional(),
  alsoCap: cap.nullable().optional(),
  monthsFor: z.enum(['north', 'south']).optional(),
  more: moreOf('use').optional(),
});

/** A label card as a file holds it. What it contradicts itself in is for the label check, not for the schema. */
export const labelSchema = z.strictObject({
  id: z
    .string()
    .min(1)
    .max(80)
    .regex(/^[a-z0-9][a-z0-9-]*$/),
  version: days,
  name: text,
  maker: text,
  demonstration: z.boolean(),
  registration: text.nullable(),
  form: z.enum(FORMS),
  family: z.enum(FAMILIES),
  actives: z
    .array(
      z.strictObject({
        name: text,
        percent: positive.max(100).nullable(),
        gramsPerLitre: positive.max(2000).nullable(),
        group: text.nullable(),
      }),
    )
    .max(6),
  densityKgPerL: positive.max(5).nullable(),
  signalWord: text.nullable(),
  uses: z.array(use).min(1).max(40),
  ppe: z.array(text).max(20),
  ownPpe: z.array(text).max(20),
  filterOut: z.boolean(),
  repellent: z.boolean(),
  mixWithOthers: z.enum(['yes', 'no']).nullable(),
  clauses: z.partialRecord(z.enum(CLAUSE_KEYS), z.strictObject({ at: text, text })),
  firstAid: text.nullable(),
  storeC: span.nullable(),
  flammable: z.boolean(),
  shelfLifeMonths: days.nullable(),
  openedDays: days.nullable(),
  disposal: text.nullable(),
  licenceNeeded: z.boolean().nullable(),
  allowedIn: z.array(text).max(60),
  container: z.strictObject({ size: quantity }),
  otherSizes: z.array(quantity).max(20),
  more: moreOf('card').optional(),
}) as unknown as z.ZodType<LabelCard>;

export const CARDS_FORMAT = 'nimsy-label-cards';
export const MOST_CARDS = 20_000;

/** What a file of cards holds: one card, or a shelf of them. */
export const cardsShape = z.union([
  labelSchema,
  z.strictObject({
    format: z.literal(CARDS_FORMAT),
    version: z.literal(1),
    cards: z.array(labelSchema).min(1).max(MOST_CARDS),
  }),
]);

type Old = Record<string, unknown> & { use: Record<string, unknown> };
const isOld = (card: unknown): card is Old =>
  typeof card === 'object' && card !== null && 'use' in card && !('uses' in card);

/** A card of the first shape (one use, on turf) in the present one; anything else as it is. */
export function upgraded(card: unknown): unknown {
  if (!isOld(card)) return card;
  const { use: old, ...rest } = card;
  const { site: _, rate, cap, wateringIn, ...limits } = old;
  const actives = Array.isArray(rest.actives) ? (rest.actives as object[]) : [];
  return {
    ...rest,
    actives: actives.map((active) => ({ ...active, gramsPerLitre: null })),
    ...{ densityKgPerL: null, ownPpe: [], repellent: rest.family === 'residual', mixWithOthers: null },
    ...{ storeC: null, flammable: false, shelfLifeMonths: null, openedDays: null, disposal: null },
    ...{ licenceNeeded: null, allowedIn: [], otherSizes: [] },
    uses: [
      {
        ...limits,
        sites: ['turf'],
        method: rest.form === 'granule' ? 'spread' : 'spray',
        rate: { ...(rate as object), basis: 'target' },
        steps: [],
        months: null,
        cap: cap ? { of: 'product', ...cap } : null,
        wateringIn: wateringIn ? { mostMm: null, ...wateringIn } : null,
        ...{ dryHours: null, hardGround: null, wallAboveHard: null, maxHeightM: null, edibles: null },
        ...{ preHarvestDays: null, foodAreas: null, notOnFoodContact: false, keepFromLive: false },
        reEntryHours: null,
      },
    ],
  };
}

/** A card as it was stored, in whichever shape; throws a ZodError where it is no card. */
export const readCard = (card: unknown): LabelCard => labelSchema.parse(upgraded(card));
