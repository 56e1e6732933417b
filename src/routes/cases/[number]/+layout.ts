import { PLAIN_CANDIDATES, PLAIN_SIGNS, PLAIN_TESTS } from '$lib/catalog/plain-entries';
import { asksForTrim, type CaseFacts } from '$lib/core/case';
import { candidatesIn } from '$lib/core/identify';
import { unpackForecast } from '$lib/wire/packed-forecast';
import { unpackShelf } from '$lib/wire/packed-shelf';
import type { LayoutLoad } from './$types';

type Sent = Awaited<ReturnType<Parameters<LayoutLoad>[0]['data']['parcel']['open']>>;
type Entries = Pick<CaseFacts, 'candidates' | 'signs' | 'tests'>;

/** How much of the catalogue's prose a stop reads: signs and tests are looked for at Look, and weighed at Name. */
const READS = { look: 'signs', name: 'all' } as const;

/** The facts of a parcel that the server opens again and again are the same facts. */
const OPENED = {
  little: new WeakMap<Sent, CaseFacts>(),
  signs: new WeakMap<Sent, CaseFacts>(),
  all: new WeakMap<Sent, CaseFacts>(),
};

/**
 * The catalogue is the same for every case: it comes with the scripts, the rest of the facts with the page. The prose of
 * the likely candidates comes with the case; that of all where they are looked at side by side, and that of signs and
 * tests where it is read.
 */
export const load: LayoutLoad = async ({ data: { parcel, ...rest }, params }) => {
  const content = await parcel.open();
  const reads = READS[params.stop as keyof typeof READS] ?? 'little';
  const facts = OPENED[reads].get(content) ?? {
    ...content.facts,
    forecast: unpackForecast(content.forecast),
    shelf: unpackShelf(content.shelf),
    ...(await entriesFor(reads, content)),
    ...(asksForTrim(content.facts) ? { trimPass: (await import('$lib/core/clip')).trimPass } : {}),
  };
  OPENED[reads].set(content, facts);
  return { ...rest, facts };
};

async function entriesFor(reads: keyof typeof OPENED, { prose, facts }: Sent): Promise<Entries> {
  const { region = null, yearRound } = facts.property;
  if (reads === 'little')
    return {
      candidates: candidatesIn(withProse(PLAIN_CANDIDATES, prose), region, yearRound),
      signs: PLAIN_SIGNS,
      tests: PLAIN_TESTS,
    };
  const { SIGN_PROSE, TEST_PROSE } = await import('$lib/catalog/prose-of-signs');
  return {
    candidates: candidatesIn(
      withProse(PLAIN_CANDIDATES, reads === 'all' ? (await import('$lib/catalog/prose')).PROSE : prose),
      region,
      yearRound,
    ),
    signs: withProse(PLAIN_SIGNS, SIGN_PROSE),
    tests: withProse(PLAIN_TESTS, TEST_PROSE),
  };
}

const withProse = <T extends { readonly id: string }>(
  entries: readonly T[],
  prose: Readonly<Record<string, Partial<T>>>,
): T[] => entries.map((one) => ({ ...one, ...prose[one.id] }));
