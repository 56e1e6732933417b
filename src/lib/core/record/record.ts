import type { CalendarDay, Quantity } from '../units';

/** What was really done, as it was logged. Never changed: a correction is a new record that names the old one. */
export interface ApplicationRecord {
  readonly id: string;
  readonly caseNumber: number;
  readonly label: { readonly id: string; readonly version: number; readonly name: string };
  readonly pest: string;
  readonly doneOn: CalendarDay;
  readonly startedAt: string;
  readonly endedAt: string;
  readonly product: Quantity;
  readonly finished: Quantity | null;
  readonly area: Quantity;
  readonly windKmh: number | null;
  readonly tempC: number | null;
  readonly lot: string | null;
  readonly person: string;
  readonly licence: string | null;
  readonly note: string;
  /** Codes of the cautions that had been ticked, with who and when. */
  readonly ticked: readonly { readonly code: string; readonly by: string; readonly at: string }[];
  /** What the plan said at that moment, for comparison. */
  readonly planned: { readonly product: Quantity; readonly area: Quantity } | null;
  /** Why this remedy, where the first of the ranking was passed over; absent in records of earlier versions. */
  readonly chosenBecause?: string | null;
  /**
   * Where it went down on the property's plan: the zones with those that they came from, and the outline in metres as
   * rings (null where only the zones are known); absent where it was not measured on a plan.
   */
  readonly ground?: {
    readonly zones: readonly string[];
    readonly footprint: readonly (readonly (readonly [x: number, y: number])[])[] | null;
  } | null;
  readonly corrects: string | null;
  readonly loggedAt: string;
}

/** The records that stand: those that no later record corrects. */
export function standing(records: readonly ApplicationRecord[]): ApplicationRecord[] {
  const corrected = new Set(records.map((record) => record.corrects).filter((id) => id !== null));
  return records.filter((record) => !corrected.has(record.id));
}
