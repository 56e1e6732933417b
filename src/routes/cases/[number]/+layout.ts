import { CANDIDATES, FIELD_TESTS, SIGNS } from '$lib/catalog/entries';
import type { CaseFacts } from '$lib/core/case';
import { unpackForecast } from '$lib/words/packed-forecast';
import type { LayoutLoad } from './$types';

type Sent = Parameters<LayoutLoad>[0]['data']['parcel']['content'];

/** The facts of a parcel that the server opens again and again are the same facts. */
const OPENED = new WeakMap<Sent, CaseFacts>();

/** The catalogue is the same for every case: it comes with the scripts, the rest of the facts with the page. */
export const load: LayoutLoad = ({ data: { parcel, ...rest } }) => {
  const { content } = parcel;
  const facts = OPENED.get(content) ?? {
    ...content.facts,
    forecast: unpackForecast(content.forecast),
    candidates: CANDIDATES,
    signs: SIGNS,
    tests: FIELD_TESTS,
  };
  OPENED.set(content, facts);
  return { ...rest, facts };
};
