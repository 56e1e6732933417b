import { agendaOf, type AgendaEntry } from './agenda';
import { assess } from './assess';
import { factsFor, numberOf, standingCourse } from './course';
import type { CaseFacts } from './facts';
import type { CaseView } from './view';

/** What one treatment of a case asks for. */
export interface TreatmentAgenda {
  readonly treatment: number;
  readonly facts: CaseFacts;
  readonly view: CaseView;
  readonly agenda: AgendaEntry;
}

/**
 * What a case asks for, treatment by treatment: those that are planned and not yet put down; once none is left, the count or
 * the closing of the case. What is done only if something holds asks for nothing until somebody says that it does.
 */
export function courseAgenda(facts: CaseFacts): TreatmentAgenda[] {
  const all = standingCourse(facts).flatMap(({ number, state }) => {
    const own = factsFor(facts, number);
    return own ? [{ treatment: number, state, facts: own, view: assess(own) }] : [];
  });
  const told = ({ treatment, facts: own, view }: (typeof all)[number]): TreatmentAgenda => ({
    ...{ treatment, facts: own, view },
    agenda: agendaOf(own, view),
  });
  const open = all.filter(
    ({ state, view }) =>
      state === 'planned' && view.records.length === 0 && (all.length === 1 || !view.nothing),
  );
  if (open.length > 0) return open.map(told);
  const last =
    all.find(({ view }) => view.records.length > 0) ??
    all.find(({ treatment }) => treatment === numberOf(facts));
  return last ? [told(last)] : [];
}

/** Where a case is gone on with: the first stop that lacks something, of the first treatment that is still to be done. */
export function nextIn(facts: CaseFacts): { treatment: number; view: CaseView } {
  const [first] = courseAgenda(facts);
  return first ?? { treatment: numberOf(facts), view: assess(facts) };
}

/** What may be announced to those who live there: a remedy that is settled, halted by nothing and not yet put down. */
export interface Announced {
  readonly treatment: number;
  readonly facts: CaseFacts;
  readonly view: CaseView & { readonly label: NonNullable<CaseView['label']> };
  /** What has to hold first, where it is done only then. */
  readonly onlyIf: string | null;
}

/** The treatments of a case that are announced, in their order; those that are done, dropped or halted are not among them. */
export const announced = (facts: CaseFacts): Announced[] =>
  standingCourse(facts).flatMap(({ number, state, onlyIf }) => {
    const own = factsFor(facts, number);
    const view = own ? assess(own) : null;
    if (!own || !view?.label || view.halts.length > 0 || view.records.length > 0 || state === 'done')
      return [];
    return [
      {
        ...{ treatment: number, facts: own, view: { ...view, label: view.label } },
        onlyIf: state === 'only-if' ? onlyIf : null,
      },
    ];
  });
