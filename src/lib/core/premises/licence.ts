import type { CalendarDay } from '../units';

/** What allows a person to do what others may not: its category and number, who gave it, and its last day. */
export interface Licence {
  readonly category: string;
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
