import {
  areaOf,
  distance,
  perimeterOf,
  ringArea,
  simplePolygon,
  type Point,
  type Ring,
  type Rings,
} from '../geometry';
import { answer, refuse, type Result } from '../result';
import { union } from './clip';

export type RepairRefusal = 'too-few-points' | 'coordinate-out-of-range' | 'area-not-positive' | 'sliver';
export type Repair = 'duplicate-points' | 'crossed-itself';

/** A property is no wider; what lies further out is a slip of the pen or another unit. */
export const FURTHEST_M = 100_000;
const SAME_POINT_M = 1e-4;
const LEAST_M2 = 1e-4;
/** Nothing is treated in a sliver narrower than this: two lines were drawn where one was meant. */
const LEAST_WIDTH_M = 0.01;

/**
 * The figure that a drawn or imported ring stands for, in metres: points that repeat are dropped, a ring that crosses
 * itself becomes the figures that it encloses, the direction is put right. Each repair is told with its place. Refuses
 * fewer than three different points, coordinates that are no numbers or lie further than 100 km out, and what encloses
 * nothing or is a sliver.
 */
export function repaired(
  ring: Ring,
  path = '',
): Result<
  { readonly rings: Rings; readonly repairs: readonly { readonly what: Repair; readonly at: Point }[] },
  RepairRefusal
> {
  const far = ring.findIndex(([x, y]) => !(Math.abs(x) <= FURTHEST_M && Math.abs(y) <= FURTHEST_M));
  if (far >= 0) return refuse('coordinate-out-of-range', path, { corner: far + 1, most: FURTHEST_M });
  const repairs: { what: Repair; at: Point }[] = [];
  const corners = ring.filter((p, i) => {
    const same = distance(p, ring[(i + 1) % ring.length]) <= SAME_POINT_M && ring.length > 1;
    // That the first point closes the ring is no fault.
    if (same && i < ring.length - 1) repairs.push({ what: 'duplicate-points', at: p });
    return !same;
  });
  if (corners.length < 3) return refuse('too-few-points', path, { seen: corners.length });
  const simple = simplePolygon(corners);
  if ('refused' in simple) {
    const edge = Number(simple.refused[0]?.facts.edge ?? 1);
    repairs.push({ what: 'crossed-itself', at: corners[edge - 1] ?? [0, 0] });
  }
  const rings: Rings =
    'refused' in simple ? union([corners]) : [ringArea(corners) < 0 ? [...corners].reverse() : corners];
  const area = areaOf(rings);
  if (!(area > LEAST_M2)) return refuse('area-not-positive', path, { area });
  const width = (2 * area) / perimeterOf(rings);
  if (width < LEAST_WIDTH_M) return refuse('sliver', path, { width });
  return answer({ rings, repairs });
}
