export { isYearRound, REGIONS, regionOf, type Region } from './region';
export { entropyBits } from './weigh';
export { identify } from './rank';
export type { IdentifyInput, IdentifyRefusal, Ranking } from './rank';
export {
  candidatesIn,
  isIndoors,
  CANNOT_TELL,
  DAY_OR_NIGHT,
  FIRST_SEEN,
  NONE_OF_THESE,
  northernMonth,
  stageInMonth,
  stagesInMonth,
  stagesOf,
  SURROUNDINGS,
} from './candidate';
export type {
  Candidate,
  CandidateKind,
  CandidateStatus,
  Concern,
  DayOrNight,
  Finding,
  FirstSeen,
  Hemisphere,
  LifeStage,
  Prose,
  Sign,
  Surrounding,
  Threshold,
} from './candidate';
export { groupNamed, rankCase, RULE_OUT_ABOVE, SURE_FROM } from './case-ranking';
export type { CaseRanking, NextLook, RankedCandidate } from './case-ranking';
export { evidenceFor } from './evidence';
export { hasOwnMark, isRuledOut, unexplained } from './ruled-out';
export type { Evidence } from './evidence';
export { askingOf, drawnWith, hangsOnOne, partedBy, questionsAhead } from './question';
export type { Asking } from './question';
export { BODY_LENGTH, livesIn, priorsOf, THE_COUNT, THE_HOUR } from './likelihood';
export type { Circumstances, Counted } from './likelihood';
export {
  againstThreshold,
  byPresence,
  densityOf,
  readOf,
  spotsToDecide,
  thresholdFor,
  worstSpot,
} from './density';
export type { Density, ThresholdVerdict, Vigour } from './density';
export { recipeFor, usualFrame, shownPer } from './field-test';
export type { CountBasis, FieldTest } from './field-test';
export { FACTS, SOURCE_KINDS, sourcesOf } from './sources';
export type { Fact, FactSource, SourceKind } from './sources';
export { GUIDE_GROUPS, REMEDY_FAMILIES } from './guide';
export type { GuideEntry, GuideGroup, RemedyFamily } from './guide';
