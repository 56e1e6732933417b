import type { Quantity } from '../units';

/** How a product comes, which decides how it is measured and put down. */
export type Form = 'granule' | 'concentrate' | 'nematodes';
/** Families of remedy, mildest first. */
export const FAMILIES = ['culture', 'living', 'selective', 'systemic', 'residual'] as const;
export type Family = (typeof FAMILIES)[number];
export type EvidenceGrade = 'strong' | 'fair' | 'weak' | 'none' | 'harmful';

export interface Active {
  readonly name: string;
  readonly percent: number | null;
  /** Mode-of-action group, as printed. */
  readonly group: string | null;
}

/** A clause as the label prints it, with its place on the label. */
export interface Clause {
  readonly at: string;
  readonly text: string;
}

export interface TargetOnLabel {
  readonly pest: string;
  readonly stages: readonly string[];
  readonly grade: EvidenceGrade;
  readonly reason: string;
}

/**
 * One use of a label: pests × site × method, with its rate and limits. A null is "not stated": it is never filled in
 * from another label.
 */
export interface LabelUse {
  readonly site: 'turf';
  readonly targets: readonly TargetOnLabel[];
  readonly rate: {
    readonly min: number;
    readonly max: number;
    readonly unit: Quantity['unit'];
    readonly per: Quantity;
  };
  readonly carrier: { readonly amount: Quantity; readonly per: Quantity } | null;
  /** The first stops, the second only reminds. */
  readonly noSoonerThanDays: number | null;
  readonly aboutEveryDays: number | null;
  readonly maxPerYear: number | null;
  readonly cap: { readonly amount: Quantity; readonly per: Quantity } | null;
  readonly wateringIn: { readonly mm: number; readonly withinHours: number } | null;
  /** Rain-free hours that it needs after going down. */
  readonly rainFreeHours: number | null;
  readonly maxWindKmh: number | null;
  readonly minWindKmh: number | null;
  readonly tempC: readonly [number, number] | null;
  readonly soilC: readonly [number, number] | null;
  /** Not in full sun: only early, late or at night. */
  readonly keepFromSun: boolean;
  readonly waterBufferM: number | null;
  /** Not on turf or weeds in flower: mow first. */
  readonly notOnBloom: boolean;
  readonly reEntry: 'until-dry' | 'until-watered-in' | 'none';
  readonly daysToEffect: readonly [number, number];
  readonly protectsDays: number | null;
}

export type ClauseKey =
  | 'pests'
  | 'rate'
  | 'interval'
  | 'yearly'
  | 'watering'
  | 'weather'
  | 'soil'
  | 'buffer'
  | 'bloom'
  | 'reEntry'
  | 'ppe'
  | 'filter'
  | 'storage';

export interface LabelCard {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly maker: string;
  readonly demonstration: boolean;
  readonly registration: string | null;
  readonly form: Form;
  readonly family: Family;
  readonly actives: readonly Active[];
  readonly signalWord: string | null;
  readonly use: LabelUse;
  readonly ppe: readonly string[];
  readonly filterOut: boolean;
  readonly clauses: Readonly<Partial<Record<ClauseKey, Clause>>>;
  readonly firstAid: string | null;
  readonly container: { readonly size: Quantity };
}

export type CautionRank = 'halt' | 'care' | 'note';

export type CautionCode =
  // Name
  | 'must-rule-out'
  | 'not-an-insect'
  | 'no-name'
  // Choose
  | 'pest-not-on-label'
  | 'stage-not-on-label'
  | 'interval-not-over'
  | 'interval-not-stated'
  | 'max-per-year-reached'
  | 'season-cap-exceeded'
  | 'lot-expired'
  | 'demonstration-label'
  | 'not-on-shelf'
  | 'below-threshold'
  | 'banned-here'
  | 'local-care'
  | 'grade-weak'
  // Measure, When
  | 'area-error-over-rate'
  | 'water-buffer'
  | 'soil-out-of-range'
  | 'no-weather-known'
  | 'calm-air'
  // Mix, Place
  | 'above-label-rate'
  | 'below-label-rate'
  | 'measure-too-coarse'
  | 'carry-over-exceeds-need'
  | 'carry-over-too-strong'
  | 'product-exceeds-mix'
  | 'nematodes-too-few'
  | 'flowering-turf'
  | 'wear-ppe'
  | 'keep-out-until'
  | 'water-in'
  | 'filter-out'
  | 'rinse-and-leftover';

/** The stops of a case, in the order of the work. */
export const STOPS = ['look', 'name', 'choose', 'measure', 'when', 'mix', 'place', 'log', 'recheck'] as const;
export type Stop = (typeof STOPS)[number];

/**
 * Something that bears on people, animals, bees, water or the law. A Halt keeps the amounts away until it is settled; a
 * Care is an act that is ticked; a Note informs.
 */
export interface Caution {
  readonly code: CautionCode;
  readonly rank: CautionRank;
  /** The stop where it is settled. */
  readonly stop: Stop;
  /** Whether ticking settles it; otherwise the plan has to change. */
  readonly settledBy: 'tick' | 'change';
  readonly clause: Clause | null;
  readonly facts: Readonly<Record<string, string | number>>;
}
