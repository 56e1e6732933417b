import type { DoseAnswer } from '../dose';
import type { Ground } from '../ground';
import type { Caution, CardInUse } from '../labels';
import type { Lanes } from '../place';
import { isAbove, quantity, valueIn, type Quantity } from '../units';

/** Crossed passes as their lanes really lie. */
export interface Passes {
  /** How often they go over the ground: twice, and more where lanes lie closer than the swath or overlap. */
  readonly times: number;
  /** What would go down with the gate at half the rate, whatever the lanes; in the unit of the rate, per its `per`. */
  readonly atHalf: number;
}

/**
 * What two crossed passes come to: their sprayed length times the swath over the ground's area. null where there are no crossed
 * lanes, or nothing to go over.
 *
 * @example passesOver(10 m of four lines a swath of 3 m apart at 2.33 m) // times 2.57: a gate at half the rate lays down 29 % more
 */
export function passesOver(
  lanes: Lanes | null,
  crossed: Lanes | null,
  ground: Pick<Ground, 'area'> | null,
  { swathM, rate }: { readonly swathM: number; readonly rate: number },
): Passes | null {
  const m2 = ground ? valueIn(ground.area, 'm2') : 0;
  if (!lanes || !crossed || !(m2 > 0)) return null;
  const times = ((lanes.sprayedLength + crossed.sprayedLength) * swathM) / m2;
  return { times, atHalf: (rate * times) / 2 };
}

/** A gate and a hand are no better than this. */
const HAND_SHARE = 0.05;

/**
 * Where the usual half rate in each pass would lay down more than the label’s most because of how the lanes lie: nothing is put
 * down until the gate is set by what must come out over each metre.
 */
export function passCautions(
  { use, clauses }: CardInUse,
  passes: Passes | null,
  perMetre: Quantity | null,
): Caution[] {
  if (!passes || !perMetre || !isAbove(passes.atHalf / use.rate.max - 1, HAND_SHARE)) return [];
  return [
    {
      ...{ code: 'passes-over-most', rank: 'halt', stop: 'place', settledBy: 'tick' },
      clause: clauses.rate ?? null,
      facts: {
        ...{ would: passes.atHalf, most: use.rate.max, unit: use.rate.unit },
        ...{ metre: perMetre.value, metreUnit: perMetre.unit },
      },
    },
  ];
}

/**
 * What must come out over each metre of walk, so that all passes as they lie put down what was measured out: lanes lie closer
 * than the swath where their number was rounded up.
 */
export function perMetreOf(
  answer: DoseAnswer | null,
  lanes: Lanes | null,
  crossed: Lanes | null,
): Quantity | null {
  const walked = (lanes?.sprayedLength ?? 0) + (crossed?.sprayedLength ?? 0);
  if (!answer || walked <= 0) return null;
  const { value, unit } = answer.finished ?? answer.product;
  return quantity(value / walked, unit);
}
