import { error, redirect } from '@sveltejs/kit';
import { fieldsOf, parseSignIn } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { READY_ACCOUNTS } from '$lib/server/outside/ready-accounts';
import { readForm, wrongField } from '$lib/server/session/answer';
import { browserKey, isKnownBrowser } from '$lib/server/session/browser';
import { enterAs, enterHalf } from '$lib/server/session/enter';
import { noteOf } from '$lib/server/session/events';
import { safePath } from '$lib/server/session/fresh';
import { forgetTries, mayTry } from '$lib/server/session/limits';
import { checkPassword, personAt } from '$lib/server/session/people';
import { secondFactorOf } from '$lib/server/session/second-factor';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals: { person, house }, url }) => {
  if ((person as unknown) !== null) redirect(303, safePath(url.searchParams.get('to')));
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
    const { db, asks } = locals;
    // Whoever guesses elsewhere does not shut the true person out of a browser that they use.
    const known = await isKnownBrowser(db, email, event.cookies);
    const kind = known ? 'sign-in-known' : 'sign-in';
    const counted = known ? browserKey(event.cookies) : email;
    if (!(await mayTry(db, kind, { email: counted, machine: asks.from }))) {
      await noteOf(db, 'sign-in-locked', { personId: await personAt(db, email), from: asks.from });
      return wrongField(
        429,
        '',
        'Too many attempts. Wait a quarter of an hour, or set a new password.',
        form.fields,
      );
    }
    const personId = await checkPassword(db, email, password);
    if (personId === null) {
      const aimedAt = await personAt(db, email);
      if (aimedAt !== null) await noteOf(db, 'sign-in-failed', { personId: aimedAt, from: asks.from });
      return wrongField(400, '', 'This e-mail address and password do not go together.', form.fields);
    }
    await forgetTries(db, kind, counted);
    const to = safePath(url.searchParams.get('to'));
    if ((await secondFactorOf(db, personId)).since !== null) {
      await enterHalf(event, personId);
      redirect(303, `/sign-in/code${to === '/' ? '' : `?to=${encodeURIComponent(to)}`}`);
    }
    await enterAs(event, personId);
    redirect(303, to);
  },

  /** One click, in the demonstration alone. */
  ready: async (event) => {
    if (!event.locals.house.demonstration) error(404, 'There is no such page.');
    const fields = fieldsOf(await formOf(event.request));
    const account = READY_ACCOUNTS.find(({ key }) => key === fields.get('account'));
    const personId = account ? await personAt(event.locals.db, account.email) : null;
    if (personId === null) return wrongField(400, '', 'There is no such account.');
    await enterAs(event, personId);
    redirect(303, safePath(event.url.searchParams.get('to')));
  },
};
