import { difference, repaired, stripAlong, type Repair, type RepairRefusal } from '../clip';
import { boxOf, circleRing, flattened, ringArea } from '../geometry';
import type { Box, Corner, Point, Rings } from '../geometry';
import type { Refusal } from '../result';
import type { ZoneShape } from './plan';

export interface Outline {
  /** Empty for a place, and where the shape is refused. */
  readonly rings: Rings;
  readonly box: Box;
  readonly repairs: readonly { readonly what: Repair; readonly at: Point }[];
  readonly refused: readonly Refusal<RepairRefusal>[];
}

const KNOWN = new WeakMap<ZoneShape, Outline>();

/** What a shape covers, in metres; worked out once for the same shape. */
export function outlineOf(shape: ZoneShape): Outline {
  const before = KNOWN.get(shape);
  if (before) return before;
  const made = workOut(shape);
  KNOWN.set(shape, made);
  return made;
}

function workOut(shape: ZoneShape): Outline {
  const found = ringsOf(shape);
  return { ...found, box: boxOf(found.rings) };
}

function ringsOf(shape: ZoneShape): Omit<Outline, 'box'> {
  switch (shape.kind) {
    case 'place':
      return { rings: [], repairs: [], refused: [] };
    case 'circle':
      return cleaned(shape.radius > 0 ? circleRing(shape.at, shape.radius) : []);
    case 'rectangle':
      return cleaned(rectangleCorners(shape));
    case 'strip':
      return {
        ...{ rings: stripAlong(flattened(shape.line, false), shape.width), repairs: [], refused: [] },
        ...(shape.line.length < 2 ? cleaned([]) : {}),
      };
    case 'polygon': {
      const outer = cleaned(flattened(shape.corners));
      const holes = shape.holes.map((hole) => cleaned(flattened(hole)));
      return {
        rings: difference(outer.rings, ...holes.map((hole) => hole.rings)),
        repairs: [outer, ...holes].flatMap((ring) => ring.repairs),
        refused: outer.refused,
      };
    }
  }
}

function cleaned(ring: readonly Point[]): Omit<Outline, 'box'> {
  const result = repaired(ring);
  return 'ok' in result ? { ...result.ok, refused: [] } : { rings: [], repairs: [], refused: result.refused };
}

export function rectangleCorners({
  at,
  length,
  width,
  turn,
}: Extract<ZoneShape, { kind: 'rectangle' }>): Point[] {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  return (
    [
      [0, 0],
      [length, 0],
      [length, width],
      [0, width],
    ] as const
  ).map(([x, y]): Point => [at[0] + x * c - y * s, at[1] + x * s + y * c]);
}

export interface DrawnEdge {
  /** The number of the drawn edge, from 0, holes after the outline; a curved one has several pieces of one number. */
  readonly edge: number;
  readonly from: Point;
  readonly to: Point;
  /** 1 where outside lies to the right of the way, −1 to the left. */
  readonly outside: 1 | -1;
}

/** The edges of a surface as they were drawn, so that a door keeps its wall. */
export function drawnEdges(shape: ZoneShape): DrawnEdge[] {
  const closed: readonly (readonly Corner[])[] =
    shape.kind === 'polygon'
      ? [shape.corners, ...shape.holes]
      : shape.kind === 'rectangle'
        ? [rectangleCorners(shape)]
        : outlineOf(shape).rings;
  let count = 0;
  return closed.flatMap((corners, hole) => {
    const left = ringArea(flattened(corners)) > 0;
    const outside = left === (hole === 0) ? 1 : -1;
    return corners.flatMap((corner, i) => {
      const next = corners[(i + 1) % corners.length] ?? corner;
      const edge = count++;
      const points = flattened([corner, [next[0], next[1]]], false);
      return points.slice(0, -1).map((from, k): DrawnEdge => ({
        edge,
        from,
        to: points[k + 1] ?? from,
        outside,
      }));
    });
  });
}
