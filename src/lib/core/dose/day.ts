import { answer, invalid, refusal, type Result } from '../result';
import { inBase, isAbove, quantity, sameDimension, valueIn, type Quantity } from '../units';
import { dose } from './dose';
import type { DoseInput, DoseProblem, Load } from './types';

/** A job of the day that takes the mix. */
export interface DayJob {
  readonly name: string;
  readonly target: Quantity;
  /** Product that the label still allows there beyond this job; null where it sets no most. */
  readonly room: Quantity | null;
}

export interface DayInput {
  /** In the order of the day. */
  readonly jobs: readonly DayJob[];
  readonly rate: DoseInput['rate'];
  readonly carrier: NonNullable<DoseInput['carrier']>;
  readonly tanks: readonly {
    readonly name: string;
    readonly capacity: Quantity;
    readonly undrawn: Quantity | null;
  }[];
  readonly measureStep?: Quantity | undefined;
}

export interface DayLoad extends Load {
  /** Index of the tank that it is mixed in. */
  readonly tank: number;
  /** What of it goes onto which job: index, mix and ground. */
  readonly parts: readonly { readonly job: number; readonly finished: Quantity; readonly covers: Quantity }[];
}

/** Ground that takes what the last tank cannot be emptied of, rinsed out with water. */
export interface LeftoverPlan {
  readonly mix: Quantity;
  readonly product: Quantity;
  /** Over at least so much ground of each job, in their order, no place gets more than the label's most. */
  readonly over: readonly { readonly job: number; readonly atLeast: Quantity; readonly product: Quantity }[];
  /** What nothing has room for. */
  readonly without: Quantity;
}

export interface DayPlan {
  readonly product: Quantity;
  readonly finished: Quantity;
  readonly loads: readonly DayLoad[];
  readonly actualRate: number;
  readonly leftover: LeftoverPlan | null;
  readonly problems: readonly DoseProblem[];
}

/**
 * The day's jobs with the same mix as one: tank loads that go on from job to job, so that the last one is mixed to be used
 * up. The largest tank is filled as often as it is full; what remains goes into the smallest that holds it. What cannot be
 * drawn is rinsed out over treated ground that still has room under the label. Refuses a day without jobs or tanks,
 * targets of different measures, and whatever `dose` refuses.
 *
 * @example planDay({ jobs: [{ target: 336 m2 }, { target: 100 m2 }], carrier: 6 l per 100 m2, tanks: [15 l], … })
 * // 26.16 l in loads of 15 l and 11.16 l, the second one shared
 */
export function planDay(input: DayInput): Result<DayPlan> {
  const { jobs, rate, carrier, tanks, measureStep } = input;
  const first = jobs[0];
  if (!first) return { refused: [invalid('jobs', 'not-empty')] };
  if (tanks.length === 0) return { refused: [invalid('tanks', 'not-empty')] };
  const { unit } = first.target;
  const odd = jobs.findIndex(({ target }) => !sameDimension(target, first.target));
  if (odd >= 0) return { refused: [refusal('units-do-not-match', `jobs.${odd}.target.unit`, { unit })] };
  const sizes = tanks
    .map(({ capacity }, tank) => ({ tank, capacity }))
    .sort((a, b) => inBase(b.capacity) - inBase(a.capacity));
  const total = jobs.reduce((sum, { target }) => sum + valueIn(target, unit), 0);
  const made = dose({
    ...{ rate, carrier, target: quantity(total, unit), tank: { capacity: sizes[0]!.capacity } },
    ...(measureStep ? { measureStep } : {}),
  });
  if ('refused' in made) return made;
  const { loads, finished, product, actualRate, problems } = made.ok;
  if (!finished) return { refused: [invalid('carrier', 'needed')] };
  const shared = sharedOut(loads, jobs, unit);
  const tankFor = ({ finished: load }: Load): number =>
    (sizes.findLast(({ capacity }) => !isAbove(valueIn(load, capacity.unit), capacity.value)) ?? sizes[0]!)
      .tank;
  const withTanks = loads.map((load, i): DayLoad => ({
    ...load,
    tank: tankFor(load),
    parts: shared[i] ?? [],
  }));
  const last = withTanks.at(-1);
  const stays = last ? (tanks[last.tank]?.undrawn ?? null) : null;
  return answer({
    ...{ product, finished, actualRate, problems, loads: withTanks },
    leftover: stays && stays.value > 0 ? leftoverPlan(input, made.ok, stays) : null,
  });
}

/** Which part of each load goes onto which job, in their order. */
function sharedOut(
  loads: readonly Load[],
  jobs: readonly DayJob[],
  unit: Quantity['unit'],
): DayLoad['parts'][] {
  let job = 0;
  let open = jobs[0] ? valueIn(jobs[0].target, unit) : 0;
  return loads.map(({ finished, covers }) => {
    const parts: DayLoad['parts'][number][] = [];
    let left = covers.value;
    while (left > 1e-9 * covers.value && job < jobs.length) {
      const here = Math.min(left, open);
      if (here > 1e-9 * covers.value)
        parts.push({
          ...{ job, covers: quantity(here, unit) },
          finished: quantity((finished.value * here) / covers.value, finished.unit),
        });
      left -= here;
      open -= here;
      if (open > 1e-9 * covers.value) break;
      job++;
      open = jobs[job] ? valueIn(jobs[job]!.target, unit) : 0;
    }
    return parts;
  });
}

function leftoverPlan(
  { jobs, rate, carrier }: DayInput,
  { product, finished, actualRate }: { product: Quantity; finished: Quantity | null; actualRate: number },
  stays: Quantity,
): LeftoverPlan {
  const { unit } = product;
  const mix = quantity(valueIn(stays, carrier.amount.unit), carrier.amount.unit);
  let left = finished && finished.value > 0 ? (product.value * mix.value) / finished.value : 0;
  const whole = quantity(left, unit);
  const perMeasure = Math.max(0, rate.max - actualRate);
  const over: LeftoverPlan['over'][number][] = [];
  jobs.forEach(({ target, room }, job) => {
    if (!sameDimension(target, rate.per)) return;
    const byRate = (perMeasure * valueIn(target, rate.per.unit)) / rate.per.value;
    const takes = Math.min(left, byRate, room ? Math.max(0, valueIn(room, unit)) : Infinity);
    if (!(takes > 1e-9 * whole.value)) return;
    const ground = quantity((takes / perMeasure) * rate.per.value, rate.per.unit);
    over.push({
      job,
      product: quantity(takes, unit),
      atLeast: quantity(valueIn(ground, target.unit), target.unit),
    });
    left -= takes;
  });
  return {
    mix,
    product: whole,
    over,
    without: quantity(Math.max(0, left < 1e-9 * whole.value ? 0 : left), unit),
  };
}
