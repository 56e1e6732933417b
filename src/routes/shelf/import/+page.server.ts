import { redirect } from '@sveltejs/kit';
import { wrongField } from '$lib/server/session/answer';
import { addLabels } from '$lib/server/store/shelf';
import { readCards } from '$lib/server/store/shelf-files/cards';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
  added: Number(url.searchParams.get('added') ?? NaN),
  same: Number(url.searchParams.get('same') ?? NaN),
});

export const actions: Actions = {
  cards: async ({ locals, request }) => {
    const file = (await request.formData()).get('file');
    if (!(file instanceof File) || file.size === 0)
      return wrongField(400, 'file', 'Choose a file of label cards first.');
    const read = readCards(await file.text());
    if ('trouble' in read) return wrongField(400, 'file', read.trouble.join('\n'));
    const versions = await locals.inWorkspace((tx) => addLabels(tx, read.ok));
    const added = versions.filter((version) => version > 0).length;
    redirect(303, `/shelf/import?added=${added}&same=${versions.length - added}`);
  },
};
