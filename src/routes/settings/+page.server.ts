import { redirect } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS } from '$lib/catalog';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseSettings, parseWorkspace, revisionIn } from '$lib/forms';
import { wrongField, wrongFields } from '$lib/server/session/answer';
import { saveSettings } from '$lib/server/store/settings';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => ({
  settings: locals.around.settings,
  revision: locals.who.settingsRevision,
  saved: url.searchParams.get('saved') === 'yes',
  zones: [...new Set(['UTC', ...Intl.supportedValuesOf('timeZone')])],
  candidates: CANDIDATES.filter((c) => c.kind === 'insect').map(({ id, name, threshold }) => ({
    id,
    name,
    usual: threshold?.at ?? null,
    basis: FIELD_TESTS.find((t) => t.id === threshold?.test)?.basis ?? ('m2' as const),
  })),
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const fields = fieldsOf(await request.formData());
    const [form, named] = [parseSettings(fields), parseWorkspace(fields)];
    if (isRefused(form) || isRefused(named))
      return wrongFields(
        [...(isRefused(form) ? form.refused : []), ...(isRefused(named) ? named.refused : [])],
        fields,
      );
    const revision = revisionIn(fields);
    const saved = await locals.inWorkspace((tx) => saveSettings(tx, named.ok.workspace, form.ok, revision));
    if (!saved)
      return wrongField(
        409,
        '',
        'Somebody else saved the settings after you opened them. Nothing was overwritten: open the page in another tab, compare, and save there.',
        fields,
      );
    redirect(303, '/settings?saved=yes');
  },
};
