import { z } from 'zod';
import type { KitchenRemedy } from '../core/choose';
import {
  FIRST_SEEN,
  GUIDE_GROUPS,
  REGIONS,
  REMEDY_FAMILIES,
  SURROUNDINGS,
  type Candidate,
  type FieldTest,
  type GuideEntry,
  type Sign,
} from '../core/identify';
import { ALL_UNITS, type Unit } from '../core/units';

const text = z.string().min(1).max(600);
const grade = z.enum(['strong', 'fair', 'weak', 'none', 'harmful']);
const share = z.number().min(0).max(1);
const quantity = z.strictObject({
  value: z.number().positive(),
  unit: z.enum(ALL_UNITS as [Unit, ...Unit[]]),
});
const span = z.tuple([z.number(), z.number()]).refine(([from, to]) => from <= to, 'from must not pass to');

const surrounding = z.enum(SURROUNDINGS);
const month = z.number().int().min(1).max(12);

export const signSchema: z.ZodType<Sign> = z.strictObject({
  id: text,
  name: text,
  how: text,
  places: z.array(surrounding).min(1),
  together: text.nullable(),
  values: z
    .array(z.strictObject({ id: text, name: text, drawing: z.string().max(60).exactOptional() }))
    .min(2)
    .nullable(),
  usual: share,
  misread: share.exactOptional(),
  effortSeconds: z.number().int().positive(),
  tool: text.nullable(),
  about: z.array(z.enum(FIRST_SEEN)).min(1),
  night: z.boolean(),
  drawn: z.boolean(),
  pictured: z.literal(false).exactOptional(),
});

export const fieldTestSchema: z.ZodType<FieldTest> = z.strictObject({
  id: text,
  name: text,
  places: z.array(surrounding).min(1),
  basis: z.enum(['m2', '100 m2', 'night', 'minute', 'spot']),
  count: text,
  each: text,
  catches: z.array(text),
  frame: quantity,
  units: z.array(quantity.shape.unit).min(1),
  spots: z.number().int().min(2).max(20),
  steps: z.array(z.strictObject({ text, seconds: z.number().int().positive().nullable() })).min(1),
  recipe: z.array(z.strictObject({ what: text, perM2: quantity })),
  not: text,
});

const year = z.array(z.number().nonnegative()).length(12);

export const candidateSchema: z.ZodType<Candidate> = z.strictObject({
  id: text,
  name: text,
  scientific: text.nullable(),
  kind: z.enum(['insect', 'not-insect']),
  status: z.enum(['pest', 'useful', 'protected', 'notifiable', 'dangerous']),
  concerns: z.array(z.enum(['medical', 'structural', 'food', 'stings'])),
  places: z.partialRecord(surrounding, z.number().positive().max(1)),
  season: year,
  hours: z.enum(['day', 'night']).exactOptional(),
  seasonIn: z.partialRecord(z.enum(REGIONS), year).exactOptional(),
  regions: z.array(z.enum(REGIONS)).min(1).exactOptional(),
  statusIn: z
    .partialRecord(z.enum(REGIONS), z.enum(['pest', 'useful', 'protected', 'notifiable', 'dangerous']))
    .exactOptional(),
  group: text.exactOptional(),
  signs: z.record(text, z.union([share, z.record(text, share)])),
  stages: z.array(
    z.strictObject({
      id: text,
      name: text,
      months: z.array(month),
      shares: z.array(share).length(12).exactOptional(),
      lengthMm: span,
    }),
  ),
  threshold: z
    .strictObject({
      test: text,
      at: span,
      presence: z.literal(true).exactOptional(),
      source: text,
      regions: z.array(z.enum(REGIONS)).min(1).exactOptional(),
    })
    .nullable(),
  telling: text,
  ruleOut: z
    .strictObject({
      sign: text,
      is: z.union([z.boolean(), text, z.array(text).min(2)]),
      always: z.union([z.boolean(), z.array(z.number().int().min(1).max(12)).min(1)]),
    })
    .nullable(),
  doNow: text,
  doNot: text,
  colony: z.literal('comb').exactOptional(),
  culture: z.string().max(600),
  drawn: z.boolean(),
});

export const guideSchema: z.ZodType<GuideEntry> = z.strictObject({
  group: z.enum(GUIDE_GROUPS),
  where: text,
  lookAlikes: z.array(z.strictObject({ id: text, tell: text })),
  families: z.array(
    z.strictObject({
      family: z.enum(REMEDY_FAMILIES),
      grade,
      daysToEffect: span,
      note: z.string().max(300),
    }),
  ),
  recheck: z.string().max(600),
  call: text,
});

export const kitchenSchema: z.ZodType<KitchenRemedy> = z.strictObject({
  id: text,
  name: text,
  words: z.array(text),
  pests: z.array(text).min(1),
  grade,
  why: text,
  harms: text,
  instead: text,
  recipe: z
    .strictObject({
      makes: quantity,
      of: text,
      parts: z.array(z.strictObject({ what: text, amount: quantity })).min(1),
      freshHours: z.number().positive(),
      storage: text,
    })
    .nullable(),
  tryDays: z.number().int().min(1).max(60).nullable(),
});
