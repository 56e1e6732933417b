import type { Point } from './polygon';

/** A closed line without a repeated last point. */
export type Ring = readonly Point[];
/** A figure with holes: outer rings run anticlockwise, holes clockwise (y upwards). Empty for nothing. */
export type Rings = readonly Ring[];

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

/** Signed area of a ring: positive where it runs anticlockwise, in the square of its unit. */
export function ringArea(ring: Ring): number {
  const origin = ring[0] ?? [0, 0];
  let twice = 0;
  for (let i = 0; i < ring.length; i++) {
    const [ax, ay] = ring[i] ?? origin;
    const [bx, by] = ring[(i + 1) % ring.length] ?? origin;
    twice += (ax - origin[0]) * (by - origin[1]) - (bx - origin[0]) * (ay - origin[1]);
  }
  return twice / 2;
}

/** Area of a figure with its holes taken out. */
export const areaOf = (rings: Rings): number =>
  Math.max(
    0,
    rings.reduce((sum, ring) => sum + ringArea(ring), 0),
  );

export function ringLength(ring: Ring): number {
  let sum = 0;
  for (let i = 0; i < ring.length; i++) sum += distance(ring[i], ring[(i + 1) % ring.length]);
  return sum;
}

/** Length of all edges, those of holes too. */
export const perimeterOf = (rings: Rings): number => rings.reduce((sum, ring) => sum + ringLength(ring), 0);

export function distance(a: Point = [0, 0], b: Point = [0, 0]): number {
  return Math.hypot(b[0] - a[0], b[1] - a[1]);
}

export function boxOf(rings: Rings): Box {
  const box = { minX: Infinity, minY: Infinity, maxX: -Infinity, maxY: -Infinity };
  for (const ring of rings)
    for (const [x, y] of ring) {
      box.minX = Math.min(box.minX, x);
      box.minY = Math.min(box.minY, y);
      box.maxX = Math.max(box.maxX, x);
      box.maxY = Math.max(box.maxY, y);
    }
  return box;
}

export const boxesMeet = (a: Box, b: Box, by = 0): boolean =>
  a.minX - by <= b.maxX && b.minX - by <= a.maxX && a.minY - by <= b.maxY && b.minY - by <= a.maxY;

/** Whether a point lies inside a figure (on its edge: either answer). */
export function isInside([x, y]: Point, rings: Rings): boolean {
  let inside = false;
  for (const ring of rings)
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = ring[i] ?? [0, 0];
      const [bx, by] = ring[j] ?? [0, 0];
      if (ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax) inside = !inside;
    }
  return inside;
}

/**
 * The parts of a line from a to b that lie inside a figure, as lengths from a, in order.
 *
 * @example insideStretches([0, 0], [10, 0], [square from 2 to 4]) // [[2, 4]]
 */
export function insideStretches(a: Point, b: Point, rings: Rings): [from: number, to: number][] {
  const length = distance(a, b);
  if (length === 0) return [];
  const [ux, uy] = [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
  const at = [0, length];
  for (const ring of rings)
    for (let i = 0; i < ring.length; i++) {
      const p = ring[i] ?? [0, 0];
      const q = ring[(i + 1) % ring.length] ?? [0, 0];
      const sp = ux * (p[1] - a[1]) - uy * (p[0] - a[0]);
      const sq = ux * (q[1] - a[1]) - uy * (q[0] - a[0]);
      if (sp > 0 === sq > 0) continue;
      const k = sp / (sp - sq);
      const along = ux * (p[0] + k * (q[0] - p[0]) - a[0]) + uy * (p[1] + k * (q[1] - p[1]) - a[1]);
      if (along > 0 && along < length) at.push(along);
    }
  at.sort((m, n) => m - n);
  const found: [number, number][] = [];
  for (let i = 0; i + 1 < at.length; i++) {
    const [from, to] = [at[i] ?? 0, at[i + 1] ?? 0];
    if (to - from < 1e-9) continue;
    const middle = (from + to) / 2;
    if (!isInside([a[0] + ux * middle, a[1] + uy * middle], rings)) continue;
    const last = found[found.length - 1];
    if (last && from - last[1] < 1e-9) last[1] = to;
    else found.push([from, to]);
  }
  return found;
}

/** Distance of a point to the nearest edge of a figure. */
export function distanceToEdge([x, y]: Point, rings: Rings): number {
  let least = Infinity;
  for (const ring of rings)
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = ring[j] ?? [0, 0];
      const [bx, by] = ring[i] ?? [0, 0];
      const [dx, dy] = [bx - ax, by - ay];
      const square = dx * dx + dy * dy;
      const k = square === 0 ? 0 : Math.min(1, Math.max(0, ((x - ax) * dx + (y - ay) * dy) / square));
      least = Math.min(least, Math.hypot(ax + k * dx - x, ay + k * dy - y));
    }
  return least;
}

const ROOMY_STEPS = 5;
/** Of half the narrower side of the box: so much room in the middle is room enough. */
const ROOM_ENOUGH = 0.6;

/** A place well inside a figure, where its name fits best; null where the figure is empty or very thin. */
export function roomyPlace(rings: Rings): Point | null {
  if (rings.length === 0) return null;
  const { minX, minY, maxX, maxY } = boxOf(rings);
  const middle: Point = [(minX + maxX) / 2, (minY + maxY) / 2];
  const half = Math.min(maxX - minX, maxY - minY) / 2;
  let best: { at: Point; room: number } | null = null;
  const look = (at: Point): void => {
    if (!isInside(at, rings)) return;
    const room = distanceToEdge(at, rings);
    if (!best || room > best.room * 1.01) best = { at, room };
  };
  look(middle);
  if (best && (best as { room: number }).room > ROOM_ENOUGH * half) return middle;
  for (let i = 1; i <= ROOMY_STEPS; i++)
    for (let j = 1; j <= ROOMY_STEPS; j++)
      look([minX + ((maxX - minX) * i) / (ROOMY_STEPS + 1), minY + ((maxY - minY) * j) / (ROOMY_STEPS + 1)]);
  return (best as { at: Point } | null)?.at ?? null;
}

/**
 * The smallest rectangle around a figure, turned as the figure lies: its long side, its short side and the direction of
 * the long one in degrees anticlockwise from +x, 0 ≤ direction < 180.
 */
export function smallestRectangle(rings: Rings): { length: number; width: number; direction: number } {
  const hull = convexHull(rings.flat());
  let best = { length: 0, width: 0, direction: 0, area: Infinity };
  hull.forEach((p, i) => {
    const q = hull[(i + 1) % hull.length] ?? p;
    const long = distance(p, q);
    if (long === 0) return;
    const [ux, uy] = [(q[0] - p[0]) / long, (q[1] - p[1]) / long];
    const along = hull.map(([x, y]) => x * ux + y * uy);
    const across = hull.map(([x, y]) => y * ux - x * uy);
    const [l, w] = [extent(along), extent(across)];
    if (l * w >= best.area - 1e-12) return;
    const turn = (Math.atan2(uy, ux) * 180) / Math.PI + (l >= w ? 0 : 90);
    best = {
      length: Math.max(l, w),
      width: Math.min(l, w),
      direction: ((turn % 180) + 180) % 180,
      area: l * w,
    };
  });
  const { length, width, direction } = best;
  return { length, width, direction };
}

const extent = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);

/** Andrew's monotone chain; anticlockwise. */
export function convexHull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  if (sorted.length < 3) return sorted;
  const half = (list: readonly Point[]): Point[] => {
    const chain: Point[] = [];
    for (const p of list) {
      while (chain.length >= 2 && turn(chain[chain.length - 2], chain[chain.length - 1], p) <= 0) chain.pop();
      chain.push(p);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

const turn = (a: Point = [0, 0], b: Point = [0, 0], c: Point = [0, 0]): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);

/** The pieces of a figure that do not hang together, each outer ring with the holes in it. */
export function piecesOf(rings: Rings): Rings[] {
  const outer = rings.filter((ring) => ringArea(ring) > 0);
  const holes = rings.filter((ring) => ringArea(ring) < 0);
  return outer.map((ring) => [
    ring,
    // A hole lies in the smallest outer ring around it: an island within a hole is a piece of its own.
    ...holes.filter((hole) => {
      const around = outer.filter((one) => isInside(hole[0] ?? [0, 0], [one]));
      return around.every((one) => ringArea(one) >= ringArea(ring)) && around.includes(ring);
    }),
  ]);
}
