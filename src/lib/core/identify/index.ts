export { entropyBits, identify } from './rank';
export type { IdentifyInput, IdentifyRefusal, Ranking } from './rank';
