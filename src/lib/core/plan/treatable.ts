import { difference, offset, union } from '../clip';
import { areaOf, boxesMeet, boxOf, smallestRectangle, type Box, type Rings } from '../geometry';
import { figuresOf } from './figures';
import type { Plan, Zone, ZoneKind } from './plan';
import { outlineOf } from './outline';

/** How far work keeps off what lies beside it, in metres; 0 for up to its edge. */
export interface KeepOff {
  readonly waterM: number;
  readonly hardM: number;
  readonly ediblesM: number;
}
export const KEEP_OFF_NOTHING: KeepOff = { waterM: 0, hardM: 0, ediblesM: 0 };

const MARGIN_OF: Readonly<Partial<Record<ZoneKind, keyof KeepOff>>> = {
  water: 'waterM',
  hard: 'hardM',
  'edible-bed': 'ediblesM',
};

export interface Treatable {
  /** What is left to treat: the zones, less what lies on them, less the margins. */
  readonly rings: Rings;
  readonly areaM2: number;
  readonly lowM2: number;
  readonly highM2: number;
  /** What the margins took. */
  readonly keptOffM2: number;
  /** The smallest rectangle around it: its sides in metres and the direction of the long one in degrees. */
  readonly lengthM: number;
  readonly widthM: number;
  readonly direction: number;
}

/**
 * What of the zones may be treated: each zone's own ground once, less the margins beside water, hard edges and edible
 * beds of the same layer. The error of each zone goes on into the sum. Unknown ids are left out.
 */
export function treatableOf(plan: Plan, ids: readonly string[], keepOff: KeepOff): Treatable {
  const { zones: figures } = figuresOf(plan);
  const margins = marginsOf(plan, keepOff);
  const wanted = new Set(ids);
  const parts = plan.zones.flatMap((zone) => {
    const found = figures.get(zone.id);
    if (!wanted.has(zone.id) || !found || found.net.length === 0) return [];
    const box = boxOf(found.net);
    const near = margins.filter(
      (m) => m.of.layer === zone.layer && m.of.id !== zone.id && boxesMeet(box, m.box),
    );
    const rings = difference(found.net, ...near.map((m) => m.rings));
    return [{ rings, areaM2: areaOf(rings), whole: found.areaM2, e: zone.measured.errorPct / 100 }];
  });
  const rings = union(...parts.map((part) => part.rings));
  const sum = (of: (part: (typeof parts)[number]) => number): number =>
    parts.reduce((total, part) => total + of(part), 0);
  const box = rings.length > 0 ? smallestRectangle(rings) : { length: 0, width: 0, direction: 0 };
  return {
    rings,
    areaM2: areaOf(rings),
    lowM2: sum((p) => p.areaM2 * (1 - p.e) ** 2),
    highM2: sum((p) => p.areaM2 * (1 + p.e) ** 2),
    keptOffM2: sum((p) => p.whole - p.areaM2),
    lengthM: box.length,
    widthM: box.width,
    direction: box.direction,
  };
}

/** What has a margin on a layer, each with its margin around it; worked out once for all zones of a plan of work. */
function marginsOf(plan: Plan, keepOff: KeepOff): { of: Zone; rings: Rings; box: Box }[] {
  return plan.zones.flatMap((of) => {
    const margin = MARGIN_OF[of.kind];
    const by = margin ? keepOff[margin] : 0;
    if (by <= 0) return [];
    const rings = offset(outlineOf(of.shape).rings, by);
    return rings.length > 0 ? [{ of, rings, box: boxOf(rings) }] : [];
  });
}
