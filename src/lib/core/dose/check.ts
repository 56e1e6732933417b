import { invalid, refusal, type Refusal } from '../result';
import {
  aboveZero,
  alike,
  firstRefusals,
  hasDimension,
  isAbove,
  measures,
  notNegative,
  sameDimension,
  valueIn,
} from '../units';
import {
  PRODUCT_DIMENSIONS,
  TARGET_DIMENSIONS,
  type DoseInput,
  type DoseRefusal,
  type RateBasis,
} from './types';

type Refusals = readonly Refusal<DoseRefusal>[];

/** Every reason why the dose cannot be computed, in the order of the contract: signs, units, then the dose's own. */
export function checkDose(input: DoseInput): Refusals {
  return firstRefusals<DoseRefusal>(
    () => signs(input),
    () => units(input),
    () => ownRules(input),
  );
}

/**
 * What the rate is per. A stated basis wins; without one, a soil volume that is drenched by a dilution could mean
 * either and gives null. The units must have been checked.
 */
export function basisOf(input: DoseInput): RateBasis | null {
  const { rate, carrier, target } = input;
  if (rate.basis) return rate.basis;
  if (carrier && hasDimension(target, 'volume') && hasDimension(rate.per, 'volume')) return null;
  return sameDimension(rate.per, target) ? 'target' : 'mix';
}

function signs({ rate, carrier, tank, measureStep, container, cap, placement }: DoseInput): Refusals {
  const carry = tank?.carryOver;
  const divides = tank !== undefined || rate.basis === 'mix';
  return [
    ...aboveZero('rate.per.value', rate.per.value),
    ...(divides ? aboveZero : notNegative)('carrier.amount.value', carrier?.amount.value),
    ...aboveZero('carrier.per.value', carrier?.per.value),
    ...(tank && !carrier ? [invalid('carrier', 'needs-other-key', { key: 'tank', needs: 'carrier' })] : []),
    ...aboveZero('tank.capacity.value', tank?.capacity.value),
    ...notNegative('tank.carryOver.finished.value', carry?.finished.value),
    ...notNegative('tank.carryOver.product.value', carry?.product.value),
    ...(carry && carry.finished.value === 0 && carry.product.value > 0
      ? [invalid('tank.carryOver.product.value', 'at-most', { limit: 0, seen: carry.product.value })]
      : []),
    ...aboveZero('measureStep.value', measureStep?.value),
    ...aboveZero('container.size.value', container?.size.value),
    ...notNegative('container.price', container?.price),
    ...notNegative('cap.amount.value', cap?.amount.value),
    ...aboveZero('cap.per.value', cap?.per.value),
    ...notNegative('cap.used.value', cap?.used.value),
    ...aboveZero('placement.each.value', placement?.each.value),
  ];
}

function units(input: DoseInput): Refusals {
  const { rate, carrier, target, tank, measureStep, container, cap, placement } = input;
  return [
    ...measures('rate.unit', { value: 0, unit: rate.unit }, ...PRODUCT_DIMENSIONS),
    ...measures('target.unit', target, ...TARGET_DIMENSIONS),
    ...measures('carrier.amount.unit', carrier?.amount, 'volume'),
    ...alike('carrier.per.unit', carrier?.per, target),
    ...measures('tank.capacity.unit', tank?.capacity, 'volume'),
    ...measures('tank.carryOver.finished.unit', tank?.carryOver?.finished, 'volume'),
    ...alike('tank.carryOver.product.unit', tank?.carryOver?.product, rate),
    ...alike('measureStep.unit', measureStep, rate),
    ...alike('container.size.unit', container?.size, rate),
    ...alike('cap.amount.unit', cap?.amount, rate),
    ...measures('cap.per.unit', cap?.per, 'area'),
    ...(cap ? measures('target.unit', target, 'area') : []),
    ...alike('cap.used.unit', cap?.used, rate),
    ...alike('placement.each.unit', placement?.each, rate),
    ...ratePer(input),
  ];
}

function ratePer(input: DoseInput): Refusals {
  const { rate, carrier, target } = input;
  const basis = basisOf(input);
  const fits =
    basis === null ||
    (basis === 'target'
      ? sameDimension(rate.per, target)
      : hasDimension(rate.per, 'volume') && carrier !== undefined);
  return fits
    ? []
    : [refusal('units-do-not-match', 'rate.per.unit', { have: rate.per.unit, want: target.unit })];
}

function ownRules(input: DoseInput): Refusals {
  const { rate, target, tank } = input;
  const found: Refusal<DoseRefusal>[] = [];
  const chosen = rate.chosen ?? rate.min;
  if (!(rate.min > 0 && rate.min <= rate.max && chosen > 0))
    found.push(refusal('rate-not-positive', 'rate', { min: rate.min, max: rate.max, chosen }));
  if (!(target.value > 0)) found.push(refusal('target-not-positive', 'target.value', { seen: target.value }));
  if (basisOf(input) === null) found.push(refusal('rate-basis-missing', 'rate.basis'));
  const carried = tank?.carryOver?.finished;
  if (tank && carried && isAbove(valueIn(carried, tank.capacity.unit), tank.capacity.value))
    found.push(
      refusal('carry-over-exceeds-tank', 'tank.carryOver.finished', {
        carried: valueIn(carried, tank.capacity.unit),
        capacity: tank.capacity.value,
        unit: tank.capacity.unit,
      }),
    );
  return found;
}
