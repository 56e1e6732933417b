import { error } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { planPicture } from '$lib/server/store/plans';
import type { RequestHandler } from './$types';

/** A picture that a plan is drawn over. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const jpeg =
    isId(params.id) && isId(params.picture)
      ? await locals.inWorkspace((tx) => planPicture(tx, params.id, params.picture))
      : null;
  if (!jpeg) error(404, 'There is no such picture.');
  return new Response(new Uint8Array(jpeg), {
    headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=3600' },
  });
};
