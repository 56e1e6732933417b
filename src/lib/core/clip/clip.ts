// The one place where the polygon library is met.
import { Clipper, EndType, FillRule, JoinType, type PathsD } from 'clipper2-ts';
import { ringArea, type Point, type Ring, type Rings } from '../geometry';

/** Decimals that are kept: with metres, hundredths of a millimetre. */
const DECIMALS = 5;
/** How far a rounded corner may lie inside the true arc, in the unit of the figure. */
const ARC = 0.001;
/** Smaller islands are left by rounding alone. */
const CRUMB = 1e-6;

const given = (rings: Rings): PathsD => rings.map((ring) => ring.map(([x, y]) => ({ x, y })));
const taken = (paths: PathsD): Rings =>
  paths
    .map((path) => path.map(({ x, y }): Point => [x, y]))
    .filter((ring) => ring.length >= 3 && Math.abs(ringArea(ring)) > CRUMB);

/** Everything that is in one of the figures; also makes a clean figure of rings that cross themselves. */
export const union = (...figures: readonly Rings[]): Rings =>
  taken(Clipper.unionD(given(figures.flat()), [], FillRule.NonZero, DECIMALS));

/** What of `a` is not in any of the others. */
export function difference(a: Rings, ...others: readonly Rings[]): Rings {
  const less = others.flat();
  if (a.length === 0 || less.length === 0) return a;
  return taken(Clipper.differenceD(given(a), given(less), FillRule.NonZero, DECIMALS));
}

/** What is in both. */
export function intersection(a: Rings, b: Rings): Rings {
  if (a.length === 0 || b.length === 0) return [];
  return taken(Clipper.intersectD(given(a), given(b), FillRule.NonZero, DECIMALS));
}

/** The figure with a margin of `by` around it, round at outward corners; below 0 that much is taken off. */
export function offset(rings: Rings, by: number): Rings {
  if (rings.length === 0 || by === 0) return rings;
  return taken(Clipper.inflatePathsD(given(rings), by, JoinType.Round, EndType.Polygon, 2, DECIMALS, ARC));
}

/** Edges that meet at less than 29° are cut short: their point would lie further out than four times the margin. */
const MITRE_LIMIT = 4;

/** The same with outward corners kept sharp. */
export function offsetMitred(rings: Rings, by: number): Rings {
  if (rings.length === 0 || by === 0) return rings;
  return taken(
    Clipper.inflatePathsD(given(rings), by, JoinType.Miter, EndType.Polygon, MITRE_LIMIT, DECIMALS, ARC),
  );
}

/** The strip of a width along an open line, with square ends and mitred corners. */
export function stripAlong(line: Ring, width: number): Rings {
  if (line.length < 2 || !(width > 0)) return [];
  return taken(
    Clipper.inflatePathsD(given([line]), width / 2, JoinType.Miter, EndType.Butt, 4, DECIMALS, ARC),
  );
}

/** Triangles that fill a figure; empty where the library finds none. A second way to its area. */
export const trianglesOf = (rings: Rings): Rings =>
  Clipper.triangulateD(given(rings), DECIMALS).solution.map((path) => path.map(({ x, y }): Point => [x, y]));
