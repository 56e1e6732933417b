export { rankLabels, situationOf, timingHalts } from './rank-labels';
export type { ChooseSituation, Option, ScoreReason, ShelfContainer, ShelfEntry } from './rank-labels';
