import { STOPS, type Stop } from '../labels';
import { isStale, purposeOf, type AnsweredStop, type CaseFacts } from './facts';
import type { SettledCaution, TrailStop } from './view';

/** How each stop stands: answered, open, halted, or answered on what has changed since. */
export function trailOf(
  facts: CaseFacts,
  halts: readonly SettledCaution[],
  done: { records: number; nothing: boolean; unmixed: boolean },
): TrailStop[] {
  const routine = purposeOf(facts) === 'routine';
  return STOPS.map((stop): TrailStop => {
    // Once the work is logged, an interval that runs halts the next treatment, not this trail.
    const planning = stop === 'mix' || stop === 'place';
    const halted = halts.some((h) => h.caution.stop === stop) || (planning && halts.length > 0);
    if (halted && (done.records === 0 || stop === 'name')) return { stop, state: 'halted' };
    if (stop === 'log') return { stop, state: done.records > 0 || skipped(stop, done) ? 'answered' : 'open' };
    // A routine visit names nothing: its targets are those of the card.
    if (stop === 'name' && routine) return { stop, state: 'answered' };
    if (isStale(stop, facts)) return { stop, state: 'stale' };
    return {
      stop,
      state: isSaved(stop, facts) || skipped(stop, done) ? 'answered' : 'open',
    };
  });
}

/** An answer that is only being typed (revision below 1) is not one yet. */
const isSaved = (stop: AnsweredStop, facts: CaseFacts): boolean =>
  facts.stops[stop] !== undefined && (facts.states[stop]?.revision ?? 1) >= 1;

/** With nothing to put down, or with the work done, the stops that prepare it have nothing left to answer. */
function skipped(
  stop: Stop,
  { nothing, records, unmixed }: { nothing: boolean; records: number; unmixed: boolean },
): boolean {
  const prepares = stop === 'when' || stop === 'mix' || stop === 'place';
  // What is used by its instruction has nothing to mix.
  if (stop === 'mix' && unmixed) return true;
  return (nothing && (prepares || stop === 'measure' || stop === 'log')) || (records > 0 && prepares);
}
