import { answer, refuse, type Result } from '../result';
import { ceilOf, hasDimension, isAbove, quantity, valueIn, type Quantity } from '../units';
import { basisOf, checkDose } from './check';
import { splitIntoLoads, type LoadShape } from './loads';
import { isWithinLabel, measureOut, type Portion } from './portion';
import type {
  CapAnswer,
  ContainerAnswer,
  DoseAnswer,
  DoseInput,
  DoseProblem,
  DoseRefusal,
  Load,
} from './types';

/**
 * How much product, how much finished mix, how many tank loads.
 *
 * The rate is per target measure or, on a dilution label, per finished mix. `finished` = carrier × target; product =
 * chosen rate × target (or × finished). A carry-over is mix of the same product already in the tank: its product
 * counts. Amounts are rounded to `measureStep` only, never past the label's most. Answers come in the rate's and the
 * carrier's own units. Zero carry-over is none; a target, rate or divisor of zero is refused.
 *
 * @example dose({ rate: { min: 12, max: 20, chosen: 15, unit: 'ml', per: 100 m2 }, carrier: 6 l per 100 m2,
 *   target: 310 m2, tank: { capacity: 15 l }, measureStep: 5 ml }) // 50 ml (exactly 46.5) in loads of 15 l and 3.6 l
 */
export function dose(input: DoseInput): Result<DoseAnswer, DoseRefusal> {
  const refused = checkDose(input);
  if (refused.length > 0) return { refused };
  const job = sizeJob(input);
  const shapes = splitIntoLoads(input, job.finished ?? 0, job.exactProduct);
  if (shapes === null)
    return refuse('invalid-input', 'tank.capacity', { expected: 'at-most', limit: 10_000 });
  const { loads, portions, coarse } = fillLoads(input, job, shapes);

  const product = portions.reduce((sum, p) => sum + p.add, 0);
  const carried = portions.reduce((sum, p) => sum + p.portion.carried, 0);
  const actualRate = (product + carried) / job.measuresOfRate;
  const withinLabel = portions.every((p) => isWithinLabel(p.portion, p.add + p.portion.carried));
  const { rate, placement } = input;
  const mixed = shapes.reduce((sum, shape) => sum + shape.finished, 0);
  const restOf = job.finished !== null && shapes.length > 0 ? 1 - mixed / job.finished : 0;
  const cap = capAnswer(input, product + carried);
  const container = containerAnswer(input, job, product);
  return answer({
    product: quantity(product, rate.unit),
    exactProduct: quantity(job.exactProduct, rate.unit),
    finished:
      input.carrier && job.finished !== null
        ? quantity(restOf > 1e-9 ? mixed : job.finished, input.carrier.amount.unit)
        : null,
    ...(restOf > 1e-9 ? { merged: quantity(input.target.value * restOf, input.target.unit) } : {}),
    loads,
    actualRate,
    errorPct: (actualRate / job.chosen - 1) * 100,
    withinLabel,
    ...(container ? { container } : {}),
    ...(cap ? { cap } : {}),
    ...(placement ? { placements: ceilOf(product / valueIn(placement.each, rate.unit)) } : {}),
    problems: problemsOf(input, job, shapes, portions, coarse, cap),
  });
}

interface Job {
  readonly chosen: number;
  /** How many times the rate's `per` fits into what it is per. */
  readonly measuresOfRate: number;
  readonly exactProduct: number;
  /** In the carrier's unit. */
  readonly finished: number | null;
  /** The target in the unit of carrier.per, or else of rate.per. */
  readonly costMeasures: { readonly count: number; readonly per: Quantity };
}

interface Filled {
  readonly portion: Portion;
  readonly add: number;
}

function sizeJob(input: DoseInput): Job {
  const { rate, carrier, target } = input;
  const chosen = rate.chosen ?? rate.min;
  const carrierMeasures = carrier ? valueIn(target, carrier.per.unit) / carrier.per.value : null;
  const finished = carrier && carrierMeasures !== null ? carrier.amount.value * carrierMeasures : null;
  const measuresOfRate =
    basisOf(input) === 'mix' && carrier
      ? valueIn(quantity(finished ?? 0, carrier.amount.unit), rate.per.unit) / rate.per.value
      : valueIn(target, rate.per.unit) / rate.per.value;
  return {
    chosen,
    measuresOfRate,
    exactProduct: chosen * measuresOfRate,
    finished,
    costMeasures:
      carrier && carrierMeasures !== null
        ? { count: carrierMeasures, per: carrier.per }
        : { count: measuresOfRate, per: rate.per },
  };
}

function fillLoads(
  input: DoseInput,
  job: Job,
  shapes: readonly LoadShape[],
): { loads: Load[]; portions: Filled[]; coarse: boolean } {
  const { rate, carrier, target, measureStep } = input;
  const step = measureStep ? valueIn(measureStep, rate.unit) : undefined;
  const fill = (share: number, carried: number): Filled & { coarse: boolean } => {
    const portion = {
      exact: job.exactProduct * share,
      least: rate.min * job.measuresOfRate * share,
      most: rate.max * job.measuresOfRate * share,
      carried,
    };
    return { portion, ...measureOut(portion, step, input.rounding === 'inside') };
  };
  if (!carrier || shapes.length === 0) {
    const whole = fill(1, 0);
    return { loads: [], portions: [whole], coarse: whole.coarse };
  }
  const finished = job.finished ?? 0;
  const mixUnit = carrier.amount.unit;
  // A dilution keeps its strength in every tank; what is per area goes by the area that a tank is for.
  const onMix = basisOf(input) === 'mix';
  const portions = shapes.map((shape) =>
    fill(onMix ? shape.finished / finished : shape.share, shape.carriedProduct),
  );
  const loads = shapes.map((shape, index): Load => {
    const add = portions[index]?.add ?? 0;
    return {
      finished: quantity(shape.finished, mixUnit),
      carryOver: quantity(shape.carryOver, mixUnit),
      product: quantity(add, rate.unit),
      water: quantity(Math.max(0, shape.finished - shape.carryOver - liquidIn(add, rate, mixUnit)), mixUnit),
      covers: quantity(target.value * shape.share, target.unit),
    };
  });
  return { loads, portions, coarse: portions.some((p) => p.coarse) };
}

/** The room that the product takes in the tank: its volume when it is a liquid, nothing when it is a powder or counted. */
function liquidIn(amount: number, rate: DoseInput['rate'], unit: Quantity['unit']): number {
  return hasDimension(rate, 'volume') ? valueIn(quantity(amount, rate.unit), unit) : 0;
}

function containerAnswer(input: DoseInput, job: Job, product: number): ContainerAnswer | null {
  const { container, rate } = input;
  if (!container) return null;
  const size = valueIn(container.size, rate.unit);
  const count = ceilOf(product / size);
  const costUsed = (product / size) * container.price;
  const { count: measures, per } = job.costMeasures;
  return {
    count,
    left: quantity(count * size - product, rate.unit),
    costUsed,
    outlay: count * container.price,
    costPer: { value: costUsed / measures, per },
    jobsPerContainer: product === 0 ? null : size / product,
  };
}

function capAnswer(input: DoseInput, applied: number): CapAnswer | null {
  const { cap, rate, target } = input;
  if (!cap) return null;
  const allowed = (valueIn(cap.amount, rate.unit) * valueIn(target, cap.per.unit)) / cap.per.value;
  const used = valueIn(cap.used, rate.unit);
  return {
    allowed: quantity(allowed, rate.unit),
    left: quantity(allowed - used - applied, rate.unit),
    exceeded: isAbove(used + applied, allowed),
  };
}

function problemsOf(
  input: DoseInput,
  job: Job,
  shapes: readonly LoadShape[],
  portions: readonly Filled[],
  coarse: boolean,
  cap: CapAnswer | null,
): DoseProblem[] {
  const { rate, carrier, tank } = input;
  const found: DoseProblem[] = [];
  if (isAbove(job.chosen, rate.max)) found.push('above-label-rate');
  if (isAbove(rate.min, job.chosen)) found.push('below-label-rate');
  if (carrier && job.finished !== null) {
    const unit = carrier.amount.unit;
    if (tank?.carryOver && isAbove(valueIn(tank.carryOver.finished, unit), job.finished))
      found.push('carry-over-exceeds-need');
    const first = portions[0]?.portion;
    if (first && isAbove(first.carried, first.exact)) found.push('carry-over-too-strong');
    const newMix = shapes.length > 0 ? shapes.map((s) => s.finished - s.carryOver) : [job.finished];
    if (portions.some((p, i) => isAbove(liquidIn(p.add, rate, unit), newMix[i] ?? 0)))
      found.push('product-exceeds-mix');
  }
  if (coarse) found.push('measure-too-coarse');
  if (cap?.exceeded) found.push('season-cap-exceeded');
  return found;
}
