import { fail, redirect } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseProperty } from '$lib/forms';
import { createProperty } from '$lib/server/store/properties';
import { refusalSentence } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({ zones: Intl.supportedValuesOf('timeZone') });

export const actions: Actions = {
  default: async ({ request, locals }) => {
    const fields = fieldsOf(await request.formData());
    const form = parseProperty(fields);
    if (isRefused(form))
      return fail(400, {
        errors: form.refused.map((r) => ({ path: r.path, message: refusalSentence(r) })),
        fields: Object.fromEntries([...fields].map(([name, value]) => [name, value.slice(0, 2000)])),
      });
    const id = await locals.inWorkspace((tx) => createProperty(tx, form.ok));
    redirect(303, `/cases/new?property=${id}`);
  },
};
