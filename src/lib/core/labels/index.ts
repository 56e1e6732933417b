export { FAMILIES, STOPS } from './label';
export type {
  Active,
  Caution,
  CautionCode,
  CautionRank,
  Clause,
  ClauseKey,
  EvidenceGrade,
  Family,
  Form,
  LabelCard,
  LabelUse,
  Stop,
  TargetOnLabel,
} from './label';
