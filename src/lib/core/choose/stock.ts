import type { LabelCard } from '../labels';
import { addDays, daysBetween, type CalendarDay, type Quantity } from '../units';

/** Why what is left of a container differs from what the records used. */
export const STOCK_REASONS = ['counted', 'spill', 'used', 'given', 'disposed'] as const;
export type StockReason = (typeof STOCK_REASONS)[number];

/** A change of what is left, beside the records; the amount is in the unit of its container, below 0 for less. */
export interface StockChange {
  readonly labelId: string;
  readonly lot: string;
  readonly amount: number;
  readonly reason: StockReason;
  readonly note: string;
  readonly at: string;
  readonly by: string;
}

export type StockState = 'empty' | 'expired' | 'expiring' | 'low' | 'good';

const DAYS_OF_MONTH = 30.44;
const EXPIRING_DAYS = 30;
/** Living products are bought for the next weeks: what ends within ten days has to be used now. */
const LIVING_EXPIRING_DAYS = 10;
const LOW_SHARE = 0.25;

/**
 * The last day on which a container may be used: the earliest of the date on it, what the label gives it after opening,
 * and its shelf life from the day it was bought. A living product of which nothing of that is known is given no day.
 */
export function usableUntil(
  container: {
    readonly expiresOn: CalendarDay | null;
    readonly boughtOn: CalendarDay | null;
    readonly openedOn: CalendarDay | null;
  },
  card: Pick<LabelCard, 'openedDays' | 'shelfLifeMonths'>,
): CalendarDay | null {
  const { expiresOn, boughtOn, openedOn } = container;
  const days = [
    expiresOn,
    openedOn !== null && card.openedDays !== null ? addDays(openedOn, card.openedDays) : null,
    // A date on the container says better what the shelf life only estimates.
    expiresOn === null && boughtOn !== null && card.shelfLifeMonths !== null
      ? addDays(boughtOn, Math.round(card.shelfLifeMonths * DAYS_OF_MONTH))
      : null,
  ].filter((day) => day !== null);
  return days.reduce<CalendarDay | null>((first, day) => (first === null || day < first ? day : first), null);
}

/** Whether what is in a container may be used on a day: there is something in it, and it is not past its last day. */
export const usable = (
  { left, until }: { readonly left: Quantity; readonly until: CalendarDay | null },
  day: CalendarDay,
): boolean => left.value > 0 && (until === null || until >= day);

/** How a container stands today; what is expired is that before it is anything else. */
export function stockState(
  container: { readonly left: Quantity; readonly size: Quantity; readonly until: CalendarDay | null },
  living: boolean,
  today: CalendarDay,
): StockState {
  const { left, size, until } = container;
  if (left.value <= 0) return 'empty';
  const days = until === null ? Infinity : daysBetween(today, until);
  if (days < 0) return 'expired';
  if (days <= (living ? LIVING_EXPIRING_DAYS : EXPIRING_DAYS)) return 'expiring';
  return left.value / size.value <= LOW_SHARE ? 'low' : 'good';
}
