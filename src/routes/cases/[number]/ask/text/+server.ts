import { sheetText } from '$lib/words';
import { sheetsOf } from '../sheets';
import type { RequestHandler } from './$types';

/** The sheet as plain text: `?sheet=report` for the one to the authority. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  const { expert, report } = await sheetsOf(params.number, locals);
  const sheet = url.searchParams.get('sheet') === 'report' ? report : expert;
  if (!sheet)
    return new Response('Nothing that would have to be reported is likely here.\n', { status: 404 });
  return new Response(sheetText(sheet), { headers: { 'content-type': 'text/plain; charset=utf-8' } });
};
