import { fieldsOf } from '$lib/forms';
import { wrongField } from '$lib/server/session/answer';
import { formOf } from '$lib/server/session/bodies';
import { noteOf } from '$lib/server/session/events';
import { needFresh } from '$lib/server/session/fresh';
import { mayTry } from '$lib/server/session/limits';
import {
  beginSecondFactor,
  dropSecondFactor,
  renewRecoveryCodes,
  secondFactorOf,
  secretPicture,
  takeCode,
} from '$lib/server/session/second-factor';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals: { db, person, who, around }, url }) => {
  const { secret, since, codesLeft } = await secondFactorOf(db, person.id);
  return {
    since: since?.toISOString() ?? null,
    codesLeft,
    secret: since === null ? secret : null,
    picture: since === null && secret !== null ? await secretPicture(secret, person.email) : null,
    hasPassword: person.hasPassword,
    wanted: around.settings.secondFactor && (who as typeof who | null) !== null,
    asked: url.searchParams.has('wanted'),
  };
};

export const actions: Actions = {
  begin: async (event) => {
    const { db, person } = event.locals;
    if (!person.hasPassword) return wrongField(400, '', 'It comes on top of a password; there is none here.');
    needFresh(event);
    await beginSecondFactor(db, person.id);
    return { begun: true };
  },

  on: async ({ locals, request }) => {
    const { db, person, asks } = locals;
    const code = fieldsOf(await formOf(request)).get('code') ?? '';
    if (!(await mayTry(db, 'code', { email: person.id, machine: asks.from })))
      return wrongField(429, 'code', 'Too many attempts. Wait a quarter of an hour.');
    const { since } = await secondFactorOf(db, person.id);
    if (since !== null) return wrongField(409, 'code', 'It is on already.');
    if (!(await takeCode(db, person.id, code)))
      return wrongField(
        400,
        'code',
        'That is not the code of this moment. Wait for the next one, and see that the clock of the telephone is right.',
      );
    await noteOf(db, 'second-factor-on', { personId: person.id, from: asks.from });
    return { codes: await renewRecoveryCodes(db, person.id) };
  },

  renew: async (event) => {
    const { db, person, asks } = event.locals;
    needFresh(event);
    if ((await secondFactorOf(db, person.id)).since === null)
      return wrongField(409, '', 'There is no second factor yet.');
    await noteOf(db, 'codes-renewed', { personId: person.id, from: asks.from });
    return { codes: await renewRecoveryCodes(db, person.id) };
  },

  off: async (event) => {
    const { db, person, asks } = event.locals;
    needFresh(event);
    await dropSecondFactor(db, person.id);
    await noteOf(db, 'second-factor-off', { personId: person.id, from: asks.from });
    return { off: true };
  },
};
