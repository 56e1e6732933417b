import { redirect } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS, SIGNS } from '$lib/catalog';
import { isOfTreatment, nextIn, standingCourse, type CaseFacts } from '$lib/core/case';
import { unpackForecast } from '$lib/words/packed-forecast';
import { unpackShelf } from '$lib/words/packed-shelf';
import type { PageServerLoad } from './$types';

/** A case opens at the first stop that lacks something. */
export const load: PageServerLoad = async ({ parent }) => {
  const { parcel } = await parent();
  const facts: CaseFacts = {
    ...parcel.content.facts,
    forecast: unpackForecast(parcel.content.forecast),
    shelf: unpackShelf(parcel.content.shelf),
    candidates: CANDIDATES,
    signs: SIGNS,
    tests: FIELD_TESTS,
  };
  const { treatment, view } = nextIn(facts);
  const within = standingCourse(facts).length > 1 && isOfTreatment(view.nextStop) ? `${treatment}/` : '';
  redirect(303, `/cases/${facts.number}/${within}${view.nextStop}`);
};
