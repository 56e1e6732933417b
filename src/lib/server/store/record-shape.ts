import { z } from 'zod';
import { ALL_UNITS, type Unit } from '../../core/units';
import type { ApplicationRecord } from '../../core/record';

const text = z.string();
const quantity = z.object({ value: z.number(), unit: z.enum(ALL_UNITS as [Unit, ...Unit[]]) });

/** What every reader of a record relies on; whatever else is there is kept as it is. */
const body = z.looseObject({
  caseNumber: z.number().int(),
  label: z.object({ id: text, version: z.number().int(), name: text }),
  pest: text,
  startedAt: text,
  endedAt: text,
  product: quantity,
  finished: quantity.nullable(),
  area: quantity,
  windKmh: z.number().nullable(),
  tempC: z.number().nullable(),
  lot: text.nullable(),
  person: text,
  licence: text.nullable(),
  note: text,
  ticked: z.array(z.looseObject({ code: text, by: text, at: text })),
  planned: z.object({ product: quantity, area: quantity }).nullable(),
});

export type RecordBody = Omit<
  ApplicationRecord,
  'id' | 'doneOn' | 'corrects' | 'loggedAt' | 'account' | 'cameFrom' | 'importedAt'
>;

/** A record’s body as the database gave it back, or null where it is of another shape, or damaged. */
export function readBody(kept: unknown): RecordBody | null {
  const read = body.safeParse(kept);
  return read.success ? (read.data as unknown as RecordBody) : null;
}
