/** Something that is kept and cannot be read: written by another version, or damaged. The rest of the page works. */
export interface Broken {
  readonly what: 'stop' | 'record' | 'card' | 'plan';
  /** The stop, the day of the record, the label, or the property. */
  readonly name: string;
}
