import type { Fields } from './fields';

const ID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
const NUMBER = /^\d{1,9}$/;

/** True for an id as the database writes it; anything else would be refused there as a fault. */
export const isId = (text: string): boolean => ID.test(text);

/** A number of a case, or a revision, as an address or a form carries it; null for anything else. */
export const numberIn = (text: string | undefined): number | null =>
  text !== undefined && NUMBER.test(text) ? Number(text) : null;

/** The revision that a form says it was built on; a form that does not say was built on nothing. */
export const revisionIn = (fields: Fields): number => numberIn(fields.get('revision')) ?? 0;
