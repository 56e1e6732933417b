import { redirect } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { fieldsOfCard, parseCardAndLot } from '$lib/forms';
import { readForm } from '$lib/server/session/answer';
import { addLabel, cardVersions, newLabelId } from '$lib/server/store/shelf';
import { addContainer } from '$lib/server/store/stock';
import { pestGroups, pestNames } from '../pest-names';
import type { Actions, PageServerLoad } from './$types';

/** An empty card, or a copy of one that is on the shelf. */
export const load: PageServerLoad = async ({ locals, url }) => {
  const from = url.searchParams.get('from');
  const [card] = from === null ? [] : await locals.inWorkspace((tx) => cardVersions(tx, from));
  return {
    pests: pestNames(),
    groups: pestGroups(),
    from: card?.name ?? null,
    start: card ? { ...fieldsOfCard(card), name: `${card.name}, copy` } : {},
  };
};

export const actions: Actions = {
  save: async ({ request, locals, url }) => {
    const form = await readForm(request, (fields) => parseCardAndLot(fields, CANDIDATES, newLabelId()));
    if (!form.valid) return form.answer;
    const { card: typed, lot } = form.data;
    const from = url.searchParams.get('from');
    const card = await locals.inWorkspace(async (tx) => {
      const [copied] = from === null ? [] : await cardVersions(tx, from);
      // The numbers of a copy of a demonstration label are as made up as the label's own.
      const added = { ...typed, demonstration: copied?.demonstration ?? false };
      await addLabel(tx, added);
      if (lot) await addContainer(tx, added.id, { ...lot, currency: locals.around.settings.currency });
      return added;
    });
    redirect(303, `/shelf/${card.id}`);
  },
};
