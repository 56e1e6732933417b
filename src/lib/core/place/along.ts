import type { Point } from '../geometry';
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

/** Where a share of the sprayed length is walked: each piece of ground along its edges first, then lane by lane. 0 ≤ share ≤ 1. */
export const placeAt = (lanes: Lanes, share: number): PlaceOnTheWay =>
  placesAt(lanes, [share])[0] ?? { share, at: [0, 0], lane: -1, along: 0 };

/** Where each of several shares is walked, in rising order: the way is gone along once, and no farther than the last of them. */
function placesAt(lanes: Lanes, shares: readonly number[]): PlaceOnTheWay[] {
  const found: PlaceOnTheWay[] = [];
  let behind = 0;
  let last: PlaceOnTheWay | null = null;
  /** Goes along a straight piece; true once all are found. */
  const walk = (x1: number, y1: number, x2: number, y2: number, lane: number): boolean => {
    const length = Math.hypot(x2 - x1, y2 - y1);
    for (let share = shares[found.length]; share !== undefined; share = shares[found.length]) {
      const wanted = share * lanes.sprayedLength - behind;
      const along = length > 0 ? Math.min(1, wanted / length) : 0;
      last = {
        share,
        at: [x1 + along * (x2 - x1), y1 + along * (y2 - y1)],
        lane,
        along: lane < 0 ? share : along,
      };
      if (wanted > length) break;
      found.push(last);
    }
    behind += length;
    return found.length === shares.length;
  };
  /** The passes along the edges that are walked once so many lanes are behind. */
  const edges = (walked: number): boolean =>
    lanes.trimRings.some(
      (ring, k) =>
        lanes.trimAt[k] === walked &&
        ring.some(([x, y], i) => {
          const [nextX, nextY] = ring[(i + 1) % ring.length] ?? [x, y];
          return walk(x, y, nextX, nextY, -1);
        }),
    );
  const { lanes: all } = lanes;
  const round = lanes.trimRings.length > 0;
  for (let lane = 0; lane < all.length; lane++) {
    if (round && edges(lane)) return found;
    const one = all[lane];
    if (one && walk(one[0], one[1], one[2], one[3], lane)) return found;
  }
  if (round) edges(all.length);
  // A rounding short of the end: there it is.
  while (found.length < shares.length) found.push(last ?? { share: 0, at: [0, 0], lane: -1, along: 0 });
  return found.map((one, i) => ({ ...one, share: shares[i] ?? one.share }));
}

/** Where a quarter, half and three quarters are laid down: there the tank or hopper is compared with the plan. */
export const quarterMarks = (lanes: Lanes): PlaceOnTheWay[] => placesAt(lanes, [0.25, 0.5, 0.75]);

/**
 * Where each load ends and the next is fetched, from what each covers; the end itself is none.
 *
 * @example refillPoints of two loads that cover 10 and 4 of 14: one point, at 10 ÷ 14 of the way
 */
export function refillPoints(lanes: Lanes, covers: readonly number[]): PlaceOnTheWay[] {
  const whole = covers.reduce((sum, one) => sum + one, 0);
  if (!(whole > 0)) return [];
  let done = 0;
  return placesAt(
    lanes,
    covers.slice(0, -1).map((one) => (done += one) / whole),
  );
}
