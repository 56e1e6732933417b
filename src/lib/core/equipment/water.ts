import { answer, refuse, type Result } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
  floorOf,
  fromBase,
  inBase,
  measures,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
  type Rate,
  type Unit,
} from '../units';
import { dividingRate, type BasicRefusal } from './flow';
import { runTime } from './hose';

/** The water for a depth over an area, in `unit` (1 mm over 1 m² is 1 L), and its minutes at a known flow. */
export function irrigation(input: {
  depth: Quantity;
  area: Quantity;
  unit: Unit;
  flow?: Rate | undefined;
}): Result<{ volume: Quantity; time?: Quantity }, BasicRefusal> {
  const { depth, area, unit, flow } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...notNegative('depth.value', depth.value),
      ...notNegative('area.value', area.value),
      ...(flow ? dividingRate('flow', flow) : []),
    ],
    () => [
      ...measures('depth.unit', depth, 'length'),
      ...measures('area.unit', area, 'area'),
      ...measures('unit', { value: 0, unit }, 'volume'),
      ...measures('flow.amount.unit', flow?.amount, 'volume'),
      ...measures('flow.per.unit', flow?.per, 'time'),
    ],
  );
  if (refused.length > 0) return { refused };
  const volume = quantity(fromBase(valueIn(depth, 'mm') * inBase(area), unit), unit);
  return answer({ volume, ...(flow ? { time: runTime(volume, flow) } : {}) });
}

export interface SprinklerAnswer {
  readonly rate: Rate;
  readonly uniformity: number;
  readonly minutesMean: number;
  readonly minutesLowQuarter: number | null;
}

/**
 * Catch cups under a sprinkler: mean depth per hour in the first cup's unit, the low-quarter uniformity (mean of the
 * driest quarter over the mean), and the minutes for the wanted depth by the mean and by the driest quarter (null
 * where that stayed dry). Refuses `no-water-caught` when every cup is dry.
 */
export function catchCups(input: {
  depths: readonly Quantity[];
  time: Quantity;
  wanted: Quantity;
}): Result<SprinklerAnswer, BasicRefusal | 'no-water-caught'> {
  const { depths, time, wanted } = input;
  const first = depths[0];
  if (!first) return refuse('invalid-input', 'depths', { expected: 'not-empty' });
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...depths.flatMap((depth, i) => notNegative(`depths.${i}.value`, depth.value)),
      ...aboveZero('time.value', time.value),
      ...notNegative('wanted.value', wanted.value),
    ],
    () => [
      ...depths.flatMap((depth, i) => measures(`depths.${i}.unit`, depth, 'length')),
      ...measures('time.unit', time, 'time'),
      ...alike('wanted.unit', wanted, first),
    ],
  );
  if (refused.length > 0) return { refused };
  const unit = first.unit;
  const rising = depths.map((depth) => valueIn(depth, unit)).sort((a, b) => a - b);
  const mean = meanOf(rising);
  if (!(mean > 0)) return refuse('no-water-caught', 'depths');
  const low = meanOf(rising.slice(0, Math.max(1, floorOf(rising.length / 4))));
  const minutes = valueIn(time, 'min');
  const target = valueIn(wanted, unit);
  return answer({
    rate: { amount: quantity(mean / valueIn(time, 'h'), unit), per: quantity(1, 'h') },
    uniformity: low / mean,
    minutesMean: (target / mean) * minutes,
    minutesLowQuarter: low > 0 ? (target / low) * minutes : null,
  });
}

const meanOf = (numbers: readonly number[]): number =>
  numbers.reduce((sum, n) => sum + n, 0) / numbers.length;

/**
 * Minutes on a calibrated sprinkler for a depth: mm, and mm an hour; null where the sprinkler gives nothing.
 *
 * @example sprinklerMinutes(6, 12) // 30
 */
export const sprinklerMinutes = (depthMm: number, mmPerHour: number): number | null =>
  mmPerHour > 0 ? (depthMm / mmPerHour) * 60 : null;

/** One coloured jar walked over a known area: the live packs that belong in one fill. */
export function dyeWalk(input: {
  covered: Quantity;
  packCovers: Quantity;
}): Result<{ packsPerFill: number }, BasicRefusal> {
  const { covered, packCovers } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...notNegative('covered.value', covered.value),
      ...aboveZero('packCovers.value', packCovers.value),
    ],
    () => [...measures('covered.unit', covered, 'area'), ...alike('packCovers.unit', packCovers, covered)],
  );
  if (refused.length > 0) return { refused };
  return answer({ packsPerFill: valueIn(covered, packCovers.unit) / packCovers.value });
}
