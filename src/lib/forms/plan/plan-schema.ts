import { z } from 'zod';
import { HOWS, MARK_KINDS, ZONE_KINDS, type Plan } from '../../core/plan';
import type { Result } from '../../core/result';
import { parseDay } from '../../core/units';
import { readShape } from '../shape';

/** A property is no larger; further out is a slip. */
const FAR_M = 100_000;
const metre = z.number().min(-FAR_M).max(FAR_M);
const size = z.number().min(0.01).max(FAR_M);
const point = z.tuple([metre, metre]);
const corner = z.union([point, z.tuple([metre, metre, z.number().min(-1000).max(1000)])]);
const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/);
const layer = z
  .string()
  .regex(/^(outside|roof|floor:-?\d{1,2})$/)
  .transform((text) => text as Plan['zones'][number]['layer']);
const text = (most: number) => z.string().max(most);
export const MOST_ZONES = 1500;
const corners = (least: number) => z.array(corner).min(least).max(4000);
const EVERYTHING = z.unknown();

const shape = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('polygon'), corners: corners(1), holes: z.array(corners(1)).max(200) }),
  z.strictObject({
    kind: z.literal('rectangle'),
    ...{ at: point, length: size, width: size, turn: z.number().min(-360).max(360) },
  }),
  z.strictObject({ kind: z.literal('circle'), at: point, radius: size }),
  z.strictObject({ kind: z.literal('strip'), line: corners(2), width: size }),
  z.strictObject({ kind: z.literal('place'), at: point }),
]);

const opening = z.strictObject({
  edge: z.number().int().min(0).max(4000),
  from: z.number().min(0).max(1000),
  width: z.number().min(0.01).max(100),
  height: z.number().min(0.01).max(50),
  kind: z.enum(['door', 'window', 'vent', 'gap']),
});

const foreign = z
  .strictObject({
    ...{ geometry: EVERYTHING, properties: EVERYTHING },
    id: z.union([text(200), z.number()]).nullable(),
    ...{ key: text(60), parts: z.number().int().min(1).max(MOST_ZONES) },
  })
  .transform((value) => ({
    ...value,
    geometry: value.geometry ?? null,
    properties: value.properties ?? null,
  }))
  .nullable();

export const zoneSchema = z.strictObject({
  ...{ id, name: text(80), kind: z.enum(ZONE_KINDS), layer, shape },
  measured: z.strictObject({ how: z.enum(HOWS), errorPct: z.number().min(0).max(50) }),
  height: z.number().min(0.01).max(200).nullable(),
  openings: z.array(opening).max(200),
  eaves: z.number().min(0).max(10).nullable().optional(),
  note: text(500),
  from: z.array(id).max(200),
  foreign,
});

const markSchema = z.strictObject({
  ...{ id, number: z.number().int().min(1).max(9999), kind: z.enum(MARK_KINDS), at: point, layer },
  readings: z
    .array(
      z.strictObject({
        on: z.string().refine((day) => parseDay(day) !== null),
        count: z.number().min(0).max(100_000),
        note: text(200),
      }),
    )
    .max(400),
});

const degrees = (most: number) => z.number().min(-most).max(most);

/** A plan as it is kept and sent: docs/formats.md. */
export const planSchema = z.strictObject({
  unit: z.enum(['m', 'ft']),
  anchor: z.strictObject({ lat: degrees(85), lon: degrees(180) }).nullable(),
  north: degrees(360),
  underlay: z
    .strictObject({
      ...{ picture: text(60), at: point, width: size, ratio: z.number().min(0.01).max(100) },
      ...{ turn: degrees(360), strength: z.number().min(0).max(1), scaled: z.boolean() },
    })
    .nullable(),
  zones: z.array(zoneSchema).max(MOST_ZONES),
  marks: z.array(markSchema).max(3000),
}) satisfies z.ZodType<Plan>;

/** A plan that somebody sent; every reason against it with its path. */
export const parsePlan = (sent: unknown): Result<Plan, 'invalid-input'> => readShape(planSchema, sent);
