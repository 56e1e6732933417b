import { isIndoors, type Candidate, type Surrounding } from '../identify';
import type { CardInUse } from '../labels';
import type { LicenceCategory } from '../premises';

/** The categories any one of which covers work against a cause at a place. */
export function worksUnder(
  { status, concerns }: Pick<Candidate, 'status' | 'concerns'>,
  surrounding: Surrounding,
): readonly LicenceCategory[] {
  // What eats a house away is a trade of its own wherever it is met.
  if (status === 'dangerous' && concerns.includes('structural')) return ['wood'];
  const atHouse = isIndoors(surrounding) || surrounding === 'wall';
  const stings = concerns.includes('stings');
  return [
    ...(atHouse ? [] : (['turf'] as const)),
    ...(atHouse || stings ? (['household'] as const) : []),
    ...(stings || concerns.includes('medical') ? (['health'] as const) : []),
  ];
}

/** A visit that names nothing is work at the place alone. */
const NOBODY = { status: 'pest', concerns: [] } as const;

/** The category that a label names, else those that cover its work here. */
export const licenceFor = (
  { more }: Pick<CardInUse, 'more'>,
  pest: Pick<Candidate, 'status' | 'concerns'> | null,
  surrounding: Surrounding,
): readonly LicenceCategory[] =>
  more?.licenceCategory === undefined
    ? worksUnder(pest ?? NOBODY, surrounding)
    : [more.licenceCategory as LicenceCategory];
