import { quantity, type Quantity, type Unit } from '../units';
import type { Load } from './types';

/** The levels at which a tank stands while it is filled, all in the mix's unit. */
export interface FillingLevels {
  readonly carried: Quantity;
  /** Water before the product: half of what is still to come, so that the product goes into water and is topped up. */
  readonly partWater: Quantity;
  readonly top: Quantity;
}

/** Levels of one load: what is carried, part of the water, then product, rinse and the top-up to the finished mix. */
export function fillingLevels(load: Load): FillingLevels {
  const unit = load.finished.unit;
  return {
    carried: load.carryOver,
    partWater: quantity(load.carryOver.value + load.water.value / 2, unit),
    top: load.finished,
  };
}

/** Marks that a vessel has as a rule, by what it holds in its own unit: halves of a gallon on a tank, eighths on a cup. */
const USUAL_MARKS: Partial<Record<Unit, readonly (readonly [upTo: number, mark: number])[]>> = {
  l: [
    [2, 0.1],
    [6, 0.25],
    [25, 0.5],
    [120, 1],
    [Infinity, 5],
  ],
  ml: [
    [60, 1],
    [300, 10],
    [Infinity, 50],
  ],
  gal: [
    [1, 0.125],
    [3, 0.25],
    [30, 0.5],
    [Infinity, 1],
  ],
  gal_uk: [
    [1, 0.125],
    [3, 0.25],
    [30, 0.5],
    [Infinity, 1],
  ],
  quart: [[Infinity, 0.125]],
  floz: [
    [8, 0.25],
    [40, 1],
    [Infinity, 4],
  ],
};

/**
 * The mark to which a level in a vessel of this size is read, in the unit of `capacity`; 0 for a unit that no vessel is
 * marked in, which then is told exactly.
 *
 * @example markOf(quantity(3, 'gal')) // 0.25
 */
export function markOf({ value, unit }: Quantity): number {
  return USUAL_MARKS[unit]?.find(([upTo]) => value <= upTo)?.[1] ?? 0;
}
