export { efficacy, reductionBand } from './efficacy';
export type { EfficacyBand, EfficacyInput, EfficacyRefusal } from './efficacy';
export { MOST_READINGS, seriesOf, totalOf } from './series';
export type { Series, SeriesReading, Trend } from './series';
export { asksForMore, judgeRecheck, recheckDue, USUAL_DAYS } from './verdict';
export type { Recheck, RecheckInput, Verdict } from './verdict';
