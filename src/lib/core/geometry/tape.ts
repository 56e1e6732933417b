import { answer, refuse, type Result } from '../result';
import type { Point } from './polygon';

export interface TapedCorner {
  /** From the two ends of the baseline, in the unit of the baseline. */
  readonly fromA: number;
  readonly fromB: number;
  /** As seen from A towards B. */
  readonly side: 'left' | 'right';
}

/**
 * Corners from a baseline of a known length, each by its distance to both ends. The baseline runs from A at (0, 0) along
 * +x. Refuses a corner that the two tapes cannot reach, naming it.
 *
 * @example triangulate(10, [{ fromA: 6, fromB: 8, side: 'left' }]) // [[3.6, 4.8]]
 */
export function triangulate(
  baseline: number,
  corners: readonly TapedCorner[],
): Result<Point[], 'tapes-do-not-meet' | 'invalid-input'> {
  if (!(baseline > 0)) return refuse('invalid-input', 'baseline', { seen: baseline });
  const points: Point[] = [];
  for (const [i, { fromA, fromB, side }] of corners.entries()) {
    const x = (fromA * fromA - fromB * fromB + baseline * baseline) / (2 * baseline);
    const square = fromA * fromA - x * x;
    // A corner on the baseline itself may come out a little below 0.
    if (!(square >= -1e-6 * baseline * baseline) || fromA < 0 || fromB < 0)
      return refuse('tapes-do-not-meet', `corners.${i}`, { corner: i + 1, fromA, fromB, baseline });
    points.push([x, Math.sqrt(Math.max(0, square)) * (side === 'left' ? 1 : -1)]);
  }
  return answer(points);
}

/** A corner of an outline, told by a walk from the corner before it. */
export type Leg =
  | { readonly to: 'close' }
  | { readonly dx: number; readonly dy: number; readonly unit: LegUnit | null }
  | { readonly bearing: number; readonly length: number; readonly unit: LegUnit | null };
export type LegUnit = 'm' | 'ft' | 'paces';

const COMPASS: Readonly<Record<string, number>> = {
  n: 0,
  ne: 45,
  e: 90,
  se: 135,
  s: 180,
  sw: 225,
  w: 270,
  nw: 315,
};
const NUMBER = '-?\\d+(?:[.,]\\d+)?';
const UNIT = '(m|ft|p|paces)?';
const WAY = '(n|ne|e|se|s|sw|w|nw|\\d{1,3}(?:[.,]\\d+)?°)';
/** A whole text by its parts, blanks between them. Made when somebody types, so that no page carries it that nobody types on. */
const whole = (...parts: readonly string[]): RegExp => new RegExp(`^${parts.join('\\s*')}$`);
const number = (text = ''): number => Number(text.replace(',', '.'));
const unitOf = (text: string | undefined): LegUnit | null =>
  text === 'm' || text === 'ft' ? text : text === undefined ? null : 'paces';
const bearingOf = (text = ''): number => COMPASS[text] ?? number(text.replace('°', ''));

/**
 * A typed leg: a length with a compass direction or a bearing in degrees clockwise from the top of the plan ("12.5 e",
 * "e 12.5", "18 ft 40°"), a step across and up ("3; -2"), or "close". null where it is none of these.
 */
export function parseLeg(typed: string): Leg | null {
  const text = typed.trim().toLowerCase();
  if (text === 'close' || text === 'c') return { to: 'close' };
  const after = whole(`(${NUMBER})`, UNIT, WAY).exec(text);
  if (after) return { length: number(after[1]), unit: unitOf(after[2]), bearing: bearingOf(after[3]) };
  const first = whole(WAY, `(${NUMBER})`, UNIT).exec(text);
  if (first) return { bearing: bearingOf(first[1]), length: number(first[2]), unit: unitOf(first[3]) };
  const steps = whole(`(${NUMBER})`, ';', `(${NUMBER})`, UNIT).exec(text);
  if (steps) return { dx: number(steps[1]), dy: number(steps[2]), unit: unitOf(steps[3]) };
  return null;
}

/** Where a leg leads from a point; `perUnit` are the metres of each unit and `usual` the one where none was typed. */
export function legEnd(
  from: Point,
  leg: Exclude<Leg, { to: 'close' }>,
  perUnit: Readonly<Record<LegUnit, number>>,
  usual: LegUnit,
): Point {
  const m = perUnit[leg.unit ?? usual];
  if ('dx' in leg) return [from[0] + leg.dx * m, from[1] + leg.dy * m];
  const turn = (leg.bearing * Math.PI) / 180;
  return [from[0] + Math.sin(turn) * leg.length * m, from[1] + Math.cos(turn) * leg.length * m];
}

const AT = `(?:at\\s+(${NUMBER})\\s*;\\s*(${NUMBER}))?`;

/** A typed size and, where it says so, the place of its first corner or middle. */
export interface TypedSize {
  /** Two sides, one radius, or none for a place alone. */
  readonly sizes: readonly number[];
  readonly unit: LegUnit | null;
  readonly at: Point | null;
}

/**
 * A typed size: "12 x 5", "12 x 5 ft at 3; 4" for a rectangle, "r 2", "2.5 at 10; 4" for a circle, "3; 4" for a place
 * across and up from the plan's origin. null where it is none of these.
 */
export function parseSize(typed: string): TypedSize | null {
  const text = typed.trim().toLowerCase();
  const at = (x?: string, y?: string): Point | null =>
    x === undefined || y === undefined ? null : [number(x), number(y)];
  const place = whole('(?:at\\s)?', `(${NUMBER})`, ';', `(${NUMBER})`, UNIT).exec(text);
  if (place) return { sizes: [], unit: unitOf(place[3]), at: at(place[1], place[2]) };
  const sides = whole(`(${NUMBER})`, '(?:x|×|by)', `(${NUMBER})`, UNIT, AT).exec(text);
  if (sides)
    return {
      sizes: [number(sides[1]), number(sides[2])],
      unit: unitOf(sides[3]),
      at: at(sides[4], sides[5]),
    };
  const radius = whole('(?:r)?', `(${NUMBER})`, UNIT, AT).exec(text);
  if (radius) return { sizes: [number(radius[1])], unit: unitOf(radius[2]), at: at(radius[3], radius[4]) };
  return null;
}
