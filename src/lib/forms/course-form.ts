import { z } from 'zod';
import { TREATMENT_STATES } from '../core/case';
import type { Result } from '../core/result';
import { plainText, treeOf, whole, type Fields } from './fields';
import { read } from './shape';

/** What is done with a course: a treatment more, the next go of one, another place in the order, or another state. */
export const courseForm = z.object({
  act: z.enum(['add', 'next-go', 'up', 'down', 'to', ...TREATMENT_STATES]).default('add'),
  /** The card that an added treatment begins with; "" for none. */
  takes: z.preprocess((value) => value ?? '', plainText(80)),
  number: z.preprocess((value) => value ?? 1, whole(1, 99)),
  /** Where it is dragged to: how many stand before it. */
  place: z.preprocess((value) => value ?? 0, whole(0, 99)),
  onlyIf: z.preprocess((value) => value ?? '', plainText(120)),
});

export const parseCourse = (fields: Fields): Result<z.output<typeof courseForm>> =>
  read(courseForm, treeOf(fields));
