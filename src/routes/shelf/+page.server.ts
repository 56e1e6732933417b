import { loadShelf } from '$lib/server/store/shelf';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  shelf: await locals.inWorkspace(loadShelf),
  today: locals.around.today,
});
