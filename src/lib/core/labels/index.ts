export { STOPS } from './caution';
export type {
  ClauseFacts,
  Caution,
  CautionCode,
  CautionFacts,
  CautionOf,
  CautionRank,
  FactsOf,
  Stop,
} from './caution';
export { aboutWhom, cautionOf } from './caution';
export { CLAUSE_KEYS, FAMILIES, FORMS, METHODS, SITES } from './label';
export { checkLabel, FINDING_RANKS, ruleNames } from './check';
export type { FindingRank, LabelFinding, RuleName } from './check';
export { fitsSite, inHand, sitesOf, type Wanted } from './in-hand';
export type {
  Active,
  CardInUse,
  Clause,
  ClauseKey,
  EvidenceGrade,
  Family,
  Form,
  LabelCard,
  LabelRate,
  LabelUse,
  Method,
  RateStep,
  Site,
  TargetOnLabel,
  UseInHand,
} from './label';
export { MORE_FIELDS, MORE_SECTIONS, moreFields } from './more';
export type { More, MoreField, MoreKey, MoreSection } from './more';
export type { Ends } from './label';
export { capOf, otherHalf } from './label';
export type { LabelFigureKind } from './figures';
export { measuredFor, methodOf } from './method-of';
