import { EXPECTED_BECAUSE, MOST_TRIED, PURPOSES, TANK_BEFORE } from '../../core/case';
import { WISHES } from '../../core/choose';
import { z } from 'zod';
import { MOST_READINGS } from '../../core/review';
import { DAY_OR_NIGHT, FIRST_SEEN, SURROUNDINGS, type Finding } from '../../core/identify';
import type {
  ChooseBody,
  EarlierReading,
  LookBody,
  MeasureBody,
  MixBody,
  NameBody,
  PlaceBody,
  RecheckBody,
  Tried,
  WhenBody,
} from '../../core/case';
import {
  amount,
  dayField,
  hourField,
  listed,
  namesTicked,
  neededText,
  numeric,
  orNoAmount,
  orNothing,
  plainText,
  planZoneId,
  ticked,
  whole,
} from '../fields';

/** Shapes of the answers, for what a form sends and for what the database gives back. */

const VOLUMES = ['ml', 'l', 'floz', 'quart', 'gal', 'gal_uk', 'floz_uk'] as const;
const PRODUCTS = ['ml', 'l', 'floz', 'tsp', 'tbsp', 'g', 'kg', 'oz', 'lb', 'count', 'million'] as const;
const AREAS = ['m2', 'ft2'] as const;
const FRAMES = ['m2', 'ft2', 'count'] as const;
export { AREAS, PRODUCTS, VOLUMES };

const count = orNothing(whole(0, 10_000));

/** There, not there, one of a sign's values, or "" where it was not looked for. */
const finding = z.union([z.boolean(), z.string().regex(/^[a-z-]{0,40}$/)]);
const WRITTEN: Readonly<Record<string, Finding>> = { yes: true, no: false };

const readingBody = z.object({
  test: z.string().min(1).max(60),
  on: dayField,
  frame: amount(FRAMES, 0.005, 1000),
  counts: listed(count, 1, 20),
}) satisfies z.ZodType<EarlierReading>;

/** What is tried is stopped on a day after it began. */
const triedBody = z
  .object({ what: neededText(120), from: dayField, until: dayField, outcome: plainText(200).default('') })
  .refine(({ from, until }) => until > from, {
    path: ['until'],
    params: { expected: 'a-later-day' },
  }) satisfies z.ZodType<Tried>;

export const lookBody = z.object({
  purpose: z.enum(PURPOSES).default('control'),
  because: orNothing(z.enum(EXPECTED_BECAUSE)).default(null),
  // What was looked at before places were asked for was a lawn.
  surrounding: z.enum(SURROUNDINGS).default('lawn'),
  first: orNothing(z.enum(FIRST_SEEN)).default(null),
  where: neededText(120),
  signs: z.preprocess(
    (value) => value ?? {},
    z
      .record(z.string().max(60), finding)
      .transform((signs) =>
        Object.fromEntries(
          Object.entries(signs).flatMap(([sign, seen]) =>
            seen === '' ? [] : [[sign, typeof seen === 'string' ? (WRITTEN[seen] ?? seen) : seen] as const],
          ),
        ),
      ),
  ),
  lengthMm: orNothing(numeric(0.1, 400)).default(null),
  test: z.string().min(1).max(60),
  frame: amount(FRAMES, 0.005, 1000),
  counts: listed(count, 1, 20),
  countedOn: orNothing(dayField).default(null),
  series: listed(readingBody, 0, MOST_READINGS).default([]),
  light: orNothing(z.enum(DAY_OR_NIGHT)).default(null),
  tried: listed(triedBody, 0, MOST_TRIED).default([]),
  vigour: z.enum(['weak', 'fair', 'strong']),
  flowering: ticked,
  damp: orNothing(z.enum(['dry', 'damp'])).default(null),
  note: plainText(2000),
}) satisfies z.ZodType<LookBody>;

export const nameBody = z
  .object({
    // Nothing is named on a routine visit.
    candidate: z.preprocess((value) => (value === 'none' ? '' : value), z.string().max(60)),
    stage: orNothing(z.string().max(60)).default(null),
    stages: z.preprocess(namesTicked, z.array(z.string().max(60)).max(12)),
    also: z.preprocess(namesTicked, z.array(z.string().max(60)).max(5)),
  })
  .transform((name): NameBody => ({
    ...name,
    stage: name.stage !== null && name.stages.length === 0 ? name.stage : (name.stages[0] ?? null),
  }));

export const chooseBody = z.object({
  label: z.preprocess((value) => (value === 'nothing' ? null : value), z.string().min(1).max(80).nullable()),
  reason: plainText(500),
  wishes: z.preprocess(namesTicked, z.array(z.enum(WISHES)).max(WISHES.length)),
  budget: orNothing(numeric(0, 1e6)),
}) satisfies z.ZodType<ChooseBody>;

const margin = z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 200));
const worked = z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 1e9));
const side = numeric(0.1, 5000);
const optionalSide = z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 5000));
const unitOfLength = z.enum(['m', 'ft']);
const VOLUMES_OF_GROUND = ['l', 'gal', 'm3', 'ft3'] as const;
export const groundName = z.preprocess((v) => v ?? '', plainText(60));

/** Rows of a form of which one field must be filled for the row to be there. */
const rowsWith = (key: string) => (value: unknown) =>
  typeof value !== 'object' || value === null
    ? (value ?? [])
    : Object.values(value as Record<string, unknown>).filter((row) => {
        const filled = (row as Record<string, unknown> | null)?.[key];
        return filled !== undefined && filled !== '' && filled !== null;
      });
const partsMeasured = z.preprocess(
  rowsWith('a'),
  z
    .array(
      z.object({
        kind: z.enum(['rectangle', 'circle', 'triangle']),
        a: side,
        b: optionalSide,
        off: ticked,
      }),
    )
    .max(20),
);
const placesOfKind = z.preprocess(
  rowsWith('count'),
  z
    .array(z.object({ kind: z.preprocess((v) => v ?? '', plainText(60)), count: whole(1, 5000) }))
    .min(1, 'needed')
    .max(40),
);
const edgeStretches = z.preprocess(
  rowsWith('run'),
  z
    .array(z.object({ kind: z.preprocess((v) => v ?? '', plainText(60)), run: side, wide: optionalSide }))
    .max(20),
);
export const measureBody = z
  .discriminatedUnion('how', [
    z.object({
      how: z.literal('tape'),
      unit: z.enum(['m', 'ft']),
      name: groundName,
      waterOff: optionalSide,
      length: side,
      width: side,
      strip: z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 500)),
      parts: partsMeasured,
    }),
    z.object({
      how: z.literal('known'),
      unit: unitOfLength,
      name: groundName,
      waterOff: optionalSide,
      known: z.object({
        area: amount(['m2', 'ft2', 'yd2', 'ha', 'acre'], 0.01, 1e7),
        errorPct: z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 90)),
      }),
    }),
    z.object({
      how: z.literal('places'),
      unit: unitOfLength,
      name: groundName,
      waterOff: optionalSide,
      places: placesOfKind,
    }),
    z.object({
      how: z.literal('edges'),
      unit: unitOfLength,
      name: groundName,
      waterOff: optionalSide,
      edge: z.object({
        run: side,
        ...{ hard: optionalSide, up: optionalSide, out: optionalSide },
        wallAboveHard: ticked,
        more: edgeStretches,
      }),
    }),
    z.object({
      how: z.literal('volume'),
      unit: unitOfLength,
      name: groundName,
      waterOff: optionalSide,
      volume: amount(VOLUMES_OF_GROUND, 0.001, 1e6),
    }),
    z.object({
      how: z.literal('grid'),
      unit: unitOfLength,
      name: groundName,
      waterOff: optionalSide,
      ...{ length: side, width: side },
      grid: z.object({ spacing: numeric(0.05, 500), pattern: z.enum(['inside', 'edge']).default('inside') }),
    }),
    z.object({
      how: z.literal('paces'),
      name: groundName,
      waterOff: optionalSide,
      unit: z.enum(['m', 'ft']),
      paces: listed(numeric(1, 10_000), 2, 2),
      walked: numeric(1, 5000),
      walkedPaces: numeric(1, 10_000),
      paceErrorPct: numeric(0, 50),
      strip: z.preprocess((v) => (v === undefined || v === '' ? 0 : v), numeric(0, 500)),
    }),
    z.object({
      how: z.literal('plan'),
      name: groundName,
      unit: z.enum(['m', 'ft']),
      plan: z.preprocess(
        (value) => value ?? {},
        z.object({
          zones: z.preprocess(namesTicked, z.array(planZoneId).min(1, 'needed').max(300)),
          ...{ waterM: margin, hardM: margin, ediblesM: margin, upM: margin, outM: margin },
          wallAboveHard: ticked,
          // Worked out from the plan: by the page while it is typed, and by the server again when it is saved.
          ...{ areaM2: worked, lowM2: worked, highM2: worked, keptOffM2: worked, lengthM: worked },
          ...{ widthM: worked, places: worked, edgeM: worked, volumeM3: worked },
          waterGapM: orNothing(numeric(0, 1e6)),
        }),
      ),
    }),
  ])
  .transform((body): MeasureBody => {
    const empty = {
      ...{ length: 0, width: 0, paces: [0, 0] as const, walked: 0, walkedPaces: 0, paceErrorPct: 0 },
      ...{ strip: 0, plan: null },
    };
    return body.how === 'paces'
      ? { ...empty, ...body, paces: [body.paces[0] ?? 0, body.paces[1] ?? 0] }
      : { ...empty, ...body };
  });

export const whenBody = z.object({ hour: hourField }) satisfies z.ZodType<WhenBody>;

export const mixBody = z.object({
  rate: numeric(0.000001, 1e6),
  severity: orNothing(plainText(40)).default(null),
  tankName: plainText(80),
  tank: orNoAmount(amount(VOLUMES, 0.05, 5000)),
  tankMark: orNothing(numeric(0.0001, 5000)).default(null),
  measureName: plainText(80),
  step: orNoAmount(amount(PRODUCTS, 0.001, 1000)),
  holds: orNoAmount(amount(PRODUCTS, 0.001, 1e5)).default(null),
  before: z.enum(TANK_BEFORE).default('clean'),
  carriedOn: orNothing(dayField).default(null),
  carryOver: z.preprocess(
    (value) => {
      const finished = (value as { finished?: { value?: unknown } } | null | undefined)?.finished?.value;
      return finished === undefined || finished === '' || finished === '0' || finished === 0 ? null : value;
    },
    z.object({ finished: amount(VOLUMES, 0, 5000), product: amount(PRODUCTS, 0, 1e5) }).nullable(),
  ),
  split: z.enum(['fill', 'equal', 'marks']),
  lot: orNothing(plainText(60)),
  make: orNoAmount(amount(VOLUMES, 0.05, 5000)).default(null),
  packs: z.enum(['whole', 'exact']).default('whole'),
  half: ticked,
  shared: z
    .preprocess(
      (value) => ((value as { with?: unknown } | null | undefined)?.with ? value : null),
      z
        .object({
          with: whole(1, 99),
          jarOn: orNothing(dayField).default(null),
          jarBy: z.preprocess((v) => v ?? '', plainText(80)),
          jarResult: orNothing(z.enum(['mixes', 'separates'])).default(null),
        })
        .nullable(),
    )
    .default(null),
}) satisfies z.ZodType<MixBody>;

export const placeBody = z.object({
  swathM: numeric(0.2, 30),
  overlap: numeric(0, 0.8),
  direction: z.union([z.literal('auto'), numeric(0, 180)]),
  edges: z.enum(['cover', 'keep-in', 'trim']).default('cover'),
  start: z.enum(['this-end', 'far-end']),
}) satisfies z.ZodType<PlaceBody>;

export const recheckBody = z.object({
  counts: listed(count, 1, 20),
  control: z.preprocess(
    (value) => {
      const pair = value as { before?: unknown; after?: unknown } | null | undefined;
      const blank = (v: unknown): boolean => v === undefined || v === null || v === '';
      return !pair || (blank(pair.before) && blank(pair.after)) ? null : pair;
    },
    z.object({ before: whole(0, 100_000), after: whole(0, 100_000) }).nullable(),
  ),
  countedOn: dayField,
  noughtBefore: ticked,
  note: plainText(2000),
}) satisfies z.ZodType<RecheckBody>;

export const BODIES = {
  look: lookBody,
  name: nameBody,
  choose: chooseBody,
  measure: measureBody,
  when: whenBody,
  mix: mixBody,
  place: placeBody,
  recheck: recheckBody,
} as const;
