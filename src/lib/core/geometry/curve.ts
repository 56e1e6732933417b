import type { Point } from './polygon';
import type { Ring } from './rings';

/**
 * A corner of an outline. `bow` is how far the edge from here to the next corner bows out to the right of the way, at its
 * middle, as a part of a circle; below 0 to the left; 0 or absent for a straight edge. In the unit of the coordinates.
 */
export type Corner = readonly [x: number, y: number, bow?: number];

/** How far a chord may lie inside the arc that it stands for, in metres. */
const TOLERANCE_M = 0.001;
const MOST_CHORDS = 180;

/** The outline as straight edges, each arc by chords that lie within 1 mm of it. */
export function flattened(corners: readonly Corner[], closed = true): Ring {
  const points: Point[] = [];
  corners.forEach(([x, y, bow = 0], i) => {
    points.push([x, y]);
    const next = corners[(i + 1) % corners.length];
    if (!next || bow === 0 || (!closed && i === corners.length - 1)) return;
    points.push(...arcBetween([x, y], [next[0], next[1]], bow));
  });
  return points;
}

/** Points between a and b on the arc that bows by `bow`, without the ends. */
function arcBetween(a: Point, b: Point, bow: number): Point[] {
  const chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const deep = Math.abs(bow);
  if (chord === 0) return [];
  const radius = (chord * chord) / (8 * deep) + deep / 2;
  const whole = 4 * Math.atan((2 * deep) / chord);
  const step = 2 * Math.acos(Math.max(0, 1 - TOLERANCE_M / radius));
  const count = Math.min(MOST_CHORDS, Math.max(2, Math.ceil(whole / step)));
  // The centre lies on the other side of the chord from the bow, unless the arc is more than half a circle.
  const side = Math.sign(bow);
  const [nx, ny] = [((b[1] - a[1]) / chord) * side, (-(b[0] - a[0]) / chord) * side];
  const back = radius - deep;
  const centre: Point = [(a[0] + b[0]) / 2 - nx * back, (a[1] + b[1]) / 2 - ny * back];
  const start = Math.atan2(a[1] - centre[1], a[0] - centre[0]);
  return Array.from({ length: count - 1 }, (_, k): Point => {
    const angle = start + side * whole * ((k + 1) / count);
    return [centre[0] + radius * Math.cos(angle), centre[1] + radius * Math.sin(angle)];
  });
}

/** A circle as a ring, its area within a few parts in 10,000 of the true one. */
export function circleRing([x, y]: Point, radius: number): Ring {
  const step = 2 * Math.acos(Math.max(0, 1 - TOLERANCE_M / radius));
  const count = Math.min(720, Math.max(24, Math.ceil((2 * Math.PI) / step)));
  // Slightly outside, so that the area is the circle's and not the inscribed polygon's.
  const r = radius * Math.sqrt((2 * Math.PI) / count / Math.sin((2 * Math.PI) / count));
  return Array.from({ length: count }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / count;
    return [x + r * Math.cos(angle), y + r * Math.sin(angle)];
  });
}
