import { error } from '@sveltejs/kit';
import { listCases } from '$lib/server/store/cases';
import { findProperty } from '$lib/server/store/properties';
import { listRecords } from '$lib/server/store/records';
import type { PageServerLoad } from './$types';

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

export const load: PageServerLoad = async ({ locals, params }) => {
  if (!UUID.test(params.id)) error(404, 'There is no such property.');
  return locals.inWorkspace(async (tx) => {
    const [property, cases, records] = await Promise.all([
      findProperty(tx, params.id),
      listCases(tx),
      listRecords(tx),
    ]);
    if (!property) error(404, 'There is no such property.');
    const own = cases.filter((c) => c.propertyId === property.id);
    const numbers = new Set(own.map((c) => c.number));
    return {
      property,
      cases: own,
      records: records.map((r) => r.record).filter((record) => numbers.has(record.caseNumber)),
      today: locals.around.now.toISOString().slice(0, 10),
    };
  });
};
