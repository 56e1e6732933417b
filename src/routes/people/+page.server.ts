import { fieldsOf, isId, parseInvitation, parseLicence, parseRole } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
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
      if ((await listMembers(tx)).some((member) => member.email === form.data.email)) return null;
      const token = await invite(tx, form.data, who.person.name);
      const address = `${url.origin}/join/${token}`;
      await writeMessage(tx, {
        to: form.data.email,
        subject: `${who.person.name} invites you to ${who.workspace}`,
        body: `Join ${who.workspace} as ${ROLE_WORDS[form.data.role].name} within a week: ${address}`,
      });
      return address;
    });
    if (link === null) return wrongField(409, 'email', 'That person is a member here already.', form.fields);
    return { link, email: form.data.email };
  },

  withdraw: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    if (isId(id)) await locals.inWorkspace((tx) => withdrawInvitation(tx, id));
    return { withdrawn: true };
  },

  role: async ({ locals, request }) => {
    const form = await readForm(request, parseRole);
    if (!form.valid) return form.answer;
    const done = await locals.inWorkspace((tx) => changeMember(tx, form.data.personId, form.data.role));
    return done === 'done' ? { changed: true } : wrongField(409, '', TROUBLE[done], form.fields);
  },

  licence: async ({ locals, request }) => {
    const form = await readForm(request, parseLicence);
    if (!form.valid) return form.answer;
    const { personId, licence } = form.data;
    const done = await locals.inWorkspace((tx) => setLicence(tx, personId, licence));
    return done ? { changed: true } : wrongField(409, '', TROUBLE['no-such-member'], form.fields);
  },

  remove: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('personId') ?? '';
    const done = isId(id) ? await locals.inWorkspace((tx) => changeMember(tx, id, null)) : 'no-such-member';
    return done === 'done' ? { changed: true } : wrongField(409, '', TROUBLE[done]);
  },
};
