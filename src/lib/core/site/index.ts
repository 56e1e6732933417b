export { measureArea, measureBand, passesMostOnSmallEnd } from './measure';
export type { MeasuredArea, MeasureInput, MeasureRefusal, Shape, WallInput } from './measure';
export { lawnOfPlan, measureLawn, NOTHING_COUNTED, otherSide, targetFor } from './lawn';
export type { Counted, LawnMeasure, MeasuredLawn, PlanMeasured } from './lawn';
