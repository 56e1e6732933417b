import { areaOf, simplePolygon, type Point, type Rings } from '../geometry';
import { answer, refuse, type Refusal, type Result } from '../result';
import { difference, offset, offsetMitred } from './clip';

export type GroundRefusal =
  'too-few-points' | 'polygon-crosses-itself' | 'hole-outside' | 'area-not-positive';

/** A closed pass along every edge of a ground, walked before its lanes. */
export interface TrimPass {
  /** The centre lines. */
  readonly rings: Rings;
  /** What each of them lays down on, as figures. */
  readonly laid: readonly Rings[];
  /** What is left for the lanes to fill. */
  readonly inner: Rings;
}

/** Of an area: less is noise of the arithmetic. */
const NOISE = 1e-9;

/**
 * A closed pass along every edge: its centre runs half a swath inside the outline and half a swath outside each hole. At
 * outward corners the swath is taken to the corner, as whoever walks them turns. The lanes then fill what lies further in than
 * swath × (1 − overlap). Where the ground is narrower than the swath there is no such pass.
 */
export function trimPass(figure: Rings, swath: number, overlap: number): TrimPass {
  const rings = offset(figure, -swath / 2);
  return {
    rings,
    laid: rings.map((ring) =>
      difference(offsetMitred(filled(ring), swath / 2), offsetMitred(filled(ring), -swath / 2)),
    ),
    inner: offset(figure, -swath * (1 - overlap)),
  };
}

/** A ring as a figure of its own, whichever way it runs. */
const filled = (ring: readonly Point[]): Rings => [areaOf([ring]) > 0 ? ring : [...ring].reverse()];

/**
 * The ground of an outline and holes: what is left when the holes are taken out. Refuses rings that are no simple polygons, a
 * hole that reaches outside the outline, and what leaves no area.
 */
export function groundOf(
  outline: readonly Point[],
  holes: readonly (readonly Point[])[],
): Result<Rings, GroundRefusal> {
  const read = figureFrom(outline, holes);
  if ('refused' in read) return read;
  const whole = filled(read.ok.outline);
  const area = areaOf(whole);
  const outside = read.ok.holes.findIndex(
    (hole) => areaOf(difference(filled(hole), whole)) > Math.max(NOISE * area, 1e-6 * areaOf(filled(hole))),
  );
  if (outside >= 0) return refuse('hole-outside', `holes.${outside}`);
  const left = difference(whole, ...read.ok.holes.map(filled));
  return areaOf(left) > NOISE * area
    ? answer(left)
    : refuse('area-not-positive', 'outline', { area: areaOf(left) });
}

/** The figure of an outline and its holes, in the units in which they came; refuses as the contract says. */
function figureFrom(
  outline: readonly Point[],
  holes: readonly (readonly Point[])[],
): Result<
  { readonly outline: readonly Point[]; readonly holes: readonly (readonly Point[])[] },
  GroundRefusal
> {
  const rings = [
    { path: 'outline', read: simplePolygon(outline, 'outline') },
    ...holes.map((hole, i) => ({ path: `holes.${i}`, read: simplePolygon(hole, `holes.${i}`) })),
  ];
  const wrong = rings.flatMap(({ read }): readonly Refusal<GroundRefusal>[] =>
    'refused' in read ? read.refused : [],
  );
  // What is told first: too few points anywhere before a crossing anywhere.
  if (wrong.length > 0)
    return {
      refused: [...wrong].sort(
        (a, b) => Number(b.code === 'too-few-points') - Number(a.code === 'too-few-points'),
      ),
    };
  const [first, ...rest] = rings.map(({ read }) => ('ok' in read ? read.ok : []));
  return answer({ outline: first ?? [], holes: rest });
}
