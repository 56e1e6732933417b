import { z } from 'zod';
import type { Result } from '../core/result';
import { neededText, plainText, ticked, treeOf, type Fields } from './fields';
import { read } from './shape';

export const customerForm = z.object({
  name: neededText(120),
  contact: plainText(200),
  language: plainText(60),
  access: plainText(500),
  pets: plainText(200),
  consentsToNotices: ticked,
});
export type CustomerForm = z.output<typeof customerForm>;
export const parseCustomer = (fields: Fields): Result<CustomerForm> => read(customerForm, treeOf(fields));

const DAYS = [7, 30, 90, 365] as const;
const shareForm = z.object({
  /** The notice of the case, or the id of one of its records. */
  what: z.union([z.literal('notice'), z.uuid()]),
  days: z.preprocess(Number, z.literal([...DAYS])),
});
export type ShareForm = z.output<typeof shareForm>;
export const parseShare = (fields: Fields): Result<ShareForm> => read(shareForm, treeOf(fields));
export { DAYS as SHARE_DAYS };
