import { assess, courseView, type CaseFacts, type Treatment } from '../src/lib/core/case';
import { factsWith, stops } from '../src/lib/core/case/case.test-kit';
import { measureOnPlan } from '../src/lib/core/plan';
import { largePlan } from './plan';

/** The lawns of a plan of 300 zones, with their margins, as a treatment measured on it has them. */
function measured(): NonNullable<CaseFacts['ground']> {
  const plan = largePlan();
  const zones = plan.zones.filter(({ kind }) => kind === 'lawn').map(({ id }) => id);
  const keepOff = { waterM: 3, hardM: 0.3, ediblesM: 1 };
  const { rings, ...found } = measureOnPlan(plan, zones, keepOff, null);
  return {
    cells: zones.map(() => []),
    now: { ...found, ...{ places: 0, edgeM: 0, volumeM3: 0, waterGapM: 3 } },
    rings,
  };
}

/** A course of six on those lawns: a spray, a granule and nematodes, twice each, all measured, mixed and placed. */
function courseOfSix(): CaseFacts {
  const ground = measured();
  const plan = { ...ground.now, zones: [], waterM: 3, hardM: 0.3, ediblesM: 1 };
  const labels = ['tarnside-liquid', 'hazelmoor-granule', 'wath-nematodes'];
  const course = Array.from({ length: 6 }, (_, i): Treatment => ({
    ...{ number: i + 1, state: 'planned', onlyIf: '', go: 1, states: {}, settled: {}, ground },
    stops: {
      ...{ choose: { ...stops.choose, label: labels[i % 3] ?? '' }, when: stops.when, place: stops.place },
      ...{ measure: { ...stops.measure, how: 'plan', plan }, mix: stops.mix },
    },
  }));
  const [first] = course;
  const own = factsWith();
  return { ...own, ...{ treatment: 1, course, ground }, stops: { ...own.stops, ...first?.stops } };
}

let facts = courseOfSix();
/** As after a key was typed at Mix: the facts are others, what they are made of is the same but for the answer. */
const typed = (): void => {
  const { mix } = facts.stops;
  if (mix)
    facts = { ...facts, stops: { ...facts.stops, mix: { ...mix, rate: mix.rate === 125 ? 120 : 125 } } };
};

export const courseBenches: readonly (readonly [name: string, run: () => void, before: () => void])[] = [
  ['case: assess of one of six treatments, on a plan of 300 zones', () => void assess(facts), typed],
  ['case: a course of six as a whole, on a plan of 300 zones', () => void courseView(facts), typed],
];
