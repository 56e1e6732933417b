import { createHash } from 'node:crypto';

/**
 * What was made for a key before, or made now: for things that follow from their key alone. It holds so many bytes at
 * most, by an estimate of each thing's own; what was not asked for the longest goes first.
 */
export class Memory<T> {
  readonly #kept = new Map<string, { readonly value: T; readonly bytes: number }>();
  #bytes = 0;

  /** @param most bytes; @param weigh bytes of a value, roughly, from what it was made of */
  constructor(
    readonly most: number,
    readonly weigh: (value: T) => number,
  ) {}

  get bytes(): number {
    return this.#bytes;
  }

  /** The value of a key, if it is still held; it counts as asked for. */
  find(key: string): T | undefined {
    const short = keyOf(key);
    const held = this.#kept.get(short);
    if (!held) return undefined;
    this.#kept.delete(short);
    this.#kept.set(short, held);
    return held.value;
  }

  get(key: string, make: () => T): T {
    const short = keyOf(key);
    const before = this.#kept.get(short);
    const value = before ? before.value : make();
    const bytes = before ? before.bytes : this.weigh(value) + OVERHEAD;
    if (before) this.#kept.delete(short);
    else this.#bytes += bytes;
    this.#kept.set(short, { value, bytes });
    for (const [oldest, { bytes: freed }] of this.#kept) {
      if (this.#bytes <= this.most || oldest === short) break;
      this.#kept.delete(oldest);
      this.#bytes -= freed;
    }
    return value;
  }
}

/** What an entry weighs besides its value. */
const OVERHEAD = 200;
const LONGEST_KEY = 120;

/** A long key is not kept itself. */
const keyOf = (key: string): string =>
  key.length <= LONGEST_KEY ? key : createHash('sha256').update(key).digest('base64url');

/** Of JSON: an object takes some three times the text that it was read from. */
export const weightOf = (value: unknown): number => 3 * (JSON.stringify(value) ?? '').length;
