export { entropyBits, identify } from './rank';
export type { IdentifyInput, IdentifyRefusal, Ranking } from './rank';
export { northernMonth, stageInMonth } from './candidate';
export type {
  Candidate,
  CandidateKind,
  CandidateStatus,
  CountTest,
  Hemisphere,
  LifeStage,
  Sign,
  Threshold,
} from './candidate';
export { priorsOf, rankCase, RULE_OUT_ABOVE, SURE_FROM } from './case-ranking';
export type { CaseRanking, NextLook, RankedCandidate, RankingCircumstances } from './case-ranking';
export { againstThreshold, densityOf, thresholdFor } from './density';
export type { Density, ThresholdVerdict, Vigour } from './density';
