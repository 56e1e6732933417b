import { howMuch } from '../src/lib/core/job';
import { Bench } from 'tinybench';
import { CANDIDATES, DEMONSTRATION_LABELS, SIGNS } from '../src/lib/catalog';
import { NO_WISHES, rankLabels, type ChooseSituation } from '../src/lib/core/choose';
import { checkLabel, inHand, type LabelCard, type LabelUse } from '../src/lib/core/labels';
import { parseDay, type CalendarDay } from '../src/lib/core/units';
import { gateCurve, gateFor, spreadPattern } from '../src/lib/core/equipment';
import {
  costOf,
  planDay,
  quartersOf,
  dose,
  portionOf,
  rinsed,
  toolsFor,
  type DoseInput,
} from '../src/lib/core/dose';
import { identify, questionsAhead, rankCase, type Candidate, type Finding } from '../src/lib/core/identify';
import { findWindows } from '../src/lib/core/schedule';
import { courseBenches } from './course';
import { largePlan, planBenches } from './plan';
import { syntheticHours } from '../src/lib/core/weather';

const area = (value: number) => ({ value, unit: 'm2' }) as const;
const job: DoseInput = {
  rate: { min: 100, max: 150, chosen: 125, unit: 'ml', per: area(1000) },
  carrier: { amount: { value: 60, unit: 'l' }, per: area(1000) },
  target: area(334),
  tank: {
    capacity: { value: 15, unit: 'l' },
    carryOver: { finished: { value: 2, unit: 'l' }, product: { value: 4, unit: 'ml' } },
  },
  measureStep: { value: 1, unit: 'ml' },
};
const seen = { 'chewed-blades': true, 'green-pellets': true, 'turf-lifts': false };
const circumstances = {
  ...({ month: 9, hemisphere: 'north', surrounding: 'lawn', history: {}, lengthMm: null } as const),
};

/** A catalogue of 5,000 made-up entries, each with the likelihoods of the real one's next neighbour, moved along. */
const crowd: readonly Candidate[] = Array.from({ length: 5000 }, (_, i) => ({
  ...(CANDIDATES[i % CANDIDATES.length] as Candidate),
  id: `c${i}`,
  signs: CANDIDATES[(i * 7 + Math.floor(i / CANDIDATES.length)) % CANDIDATES.length]?.signs ?? {},
}));
const everything: Record<string, Finding> = Object.fromEntries(
  SIGNS.map((sign, i) => [
    sign.id,
    sign.values ? (sign.values[i % sign.values.length]?.id ?? '') : i % 3 === 0,
  ]),
);

/** Five hundred made-up pests by sixty signs, the likelihoods from a fixed rule. */
const many = {
  prior: new Map(Array.from({ length: 500 }, (_, i) => [`p${i}`, 1 + (i % 7)])),
  signs: new Map(
    Array.from({ length: 60 }, (_, s) => [
      `s${s}`,
      new Map(Array.from({ length: 500 }, (_, i) => [`p${i}`, ((i * 31 + s * 17) % 97) / 97])),
    ]),
  ),
  seen: new Map([
    ['s0', true],
    ['s1', false],
  ]),
};
const hours = syntheticHours({ seed: 7, latitude: 54 }, 505_000, 24 * 14);
const forecast = {
  startHour: 0,
  tempC: hours.map((h) => h.tempC),
  windKmh: hours.map((h) => h.windKmh),
  rainMm: hours.map((h) => h.rainMm),
};

/** Two thousand made-up cards of ten uses each, and what a case asks of them. */
const shelf = Array.from({ length: 2000 }, (_, i) => {
  const card = DEMONSTRATION_LABELS[i % DEMONSTRATION_LABELS.length] as LabelCard;
  const uses = Array.from(
    { length: 10 },
    (__, k) => DEMONSTRATION_LABELS[(i + k) % DEMONSTRATION_LABELS.length]?.uses[0] as LabelUse,
  );
  return { label: { ...card, id: `card-${i}`, uses }, containers: [] };
});
const webworm = CANDIDATES.find((c) => c.id === 'sod-webworm') as Candidate;
const asked: ChooseSituation = {
  ...{ pest: webworm, stage: 'half-grown', hemisphere: 'north', surrounding: 'lawn', licence: null },
  ...{
    real: false,
    today: parseDay('2027-09-15') as CalendarDay,
    flowering: false,
    guide: new Map(),
    byWater: true,
    damp: null,
    counted: { places: 0, edgeM: 0, volumeM3: 0 },
  },
  ...{ area: area(334), records: [], parts: [[]], rules: [], wishes: NO_WISHES },
};
const choose = (): number =>
  rankLabels(
    shelf.flatMap(({ label, containers }) => {
      const card = inHand(label, { pest: webworm.id, stage: 'half-grown', surrounding: 'lawn' });
      return card ? [{ label: card, containers }] : [];
    }),
    asked,
  ).length;

const tools = [
  { name: 'Syringe', step: { value: 1, unit: 'ml' }, holds: { value: 30, unit: 'ml' } },
  { name: 'Cup', step: { value: 10, unit: 'ml' }, holds: { value: 250, unit: 'ml' } },
] as const;
const trays = [0.4, 3.1, 5.6, 6.2, 6, 6.3, 5.4, 2.8, 0.3];
const gate = [3, 3, 4, 5, 5].map((setting, i) => ({ setting, delivered: 100 * setting ** 1.6 + i }));
/** Everything that the bench works out, for a day of forty jobs of different sizes. */
function day(): number {
  let sum = 0;
  for (let i = 0; i < 40; i++) {
    const { tank: _, ...rest } = job;
    const asked: DoseInput = {
      ...{ ...rest, target: area(60 + 17 * i), split: 'marks', measureHolds: tools[0].holds },
      tank: { capacity: { value: 15, unit: 'l' } },
    };
    const result = dose(asked);
    if (!('ok' in result)) throw new Error('the job was refused');
    const rate = { min: 100, max: 150, chosen: 125 };
    for (const load of result.ok.loads)
      sum += toolsFor(portionOf(result.ok, load, rate, null), 'ml', tools).length;
    const curve = gateCurve(gate);
    sum += curve ? gateFor(curve, 500 + i).setting : 0;
    const left = rinsed({ left: { value: 0.2, unit: 'l' }, water: { value: 1.5, unit: 'l' }, times: 3 });
    sum += 'ok' in left ? left.ok.leftPct : 0;
    const cost = costOf({
      ...{ product: result.ok.product, target: asked.target, per: area(100), times: 3, quote: 200 },
      container: { size: { value: 1, unit: 'l' }, price: 40 },
      left: null,
      tools: [{ name: 'Knapsack', price: 90, lifeJobs: 200 }],
      sizes: [1, 5, 20].map((value) => ({ size: { value, unit: 'l' }, price: 40 * value })),
    });
    sum += 'ok' in cost ? cost.ok.sizes.length : 0;
    const alone = howMuch({ method: 'tank', rate: asked.rate, carrier: asked.carrier, target: asked.target });
    sum += 'ok' in alone ? alone.ok.figures.length : 0;
    sum += quartersOf(asked.target, result.ok.product).length;
  }
  const { rate, carrier } = job;
  const together = carrier
    ? planDay({
        ...{ rate, carrier },
        jobs: Array.from({ length: 40 }, (_, i) => ({ name: `${i}`, target: area(60 + 17 * i), room: null })),
        tanks: [15, 100].map((value) => ({
          name: `${value} l`,
          capacity: { value, unit: 'l' },
          undrawn: { value: 0.2, unit: 'l' },
        })),
      })
    : null;
  sum += together && 'ok' in together ? together.ok.loads.length : 0;
  // A spreader is one, however many jobs it is used on.
  return sum + (spreadPattern(trays, 0.15, 20)?.shiftM ?? 0);
}

export { largePlan };

/** The core's own times, in milliseconds. */
export async function benchCore(): Promise<void> {
  const bench = new Bench({ time: 600 });
  bench
    .add('dose: one job, two loads', () => void dose(job))
    .add(
      'mix: a day of 40 jobs, loads on marks, tools, rinses, gate, pattern, costs, together',
      () => void day(),
    )
    .add('dose: 1,000 loads', () => void dose({ ...job, target: area(250_000) }))
    .add('identify: the catalogue, 3 signs seen', () => void rankCase(CANDIDATES, SIGNS, seen, circumstances))
    .add(
      'identify: 5,000 entries, all signs answered',
      () => void rankCase(crowd, SIGNS, everything, circumstances),
    )
    .add(
      'identify: the catalogue, what to look at next',
      () => void rankCase(CANDIDATES, SIGNS, seen, circumstances).next,
    )
    .add(
      'identify: the catalogue, how many questions are to come',
      () =>
        void questionsAhead(
          { candidates: CANDIDATES, signs: SIGNS },
          (found) => rankCase(CANDIDATES, SIGNS, found, circumstances),
          seen,
          { skipped: new Set(), first: null },
        ),
    )
    .add('choose: 2,000 cards of 10 uses', () => void choose())
    .add('label check: all 30 demonstration labels', () => void DEMONSTRATION_LABELS.map(checkLabel))
    .add('identify: 500 pests × 60 signs', () => void identify(many))
    .add(
      'windows: 14 days of hours',
      () => void findWindows(forecast, { maxWindKmh: 15, dryAfter: { hours: 6, mm: 0.2 }, jobHours: 2 }),
    );
  for (const [name, run, before] of [...planBenches, ...courseBenches])
    bench.add(name, run, { beforeEach: before });
  await bench.run();
  for (const task of bench.tasks) if (task.result.state === 'errored') throw task.result.error;
  console.table(
    bench.tasks.map((task) => {
      const latency = task.result.state === 'completed' ? task.result.latency : null;
      return { task: task.name, 'median ms': latency?.p50.toFixed(4), 'p99 ms': latency?.p99.toFixed(4) };
    }),
  );
}
