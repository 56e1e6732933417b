import { CANDIDATES, FIELD_TESTS, SIGNS } from '$lib/catalog/entries';
import type { CaseFacts } from '$lib/core/case';
import { unpackForecast } from '$lib/words/packed-forecast';
import type { LayoutLoad } from './$types';

/** The catalogue is the same for every case: it comes with the scripts, the rest of the facts with the page. */
export const load: LayoutLoad = ({ data: { parcel, ...rest } }) => {
  const facts: CaseFacts = {
    ...parcel.content.facts,
    forecast: unpackForecast(parcel.content.forecast),
    candidates: CANDIDATES,
    signs: SIGNS,
    tests: FIELD_TESTS,
  };
  return { ...rest, facts };
};
