import { ceilOf, isAbove, valueIn } from '../units';
import { loadsOnMarks } from './marks';
import type { DoseInput } from './types';

/** A tank load before its product is measured: volumes in the carrier's unit, carried product in the rate's. */
export interface LoadShape {
  /** Its share of the whole target. */
  readonly share: number;
  readonly finished: number;
  readonly carryOver: number;
  readonly carriedProduct: number;
}

const MOST_LOADS = 10_000;
/** Loads up to which marks are looked for. */
const MOST_MARKED = 100;

/**
 * Splits the finished mix into tank loads: full tanks and then the rest, equal loads, or loads on the marks of the
 * measure. The first load holds what was carried over, at most its own volume, with the product in proportion. Loads on
 * marks are full tanks where something was carried over, no mark serves, or over a hundred loads are needed. Null when it
 * would take over 10,000 loads.
 */
export function splitIntoLoads(input: DoseInput, finished: number, product: number): LoadShape[] | null {
  const { carrier, tank, rate } = input;
  if (!carrier || !tank) return [];
  const unit = carrier.amount.unit;
  const capacity = valueIn(tank.capacity, unit);
  const carried = tank.carryOver ? valueIn(tank.carryOver.finished, unit) : 0;
  const carriedProduct = tank.carryOver ? valueIn(tank.carryOver.product, rate.unit) : 0;
  const needed = Math.max(1, ceilOf(finished / capacity));
  if (needed > MOST_LOADS) return null;
  const merged = mergedLoads(input, finished, capacity, needed);
  if (merged) return merged;
  const count = needed;
  const marked =
    input.split === 'marks' && carried === 0 && count <= MOST_MARKED
      ? onMarks(input, finished, product, capacity)
      : null;
  if (marked)
    return marked.map((volume) => ({
      share: volume / finished,
      finished: volume,
      carryOver: 0,
      carriedProduct: 0,
    }));
  const equal = input.split === 'equal' && !isAbove(carried, finished / count);
  return Array.from({ length: count }, (_, index) => {
    const volume = equal
      ? finished / count
      : index < count - 1
        ? capacity
        : finished - (count - 1) * capacity;
    const carryOver = index === 0 ? Math.min(carried, volume) : 0;
    return {
      share: volume / finished,
      finished: volume,
      carryOver,
      carriedProduct: carryOver > 0 ? (carriedProduct * carryOver) / carried : 0,
    };
  });
}

/**
 * Full tanks alone, where the rest covers less than the area's own error: each takes an equal part of the target. null
 * where the rest is worth a load, or something was carried over.
 */
function mergedLoads(
  { mergeRest, target, tank, split }: DoseInput,
  finished: number,
  capacity: number,
  needed: number,
): LoadShape[] | null {
  if (!mergeRest || needed < 2 || tank?.carryOver || split === 'marks') return null;
  const rest = ((finished - (needed - 1) * capacity) / finished) * target.value;
  if (!isAbove(valueIn(mergeRest, target.unit), rest)) return null;
  return Array.from({ length: needed - 1 }, () => ({
    ...{ share: 1 / (needed - 1), finished: capacity, carryOver: 0, carriedProduct: 0 },
  }));
}

function onMarks(
  { rate, measureStep, measureHolds }: DoseInput,
  finished: number,
  product: number,
  capacity: number,
): readonly number[] | null {
  if (!measureStep) return null;
  const chosen = rate.chosen ?? rate.min;
  return (
    loadsOnMarks({
      ...{ finished, product, capacity, step: valueIn(measureStep, rate.unit) },
      ...{ least: (product * rate.min) / chosen, most: (product * rate.max) / chosen },
      holds: measureHolds ? valueIn(measureHolds, rate.unit) : null,
    })?.volumes ?? null
  );
}
