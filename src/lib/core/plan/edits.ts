import { difference, intersection, offset, union } from '../clip';
import { areaOf, boxOf, ringArea, type Corner, type Point, type Ring, type Rings } from '../geometry';
import { answer, refuse, type Result } from '../result';
import { outlineOf } from './outline';
import type { Zone, ZoneShape } from './plan';

export type EditRefusal = 'nothing-left' | 'line-misses' | 'not-touching' | 'not-a-surface';

/** Figures as polygon shapes, each outer ring with the holes that lie in it. */
export function shapesOf(rings: Rings): Extract<ZoneShape, { kind: 'polygon' }>[] {
  const outers = rings.filter((ring) => ringArea(ring) > 0);
  return outers.map((outer) => ({
    kind: 'polygon',
    corners: outer,
    holes: rings.filter(
      (ring) => ringArea(ring) < 0 && areaOf(intersection([[...ring].reverse()], [outer])) > 0,
    ),
  }));
}

/**
 * The zone in two along a line through it, the line drawn on beyond its ends. Curved edges become their chords. Each part
 * remembers the zone that it came from, for the ground's history.
 */
export function splitZone(
  zone: Zone,
  from: Point,
  to: Point,
  nextId: () => string,
): Result<Zone[], EditRefusal> {
  const { rings, box } = outlineOf(zone.shape);
  if (rings.length === 0) return refuse('not-a-surface', '');
  const reach =
    2 * Math.hypot(box.maxX - box.minX, box.maxY - box.minY) + Math.hypot(to[0] - from[0], to[1] - from[1]);
  const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
  if (length === 0) return refuse('line-misses', '');
  const [ux, uy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
  const at = (along: number, across: number): Point => [
    from[0] + ux * along - uy * across,
    from[1] + uy * along + ux * across,
  ];
  const left: Ring = [
    at(-reach, 0),
    at(length + reach, 0),
    at(length + reach, 2 * reach),
    at(-reach, 2 * reach),
  ];
  const parts = [intersection(rings, [left]), difference(rings, [left])].flatMap(shapesOf);
  if (parts.length < 2) return refuse('line-misses', '');
  return answer(
    parts.map((shape, i) => ({
      ...zone,
      id: nextId(),
      name: `${zone.name} ${i + 1}`,
      shape,
      openings: [],
      from: [...zone.from, zone.id],
      foreign: null,
    })),
  );
}

/** Two to a thousandth of a metre apart are drawn as touching. */
const TOUCH_M = 0.005;

/** Several zones as one; refused where they do not touch. It keeps the first one's name and kind, and the worst error. */
export function joinZones(zones: readonly Zone[], nextId: () => string): Result<Zone, EditRefusal> {
  const [first] = zones;
  if (!first || zones.some((zone) => outlineOf(zone.shape).rings.length === 0))
    return refuse('not-a-surface', '');
  // A hair's breadth is closed before joining, and taken off again after.
  const wide = union(...zones.map((zone) => offset(outlineOf(zone.shape).rings, TOUCH_M)));
  const shapes = shapesOf(union(offset(wide, -TOUCH_M), ...zones.map((z) => outlineOf(z.shape).rings)));
  const [shape] = shapes;
  if (!shape || shapes.length > 1) return refuse('not-touching', '');
  const errorPct = Math.max(...zones.map((zone) => zone.measured.errorPct));
  const worst = zones.find((zone) => zone.measured.errorPct === errorPct) ?? first;
  return answer({
    ...first,
    id: nextId(),
    shape,
    measured: worst.measured,
    openings: [],
    from: [...new Set(zones.flatMap((zone) => [...zone.from, zone.id]))],
    foreign: null,
  });
}

/** The zone with the figure of another taken out of it: a hole, or a bite at its edge. */
export function cutOut(zone: Zone, other: Zone): Result<Zone, EditRefusal> {
  const rings = outlineOf(zone.shape).rings;
  const cutter = outlineOf(other.shape).rings;
  if (rings.length === 0 || cutter.length === 0) return refuse('not-a-surface', '');
  const left = difference(rings, cutter);
  if (areaOf(intersection(rings, cutter)) === 0) return refuse('line-misses', '');
  const [shape, ...more] = shapesOf(left);
  if (!shape || more.length > 0) return refuse('nothing-left', '', { parts: more.length + (shape ? 1 : 0) });
  return answer({ ...zone, shape, foreign: null });
}

/** The same shape moved, in metres. */
export function movedShape(shape: ZoneShape, dx: number, dy: number): ZoneShape {
  const move = ([x, y, bow]: Corner): Corner => (bow ? [x + dx, y + dy, bow] : [x + dx, y + dy]);
  switch (shape.kind) {
    case 'polygon':
      return { ...shape, corners: shape.corners.map(move), holes: shape.holes.map((hole) => hole.map(move)) };
    case 'strip':
      return { ...shape, line: shape.line.map(move) };
    default:
      return { ...shape, at: [shape.at[0] + dx, shape.at[1] + dy] };
  }
}

/** Mirrored left for right about the middle of its box. */
export function mirroredShape(shape: ZoneShape): ZoneShape {
  if (shape.kind === 'place' || shape.kind === 'circle') return shape;
  const { box } = outlineOf(shape);
  const axis = box.minX + box.maxX;
  const flip = (corners: readonly Corner[]): Corner[] => {
    // The order turns round, so that outlines keep their direction; each bow moves to the edge that it belongs to.
    const turned = [...corners].reverse();
    return turned.map(([x, y], i): Corner => {
      const bow = turned[(i + 1) % turned.length]?.[2];
      return bow ? [axis - x, y, bow] : [axis - x, y];
    });
  };
  if (shape.kind === 'polygon')
    return { ...shape, corners: flip(shape.corners), holes: shape.holes.map(flip) };
  if (shape.kind === 'strip') {
    const line = flip(shape.line);
    return {
      ...shape,
      line: line.map(([x, y, bow], i): Corner => (bow && i < line.length - 1 ? [x, y, bow] : [x, y])),
    };
  }
  const turn = (shape.turn * Math.PI) / 180;
  const end: Point = [
    shape.at[0] + Math.cos(turn) * shape.length,
    shape.at[1] + Math.sin(turn) * shape.length,
  ];
  return { ...shape, at: [axis - end[0], end[1]], turn: (360 - shape.turn) % 360 };
}

/** The shape with one corner elsewhere; rectangles, circles and places move or stretch by their handles. */
export function withCorner(shape: ZoneShape, ring: number, index: number, to: Point): ZoneShape {
  const put = (corners: readonly Corner[]): Corner[] =>
    corners.map((c, i): Corner => (i !== index ? c : c[2] ? [to[0], to[1], c[2]] : [to[0], to[1]]));
  switch (shape.kind) {
    case 'polygon':
      return ring === 0
        ? { ...shape, corners: put(shape.corners) }
        : { ...shape, holes: shape.holes.map((hole, k) => (k === ring - 1 ? put(hole) : hole)) };
    case 'strip':
      return { ...shape, line: put(shape.line) };
    case 'circle':
      return index === 0
        ? { ...shape, at: to }
        : { ...shape, radius: Math.max(0.05, Math.hypot(to[0] - shape.at[0], to[1] - shape.at[1])) };
    case 'rectangle': {
      if (index === 0) return { ...shape, at: to };
      const turn = (shape.turn * Math.PI) / 180;
      const [dx, dy] = [to[0] - shape.at[0], to[1] - shape.at[1]];
      const along = dx * Math.cos(turn) + dy * Math.sin(turn);
      const across = dy * Math.cos(turn) - dx * Math.sin(turn);
      return {
        ...shape,
        length: index === 3 ? shape.length : Math.max(0.05, along),
        width: index === 1 ? shape.width : Math.max(0.05, across),
      };
    }
    case 'place':
      return { ...shape, at: to };
  }
}

/** The next corner along an outline or line. */
const after = (corners: readonly Corner[], i: number): number => (i + 1) % corners.length;

/**
 * The corners with edge `i` as long as `length` metres, above 0: the corner at its end moves along it. As they were where
 * the edge has no length to go by.
 */
export function withEdgeLength(corners: readonly Corner[], i: number, length: number): readonly Corner[] {
  const [a, b] = [corners[i], corners[after(corners, i)]];
  const now = a && b ? Math.hypot(b[0] - a[0], b[1] - a[1]) : 0;
  if (!a || !b || now === 0 || !(length > 0)) return corners;
  const to = [a[0] + ((b[0] - a[0]) * length) / now, a[1] + ((b[1] - a[1]) * length) / now] as const;
  return corners.map((c, k): Corner => (k !== after(corners, i) ? c : b[2] ? [...to, b[2]] : to));
}

/** The corners with edge `i` bowed out by so many metres; 0 makes it straight. */
export const withBow = (corners: readonly Corner[], i: number, bow: number): Corner[] =>
  corners.map((c, k): Corner => (k !== i ? c : bow === 0 ? [c[0], c[1]] : [c[0], c[1], bow]));

/** The corners with one more in the middle of edge `i`. */
export function halvedEdge(corners: readonly Corner[], i: number): readonly Corner[] {
  const [a, b] = [corners[i], corners[after(corners, i)]];
  if (!a || !b) return corners;
  return [...corners.slice(0, i + 1), [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2], ...corners.slice(i + 1)];
}

/** Corners that may be taken hold of, ring by ring. */
export function handlesOf(shape: ZoneShape): (readonly Corner[])[] {
  switch (shape.kind) {
    case 'polygon':
      return [shape.corners, ...shape.holes];
    case 'strip':
      return [shape.line];
    case 'circle':
      return [[shape.at, [shape.at[0] + shape.radius, shape.at[1]]]];
    case 'rectangle': {
      const turn = (shape.turn * Math.PI) / 180;
      const at = (x: number, y: number): Point => [
        shape.at[0] + x * Math.cos(turn) - y * Math.sin(turn),
        shape.at[1] + x * Math.sin(turn) + y * Math.cos(turn),
      ];
      return [[at(0, 0), at(shape.length, 0), at(shape.length, shape.width), at(0, shape.width)]];
    }
    case 'place':
      return [[shape.at]];
  }
}

/** The middle of what a zone covers, for its name. */
export function middleOf(shape: ZoneShape): Point {
  if (shape.kind === 'place' || shape.kind === 'circle') return shape.at;
  const box = boxOf(outlineOf(shape).rings);
  return Number.isFinite(box.minX) ? [(box.minX + box.maxX) / 2, (box.minY + box.maxY) / 2] : [0, 0];
}

/** The zone with another shape: what a file said of the old one holds no more. */
export const reshaped = (zone: Zone, shape: ZoneShape): Zone => ({ ...zone, shape, foreign: null });
