export { REGIONS, regionOf, type Region } from './region';
export { entropyBits } from './weigh';
export { identify } from './rank';
export type { IdentifyInput, IdentifyRefusal, Ranking } from './rank';
export {
  candidatesIn,
  isIndoors,
  CANNOT_TELL,
  NONE_OF_THESE,
  northernMonth,
  stageInMonth,
  stagesOf,
  SURROUNDINGS,
} from './candidate';
export type {
  Candidate,
  CandidateKind,
  CandidateStatus,
  Concern,
  Finding,
  Hemisphere,
  LifeStage,
  Prose,
  Sign,
  Surrounding,
  Threshold,
} from './candidate';
export {
  BODY_LENGTH,
  evidenceFor,
  hasOwnMark,
  isRuledOut,
  livesIn,
  priorsOf,
  rankCase,
  RULE_OUT_ABOVE,
  SURE_FROM,
  unexplained,
} from './case-ranking';
export type { CaseRanking, Circumstances, Evidence, NextLook, RankedCandidate } from './case-ranking';
export { againstThreshold, densityOf, thresholdFor } from './density';
export type { Density, ThresholdVerdict, Vigour } from './density';
export { recipeFor, usualFrame, shownPer } from './field-test';
export type { CountBasis, FieldTest } from './field-test';
export { GUIDE_GROUPS, REMEDY_FAMILIES } from './guide';
export type { GuideEntry, GuideGroup, RemedyFamily } from './guide';
