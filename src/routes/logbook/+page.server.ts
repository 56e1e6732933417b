import { pageOfRecords } from '$lib/server/store/records';
import type { PageServerLoad } from './$types';

const A_PAGE = 50;

export const load: PageServerLoad = async ({ locals, url }) => {
  const after = url.searchParams.get('after');
  const { rows, next, broken } = await locals.kept(`logbook ${after}`, (tx) =>
    pageOfRecords(tx, { after, most: A_PAGE }),
  );
  return { records: rows, next, broken, first: after === null, today: locals.around.today };
};
