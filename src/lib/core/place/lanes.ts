import { areaOf, boxOf, convexHull, distance, type Point, type Rings } from '../geometry';
import { answer, invalid, refuse, type Result } from '../result';
import { aboveZero, ceilOf, firstRefusals, isAbove } from '../units';
import { shadowIn, wholeIn } from './band';
import { coverageOf, type Coverage } from './coverage';
import { shared } from './intervals';

export type Lane = readonly [x1: number, y1: number, x2: number, y2: number];

/** A closed pass along every edge, walked before the lanes. */
export interface TrimPass {
  /** The centre lines. */
  readonly rings: Rings;
  /** What each of them lays down on, as figures. */
  readonly laid: readonly Rings[];
  /** What is left for the lanes to fill. */
  readonly inner: Rings;
}

/** How the pass along every edge is drawn; `trimPass` of the room that clips, handed in. */
export type TrimPassOf = (figure: Rings, swath: number, overlap: number) => TrimPass;

export interface LanesOver {
  /** What is to be treated; outer rings and holes, in one unit of length, which all lengths here are in. */
  readonly figure: Rings;
  readonly swath: number;
  /** A share of the swath: 0 ≤ overlap < 1. */
  readonly overlap: number;
  /** Degrees anticlockwise from +x, or the one with the fewest lines. */
  readonly direction: number | 'auto';
  readonly edges: 'cover' | 'keep-in';
  readonly trim: TrimPass | null;
  /** The share that the figure is of all that is treated, by which its coverage is looked at; 1 where it is all of it. */
  readonly share?: number;
}

export interface Lanes extends Coverage {
  /** Degrees anticlockwise from +x, 0 ≤ direction < 180. */
  readonly direction: number;
  /** Centre lines in walking order: the pieces of one line before the next, every other line backwards. */
  readonly lanes: readonly Lane[];
  readonly lineCount: number;
  /** From one line to the next; 0 with one line. */
  readonly spacing: number;
  readonly sprayedLength: number;
  readonly trimLength: number;
  /** Sprayed length and the straight moves between the pieces. */
  readonly pathLength: number;
  readonly trimRings: Rings;
  /** For each of these rings how many lanes are walked before it: of ground in several pieces each has its own. */
  readonly trimAt: readonly number[];
}

export type LanesRefusal = 'invalid-input' | 'area-not-positive';

export const MOST_LANES = 5000;
/** Of the swath: a lane that only touches an edge of what it fills is neither in nor out of it. */
const TOUCH = 1e-7;

/**
 * Lanes over any ground with holes. Lines run parallel to `direction`; with H the extent across it of what is to be filled,
 * one line if H ≤ swath, else ⌈(H − swath) ÷ (swath·(1 − overlap))⌉ + 1, the first and last half a swath inside the extent,
 * evenly spaced. With "cover" a lane runs wherever any part of its swath, square to the line with flat ends, is inside what
 * is to be filled; with "keep-in" only where all of it is inside the figure. "auto" tries the directions of the convex hull's
 * edges: fewest lines, then the shortest path, then the smallest angle. Refuses a swath not above 0, an overlap outside
 * 0…1, a figure without area, and more than 5,000 lanes.
 *
 * @example lanesOver a rectangle of 24 × 14, swath 2, direction 0: 7 lanes of 24, 168 sprayed, 180 walked
 */
export function lanesOver(input: LanesOver): Result<Lanes, LanesRefusal> {
  const { figure, swath, overlap, direction, trim } = input;
  const refused = firstRefusals<LanesRefusal>(() => [
    ...aboveZero('swath', swath),
    ...(overlap >= 0 && overlap < 1
      ? []
      : [invalid('overlap', 'a-number-in-range', { from: 0, to: 1, seen: overlap })]),
  ]);
  if (refused.length > 0) return { refused };
  const area = areaOf(figure);
  if (!(area > 0)) return refuse('area-not-positive', 'outline', { area });
  const fill = trim ? trim.inner : figure;
  const directions = direction === 'auto' ? hullDirections(figure) : [normal(direction)];
  // The number of lines follows from the extent alone: only the directions with the fewest are walked.
  const counts = directions.map((degrees) => linesAcross(degrees, fill, input));
  const fewest = Math.min(...counts);
  const tried = directions
    .filter((_, i) => counts[i] === fewest)
    .map((degrees) => linesAlong(degrees, fill, input));
  const best = tried.reduce((kept, one) => (isBetter(one, kept) ? one : kept));
  if (best.count > MOST_LANES || best.lanes.length > MOST_LANES)
    return {
      refused: [
        invalid('swath', 'at-most', { limit: MOST_LANES, seen: Math.max(best.count, best.lanes.length) }),
      ],
    };
  const trimLength = trim ? lengthOfRings(trim.rings) : 0;
  const laned = best.lanes.reduce((sum, [x1, y1, x2, y2]) => sum + Math.hypot(x2 - x1, y2 - y1), 0);
  return answer({
    direction: best.degrees,
    lanes: best.lanes,
    lineCount: best.count,
    spacing: best.spacing,
    sprayedLength: laned + trimLength,
    trimLength,
    pathLength: best.path + trimLength,
    trimRings: trim?.rings ?? [],
    trimAt: (trim?.rings ?? []).map(() => 0),
    ...coverageOf({
      ...{ figure, area, degrees: best.degrees, lanes: best.lanes, swath },
      ...{ laid: trim?.laid ?? [], share: input.share ?? 1 },
    }),
  });
}

interface Tried {
  readonly degrees: number;
  readonly count: number;
  readonly spacing: number;
  readonly lanes: readonly Lane[];
  readonly path: number;
}

function isBetter(one: Tried, kept: Tried): boolean {
  if (one.count !== kept.count) return one.count < kept.count;
  if (isAbove(kept.path, one.path)) return true;
  return !isAbove(one.path, kept.path) && one.degrees < kept.degrees;
}

const countFor = (across: number, swath: number, overlap: number): number =>
  isAbove(across, swath) ? ceilOf((across - swath) / (swath * (1 - overlap))) + 1 : 1;

function linesAcross(degrees: number, fill: Rings, { swath, overlap }: LanesOver): number {
  if (fill.length === 0) return 0;
  const { minY, maxY } = boxOf(turned(fill, -degrees));
  return countFor(maxY - minY, swath, overlap);
}

function linesAlong(degrees: number, fill: Rings, { figure, swath, overlap, edges }: LanesOver): Tried {
  const none = { degrees, count: 0, spacing: 0, lanes: [], path: 0 };
  if (fill.length === 0) return none;
  const level = turned(fill, -degrees);
  const whole = edges === 'keep-in' ? turned(figure, -degrees) : null;
  const { minY, maxY } = boxOf(level);
  const across = maxY - minY;
  const count = countFor(across, swath, overlap);
  if (count > MOST_LANES) return { ...none, count };
  const spacing = count === 1 ? 0 : (across - swath) / (count - 1);
  const lanes: Lane[] = [];
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  const back = (x: number, y: number): Point => [x * cos - y * sin, x * sin + y * cos];
  for (let i = 0; i < count; i++) {
    const y = count === 1 ? (minY + maxY) / 2 : minY + swath / 2 + i * spacing;
    const half = (swath / 2) * (1 - TOUCH);
    const reached = shadowIn(y - half, y + half, level);
    const pieces = whole ? shared(wholeIn(y - half, y + half, whole), reached) : reached;
    const walked = pieces.filter(([from, to]) => to - from > TOUCH * swath);
    for (const [from, to] of i % 2 === 0 ? walked : [...walked].reverse()) {
      const [start, end] = i % 2 === 0 ? [from, to] : [to, from];
      lanes.push([...back(start, y), ...back(end, y)] as unknown as Lane);
    }
  }
  const moves = lanes.reduce((sum, [x1, y1], i) => {
    const before = lanes[i - 1];
    return before ? sum + distance([before[2], before[3]], [x1, y1]) : sum;
  }, 0);
  const laned = lanes.reduce((sum, [x1, y1, x2, y2]) => sum + Math.hypot(x2 - x1, y2 - y1), 0);
  return { degrees, count, spacing, lanes, path: laned + moves };
}

const normal = (degrees: number): number => {
  const turn = ((degrees % 180) + 180) % 180;
  return turn >= 180 - 1e-9 ? 0 : turn;
};

function hullDirections(figure: Rings): number[] {
  const hull = convexHull(figure.flat());
  const found: number[] = [];
  hull.forEach(([ax, ay], i) => {
    const [bx, by] = hull[(i + 1) % hull.length] ?? [ax, ay];
    const degrees = normal((Math.atan2(by - ay, bx - ax) * 180) / Math.PI);
    if (!found.some((other) => Math.abs(other - degrees) < 1e-6)) found.push(degrees);
  });
  return found.sort((a, b) => a - b);
}

export function turned(rings: Rings, degrees: number): Rings {
  if (degrees === 0) return rings;
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  return rings.map((ring) => ring.map(([x, y]): Point => [x * cos - y * sin, x * sin + y * cos]));
}

const lengthOfRings = (rings: Rings): number =>
  rings.reduce(
    (sum, ring) =>
      sum + ring.reduce((round, point, i) => round + distance(point, ring[(i + 1) % ring.length]), 0),
    0,
  );
