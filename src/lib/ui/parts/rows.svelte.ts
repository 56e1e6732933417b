import { DRAFT_TAKEN, rowsAmong } from './fill';

/**
 * Rows of a form that are added and taken out again: each keeps its own key, a new one takes the focus, as whoever adds one types
 * on, and the form hears of one that went.
 */
export class Rows<T extends object> {
  #next = 0;
  /** Where they stand. */
  box: HTMLElement | undefined;
  all = $state<(T & { id: number })[]>([]);

  constructor(start: readonly T[]) {
    this.all = start.map((row) => this.#keyed(row));
  }

  #keyed(row: T): T & { id: number } {
    return { ...row, id: this.#next++ };
  }

  /** Adds one, and puts the focus into the field that `fieldOf` names by its place. */
  add(row: T, fieldOf: (at: number) => string): void {
    this.all = [...this.all, this.#keyed(row)];
    const name = fieldOf(this.all.length - 1);
    requestAnimationFrame(() => this.box?.querySelector<HTMLInputElement>(`[name="${name}"]`)?.focus());
  }

  /** Listens to the draft of its form: as many rows as it has are there before their fields are filled in. */
  heedDraft =
    (prefix: string, blank: T) =>
    (box: HTMLElement): (() => void) => {
      const form = box.closest('form');
      const make = (event: Event): void => {
        const wanted = rowsAmong((event as CustomEvent<string[]>).detail, prefix);
        if (wanted === 0) return;
        const more = Math.max(0, wanted - this.all.length);
        this.all = [...this.all.slice(0, wanted), ...Array.from({ length: more }, () => this.#keyed(blank))];
      };
      form?.addEventListener(DRAFT_TAKEN, make);
      return () => form?.removeEventListener(DRAFT_TAKEN, make);
    };

  change(id: number, by: Partial<T>): void {
    this.all = this.all.map((row) => (row.id === id ? { ...row, ...by } : row));
  }

  drop(id: number): void {
    this.all = this.all.filter((row) => row.id !== id);
    requestAnimationFrame(() => this.box?.dispatchEvent(new Event('input', { bubbles: true })));
  }
}
