import { error, redirect } from '@sveltejs/kit';
import { parseJoin } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { setSession } from '$lib/server/session/cookie';
import { mayTry } from '$lib/server/session/limits';
import { acceptInvitation, invitationOf, newPerson, openSession } from '$lib/server/session/people';
import type { Actions, PageServerLoad } from './$types';

const SPENT = 'This invitation was used, withdrawn, or is older than a week. Ask for another.';

export const load: PageServerLoad = async ({ locals, params, getClientAddress }) => {
  if (!(await mayTry(locals.db, 'link', { machine: getClientAddress() })))
    error(429, 'Too many attempts. Wait a quarter of an hour.');
  const invitation = await invitationOf(locals.db, params.token);
  if (!invitation) error(404, SPENT);
  return { invitation };
};

export const actions: Actions = {
  /** Somebody who is signed in joins as they are. */
  join: async ({ locals, params }) => {
    if ((locals.person as unknown) === null) error(401, 'Sign in first.');
    if ((await acceptInvitation(locals.db, params.token, locals.person.id)) === null) error(404, SPENT);
    redirect(303, '/');
  },

  /** Somebody new joins with an account of their own. */
  enrol: async ({ locals, params, request, cookies, url }) => {
    const form = await readForm(request, parseJoin);
    if (!form.valid) return form.answer;
    if (!(await invitationOf(locals.db, params.token))) error(404, SPENT);
    const personId = await newPerson(locals.db, form.data);
    if (personId === null)
      return wrongField(
        409,
        'email',
        'There is an account with this address. Sign in with it, then open this link again.',
        form.fields,
      );
    if ((await acceptInvitation(locals.db, params.token, personId)) === null) error(404, SPENT);
    setSession(cookies, url, await openSession(locals.db, personId));
    redirect(303, '/');
  },
};
