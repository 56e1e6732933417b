import type { CalendarDay } from '../units';

/**
 * Kinds of work that a place licenses apart: lawns and plants outdoors; rooms, stores and the house; insects that eat its
 * timber; insects that bite, sting or carry disease. Places name them differently, so that the licence keeps its own words
 * beside them.
 */
export const LICENCE_CATEGORIES = ['turf', 'household', 'wood', 'health'] as const;
export type LicenceCategory = (typeof LICENCE_CATEGORIES)[number];

/** What allows a person to do what others may not: its category and number, who gave it, and its last day. */
export interface Licence {
  /** The category in the words of whoever gave it. */
  readonly category: string;
  /** The kinds of work that it covers. */
  readonly covers: readonly LicenceCategory[];
  readonly number: string;
  readonly by: string;
  /** null: it states no last day. */
  readonly until: CalendarDay | null;
}

/** It is complete, and has not run out on a day; its last day counts. */
export const isValidOn = (licence: Licence | null, day: CalendarDay): boolean =>
  licence !== null &&
  licence.number !== '' &&
  licence.by !== '' &&
  (licence.until === null || licence.until >= day);

/** Why a person may not do licensed work on a day; null where they may. */
export type LicenceLack = 'none' | 'run-out' | 'other-work';

/**
 * What a person lacks for work on `day` that any one of `wanted` covers: a licence at all, one that has not run out, one of
 * that category. null: nothing.
 */
export function licenceLack(
  licence: Licence | null,
  day: CalendarDay,
  wanted: readonly LicenceCategory[],
): LicenceLack | null {
  if (licence === null || licence.number === '' || licence.by === '') return 'none';
  if (!isValidOn(licence, day)) return 'run-out';
  return licence.covers.some((one) => wanted.includes(one)) ? null : 'other-work';
}
