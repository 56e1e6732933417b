export { rankLabels, situationOf, timingHalts } from './rank-labels';
export { STOCK_REASONS, stockState, usableUntil } from './stock';
export type { StockChange, StockReason, StockState } from './stock';
export type {
  ChooseSituation,
  EntryInUse,
  Option,
  ScoreReason,
  ShelfContainer,
  ShelfEntry,
} from './rank-labels';
