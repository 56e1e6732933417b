import { roomyPlace, type Point } from '../geometry';
import type { Refusal } from '../result';
import type { Repair } from '../clip';
import { figuresOf, type ZoneFigures } from './figures';
import type { Plan, ZoneKind } from './plan';
import { measureOnPlan } from './measure';
import type { KeepOff } from './treatable';
import { bandAround, eavesOf, wallRuns, type Band, type BandLimits, type Eaves, type WallRun } from './walls';

export interface ZoneSummary {
  readonly id: string;
  readonly grossM2: number;
  readonly areaM2: number;
  readonly lowM2: number;
  readonly highM2: number;
  readonly perimeterM: number;
  readonly wallM2: number | null;
  readonly volumeM3: number | null;
  readonly repairs: readonly { readonly what: Repair; readonly at: Point }[];
  readonly refused: readonly Refusal[];
  /** Where its name fits best; null where nothing of it is left. */
  readonly label: Point | null;
}

/** What somebody wants to know besides the zones: what a plan of work covers, and the band around a building. */
export interface Asks {
  readonly jobs: readonly {
    readonly zones: readonly string[];
    readonly keepOff: KeepOff;
    readonly band?: BandLimits | null;
  }[];
  readonly building: { readonly id: string; readonly limits: BandLimits } | null;
}

export interface PlanSummary {
  readonly zones: readonly ZoneSummary[];
  readonly totals: readonly {
    readonly kind: ZoneKind;
    readonly areaM2: number;
    readonly lowM2: number;
    readonly highM2: number;
  }[];
  readonly jobs: readonly {
    readonly areaM2: number;
    readonly lowM2: number;
    readonly highM2: number;
    readonly keptOffM2: number;
    readonly lengthM: number;
    readonly widthM: number;
  }[];
  readonly walls: {
    readonly runs: readonly WallRun[];
    readonly band: Band;
    readonly eaves: Eaves | null;
  } | null;
}

/** Made once for each figures: what did not change is the same object in the next summary, and need not be sent again. */
const SUMMARIES = new WeakMap<ZoneFigures, ZoneSummary>();
function summaryOfZone(id: string, f: ZoneFigures): ZoneSummary {
  const before = SUMMARIES.get(f);
  if (before) return before;
  const made: ZoneSummary = {
    ...{ id, grossM2: f.grossM2, areaM2: f.areaM2, lowM2: f.lowM2, highM2: f.highM2 },
    ...{ perimeterM: f.perimeterM, wallM2: f.wallM2, volumeM3: f.volumeM3 },
    ...{ repairs: f.outline.repairs, refused: f.outline.refused, label: roomyPlace(f.net) },
  };
  SUMMARIES.set(f, made);
  return made;
}

/** Everything that a screen shows of a plan, as plain data: worked out in a web worker, or where it is needed. */
export function summaryOf(plan: Plan, asks: Asks): PlanSummary {
  const { zones, totals } = figuresOf(plan);
  const building = asks.building && plan.zones.find((zone) => zone.id === asks.building?.id);
  return {
    zones: [...zones].map(([id, f]) => summaryOfZone(id, f)),
    totals: [...totals].map(([kind, sum]) => ({ kind, ...sum })),
    // As a case measures it: the walls of a building, never the ground that it stands on.
    jobs: asks.jobs.map(({ zones: ids, keepOff, band }) => {
      const { areaM2, lowM2, highM2, keptOffM2, lengthM, widthM } = measureOnPlan(
        plan,
        ids,
        keepOff,
        band ?? null,
      );
      return { areaM2, lowM2, highM2, keptOffM2, lengthM, widthM };
    }),
    walls:
      building && asks.building
        ? {
            runs: wallRuns(plan, building),
            band: bandAround(plan, building, asks.building.limits),
            eaves: eavesOf(building),
          }
        : null,
  };
}
