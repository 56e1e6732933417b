import type { AnsweredStop, CaseFacts, StopBodies, StopState, Tick } from './facts';

export const TREATMENT_STATES = ['planned', 'only-if', 'done', 'dropped'] as const;
export type TreatmentState = (typeof TREATMENT_STATES)[number];

/** Stops that each treatment answers for itself; Look, Name and Re-check are the case's. */
export const TREATMENT_STOPS = ['choose', 'measure', 'when', 'mix', 'place'] as const;
export type TreatmentStop = (typeof TREATMENT_STOPS)[number];
export const isOfTreatment = (stop: string): stop is TreatmentStop | 'log' =>
  stop === 'log' || (TREATMENT_STOPS as readonly string[]).includes(stop);

/** What is done in a case, with its own ground, hours, mix, places and entries. */
export interface Treatment {
  /** It keeps its number whatever its place in the order. */
  readonly number: number;
  readonly state: TreatmentState;
  /** What has to hold before it is done; "" unless it is done only then. */
  readonly onlyIf: string;
  /** The go that is planned: the second night of a sheet, the second half of a dose. */
  readonly go: number;
  readonly stops: Partial<Pick<StopBodies, TreatmentStop>>;
  readonly states: Partial<Record<AnsweredStop, StopState>>;
  /** Ticks of this go, and those that hold for the whole case. */
  readonly settled: Readonly<Record<string, Tick>>;
  readonly ground: CaseFacts['ground'];
}

export const numberOf = (facts: Pick<CaseFacts, 'treatment'>): number => facts.treatment ?? 1;
export const goOf = (facts: Pick<CaseFacts, 'go'>): number => facts.go ?? 1;

const COURSES = new WeakMap<CaseFacts, readonly Treatment[]>();

/** The treatments of a case in their order; a case without any said is one of one. The same list for the same facts. */
export function courseOf(facts: CaseFacts): readonly Treatment[] {
  const known = COURSES.get(facts) ?? courseIn(facts);
  COURSES.set(facts, known);
  return known;
}

function courseIn(facts: CaseFacts): readonly Treatment[] {
  const own: Treatment = {
    ...{ number: numberOf(facts), state: 'planned', onlyIf: '', go: goOf(facts) },
    ...{ stops: facts.stops, states: facts.states, settled: facts.settled, ground: facts.ground },
  };
  return facts.course && facts.course.length > 0
    ? // What is being typed for the one on the screen counts for it.
      facts.course.map((one) =>
        one.number === own.number ? { ...one, stops: facts.stops, states: facts.states } : one,
      )
    : [own];
}

/** Those of a course that are still to be done or were: not dropped. */
export const standingCourse = (facts: CaseFacts): readonly Treatment[] =>
  courseOf(facts).filter(({ state }) => state !== 'dropped');

const OTHERS = new WeakMap<CaseFacts, Map<number, CaseFacts>>();

/** The facts of another treatment of the same case; the same object for the same facts. null where there is none. */
export function factsFor(facts: CaseFacts, number: number): CaseFacts | null {
  if (number === numberOf(facts)) return facts;
  const known = OTHERS.get(facts) ?? new Map<number, CaseFacts>();
  OTHERS.set(facts, known);
  const before = known.get(number);
  if (before) return before;
  const found = courseOf(facts).find((one) => one.number === number);
  if (!found) return null;
  const { look, name, recheck } = facts.stops;
  const { look: lookAt, name: nameAt, recheck: recheckAt } = facts.states;
  const made: CaseFacts = {
    ...facts,
    ...{ treatment: number, go: found.go, settled: found.settled, ground: found.ground },
    stops: {
      ...found.stops,
      ...(look ? { look } : {}),
      ...(name ? { name } : {}),
      ...(recheck ? { recheck } : {}),
    },
    states: {
      ...found.states,
      ...(lookAt ? { look: lookAt } : {}),
      ...(nameAt ? { name: nameAt } : {}),
      ...(recheckAt ? { recheck: recheckAt } : {}),
    },
  };
  known.set(number, made);
  return made;
}

/** A, B, C … by the place in the order. */
export const letterOf = (facts: CaseFacts, number: number): string => {
  const at = standingCourse(facts).findIndex((one) => one.number === number);
  return at < 0 ? '' : String.fromCharCode(65 + (at % 26));
};
