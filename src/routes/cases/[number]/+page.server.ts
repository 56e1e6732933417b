import { redirect } from '@sveltejs/kit';
import { assess, type CaseFacts } from '$lib/core/case';
import type { PageServerLoad } from './$types';

/** A case opens at the first stop that lacks something. */
export const load: PageServerLoad = async ({ parent }) => {
  const facts = JSON.parse((await parent()).sent) as CaseFacts;
  redirect(303, `/cases/${facts.number}/${assess(facts).nextStop}`);
};
