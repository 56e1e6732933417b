import type { Candidate, Sign } from '../core/identify';
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
import signs from './signs.json';

/**
 * The catalogue as it is written, for pages that show it: plain data without the checker. The index checks it when the
 * server starts, and so do the tests.
 */
export const CANDIDATES = [
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
] as unknown as readonly Candidate[];

export const SIGNS: readonly Sign[] = signs;
