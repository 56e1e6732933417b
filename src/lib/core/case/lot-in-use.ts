import { usable, type EntryInUse, type ShelfContainer } from '../choose';
import { dayOfWork } from './day-of-work';
import type { CaseFacts } from './facts';

/** The container that the mix comes from: the one chosen at Mix, else the first that may be used on the day of the work. */
export function lotInUse(chosen: EntryInUse, facts: CaseFacts): ShelfContainer | undefined {
  const day = dayOfWork(facts);
  return (
    chosen.containers.find((c) => c.lot === facts.stops.mix?.lot) ??
    chosen.containers.find((c) => usable(c, day)) ??
    chosen.containers[0]
  );
}
