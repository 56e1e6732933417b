import { listCases } from '$lib/server/store/cases';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  cases: await locals.inWorkspace(listCases),
  today: locals.around.today,
});
