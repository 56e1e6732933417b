export { measureArea, measureBand, passesMostOnSmallEnd } from './measure';
export type { MeasuredArea, MeasureInput, MeasureRefusal, Shape, WallInput } from './measure';
export { groundOfPlan, measureRectangle, NOTHING_COUNTED, otherSide, targetFor } from './ground';
export type { Counted, RectangleMeasure, Ground, PlanMeasured } from './ground';
export {
  gridOver,
  groundKnown,
  groundOfEdge,
  groundOfGrid,
  groundOfParts,
  groundOfPlaces,
  groundOfVolume,
} from './ways';
export type { EdgeMeasure, Grid, GridOver, Part } from './ways';
