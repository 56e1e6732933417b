import { answer, type Result } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
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

export type BasicRefusal = 'invalid-input' | 'units-do-not-match';

/**
 * Flow of a nozzle, duster or dispenser from a timed catch, per minute, in the unit collected.
 *
 * @example nozzleFlow({ collected: 46 floz, time: 75 s }) // 36.8 floz per min
 */
export function nozzleFlow(input: {
  collected: Quantity;
  time: Quantity;
}): Result<{ flow: Rate }, BasicRefusal> {
  const { collected, time } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [...notNegative('collected.value', collected.value), ...aboveZero('time.value', time.value)],
    () => [
      ...measures('collected.unit', collected, 'volume', 'mass', 'things'),
      ...measures('time.unit', time, 'time'),
    ],
  );
  if (refused.length > 0) return { refused };
  return answer({
    flow: {
      amount: quantity(collected.value / valueIn(time, 'min'), collected.unit),
      per: quantity(1, 'min'),
    },
  });
}

/** Seconds of spray for an amount at a flow: 230 ml at 3.3 ml/s takes 69.7 s. */
export function sprayTime(input: { amount: Quantity; flow: Rate }): Result<{ time: Quantity }, BasicRefusal> {
  const { amount, flow } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [...notNegative('amount.value', amount.value), ...dividingRate('flow', flow)],
    () => [
      ...measures('amount.unit', amount, 'volume', 'mass', 'things'),
      ...alike('flow.amount.unit', flow.amount, amount),
      ...measures('flow.per.unit', flow.per, 'time'),
    ],
  );
  if (refused.length > 0) return { refused };
  const times = valueIn(amount, flow.amount.unit) / flow.amount.value;
  return answer({ time: quantity(times * valueIn(flow.per, 's'), 's') });
}

export interface WalkInput {
  readonly flow: Rate;
  readonly swath: Quantity;
  readonly speed: Quantity;
  readonly per: Quantity;
  readonly unit: Unit;
  readonly wanted?: Rate | undefined;
}

/**
 * The finished volume put down at this walk (flow ÷ swath ÷ speed), in `unit` per `per`; and, for a wanted volume, the
 * walking speed that gives it, in the speed's own unit.
 */
export function walk(input: WalkInput): Result<{ carrier: Rate; speed?: Quantity }, BasicRefusal> {
  const { flow, swath, speed, per, unit, wanted } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...notNegative('flow.amount.value', flow.amount.value),
      ...aboveZero('flow.per.value', flow.per.value),
      ...aboveZero('swath.value', swath.value),
      ...aboveZero('speed.value', speed.value),
      ...aboveZero('per.value', per.value),
      ...(wanted ? dividingRate('wanted', wanted) : []),
    ],
    () => [
      ...measures('flow.amount.unit', flow.amount, 'volume', 'mass', 'things'),
      ...measures('flow.per.unit', flow.per, 'time'),
      ...measures('swath.unit', swath, 'length'),
      ...measures('speed.unit', speed, 'speed'),
      ...measures('per.unit', per, 'area'),
      ...alike('unit', { unit }, flow.amount),
      ...alike('wanted.amount.unit', wanted?.amount, flow.amount),
      ...measures('wanted.per.unit', wanted?.per, 'area'),
    ],
  );
  if (refused.length > 0) return { refused };
  const perSecond = inBase(flow.amount) / inBase(flow.per);
  const onOneSquareMetre = perSecond / (inBase(swath) * inBase(speed));
  const carrier = { amount: quantity(fromBase(onOneSquareMetre * inBase(per), unit), unit), per };
  if (!wanted) return answer({ carrier });
  const wantedOnOneSquareMetre = inBase(wanted.amount) / inBase(wanted.per);
  const metresPerSecond = perSecond / (inBase(swath) * wantedOnOneSquareMetre);
  return answer({ carrier, speed: quantity(fromBase(metresPerSecond, speed.unit), speed.unit) });
}

/** Signs of a rate that something is divided by. */
export function dividingRate(path: string, rate: Rate) {
  return [
    ...aboveZero(`${path}.amount.value`, rate.amount.value),
    ...aboveZero(`${path}.per.value`, rate.per.value),
  ];
}
