import type { Region } from './region';

/** What a cause of trouble is: only animals can be treated, and some of those must not be. */
export type CandidateKind = 'insect' | 'not-insect';
/**
 * Useful and protected: leave alone. Notifiable: report to the authority. Dangerous: not by this person.
 */
export type CandidateStatus = 'pest' | 'useful' | 'protected' | 'notifiable' | 'dangerous';
/** `stings`: it stings in defence of itself or its nest, and can kill whoever is allergic. */
export type Concern = 'medical' | 'structural' | 'food' | 'stings';
export type Hemisphere = 'north' | 'south';

export const DAY_OR_NIGHT = ['day', 'night'] as const;
export type DayOrNight = (typeof DAY_OR_NIGHT)[number];

/** Where something is seen; each candidate and each sign belongs to some of them. */
export const SURROUNDINGS = [
  ...(['lawn', 'bed', 'ground', 'wall', 'tree', 'water'] as const),
  ...(['kitchen', 'store', 'bath', 'room', 'bedroom', 'cellar', 'loft'] as const),
] as const;
export type Surrounding = (typeof SURROUNDINGS)[number];

const INDOORS: ReadonlySet<Surrounding> = /* @__PURE__ */ new Set<Surrounding>([
  'kitchen',
  'store',
  'bath',
  'room',
  'bedroom',
  'cellar',
  'loft',
]);
/** No rain, wind or sun there. */
export const isIndoors = (surrounding: Surrounding): boolean => INDOORS.has(surrounding);

export interface LifeStage {
  readonly id: string;
  readonly name: string;
  /** Months of the northern hemisphere, 1 to 12, in which it is the stage that does the harm or is found. */
  readonly months: readonly number[];
  /** Of all that is found of it in each month of the northern hemisphere, the share that is this stage; absent where no stage runs into another. */
  readonly shares?: readonly number[];
  readonly lengthMm: readonly [number, number];
}

/**
 * Number at which treating is worth it, in the measure of its field test: from weak turf (the low figure) to vigorous
 * turf (the high one).
 */
export interface Threshold {
  readonly test: string;
  readonly at: readonly [weak: number, vigorous: number];
  /** No number: any of it at any place counts, and done is two readings of nought. `at` is nought then. */
  readonly presence?: true;
  readonly source: string;
  /** For which parts of the world the number was published; absent for wherever it lives. */
  readonly regions?: readonly Region[];
}

/**
 * A mark, and its answer, or answers, where it is this one. Only a mark that is always there speaks by its absence: all the
 * year, in some months of the northern calendar (an adult's wings), or never (tubes that lie behind a board).
 */
export interface RuleOut {
  readonly sign: string;
  readonly is: boolean | string | readonly string[];
  readonly always: boolean | readonly number[];
}

/** What a candidate needs to be ranked and named. */
export interface Candidate {
  readonly id: string;
  readonly name: string;
  readonly scientific: string | null;
  readonly kind: CandidateKind;
  readonly status: CandidateStatus;
  readonly concerns: readonly Concern[];
  /** How often it is the cause there, relative to others; where nothing is said it hardly ever is. */
  readonly places: Readonly<Partial<Record<Surrounding, number>>>;
  /** How often it is the cause, relative to the others, in each month of the northern hemisphere. */
  readonly season: readonly number[];
  /** When it is about, where that tells it from others; absent for what is met at any hour. */
  readonly hours?: DayOrNight;
  /** The same as `season` where a part of the world has another year than the northern one, or that one turned round. */
  readonly seasonIn?: Readonly<Partial<Record<Region, readonly number[]>>>;
  /** The one word by which people and labels name it with its like: "White grubs"; absent for none. */
  readonly group?: string;
  /** Where in the world it lives; absent for nearly everywhere. Elsewhere it is a rare newcomer. */
  readonly regions?: readonly Region[];
  /** Where the law sees it otherwise than its status says. */
  readonly statusIn?: Readonly<Partial<Record<Region, CandidateStatus>>>;
  /** P(sign | candidate), or for a sign with several values P(value | candidate), those left out being nothing, what is left being none of these; what is not listed is the sign's usual. */
  readonly signs: Readonly<Record<string, number | Readonly<Record<string, number>>>>;
  readonly stages: readonly LifeStage[];
  readonly threshold: Threshold | null;
  readonly telling: string;
  /** Its mark, by which it may be ruled out: needed of all that is no mere pest. */
  readonly ruleOut: RuleOut | null;
  readonly doNow: string;
  readonly doNot: string;
  readonly culture: string;
  /** There is a drawing of it. */
  readonly drawn: boolean;
  /** It lives in a comb that is worked on as a nest, by the steps of nests; absent for all else. */
  readonly colony?: 'comb';
}

/** What is read of a candidate only where it is looked at closely. */
export type Prose = Pick<Candidate, 'scientific' | 'telling' | 'doNow' | 'doNot' | 'culture'>;

export interface SignValue {
  readonly id: string;
  readonly name: string;
  /** The drawing that shows it, "" for none; without one it is that of a cause that nearly always shows it. */
  readonly drawing?: string;
}

export interface Sign {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  readonly places: readonly Surrounding[];
  /** Signs of one name come together and count once, by the strongest. */
  readonly together: string | null;
  /** Where one is looked at and found to be one of several; null for a sign that is there or not. */
  readonly values: readonly SignValue[] | null;
  /** P(sign) for a candidate that does not list it; of several values, of each. An unmistakable mark has next to nothing. */
  readonly usual: number;
  /** Of several values: the share of readings that take one for another. */
  readonly misread?: number;
  /** Seconds that looking for it takes, walking included. */
  readonly effortSeconds: number;
  readonly tool: string | null;
  /** It can only be looked at after dark, or needs a night. */
  readonly night: boolean;
  /** Of which first things seen it is part. */
  readonly about: readonly FirstSeen[];
  /** There is a drawing of it. */
  readonly drawn: boolean;
  /** False where its values are no look: the drawing of a cause beside one would lead whoever answers. */
  readonly pictured?: false;
}

/** What somebody came with first. */
export const FIRST_SEEN = [
  ...(['insects', 'damage', 'droppings', 'wings', 'webbing', 'nest', 'bites', 'digging', 'sound'] as const),
] as const;
export type FirstSeen = (typeof FIRST_SEEN)[number];

/** Somebody looked, or had nobody to ask, and cannot tell: an answer that speaks for nothing and rules nothing out. */
export const CANNOT_TELL = 'cannot-tell';
/** One of several values was looked for, and it is another. */
export const NONE_OF_THESE = 'none-of-these';
/** What was found: there or not, which of its values or `NONE_OF_THESE`, or `CANNOT_TELL`. */
export type Finding = boolean | string;

const THERE = new WeakMap<readonly Candidate[], Map<string, readonly Candidate[]>>();

/**
 * The candidates as they are in a part of the world: with the status and the year that they have there. Where there is no winter
 * (`yearRound`), every month is like the others and all stages are about. The same list for the same place, so that what is made
 * of it is.
 */
export function candidatesIn(
  candidates: readonly Candidate[],
  region: Region | null,
  yearRound = false,
): readonly Candidate[] {
  if (region === null && !yearRound) return candidates;
  const made = THERE.get(candidates) ?? new Map<string, readonly Candidate[]>();
  THERE.set(candidates, made);
  const key = `${region ?? ''} ${yearRound}`;
  const before = made.get(key);
  if (before) return before;
  const there = candidates.map((one): Candidate => {
    const here = {
      ...one,
      status: (region && one.statusIn?.[region]) ?? one.status,
      season: (region && one.seasonIn?.[region]) ?? one.season,
    };
    return yearRound ? withoutWinter(here) : here;
  });
  made.set(key, there);
  return there;
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i + 1);

function withoutWinter(one: Candidate): Candidate {
  const mean = one.season.reduce((sum, share) => sum + share, 0) / 12;
  return {
    ...one,
    season: MONTHS.map(() => mean),
    stages: one.stages.map(({ shares: _, ...stage }) => ({ ...stage, months: MONTHS })),
  };
}

/** The month by which the northern calendar of a candidate is read: six months on in the south. */
export function northernMonth(month: number, hemisphere: Hemisphere): number {
  return hemisphere === 'north' ? month : ((month + 5) % 12) + 1;
}

/** Of what is found in a month of the northern calendar, how much is this stage: 0 to 1, and 1 where no shares are known. */
const shareIn = ({ shares, months }: LifeStage, northern: number): number =>
  shares ? (shares[northern - 1] ?? 0) : Number(months.includes(northern));

/** A stage of which fewer are about in a month does not count there. */
const FEW = 0.1;

/** The life stages that are about in a month, the commonest first; several at once where one runs into another. */
export function stagesInMonth(candidate: Candidate, month: number, hemisphere: Hemisphere): LifeStage[] {
  const northern = northernMonth(month, hemisphere);
  return candidate.stages
    .filter((stage) => shareIn(stage, northern) >= FEW)
    .sort((a, b) => shareIn(b, northern) - shareIn(a, northern));
}

/** The life stage to expect in a month, or null where the candidate has none then. */
export const stageInMonth = (candidate: Candidate, month: number, hemisphere: Hemisphere): LifeStage | null =>
  stagesInMonth(candidate, month, hemisphere)[0] ?? null;

const OUT_OF_SEASON = 0.08;
/** One body length in so many that is measured lies outside the range given for its stage. */
const FALL = 0.15;

/** How well a measured body length (mm) fits a range: 1 inside, falling off quickly outside. */
export function lengthFit([least, most]: readonly [number, number], lengthMm: number): number {
  if (lengthMm >= least && lengthMm <= most) return 1;
  const off = lengthMm < least ? least / lengthMm : lengthMm / most;
  return Math.exp(-(((off - 1) / FALL) ** 2) / 2);
}

/**
 * How likely each life stage is, by the month and, where one was measured, the body length in mm; likeliest first.
 * Adds up to 1.
 */
export function stagesOf(
  candidate: Candidate,
  month: number,
  hemisphere: Hemisphere,
  lengthMm: number | null,
): readonly { readonly stage: LifeStage; readonly p: number }[] {
  const northern = northernMonth(month, hemisphere);
  const weights = candidate.stages.map((stage) => ({
    stage,
    weight:
      Math.max(OUT_OF_SEASON, shareIn(stage, northern)) *
      (lengthMm === null ? 1 : Math.max(0.001, lengthFit(stage.lengthMm, lengthMm))),
  }));
  const total = weights.reduce((sum, { weight }) => sum + weight, 0);
  return weights.map(({ stage, weight }) => ({ stage, p: weight / total })).sort((a, b) => b.p - a.p);
}
