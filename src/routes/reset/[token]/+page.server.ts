import { error, redirect } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseNewPassword } from '$lib/forms';
import { wrongFields } from '$lib/server/session/answer';
import { dropSession } from '$lib/server/session/cookie';
import { mayTry } from '$lib/server/session/limits';
import { isGoodReset, takeReset } from '$lib/server/session/people';
import type { Actions, PageServerLoad } from './$types';

const SPENT = 'This link was used, replaced by a newer one, or is older than an hour. Ask for another.';

export const load: PageServerLoad = async ({ locals, params, getClientAddress }) => {
  if (!(await mayTry(locals.db, 'link', { machine: getClientAddress() })))
    error(429, 'Too many attempts. Wait a quarter of an hour.');
  if (!(await isGoodReset(locals.db, params.token))) error(404, SPENT);
};

export const actions: Actions = {
  default: async ({ locals, request, params, cookies, url }) => {
    const fields = fieldsOf(await request.formData());
    const form = parseNewPassword(fields);
    if (isRefused(form)) return wrongFields(form.refused, new Map());
    if ((await takeReset(locals.db, params.token, form.ok.password)) === null) error(404, SPENT);
    dropSession(cookies, url);
    redirect(303, '/sign-in?done=password');
  },
};
