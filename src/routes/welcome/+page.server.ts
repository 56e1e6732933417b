import { timingSafeEqual } from 'node:crypto';
import { redirect } from '@sveltejs/kit';
import { parseWelcome } from '$lib/forms';
import { withWorkspace } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
import { COMMON, isCommon } from '$lib/server/session/common';
import { enterAs } from '$lib/server/session/enter';
import { firstPerson, foundWorkspace } from '$lib/server/session/people';
import { startSettings } from '$lib/server/store/settings';
import { furnish } from '$lib/server/store/workspaces';
import type { Actions, PageServerLoad } from './$types';

/** Opened to a network, the first start is for whoever reads the key in the terminal. */
const wantedKey = process.env.NIMSY_WELCOME_KEY ?? '';
/** Without a password nothing but this machine may be served. */
const onNetwork = process.env.NIMSY_ON_NETWORK === '1';
const NOBODY_ELSE = 'only-me@this-machine.example';

const hasKey = (url: URL): boolean => {
  const given = Buffer.from(url.searchParams.get('key') ?? '');
  const wanted = Buffer.from(wantedKey);
  return wantedKey === '' || (given.length === wanted.length && timingSafeEqual(given, wanted));
};

export const load: PageServerLoad = ({ locals, url }) => {
  if (locals.house.signIn !== 'not-yet') redirect(303, '/');
  return { locked: !hasKey(url), onNetwork };
};

export const actions: Actions = {
  default: async (event) => {
    const { locals, request, url } = event;
    const form = await readForm(request, parseWelcome);
    if (!hasKey(url))
      return wrongField(
        403,
        '',
        'Open the address that the terminal printed at the first start.',
        form.fields,
      );
    if (!form.valid) return form.answer;
    const chosen = form.data;
    if (chosen.how === 'only-me' && onNetwork)
      return wrongField(
        400,
        'how',
        'Nimsy was started with --host, so it needs sign-in. Choose an account, or start it without --host.',
        form.fields,
      );
    if (chosen.how === 'people' && isCommon(chosen.password, [chosen.name, chosen.email]))
      return wrongField(400, 'password', COMMON, form.fields);
    const personId = await firstPerson(
      locals.db,
      chosen.how === 'people' ? chosen : { name: chosen.name, email: NOBODY_ELSE, password: null },
    );
    if (personId === null) return wrongField(409, '', 'Somebody was quicker: there is an owner already.');
    const workspace = await foundWorkspace(locals.db, personId, chosen.workspace);
    if (!workspace) throw new Error('the workspace was not made');
    await withWorkspace(locals.db, workspace.id, async (tx) => {
      await furnish(tx);
      await startSettings(tx, chosen);
    });
    if (chosen.how === 'people') await enterAs(event, personId);
    redirect(303, '/');
  },
};
