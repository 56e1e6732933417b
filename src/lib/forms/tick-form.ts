import { z } from 'zod';
import type { Result } from '../core/result';
import { plainText, treeOf, type Fields } from './fields';
import { read } from './shape';

const tickForm = z.object({
  key: z.string().max(200).default(''),
  tick: z.enum(['on', 'off']).catch('on'),
  said: plainText(200).default(''),
});

/** A caution that is ticked, or whose tick is taken back, with what was written down beside it. */
export const parseTick = (fields: Fields): Result<z.output<typeof tickForm>> =>
  read(tickForm, treeOf(fields));
