import { TREATMENT_STATES } from '../../../core/case';
import { OUTSIDE } from '../../../core/record';
import { PREMISES_KEYS } from '../../../core/premises';
import { createHash } from 'node:crypto';
import { z } from 'zod';
import { CALIBRATION_KINDS, EQUIPMENT_KINDS } from '../../../core/equipment';
import { STOCK_REASONS } from '../../../core/choose';
import { labelSchema, upgraded } from '../../../catalog';
import { customerForm, propertyForm, settingsShape } from '../../../forms';
import { planSchema } from '../../../forms/plan';
import { ALL_UNITS, type Unit } from '../../../core/units';

/** The version of the file's shape; a reader refuses what it does not know. */
export const FILE_VERSION = 2;
export const FILE_FORMAT = 'nimsy-workspace';

/** Of a picture or PDF beside the content: its place in the archive, which names its SHA-256. */
export const PICTURE_NAME = /^pictures\/([0-9a-f]{64})\.(jpg|pdf)$/;
export const pictureName = (sha256: string, type: 'image/jpeg' | 'application/pdf'): string =>
  `pictures/${sha256}.${type === 'image/jpeg' ? 'jpg' : 'pdf'}`;
const picture = z.string().regex(PICTURE_NAME);
const id = z.uuid();
const short = z.string().max(200);
const long = z.string().max(4000);
const day = z.iso.date();
const moment = z.iso.datetime({ offset: true });
const quantity = z.strictObject({
  value: z.number().min(-1e12).max(1e12),
  unit: z.enum(ALL_UNITS as [Unit, ...Unit[]]),
});
const unitName = z.enum(ALL_UNITS as [Unit, ...Unit[]]);
const json = z.record(z.string().max(80), z.json());
const positive = z.number().int().min(1).max(1e9);

/** Of which treatment of the case and which of its goes; left out for the first. */
const ofTreatment = {
  treatment: z.number().int().min(0).max(99).optional(),
  go: z.number().int().min(1).max(99).optional(),
};
const tick = z.strictObject({ key: short, ...ofTreatment, by: short, at: moment, said: short.optional() });

const stop = z.strictObject({
  ...ofTreatment,
  stop: z.enum(['look', 'name', 'choose', 'measure', 'when', 'mix', 'place', 'recheck']),
  revision: positive,
  body: json,
  savedAt: moment,
  savedBy: short,
});

export const contentShape = z.strictObject({
  name: z.string().min(1).max(80),
  settings: settingsShape,
  customers: z.array(z.strictObject({ id, ...customerForm.shape })).max(100_000),
  properties: z
    .array(
      z.strictObject({
        id,
        ...propertyForm.shape,
        customerId: id.nullable(),
        premises: z.partialRecord(z.enum(PREMISES_KEYS), z.enum(['yes', 'no'])).optional(),
        premisesAskedOn: day.nullable().optional(),
        grounds: z
          .array(
            z.strictObject({
              ...{ name: z.string().min(1).max(60), since: day, by: short },
              zones: z.array(short).max(500).optional(),
              tiedOn: day.optional(),
            }),
          )
          .max(60)
          .optional(),
      }),
    )
    .max(100_000),
  cases: z
    .array(
      z.strictObject({
        number: positive,
        propertyId: id,
        title: short,
        openedOn: day,
        closedOn: day.nullable(),
        stops: z
          .array(z.strictObject({ ...stop.shape, upstream: z.record(short, z.number().int()) }))
          .max(1000),
        history: z.array(stop).max(10_000),
        settlements: z.array(tick).max(10_000),
        /** Ticks that were taken back, which leave a trace. */
        takenBack: z.array(tick).max(10_000).optional(),
        /** In their order; left out where there is one alone. */
        treatments: z
          .array(
            z.strictObject({
              number: z.number().int().min(1).max(99),
              state: z.enum(TREATMENT_STATES),
              onlyIf: z.string().max(120),
              go: z.number().int().min(1).max(99),
              addedAt: moment,
              addedBy: short,
            }),
          )
          .max(20)
          .optional(),
        /** Worked out at How much alone and kept into the case: what was typed. */
        keptJobs: z
          .array(
            z.strictObject({
              fields: z.record(z.string().max(40), z.string().max(40)),
              keptAt: moment,
              keptBy: short,
            }),
          )
          .max(200)
          .optional(),
      }),
    )
    .max(100_000),
  photos: z
    .array(
      z.strictObject({
        caseNumber: positive,
        /** JPEG, beside the content. */
        file: picture,
        width: positive,
        height: positive,
        note: short,
        addedAt: moment,
        addedBy: short,
      }),
    )
    .max(100_000)
    .optional(),
  records: z
    .array(
      z.strictObject({
        id,
        caseNumber: positive,
        ...ofTreatment,
        label: z.strictObject({ id: short, version: positive, name: short }),
        pest: short,
        doneOn: day,
        startedAt: short,
        endedAt: short,
        product: quantity,
        finished: quantity.nullable(),
        area: quantity,
        windKmh: z.number().nullable(),
        tempC: z.number().nullable(),
        lot: short.nullable(),
        person: short,
        licence: short.nullable(),
        note: long,
        ticked: z
          .array(z.strictObject({ code: short, by: short, at: moment, said: short.optional() }))
          .max(200),
        planned: z.strictObject({ product: quantity, area: quantity }).nullable(),
        chosenBecause: long.nullable().optional(),
        outside: z
          .array(
            z.strictObject({
              code: z.enum(OUTSIDE),
              facts: z.record(z.string().max(20), z.union([z.string().max(200), z.number()])),
            }),
          )
          .max(30)
          .optional(),
        ground: z
          .strictObject({
            zones: z.array(short).max(1000),
            footprint: z
              .array(z.array(z.tuple([z.number(), z.number()])).max(20_000))
              .max(2000)
              .nullable(),
          })
          .nullable()
          .optional(),
        corrects: id.nullable(),
        loggedAt: moment,
        account: short.optional(),
        cameFrom: short.optional(),
      }),
    )
    .max(200_000),
  labels: z.array(z.preprocess(upgraded, labelSchema)).max(10_000),
  containers: z
    .array(
      z.strictObject({
        labelId: short,
        lot: short,
        size: z.number().positive(),
        unit: unitName,
        price: z.number().min(0).nullable(),
        currency: z.string().max(3).optional(),
        expiresOn: day.nullable(),
        keptIn: short,
        boughtOn: day.nullable().optional(),
        openedOn: day.nullable().optional(),
      }),
    )
    .max(100_000),
  stockChanges: z
    .array(
      z.strictObject({
        labelId: short,
        lot: short,
        amount: z.number(),
        reason: z.enum(STOCK_REASONS),
        note: short,
        at: moment,
        by: short,
      }),
    )
    .max(200_000)
    .optional(),
  labelFiles: z
    .array(
      z.strictObject({
        labelId: short,
        kind: z.enum(['label', 'safety-sheet']),
        type: z.enum(['image/jpeg', 'application/pdf']),
        name: short,
        /** Beside the content. */
        file: picture,
        addedAt: moment,
        addedBy: short,
      }),
    )
    .max(10_000)
    .optional(),
  plans: z
    .array(
      z.strictObject({
        propertyId: id,
        revision: positive,
        body: planSchema,
        savedAt: moment,
        savedBy: short,
        /** As it stood at the end of each day on which it was changed. */
        days: z.array(z.strictObject({ day, revision: positive, body: planSchema })).max(5000),
      }),
    )
    .max(20_000)
    .optional(),
  planPictures: z
    .array(
      z.strictObject({
        id,
        propertyId: id,
        /** JPEG, beside the content. */
        file: picture,
        width: positive,
        height: positive,
        addedAt: moment,
        addedBy: short,
      }),
    )
    .max(10_000)
    .optional(),
  equipment: z
    .array(
      z.strictObject({
        kind: z.enum(EQUIPMENT_KINDS),
        name: short,
        size: z.number().positive(),
        unit: unitName,
        holds: z.number().positive().nullable().optional(),
        undrawn: z.number().positive().nullable().optional(),
        marks: z.number().positive().nullable().optional(),
        swathM: z.number().positive().nullable(),
        dueDays: positive.max(3650).nullable().optional(),
        calibratedOn: day.nullable(),
        makers: z.number().positive().nullable().optional(),
        price: z.number().min(0).nullable().optional(),
        currency: z.string().max(3).optional(),
        lifeJobs: positive.max(100_000).nullable().optional(),
        calibrations: z
          .array(
            z.strictObject({
              kind: z.enum(CALIBRATION_KINDS),
              product: z.string().max(120),
              unit: z.string().max(12),
              setup: z.number().positive().nullable(),
              readings: z
                .array(z.record(z.string().max(20), z.number().min(0).max(1e6)))
                .min(1)
                .max(200),
              note: z.string().max(500),
              doneOn: day,
              loggedAt: moment,
              by: z.string().max(200),
            }),
          )
          .max(5000)
          .optional(),
      }),
    )
    .max(10_000),
});
export type Content = z.output<typeof contentShape>;

export const fileShape = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  exportedAt: moment,
  /** SHA-256 of the content as canonical JSON (keys in order, no spaces), in hexadecimal. */
  checksum: z.string().regex(/^[0-9a-f]{64}$/),
  content: contentShape,
});

/** JSON with the keys of every object in order, so that equal content has equal text. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value === 'object' && value !== null)
    return `{${Object.entries(value)
      .filter(([, child]) => child !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, child]) => `${JSON.stringify(key)}:${canonical(child)}`)
      .join(',')}}`;
  return JSON.stringify(value);
}

export const checksumOf = (content: unknown): string =>
  createHash('sha256').update(canonical(content)).digest('hex');

/** The end of the chain over the records in the order in which they were logged; 64 zeros where there are none. */
export function lastRecordHash(content: Pick<Content, 'records'>): string {
  return content.records.reduce(
    (before, record) =>
      createHash('sha256')
        .update(before + canonical(record))
        .digest('hex'),
    '0'.repeat(64),
  );
}
