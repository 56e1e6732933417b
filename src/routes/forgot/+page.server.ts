import { parseEmail } from '$lib/forms';
import { withWorkspace } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
import { mayTry } from '$lib/server/session/limits';
import { noteOf } from '$lib/server/session/events';
import { personAt, startReset } from '$lib/server/session/people';
import { writeMessage } from '$lib/server/store/members';
import type { Actions } from './$types';

export const actions: Actions = {
  default: async ({ locals, request, url, getClientAddress }) => {
    const form = await readForm(request, parseEmail);
    if (!form.valid) return form.answer;
    const { email } = form.data;
    if (!(await mayTry(locals.db, 'reset', { email, machine: getClientAddress() })))
      return wrongField(429, '', 'Too many links were asked for. Wait a quarter of an hour.', form.fields);
    const reset = await startReset(locals.db, email);
    if (reset)
      await noteOf(locals.db, 'password-link-asked', {
        personId: await personAt(locals.db, email),
        from: locals.asks.from,
      });
    if (reset?.toldTo)
      await withWorkspace(locals.db, reset.toldTo, (tx) =>
        writeMessage(tx, {
          to: email,
          subject: 'A new password for Nimsy',
          body: `${reset.name}, set a new password within the hour by the link.\nIf you did not ask for it, leave it be.`,
          link: `${url.origin}/reset/${reset.token}`,
        }),
      );
    // The answer is the same for every address: it tells nobody who has an account here.
    return { asked: email };
  },
};
