import { loadFewOfShelf } from '$lib/server/store/shelf';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  shelf: await locals.inWorkspace((tx) => loadFewOfShelf(tx)),
  today: locals.around.today,
});
