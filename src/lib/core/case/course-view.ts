import { assess } from './assess';
import { courseOf, factsFor, letterOf, type Treatment } from './course';
import type { CaseFacts } from './facts';
import type { CaseView } from './view';

export interface CourseRow {
  readonly treatment: Treatment;
  /** Its letter in the order; "" for one that was dropped. */
  readonly letter: string;
  readonly facts: CaseFacts;
  readonly view: CaseView;
}

/** A course as a whole. */
export interface CourseView {
  readonly rows: readonly CourseRow[];
  /** How many are not dropped. */
  readonly standing: number;
  /** What all that is measured out costs, in the workspace's currency; 0 where nothing has a price. */
  readonly cost: number;
  /** Each stage of what it is called, and the letters of the treatments that work on it. */
  readonly stages: readonly { readonly id: string; readonly name: string; readonly by: readonly string[] }[];
}

/** What follows from a course as a whole. */
export function courseView(facts: CaseFacts): CourseView {
  const rows = courseOf(facts).flatMap((treatment): CourseRow[] => {
    const own = factsFor(facts, treatment.number);
    return own
      ? [{ treatment, letter: letterOf(facts, treatment.number), facts: own, view: assess(own) }]
      : [];
  });
  const standing = rows.filter(({ treatment }) => treatment.state !== 'dropped');
  const { named } = assess(facts);
  const worksOn = ({ view }: CourseRow, stage: string): boolean =>
    view.label?.use.targets.some(
      ({ pest, stages }) => pest === named?.id && (stages.length === 0 || stages.includes(stage)),
    ) === true;
  return {
    rows,
    standing: standing.length,
    cost: standing.reduce((sum, { view }) => sum + (view.dose?.container?.costUsed ?? 0), 0),
    stages: (named?.stages ?? []).map(({ id, name }) => ({
      ...{ id, name },
      by: standing.filter((row) => worksOn(row, id)).map(({ letter }) => letter),
    })),
  };
}
