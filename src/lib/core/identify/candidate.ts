/** What a cause of trouble is: only insects can be treated, and some of those must not be. */
export type CandidateKind = 'insect' | 'not-insect';
/** Protected: leave alone. Dangerous: not by this person. */
export type CandidateStatus = 'pest' | 'protected' | 'dangerous';
export type Hemisphere = 'north' | 'south';

/** A field test that gives a count in a frame of known area. */
export type CountTest = 'turf-flap' | 'soap-flush';

export interface LifeStage {
  readonly id: string;
  readonly name: string;
  /** Months of the northern hemisphere, 1 to 12, in which it is the stage that does the harm or is found. */
  readonly months: readonly number[];
  readonly lengthMm: readonly [number, number];
}

/** Density at which treating is worth it: from weak turf (the low figure) to vigorous turf (the high one). */
export interface Threshold {
  readonly test: CountTest;
  readonly perM2: readonly [weak: number, vigorous: number];
  readonly source: string;
}

export interface Candidate {
  readonly id: string;
  readonly name: string;
  readonly scientific: string | null;
  readonly kind: CandidateKind;
  readonly status: CandidateStatus;
  /** How often it is the cause, relative to the others, in each month of the northern hemisphere. */
  readonly season: readonly number[];
  /** P(sign | candidate); a sign that is not listed has the ranking's default. */
  readonly signs: Readonly<Record<string, number>>;
  readonly stages: readonly LifeStage[];
  readonly threshold: Threshold | null;
  readonly telling: string;
  readonly doNow: string;
  readonly doNot: string;
  readonly culture: string;
}

export interface Sign {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  /** Seconds that looking for it takes, walking included. */
  readonly effortSeconds: number;
}

/** The month by which the northern calendar of a candidate is read: six months on in the south. */
export function northernMonth(month: number, hemisphere: Hemisphere): number {
  return hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
}

/** The life stage to expect in a month, or null where the candidate has none then. */
export function stageInMonth(candidate: Candidate, month: number, hemisphere: Hemisphere): LifeStage | null {
  const northern = northernMonth(month, hemisphere);
  return candidate.stages.find((stage) => stage.months.includes(northern)) ?? null;
}
