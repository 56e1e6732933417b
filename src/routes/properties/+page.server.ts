import { listProperties } from '$lib/server/store/properties';
import { countCases } from '$lib/server/store/cases';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { properties, counts } = await locals.inWorkspace(async (tx) => ({
    properties: await listProperties(tx),
    counts: new Map((await countCases(tx)).map((row) => [row.propertyId, row])),
  }));
  return {
    properties: properties.map(({ id, name, address, note }) => ({
      id,
      name,
      address,
      note,
      open: counts.get(id)?.open ?? 0,
      closed: counts.get(id)?.closed ?? 0,
    })),
  };
};
