import { redirect } from '@sveltejs/kit';
import { fieldsOf } from '$lib/forms';
import { wrongField } from '$lib/server/session/answer';
import { formOf } from '$lib/server/session/bodies';
import { noteOf } from '$lib/server/session/events';
import { safePath } from '$lib/server/session/fresh';
import { forgetTries, mayTry } from '$lib/server/session/limits';
import { confirmSession, isOwnPassword } from '$lib/server/session/people';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
  const to = safePath(url.searchParams.get('to'));
  if (!locals.person.hasPassword || locals.person.confirmed) redirect(303, to);
  return { email: locals.person.email };
};

export const actions: Actions = {
  default: async ({ locals, request, url }) => {
    const password = fieldsOf(await formOf(request)).get('password') ?? '';
    const { db, person, token, asks } = locals;
    const tried = { email: person.email, machine: asks.from };
    if (!(await mayTry(db, 'confirm', tried)))
      return wrongField(429, '', 'Too many attempts. Wait a quarter of an hour.');
    if (token === undefined || !(await isOwnPassword(db, person.id, password.slice(0, 200)))) {
      await noteOf(db, 'confirmation-failed', { personId: person.id, from: asks.from });
      return wrongField(400, 'password', 'That is not your password.');
    }
    await forgetTries(db, 'confirm', person.email);
    await confirmSession(db, token);
    redirect(303, safePath(url.searchParams.get('to')));
  },
};
