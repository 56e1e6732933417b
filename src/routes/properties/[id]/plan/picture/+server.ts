import { json } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { pictureFrom } from '$lib/server/outside/pictures';
import { addPlanPicture } from '$lib/server/store/plans';
import { findProperty } from '$lib/server/store/properties';
import type { RequestHandler } from './$types';

const no = (status: number, message: string) => json({ message }, { status });

/** Takes a picture or scan to draw over. */
export const POST: RequestHandler = async ({ params, request, locals }) => {
  if (!isId(params.id)) return no(404, 'There is no such property.');
  const picture = await pictureFrom(new Uint8Array(await request.arrayBuffer()));
  if (!picture) return no(400, 'This is no picture that can be read. Choose a JPEG, PNG, WebP or TIFF.');
  const by = locals.who?.person.name ?? '';
  const id = await locals.inWorkspace(async (tx) =>
    (await findProperty(tx, params.id))
      ? ((await addPlanPicture(tx, params.id, picture, { by, now: locals.around.now })) ?? 'full')
      : null,
  );
  if (id === null) return no(404, 'There is no such property.');
  if (id === 'full') return no(409, 'This property has ten pictures already. Use one of them.');
  return json({ id, width: picture.width, height: picture.height });
};
