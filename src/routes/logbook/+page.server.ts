import { listRecords } from '$lib/server/store/records';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  records: await locals.inWorkspace(listRecords),
  today: locals.around.today,
});
