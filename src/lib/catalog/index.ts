import { z } from 'zod';
import type { Candidate, FieldTest, Sign } from '../core/identify';
import type { KitchenRemedy } from '../core/choose';
import type { LabelCard } from '../core/labels';
import * as written from './entries';
import { GUIDE } from './guide';
import kitchen from './kitchen.json';
import { candidateSchema, fieldTestSchema, guideSchema, kitchenSchema, signSchema } from './schemas';
import { WRITTEN_LABELS } from './demonstration-labels';
import { labelSchema } from './label-schema';

z.array(candidateSchema).parse(written.CANDIDATES);
z.array(signSchema).parse(written.SIGNS);
z.array(fieldTestSchema).parse(written.FIELD_TESTS);
z.array(guideSchema).parse([...GUIDE.values()]);

/** Causes of trouble, animals and others, checked once when the server starts. */
export const CANDIDATES: readonly Candidate[] = written.CANDIDATES;
export const SIGNS: readonly Sign[] = written.SIGNS;
export const FIELD_TESTS: readonly FieldTest[] = written.FIELD_TESTS;
export { GUIDE };

/** Pests that labels and people name by one word. */
export const PEST_GROUPS: readonly { readonly name: string; readonly members: readonly string[] }[] = [
  ...new Set(CANDIDATES.flatMap(({ group }) => group ?? [])),
].map((name) => ({ name, members: CANDIDATES.flatMap((c) => (c.group === name ? [c.id] : [])) }));

/** What people have at hand: graded, with what it harms; never logged as a treatment. */
export const KITCHEN: readonly KitchenRemedy[] = z.array(kitchenSchema).parse(kitchen);

/** Made-up labels for the demonstration, each marked so. */
export const DEMONSTRATION_LABELS: readonly LabelCard[] = z.array(labelSchema).parse(WRITTEN_LABELS);

export { CARDS_FORMAT, cardsShape, labelSchema, MOST_CARDS, readCard, upgraded } from './label-schema';
