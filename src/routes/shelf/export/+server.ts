import { CARDS_FORMAT } from '$lib/catalog';
import { loadShelf } from '$lib/server/store/shelf';
import type { RequestHandler } from './$types';

/** The newest version of every card, as JSON by docs/label-card.schema.json. */
export const GET: RequestHandler = async ({ locals }) => {
  const cards = (await locals.inWorkspace(loadShelf)).map((entry) => entry.label);
  return new Response(`${JSON.stringify({ format: CARDS_FORMAT, version: 1, cards }, null, 2)}\n`, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': 'attachment; filename="label-cards.json"',
    },
  });
};
