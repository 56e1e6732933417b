import { difference, intersection } from '../clip';
import { areaOf, boxesMeet, boxOf, type Rings } from '../geometry';
import { quantity, valueIn, type Quantity } from '../units';
import { outlineOf } from './outline';
import type { Zone } from './plan';

/** Where a product went down: on a known footprint, or on zones of which only the names are known. */
export interface PutDown {
  readonly id: string;
  readonly footprint: Rings | null;
  readonly zones: readonly string[];
}
/** A part of the ground, with everything that went down on all of it. */
export interface Cell {
  readonly areaM2: number;
  readonly records: readonly string[];
}

/** Less than this is rounding at an edge. */
const CRUMB_M2 = 0.01;

/**
 * The ground cut up by what went down on it: history belongs to the ground, not to the shape. Each cell names the records
 * whose product lies on all of it, at its own rate. A record without a footprint counts on all the ground where it was
 * put down on one of the zones, or on one that these were cut from. `lineage` are the zones with what they came from.
 */
export function cellsOf(ground: Rings, lineage: readonly string[], putDown: readonly PutDown[]): Cell[] {
  const everywhere = putDown
    .filter((p) => p.footprint === null && p.zones.some((zone) => lineage.includes(zone)))
    .map((p) => p.id);
  let cells: { rings: Rings; records: readonly string[] }[] = [{ rings: ground, records: everywhere }];
  for (const { id, footprint } of putDown) {
    if (footprint === null || footprint.length === 0) continue;
    const box = boxOf(footprint);
    cells = cells.flatMap((cell) => {
      if (cell.rings.length === 0 || !boxesMeet(boxOf(cell.rings), box)) return [cell];
      const under = intersection(cell.rings, footprint);
      if (areaOf(under) < CRUMB_M2) return [cell];
      const rest = difference(cell.rings, footprint);
      return [
        { rings: under, records: [...cell.records, id] },
        ...(areaOf(rest) < CRUMB_M2 ? [] : [{ rings: rest, records: cell.records }]),
      ];
    });
  }
  return cells.map(({ rings, records }) => ({ areaM2: areaOf(rings), records }));
}

/**
 * What went down on a zone's ground, each with the share of the zone that it covers, above 0 to 1; null where only the
 * zone's name is known, so that it counts on all of it.
 */
export function putDownOn<T extends PutDown>(
  zone: Zone,
  putDown: readonly T[],
): { readonly done: T; readonly share: number | null }[] {
  const { rings } = outlineOf(zone.shape);
  const whole = areaOf(rings);
  const lineage = [zone.id, ...zone.from];
  return putDown.flatMap((done): { done: T; share: number | null }[] => {
    if (done.footprint === null)
      return done.zones.some((id) => lineage.includes(id)) ? [{ done, share: null }] : [];
    const shared = areaOf(intersection(rings, done.footprint));
    return shared > CRUMB_M2 && whole > 0 ? [{ done, share: Math.min(1, shared / whole) }] : [];
  });
}

/** What a rate puts on an area of so many m²: `amount` for each `per`, an area above 0. */
export const amountOn = (
  areaM2: number,
  { amount, per }: { readonly amount: Quantity; readonly per: Quantity },
): Quantity => quantity((amount.value * areaM2) / valueIn(per, 'm2'), amount.unit);
