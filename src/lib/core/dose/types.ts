import type { Dimension, Quantity, Unit } from '../units';

/** What the rate is per: the target itself (area, length, volume, spots) or the finished mix (a dilution label). */
export type RateBasis = 'target' | 'mix';

export interface DoseRate {
  readonly min: number;
  readonly max: number;
  /** Defaults to `min`, the gentler end of the label. */
  readonly chosen?: number | undefined;
  readonly unit: Unit;
  readonly per: Quantity;
  readonly basis?: RateBasis | undefined;
}

export interface CarryOver {
  readonly finished: Quantity;
  readonly product: Quantity;
}

export interface DoseInput {
  readonly rate: DoseRate;
  /** Finished mix (water and product) for each measure of the target. */
  readonly carrier?: { readonly amount: Quantity; readonly per: Quantity } | undefined;
  readonly target: Quantity;
  readonly tank?: { readonly capacity: Quantity; readonly carryOver?: CarryOver | undefined } | undefined;
  /** Full tanks and the rest, equal loads, or loads that take as few measures as possible (which needs `measureStep`). */
  readonly split?: 'fill' | 'equal' | 'marks' | undefined;
  readonly measureStep?: Quantity | undefined;
  /**
   * "nearest" (the contract's): to the nearest mark, down to 95 % of the label's least. "inside": to the nearest mark
   * between the label's least and most, and none that moves the rate by more than a quarter.
   */
  readonly rounding?: 'nearest' | 'inside' | undefined;
  /** A last load for less of the target than this (the area's own error) is shared out to the others. */
  readonly mergeRest?: Quantity | undefined;
  /** What the measuring tool holds when it is full. */
  readonly measureHolds?: Quantity | undefined;
  readonly container?: { readonly size: Quantity; readonly price: number } | undefined;
  readonly cap?: { readonly amount: Quantity; readonly per: Quantity; readonly used: Quantity } | undefined;
  readonly placement?: { readonly each: Quantity } | undefined;
}

export type DoseProblem =
  | 'above-label-rate'
  | 'below-label-rate'
  | 'carry-over-exceeds-need'
  | 'carry-over-too-strong'
  | 'product-exceeds-mix'
  | 'measure-too-coarse'
  | 'season-cap-exceeded';

export interface Load {
  /** Finished mix of the load, carried mix included. */
  readonly finished: Quantity;
  readonly carryOver: Quantity;
  /** Product to add, beyond what the carried mix holds. */
  readonly product: Quantity;
  readonly water: Quantity;
  readonly covers: Quantity;
}

export interface ContainerAnswer {
  readonly count: number;
  readonly left: Quantity;
  readonly costUsed: number;
  readonly outlay: number;
  readonly costPer: { readonly value: number; readonly per: Quantity };
  readonly jobsPerContainer: number | null;
}

export interface CapAnswer {
  readonly allowed: Quantity;
  readonly left: Quantity;
  readonly exceeded: boolean;
}

export interface DoseAnswer {
  readonly product: Quantity;
  readonly exactProduct: Quantity;
  readonly finished: Quantity | null;
  readonly loads: readonly Load[];
  readonly actualRate: number;
  readonly errorPct: number;
  readonly withinLabel: boolean;
  readonly container?: ContainerAnswer;
  readonly cap?: CapAnswer;
  readonly placements?: number;
  readonly problems: readonly DoseProblem[];
  /** The target of a last load that was shared out to the others, because it was smaller than the area's own error. */
  readonly merged?: Quantity | undefined;
}

export type DoseRefusal =
  | 'invalid-input'
  | 'units-do-not-match'
  | 'rate-not-positive'
  | 'target-not-positive'
  | 'rate-basis-missing'
  | 'carry-over-exceeds-tank';

/** What a target may be: an area, a length, a volume of soil or void, or a count of spots. */
export const TARGET_DIMENSIONS: readonly Dimension[] = ['area', 'length', 'volume', 'things'];
/** What a product is measured in. */
export const PRODUCT_DIMENSIONS: readonly Dimension[] = ['volume', 'mass', 'things'];
