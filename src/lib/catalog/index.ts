import { z } from 'zod';
import type { Candidate, Sign } from '../core/identify';
import type { LabelCard } from '../core/labels';
import * as written from './entries';
import { candidateSchema, labelSchema, signSchema } from './schemas';
import hazelmoorGranule from './labels/hazelmoor-granule.json';
import tarnsideLiquid from './labels/tarnside-liquid.json';
import wathNematodes from './labels/wath-nematodes.json';

z.array(candidateSchema).parse(written.CANDIDATES);
z.array(signSchema).parse(written.SIGNS);

/** Causes of trouble in a lawn, insects and others, checked once when the server starts. */
export const CANDIDATES: readonly Candidate[] = written.CANDIDATES;
export const SIGNS: readonly Sign[] = written.SIGNS;

/** Made-up labels for the demonstration, each marked so. */
export const DEMONSTRATION_LABELS: readonly LabelCard[] = z
  .array(labelSchema)
  .parse([hazelmoorGranule, tarnsideLiquid, wathNematodes]);

export { labelSchema } from './schemas';
