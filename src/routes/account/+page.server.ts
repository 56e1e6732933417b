import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId, parseBeginning, parseFounding, parseNewPassword } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { withWorkspace } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
import { COMMON, isCommon } from '$lib/server/session/common';
import { dropSession } from '$lib/server/session/cookie';
import { enterAs } from '$lib/server/session/enter';
import { actorOf, noteOf } from '$lib/server/session/events';
import { forgetTries, mayTry } from '$lib/server/session/limits';
import {
  beginSignIn,
  changePassword,
  chooseWorkspace,
  endOtherSessions,
  endSessionOf,
  foundWorkspace,
  isOwnPassword,
  sessionsOf,
  workspacesOf,
} from '$lib/server/session/people';
import { startSettings } from '$lib/server/store/settings';
import { furnish } from '$lib/server/store/workspaces';
import type { Actions, PageServerLoad } from './$types';

/** Sessions go by the true clock; the demonstration shows its own. */
const inHouse = (at: string, now: Date): string =>
  new Date(new Date(at).getTime() + now.getTime() - Date.now()).toISOString();

export const load: PageServerLoad = async ({ locals: { db, person, who, house, token, around } }) => ({
  email: house.signIn === 'only-me' ? null : person.email,
  workspaces: await workspacesOf(db, person.id),
  hasSecondFactor: person.hasSecondFactor,
  hasPassword: person.hasPassword,
  sessions:
    token === undefined
      ? []
      : (await sessionsOf(db, person.id, token)).map(
          ({ id, device, came_from, opened_at, seen_at, present }) => ({
            ...{ id, device, present, from: came_from },
            ...{ opened: inHouse(opened_at, around.now), seen: inHouse(seen_at, around.now) },
          }),
        ),
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
    const founded = await foundWorkspace(db, person.id, form.data.workspace);
    if (!founded)
      return wrongField(409, 'workspace', 'You own 20 workspaces already; that is the most.', form.fields);
    const { id } = founded;
    await withWorkspace(db, id, async (tx) => {
      await furnish(tx);
      await startSettings(tx, form.data);
    });
    if (token !== undefined) await chooseWorkspace(db, person.id, token, id);
    redirect(303, '/');
  },

  password: async ({ locals, request }) => {
    const form = await readForm(request, parseNewPassword);
    if (!form.valid) return form.answer;
    const { db, person, token, asks } = locals;
    if (!(await mayTry(db, 'confirm', { email: person.email, machine: asks.from })))
      return wrongField(429, 'present', 'Too many attempts. Wait a quarter of an hour.');
    if (!(await isOwnPassword(db, person.id, form.fields.get('present') ?? '')))
      return wrongField(400, 'present', 'The present password is not right.');
    if (isCommon(form.data.password, [person.name, person.email])) return wrongField(400, 'password', COMMON);
    await changePassword(db, person.id, form.data.password);
    const ended = await endOtherSessions(db, person.id, token);
    await forgetTries(db, 'confirm', person.email);
    await noteOf(db, 'password-changed', actorOf(locals));
    return { passwordSet: true, ended };
  },

  everywhere: async ({ locals, cookies, url }) => {
    await endOtherSessions(locals.db, locals.person.id, undefined);
    await noteOf(locals.db, 'signed-out-everywhere', actorOf(locals));
    dropSession(cookies, url);
    redirect(303, '/sign-in?done=out');
  },

  /** One sign-in, in another browser. */
  end: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    if (!isId(id) || !(await endSessionOf(locals.db, locals.person.id, id)))
      return wrongField(404, '', 'That sign-in is over already.');
    await noteOf(locals.db, 'session-ended', actorOf(locals));
    return { ended: 1 };
  },

  /** From "only me" to sign-in with a password. */
  begin: async (event) => {
    const { locals, request } = event;
    const form = await readForm(request, parseBeginning);
    if (!form.valid) return form.answer;
    const { db, person } = locals;
    if (isCommon(form.data.password, [person.name, form.data.email]))
      return wrongField(400, 'password', COMMON, form.fields);
    if (!(await beginSignIn(db, person.id, form.data.email, form.data.password)))
      return wrongField(409, '', 'This Nimsy has sign-in already.');
    await enterAs(event, person.id);
    redirect(303, '/people');
  },
};
