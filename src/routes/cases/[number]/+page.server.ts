import { redirect } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS, SIGNS } from '$lib/catalog';
import { nextIn, standingCourse, type CaseFacts } from '$lib/core/case';
import { candidatesIn } from '$lib/core/identify';
import { unpackForecast } from '$lib/wire/packed-forecast';
import { unpackShelf } from '$lib/wire/packed-shelf';
import { stopPath } from '$lib/words';
import type { PageServerLoad } from './$types';

/** A case opens at the first stop that lacks something. */
export const load: PageServerLoad = async ({ parent }) => {
  const content = await (await parent()).parcel.open();
  const facts: CaseFacts = {
    ...content.facts,
    forecast: unpackForecast(content.forecast),
    shelf: unpackShelf(content.shelf),
    candidates: candidatesIn(
      CANDIDATES,
      content.facts.property.region ?? null,
      content.facts.property.yearRound,
    ),
    signs: SIGNS,
    tests: FIELD_TESTS,
  };
  const { treatment, view } = nextIn(facts);
  const several = standingCourse(facts).length > 1;
  redirect(303, stopPath(facts.number, several ? treatment : null, view.nextStop));
};
