import { difference, offset, offsetMitred } from '../clip';
import { areaOf, type Point, type Rings } from '../geometry';
import { answer, refuse, type Result } from '../result';
import { figureFrom, type LanesRefusal, type TrimPass } from './lanes';

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
): Result<Rings, LanesRefusal> {
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
