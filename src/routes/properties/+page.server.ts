import { pageOfProperties } from '$lib/server/store/properties';
import { countCases } from '$lib/server/store/case-list';
import type { PageServerLoad } from './$types';

const A_PAGE = 50;

export const load: PageServerLoad = async ({ locals, url }) => {
  const after = url.searchParams.get('after');
  const { page, counts } = await locals.kept(`properties ${after}`, async (tx) => {
    const page = await pageOfProperties(tx, { after, most: A_PAGE });
    const rows = await countCases(
      tx,
      page.rows.map(({ id }) => id),
    );
    return { page, counts: rows };
  });
  const of = (id: string) => counts.find((row) => row.propertyId === id);
  return {
    next: page.next,
    first: after === null,
    properties: page.rows.map(({ id, name, address, note }) => ({
      id,
      name,
      address,
      note,
      open: of(id)?.open ?? 0,
      closed: of(id)?.closed ?? 0,
    })),
  };
};
