export { cardOfJob, FAMILIES_BY, type TakenFor } from './as-card';
export { howMuch } from './how-much';
export {
  FIGURES,
  METHODS,
  TARGET_OF,
  type Figure,
  type FigureName,
  type Job,
  type Method,
  type Worked,
} from './job';
