import { listProperties } from '$lib/server/store/properties';
import { listCases } from '$lib/server/store/cases';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { properties, cases } = await locals.inWorkspace(async (tx) => ({
    properties: await listProperties(tx),
    cases: await listCases(tx),
  }));
  return {
    properties: properties.map(({ id, name, address, note }) => ({
      id,
      name,
      address,
      note,
      open: cases.filter((c) => c.propertyId === id && c.closedOn === null).length,
      closed: cases.filter((c) => c.propertyId === id && c.closedOn !== null).length,
    })),
  };
};
