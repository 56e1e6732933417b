import { inflateSync, strFromU8, strToU8 } from 'fflate';

/**
 * Plain data that travels to the page as one text: its JSON, deflated, in base64. A fifth of its length to be written into the
 * page, sent over a weak signal and read again. It is packed once (`parcelOf`), however often it is sent; its content must not
 * change.
 */
export class Parcel<T> {
  constructor(
    readonly content: T,
    /** What is sent. */
    readonly text = '',
    /** How long its JSON is: what it weighs while it is kept. */
    readonly length = 0,
  ) {}

  /** What `text` was made of. */
  static open(text: string): Parcel<unknown> {
    return new Parcel<unknown>(JSON.parse(strFromU8(inflateSync(strToU8(atob(text), true)))));
  }
}
