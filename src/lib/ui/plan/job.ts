import type { KeepOff } from '../../core/plan';
import type { Quantity } from '../../core/units';

/** Work of a case that is measured on this plan. */
export interface PlanJob {
  readonly number: number;
  readonly title: string;
  readonly zones: readonly string[];
  readonly keepOff: KeepOff;
  /** The remedy that was chosen, with its rate for an area; null while none is. */
  readonly rate: { readonly name: string; readonly amount: Quantity; readonly per: Quantity } | null;
}
