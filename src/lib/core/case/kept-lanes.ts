import type { Rings } from '../geometry';
import { lanesOverPieces, type Lanes, type TrimPassOf } from '../place';
import { isRefused } from '../result';
import type { StopBodies } from './facts';

/** Lanes of the same drawn ground, by what decides them: a key typed at Mix lays none of them anew. */
const KEPT = new WeakMap<Rings, Map<string, Lanes | null>>();
/** Both passes of so many treatments of a course, each with settings of its own. */
const MOST_KEPT = 12;

/**
 * The lanes over the rings of a ground, or the second of its crossed passes; null where there are none, and where a pass along
 * the edges is asked for before what draws it is there.
 */
export function lanesOn(
  rings: Rings,
  { swathM, overlap, direction, edges = 'cover' }: StopBodies['place'],
  square: boolean,
  trimPass: TrimPassOf | undefined,
): Lanes | null {
  const kept = KEPT.get(rings) ?? new Map<string, Lanes | null>();
  KEPT.set(rings, kept);
  const key = [swathM, overlap, direction, edges, square].join(' ');
  const known = kept.get(key);
  if (known !== undefined) return known;
  const round = edges === 'trim';
  if (round && !trimPass) return null;
  const found = lanesOverPieces(
    { figure: rings, swath: swathM, overlap, direction, edges: edges === 'keep-in' ? edges : 'cover' },
    { square, trimPass: round ? trimPass : null },
  );
  const lanes = isRefused(found) ? null : found.ok;
  const [oldest] = kept.keys();
  if (kept.size >= MOST_KEPT && oldest !== undefined) kept.delete(oldest);
  kept.set(key, lanes);
  return lanes;
}
