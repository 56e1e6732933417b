import { EMPTY_PLAN, figuresOf, summaryOf, type Plan, type Zone, type ZoneShape } from '../src/lib/core/plan';

/** A made-up plan of 300 zones with about 5,000 corners: lawns, with beds, paths and ponds that lie on them. */
export function largePlan(): Plan {
  const zones = Array.from({ length: 300 }, (_, i): Zone => {
    const [column, row] = [i % 20, Math.floor(i / 20)];
    const kind = (['lawn', 'bed', 'lawn', 'hard', 'lawn', 'water', 'building'] as const)[i % 7] ?? 'lawn';
    const reach = kind === 'lawn' ? 7 : 3.5;
    const corners = Array.from({ length: 17 }, (__, k): [number, number] => {
      const angle = (2 * Math.PI * k) / 17;
      const r = reach * (0.8 + 0.2 * Math.sin(k * 2.3 + i));
      return [column * 10 + r * Math.cos(angle), row * 10 + r * Math.sin(angle)];
    });
    const shape: ZoneShape = { kind: 'polygon', corners, holes: [] };
    return {
      ...{ id: `z${i}`, name: `Zone ${i}`, kind, layer: 'outside', shape, note: '', from: [], foreign: null },
      ...{ measured: { how: 'tape', errorPct: 1 }, height: 3, openings: [] },
    };
  });
  return { ...EMPTY_PLAN, zones };
}

const PLAN = largePlan();
const ASKS = {
  jobs: [
    {
      zones: PLAN.zones.filter((z) => z.kind === 'lawn').map((z) => z.id),
      keepOff: { waterM: 3, hardM: 0.3, ediblesM: 1 },
    },
  ],
  building: null,
};

/** As a worker gets it: nothing of it was seen before. */
let copy: Plan = PLAN;
const prepare = (): void => {
  copy = structuredClone(PLAN);
};

/** Each with what is done before every run, outside the time that is taken. */
export const planBenches: readonly (readonly [name: string, run: () => void, before: () => void])[] = [
  [
    'plan: 300 zones, 5,100 corners, everything anew',
    () => void summaryOf(copy, { jobs: [], building: null }),
    prepare,
  ],
  [
    'plan: the same, with the treatable ground of all lawns and its margins',
    () => void summaryOf(copy, ASKS),
    prepare,
  ],
  [
    'plan: one corner moved',
    () => {
      const [first, ...rest] = PLAN.zones;
      if (first) figuresOf({ zones: [{ ...first, shape: { ...first.shape } as ZoneShape }, ...rest] });
    },
    () => undefined,
  ],
];
