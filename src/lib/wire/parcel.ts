/**
 * Plain data that travels to the page as one text: its JSON, deflated, in base64. A fifth of its length to be written into the
 * page, sent over a weak signal and read again. It is packed once (`parcelOf`), however often it is sent; its content must not
 * change.
 */
export class Parcel<T> {
  #content: Promise<T> | undefined;

  constructor(
    /** What is sent. */
    readonly text: string,
    /** Where it was packed: what is in it. */
    content?: T,
    /** How long its JSON is: what it weighs while it is kept. */
    readonly length = 0,
  ) {
    if (content !== undefined) this.#content = Promise.resolve(content);
  }

  /** What it was made of; unpacked, by the browser's own means, where it came over the wire. */
  open(): Promise<T> {
    return (this.#content ??= inflated(this.text).then((json) => JSON.parse(json) as T));
  }
}

async function inflated(text: string): Promise<string> {
  const packed = Uint8Array.from(atob(text), (sign) => sign.charCodeAt(0));
  return new Response(new Blob([packed]).stream().pipeThrough(new DecompressionStream('deflate-raw'))).text();
}
