export { answersOfJob, type AnswersOfJob } from './answers-of-job';
export { assess } from './assess';
export { circumstancesOf, countInForce, rankingOf } from './diagnosis';
export { bandMeasured } from './ground-of';
export {
  asksForTrim,
  BUILT_ON,
  EXPECTED_BECAUSE,
  MOST_TRIED,
  openTrials,
  bearingOf,
  isStale,
  purposeOf,
  PURPOSES,
  TANK_BEFORE,
  WAYS,
} from './facts';
export type {
  AnsweredStop,
  CaseFacts,
  ChooseBody,
  ExpectedBecause,
  LookBody,
  EarlierReading,
  Tried,
  EdgeStretch,
  MeasureBody,
  OnPlan,
  PartMeasured,
  PlacesOfKind,
  Way,
  MixBody,
  Jar,
  TankBefore,
  NameBody,
  Purpose,
  PlaceBody,
  RecheckBody,
  StopBodies,
  StopState,
  WhenBody,
} from './facts';
export type { CaseView, SettledCaution, Source, TrailStop, Working, WorkingInput, WorkingName } from './view';
export { partnerAmounts, type PartnerAmounts } from './partner';
export { workingsOf } from './workings';
export { agendaOf } from './agenda';
export type { AgendaEntry, AgendaKind } from './agenda';
export { mergeAnswers } from './merge';
export type { Clash, Merged, Plain, TheirChange } from './merge';
export { outsideOf, type Done } from './outside-of';
export { dayOfWork } from './day-of-work';
export { lotInUse } from './lot-in-use';
export {
  courseOf,
  factsFor,
  goOf,
  isOfTreatment,
  letterOf,
  numberOf,
  standingCourse,
  TREATMENT_STATES,
  TREATMENT_STOPS,
} from './course';
export type { Treatment, TreatmentState, TreatmentStop } from './course';
export { announced, courseAgenda, nextIn, type Announced, type TreatmentAgenda } from './course-agenda';
export { guestsOf, inSharedTank, partnerOf, tankMateOf, tanksOf } from './shared-tank';
export { doneOf } from './done-of';
export { countIn, type Night, type Nights, type NightsVerdict } from './nights';
export { courseView, type CourseRow, type CourseView } from './course-view';
