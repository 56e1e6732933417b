import { capOf, type CardInUse, type Caution, type LabelCard } from '../labels';
import { activeLedger, type ActiveLedger, type ApplicationRecord } from '../record';
import { isAbove, type CalendarDay, type Quantity } from '../units';

/** Of several parts of the ground the one on which most lies; "unknown" where that is so of any. */
function worst(ledgers: readonly (ActiveLedger | 'unknown' | null)[]): ActiveLedger | 'unknown' | null {
  if (ledgers.includes('unknown')) return 'unknown';
  return ledgers.reduce<ActiveLedger | null>(
    (most, one) => (typeof one === 'object' && one && (!most || one.usedG > most.usedG) ? one : most),
    null,
  );
}

/**
 * Whether the year's most of the active ingredient holds, over every product that went down here with it: a Halt where
 * `planned` (product, over an area) would pass it, a Care where a strength that is needed is not stated.
 */
export function activeCautions(
  label: CardInUse,
  planned: { readonly product: Quantity; readonly area: Quantity },
  parts: readonly (readonly ApplicationRecord[])[],
  cards: ReadonlyMap<string, LabelCard>,
  day: CalendarDay,
): Caution[] {
  const ledgers = parts.map((records) =>
    activeLedger(label, capOf(label.use, 'active'), planned, records, cards, day),
  );
  const ledger = worst(ledgers);
  const clause = label.clauses.yearly ?? null;
  if (ledger === 'unknown')
    return [
      { code: 'active-not-countable', rank: 'care', stop: 'mix', settledBy: 'tick', clause, facts: {} },
    ];
  if (ledger === null || !isAbove(ledger.usedG + ledger.plannedG, ledger.allowedG)) return [];
  const { active, allowedG: allowed, usedG: used, plannedG } = ledger;
  return [
    {
      ...{ code: 'active-cap-exceeded', rank: 'halt', stop: 'mix', settledBy: 'change', clause },
      facts: { active, allowed, used, planned: plannedG },
    },
  ];
}
