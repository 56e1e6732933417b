export { nozzleFlow, sprayTime, walk } from './flow';
export type { BasicRefusal } from './flow';
export { grid, pace } from './ground';
export { hoseEndJug, hoseRatio, jugFill } from './hose';
export { weighedPass } from './spreader';
export { catchCups, dyeWalk, irrigation, sprinklerMinutes } from './water';
export { repeatsOf, type Repeats } from './repeats';
export { crossedGate, dropsFor, laidDown, type LaidDown } from './delivery';
export { deliveredAt, gateCurve, gateFor, type GateCurve, type GatePoint } from './gate';
export { orMakers, provenBy, type Proven, type ProvenOf } from './proven';
export { spreadPattern, TRAVELS, type Evenness, type SpreadPattern, type Travel } from './pattern';
export {
  AMOUNT_UNITS,
  calibrated,
  CALIBRATION_KINDS,
  CALIBRATIONS_OF,
  DUE_DAYS,
  dueOn,
  EQUIPMENT_KINDS,
  MAKERS_FIGURE,
  READING_FIELDS,
  SETUP_OF,
  type Calibrated,
  type Calibration,
  type CalibrationKind,
  type EquipmentKind,
  type Reading,
  type ReadingField,
} from './book';
