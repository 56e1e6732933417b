import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId, parseBeginning, parseFounding, parseNewPassword } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { withWorkspace } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
import { dropSession, setSession } from '$lib/server/session/cookie';
import { mayTry } from '$lib/server/session/limits';
import {
  beginSignIn,
  changePassword,
  chooseWorkspace,
  endOtherSessions,
  foundWorkspace,
  isOwnPassword,
  openSession,
  workspacesOf,
} from '$lib/server/session/people';
import { startSettings } from '$lib/server/store/settings';
import { furnish } from '$lib/server/store/workspaces';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db, person, who, house } }) => ({
  email: house.signIn === 'only-me' ? null : person.email,
  workspaces: await workspacesOf(db, person.id),
  present: (who as typeof who | null)?.workspaceId ?? null,
});

export const actions: Actions = {
  choose: async ({ locals, request }) => {
    const wished = fieldsOf(await formOf(request)).get('workspace') ?? '';
    const { db, person, token } = locals;
    if (!isId(wished) || token === undefined || !(await chooseWorkspace(db, person.id, token, wished)))
      return wrongField(404, '', 'You are not a member of that workspace.');
    redirect(303, '/');
  },

  found: async ({ locals, request }) => {
    const form = await readForm(request, parseFounding);
    if (!form.valid) return form.answer;
    const { db, person, token } = locals;
    const { id } = await foundWorkspace(db, person.id, form.data.workspace);
    await withWorkspace(db, id, async (tx) => {
      await furnish(tx);
      await startSettings(tx, form.data);
    });
    if (token !== undefined) await chooseWorkspace(db, person.id, token, id);
    redirect(303, '/');
  },

  password: async ({ locals, request, getClientAddress }) => {
    const form = await readForm(request, parseNewPassword);
    if (!form.valid) return form.answer;
    const { db, person, token } = locals;
    if (!(await mayTry(db, 'sign-in', { email: person.email, machine: getClientAddress() })))
      return wrongField(429, 'present', 'Too many attempts. Wait a quarter of an hour.');
    if (!(await isOwnPassword(db, person.id, form.fields.get('present') ?? '')))
      return wrongField(400, 'present', 'The present password is not right.');
    await changePassword(db, person.id, form.data.password);
    const ended = await endOtherSessions(db, person.id, token);
    return { passwordSet: true, ended };
  },

  everywhere: async ({ locals, cookies, url }) => {
    await endOtherSessions(locals.db, locals.person.id, undefined);
    dropSession(cookies, url);
    redirect(303, '/sign-in?done=out');
  },

  /** From "only me" to sign-in with a password. */
  begin: async ({ locals, request, cookies, url }) => {
    const form = await readForm(request, parseBeginning);
    if (!form.valid) return form.answer;
    const { db, person } = locals;
    if (!(await beginSignIn(db, person.id, form.data.email, form.data.password)))
      return wrongField(409, '', 'This Nimsy has sign-in already.');
    setSession(cookies, url, await openSession(db, person.id));
    redirect(303, '/people');
  },
};
