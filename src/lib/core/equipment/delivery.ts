import {
  inBase,
  isAbove,
  quantity,
  sameDimension,
  valueIn,
  type Quantity,
  type Rate,
  type Unit,
} from '../units';
import { walk } from './flow';
import { gateCurve, gateFor } from './gate';
import type { Proven } from './proven';

/** Nearer than this share to what is wanted is as near as anybody walks. */
const NEAR = 0.05;
const PER_GROUND = quantity(100, 'm2');

export interface LaidDown {
  /** What goes down at the walk that was measured. */
  readonly laid: Rate;
  readonly advice: 'keep' | 'faster' | 'slower';
  /** The walk that lays down what is wanted, in m/s. */
  readonly speed: number;
}

/**
 * What a sprayer lays down at its calibrated flow, a swath in metres and a calibrated walk, against the wanted mix per
 * area. null where they measure different things.
 */
export function laidDown(flow: Proven, walked: Proven, swathM: number, wanted: Rate): LaidDown | null {
  if (!flow.per || !sameDimension(wanted.per, PER_GROUND)) return null;
  const result = walk({
    flow: { amount: quantity(flow.value, flow.unit), per: flow.per },
    ...{ swath: quantity(swathM, 'm'), speed: quantity(walked.value, 'm/s') },
    ...{ per: wanted.per, unit: wanted.amount.unit, wanted },
  });
  if (!('ok' in result) || !result.ok.speed) return null;
  const { carrier, speed } = result.ok;
  const ratio = carrier.amount.value / wanted.amount.value;
  return {
    laid: carrier,
    advice: isAbove(ratio, 1 + NEAR) ? 'faster' : isAbove(1 - NEAR, ratio) ? 'slower' : 'keep',
    speed: speed.value,
  };
}

/** How many drops of a calibrated size an amount makes, to the nearest whole, at least 1; null where they are not alike. */
export function dropsFor(amount: Quantity, drops: Proven): number | null {
  if (!sameDimension(amount, { unit: drops.unit }) || !(drops.value > 0)) return null;
  return Math.max(1, Math.round(valueIn(amount, drops.unit) / drops.value));
}

/**
 * The gate setting for each of two crossed passes of half a rate, by weighed passes; `setting` null where two settings
 * were never weighed. null where rate and passes measure different things.
 * `times`: how often all passes as they lie go over the ground, 2 where no two swaths overlap; lanes whose number was rounded
 * up lie closer, and each pass takes less.
 */
export function crossedGate(
  passes: Proven,
  rate: { readonly value: number; readonly unit: Unit; readonly per: Quantity },
  times = 2,
): { readonly half: Rate; readonly setting: ReturnType<typeof gateFor> | null } | null {
  const { per, unit, gate } = passes;
  if (!per || !sameDimension(rate.per, per) || !sameDimension({ unit }, rate)) return null;
  const whole = (valueIn(quantity(rate.value, rate.unit), unit) * inBase(per)) / inBase(rate.per);
  const curve = gateCurve(gate);
  return {
    half: { amount: quantity(whole / times, unit), per },
    setting: curve ? gateFor(curve, whole / times) : null,
  };
}
