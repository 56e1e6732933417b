import type { GuideEntry, GuideGroup } from '../core/identify';
import garden from './guide/garden.json';
import house from './guide/house.json';
import nesting from './guide/nesting.json';
import other from './guide/other.json';
import turf from './guide/turf.json';

const WRITTEN = { turf, garden, house, nesting, other } as unknown as Record<
  GuideGroup,
  Record<string, Omit<GuideEntry, 'group'>>
>;

/** What the field guide tells of each candidate besides what it is ranked by. */
export const GUIDE: ReadonlyMap<string, GuideEntry> = new Map(
  (Object.keys(WRITTEN) as GuideGroup[]).flatMap((group) =>
    Object.entries(WRITTEN[group]).map(([id, entry]): [string, GuideEntry] => [id, { ...entry, group }]),
  ),
);
