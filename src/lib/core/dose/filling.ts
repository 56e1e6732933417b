import { quantity, type Quantity } from '../units';
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
