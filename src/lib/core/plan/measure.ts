import { distanceToEdge, type Rings } from '../geometry';
import type { PlanMeasured } from '../ground';
import { middleOf } from './edits';
import { figuresOf } from './figures';
import { outlineOf } from './outline';
import { isPlace, type Plan, type Zone } from './plan';
import { treatableOf, type KeepOff } from './treatable';
import { bandAround, wallRuns, type BandLimits } from './walls';

/**
 * What the chosen zones of a plan come to, in every measure that a label may use: the treatable area with its ends, the
 * number of places, the length of edges (walls of rooms; soil and hard stretches of buildings) and the volume of voids. With a
 * band, the area up and out along the chosen buildings comes to it, with the error of their walls. Unknown ids count for nothing.
 */
export function measureOnPlan(
  plan: Plan,
  ids: readonly string[],
  keepOff: KeepOff,
  band: BandLimits | null = null,
): PlanMeasured & { rings: Rings } {
  const chosen = plan.zones.filter((zone) => ids.includes(zone.id));
  // The walls of a building are treated, not the ground that it stands on.
  const surfaces = chosen
    .filter((zone) => zone.kind !== 'building' && zone.kind !== 'void')
    .map((zone) => zone.id);
  const { rings, direction: _, ...treated } = treatableOf(plan, surfaces, keepOff);
  const { zones: figures } = figuresOf(plan);
  const edgeM = chosen.reduce((sum, zone) => {
    if (zone.kind === 'room') return sum + (figures.get(zone.id)?.perimeterM ?? 0);
    if (zone.kind !== 'building') return sum;
    const stretches = wallRuns(plan, zone).flatMap((run) => run.stretches);
    return (
      sum +
      stretches
        .filter(({ edge }) => edge === 'soil' || edge === 'hard')
        .reduce((length, { from, to }) => length + to - from, 0)
    );
  }, 0);
  const bands = band
    ? chosen
        .filter((zone) => zone.kind === 'building')
        .map((zone) => ({ m2: bandAround(plan, zone, band).areaM2, e: zone.measured.errorPct / 100 }))
    : [];
  const along = (of: (one: (typeof bands)[number]) => number): number =>
    bands.reduce((sum, one) => sum + of(one), 0);
  const volumeM3 = chosen.reduce(
    (sum, zone) => sum + (zone.kind === 'void' ? (figures.get(zone.id)?.volumeM3 ?? 0) : 0),
    0,
  );
  return {
    ...treated,
    areaM2: treated.areaM2 + along(({ m2 }) => m2),
    lowM2: treated.lowM2 + along(({ m2, e }) => m2 * (1 - e)),
    highM2: treated.highM2 + along(({ m2, e }) => m2 * (1 + e)),
    rings,
    ...{ places: chosen.filter(isPlace).length, edgeM, volumeM3 },
    waterGapM: gapToWater(plan, rings, chosen, band?.outM ?? 0),
  };
}

/**
 * How near open water comes to what is treated: the ground, the foot of chosen walls with their band, places. null where none is
 * drawn, or nothing of it lies out of doors.
 */
function gapToWater(plan: Plan, rings: Rings, chosen: readonly Zone[], outM: number): number | null {
  const waters = plan.zones
    .filter((zone) => zone.kind === 'water' && zone.layer === 'outside')
    .map((zone) => outlineOf(zone.shape).rings);
  const gaps = waters.flatMap((water) => [
    ...(rings.length > 0 ? [gapBetween(rings, water)] : []),
    ...chosen.flatMap((zone) => {
      if (zone.layer !== 'outside') return [];
      if (zone.kind === 'building') return [gapBetween(outlineOf(zone.shape).rings, water) - outM];
      return isPlace(zone) ? [distanceToEdge(middleOf(zone.shape), water)] : [];
    }),
  ]);
  return gaps.length > 0 ? Math.max(0, Math.min(...gaps)) : null;
}

/** The least distance between two figures that do not overlap; corners of each against the edges of the other. */
const gapBetween = (a: Rings, b: Rings): number =>
  Math.min(...a.flat().map((p) => distanceToEdge(p, b)), ...b.flat().map((p) => distanceToEdge(p, a)));
