import { isIndoors, type Candidate, type Surrounding } from '../identify';
import type { Caution, Stop } from '../labels';

/** What is done at a nest of wasps or hornets, in its order; each a Care until the procedure has a plan of its own. */
export const NEST_STEPS = [
  ...(['find-exits', 'close-none', 'after-dark', 'watch-two-days', 'seal-after', 'comb'] as const),
] as const;
export type NestStep = (typeof NEST_STEPS)[number];

/** Where a nest has ways into the house. */
const INTO_THE_HOUSE: ReadonlySet<Surrounding> = new Set<Surrounding>(['wall', 'loft']);

const STEPS: Readonly<Record<NestStep, { readonly stop: Stop; readonly inHouse: boolean }>> = {
  'find-exits': { stop: 'place', inHouse: true },
  'close-none': { stop: 'place', inHouse: true },
  'after-dark': { stop: 'when', inHouse: false },
  'watch-two-days': { stop: 'log', inHouse: false },
  'seal-after': { stop: 'log', inHouse: true },
  comb: { stop: 'log', inHouse: true },
};

/** Whether its nest is worked at after dark alone, by whatever method: when all of them are home. */
export const isAfterDark = (named: Candidate | null): boolean => named?.colony === 'comb';

/**
 * The steps at a nest in comb, for whoever may do the work: at one in a wall, a loft or a room every exit is found and none is closed
 * while the colony lives. Nothing for what has no comb.
 */
export function nestCautions(named: Candidate, surrounding: Surrounding): Caution[] {
  if (!isAfterDark(named)) return [];
  const inHouse = isIndoors(surrounding) || INTO_THE_HOUSE.has(surrounding);
  return NEST_STEPS.filter((step) => inHouse || !STEPS[step].inHouse).map((step) => ({
    ...({ code: 'nest-step', rank: 'care', settledBy: 'tick', clause: null } as const),
    ...{ stop: STEPS[step].stop, facts: { about: step, name: named.name } },
  }));
}
