import type { Rings } from '../../core/geometry';
import type { BandLimits, KeepOff } from '../../core/plan';
import type { Quantity } from '../../core/units';

/** Work of a case that is measured on this plan. */
export interface PlanJob {
  readonly number: number;
  readonly title: string;
  readonly zones: readonly string[];
  readonly keepOff: KeepOff;
  /** Along chosen buildings; null for none. */
  readonly band: BandLimits | null;
  /** The remedy that was chosen, with its rate for an area; null while none is. */
  readonly rate: { readonly name: string; readonly amount: Quantity; readonly per: Quantity } | null;
}

/** What was put down at the property, and where on its plan. */
export interface PutDownHere {
  readonly id: string;
  readonly label: string;
  readonly doneOn: string;
  readonly product: Quantity;
  readonly area: Quantity;
  readonly zones: readonly string[];
  readonly footprint: Rings | null;
}
