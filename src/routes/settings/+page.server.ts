import { redirect } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS } from '$lib/catalog';
import { parseSettingsAndName, revisionIn } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { actorOf, noteHere } from '$lib/server/session/events';
import { saveSettings } from '$lib/server/store/settings';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => ({
  settings: locals.around.settings,
  revision: locals.who.settingsRevision,
  saved: url.searchParams.get('saved') === 'yes',
  zones: [...new Set(['UTC', ...Intl.supportedValuesOf('timeZone')])],
  notifiable: CANDIDATES.filter((c) => c.status === 'notifiable').map(({ id, name }) => ({ id, name })),
  candidates: CANDIDATES.filter((c) => c.kind === 'insect').map(({ id, name, threshold }) => ({
    id,
    name,
    usual: threshold?.at ?? null,
    presence: threshold?.presence ?? false,
    basis: FIELD_TESTS.find((t) => t.id === threshold?.test)?.basis ?? ('m2' as const),
  })),
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const form = await readForm(request, parseSettingsAndName);
    if (!form.valid) return form.answer;
    const revision = revisionIn(form.fields);
    const { workspace, settings } = form.data;
    const saved = await locals.inWorkspace(async (tx) => {
      const done = await saveSettings(tx, workspace, settings, revision);
      if (done) await noteHere(tx, 'settings-changed', actorOf(locals));
      return done;
    });
    if (!saved)
      return wrongField(
        409,
        '',
        'Somebody else saved the settings after you opened them. Nothing was overwritten: open the page in another tab, compare, and save there.',
        form.fields,
      );
    redirect(303, '/settings?saved=yes');
  },
};
