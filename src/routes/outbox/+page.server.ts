import { fieldsOf, isId } from '$lib/forms';
import { wrongField } from '$lib/server/session/answer';
import { formOf } from '$lib/server/session/bodies';
import { actorOf, noteHere } from '$lib/server/session/events';
import { listMessages, takeLink } from '$lib/server/store/members';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  messages: (await locals.inWorkspace(listMessages)).map((message) => ({
    ...message,
    at: message.at.toISOString(),
  })),
});

export const actions: Actions = {
  /** Shows what a message opens, this once. Whoever read it stands in what happened. */
  link: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    const taken = isId(id)
      ? await locals.inWorkspace(async (tx) => {
          const message = await takeLink(tx, id);
          if (message) await noteHere(tx, 'message-link-shown', actorOf(locals), { to: message.to });
          return message;
        })
      : null;
    if (!taken) return wrongField(404, '', 'That link was shown already. Make another one.');
    return { shown: id, link: taken.link };
  },
};
