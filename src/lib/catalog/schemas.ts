import { z } from 'zod';
import { FAMILIES, type LabelCard } from '../core/labels';
import type { Candidate, Sign } from '../core/identify';
import { ALL_UNITS, type Unit } from '../core/units';

const text = z.string().min(1).max(600);
const share = z.number().min(0).max(1);
const quantity = z.strictObject({
  value: z.number().positive(),
  unit: z.enum(ALL_UNITS as [Unit, ...Unit[]]),
});
const span = z.tuple([z.number(), z.number()]).refine(([from, to]) => from <= to, 'from must not pass to');

export const signSchema: z.ZodType<Sign> = z.strictObject({
  id: text,
  name: text,
  how: text,
  effortSeconds: z.number().int().positive(),
});

export const candidateSchema: z.ZodType<Candidate> = z.strictObject({
  id: text,
  name: text,
  scientific: text.nullable(),
  kind: z.enum(['insect', 'not-insect']),
  status: z.enum(['pest', 'protected', 'dangerous']),
  season: z.array(z.number().nonnegative()).length(12),
  signs: z.record(text, share),
  stages: z.array(
    z.strictObject({
      id: text,
      name: text,
      months: z.array(z.number().int().min(1).max(12)),
      lengthMm: span,
    }),
  ),
  threshold: z
    .strictObject({ test: z.enum(['turf-flap', 'soap-flush']), perM2: span, source: text })
    .nullable(),
  telling: text,
  doNow: text,
  doNot: text,
  culture: z.string().max(600),
});

const clause = z.strictObject({ at: text, text });
const days = z.number().int().positive();

export const labelSchema: z.ZodType<LabelCard> = z.strictObject({
  id: text,
  version: days,
  name: text,
  maker: text,
  demonstration: z.boolean(),
  registration: text.nullable(),
  form: z.enum(['granule', 'concentrate', 'nematodes']),
  family: z.enum(FAMILIES),
  actives: z.array(
    z.strictObject({
      name: text,
      percent: z.number().positive().max(100).nullable(),
      group: text.nullable(),
    }),
  ),
  signalWord: text.nullable(),
  use: z.strictObject({
    site: z.literal('turf'),
    targets: z.array(
      z.strictObject({
        pest: text,
        stages: z.array(text),
        grade: z.enum(['strong', 'fair', 'weak', 'none', 'harmful']),
        reason: text,
      }),
    ),
    rate: z
      .strictObject({
        min: z.number().positive(),
        max: z.number().positive(),
        unit: quantity.shape.unit,
        per: quantity,
      })
      .refine((rate) => rate.min <= rate.max, 'the least rate must not pass the most'),
    carrier: z.strictObject({ amount: quantity, per: quantity }).nullable(),
    noSoonerThanDays: days.nullable(),
    aboutEveryDays: days.nullable(),
    maxPerYear: days.nullable(),
    cap: z.strictObject({ amount: quantity, per: quantity }).nullable(),
    wateringIn: z.strictObject({ mm: z.number().positive(), withinHours: days }).nullable(),
    rainFreeHours: days.nullable(),
    maxWindKmh: z.number().positive().nullable(),
    minWindKmh: z.number().positive().nullable(),
    tempC: span.nullable(),
    soilC: span.nullable(),
    keepFromSun: z.boolean(),
    waterBufferM: z.number().positive().nullable(),
    notOnBloom: z.boolean(),
    reEntry: z.enum(['until-dry', 'until-watered-in', 'none']),
    daysToEffect: span,
    protectsDays: days.nullable(),
  }),
  ppe: z.array(text),
  filterOut: z.boolean(),
  clauses: z.partialRecord(
    z.enum([
      'pests',
      'rate',
      'interval',
      'yearly',
      'watering',
      'weather',
      'soil',
      'buffer',
      'bloom',
      'reEntry',
      'ppe',
      'filter',
      'storage',
    ]),
    clause,
  ),
  firstAid: text.nullable(),
  container: z.strictObject({ size: quantity }),
});
