import { loadFewOfShelf } from '$lib/server/store/shelf';
import type { PageServerLoad } from './$types';

/** Of each label; the rest is on its own page. */
const ON_THE_SHELF = 5;

export const load: PageServerLoad = async ({ locals }) => ({
  shelf: await locals.kept('shelf', (tx) => loadFewOfShelf(tx, '', ON_THE_SHELF)),
  today: locals.around.today,
});
