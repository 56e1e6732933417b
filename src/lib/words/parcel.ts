/**
 * Plain data that travels to the page as one JSON text: written and read in a fraction of the time of a tree of values.
 */
export class Parcel<T> {
  constructor(readonly content: T) {}
}
