import { z } from 'zod';
import type { Candidate, Sign } from '../core/identify';
import type { LabelCard } from '../core/labels';
import { candidateSchema, labelSchema, signSchema } from './schemas';
import billbug from './candidates/billbug.json';
import bumbleBee from './candidates/bumble-bee.json';
import chaferGrub from './candidates/chafer-grub.json';
import chinchBug from './candidates/chinch-bug.json';
import craneFly from './candidates/crane-fly.json';
import cutworm from './candidates/cutworm.json';
import dogUrine from './candidates/dog-urine.json';
import dollarSpot from './candidates/dollar-spot.json';
import drought from './candidates/drought.json';
import miningBee from './candidates/mining-bee.json';
import moleCricket from './candidates/mole-cricket.json';
import scalping from './candidates/scalping.json';
import sodWebworm from './candidates/sod-webworm.json';
import yellowjacket from './candidates/yellowjacket.json';
import hazelmoorGranule from './labels/hazelmoor-granule.json';
import tarnsideLiquid from './labels/tarnside-liquid.json';
import wathNematodes from './labels/wath-nematodes.json';
import signs from './signs.json';

/** Causes of trouble in a lawn, insects and others, checked once when the server starts. */
export const CANDIDATES: readonly Candidate[] = z
  .array(candidateSchema)
  .parse([
    billbug,
    bumbleBee,
    chaferGrub,
    chinchBug,
    craneFly,
    cutworm,
    dogUrine,
    dollarSpot,
    drought,
    miningBee,
    moleCricket,
    scalping,
    sodWebworm,
    yellowjacket,
  ]);

export const SIGNS: readonly Sign[] = z.array(signSchema).parse(signs);

/** Made-up labels for the demonstration, each marked so. */
export const DEMONSTRATION_LABELS: readonly LabelCard[] = z
  .array(labelSchema)
  .parse([hazelmoorGranule, tarnsideLiquid, wathNematodes]);

export { labelSchema } from './schemas';
