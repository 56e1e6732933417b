import { error } from '@sveltejs/kit';
import { cardVersions } from '$lib/server/store/shelf';
import { cardsText } from '$lib/server/store/shelf-files/cards';
import type { RequestHandler } from './$types';

/** The newest version of one card, as JSON by docs/label-card.schema.json. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const [card] = await locals.inWorkspace((tx) => cardVersions(tx, params.label));
  if (!card) error(404, 'There is no such label on the shelf.');
  return new Response(cardsText([card]), {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="${card.id.replace(/[^a-z0-9-]/g, '')}.json"`,
    },
  });
};
