import { answer, type Result } from '../result';
import {
  alike,
  firstRefusals,
  measures,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
  type QuantityOf,
  type Rate,
} from '../units';
import { dividingRate, type BasicRefusal } from './flow';

/** A hose-end jug that always makes the same finished volume: what it covers, and how long it runs at a known flow. */
export function hoseEndJug(input: {
  makes: Quantity;
  carrier: Rate;
  flow?: Rate | undefined;
}): Result<{ covers: Quantity; time?: Quantity }, BasicRefusal> {
  const { makes, carrier, flow } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...notNegative('makes.value', makes.value),
      ...dividingRate('carrier', carrier),
      ...(flow ? dividingRate('flow', flow) : []),
    ],
    () => [
      ...measures('makes.unit', makes, 'volume'),
      ...measures('carrier.amount.unit', carrier.amount, 'volume'),
      ...measures('carrier.per.unit', carrier.per, 'area', 'length', 'volume', 'things'),
      ...measures('flow.amount.unit', flow?.amount, 'volume'),
      ...measures('flow.per.unit', flow?.per, 'time'),
    ],
  );
  if (refused.length > 0) return { refused };
  const covers = (valueIn(makes, carrier.amount.unit) * carrier.per.value) / carrier.amount.value;
  return answer({
    covers: quantity(covers, carrier.per.unit),
    ...(flow ? { time: runTime(makes, flow) } : {}),
  });
}

/**
 * Up to where a jug is filled for less mix than it makes: a full jug always makes the same, so that a part of it makes
 * that part. `finished` and `makes` are volumes above 0; never more than the jug holds.
 *
 * @example jugFill(1 l jug, makes 38 l, 19 l wanted) // 0.5 l
 */
export function jugFill(jug: Quantity, makes: Quantity, finished: Quantity): Quantity {
  return quantity(jug.value * Math.min(1, valueIn(finished, makes.unit) / makes.value), jug.unit);
}

/** A dial-ratio device: the dial sets how much water carries the jug; the product in the jug stays the same. */
export function hoseRatio(input: {
  jug: Quantity;
  dial: Rate;
}): Result<{ delivers: Quantity }, BasicRefusal> {
  const { jug, dial } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [...notNegative('jug.value', jug.value), ...dividingRate('dial', dial)],
    () => [
      ...measures('jug.unit', jug, 'volume', 'mass'),
      ...alike('dial.amount.unit', dial.amount, jug),
      ...measures('dial.per.unit', dial.per, 'volume'),
    ],
  );
  if (refused.length > 0) return { refused };
  const delivers = (valueIn(jug, dial.amount.unit) * dial.per.value) / dial.amount.value;
  return answer({ delivers: quantity(delivers, dial.per.unit) });
}

/** Minutes that a volume takes at a flow. Both must be checked. */
export function runTime(volume: Quantity, flow: Rate): QuantityOf<'time'> {
  const times = valueIn(volume, flow.amount.unit) / flow.amount.value;
  return quantity(times * valueIn(flow.per, 'min'), 'min');
}
