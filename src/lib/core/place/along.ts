import { distance, type Point } from '../geometry';
import type { Lanes } from './lanes';

export interface PlaceOnTheWay {
  /** Of the sprayed length that is behind whoever walks there. */
  readonly share: number;
  readonly at: Point;
  /** The lane, counted from 0; −1 on the pass along the edges. */
  readonly lane: number;
  /** How far along it, as a share of it. */
  readonly along: number;
}

/** Where a share of the sprayed length is walked: the pass along the edges first, then lane by lane. 0 ≤ share ≤ 1. */
export function placeAt(lanes: Lanes, share: number): PlaceOnTheWay {
  let left = share * lanes.sprayedLength;
  for (const ring of lanes.trimRings)
    for (let i = 0; i < ring.length; i++) {
      const from: Point = ring[i] ?? [0, 0];
      const to: Point = ring[(i + 1) % ring.length] ?? from;
      const length = distance(from, to);
      if (left <= length) return { share, at: between(from, to, left / length), lane: -1, along: share };
      left -= length;
    }
  const last = lanes.lanes.length - 1;
  for (const [i, [x1, y1, x2, y2]] of lanes.lanes.entries()) {
    const length = Math.hypot(x2 - x1, y2 - y1);
    if (left > length && i < last) {
      left -= length;
      continue;
    }
    const along = Math.min(1, length > 0 ? left / length : 0);
    return { share, at: between([x1, y1], [x2, y2], along), lane: i, along };
  }
  return { share, at: [0, 0], lane: -1, along: 0 };
}

const between = (a: Point, b: Point, k: number): Point => [
  a[0] + k * (b[0] - a[0]),
  a[1] + k * (b[1] - a[1]),
];

/** Where a quarter, half and three quarters are laid down: there the tank or hopper is compared with the plan. */
export const quarterMarks = (lanes: Lanes): PlaceOnTheWay[] =>
  [0.25, 0.5, 0.75].map((share) => placeAt(lanes, share));

/**
 * Where each load ends and the next is fetched, from what each covers; the end itself is none.
 *
 * @example refillPoints of two loads that cover 10 and 4 of 14: one point, at 10 ÷ 14 of the way
 */
export function refillPoints(lanes: Lanes, covers: readonly number[]): PlaceOnTheWay[] {
  const whole = covers.reduce((sum, one) => sum + one, 0);
  if (!(whole > 0)) return [];
  let done = 0;
  return covers.slice(0, -1).map((one) => {
    done += one;
    return placeAt(lanes, done / whole);
  });
}
