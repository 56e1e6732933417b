import type { CalendarDay, Unit } from '../units';
import type { Clause } from './label';

export type CautionRank = 'halt' | 'care' | 'note';

/** Whom or what a caution is about, where there can be several of a code. */
interface About {
  readonly about?: string;
}
interface Named {
  readonly label: string;
}
interface Both extends Named {
  /** The other product. */
  readonly other: string;
}
interface After {
  /** The other product, and the day on which it went down last. */
  readonly other: string;
  readonly last: CalendarDay;
}
/** What the sentences of a clause read, each its own. */
export type ClauseFacts = Readonly<Record<string, string | number>>;

/** What each caution tells, by its code: none of its sentences can meet a figure that is missing. */
export interface CautionFacts {
  // Name
  'must-rule-out': {
    readonly name: string;
    readonly status: string;
    /** How likely it is; absent where it is named. */
    readonly p?: number;
    /** 1 where it is what was named. */
    readonly named?: number;
    /** 0 where the mark is not always there. */
    readonly always?: number;
    /** The sign by which it is ruled out; empty where there is none. */
    readonly sign: string;
    readonly mark: string;
    readonly how: string;
    readonly doNow: string;
    readonly doNot: string;
    /** 1 where somebody qualified does the work. */
    readonly qualified?: number;
    /** Why the licence of whoever is signed in does not count; absent where none would open it. */
    readonly lack?: string;
    readonly wanted?: string;
  };
  'nest-step': { readonly about: string; readonly name: string };
  'not-an-insect': { readonly name: string; readonly doNow: string };
  'no-name': Named;
  // Choose
  'pest-not-on-label': Named & { readonly pest: string };
  'stage-not-on-label': Named & { readonly pest: string };
  'stage-by-season': Named & { readonly works: string; readonly stages: string };
  'stages-left': Named & {
    readonly pest: string;
    readonly pestId: string;
    readonly leaves: string;
    readonly leftIds: string;
    /** What of the shelf works on them; absent before the shelf was looked through. */
    readonly cover?: string;
    readonly orElse?: string;
  };
  'site-not-on-label': Named;
  'out-of-season': Named;
  'licence-needed': Named & {
    readonly wanted: string;
    readonly lack: string;
    readonly until?: CalendarDay;
  };
  'permit-or-report': { readonly name: string };
  'not-where-food-is': Named;
  'food-plants-here': Named;
  'splits-the-colony': Named;
  'dust-in-damp': Named;
  'dust-when-dry': Named;
  'bait-on-repellent': After;
  'repellent-on-bait': After;
  'living-after-insecticide': After;
  'same-group-again': { readonly times: number; readonly group: string };
  'interval-not-over': { readonly until: CalendarDay; readonly last: CalendarDay; readonly days: number };
  'interval-not-stated': { readonly last: CalendarDay };
  'sooner-than-usual': { readonly until: CalendarDay; readonly last: CalendarDay; readonly days: number };
  'max-per-year-reached': { readonly done: number; readonly most: number; readonly last: CalendarDay };
  /** How much is left; below nought. */
  'season-cap-exceeded': { readonly left: number; readonly unit: Unit };
  /** Grams. */
  'active-cap-exceeded': {
    readonly active: string;
    readonly allowed: number;
    readonly used: number;
    readonly planned: number;
  };
  'active-not-countable': object;
  'lot-expired': Named;
  'lot-not-usable': { readonly lot: string; readonly until?: CalendarDay };
  'demonstration-label': Named;
  'not-on-shelf': Named;
  'below-threshold': { readonly limit: number; readonly basis: string };
  'banned-here': Named & { readonly ingredient: string };
  'local-care': { readonly text: string };
  'purpose-not-allowed': { readonly purpose: string };
  'grade-weak': { readonly reason: string };
  'harmful-here': Named & { readonly pest: string; readonly note: string };
  'label-asks': ClauseFacts & { readonly about: string };
  'label-tells': ClauseFacts & { readonly about: string };
  'not-asked': { readonly about: string };
  // Measure, When
  'area-error-over-rate': { readonly safe: number; readonly least: number; readonly unit: Unit };
  /** Metres. */
  'water-buffer': { readonly buffer: number; readonly strip: number };
  /** Square metres. */
  'plan-changed': { readonly was: number; readonly is: number };
  /** Degrees Celsius. */
  'soil-out-of-range': { readonly soil: number; readonly from?: number; readonly to?: number };
  'no-weather-known': object;
  'calm-air': object;
  // Mix, Place
  'above-label-rate': { readonly chosen: number; readonly most: number; readonly unit: Unit };
  'below-label-rate': { readonly chosen: number; readonly least: number };
  'measure-too-coarse': object;
  'carry-over-exceeds-need': object;
  'carry-over-too-strong': object;
  'carry-over-old': { readonly days: number };
  'carry-over-dead': { readonly days: number };
  'tank-held-herbicide': { readonly tank: string };
  'tank-held-other': { readonly tank: string };
  'partner-not-allowed': Both;
  'partner-jar-missing': Both;
  'partner-jar-failed': Both;
  'partner-carry-over': object;
  'partner-carrier': Both;
  'partner-rate': Named & {
    readonly chosen: number;
    readonly least: number;
    readonly most: number;
    readonly unit: Unit;
  };
  'partner-unknown': Named;
  'partner-log': Named;
  // Of a course: what stands between its treatments
  'course-apart': { readonly letter: string; readonly other: string };
  'course-too-soon': { readonly letter: string; readonly days: number; readonly between: number };
  'course-over-year': {
    readonly letters: string;
    readonly planned: number;
    readonly left: number;
    readonly unit: Unit;
  };
  'course-too-many': { readonly letters: string; readonly all: number; readonly most: number };
  /** What comes out over each metre, in `metreUnit`. */
  'passes-over-most': {
    readonly would: number;
    readonly most: number;
    readonly unit: Unit;
    readonly metre: number;
    readonly metreUnit: Unit;
  };
  'amount-not-weighed': Named;
  'product-exceeds-mix': object;
  'nematodes-too-few': { readonly perM2: number };
  'flowering-turf': { readonly where: string };
  'wear-ppe': { readonly ppe: string };
  'keep-out-until': { readonly until: string; readonly hours: number };
  /** Millimetres. */
  'water-in': { readonly mm: number; readonly hours: number };
  'filter-out': object;
  'rinse-and-leftover': { readonly onto: string };
}
export type CautionCode = keyof CautionFacts;
export type FactsOf<Code extends CautionCode> = CautionFacts[Code] & About;

/** The same caution, about somebody. */
export const aboutWhom = (caution: Caution, about: string): Caution =>
  ({ ...caution, facts: { ...caution.facts, about } }) as Caution;

/** The stops of a case, in the order of the work. */
export const STOPS = ['look', 'name', 'choose', 'measure', 'when', 'mix', 'place', 'log', 'recheck'] as const;
export type Stop = (typeof STOPS)[number];

/**
 * Something that bears on people, animals, bees, water or the law. A Halt keeps the amounts away until it is settled; a
 * Care is an act that is ticked; a Note informs. By its code, so that its facts are those of that code.
 */
export interface CautionOf<Code extends CautionCode> {
  readonly code: Code;
  readonly rank: CautionRank;
  /** The stop where it is settled. */
  readonly stop: Stop;
  /** Whether ticking settles it; otherwise the plan has to change. */
  readonly settledBy: 'tick' | 'change';
  readonly clause: Clause | null;
  readonly facts: FactsOf<Code>;
}
export type Caution = { [Code in CautionCode]: CautionOf<Code> }[CautionCode];

/**
 * Raises a caution of one code, with the facts that its sentences need.
 *
 * @example cautionOf('wear-ppe', 'care', 'mix', 'tick', { ppe: 'gloves' })
 */
export const cautionOf = <Code extends CautionCode>(
  code: Code,
  rank: CautionRank,
  stop: Stop,
  settledBy: 'tick' | 'change',
  facts: FactsOf<Code>,
  clause: Clause | null = null,
): Caution => ({ code, rank, stop, settledBy, clause, facts }) satisfies CautionOf<Code> as Caution;
