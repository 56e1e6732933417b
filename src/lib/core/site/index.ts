export { measureArea, measureBand, passesMostOnSmallEnd } from './measure';
export type { MeasuredArea, MeasureInput, MeasureRefusal, Shape, WallInput } from './measure';
export { measureLawn } from './lawn';
export type { LawnMeasure, MeasuredLawn } from './lawn';
