export { efficacy, reductionBand } from './efficacy';
export type { EfficacyBand, EfficacyInput, EfficacyRefusal } from './efficacy';
export { asksForMore, judgeRecheck, recheckDue, USUAL_DAYS } from './verdict';
export type { Recheck, RecheckInput, Verdict } from './verdict';
