import { error, redirect } from '@sveltejs/kit';
import { parseJoin } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { withWorkspace } from '$lib/server/db/client';
import { COMMON, isCommon } from '$lib/server/session/common';
import { enterAs } from '$lib/server/session/enter';
import { noteHere } from '$lib/server/session/events';
import { mayTry } from '$lib/server/session/limits';
import { acceptInvitation, invitationOf, newPerson } from '$lib/server/session/people';
import { ROLE_WORDS } from '$lib/words';
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
    await accept(locals, params.token, locals.person.id);
    redirect(303, '/');
  },

  /** Somebody new joins with an account of their own. */
  enrol: async (event) => {
    const { locals, params, request } = event;
    const form = await readForm(request, parseJoin);
    if (!form.valid) return form.answer;
    const { db, asks } = locals;
    if (!(await mayTry(db, 'enrol', { machine: asks.from })))
      return wrongField(
        429,
        '',
        'Too many accounts were made from here. Wait a quarter of an hour.',
        form.fields,
      );
    if (!(await invitationOf(db, params.token))) error(404, SPENT);
    if (isCommon(form.data.password, [form.data.name, form.data.email]))
      return wrongField(400, 'password', COMMON, form.fields);
    const personId = await newPerson(db, form.data);
    if (personId === null)
      return wrongField(
        409,
        'email',
        'There is an account with this address. Sign in with it, then open this link again.',
        form.fields,
      );
    await accept(locals, params.token, personId);
    await enterAs(event, personId);
    redirect(303, '/');
  },
};

async function accept({ db, asks }: App.Locals, token: string, personId: string): Promise<void> {
  const invitation = await invitationOf(db, token);
  const workspace = await acceptInvitation(db, token, personId);
  if (workspace === null) error(404, SPENT);
  await withWorkspace(db, workspace, (tx) =>
    noteHere(
      tx,
      'joined',
      { personId, from: asks.from },
      { role: ROLE_WORDS[invitation?.role ?? 'viewer'].name },
    ),
  );
}
