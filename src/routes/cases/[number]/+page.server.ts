import { redirect } from '@sveltejs/kit';
import { CANDIDATES, SIGNS } from '$lib/catalog';
import { assess, type CaseFacts } from '$lib/core/case';
import type { PageServerLoad } from './$types';

/** A case opens at the first stop that lacks something. */
export const load: PageServerLoad = async ({ parent }) => {
  const { parcel } = await parent();
  const facts: CaseFacts = { ...parcel.content, candidates: CANDIDATES, signs: SIGNS };
  redirect(303, `/cases/${facts.number}/${assess(facts).nextStop}`);
};
