/** What stands in a form: each field's name with what was typed or chosen. Files and passwords are never kept. */
export type FormState = readonly (readonly [name: string, value: string])[];

export interface FormDraft {
  /** When it was kept, in ms since 1970. */
  readonly at: number;
  readonly fields: FormState;
}

/** The part of the browser's storage that is used; tests hand in their own. */
export interface Shelf {
  getItem(key: string): string | null;
  setItem(key: string, value: string): void;
  removeItem(key: string): void;
}

const PREFIX = 'nimsy-draft ';
/** A draft that nobody came back for in a month is not wanted. */
const KEPT_MS = 31 * 86_400_000;
const MOST_FIELDS = 3000;

const isState = (value: unknown): value is FormState =>
  Array.isArray(value) &&
  value.length <= MOST_FIELDS &&
  value.every(
    (pair) => Array.isArray(pair) && pair.length === 2 && pair.every((part) => typeof part === 'string'),
  );

/** True where two states say the same, in whatever order. */
export function sameState(a: FormState, b: FormState): boolean {
  const text = (state: FormState): string =>
    JSON.stringify(
      [...state].filter(([, value]) => value !== '').sort(([x], [y]) => (x < y ? -1 : x > y ? 1 : 0)),
    );
  return text(a) === text(b);
}

/**
 * The draft of one form of one person in one workspace. It is kept as it is typed, forgotten once the form was taken, and
 * offered again where the page opens without it. Storage that is full or forbidden keeps nothing, and says so.
 */
export class DraftKeeper {
  readonly #key: string;
  readonly #shelf: Shelf | null;
  readonly #now: () => number;
  /** What the page opened with: a form that stands so again has no draft. */
  #start: FormState;
  #dirty = false;
  #kept = true;

  constructor(key: string, start: FormState, shelf: Shelf | null, now: () => number) {
    this.#key = PREFIX + key;
    this.#start = start;
    this.#shelf = shelf;
    this.#now = now;
  }

  /** Something was typed that is not sent yet. */
  get dirty(): boolean {
    return this.#dirty;
  }

  /** What was typed is kept in this browser. */
  get kept(): boolean {
    return this.#kept;
  }

  /** A draft from before that says something else than the page; null for none. What is broken or too old is dropped. */
  offered(): FormDraft | null {
    try {
      const draft = JSON.parse(this.#shelf?.getItem(this.#key) ?? 'null') as Partial<FormDraft> | null;
      if (draft === null) return null;
      if (typeof draft.at !== 'number' || !isState(draft.fields) || this.#now() - draft.at > KEPT_MS) {
        this.forget();
        return null;
      }
      return sameState(draft.fields, this.#start) ? null : { at: draft.at, fields: draft.fields };
    } catch {
      this.forget();
      return null;
    }
  }

  /** What stands in the form now. */
  typed(fields: FormState): void {
    this.#dirty = !sameState(fields, this.#start);
    try {
      if (!this.#shelf) throw new Error('no storage');
      if (this.#dirty)
        this.#shelf.setItem(this.#key, JSON.stringify({ at: this.#now(), fields } satisfies FormDraft));
      else this.#shelf.removeItem(this.#key);
      this.#kept = true;
    } catch {
      this.#kept = false;
    }
  }

  /** It was taken as it stands: what is typed from here on is measured against that. */
  taken(fields: FormState): void {
    this.#start = fields;
    this.forget();
  }

  /** Its draft is not wanted. */
  forget(): void {
    this.#dirty = false;
    try {
      this.#shelf?.removeItem(this.#key);
    } catch {
      // Where nothing can be kept there is nothing to forget.
    }
  }
}

type Whole = Shelf & { readonly length: number; key(index: number): string | null };
const draftKeys = (shelf: Whole): string[] =>
  Array.from({ length: shelf.length }, (_, i) => shelf.key(i) ?? '').filter((key) => key.startsWith(PREFIX));

/** How many drafts this browser keeps. */
export const draftsIn = (shelf: Whole): number => draftKeys(shelf).length;

/** Takes all drafts out of this browser: whoever signs out leaves nothing behind. */
export function forgetDrafts(shelf: Whole): number {
  const keys = draftKeys(shelf);
  for (const key of keys) shelf.removeItem(key);
  return keys.length;
}
