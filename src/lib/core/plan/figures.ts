import { difference } from '../clip';
import { areaOf, boxesMeet, perimeterOf, type Box, type Rings } from '../geometry';
import { isGround, rankOf, type Plan, type Zone, type ZoneKind } from './plan';
import { outlineOf, type Outline } from './outline';

export interface ZoneFigures {
  readonly outline: Outline;
  /** What is left of the outline where nothing else lies on it. */
  readonly net: Rings;
  /** m² of the outline, and of what is left of it. */
  readonly grossM2: number;
  readonly areaM2: number;
  /** The area if every length is that much shorter, or longer. */
  readonly lowM2: number;
  readonly highM2: number;
  readonly perimeterM: number;
  /** Of a room or building: its walls less the openings; null without a height. */
  readonly wallM2: number | null;
  /** Of a room or void; null without a height. */
  readonly volumeM3: number | null;
}

export interface PlanFigures {
  readonly zones: ReadonlyMap<string, ZoneFigures>;
  /** Sums of what is left, by kind, with the low and high ends of their zones. */
  readonly totals: ReadonlyMap<
    ZoneKind,
    { readonly areaM2: number; readonly lowM2: number; readonly highM2: number }
  >;
}

/** The last figures of a zone, with what lay on it: only what a change touches is worked out again. */
const LAST = new WeakMap<Zone, { readonly covers: readonly Zone[]; readonly figures: ZoneFigures }>();

/**
 * Areas, perimeters, walls and volumes of every zone, and the totals by kind. Overlaps on one layer are taken once: what
 * lies on another (a bed in a lawn, the later of two lawns) keeps the ground.
 */
export function figuresOf(plan: Pick<Plan, 'zones'>): PlanFigures {
  const zones = new Map<string, ZoneFigures>();
  const totals = new Map<ZoneKind, { areaM2: number; lowM2: number; highM2: number }>();
  const ground = plan.zones.filter(isGround).map((zone, order) => ({
    ...{ zone, order, rank: rankOf(zone) },
    box: outlineOf(zone.shape).box,
  }));
  const covers = new Map(ground.map((lower) => [lower.zone, coversOf(ground, lower)]));
  for (const zone of plan.zones) {
    const figures = figuresOfZone(zone, covers.get(zone) ?? []);
    zones.set(zone.id, figures);
    const sum = totals.get(zone.kind) ?? { areaM2: 0, lowM2: 0, highM2: 0 };
    sum.areaM2 += figures.areaM2;
    sum.lowM2 += figures.lowM2;
    sum.highM2 += figures.highM2;
    totals.set(zone.kind, sum);
  }
  return { zones, totals };
}

interface OnGround {
  readonly zone: Zone;
  readonly order: number;
  readonly rank: number;
  readonly box: Box;
}

/** The zones that lie on this one and meet it: of a higher kind, or of the same and later in the plan. */
function coversOf(ground: readonly OnGround[], lower: OnGround): Zone[] {
  const found: Zone[] = [];
  for (const upper of ground)
    if (
      (upper.rank > lower.rank || (upper.rank === lower.rank && upper.order > lower.order)) &&
      boxesMeet(lower.box, upper.box) &&
      upper.zone.layer === lower.zone.layer
    )
      found.push(upper.zone);
  return found;
}

function figuresOfZone(zone: Zone, covers: readonly Zone[]): ZoneFigures {
  const last = LAST.get(zone);
  if (last?.covers.length === covers.length && covers.every((c, i) => c === last.covers[i]))
    return last.figures;
  const figures = workOut(zone, covers);
  LAST.set(zone, { covers, figures });
  return figures;
}

function workOut(zone: Zone, covers: readonly Zone[]): ZoneFigures {
  const outline = outlineOf(zone.shape);
  const net = difference(outline.rings, ...covers.map((cover) => outlineOf(cover.shape).rings));
  const areaM2 = areaOf(net);
  const e = zone.measured.errorPct / 100;
  const perimeterM = perimeterOf(outline.rings);
  const openM2 = zone.openings.reduce((sum, o) => sum + o.width * o.height, 0);
  return {
    outline,
    net,
    grossM2: areaOf(outline.rings),
    areaM2,
    lowM2: areaM2 * (1 - e) ** 2,
    highM2: areaM2 * (1 + e) ** 2,
    perimeterM,
    wallM2:
      zone.height === null || (zone.kind !== 'room' && zone.kind !== 'building')
        ? null
        : Math.max(0, perimeterM * zone.height - openM2),
    volumeM3:
      zone.height === null || (zone.kind !== 'room' && zone.kind !== 'void')
        ? null
        : areaOf(outline.rings) * zone.height,
  };
}
