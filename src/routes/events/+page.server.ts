import { numberIn } from '$lib/forms';
import { eventsHere } from '$lib/server/session/events';
import type { PageServerLoad } from './$types';

const A_PAGE = 60;

export const load: PageServerLoad = async ({ locals, url }) => {
  const before = numberIn(url.searchParams.get('before') ?? '');
  const events = await locals.inWorkspace((tx) => eventsHere(tx, locals.who.person.id, before, A_PAGE + 1));
  return {
    events: events.slice(0, A_PAGE),
    older: events.length > A_PAGE ? (events[A_PAGE - 1]?.id ?? null) : null,
    newest: before === null,
  };
};
