import { error, redirect } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { fieldsOfCard, parseCard, revisionIn } from '$lib/forms';
import { lockWorkspace } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
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
    const basedOn = revisionIn(form.fields);
    const saved = await locals.inWorkspace(async (tx) => {
      await lockWorkspace(tx);
      const [before] = await cardVersions(tx, params.label);
      if (!before) error(404, 'There is no such label on the shelf.');
      if (before.version !== basedOn) return false;
      await addLabels(tx, [{ ...form.data, demonstration: before.demonstration }]);
      return true;
    });
    if (!saved)
      return wrongField(
        409,
        '',
        'Somebody else saved a newer version of this card after you opened it. Nothing was overwritten: open the page in another tab, compare, and save there.',
        form.fields,
      );
    redirect(303, `/shelf/${params.label}`);
  },
};
