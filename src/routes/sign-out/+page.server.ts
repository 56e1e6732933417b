import { redirect } from '@sveltejs/kit';
import { dropSession } from '$lib/server/session/cookie';
import { endSession } from '$lib/server/session/people';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => redirect(303, '/account');

export const actions: Actions = {
  default: async ({ locals, cookies, url }) => {
    if (locals.token !== undefined) await endSession(locals.db, locals.token);
    dropSession(cookies, url);
    redirect(303, '/sign-in?done=out');
  },
};
