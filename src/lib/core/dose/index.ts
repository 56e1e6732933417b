export { dose } from './dose';
export { progress } from './progress';
export type { ProgressAnswer, ProgressInput } from './progress';
export type { CarryOver, DoseAnswer, DoseInput, DoseProblem, DoseRefusal, Load, RateBasis } from './types';
export { fillingLevels } from './filling';
export type { FillingLevels } from './filling';
