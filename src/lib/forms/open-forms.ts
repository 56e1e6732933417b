import { z } from 'zod';
import type { Result } from '../core/result';
import { neededText, numeric, orNothing, plainText, ticked, treeOf, zoneField, type Fields } from './fields';
import { read } from './shape';

export const caseForm = z.object({ propertyId: z.uuid(), title: neededText(120) });
export type CaseForm = z.output<typeof caseForm>;

export const propertyForm = z.object({
  name: neededText(120),
  address: plainText(200),
  latitude: numeric(-90, 90),
  timeZone: zoneField,
  byWater: ticked,
  avoidFromDeg: orNothing(numeric(0, 360)),
  avoidToDeg: orNothing(numeric(0, 360)),
  note: plainText(2000),
  customerId: orNothing(z.uuid()),
});
export type PropertyForm = z.output<typeof propertyForm>;

export const parseCase = (fields: Fields): Result<CaseForm> => read(caseForm, treeOf(fields));
export const parseProperty = (fields: Fields): Result<PropertyForm> => read(propertyForm, treeOf(fields));
