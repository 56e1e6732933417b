export { onGround, type OnGround } from './ground';
export { activeLedger, gramsOf, type ActiveLedger } from './actives';
export { applicationsOf } from './ledger';
export { standing } from './record';
export type { ApplicationRecord } from './record';
export { sideBySide, type Reach, type SideBySide } from './side-by-side';
export { hoursBetween } from './record';
export { OUTSIDE } from './outside';
export type { Outside, OutsideCode } from './outside';
