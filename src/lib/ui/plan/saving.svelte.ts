import { mergePlans, type Plan } from '../../core/plan';
import { draftOf, forgetDraft, keepDraft } from '../../offline/plan-draft';

/** Changes are sent when nothing was changed for so long; a longer row of changes does not wait longer than twice it. */
const AFTER_MS = 700;
const LONGEST_MS = 1500;
const AGAIN_MS = 4000;
const KEEP_MS = 250;
const LOOK_EVERY_MS = 8000;

export type Saving = 'saved' | 'waiting' | 'sending' | 'kept-here' | 'refused';

interface Answer {
  readonly revision?: number;
  readonly plan?: unknown;
  readonly savedBy?: string;
  readonly message?: string;
}

/**
 * Saves a plan as it is drawn. Until the server has it, it is kept in this browser; where somebody else saved meanwhile,
 * both are put together zone by zone and `tell` says so.
 */
export class PlanSaving {
  state = $state<Saving>('saved');
  /** What somebody else did meanwhile, or why it was refused. */
  told = $state('');
  #base: Plan;
  #revision: number;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #since = 0;
  /** One is on its way: the next waits for its answer, or it would be refused as somebody else's change. */
  #underWay = false;
  #keeping: ReturnType<typeof setTimeout> | undefined;
  #looking: ReturnType<typeof setInterval> | undefined;

  constructor(
    private readonly propertyId: string,
    base: Plan,
    revision: number,
    private readonly plan: () => Plan,
    private readonly take: (plan: Plan) => void,
    private readonly read: (sent: unknown) => Plan | null,
    private readonly newId: () => string,
  ) {
    this.#base = base;
    this.#revision = revision;
  }

  /** Takes up what this browser kept, and begins to look whether others save. */
  begin(): void {
    const draft = draftOf(this.propertyId, this.read);
    if (draft && JSON.stringify(draft.plan) !== JSON.stringify(this.#base)) {
      if (draft.revision === this.#revision) this.take(draft.plan);
      else this.#together(draft.base, draft.plan, this.#base, 'Somebody');
      this.told ||= 'What was drawn here before and not yet saved has been taken up again.';
      this.changed();
    } else forgetDraft(this.propertyId);
    addEventListener('pagehide', this.#hide);
    this.#looking = setInterval(() => void this.#look(), LOOK_EVERY_MS);
  }

  end(): void {
    clearTimeout(this.#timer);
    clearInterval(this.#looking);
    removeEventListener('pagehide', this.#hide);
    this.#keep();
    if (this.state === 'waiting') void this.#send();
  }

  /** The plan was changed. */
  changed(): void {
    if (this.plan() === this.#base) return;
    this.state = 'waiting';
    // A whole plan is long: it is written when the hand rests for a moment, and at least as often as it is sent.
    this.#keeping ??= setTimeout(() => this.#keep(), KEEP_MS);
    const now = performance.now();
    if (this.#since === 0) this.#since = now;
    clearTimeout(this.#timer);
    const wait = Math.max(0, Math.min(AFTER_MS, this.#since + LONGEST_MS - now));
    this.#timer = setTimeout(() => void this.#send(), wait);
  }

  /** The tab goes: what the hand did last is kept too. */
  #hide = (): void => this.#keep();

  #keep(): void {
    clearTimeout(this.#keeping);
    this.#keeping = undefined;
    if (this.state !== 'saved')
      keepDraft(this.propertyId, { plan: this.plan(), base: this.#base, revision: this.#revision });
  }

  #together(base: Plan, ours: Plan, theirs: Plan, by: string): void {
    const { plan, both } = mergePlans(base, ours, theirs, this.newId);
    this.take(plan);
    this.told =
      both.length === 0
        ? `${by} changed this plan meanwhile. Both changes were put together.`
        : `${by} changed this plan meanwhile. Both of you changed: ${both.join(', ')}. Theirs stands; yours lies beside it.`;
  }

  async #send(): Promise<void> {
    this.#since = 0;
    if (this.#underWay) return;
    this.#underWay = true;
    try {
      await this.#sendNow();
    } finally {
      this.#underWay = false;
    }
  }

  async #sendNow(): Promise<void> {
    const sent = this.plan();
    this.state = 'sending';
    let answer: Response;
    try {
      answer = await fetch(`/properties/${this.propertyId}/plan/save`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ plan: sent, revision: this.#revision }),
      });
    } catch {
      this.#later();
      return;
    }
    const said = (await answer.json().catch(() => ({}))) as Answer;
    if (answer.ok && said.revision !== undefined) {
      this.#revision = said.revision;
      this.#base = sent;
      if (this.plan() === sent) {
        forgetDraft(this.propertyId);
        this.state = 'saved';
      } else this.changed();
    } else if (answer.status === 409 && said.revision !== undefined) {
      const theirs = this.read(said.plan);
      if (!theirs)
        return this.#refuse('The plan that somebody else saved cannot be read here. Load the page again.');
      const before = this.#base;
      this.#base = theirs;
      this.#revision = said.revision;
      this.#together(before, this.plan(), theirs, said.savedBy ?? 'Somebody');
      this.changed();
    } else if (answer.status >= 500) this.#later();
    else this.#refuse(said.message ?? 'The plan was not taken.');
  }

  #later(): void {
    this.state = 'kept-here';
    this.#timer = setTimeout(() => void this.#send(), AGAIN_MS);
  }

  #refuse(why: string): void {
    this.state = 'refused';
    this.told = why;
  }

  /** Takes in what others saved while nothing of one's own is on its way. */
  async #look(): Promise<void> {
    if (document.hidden || this.state !== 'saved') return;
    const answer = await fetch(`/properties/${this.propertyId}/plan/save?after=${this.#revision}`).catch(
      () => null,
    );
    if (!answer?.ok || answer.status === 204) return;
    const said = (await answer.json().catch(() => ({}))) as Answer;
    const theirs = this.read(said.plan);
    // Something may have been drawn while the answer was on its way.
    if (!theirs || said.revision === undefined || this.state !== 'saved' || this.plan() !== this.#base)
      return;
    this.#base = theirs;
    this.#revision = said.revision;
    this.take(theirs);
    this.told = `${said.savedBy ?? 'Somebody'} changed this plan; what they saved stands here now.`;
  }
}
