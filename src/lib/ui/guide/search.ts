import MiniSearch from 'minisearch';

export interface Findable {
  readonly id: string;
  readonly name: string;
  readonly scientific: string;
  readonly telling: string;
  /** Signs that it mostly shows, in words. */
  readonly signs: string;
  /** Where it is found, and other words for it. */
  readonly words: string;
}

const INDEXES = new WeakMap<readonly Findable[], MiniSearch<Findable>>();

function indexOf(entries: readonly Findable[]): MiniSearch<Findable> {
  const known = INDEXES.get(entries);
  if (known) return known;
  const index = new MiniSearch<Findable>({
    fields: ['name', 'scientific', 'telling', 'signs', 'words'],
    searchOptions: {
      boost: { name: 4, scientific: 3, words: 1.5 },
      // A letter in five may be wrong, so that "cockroch" and "yelowjaket" are found.
      fuzzy: (term) => (term.length > 3 ? 0.25 : false),
      prefix: true,
      combineWith: 'AND',
    },
  });
  index.addAll(entries.map((entry) => ({ ...entry, words: `${entry.words} ${joined(entry.name)}` })));
  INDEXES.set(entries, index);
  return index;
}

/** Neighbouring words written as one: people type “bedbug” and “fireant”. */
function joined(name: string): string {
  const words = name.toLowerCase().split(/\s+/);
  return words
    .slice(1)
    .map((word, i) => `${words[i] ?? ''}${word}`)
    .join(' ');
}

/** Ids of the entries that fit what was typed, best first; names come before signs, and misspelt words are found. */
export function searchGuide(entries: readonly Findable[], typed: string): string[] {
  const index = indexOf(entries);
  const all = index.search(typed);
  const found = all.length > 0 ? all : index.search(typed, { combineWith: 'OR' });
  return found.map((hit) => String(hit.id));
}
