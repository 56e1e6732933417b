export { rankLabels, situationOf, timingHalts } from './rank-labels';
export { activeCautions } from './ledger';
export { scaleRecipe, type KitchenRecipe, type KitchenRemedy, isAbout } from './kitchen';
export { clashOf, combinedPlan, type Clash, type CombinedPlan, type PlanStep } from './combine';
export { comparisons, type Comparison, type Question, type Side } from './compare';
export { familyRows, seasonTimes, type FamilyRow } from './families';
export { treatReasons, type TreatReason } from './treat';
export { NO_WISHES, WISHES, type Wish, type Wishes } from './wishes';
export { STOCK_REASONS, stockState, usable, usableUntil } from './stock';
export type { StockChange, StockReason, StockState } from './stock';
export type {
  ChooseSituation,
  EntryInUse,
  Option,
  ScoreReason,
  ShelfContainer,
  ShelfEntry,
} from './rank-labels';
