import type { CalendarDay, Quantity } from '../units';
import type { Outside } from './outside';

/** What was really done, as it was logged. Never changed: a correction is a new record that names the old one. */
export interface ApplicationRecord {
  readonly id: string;
  readonly caseNumber: number;
  /** The treatment of the case and its go; absent for the first. */
  readonly treatment?: number;
  readonly go?: number;
  /** One of two halves of a dose; absent for a whole one. */
  readonly part?: 'first-half' | 'second-half';
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
  /** Codes of the cautions that had been ticked, with who and when, and what was written down with it. */
  readonly ticked: readonly {
    readonly code: string;
    readonly by: string;
    readonly at: string;
    readonly said?: string | undefined;
  }[];
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
    /** What the ground was called; absent where it had no name. */
    readonly name?: string;
  } | null;
  /** In what it lay outside its label or plan, as it was told when it was logged; absent in records of earlier versions. */
  readonly outside?: readonly Outside[];
  readonly corrects: string | null;
  readonly loggedAt: string;
  /** The account that wrote it, beside the person who is named in it; "" or absent in records of earlier versions. */
  readonly account?: string;
  /** The machine that it was written at. */
  readonly cameFrom?: string;
  /** When it was read in from a file; absent where it was logged here. */
  readonly importedAt?: string;
}

/** The records that stand: those that no later record corrects. */
export function standing(records: readonly ApplicationRecord[]): ApplicationRecord[] {
  const corrected = new Set(records.map((record) => record.corrects).filter((id) => id !== null));
  return records.filter((record) => !corrected.has(record.id));
}

const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/**
 * Hours from one time of day to the next time that the clock shows the other: a job that ends before it begins by the
 * clock ran past midnight.
 *
 * @example hoursBetween('21:00', '05:30') // 8.5
 */
export function hoursBetween(from: string, to: string): number {
  const minutes = minutesOf(to) - minutesOf(from);
  return (minutes < 0 ? minutes + 24 * 60 : minutes) / 60;
}
