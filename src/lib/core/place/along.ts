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

/** Where a share of the sprayed length is walked: each piece of ground along its edges first, then lane by lane. 0 ≤ share ≤ 1. */
export const placeAt = (lanes: Lanes, share: number): PlaceOnTheWay =>
  placesAt(lanes, [share])[0] ?? { share, at: [0, 0], lane: -1, along: 0 };

/** Where each of several shares is walked, in rising order: the way is gone along once. */
function placesAt(lanes: Lanes, shares: readonly number[]): PlaceOnTheWay[] {
  const way = wayOf(lanes);
  let [behind, i] = [0, 0];
  return shares.map((share) => {
    const wanted = share * lanes.sprayedLength;
    while (i < way.length - 1 && wanted > behind + (way[i]?.length ?? 0)) behind += way[i++]?.length ?? 0;
    const piece = way[i];
    if (!piece) return { share, at: [0, 0], lane: -1, along: 0 };
    const along = piece.length > 0 ? Math.min(1, (wanted - behind) / piece.length) : 0;
    const { from, to, lane } = piece;
    return { share, at: between(from, to, along), lane, along: lane < 0 ? share : along };
  });
}

interface Piece {
  readonly from: Point;
  readonly to: Point;
  readonly length: number;
  /** −1 on the pass along the edges. */
  readonly lane: number;
}

function wayOf(lanes: Lanes): Piece[] {
  const piece = (from: Point, to: Point, lane: number): Piece => ({
    from,
    to,
    lane,
    length: distance(from, to),
  });
  /** The passes along the edges that are walked once so many lanes are behind. */
  const edges = (walked: number): Piece[] =>
    lanes.trimRings.flatMap((ring, k) =>
      lanes.trimAt[k] === walked
        ? ring.map((from, i) => piece(from, ring[(i + 1) % ring.length] ?? from, -1))
        : [],
    );
  return [
    ...lanes.lanes.flatMap(([x1, y1, x2, y2], lane) => [...edges(lane), piece([x1, y1], [x2, y2], lane)]),
    ...edges(lanes.lanes.length),
  ];
}

const between = (a: Point, b: Point, k: number): Point => [
  a[0] + k * (b[0] - a[0]),
  a[1] + k * (b[1] - a[1]),
];

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
