export { CLOSE_ENOUGH, costOf, type CostInput, type JobCost, type SizeCost } from './cost';
export { activeIn, type ActiveInput, type ActiveRefusal, type Strength } from './active';
export { dose } from './dose';
export { progress, quartersOf } from './progress';
export type { ProgressAnswer, ProgressInput } from './progress';
export type { CarryOver, DoseAnswer, DoseInput, DoseProblem, DoseRefusal, Load, RateBasis } from './types';
export { loadsOnMarks, type MarkedLoads, type MarksJob } from './marks';
export {
  cleaningOf,
  inTool,
  markThatServes,
  portionOf,
  rinsed,
  toolsFor,
  type Cleaning,
  type InTool,
  type MeasureTool,
  type ToolFit,
} from './tool';
export { fillingLevels, markOf } from './filling';
export type { FillingLevels } from './filling';
export { planDay, type DayInput, type DayJob, type DayLoad, type DayPlan, type LeftoverPlan } from './day';
export { stockOf, wholePacks, type Packs, type PacksInput, type Stock } from './packs';
