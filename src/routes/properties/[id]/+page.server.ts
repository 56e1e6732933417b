import { error } from '@sveltejs/kit';
import { pageOfCases } from '$lib/server/store/case-list';
import { isId, parseGround, parsePremises, parseProperty, parseTie, revisionIn } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { findCustomer, listCustomers } from '$lib/server/store/customers';
import { changeProperty, findProperty, nameGround, saveAsked, tieGround } from '$lib/server/store/properties';
import { zonesDrawn } from '$lib/server/store/plans';
import { isPlace } from '$lib/core/plan';
import { localDay } from '$lib/server/session/clock';
import { pageOfRecords } from '$lib/server/store/records';
import type { Actions, PageServerLoad } from './$types';

const MOST_CASES = 200;
const A_PAGE = 40;

export const load: PageServerLoad = async ({ locals, params, url }) => {
  if (!isId(params.id)) error(404, 'There is no such property.');
  return locals.inWorkspace(async (tx) => {
    const property = await findProperty(tx, params.id);
    if (!property) error(404, 'There is no such property.');
    const cases = await pageOfCases(tx, { propertyId: property.id, most: MOST_CASES });
    const records = await pageOfRecords(tx, {
      propertyId: property.id,
      after: url.searchParams.get('after'),
      most: A_PAGE,
    });
    const customers = await listCustomers(tx);
    const drawn = await zonesDrawn(tx, property.id);
    return {
      property,
      cases: cases.rows,
      records: records.rows.map(({ record }) => record),
      older: records.next,
      ground: url.searchParams.get('ground')?.slice(0, 60) ?? '',
      customer: customers.find((c) => c.id === property.customerId) ?? null,
      customers: customers.map(({ id, name }) => ({ id, name })),
      // What can be a ground: no water, and no place that is only a point.
      drawn: drawn
        .filter((zone) => zone.kind !== 'water' && !isPlace(zone))
        .map(({ id, name, from }) => ({ id, name, from })),
      zones: Intl.supportedValuesOf('timeZone'),
      today: locals.around.today,
    };
  });
};

const CHANGED =
  'Somebody else changed this property after you opened it. Nothing was overwritten: open the page in another tab and compare.';

export const actions: Actions = {
  change: async ({ locals, params, request }) => {
    if (!isId(params.id)) error(404, 'There is no such property.');
    const form = await readForm(request, parseProperty);
    if (!form.valid) return form.answer;
    const { customerId } = form.data;
    const revision = revisionIn(form.fields);
    const done = await locals.inWorkspace(async (tx) => {
      if (!(await findProperty(tx, params.id))) return 'missing';
      if (customerId !== null && !(await findCustomer(tx, customerId))) return 'no-customer';
      return (await changeProperty(tx, params.id, form.data, revision)) ? 'saved' : 'changed';
    });
    if (done === 'missing') error(404, 'There is no such property.');
    if (done === 'no-customer')
      return wrongField(400, 'customerId', 'Choose one of your customers.', form.fields);
    if (done === 'changed') return wrongField(409, '', CHANGED, form.fields);
    return { saved: true, errors: [], fields: {} };
  },

  asked: async ({ locals, params, request }) => {
    if (!isId(params.id)) error(404, 'There is no such property.');
    const form = await readForm(request, parsePremises);
    if (!form.valid) return form.answer;
    const built = { today: locals.around.today, basedOn: revisionIn(form.fields) };
    const done = await locals.inWorkspace(async (tx) => {
      if (!(await findProperty(tx, params.id))) return 'missing';
      return (await saveAsked(tx, params.id, form.data, built)) ? 'saved' : 'changed';
    });
    if (done === 'missing') error(404, 'There is no such property.');
    if (done === 'changed') return wrongField(409, '', CHANGED, form.fields);
    return { saved: true, errors: [], fields: {} };
  },

  ground: async ({ locals, params, request }) => {
    if (!isId(params.id)) error(404, 'There is no such property.');
    const form = await readForm(request, parseGround);
    if (!form.valid) return form.answer;
    const { name, off } = form.data;
    const done = await locals.inWorkspace(async (tx) => {
      const property = await findProperty(tx, params.id);
      if (!property) return 'missing';
      const ground = {
        ...{ name, by: locals.who.person.name },
        since: localDay(locals.around.now, property.timeZone),
      };
      return (await nameGround(tx, params.id, ground, !off)) ? 'saved' : 'there';
    });
    if (done === 'missing') error(404, 'There is no such property.');
    if (done === 'there')
      return wrongField(400, 'name', 'It has a ground of that name, or too many of them.', form.fields);
    return { saved: true, errors: [], fields: {} };
  },

  tie: async ({ locals, params, request }) => {
    if (!isId(params.id)) error(404, 'There is no such property.');
    const form = await readForm(request, parseTie);
    if (!form.valid) return form.answer;
    const done = await locals.inWorkspace(async (tx) => {
      const property = await findProperty(tx, params.id);
      if (!property) return 'missing';
      const drawn = await zonesDrawn(tx, property.id);
      const zones = form.data.zones.filter((id) => drawn.some((zone) => zone.id === id));
      const today = localDay(locals.around.now, property.timeZone);
      return (await tieGround(tx, property.id, { name: form.data.name, zones }, today)) ? 'saved' : 'no-name';
    });
    if (done === 'missing') error(404, 'There is no such property.');
    if (done === 'no-name')
      return wrongField(400, 'name', 'The property has no ground of that name any more.', form.fields);
    return { saved: true, errors: [], fields: {} };
  },
};
