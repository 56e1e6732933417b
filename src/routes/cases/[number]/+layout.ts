import { FIELD_TESTS, PLAIN_CANDIDATES, SIGNS } from '$lib/catalog/plain-entries';
import type { CaseFacts } from '$lib/core/case';
import type { Prose } from '$lib/core/identify';
import { unpackForecast } from '$lib/words/packed-forecast';
import { unpackShelf } from '$lib/words/packed-shelf';
import type { LayoutLoad } from './$types';

type Sent = Parameters<LayoutLoad>[0]['data']['parcel']['content'];

/** The facts of a parcel that the server opens again and again are the same facts. */
const OPENED = { likely: new WeakMap<Sent, CaseFacts>(), all: new WeakMap<Sent, CaseFacts>() };

/**
 * The catalogue is the same for every case: it comes with the scripts, the rest of the facts with the page. The prose of
 * the likely candidates comes with the case; that of all where they are looked at side by side.
 */
export const load: LayoutLoad = async ({ data: { parcel, ...rest }, params }) => {
  const { content } = parcel;
  const side = params.stop === 'name' ? 'all' : 'likely';
  const prose = side === 'all' ? (await import('$lib/catalog/prose')).PROSE : content.prose;
  const facts = OPENED[side].get(content) ?? {
    ...content.facts,
    forecast: unpackForecast(content.forecast),
    shelf: unpackShelf(content.shelf),
    candidates: withProse(prose),
    signs: SIGNS,
    tests: FIELD_TESTS,
  };
  OPENED[side].set(content, facts);
  return { ...rest, facts };
};

const withProse = (prose: Readonly<Record<string, Prose>>): CaseFacts['candidates'] =>
  PLAIN_CANDIDATES.map((one) => {
    const own = prose[one.id];
    return own ? { ...one, ...own } : one;
  });
