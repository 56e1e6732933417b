import { error, redirect } from '@sveltejs/kit';
import { fieldsOf, isId, numberIn } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { pictureFrom } from '$lib/server/outside/pictures';
import { once } from '$lib/server/session/once';
import { wrongField } from '$lib/server/session/answer';
import { findCase } from '$lib/server/store/cases';
import { addPhoto, listPhotos, MOST_PHOTOS, removePhoto } from '$lib/server/store/photos';
import { withRemoved } from '$lib/server/store/removed';
import type { Actions, PageServerLoad } from './$types';

const LONGEST_NOTE = 200;

async function caseOf(tx: Tx, wanted: string): Promise<{ id: string; title: string }> {
  const number = numberIn(wanted);
  const found = number === null ? null : await findCase(tx, number);
  if (!found) error(404, 'There is no such case.');
  return found;
}

export const load: PageServerLoad = ({ params, locals }) =>
  locals.inWorkspace(async (tx) => {
    const { id, title } = await caseOf(tx, params.number);
    const photos = await listPhotos(tx, id);
    return {
      number: params.number,
      title,
      most: MOST_PHOTOS,
      photos: photos.map(({ addedAt, ...photo }) => ({ ...photo, addedAt: addedAt.toISOString() })),
    };
  });

export const actions: Actions = {
  add: async ({ request, params, locals }) => {
    const form = await formOf(request);
    const file = form.get('photo');
    const note = String(form.get('note') ?? '')
      .trim()
      .slice(0, LONGEST_NOTE);
    await locals.inWorkspace((tx) => caseOf(tx, params.number));
    if (!(file instanceof File) || file.size === 0)
      return wrongField(400, 'photo', 'Choose a photograph first.');
    const picture = await pictureFrom(new Uint8Array(await file.arrayBuffer()));
    if (!picture)
      return wrongField(
        400,
        'photo',
        'That file is no picture that can be read here. Take JPEG, PNG, WebP or AVIF.',
      );
    const { id: personId, name: by } = locals.person;
    const added = await locals.inWorkspace(async (tx) => {
      const { id } = await caseOf(tx, params.number);
      return once(tx, fieldsOf(form), `photo ${id} ${file.name.slice(0, 80)} ${file.size} ${personId}`, () =>
        addPhoto(tx, id, picture, { note, by, now: locals.around.now }),
      );
    });
    if (!added)
      return wrongField(
        409,
        'photo',
        `This case holds ${MOST_PHOTOS} photographs already. Remove one first.`,
      );
    redirect(303, `/cases/${params.number}/photos`);
  },

  remove: async ({ request, params, locals }) => {
    const id = String((await formOf(request)).get('id') ?? '');
    const back = `/cases/${params.number}/photos`;
    const gone = await locals.inWorkspace(async (tx) => {
      const { id: caseId } = await caseOf(tx, params.number);
      return isId(id) ? removePhoto(tx, caseId, id, back) : null;
    });
    if (gone === null) return wrongField(404, 'photo', 'That photograph is not of this case.');
    redirect(303, withRemoved(back, 'photo', gone));
  },
};
