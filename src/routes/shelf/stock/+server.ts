import { loadShelf } from '$lib/server/store/shelf';
import { stockCsv } from '$lib/server/store/shelf-files/stock';
import type { RequestHandler } from './$types';

/** Every container, as CSV. */
export const GET: RequestHandler = async ({ locals }) =>
  new Response(stockCsv(await locals.inWorkspace(loadShelf)), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="stock.csv"',
    },
  });
