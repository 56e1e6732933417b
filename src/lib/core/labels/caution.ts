import type { Clause } from './label';

export type CautionRank = 'halt' | 'care' | 'note';

export type CautionCode =
  // Name
  | 'must-rule-out'
  | 'nest-step'
  | 'not-an-insect'
  | 'no-name'
  // Choose
  | 'pest-not-on-label'
  | 'stage-not-on-label'
  | 'stage-by-season'
  | 'stages-left'
  | 'site-not-on-label'
  | 'out-of-season'
  | 'licence-needed'
  | 'permit-or-report'
  | 'not-where-food-is'
  | 'food-plants-here'
  | 'splits-the-colony'
  | 'dust-in-damp'
  | 'dust-when-dry'
  | 'bait-on-repellent'
  | 'repellent-on-bait'
  | 'living-after-insecticide'
  | 'same-group-again'
  | 'interval-not-over'
  | 'interval-not-stated'
  | 'sooner-than-usual'
  | 'max-per-year-reached'
  | 'season-cap-exceeded'
  | 'active-cap-exceeded'
  | 'active-not-countable'
  | 'lot-expired'
  | 'lot-not-usable'
  | 'demonstration-label'
  | 'not-on-shelf'
  | 'below-threshold'
  | 'banned-here'
  | 'local-care'
  | 'purpose-not-allowed'
  | 'grade-weak'
  | 'harmful-here'
  | 'label-asks'
  | 'label-tells'
  | 'not-asked'
  // Measure, When
  | 'area-error-over-rate'
  | 'water-buffer'
  | 'plan-changed'
  | 'soil-out-of-range'
  | 'no-weather-known'
  | 'calm-air'
  // Mix, Place
  | 'above-label-rate'
  | 'below-label-rate'
  | 'measure-too-coarse'
  | 'carry-over-exceeds-need'
  | 'carry-over-too-strong'
  | 'carry-over-old'
  | 'carry-over-dead'
  | 'tank-held-herbicide'
  | 'tank-held-other'
  | 'partner-not-allowed'
  | 'partner-jar-missing'
  | 'partner-jar-failed'
  | 'partner-carry-over'
  | 'partner-carrier'
  | 'partner-rate'
  | 'partner-unknown'
  | 'partner-log'
  // Of a course: what stands between its treatments
  | 'course-apart'
  | 'course-too-soon'
  | 'course-over-year'
  | 'course-too-many'
  | 'passes-over-most'
  | 'amount-not-weighed'
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
