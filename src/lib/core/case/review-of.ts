import type { EntryInUse } from '../choose';
import type { Ground } from '../ground';
import { readOf } from '../identify';
import { capOf, type CardInUse } from '../labels';
import { applicationsOf, standing, type ApplicationRecord, type OnGround } from '../record';
import { judgeRecheck, recheckDue } from '../review';
import { nextDate } from '../schedule';
import { sameDimension, valueIn } from '../units';
import { countInForce } from './diagnosis';
import type { CaseFacts } from './facts';
import type { CaseView } from './view';

/** What the last treatment used, and the year's most of the product on this ground, in the rate's unit. */
function yearOfCap(
  { use }: CardInUse,
  lawn: Ground | null,
  last: ApplicationRecord,
): { amount?: number; capAmount?: number } {
  const cap = capOf(use, 'product');
  if (!cap || !lawn || !sameDimension(last.product, use.rate)) return {};
  if (!sameDimension(lawn.area, cap.per) || !sameDimension(cap.amount, use.rate)) return {};
  return {
    amount: valueIn(last.product, use.rate.unit),
    capAmount: (valueIn(cap.amount, use.rate.unit) * valueIn(lawn.area, cap.per.unit)) / cap.per.value,
  };
}

export function reviewOf(
  facts: CaseFacts,
  shelf: readonly EntryInUse[],
  chosen: EntryInUse | null,
  { threshold, lawn, ground }: { threshold: CaseView['threshold']; lawn: Ground | null; ground: OnGround },
): Pick<CaseView, 'recheckDue' | 'recheck' | 'nextAllowed'> {
  const own = standing(facts.records).filter((record) => record.caseNumber === facts.number);
  const last = own.reduce<(typeof own)[number] | null>(
    (latest, r) => (latest === null || r.doneOn > latest.doneOn ? r : latest),
    null,
  );
  const label = shelf.find((entry) => entry.label.id === last?.label.id)?.label ?? chosen?.label;
  if (!last || !label) return { recheckDue: null, recheck: null, nextAllowed: null };
  const applications = applicationsOf(ground.touching, label.id, label.use.rate.unit);
  const { look, recheck } = facts.stops;
  const before = look && countInForce(look);
  const again = yearOfCap(label, lawn, last);
  return {
    recheckDue: recheckDue(last.doneOn, label.use),
    nextAllowed: nextDate({ use: label.use, today: facts.today, applications, ...again }),
    recheck:
      before && recheck
        ? judgeRecheck({
            doneOn: last.doneOn,
            today: recheck.countedOn,
            use: label.use,
            frame: before.frame,
            before: readOf(before.counts),
            after: readOf(recheck.counts),
            control: recheck.control,
            threshold: threshold?.limit ?? null,
            ...(threshold?.presence ? { presence: { noughtBefore: recheck.noughtBefore ?? false } } : {}),
            applications,
            ...again,
          })
        : null,
  };
}
