import { z } from 'zod';
import type { Result } from '../core/result';
import { neededText, plainText, treeOf, zoneField, type Fields } from './fields';
import { read } from './shape';

export const WORKSPACE_KINDS = ['firm', 'household'] as const;
/** A telephone number, as it is dialled. */
export const phone = plainText(60);

/** What is asked when a workspace is founded; the rest has its default until somebody changes it. */
export const foundingShape = {
  workspace: neededText(80),
  kind: z.enum(WORKSPACE_KINDS).default('firm'),
  /** Of the clock in hand; a browser without scripts says none. */
  timeZone: z.preprocess((value) => (value === '' ? undefined : value), zoneField.default('UTC')),
  emergency: z.object({ poison: phone.default(''), police: phone.default('') }).prefault({}),
};
const foundingForm = z.object(foundingShape);
export type Founding = z.output<typeof foundingForm>;

export const parseFounding = (fields: Fields): Result<Founding> => read(foundingForm, treeOf(fields));
