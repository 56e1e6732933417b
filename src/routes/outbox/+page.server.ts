import { listMessages } from '$lib/server/store/members';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  messages: (await locals.inWorkspace(listMessages)).map(({ id, to, subject, body, at }) => ({
    id,
    to,
    subject,
    body,
    at: at.toISOString(),
  })),
});
