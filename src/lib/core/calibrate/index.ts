export { nozzleFlow, sprayTime, walk } from './flow';
export type { BasicRefusal } from './flow';
export { grid, pace } from './ground';
export { hoseEndJug, hoseRatio } from './hose';
export { weighedPass } from './spreader';
export { catchCups, dyeWalk, irrigation } from './water';
