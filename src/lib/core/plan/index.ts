export {
  EMPTY_PLAN,
  GROUND_KINDS,
  HOWS,
  INDOOR_KINDS,
  isGround,
  isPlace,
  MARK_KINDS,
  PLACE_KINDS,
  USUAL_ERROR_PCT,
  ZONE_KINDS,
  type Foreign,
  type Layer,
  type Mark,
  type Measured,
  type Opening,
  type Plan,
  type Underlay,
  type Zone,
  type ZoneKind,
  type ZoneShape,
} from './plan';
export { outlineOf, type Outline } from './outline';
export { figuresOf, type PlanFigures, type ZoneFigures } from './figures';
export { KEEP_OFF_NOTHING, treatableOf, type KeepOff, type Treatable } from './treatable';
export {
  bandAround,
  eavesOf,
  wallRuns,
  type Band,
  type BandLimits,
  type Eaves,
  type EdgeType,
  type WallRun,
} from './walls';
export {
  cutOut,
  halvedEdge,
  handlesOf,
  joinZones,
  middleOf,
  mirroredShape,
  movedShape,
  reshaped,
  shapesOf,
  splitZone,
  withBow,
  withEdgeLength,
  withCorner,
  type EditRefusal,
} from './edits';
export { snap, type Snapped } from './snap';
export { gridOver, scaledBy, symbolRadius, withReading } from './survey';
export { mergePlans, type MergedPlan } from './merge';
export { measureOnPlan } from './measure';
export { amountOn, cellsOf, putDownOn, type Cell, type PutDown } from './history';
export { summaryOf, type Asks, type PlanSummary, type ZoneSummary } from './summary';
