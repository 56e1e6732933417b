import { distance, type Point } from '../geometry';
import { handlesOf } from './edits';
import { outlineOf } from './outline';
import type { Zone } from './plan';

export type Snapped = 'corner' | 'edge' | 'square' | 'grid' | null;

/**
 * Where a drawn point goes: to a corner within `reach`, else to an edge, else square to the line before it, else to the
 * grid; all in metres. `from` is the corner before, `before` the one before that.
 */
export function snap(
  to: Point,
  zones: readonly Zone[],
  { reach, grid, from, before }: { reach: number; grid: number; from?: Point | null; before?: Point | null },
): { readonly at: Point; readonly on: Snapped } {
  let corner: Point | null = null;
  let edge: Point | null = null;
  let [near, nearEdge] = [reach, reach];
  for (const zone of zones) {
    const { box, rings } = outlineOf(zone.shape);
    const away = zone.shape.kind === 'place' ? distance(to, zone.shape.at) : 0;
    if (
      zone.shape.kind === 'place'
        ? away > reach
        : to[0] < box.minX - reach ||
          to[0] > box.maxX + reach ||
          to[1] < box.minY - reach ||
          to[1] > box.maxY + reach
    )
      continue;
    for (const handles of handlesOf(zone.shape))
      for (const [x, y] of handles) {
        const far = distance(to, [x, y]);
        if (far < near) [near, corner] = [far, [x, y]];
      }
    for (const ring of rings)
      for (let i = 0; i < ring.length; i++) {
        const foot = footOn(to, ring[i] ?? to, ring[(i + 1) % ring.length] ?? to);
        const far = distance(to, foot);
        if (far < nearEdge) [nearEdge, edge] = [far, foot];
      }
  }
  if (corner) return { at: corner, on: 'corner' };
  if (edge) return { at: edge, on: 'edge' };
  const square = from ? squareTo(to, from, before ?? null, reach) : null;
  if (square) return { at: square, on: 'square' };
  if (grid > 0) return { at: [Math.round(to[0] / grid) * grid, Math.round(to[1] / grid) * grid], on: 'grid' };
  return { at: to, on: null };
}

function footOn(p: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const square = dx * dx + dy * dy;
  const k = square === 0 ? 0 : Math.min(1, Math.max(0, ((p[0] - a[0]) * dx + (p[1] - a[1]) * dy) / square));
  return [a[0] + k * dx, a[1] + k * dy];
}

/** On the line from `from` that is square to, or in line with, the edge before it (or with the sheet). */
function squareTo(to: Point, from: Point, before: Point | null, reach: number): Point | null {
  const base = before ? Math.atan2(from[1] - before[1], from[0] - before[0]) : 0;
  for (const turn of [0, Math.PI / 2]) {
    const [ux, uy] = [Math.cos(base + turn), Math.sin(base + turn)];
    const along = (to[0] - from[0]) * ux + (to[1] - from[1]) * uy;
    const foot: Point = [from[0] + along * ux, from[1] + along * uy];
    if (Math.abs(along) > reach && distance(foot, to) < reach) return foot;
  }
  return null;
}
