import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';

/** Fast and nearly as small as the slowest: it is packed once for each change, and opened once for each page. */
const LEVEL = 4;

/**
 * Plain data that travels to the page as one text: its JSON, deflated, in base64. A fifth of its length to be written into the
 * page, sent over a weak signal and read again. It is packed once, however often it is sent; its content must not change.
 */
export class Parcel<T> {
  #packed: { readonly text: string; readonly length: number } | undefined;
  constructor(readonly content: T) {}

  #pack(): { readonly text: string; readonly length: number } {
    if (!this.#packed) {
      const json = JSON.stringify(this.content);
      const bytes = deflateSync(strToU8(json), { level: LEVEL });
      this.#packed = { text: btoa(strFromU8(bytes, true)), length: json.length };
    }
    return this.#packed;
  }

  /** What is sent. */
  get text(): string {
    return this.#pack().text;
  }

  /** How long its JSON is: what it weighs while it is kept. */
  get length(): number {
    return this.#pack().length;
  }

  /** What `text` was made of. */
  static open(text: string): Parcel<unknown> {
    return new Parcel<unknown>(JSON.parse(strFromU8(inflateSync(strToU8(atob(text), true)))));
  }
}
