export { LICENCE_CATEGORY_WORDS } from './premises-terms';
export { cautionWords, RANK_WORDS, tickText, WAY_OUT_WORDS } from './cautions';
export { plainText } from './plain';
export { fieldName, knownFieldName } from './field-names';
export { refusalSentence, refusalSentences, type NameField } from './refusals';
export {
  atPlace,
  BASIS_WORDS,
  clockText,
  countWord,
  dayOfHour,
  hourField,
  hourText,
  percentText,
  PLAIN,
  PLAIN_MANNER,
  showIn,
  unitText,
} from './show';
export type { Manner, Show } from './show';
export {
  CONCERN_WORDS,
  FAMILY_NAMES,
  FAMILY_WORDS,
  FORM_WORDS,
  GRADE_WORDS,
  GROUP_WORDS,
  hourReason,
  SCORE_WORDS,
  standsWords,
  STOP_NAMES,
  STATUS_WORDS,
  SURROUNDING_WORDS,
  BECAUSE_WORDS,
  PURPOSE_HINTS,
  PURPOSE_WORDS,
  moreSpotsText,
  thresholdText,
  VIGOUR_WORDS,
} from './terms';
export { MANY_WORDS, SEEN_WORDS, sightingTitle } from './sighting';
export {
  effortText,
  FACT_WORDS,
  HOURS_WORDS,
  SOURCE_KIND_WORDS,
  findingText,
  gainWords,
  REGION_WORDS,
  weightWords,
} from './naming';
export { FINDING_WORDS, RULE_WORDS } from './label-check';
export {
  STRENGTH_WORDS,
  MORE_SECTION_WORDS,
  MORE_WORDS,
  moreChoiceText,
  moreText,
  moreUnitText,
} from './more-terms';
export { outsideText } from './outside';
export { PREMISES_WORDS, premisesList } from './premises-terms';
export { endsText, rangeText, useRateText, useText } from './label';
export { moreLimits, useLimits } from './label-limits';
export type { Limit } from './label-limits';
export { CLAUSE_WORDS, METHOD_WORDS, SITE_WORDS, STOCK_REASON_WORDS, STOCK_STATE_WORDS } from './shelf-terms';
export { CLASH_WORDS, SIDE_WORDS, WISH_WORDS } from './choose-terms';
export { treatText } from './treat';
export { trailText } from './trail';
export { expertSheet, sheetText, sightingReport, toBeReported } from './ask';
export type { Sheet } from './ask';
export { ROLE_WORDS } from './people';
export { brokenText } from './broken';
export { eventText } from './events';
export {
  EDGE_WORDS,
  EDIT_WORDS,
  geoJsonText,
  HOW_WORDS,
  layerText,
  MARK_WORDS,
  OPENING_WORDS,
  OUTLINE_WORDS,
  REPAIR_WORDS,
  ZONE_WORDS,
} from './plan-terms';
export { READING_WORDS } from './reading-terms';
export { TANK_BEFORE_WORDS } from './mix-terms';
export {
  EQUIPMENT_WORDS,
  MAKERS_WORDS,
  PROCEDURES,
  SETUP_WORDS,
  SIZE_WORDS,
  TRAVEL_WORDS,
  type Procedure,
} from './calibration';
export {
  FAMILY_SAID,
  JOB_HALTS,
  JOB_PROBLEMS,
  jobFieldText,
  figureText,
  METHOD_CAUTIONS,
  JOB_METHODS,
  TAKEN_OVER,
} from './job-terms';
export { formulaWords, inputName, SOURCE_WORDS } from './working-terms';
export { verdictWords } from './verdict';
export { LABEL_FIGURE_WORDS, labelFigureText } from './label-figures';
export {
  DONE_WORDS,
  groundText,
  HOW_PLACED,
  KINDS_OF_PLACE,
  overText,
  PLACE_WORDS,
  placesText,
  WAY_WORDS,
  productText,
  waysFor,
} from './method-terms';
export { TREATMENT_STATE_WORDS, treatmentName, treatmentText } from './course-terms';
export { dueBy, dueWords, nightsWords } from './due-terms';
export { stopPath } from './stop-path';
export { capital, inSentence, lower, many } from './plain-nouns';
export { FRAME_WORDS, SERIES_WORDS, seriesPlacesText } from './series';
