export { rankLabels, situationOf, timingHalts } from './rank-labels';
export type {
  ChooseSituation,
  EntryInUse,
  Option,
  ScoreReason,
  ShelfContainer,
  ShelfEntry,
} from './rank-labels';
