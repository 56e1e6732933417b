import { z } from 'zod';
import type { Result } from '../core/result';
import {
  amount,
  clockField,
  dayField,
  neededText,
  numeric,
  orNoAmount,
  orNothing,
  plainText,
  treeOf,
  type Fields,
} from './fields';
import { hoursBetween } from '../core/record';
import { read } from './shape';
import { AREAS, PRODUCTS, VOLUMES } from './stops/bodies';

/** A job may run past midnight; one that would take longer than this has its end before its start. */
const LONGEST_HOURS = 14;
export const recordForm = z
  .object({
    doneOn: dayField,
    startedAt: clockField,
    endedAt: clockField,
    product: amount(PRODUCTS, 0.000001, 1e6),
    finished: orNoAmount(amount(VOLUMES, 0.01, 1e5)),
    // What was treated: an area, or places, edges or a volume, as its label reckons.
    area: amount([...AREAS, 'count', 'm', 'ft', 'l', 'gal', 'm3', 'ft3'], 0.001, 1e7),
    windKmh: orNothing(numeric(0, 150)),
    tempC: orNothing(numeric(-40, 60)),
    lot: orNothing(plainText(60)),
    person: neededText(80),
    licence: orNothing(plainText(60)),
    note: plainText(2000),
    corrects: orNothing(z.uuid()),
  })
  .refine(({ startedAt, endedAt }) => hoursBetween(startedAt, endedAt) <= LONGEST_HOURS, {
    path: ['endedAt'],
    params: { expected: 'later-than-start' },
  });

export type RecordForm = z.output<typeof recordForm>;

/** What was really done, as the form sent it. */
export function parseRecord(fields: Fields): Result<RecordForm> {
  return read(recordForm, treeOf(fields));
}
