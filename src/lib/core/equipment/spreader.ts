import { answer, type Result } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
  inBase,
  isAbove,
  measures,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
  type Rate,
} from '../units';
import { dividingRate, type BasicRefusal } from './flow';

export interface SpreaderInput {
  readonly collected: Quantity;
  readonly length: Quantity;
  readonly swath: Quantity;
  readonly wanted: Rate;
  readonly passes?: number | undefined;
}

/**
 * Weighed pass of a spreader: what it delivers in one pass, in the wanted unit, against the share of one pass.
 * `ratio` from 0.95 to 1.05 keeps the gate; above closes it, below opens it.
 *
 * @example weighedPass({ collected: 620 g, length: 25 m, swath: 2 m, wanted: 1.25 kg per 100 m2 }) // 1.24 kg, keep
 */
export function weighedPass(
  input: SpreaderInput,
): Result<
  { delivered: Rate; perPass: Quantity; ratio: number; advice: 'keep' | 'close' | 'open' },
  BasicRefusal
> {
  const { collected, length, swath, wanted } = input;
  const passes = input.passes ?? 1;
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...notNegative('collected.value', collected.value),
      ...aboveZero('length.value', length.value),
      ...aboveZero('swath.value', swath.value),
      ...dividingRate('wanted', wanted),
      ...aboveZero('passes', passes),
    ],
    () => [
      ...measures('collected.unit', collected, 'mass', 'volume', 'things'),
      ...measures('length.unit', length, 'length'),
      ...measures('swath.unit', swath, 'length'),
      ...alike('wanted.amount.unit', wanted.amount, collected),
      ...measures('wanted.per.unit', wanted.per, 'area'),
    ],
  );
  if (refused.length > 0) return { refused };
  const unit = wanted.amount.unit;
  const walked = inBase(length) * inBase(swath);
  const delivered = (valueIn(collected, unit) * inBase(wanted.per)) / walked;
  const perPass = wanted.amount.value / passes;
  const ratio = delivered / perPass;
  return answer({
    delivered: { amount: quantity(delivered, unit), per: wanted.per },
    perPass: quantity(perPass, unit),
    ratio,
    advice: isAbove(ratio, 1.05) ? 'close' : isAbove(0.95, ratio) ? 'open' : 'keep',
  });
}
