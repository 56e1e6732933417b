/**
 * Plain data that travels to the page as one JSON text: written and read in a fraction of the time of a tree of values.
 * It is written once, however often it is sent; its content must not change.
 */
export class Parcel<T> {
  #text: string | undefined;
  constructor(readonly content: T) {}

  get text(): string {
    return (this.#text ??= JSON.stringify(this.content));
  }
}
