import { ceilOf, isAbove, valueIn } from '../units';
import type { DoseInput } from './types';

/** A tank load before its product is measured: volumes in the carrier's unit, carried product in the rate's. */
export interface LoadShape {
  readonly finished: number;
  readonly carryOver: number;
  readonly carriedProduct: number;
}

const MOST_LOADS = 10_000;

/**
 * Splits the finished mix into tank loads: full tanks and then the rest, or equal loads. The first load holds what was
 * carried over, at most its own volume, with the product in proportion. Null when it would take over 10,000 loads.
 */
export function splitIntoLoads(input: DoseInput, finished: number): LoadShape[] | null {
  const { carrier, tank, rate } = input;
  if (!carrier || !tank) return [];
  const unit = carrier.amount.unit;
  const capacity = valueIn(tank.capacity, unit);
  const carried = tank.carryOver ? valueIn(tank.carryOver.finished, unit) : 0;
  const carriedProduct = tank.carryOver ? valueIn(tank.carryOver.product, rate.unit) : 0;
  const count = Math.max(1, ceilOf(finished / capacity));
  if (count > MOST_LOADS) return null;
  const equal = input.split === 'equal' && !isAbove(carried, finished / count);
  return Array.from({ length: count }, (_, index) => {
    const volume = equal
      ? finished / count
      : index < count - 1
        ? capacity
        : finished - (count - 1) * capacity;
    const carryOver = index === 0 ? Math.min(carried, volume) : 0;
    return {
      finished: volume,
      carryOver,
      carriedProduct: carryOver > 0 ? (carriedProduct * carryOver) / carried : 0,
    };
  });
}
