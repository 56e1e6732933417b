import type { ApplicationRecord, Outside } from '../record';
import { standing } from '../record';
import { licenceLack } from '../premises';
import { licenceFor, worksUnder } from '../safety';
import { daysBetween, isAbove, sameDimension, valueIn } from '../units';
import type { CaseFacts } from './facts';
import { partOfRate } from './mix-of';
import type { CaseView } from './view';

/** What was done, as it is being logged. */
export type Done = Pick<
  ApplicationRecord,
  'doneOn' | 'product' | 'area' | 'windKmh' | 'tempC' | 'lot' | 'licence'
>;

/** A dose within this share of a bound, or of the plan, is as good as a hand and a measure are. */
const HAND_SHARE = 0.05;
const PLAN_SHARE = 0.15;

/**
 * Where what was done lies outside the label or the plan: dose over the area done, wind and air, the lot, the days since the
 * last time, what was open when it was done. It is recorded all the same. `corrects` is the entry that it replaces, which
 * counts no more.
 */
export function outsideOf(
  facts: CaseFacts,
  view: CaseView,
  done: Done,
  corrects: string | null = null,
): Outside[] {
  const { label, chosen } = view;
  if (!label || !chosen) return [];
  const { use } = label;
  const found: Outside[] = [];
  const add = (code: Outside['code'], more: Outside['facts'] = {}): void =>
    void found.push({ code, facts: more });

  // Of a dose in two halves each entry is held against half of the label's.
  const rate = partOfRate(use.rate, use.rate.min, facts.stops.mix?.half === true);
  if (
    use.instruction === null &&
    rate.basis === 'target' &&
    sameDimension(done.product, rate) &&
    sameDimension(done.area, rate.per)
  ) {
    const per = valueIn(done.area, rate.per.unit) / rate.per.value;
    const rateDone = per > 0 ? valueIn(done.product, rate.unit) / per : 0;
    const told = { rate: rateDone, unit: rate.unit, per: rate.per.value, perUnit: rate.per.unit };
    if (isAbove(rateDone / rate.max - 1, HAND_SHARE)) add('above-most', { ...told, most: rate.max });
    else if (isAbove(1 - rateDone / rate.min, HAND_SHARE)) add('below-least', { ...told, least: rate.min });
  }
  const planned = view.dose?.product;
  if (planned && sameDimension(planned, done.product) && planned.value > 0) {
    const times = valueIn(done.product, planned.unit) / planned.value;
    if (isAbove(Math.abs(times - 1), PLAN_SHARE))
      add('unlike-plan', {
        done: valueIn(done.product, planned.unit),
        planned: planned.value,
        unit: planned.unit,
      });
  }
  if (use.maxWindKmh !== null && done.windKmh !== null && done.windKmh > use.maxWindKmh)
    add('too-windy', { is: done.windKmh, most: use.maxWindKmh });
  const [coldest, hottest] = use.tempC ?? [null, null];
  if (done.tempC !== null && coldest !== null && done.tempC < coldest)
    add('too-cold', { is: done.tempC, least: coldest });
  if (done.tempC !== null && hottest !== null && done.tempC > hottest)
    add('too-hot', { is: done.tempC, most: hottest });

  const lot = chosen.containers.find((one) => one.lot === done.lot);
  const replaced = facts.records.find((one) => one.id === corrects);
  const back =
    replaced && replaced.lot === done.lot && sameDimension(replaced.product, done.product)
      ? replaced.product
      : null;
  if (done.lot !== null && !lot) add('lot-unknown', { lot: done.lot });
  if (lot && lot.until !== null && lot.until < done.doneOn)
    add('lot-over', { lot: lot.lot, until: lot.until });
  if (lot && sameDimension(lot.left, done.product)) {
    const left = lot.left.value + (back ? valueIn(back, lot.left.unit) : 0);
    const used = valueIn(done.product, lot.left.unit);
    if (isAbove(used - left, HAND_SHARE * lot.size.value))
      add('lot-short', { lot: lot.lot, used, left, unit: lot.left.unit });
  }

  const before = standing(facts.records)
    .filter((one) => one.label.id === label.id && one.id !== corrects && one.doneOn <= done.doneOn)
    .reduce<string | null>(
      (latest, one) => (latest === null || one.doneOn > latest ? one.doneOn : latest),
      null,
    );
  if (use.noSoonerThanDays !== null && before !== null) {
    const days = daysBetween(before as ApplicationRecord['doneOn'], done.doneOn);
    if (days < use.noSoonerThanDays) add('too-soon', { days, wanted: use.noSoonerThanDays, last: before });
  }
  // A correction is about what was written, not about what was open since.
  if (corrects === null) {
    if (view.halts.length > 0) add('halt-open', { count: view.halts.length });
    const cares = view.cautions.filter((c) => c.caution.rank === 'care' && c.settled === null).length;
    if (cares > 0) add('care-open', { count: cares });
  }
  found.push(...licenceOutside(facts, view, done));
  return found;
}

/**
 * Licensed work by somebody who holds no licence for it on the day on which it was done. The licence that counts is that of
 * whoever is signed in; another's number can be written down, but not looked up.
 */
function licenceOutside(facts: CaseFacts, { label, named }: CaseView, done: Done): Outside[] {
  if (!label || !named) return [];
  const surrounding = facts.stops.look?.surrounding ?? 'lawn';
  const wanted = [
    ...(label.licenceNeeded === true ? [licenceFor(label, named, surrounding)] : []),
    ...(named.status === 'dangerous' ? [worksUnder(named, surrounding)] : []),
  ];
  if (wanted.length === 0) return [];
  const typed = done.licence ?? '';
  if (typed !== '' && typed !== facts.licence?.number)
    return [{ code: 'licence-unproven', facts: { number: typed } }];
  const lacking = wanted
    .map((any) => ({ any, lack: typed === '' ? 'none' : licenceLack(facts.licence, done.doneOn, any) }))
    .find(({ lack }) => lack !== null);
  if (!lacking?.lack) return [];
  const until = lacking.lack === 'run-out' ? facts.licence?.until : null;
  return [
    {
      code: 'no-licence',
      facts: { lack: lacking.lack, wanted: lacking.any.join(','), ...(until ? { until } : {}) },
    },
  ];
}
