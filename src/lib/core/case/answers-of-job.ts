import type { Job } from '../job';
import { inBase, quantity, sameDimension, valueIn, type Quantity, type Unit } from '../units';
import type { MeasureBody, MixBody } from './facts';

/** What a job of How much answers of a treatment. */
export interface AnswersOfJob {
  /** null where nothing was measured. */
  readonly measure: MeasureBody | null;
  readonly mix: MixBody;
}

/**
 * The answers of Measure and Mix that a job comes with: its target in the way in which it was told (an area that somebody knows,
 * places, a length, a hollow, a grid), the rate that was chosen, the tank and the measure with their marks. What a label does not
 * decide (drops and flows, a second tank) belongs to the tools of the case and stays behind.
 */
export function answersOfJob(job: Job): AnswersOfJob {
  const { rate, tank, mark, step } = job;
  return {
    measure: measureOf(job),
    mix: {
      ...{ rate: rate.chosen ?? rate.min, severity: null, tankName: '', tank: tank ?? null },
      tankMark: tank && mark && sameDimension(tank, mark) ? valueIn(mark, tank.unit) : null,
      ...{ measureName: '', step: step ?? null, holds: null, before: 'clean', carryOver: null },
      ...{ carriedOn: null, split: 'fill', lot: null, make: null, packs: 'whole', half: false },
      ...{ shared: null },
    },
  };
}

const FEET: ReadonlySet<Unit> = new Set(['ft', 'in', 'yd', 'ft2', 'yd2', 'acre', 'ft3', 'gal', 'floz']);
const EMPTY = {
  ...{ name: '', waterOff: 0, length: 0, width: 0, paces: [0, 0] as const, walked: 0, walkedPaces: 0 },
  ...{ paceErrorPct: 0, strip: 0, plan: null },
};

function measureOf({ method, target, sides, radius }: Job): MeasureBody | null {
  const told = sides?.length ?? target;
  if (!told) return null;
  const unit = FEET.has(told.unit) ? 'ft' : 'm';
  const size = (q: Quantity): number => valueIn(q, unit);
  const empty = { ...EMPTY, unit } as const;
  if (sides && method === 'grid')
    return {
      ...{ ...empty, how: 'grid', length: size(sides.length), width: size(sides.width) },
      grid: { spacing: size(radius ?? sides.length) * Math.SQRT2, pattern: 'edge' },
    };
  if (sides) {
    const cubed = inBase(sides.length) * inBase(sides.width) * inBase(sides.depth ?? quantity(0, 'm'));
    const volume = quantity(cubed, 'm3');
    return {
      ...{ ...empty, how: 'volume' },
      volume: unit === 'm' ? volume : quantity(valueIn(volume, 'ft3'), 'ft3'),
    };
  }
  if (!target) return null;
  if (target.unit === 'count')
    return { ...empty, how: 'places', places: [{ kind: '', count: target.value }] };
  if (sameDimension(target, { unit: 'm' }))
    return {
      ...{ ...empty, how: 'edges' },
      edge: { run: size(target), hard: 0, up: 0, out: 0, wallAboveHard: false, more: [] },
    };
  if (sameDimension(target, { unit: 'm2' }))
    return { ...empty, how: 'known', known: { area: target, errorPct: 0 } };
  return { ...empty, how: 'volume', volume: target };
}
