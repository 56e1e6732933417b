import { error } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { labelFile } from '$lib/server/store/stock';
import type { RequestHandler } from './$types';

/** The real label or safety sheet of a card; it may be read in a frame of this application alone. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const file = isId(params.id)
    ? await locals.inWorkspace((tx) => labelFile(tx, params.label, params.id))
    : null;
  if (!file) error(404, 'There is no such file.');
  return new Response(new Uint8Array(file.bytes), {
    headers: {
      'content-type': file.type,
      'content-disposition': 'inline',
      'cache-control': 'private, max-age=3600',
      'x-frame-options': 'SAMEORIGIN',
    },
  });
};
