import { fail, redirect } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseCase } from '$lib/forms';
import { localDay } from '$lib/server/session/clock';
import { openCase } from '$lib/server/store/cases';
import { findProperty, listProperties } from '$lib/server/store/properties';
import { refusalSentence } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
  properties: (await locals.inWorkspace(listProperties)).map(({ id, name }) => ({ id, name })),
  property: url.searchParams.get('property'),
});

export const actions: Actions = {
  default: async ({ request, locals }) => {
    const fields = fieldsOf(await request.formData());
    const form = parseCase(fields);
    const wrong = (errors: { path: string; message: string }[]) =>
      fail(400, {
        errors,
        title: (fields.get('title') ?? '').slice(0, 2000),
        propertyId: fields.get('propertyId') ?? '',
      });
    if (isRefused(form))
      return wrong(form.refused.map((r) => ({ path: r.path, message: refusalSentence(r) })));
    const number = await locals.inWorkspace(async (tx) => {
      const property = await findProperty(tx, form.ok.propertyId);
      if (!property) return null;
      return openCase(tx, { ...form.ok, openedOn: localDay(locals.around.now, property.timeZone) });
    });
    if (number === null) return wrong([{ path: 'propertyId', message: 'Choose one of your properties.' }]);
    redirect(303, `/cases/${number}/look`);
  },
};
