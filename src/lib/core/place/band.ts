import type { Rings } from '../geometry';
import { joined, without, type Stretch } from './intervals';

/** Where a level line lies inside a figure: its stretches along x, in order. */
export function insideAt(y: number, rings: Rings): Stretch[] {
  const at: number[] = [];
  for (const ring of rings)
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = ring[j] ?? [0, 0];
      const [bx, by] = ring[i] ?? [0, 0];
      if (ay > y !== by > y) at.push(ax + ((bx - ax) * (y - ay)) / (by - ay));
    }
  at.sort((a, b) => a - b);
  const out: Stretch[] = [];
  for (let i = 0; i + 1 < at.length; i += 2) out.push([at[i] ?? 0, at[i + 1] ?? 0]);
  return out;
}

/** The x that the edges of a figure take between two levels. */
function edgesBetween(low: number, high: number, rings: Rings): Stretch[] {
  const out: Stretch[] = [];
  for (const ring of rings)
    for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
      const [ax, ay] = ring[j] ?? [0, 0];
      const [bx, by] = ring[i] ?? [0, 0];
      if (Math.max(ay, by) < low || Math.min(ay, by) > high) continue;
      if (ay === by) {
        out.push([Math.min(ax, bx), Math.max(ax, bx)]);
        continue;
      }
      const at = (y: number): number => ax + ((bx - ax) * (y - ay)) / (by - ay);
      const from = at(Math.min(Math.max(low, Math.min(ay, by)), Math.max(ay, by)));
      const to = at(Math.min(high, Math.max(ay, by)));
      out.push([Math.min(from, to), Math.max(from, to)]);
    }
  return out;
}

/**
 * The x at which any part of a level band lies inside a figure: the shadow of what they share. Each piece of that is
 * bounded by edges of the figure and by the band's own, so that their shadows are its shadow.
 */
export const shadowIn = (low: number, high: number, rings: Rings): Stretch[] =>
  joined([...insideAt(low, rings), ...insideAt(high, rings), ...edgesBetween(low, high, rings)]);

/** The x, between two ends, at which the whole height of a level band lies inside a figure. */
export function wholeIn(low: number, high: number, rings: Rings): Stretch[] {
  const broken = joined(edgesBetween(low, high, rings));
  // Between its edges the band is inside or outside all the way up.
  return insideAt((low + high) / 2, rings).flatMap((stretch) => without(stretch, broken));
}
