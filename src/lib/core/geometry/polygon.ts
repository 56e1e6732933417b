import { answer, refuse, type Result } from '../result';

export type Point = readonly [x: number, y: number];
export type PolygonRefusal = 'too-few-points' | 'polygon-crosses-itself';

/** Relative angle below which three points count as lying on one line. */
const STRAIGHT = 1e-9;

/**
 * The simple polygon through the points: a repeated last point is dropped. Refuses fewer than three points, and edges
 * that cross or touch other than as neighbours at their shared corner. Coordinates are in any one length unit.
 */
export function simplePolygon(points: readonly Point[], path = ''): Result<readonly Point[], PolygonRefusal> {
  const first = points[0];
  const last = points[points.length - 1];
  const closed =
    points.length > 1 &&
    first !== undefined &&
    last !== undefined &&
    first[0] === last[0] &&
    first[1] === last[1];
  const corners = closed ? points.slice(0, -1) : points;
  if (corners.length < 3) return refuse('too-few-points', path, { seen: corners.length });
  const clash = findClash(corners);
  return clash
    ? refuse('polygon-crosses-itself', path, { edge: clash[0] + 1, other: clash[1] + 1 })
    : answer(corners);
}

/** Area enclosed by the corners (shoelace), never negative, in the square of their unit. */
export function polygonArea(corners: readonly Point[]): number {
  const origin = corners[0] ?? [0, 0];
  let twice = 0;
  for (let i = 0; i < corners.length; i++) {
    const [ax, ay] = corners[i] ?? origin;
    const [bx, by] = corners[(i + 1) % corners.length] ?? origin;
    twice += (ax - origin[0]) * (by - origin[1]) - (bx - origin[0]) * (ay - origin[1]);
  }
  return Math.abs(twice) / 2;
}

function findClash(corners: readonly Point[]): [number, number] | null {
  const n = corners.length;
  const corner = (i: number): Point => corners[i % n] ?? [0, 0];
  for (let i = 0; i < n; i++)
    for (let j = i + 1; j < n; j++) {
      const [a, b, c, d] = [corner(i), corner(i + 1), corner(j), corner(j + 1)];
      if (apart(a, b, c, d)) continue;
      const clashes =
        j === i + 1 ? foldsBack(a, b, d) : i === 0 && j === n - 1 ? foldsBack(c, a, b) : touch(a, b, c, d);
      if (clashes) return [i, j];
    }
  return null;
}

/** The boxes of the two edges do not meet: nothing more to test. */
function apart(a: Point, b: Point, c: Point, d: Point): boolean {
  return (
    Math.max(a[0], b[0]) < Math.min(c[0], d[0]) ||
    Math.max(c[0], d[0]) < Math.min(a[0], b[0]) ||
    Math.max(a[1], b[1]) < Math.min(c[1], d[1]) ||
    Math.max(c[1], d[1]) < Math.min(a[1], b[1])
  );
}

/** Neighbouring edges p–q and q–r run back over one another (or one of them has no length). */
function foldsBack(p: Point, q: Point, r: Point): boolean {
  return side(p, q, r) === 0 && (q[0] - p[0]) * (r[0] - q[0]) + (q[1] - p[1]) * (r[1] - q[1]) <= 0;
}

function touch(a: Point, b: Point, c: Point, d: Point): boolean {
  const [s1, s2, s3, s4] = [side(a, b, c), side(a, b, d), side(c, d, a), side(c, d, b)];
  if (s1 * s2 < 0 && s3 * s4 < 0) return true;
  return (
    (s1 === 0 && within(a, b, c)) ||
    (s2 === 0 && within(a, b, d)) ||
    (s3 === 0 && within(c, d, a)) ||
    (s4 === 0 && within(c, d, b))
  );
}

/** 1 when c lies left of a→b, −1 right of it, 0 on its line within arithmetic noise. */
function side(a: Point, b: Point, c: Point): number {
  const [ux, uy, vx, vy] = [b[0] - a[0], b[1] - a[1], c[0] - a[0], c[1] - a[1]];
  const cross = ux * vy - uy * vx;
  return Math.abs(cross) <= STRAIGHT * Math.hypot(ux, uy) * Math.hypot(vx, vy) ? 0 : Math.sign(cross);
}

/** c, known to lie on the line of a–b, lies between them. */
function within(a: Point, b: Point, c: Point): boolean {
  return (
    Math.min(a[0], b[0]) <= c[0] &&
    c[0] <= Math.max(a[0], b[0]) &&
    Math.min(a[1], b[1]) <= c[1] &&
    c[1] <= Math.max(a[1], b[1])
  );
}
