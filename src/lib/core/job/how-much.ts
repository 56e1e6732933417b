import { grid, hoseEndJug, hoseRatio, jugFill, sprayTime } from '../equipment';
import { dose, type DoseAnswer, type DoseInput, type Load } from '../dose';
import { answer, invalid, isRefused, type Refusal, type Result } from '../result';
import {
  ceilOf,
  fromBase,
  inBase,
  isAbove,
  roundHalfUp,
  quantity,
  sameDimension,
  valueIn,
  type Quantity,
  type Rate,
} from '../units';
import type { Figure, FigureName, Job, Worked } from './job';

type Made = Result<Worked>;

/**
 * How much of a product a job of any method takes, and what follows from it: loads, jugs, drops, passes, seconds. Refuses
 * with the paths of the job's own keys what the arithmetic of the method refuses, and what it needs and was not given as
 * `invalid-input`.
 *
 * @example howMuch({ method: 'void', rate: 5 g per m3, sides: 2.4 m × 0.6 m × 0.1 m }) // 0.72 g
 */
export function howMuch(job: Job): Made {
  const missing = needed(job);
  if (missing.length > 0) return { refused: missing };
  const measured = measuredBy(job);
  if (isRefused(measured)) return measured;
  const { target, figures } = measured.ok;
  const sized = dose(inputOf(job, target));
  if (isRefused(sized)) return sized;
  const more = WORK[job.method](job, sized.ok, target);
  if (isRefused(more)) return more;
  return answer({
    figures: [figure('product', sized.ok.product), ...figures, ...more.ok.figures],
    loads: more.ok.loads ?? sized.ok.loads,
    vessels: more.ok.vessels ?? [],
    actualRate: sized.ok.actualRate,
    errorPct: sized.ok.errorPct,
    problems: [...sized.ok.problems, ...(more.ok.problems ?? [])],
  });
}

const figure = (name: FigureName, value: Quantity): Figure => ({ name, value });

/** Keys that a method cannot do without. */
function needed({ method, target, sides, radius, carrier, tank, dial }: Job): Refusal[] {
  const room = method === 'void' || method === 'soil';
  const wanted: readonly (readonly [boolean, string])[] = [
    [
      method === 'grid' || room ? sides !== undefined : target !== undefined,
      room || method === 'grid' ? 'sides' : 'target',
    ],
    [!room || sides?.depth !== undefined, 'sides.depth'],
    [method !== 'grid' || radius !== undefined, 'radius'],
    [!['tank', 'jug', 'dial', 'nematodes'].includes(method) || carrier !== undefined, 'carrier'],
    [method !== 'jug' || tank !== undefined, 'tank'],
    [method !== 'dial' || dial !== undefined, 'dial'],
  ];
  return wanted.flatMap(([given, path]) => (given ? [] : [invalid(path, 'needed')]));
}

/** The target as the rate can be applied to it. */
function measuredBy(job: Job): Result<{ target: Quantity; figures: readonly Figure[] }> {
  const { method, sides, radius, rate } = job;
  if (!sides) return answer({ target: job.target ?? quantity(0, 'count'), figures: [] });
  if (method === 'grid') {
    const laid = grid({ radius, length: sides.length, width: sides.width });
    if (isRefused(laid)) return laid;
    const points = quantity(laid.ok.points ?? 0, 'count');
    return answer({
      target: points,
      figures: [figure('points', points), figure('spacing', laid.ok.spacing)],
    });
  }
  const { length, width, depth } = sides;
  const volume = inBase(length) * inBase(width) * (depth ? inBase(depth) : 0);
  const unit = sameDimension(rate.per, { unit: 'm3' }) ? rate.per.unit : 'm3';
  // A metre cubed is the base of both.
  const target = quantity(fromBase(volume * BASE_OF_M3, unit), unit);
  return answer({ target, figures: [figure('measured', target)] });
}
const BASE_OF_M3 = inBase(quantity(1, 'm3')) / inBase(quantity(1, 'm')) ** 3;

function inputOf({ method, rate, carrier, tank, second, step }: Job, target: Quantity): DoseInput {
  const mixed = carrier !== undefined && method !== 'granule';
  return {
    rate,
    target,
    ...(mixed ? { carrier: { amount: carrier.amount, per: carrier.per } } : {}),
    ...(mixed && tank && method !== 'dial'
      ? { tank: { capacity: second && method === 'tank' && bySize(second, tank) > 0 ? second : tank } }
      : {}),
    ...(step ? { measureStep: step } : {}),
    rounding: 'inside' as const,
  };
}

interface More {
  readonly figures: readonly Figure[];
  readonly loads?: Worked['loads'];
  readonly vessels?: Worked['vessels'];
  readonly problems?: Worked['problems'];
}
type Work = (job: Job, sized: DoseAnswer, target: Quantity) => Result<More>;

const mixOf = ({ finished }: DoseAnswer): Figure[] => (finished ? [figure('mix', finished)] : []);

/** What is counted out in packs, each begun one counted. */
const packsOf = ({ pack }: Job, amount: Quantity): Figure[] =>
  pack && sameDimension(pack, amount) && pack.value > 0
    ? [figure('packs', quantity(ceilOf(valueIn(amount, pack.unit) / pack.value), 'count'))]
    : [];

/** How long it comes out at a flow; for each place where there are places. */
function timesOf({ flow }: Job, amount: Quantity, places: Quantity | null): Result<Figure[]> {
  if (!flow) return answer([]);
  const took = sprayTime({ amount, flow });
  if (isRefused(took)) return took;
  const { time } = took.ok;
  return answer([
    figure('time', time),
    ...(places && places.unit === 'count' && places.value > 0
      ? [figure('time-each', quantity(time.value / places.value, time.unit))]
      : []),
  ]);
}

/**
 * In how many drops, taps or puffs of a known size. Each place gets whole ones: the number nearest to its share that keeps
 * to the label; where even one passes the label's most for a place, the size does not serve.
 */
function portionsOf(
  { each, rate }: Job,
  amount: Quantity,
  places: Quantity | null,
): Result<{ figures: Figure[]; problems: Worked['problems'] }> {
  if (!each) return answer({ figures: [], problems: [] });
  if (!sameDimension(each, amount) || !(each.value > 0))
    return { refused: [invalid('each.unit', 'one-of', { choices: [amount.unit] })] };
  const count = valueIn(amount, each.unit) / each.value;
  if (!places || places.unit !== 'count' || !(places.value > 0))
    return answer({ figures: [figure('portions', quantity(ceilOf(count), 'count'))], problems: [] });
  const share = count / places.value;
  const chosen = rate.chosen ?? rate.min;
  const [least, most] = [(share * rate.min) / chosen, (share * rate.max) / chosen];
  const nearest = Math.max(1, roundHalfUp(share));
  const whole = isAbove(least, nearest)
    ? nearest + 1
    : isAbove(nearest, most)
      ? Math.max(1, nearest - 1)
      : nearest;
  const problems: Worked['problems'] = isAbove(whole, most)
    ? ['portion-too-large']
    : isAbove(least, whole)
      ? ['portion-does-not-fit']
      : [];
  return answer({
    figures: [
      figure('portions', quantity(whole * places.value, 'count')),
      figure('portions-each', quantity(whole, 'count')),
    ],
    problems,
  });
}

const atEach = ({ product }: DoseAnswer, target: Quantity): Figure[] =>
  target.unit === 'count' && target.value > 0
    ? [figure('each', quantity(product.value / target.value, product.unit))]
    : [];

type Part =
  readonly Figure[] | Result<Figure[]> | Result<{ figures: Figure[]; problems: Worked['problems'] }>;

/** Figures of several sums, or the first refusal among them. */
function together(...parts: readonly Part[]): Result<More> {
  const figures: Figure[] = [];
  const problems: Worked['problems'][number][] = [];
  for (const part of parts) {
    if ('refused' in part) return part;
    const told = 'ok' in part ? part.ok : part;
    if ('figures' in told) {
      figures.push(...told.figures);
      problems.push(...told.problems);
    } else figures.push(...told);
  }
  return answer({ figures, problems });
}

const WORK: Readonly<Record<Job['method'], Work>> = {
  tank: ({ tank, second }, sized) =>
    answer({
      figures: mixOf(sized),
      ...(tank && second ? { vessels: vesselsOf(sized, tank, second) } : {}),
    }),
  jug: ({ carrier, tank, jug, flow }, sized) => {
    const covers = hoseEndJug({ makes: tank as Quantity, carrier: carrier as Rate, flow });
    if (isRefused(covers)) return covers;
    const [first, last] = [sized.loads[0], sized.loads.at(-1)];
    const water =
      jug && first ? waterBeside(jugFill(jug, tank as Quantity, first.finished), first.product) : null;
    return answer({
      // What the jug itself is filled with: the mix is made in the hose.
      loads:
        jug && water
          ? sized.loads.map((load) => inJug(load, jugFill(jug, tank as Quantity, load.finished)))
          : [],
      figures: [
        ...mixOf(sized),
        figure('jugs', quantity(sized.loads.length, 'count')),
        figure('jug-covers', covers.ok.covers),
        ...(first ? [figure('jug-product', first.product)] : []),
        ...(water ? [figure('jug-water', water)] : []),
        ...(last && last !== first ? [figure('jug-last', last.product)] : []),
        ...(covers.ok.time ? [figure('jug-run', covers.ok.time)] : []),
      ],
    });
  },
  dial: (job, sized) => dialled(job, sized),
  granule: (job, sized, target) => {
    const { passes = 1, strip } = job;
    const { product } = sized;
    const pass = quantity(product.value / passes, product.unit);
    const laid = strip && sameDimension(target, { unit: 'm2' }) ? onStrip(pass, target, strip) : [];
    return together(packsOf(job, product), passes > 1 ? [figure('pass', pass)] : [], laid);
  },
  drops: (job, sized, target) =>
    together(atEach(sized, target), portionsOf(job, sized.product, target), packsOf(job, sized.product)),
  stations: (job, sized, target) => {
    const count = ceilOf(sized.exactProduct.value);
    return together([
      figure('points', quantity(count, 'count')),
      ...(count > 0 ? [figure('spread-out', quantity(target.value / count, target.unit))] : []),
    ]);
  },
  film: (job, sized) => together(timesOf(job, sized.product, null), portionsOf(job, sized.product, null)),
  void: (job, sized) => together(timesOf(job, sized.product, null), portionsOf(job, sized.product, null)),
  aerosol: (job, sized, target) =>
    together(atEach(sized, target), timesOf(job, sized.product, target), packsOf(job, sized.product)),
  nematodes: (job, sized) => {
    const { pack } = job;
    const first = sized.loads[0];
    return together(
      packsOf(job, sized.product),
      pack && first && sameDimension(pack, first.product)
        ? [figure('packs-fill', quantity(valueIn(first.product, pack.unit) / pack.value, 'count'))]
        : [],
      mixOf(sized),
    );
  },
  soil: (job, sized) => together(mixOf(sized), timesOf(job, sized.finished ?? sized.product, null)),
  grid: (job, sized, target) =>
    together(atEach(sized, target), portionsOf(job, sized.product, target), packsOf(job, sized.product)),
};

const bySize = (a: Quantity, b: Quantity): number => inBase(a) - inBase(b);

/** Of two tanks the smaller one for each load that it holds. */
function vesselsOf({ loads }: DoseAnswer, ...tanks: readonly [Quantity, Quantity]): Quantity[] {
  const [small, large] = [...tanks].sort(bySize) as [Quantity, Quantity];
  return loads.map(({ finished }) => (isAbove(valueIn(finished, small.unit), small.value) ? large : small));
}

/** A load as it stands in the jug itself: filled to so much, the rest of it water, both in the jug's unit. */
const inJug = (load: Load, fill: Quantity): Load => ({
  ...load,
  finished: fill,
  carryOver: quantity(0, fill.unit),
  water: waterBeside(fill, load.product) ?? fill,
});

/** What goes into a jug beside its product; null where there is no room or the product is no liquid. */
function waterBeside(jug: Quantity, product: Quantity): Quantity | null {
  if (!sameDimension(jug, product)) return null;
  const left = jug.value - valueIn(product, jug.unit);
  return left > 0 ? quantity(left, jug.unit) : null;
}

/** What falls on the strip that is weighed, of a pass over the whole target. */
function onStrip(pass: Quantity, target: Quantity, { length, swath }: NonNullable<Job['strip']>): Figure[] {
  const share = (inBase(length) * inBase(swath)) / inBase(target);
  return [figure('strip', quantity(pass.value * share, pass.unit))];
}

function dialled({ dial, jug }: Job, sized: DoseAnswer): Result<More> {
  const { finished, product } = sized;
  if (!dial || !finished) return answer({ figures: [] });
  if (!sameDimension(dial.amount, product) || !sameDimension(dial.per, finished) || !(dial.amount.value > 0))
    return { refused: [invalid('dial.unit', 'one-of', { choices: [product.unit] })] };
  // What the dial lets out while all of the mix is made: product, and the water that it stands in.
  const out = quantity(
    (valueIn(finished, dial.per.unit) / dial.per.value) * dial.amount.value,
    dial.amount.unit,
  );
  const water = valueIn(out, product.unit) - product.value;
  const low = water < -1e-9 * product.value;
  const jugs = jug && sameDimension(jug, out) && jug.value > 0 ? hoseRatio({ jug, dial }) : null;
  if (jugs && isRefused(jugs)) return jugs;
  return answer({
    figures: [
      ...mixOf(sized),
      ...(low ? [] : [figure('jug-water', quantity(Math.max(0, water), product.unit))]),
      figure(
        'hose-water',
        quantity(finished.value - valueIn(low ? product : out, finished.unit), finished.unit),
      ),
      ...(jugs
        ? [
            figure(
              'jugs',
              quantity(ceilOf(valueIn(finished, jugs.ok.delivers.unit) / jugs.ok.delivers.value), 'count'),
            ),
          ]
        : []),
    ],
    problems: low ? ['dial-too-low'] : [],
  });
}
