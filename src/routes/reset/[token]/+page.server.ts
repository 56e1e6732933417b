import { error, redirect } from '@sveltejs/kit';
import { parseNewPassword } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { COMMON, isCommon } from '$lib/server/session/common';
import { noteOf } from '$lib/server/session/events';
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
    const form = await readForm(request, parseNewPassword);
    if (!form.valid) return form.answer;
    if (isCommon(form.data.password, [])) return wrongField(400, 'password', COMMON, form.fields);
    const personId = await takeReset(locals.db, params.token, form.data.password);
    if (personId === null) error(404, SPENT);
    await noteOf(locals.db, 'password-link-used', { personId, from: locals.asks.from });
    dropSession(cookies, url);
    redirect(303, '/sign-in?done=password');
  },
};
