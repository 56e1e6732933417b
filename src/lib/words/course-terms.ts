import type { CaseFacts, CaseView, Treatment, TreatmentState } from '../core/case';
import { STOP_NAMES } from './terms';
import { hourText, type Show } from './show';
import { groundText } from './method-terms';

export const TREATMENT_STATE_WORDS: Readonly<Record<TreatmentState, string>> = {
  planned: 'planned',
  'only-if': 'only if needed',
  done: 'done',
  dropped: 'dropped',
};

const LONGEST_NAME = 44;

/** What a treatment is called: its product, or the work without one as it was written down. */
export function treatmentName(facts: CaseFacts, view: CaseView): string {
  if (view.label) return view.label.name;
  if (!view.nothing) return 'Nothing chosen yet';
  const work = (facts.stops.choose?.reason ?? '').split(/[.:;]/)[0]?.trim() ?? '';
  return work === '' ? 'Without a product' : work.slice(0, LONGEST_NAME);
}

/** How a treatment stands, in a few words. */
export function treatmentText(facts: CaseFacts, view: CaseView, one: Treatment, show: Show): string {
  const last = view.records[view.records.length - 1];
  if (one.state === 'dropped') return 'dropped';
  if (last) return `done ${show.dayText(last.doneOn, facts.today)}`;
  if (one.state === 'done') return 'done';
  const halt = view.halts.length > 0 ? 'a Halt is open' : null;
  const when = facts.stops.when ? hourText(facts.stops.when.hour) : null;
  const ground = view.lawn ? groundText(view.lawn, view.method?.noun ?? 'spot', show) : null;
  const only = one.state === 'only-if' ? `only if ${one.onlyIf || 'needed'}` : null;
  const next = view.label && !halt && !only ? `next: ${STOP_NAMES[view.nextStop].toLowerCase()}` : null;
  return [only, halt, ground, when, one.go > 1 ? `go ${one.go}` : null, next].filter(Boolean).join(' · ');
}
