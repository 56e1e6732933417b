import { writeWhole } from '$lib/server/store/whole/write';
import type { RequestHandler } from './$types';

/** By a form, not by a link: that an export was made is noted. */
export const POST: RequestHandler = async ({ locals }) => {
  const { now, today } = locals.around;
  const { text, name } = await locals.inWorkspace((tx) => writeWhole(tx, locals.who.person.name, now));
  const called =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'workspace';
  return new Response(text, {
    headers: {
      'content-type': 'application/json',
      'content-disposition': `attachment; filename="${called}-${today}.nimsy.json"`,
    },
  });
};
