import { boxOf, isInside, type Point, type Rings } from '../geometry';

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
