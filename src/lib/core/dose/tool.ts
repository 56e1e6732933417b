import { answer, type Result } from '../result';
import { aboveZero, ceilOf, firstRefusals, notNegative, quantity, sameDimension, valueIn } from '../units';
import type { Quantity } from '../units';
import { measureOut, type Portion } from './portion';
import type { CarryOver, DoseAnswer, Load } from './types';

/** A cup, syringe, scale or chamber with marks. */
export interface MeasureTool {
  readonly name: string;
  /** The smallest mark. */
  readonly step: Quantity;
  /** What it holds when full; null where that is not known. */
  readonly holds: Quantity | null;
}

/** An amount as it is measured with a tool. */
export interface InTool {
  /** Times that it is filled to the top, and what is measured after that; both in the tool's unit. */
  readonly full: number;
  readonly holds: Quantity | null;
  readonly last: Quantity;
}

/**
 * An amount in the tool in hand: so many times full and the rest to a mark. null where the tool measures something else.
 *
 * @example inTool(quantity(67, 'ml'), { name: 'Syringe', step: 1 ml, holds: 30 ml }) // twice full, then 7 ml
 */
export function inTool(amount: Quantity, { step, holds }: MeasureTool): InTool | null {
  if (!sameDimension(amount, step)) return null;
  const { unit } = step;
  const value = valueIn(amount, unit);
  const most = holds && sameDimension(holds, step) ? valueIn(holds, unit) : null;
  if (most === null || most <= 0) return { full: 0, holds: null, last: quantity(value, unit) };
  // What is one full tool is told as that, not as nothing after it.
  const full = Math.max(0, ceilOf(value / most) - 1);
  const last = value - full * most;
  return last >= most * (1 - 1e-9)
    ? { full: full + 1, holds: quantity(most, unit), last: quantity(0, unit) }
    : { full, holds: quantity(most, unit), last: quantity(last, unit) };
}

/** How a tool serves for an amount between the label's ends: how far its nearest mark is off, and whether any serves. */
export interface ToolFit {
  readonly tool: MeasureTool;
  /** What is measured with it: on its nearest mark, or exactly where none serves. */
  readonly amount: Quantity;
  readonly errorPct: number;
  readonly coarse: boolean;
  readonly fills: number;
}

/**
 * The tools that measure this kind of amount, the best first: those whose marks keep to the label, then the fewest fills,
 * then the least rounding. `portion` in `unit`.
 */
export function toolsFor(portion: Portion, unit: Quantity['unit'], tools: readonly MeasureTool[]): ToolFit[] {
  return tools
    .filter(({ step }) => sameDimension(step, { unit }) && step.value > 0)
    .map((tool): ToolFit => {
      const { add, coarse } = measureOut(portion, valueIn(tool.step, unit), true);
      const told = inTool(quantity(add, unit), tool);
      return {
        ...{ tool, coarse, amount: quantity(add, unit) },
        errorPct: portion.exact === 0 ? 0 : ((add + portion.carried) / portion.exact - 1) * 100,
        fills: told ? told.full + (told.last.value > 0 ? 1 : 0) : 1,
      };
    })
    .sort(
      (a, b) =>
        Number(a.coarse) - Number(b.coarse) ||
        a.fills - b.fills ||
        Math.abs(a.errorPct) - Math.abs(b.errorPct),
    );
}

/**
 * The coarsest mark that serves an amount whatever it is: one of its multiples lies between the label's ends. In the
 * unit of the portion; 0 where the ends meet.
 */
export const markThatServes = ({ least, most }: Portion): number => Math.max(0, most - least);

/**
 * What is left in a tank after rinses: of what could not be drawn, the share that stays when each rinse is mixed with it
 * and drawn off as far as it goes. Volumes of any unit, `times` whole and at least 0.
 *
 * @example rinsed({ left: 0.3 l, water: 1.5 l, times: 3 }) // 0.463 % of it
 */
export function rinsed({
  left,
  water,
  times,
}: {
  left: Quantity;
  water: Quantity;
  times: number;
}): Result<{ readonly leftPct: number }, 'invalid-input' | 'units-do-not-match'> {
  const refused = firstRefusals<'invalid-input' | 'units-do-not-match'>(
    () => [...aboveZero('left.value', left.value), ...notNegative('water.value', water.value)],
    () => [],
  );
  if (refused.length > 0) return { refused };
  const stays = left.value / (left.value + valueIn(water, left.unit));
  return answer({ leftPct: stays ** times * 100 });
}

/**
 * What a load (or without loads the whole job) may take between the label's ends, in the rate's unit. `rate` as it was
 * dosed; `carryOver` what the tank held before the first load.
 */
export function portionOf(
  answer: DoseAnswer,
  load: Load | null,
  rate: { readonly min: number; readonly max: number; readonly chosen: number },
  carryOver: CarryOver | null,
): Portion {
  const share = load && answer.finished ? load.finished.value / answer.finished.value : 1;
  const exact = answer.exactProduct.value * share;
  const carried =
    load && carryOver && carryOver.finished.value > 0
      ? (valueIn(carryOver.product, answer.exactProduct.unit) * load.carryOver.value) /
        valueIn(carryOver.finished, load.carryOver.unit)
      : 0;
  return { exact, least: (exact * rate.min) / rate.chosen, most: (exact * rate.max) / rate.chosen, carried };
}

/** A rinse takes a tenth of the tank; three are made; of a tank that nobody measured a hundredth cannot be drawn. */
const [RINSE_SHARE, RINSES, STAYS_SHARE] = [0.1, 3, 0.01];

export interface Cleaning {
  /** What cannot be drawn, and whether somebody measured it. */
  readonly stays: Quantity;
  readonly measured: boolean;
  /** The product in that. */
  readonly product: Quantity;
  readonly rinses: number;
  readonly water: Quantity;
  /** Of what stayed, what is left after the rinses. */
  readonly leftPct: number;
}

/** How a tank is emptied and rinsed after a job. `undrawn` in any volume unit; null for a job without a finished mix. */
export function cleaningOf(
  answer: DoseAnswer,
  capacity: Quantity,
  undrawn: Quantity | null,
): Cleaning | null {
  const { finished, exactProduct } = answer;
  if (!finished || finished.value <= 0) return null;
  const { unit } = capacity;
  const stays = quantity(undrawn ? valueIn(undrawn, unit) : capacity.value * STAYS_SHARE, unit);
  const water = quantity(capacity.value * RINSE_SHARE, unit);
  const result = rinsed({ left: stays, water, times: RINSES });
  if (!('ok' in result)) return null;
  return {
    ...{ stays, water, rinses: RINSES, measured: undrawn !== null, leftPct: result.ok.leftPct },
    product: quantity(
      (exactProduct.value * valueIn(stays, finished.unit)) / finished.value,
      exactProduct.unit,
    ),
  };
}
