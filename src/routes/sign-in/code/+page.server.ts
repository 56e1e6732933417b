import { redirect } from '@sveltejs/kit';
import { fieldsOf } from '$lib/forms';
import { wrongField } from '$lib/server/session/answer';
import { formOf } from '$lib/server/session/bodies';
import { dropSession } from '$lib/server/session/cookie';
import { enterAs } from '$lib/server/session/enter';
import { noteOf } from '$lib/server/session/events';
import { safePath } from '$lib/server/session/fresh';
import { forgetTries, mayTry } from '$lib/server/session/limits';
import { endSession, halfSession } from '$lib/server/session/people';
import { takeCode, takeRecoveryCode } from '$lib/server/session/second-factor';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, url }) => {
  if ((locals.person as unknown) !== null) redirect(303, safePath(url.searchParams.get('to')));
  if (!locals.half) redirect(303, '/sign-in');
};

export const actions: Actions = {
  enter: async (event) => {
    const { locals, request, url } = event;
    const { db, token, asks } = locals;
    const personId = token === undefined ? null : await halfSession(db, token);
    if (token === undefined || personId === null) redirect(303, '/sign-in?done=late');
    const code = (fieldsOf(await formOf(request)).get('code') ?? '').slice(0, 40);
    if (!(await mayTry(db, 'code', { email: personId, machine: asks.from })))
      return wrongField(429, '', 'Too many attempts. Wait a quarter of an hour.');
    const kept = /[a-z]/i.test(code);
    const right = kept ? await takeRecoveryCode(db, personId, code) : await takeCode(db, personId, code);
    if (!right) {
      await noteOf(db, 'code-failed', { personId, from: asks.from });
      return wrongField(
        400,
        'code',
        kept
          ? 'That is none of your codes, or it was used already.'
          : 'That is not the code of this moment. Wait for the next one, and see that the clock of the telephone is right.',
      );
    }
    await forgetTries(db, 'code', personId);
    if (kept) await noteOf(db, 'recovery-code-used', { personId, from: asks.from });
    await endSession(db, token);
    await enterAs(event, personId);
    redirect(303, safePath(url.searchParams.get('to')));
  },

  back: async ({ locals, cookies, url }) => {
    if (locals.token !== undefined && locals.half) await endSession(locals.db, locals.token);
    dropSession(cookies, url);
    redirect(303, '/sign-in');
  },
};
