import { answer, refuse, type Result } from '../result';
import { readNumber, type NumberManner } from '../units';
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
const NUMBER = '[-\u2212]?[\\d.,]{1,20}';
const UNIT = '(m|ft|p|paces)?';
const WAY = '(n|ne|e|se|s|sw|w|nw|[\\d.,]{1,8}°)';
/** A whole text by its parts, blanks between them. Made when somebody types, so that no page carries it that nobody types on. */
const whole = (...parts: readonly string[]): RegExp => new RegExp(`^${parts.join('\\s*')}$`);
const unitOf = (text: string | undefined): LegUnit | null =>
  text === 'm' || text === 'ft' ? text : text === undefined ? null : 'paces';
/** A number among those of a line that can be read in two ways. */
export interface Doubt {
  readonly doubt: readonly [decimal: number, thousands: number];
}
/** Nothing that is typed for a length is longer. */
const LONGEST = 80;
const FEET_INCHES = /(\d{1,5}) ?['′’] ?(\d{1,2}(?:[.,]\d{1,4})?) ?(?:"|″|”)?/g;

/** Text of one line with feet and inches as feet; null where it is longer than any line. */
function lineOf(typed: string): string | null {
  if (typed.length > LONGEST) return null;
  return typed
    .trim()
    .toLowerCase()
    .replace(
      FEET_INCHES,
      (_, feet: string, inches: string) =>
        `${Number((Number(feet) + Number(inches.replace(',', '.')) / 12).toFixed(6))} ft`,
    );
}

/** Reads the numbers of a line by a manner; the first that can be read in two ways is the answer of the whole. */
class Numbers {
  doubt: Doubt['doubt'] | null = null;
  broken = false;
  readonly #manner: NumberManner;
  constructor(manner: NumberManner) {
    this.#manner = manner;
  }
  of(text = ''): number {
    const read = readNumber(text, this.#manner);
    if (read.kind === 'number') return read.value;
    if (read.kind === 'ambiguous') this.doubt ??= read.readings;
    else this.broken = true;
    return 0;
  }
  bearing(text = ''): number {
    return COMPASS[text] ?? this.of(text.replace('°', ''));
  }
  told<T>(read: T | null): T | Doubt | null {
    return read === null || this.broken ? null : this.doubt ? { doubt: this.doubt } : read;
  }
}

/**
 * A typed leg: a length with a compass direction or a bearing in degrees clockwise from the top of the plan ("12.5 e",
 * "e 12.5", "18 ft 40°"), a step across and up ("3; -2"), or "close". null where it is none of these.
 */
export function parseLeg(typed: string, manner: NumberManner): Leg | Doubt | null {
  const text = lineOf(typed);
  if (text === null) return null;
  const numbers = new Numbers(manner);
  return numbers.told(legOf(text, numbers));
}

function legOf(text: string, numbers: Numbers): Leg | null {
  if (text === 'close' || text === 'c') return { to: 'close' };
  const after = whole(`(${NUMBER})`, UNIT, WAY).exec(text);
  if (after)
    return { length: numbers.of(after[1]), unit: unitOf(after[2]), bearing: numbers.bearing(after[3]) };
  const first = whole(WAY, `(${NUMBER})`, UNIT).exec(text);
  if (first)
    return { bearing: numbers.bearing(first[1]), length: numbers.of(first[2]), unit: unitOf(first[3]) };
  const steps = whole(`(${NUMBER})`, ';', `(${NUMBER})`, UNIT).exec(text);
  if (steps) return { dx: numbers.of(steps[1]), dy: numbers.of(steps[2]), unit: unitOf(steps[3]) };
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
export function parseSize(typed: string, manner: NumberManner): TypedSize | Doubt | null {
  const text = lineOf(typed);
  if (text === null) return null;
  const numbers = new Numbers(manner);
  return numbers.told(sizeOf(text, numbers));
}

function sizeOf(text: string, numbers: Numbers): TypedSize | null {
  const at = (x?: string, y?: string): Point | null =>
    x === undefined || y === undefined ? null : [numbers.of(x), numbers.of(y)];
  const place = whole('(?:at\\s)?', `(${NUMBER})`, ';', `(${NUMBER})`, UNIT).exec(text);
  if (place) return { sizes: [], unit: unitOf(place[3]), at: at(place[1], place[2]) };
  const sides = whole(`(${NUMBER})`, '(?:x|×|by)', `(${NUMBER})`, UNIT, AT).exec(text);
  if (sides)
    return {
      sizes: [numbers.of(sides[1]), numbers.of(sides[2])],
      unit: unitOf(sides[3]),
      at: at(sides[4], sides[5]),
    };
  const radius = whole('(?:r)?', `(${NUMBER})`, UNIT, AT).exec(text);
  if (radius)
    return { sizes: [numbers.of(radius[1])], unit: unitOf(radius[2]), at: at(radius[3], radius[4]) };
  return null;
}
