import { getContext, setContext } from 'svelte';
import {
  asksForTrim,
  assess,
  bearingOf,
  BUILT_ON,
  goOf,
  isOfTreatment,
  numberOf,
  type AnsweredStop,
  type CaseFacts,
  type CaseView,
  type ChooseBody,
  type StopBodies,
} from '../../core/case';
import { isRefused } from '../../core/result';
import type { Show } from '../../words';

export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/**
 * The case on the screen: the saved facts with what is being typed laid over them, and everything that follows from
 * both. What was typed at one stop stays while other stops are opened, until it is saved.
 */
export class CaseSheet {
  readonly #saved: () => CaseFacts;
  readonly #show: Show;
  #turn = 0;
  /** By `keyOf`: what is typed for one treatment is not that of another. */
  #drafts = $state.raw<Readonly<Record<string, StopBodies[AnsweredStop]>>>({});
  /** The revision that each draft was begun on: what others save meanwhile does not move it. */
  #bases = $state.raw<Readonly<Record<string, number>>>({});
  /** What draws a pass along the edges: loaded when somebody asks for one. */
  #trimPass = $state.raw<CaseFacts['trimPass']>();
  /** What is wrong with the fields of the stop that is being edited, as it is typed. */
  typing = $state.raw<readonly FieldError[]>([]);
  facts: CaseFacts = $derived.by(() => this.#withDrafts());
  view: CaseView = $derived(assess(this.facts));

  constructor(saved: () => CaseFacts, show: Show) {
    this.#saved = saved;
    this.#show = show;
  }

  /** A stop of the case, or of the treatment and go that are open. */
  keyOf(stop: AnsweredStop): string {
    const saved = this.#saved();
    return isOfTreatment(stop) ? `${stop} ${numberOf(saved)} ${goOf(saved)}` : stop;
  }

  /** Lays the defaults of a stop that was never saved, so that what follows from them is seen. */
  assume<S extends AnsweredStop>(stop: S, body: StopBodies[S]): void {
    if (this.facts.stops[stop] === undefined) this.#drafts = { ...this.#drafts, [this.keyOf(stop)]: body };
  }

  /** The saved revision that what stands in the form was built on; 0 where there was none. */
  baseOf(stop: AnsweredStop): number {
    return this.#bases[this.keyOf(stop)] ?? this.#saved().states[stop]?.revision ?? 0;
  }

  /** Lays the present fields of a stop over what is saved; while a field is wrong the last good answer stays. */
  async propose(stop: AnsweredStop, form: HTMLFormElement): Promise<void> {
    const sent = new FormData(form);
    const key = this.keyOf(stop);
    this.#bases = { [key]: this.baseOf(stop), ...this.#bases };
    const turn = ++this.#turn;
    // What checks a form is loaded when somebody begins to type.
    const [{ asTyped, fieldsOf, knownNames, parseStop }, { refusalSentence }] = await Promise.all([
      import('../../forms'),
      import('../../words/refusals'),
    ]);
    if (turn !== this.#turn) return;
    // What counts at a place bears on the ranking before anything of it is chosen.
    const undecided = stop === 'choose' && !sent.has('label');
    if (undecided) sent.set('label', 'nothing');
    const fields = fieldsOf(sent);
    const parsed = parseStop(stop, fields, knownNames(this.#saved()));
    if (isRefused(parsed)) {
      this.typing = asTyped(parsed.refused, fields).map((r) => ({
        path: r.path,
        message: refusalSentence(r, this.#show),
      }));
      return;
    }
    if (asksForTrim({ stops: { [stop]: parsed.ok } }) && !this.#trimPass) {
      this.#trimPass = (await import('../../core/clip')).trimPass;
      if (turn !== this.#turn) return;
    }
    this.typing = [];
    this.#drafts = {
      ...this.#drafts,
      [key]: undecided ? { ...(parsed.ok as ChooseBody), label: '' } : parsed.ok,
    };
  }

  /** Once saved, the saved answer is the answer. */
  forget(stop: AnsweredStop, key = this.keyOf(stop)): void {
    this.#turn++;
    const { [key]: _saved, ...others } = this.#drafts;
    this.#drafts = others;
    const { [key]: _base, ...bases } = this.#bases;
    this.#bases = bases;
    this.typing = [];
  }

  /**
   * The person's own save stands at a revision: what was typed while it was on its way is built on that, and is no change of
   * somebody else's.
   */
  builtOn(stop: AnsweredStop, revision: number, key = this.keyOf(stop)): void {
    if (this.#bases[key] !== undefined) this.#bases = { ...this.#bases, [key]: revision };
  }

  isDraft(stop: AnsweredStop): boolean {
    const draft = this.#drafts[this.keyOf(stop)];
    return draft !== undefined && JSON.stringify(draft) !== JSON.stringify(this.#saved().stops[stop]);
  }

  #withDrafts(): CaseFacts {
    const saved = this.#saved();
    const states = { ...saved.states };
    const stops: Partial<Record<AnsweredStop, StopBodies[AnsweredStop]>> = {};
    for (const stop of ANSWERED) {
      const draft = this.#drafts[this.keyOf(stop)];
      if (draft === undefined) continue;
      stops[stop] = draft;
      const as = (body: unknown): string => JSON.stringify(bearingOf(stop, body));
      if (as(draft) !== as(saved.stops[stop]))
        states[stop] = { upstream: {}, ...states[stop], revision: (states[stop]?.revision ?? 0) + 0.5 };
    }
    return Object.keys(stops).length === 0
      ? saved
      : {
          ...saved,
          ...(this.#trimPass ? { trimPass: this.#trimPass } : {}),
          stops: { ...saved.stops, ...(stops as Partial<StopBodies>) },
          states,
        };
  }
}

const ANSWERED = Object.keys(BUILT_ON) as AnsweredStop[];
const KEY = Symbol('case sheet');
export const setSheet = (sheet: CaseSheet): CaseSheet => setContext(KEY, sheet);
export const getSheet = (): CaseSheet => getContext<CaseSheet>(KEY);
