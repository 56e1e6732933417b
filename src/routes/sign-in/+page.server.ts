import { error, redirect } from '@sveltejs/kit';
import { fieldsOf, parseSignIn } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { READY_ACCOUNTS } from '$lib/server/outside/ready-accounts';
import { readForm, wrongField } from '$lib/server/session/answer';
import { setSession } from '$lib/server/session/cookie';
import { forgetTries, mayTry } from '$lib/server/session/limits';
import { checkPassword, endSession, openSession, personAt } from '$lib/server/session/people';
import type { Actions, PageServerLoad } from './$types';

/** Only a path of this very site. */
const safe = (to: string | null): string => (to && /^\/(?![/\\])[^\s\\]*$/.test(to) ? to : '/');

export const load: PageServerLoad = ({ locals: { person, house }, url }) => {
  if ((person as unknown) !== null) redirect(303, safe(url.searchParams.get('to')));
  return {
    ready: house.demonstration ? READY_ACCOUNTS.map(({ key, name, what }) => ({ key, name, what })) : [],
    done: url.searchParams.get('done'),
  };
};

export const actions: Actions = {
  enter: async (event) => {
    const { locals, request, url } = event;
    const form = await readForm(request, parseSignIn);
    if (!form.valid) return form.answer;
    const { email, password } = form.data;
    if (!(await mayTry(locals.db, 'sign-in', { email, machine: event.getClientAddress() })))
      return wrongField(
        429,
        '',
        'Too many attempts. Wait a quarter of an hour, or set a new password.',
        form.fields,
      );
    const personId = await checkPassword(locals.db, email, password);
    if (personId === null)
      return wrongField(400, '', 'This e-mail address and password do not go together.', form.fields);
    await forgetTries(locals.db, 'sign-in', email);
    await enterAs(event, personId);
    redirect(303, safe(url.searchParams.get('to')));
  },

  /** One click, in the demonstration alone. */
  ready: async (event) => {
    if (!event.locals.house.demonstration) error(404, 'There is no such page.');
    const fields = fieldsOf(await formOf(event.request));
    const account = READY_ACCOUNTS.find(({ key }) => key === fields.get('account'));
    const personId = account ? await personAt(event.locals.db, account.email) : null;
    if (personId === null) return wrongField(400, '', 'There is no such account.');
    await enterAs(event, personId);
    redirect(303, safe(event.url.searchParams.get('to')));
  },
};

async function enterAs(
  { locals, cookies, url }: Parameters<Actions[string]>[0],
  personId: string,
): Promise<void> {
  // A token that was there before is never used on.
  if (locals.token !== undefined) await endSession(locals.db, locals.token);
  setSession(cookies, url, await openSession(locals.db, personId));
}
