import { error } from '@sveltejs/kit';
import { assess, type CaseFacts } from '$lib/core/case';
import { sameDimension } from '$lib/core/units';
import { isId } from '$lib/forms';
import type { Plan } from '$lib/core/plan';
import type { NamedGround } from '$lib/core/premises';
import { loadOpenCasesAt } from '$lib/server/store/cases';
import { bandOf, keepOffOf, placedOf } from '$lib/server/store/ground';
import { findProperty } from '$lib/server/store/properties';
import { planDaysOf, planOf, planOn } from '$lib/server/store/plans';
import { pageOfRecords } from '$lib/server/store/records';
import { standing, type ApplicationRecord } from '$lib/core/record';
import type { PlanJob, PutDownHere } from '$lib/ui/plan/job';
import type { PageServerLoad } from './$types';

/** What went down, as the plan shows it; of what nobody knows where it lies there is nothing to be shown. */
function putDownHere(
  plan: Plan,
  records: readonly ApplicationRecord[],
  grounds: readonly NamedGround[],
): PutDownHere[] {
  const places = new Map(placedOf(plan, records, grounds).map((place) => [place.id, place]));
  return records.flatMap(({ id, label, doneOn, product, area }) => {
    const place = places.get(id);
    return place
      ? [{ id, label: label.name, doneOn, product, area, zones: place.zones, footprint: place.footprint }]
      : [];
  });
}

/** A case that is measured on this plan, with its rate for an area. No amount of what a Halt stands against. */
function jobOf(facts: CaseFacts): PlanJob[] {
  const on = facts.stops.measure?.plan;
  if (!on) return [];
  const { label, rate, halts } = assess(facts);
  const use = label?.use;
  // That the plan was changed is what is being looked at here.
  const halted = halts.some(({ caution }) => caution.code !== 'plan-changed');
  const told = use && rate !== null && !halted && sameDimension(use.rate.per, { unit: 'm2' });
  return [
    {
      ...{
        number: facts.number,
        title: facts.title,
        zones: on.zones,
        keepOff: keepOffOf(on),
        band: bandOf(on),
      },
      rate: told
        ? { name: label.name, amount: { value: rate, unit: use.rate.unit }, per: use.rate.per }
        : null,
    },
  ];
}

/** What was put down before these is not drawn. */
const MOST_SHOWN = 200;

export const load: PageServerLoad = async ({ locals, params, url }) => {
  if (!isId(params.id)) error(404, 'There is no such property.');
  const on = url.searchParams.get('on');
  return locals.inWorkspace(async (tx) => {
    const property = await findProperty(tx, params.id);
    if (!property) error(404, 'There is no such property.');
    const kept = await planOf(tx, params.id);
    const days = await planDaysOf(tx, params.id);
    const cases = await loadOpenCasesAt(tx, locals.around, params.id);
    const records = await pageOfRecords(tx, { propertyId: params.id, most: MOST_SHOWN });
    const past = on !== null && days.length > 0 ? await planOn(tx, params.id, on) : null;
    return {
      property: { id: property.id, name: property.name },
      plan: past ?? kept.plan,
      revision: kept.revision,
      on: past ? on : null,
      days,
      jobs: cases.flatMap(({ facts }) => jobOf(facts)),
      putDown: putDownHere(kept.plan, standing(records.rows.map((r) => r.record)), property.grounds),
      today: locals.around.today,
    };
  });
};
