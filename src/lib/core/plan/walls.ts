import { difference, offset, union } from '../clip';
import {
  areaOf,
  boxesMeet,
  distance,
  insideStretches,
  perimeterOf,
  type Point,
  type Rings,
} from '../geometry';
import { drawnEdges, outlineOf } from './outline';
import type { Opening, Plan, Zone, ZoneKind } from './plan';

/** What lies along the foot of a wall. */
export type EdgeType = 'soil' | 'hard' | 'water' | 'edible' | 'building';
export interface Stretch {
  /** Metres from the start of the run. */
  readonly from: number;
  readonly to: number;
  readonly edge: EdgeType;
}
export interface WallRun {
  /** The number of the drawn edge. */
  readonly edge: number;
  readonly from: Point;
  readonly to: Point;
  readonly lengthM: number;
  readonly heightM: number | null;
  readonly openings: readonly Opening[];
  readonly stretches: readonly Stretch[];
}

/** So far out from the wall its edge is looked at: past the foot of the wall, short of a path's far side. */
const LOOK_OUT_M = 0.15;
const EDGE_OF: Readonly<Partial<Record<ZoneKind, EdgeType>>> = {
  ...{ hard: 'hard', water: 'water', 'edible-bed': 'edible', building: 'building' },
};
/** Where several meet at one place, the first of these counts. */
const ORDER: readonly EdgeType[] = ['building', 'water', 'hard', 'edible'];

/**
 * The walls of a building, edge by edge of its outline, with the height, the openings in each, and what lies along each
 * stretch of its foot: soil unless hard ground, water, an edible bed or another building is drawn there.
 */
export function wallRuns(plan: Plan, building: Zone): WallRun[] {
  const { box } = outlineOf(building.shape);
  const beside = plan.zones.filter(
    (z) =>
      z.id !== building.id &&
      z.layer === building.layer &&
      EDGE_OF[z.kind] !== undefined &&
      boxesMeet(box, outlineOf(z.shape).box, LOOK_OUT_M),
  );
  const runs: WallRun[] = [];
  const drawn = drawnEdges(building.shape);
  for (const [i, { edge, from, to, outside }] of drawn.entries()) {
    const lengthM = distance(from, to);
    if (lengthM === 0) continue;
    const out = (LOOK_OUT_M * outside) / lengthM;
    const [ox, oy] = [(to[1] - from[1]) * out, -(to[0] - from[0]) * out];
    const line: [Point, Point] = [
      [from[0] + ox, from[1] + oy],
      [to[0] + ox, to[1] + oy],
    ];
    runs.push({
      ...{ edge, from, to, lengthM, heightM: building.height },
      // The openings of a curved wall stand in its first piece.
      openings: drawn[i - 1]?.edge === edge ? [] : building.openings.filter((o) => o.edge === edge),
      stretches: stretchesAlong(line, lengthM, beside),
    });
  }
  return runs;
}

function stretchesAlong([a, b]: [Point, Point], length: number, beside: readonly Zone[]): Stretch[] {
  const found = beside
    .flatMap((zone) => {
      const edge = EDGE_OF[zone.kind] ?? 'soil';
      return insideStretches(a, b, outlineOf(zone.shape).rings).map(([from, to]) => ({ from, to, edge }));
    })
    .sort((m, n) => ORDER.indexOf(m.edge) - ORDER.indexOf(n.edge));
  const cuts = [...new Set([0, length, ...found.flatMap((s) => [s.from, s.to])])].sort((m, n) => m - n);
  const stretches: { from: number; to: number; edge: EdgeType }[] = [];
  for (let i = 0; i + 1 < cuts.length; i++) {
    const [from, to] = [cuts[i] ?? 0, cuts[i + 1] ?? 0];
    if (to - from < 1e-6) continue;
    const middle = (from + to) / 2;
    const edge = found.find((s) => s.from <= middle && middle <= s.to)?.edge ?? 'soil';
    const last = stretches[stretches.length - 1];
    if (last?.edge === edge) last.to = to;
    else stretches.push({ from, to, edge });
  }
  return stretches;
}

/** The edge of the roof: its length, and what it covers beyond the walls. */
export interface Eaves {
  readonly lengthM: number;
  readonly underM2: number;
}

/** The eaves of a building that stand out so far; null where that is not known. */
export function eavesOf(building: Zone): Eaves | null {
  if (building.eaves === null || building.eaves === undefined) return null;
  const { rings } = outlineOf(building.shape);
  const roof = offset(rings, building.eaves);
  return { lengthM: perimeterOf(roof), underM2: areaOf(difference(roof, rings)) };
}

export interface BandLimits {
  /** Up the wall and out from it, in metres. */
  readonly upM: number;
  readonly outM: number;
  readonly wallAboveHard: boolean;
}
export interface Band {
  /** The ground part, with its true corners, cut by what may not be treated. */
  readonly ground: Rings;
  readonly groundM2: number;
  readonly wallM2: number;
  readonly areaM2: number;
  /** Metres of wall along hard ground: only its joints may be treated. */
  readonly crackM: number;
  readonly soilM: number;
}

/**
 * The band around a building: up its walls above soil (above hard ground where the label lets it), less the openings,
 * and out over the ground with round corners, cut by hard ground, water, edible beds, no-spray strips and buildings.
 */
export function bandAround(plan: Plan, building: Zone, { upM, outM, wallAboveHard }: BandLimits): Band {
  const outline = outlineOf(building.shape);
  const cuts = plan.zones.filter(
    (z) =>
      z.layer === building.layer &&
      (EDGE_OF[z.kind] !== undefined || z.kind === 'no-spray') &&
      boxesMeet(outline.box, outlineOf(z.shape).box, outM),
  );
  const ground =
    outM > 0
      ? difference(offset(union(outline.rings), outM), ...cuts.map((z) => outlineOf(z.shape).rings))
      : [];
  const runs = wallRuns(plan, building);
  const along = (edge: EdgeType): number =>
    runs.reduce(
      (sum, run) => sum + run.stretches.reduce((s, p) => s + (p.edge === edge ? p.to - p.from : 0), 0),
      0,
    );
  const wallM2 = runs.reduce((sum, run) => sum + wallBand(run, upM, wallAboveHard), 0);
  const groundM2 = areaOf(ground);
  return {
    ...{ ground, groundM2, wallM2, areaM2: groundM2 + wallM2 },
    ...{ crackM: along('hard'), soilM: along('soil') },
  };
}

/** The part of a run's wall in the band, less what of its openings reaches into it. Openings start at the ground. */
function wallBand({ stretches, heightM, openings }: WallRun, upM: number, aboveHard: boolean): number {
  const up = Math.min(upM, heightM ?? upM);
  return stretches
    .filter(({ edge }) => edge === 'soil' || (edge === 'hard' && aboveHard))
    .reduce((sum, { from, to }) => {
      const open = openings
        .filter((o) => o.kind === 'door' || o.kind === 'gap')
        .reduce((s, o) => {
          const wide = Math.min(to, o.from + o.width) - Math.max(from, o.from);
          return s + Math.max(0, wide) * Math.min(up, o.height);
        }, 0);
      return sum + (to - from) * up - open;
    }, 0);
}
