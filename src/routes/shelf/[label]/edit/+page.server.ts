import { error, redirect } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { fieldsOfCard, parseCard } from '$lib/forms';
import { readForm } from '$lib/server/session/answer';
import { addLabels, cardVersions } from '$lib/server/store/shelf';
import { labelFiles } from '$lib/server/store/stock';
import { pestGroups, pestNames } from '../../pest-names';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { versions, files } = await locals.inWorkspace(async (tx) => ({
    versions: await cardVersions(tx, params.label),
    files: await labelFiles(tx, params.label),
  }));
  const [card] = versions;
  if (!card) error(404, 'There is no such label on the shelf.');
  return {
    card: { id: card.id, name: card.name, version: card.version },
    start: fieldsOfCard(card),
    pests: pestNames(),
    groups: pestGroups(),
    files,
  };
};

export const actions: Actions = {
  save: async ({ request, locals, params }) => {
    const form = await readForm(request, (fields) => parseCard(fields, CANDIDATES, params.label));
    if (!form.valid) return form.answer;
    await locals.inWorkspace(async (tx) => {
      const [before] = await cardVersions(tx, params.label);
      if (!before) error(404, 'There is no such label on the shelf.');
      await addLabels(tx, [{ ...form.data, demonstration: before.demonstration }]);
    });
    redirect(303, `/shelf/${params.label}`);
  },
};
