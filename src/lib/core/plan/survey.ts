import { boxOf, distance, isInside, type Point, type Rings } from '../geometry';
import type { Mark, Underlay } from './plan';

/**
 * Points of a square grid within a figure, numbered in walking order (up one row, back the next). The grid is centred on
 * the figure's box: as many points as `calibrate` kind grid tells for that box, less those that lie outside.
 * `spacing` in metres, above 0.
 */
export function gridOver(rings: Rings, spacing: number): Point[] {
  if (rings.length === 0 || !(spacing > 0)) return [];
  const { minX, minY, maxX, maxY } = boxOf(rings);
  const [columns, rows] = [maxX - minX, maxY - minY].map((side) => Math.floor(side / spacing + 1e-9) + 1) as [
    number,
    number,
  ];
  const [x0, y0] = [(minX + maxX - (columns - 1) * spacing) / 2, (minY + maxY - (rows - 1) * spacing) / 2];
  return Array.from({ length: rows }, (_, r) => {
    const row = Array.from({ length: columns }, (__, c): Point => [x0 + c * spacing, y0 + r * spacing]);
    return r % 2 === 0 ? row : row.reverse();
  })
    .flat()
    .filter(([x, y]) => {
      // A point on the very edge counts: it is looked at a hair's breadth further in.
      const [dx, dy] = [(minX + maxX) / 2 - x, (minY + maxY) / 2 - y];
      return isInside([x + dx * 1e-6, y + dy * 1e-6], rings);
    });
}

/** Radius of a graduated symbol whose area goes with the count; 0 for none found. */
export const symbolRadius = (count: number, most: number, largest: number): number =>
  count <= 0 || most <= 0 ? 0 : largest * Math.sqrt(Math.min(1, count / most));

/** Widths between which a picture under a plan is believed, in metres. */
const PICTURE_M = [0.1, 50_000] as const;

/**
 * The picture made so large that two places of it, now at `a` and `b` of the plan, lie `apart` metres from each other;
 * the first stays where it is. null where they lie on each other or the picture would be no size for a property.
 */
export function scaledBy(u: Underlay, a: Point, b: Point, apart: number): Underlay | null {
  const by = apart / distance(a, b);
  const width = u.width * by;
  if (!(apart > 0) || !Number.isFinite(by) || width < PICTURE_M[0] || width > PICTURE_M[1]) return null;
  return { ...u, width, at: [a[0] + (u.at[0] - a[0]) * by, a[1] + (u.at[1] - a[1]) * by], scaled: true };
}

/** A mark with one more reading; a second one of the same day takes the place of the first. Earliest first. */
export const withReading = (mark: Mark, on: string, count: number): Mark => ({
  ...mark,
  readings: [...mark.readings.filter((reading) => reading.on !== on), { on, count, note: '' }].sort((x, y) =>
    x.on < y.on ? -1 : 1,
  ),
});
