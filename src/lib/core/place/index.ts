export { checkpointsOf, rectangleLanes } from './lanes';
export type { Checkpoint, RectangleLanes } from './lanes';
