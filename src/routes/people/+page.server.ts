import { fieldsOf, isId, parseInvitation, parseLicence, parseRole } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { actorOf, noteHere } from '$lib/server/session/events';
import { needFresh } from '$lib/server/session/fresh';
import { readForm, wrongField } from '$lib/server/session/answer';
import {
  changeMember,
  invite,
  listInvitations,
  listMembers,
  setLicence,
  withdrawInvitation,
  writeMessage,
  type MemberChange,
} from '$lib/server/store/members';
import { ROLE_WORDS } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { members, invitations } = await locals.inWorkspace(async (tx) => ({
    members: await listMembers(tx),
    invitations: await listInvitations(tx),
  }));
  return {
    members,
    self: locals.who.person.id,
    household: locals.around.settings.kind === 'household',
    today: locals.around.today,
    invitations: invitations.map((i) => ({
      ...i,
      expiresAt: i.expiresAt.toISOString(),
      over: i.expiresAt < new Date(),
    })),
  };
};

const TROUBLE: Record<Exclude<MemberChange, 'done'>, string> = {
  'no-such-member': 'That person is not a member here any more.',
  'last-owner': 'A workspace needs an owner. Make somebody else an owner first.',
};

export const actions: Actions = {
  invite: async ({ locals, request, url }) => {
    const form = await readForm(request, parseInvitation);
    if (!form.valid) return form.answer;
    const { who } = locals;
    const link = await locals.inWorkspace(async (tx) => {
      if ((await listMembers(tx)).some((member) => member.email === form.data.email)) return 'member';
      const token = await invite(tx, form.data, who.person.name);
      if (token === null) return 'full';
      const role = ROLE_WORDS[form.data.role].name;
      await noteHere(tx, 'invited', actorOf(locals), { email: form.data.email, role });
      const address = `${url.origin}/join/${token}`;
      await writeMessage(tx, {
        to: form.data.email,
        subject: `${who.person.name} invites you to ${who.workspace}`,
        body: `Join ${who.workspace} as ${role} within a week, by the link that you are given.`,
      });
      return address;
    });
    if (link === 'member')
      return wrongField(409, 'email', 'That person is a member here already.', form.fields);
    if (link === 'full')
      return wrongField(409, 'email', 'A hundred invitations are open. Withdraw some first.', form.fields);
    return { link, email: form.data.email };
  },

  withdraw: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    if (isId(id))
      await locals.inWorkspace(async (tx) => {
        await withdrawInvitation(tx, id);
        await noteHere(tx, 'invitation-withdrawn', actorOf(locals));
      });
    return { withdrawn: true };
  },

  role: async (event) => {
    const { locals, request } = event;
    needFresh(event);
    const form = await readForm(request, parseRole);
    if (!form.valid) return form.answer;
    const { personId, role } = form.data;
    const done = await locals.inWorkspace(async (tx) => {
      const member = await nameOf(tx, personId);
      const changed = await changeMember(tx, personId, role);
      if (changed === 'done')
        await noteHere(tx, 'role-changed', actorOf(locals), { member, role: ROLE_WORDS[role].name });
      return changed;
    });
    return done === 'done' ? { changed: true } : wrongField(409, '', TROUBLE[done], form.fields);
  },

  licence: async ({ locals, request }) => {
    const form = await readForm(request, parseLicence);
    if (!form.valid) return form.answer;
    const { personId, licence } = form.data;
    const done = await locals.inWorkspace(async (tx) => {
      const set = await setLicence(tx, personId, licence);
      if (set) await noteHere(tx, 'licence-changed', actorOf(locals), { member: await nameOf(tx, personId) });
      return set;
    });
    return done ? { changed: true } : wrongField(409, '', TROUBLE['no-such-member'], form.fields);
  },

  remove: async (event) => {
    const { locals, request } = event;
    needFresh(event);
    const id = fieldsOf(await formOf(request)).get('personId') ?? '';
    const done = !isId(id)
      ? 'no-such-member'
      : await locals.inWorkspace(async (tx) => {
          const member = await nameOf(tx, id);
          const changed = await changeMember(tx, id, null);
          if (changed === 'done') await noteHere(tx, 'member-removed', actorOf(locals), { member });
          return changed;
        });
    return done === 'done' ? { changed: true } : wrongField(409, '', TROUBLE[done]);
  },
};

const nameOf = async (tx: Tx, personId: string): Promise<string> =>
  (await listMembers(tx)).find(({ id }) => id === personId)?.name ?? '';
