import { groundCalled, mayOverlap, type NamedGround } from '../premises';
import { isAbove, quantity, sameDimension, valueIn, type Quantity } from '../units';
import { standing, type ApplicationRecord } from './record';

/** What went down on the ground of a plan of work. */
export interface OnGround {
  /** Records that lie on any part of it. */
  readonly touching: readonly ApplicationRecord[];
  /**
   * The same part by part: on each, what lies on all of it, its product and area as if the whole target had got it at
   * its own rate. A cap or a number per year holds where it holds on every part.
   */
  readonly parts: readonly (readonly ApplicationRecord[])[];
}

const NO_NAME = { known: [], name: undefined };

/**
 * The records of a place as the ground knows them: `cells` are the parts of the target with the ids of the records on
 * each (from the plan), null where it is not known where anything went down: then everything at the place counts as it
 * stands. A ground that is called as one of the property's is not laid upon by what went down on another of them, nor by what
 * the plan shows elsewhere where that ground was tied to zones of it.
 */
export function onGround(
  records: readonly ApplicationRecord[],
  cells: readonly (readonly string[])[] | null,
  target: Quantity | null,
  called: { readonly known: readonly NamedGround[]; readonly name: string | undefined } = NO_NAME,
): OnGround {
  const { known: named, name } = called;
  if (named.length > 0 && name) {
    const { apart = [] } = groundCalled(named, name) ?? {};
    records = records.filter(
      (record) => mayOverlap(named, name, record.ground?.name, record.doneOn) && !apart.includes(record.id),
    );
  }
  if (cells === null || target === null) return { touching: records, parts: [records] };
  const known = new Map(standing(records).map((record) => [record.id, record]));
  const scaled = new Map([...known].map(([id, record]) => [id, atOwnRate(record, target)]));
  const of = (ids: readonly string[], from: ReadonlyMap<string, ApplicationRecord>): ApplicationRecord[] =>
    ids.flatMap((id) => from.get(id) ?? []);
  return {
    touching: of([...new Set(cells.flat())], known),
    parts: cells.length === 0 ? [[]] : cells.map((ids) => of(ids, scaled)),
  };
}

/** The record as if its product had gone, at the same rate, over the whole target. A spot counts at the spot's rate. */
function atOwnRate(record: ApplicationRecord, target: Quantity): ApplicationRecord {
  // Places, edges and volumes have no share of an area: what went down there counts as it stands.
  if (!sameDimension(record.area, target)) return record;
  const [done, wanted] = [valueIn(record.area, 'm2'), valueIn(target, 'm2')];
  if (!isAbove(done, 0) || !isAbove(wanted, 0)) return record;
  const product = quantity((record.product.value * wanted) / done, record.product.unit);
  return { ...record, product, area: target };
}
