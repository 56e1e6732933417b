import { error } from '@sveltejs/kit';
import { isId, numberIn } from '$lib/forms';
import { findCase } from '$lib/server/store/cases';
import { photoOf } from '$lib/server/store/photos';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, locals }) => {
  const number = numberIn(params.number);
  const jpeg = await locals.inWorkspace(async (tx) => {
    const found = number === null ? null : await findCase(tx, number);
    return found && isId(params.id) ? photoOf(tx, found.id, params.id) : null;
  });
  if (!jpeg) error(404, 'There is no such photograph.');
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=3600' },
  });
};
