import { CANDIDATES, GUIDE, SIGNS } from '$lib/catalog';
import { GUIDE_GROUPS } from '$lib/core/identify';
import { searchGuide, type Findable } from '$lib/ui/guide/search';
import { SURROUNDING_WORDS } from '$lib/words';
import type { PageServerLoad } from './$types';

const MOSTLY = 0.5;
const signWords = new Map(SIGNS.map((s) => [s.id, s]));

/** What is searched, written once: names, marks, the signs that it mostly shows, and its places. */
const findable: readonly Findable[] = CANDIDATES.map((c) => ({
  id: c.id,
  name: c.name,
  scientific: c.scientific ?? '',
  telling: c.telling,
  signs: Object.entries(c.signs)
    .flatMap(([sign, given]) => {
      const known = signWords.get(sign);
      if (typeof given === 'number') return given >= MOSTLY && known ? [known.name] : [];
      return (known?.values ?? []).filter((v) => (given[v.id] ?? 0) >= MOSTLY).map((v) => v.name);
    })
    .join('. '),
  words: [
    GUIDE.get(c.id)?.where ?? '',
    ...c.stages.map((s) => s.name),
    ...Object.keys(c.places).map((place) => SURROUNDING_WORDS[place as keyof typeof SURROUNDING_WORDS]),
  ].join(', '),
}));

const entries = CANDIDATES.map((c) => ({
  id: c.id,
  name: c.name,
  scientific: c.scientific,
  status: c.status,
  telling: c.telling,
  group: GUIDE.get(c.id)?.group ?? 'other',
  drawn: c.drawn,
}));

export const load: PageServerLoad = ({ url }) => {
  const typed = (url.searchParams.get('q') ?? '').slice(0, 100);
  return {
    groups: GUIDE_GROUPS,
    entries,
    findable,
    typed,
    found: typed === '' ? null : searchGuide(findable, typed),
  };
};
