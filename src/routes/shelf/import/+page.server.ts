import { redirect } from '@sveltejs/kit';
import { formOf } from '$lib/server/session/bodies';
import { wrongField } from '$lib/server/session/answer';
import { addLabels, loadShelf } from '$lib/server/store/shelf';
import { readCards } from '$lib/server/store/shelf-files/cards';
import { readStock, WrongFile } from '$lib/server/store/shelf-files/stock';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({
  added: Number(url.searchParams.get('added') ?? NaN),
  containers: Number(url.searchParams.get('containers') ?? NaN),
  same: Number(url.searchParams.get('same') ?? NaN),
});

export const actions: Actions = {
  cards: async ({ locals, request }) => {
    const file = (await formOf(request)).get('file');
    if (!(file instanceof File) || file.size === 0)
      return wrongField(400, 'file', 'Choose a file of label cards first.');
    const read = readCards(await file.text());
    if ('trouble' in read) return wrongField(400, 'file', read.trouble.join('\n'));
    const versions = await locals.inWorkspace((tx) => addLabels(tx, read.ok));
    const added = versions.filter((version) => version > 0).length;
    redirect(303, `/shelf/import?added=${added}&same=${versions.length - added}`);
  },

  stock: async ({ locals, request }) => {
    const file = (await formOf(request)).get('stock');
    if (!(file instanceof File) || file.size === 0)
      return wrongField(400, 'stock', 'Choose a CSV of stock first.');
    try {
      const by = { by: locals.who.person.name, now: locals.around.now };
      const added = await locals.inWorkspace(async (tx) =>
        readStock(tx, file.stream(), await loadShelf(tx), by),
      );
      redirect(303, `/shelf/import?containers=${added}`);
    } catch (error) {
      if (error instanceof WrongFile) return wrongField(400, 'stock', error.trouble.join('\n'));
      throw error;
    }
  },
};
