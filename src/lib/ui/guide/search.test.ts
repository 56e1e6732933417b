import { expect, it } from 'vitest';
import { CANDIDATES } from '../../catalog';
import { searchGuide } from './search';

const entries = CANDIDATES.map((c) => ({
  ...{ id: c.id, name: c.name, scientific: c.scientific ?? '', telling: c.telling },
  ...{ signs: '', words: '' },
}));
const first = (typed: string): string | undefined => searchGuide(entries, typed)[0];

it('finds entries by their names, misspelt, run together or in Latin', () => {
  const typed = ['yelowjaket', 'cockroch', 'blatela germanica', 'bedbug', 'fireant', 'popilia', 'bumblebee'];
  expect(typed.map(first)).toEqual([
    'yellowjacket',
    'german-cockroach',
    'german-cockroach',
    'bed-bug',
    'fire-ant',
    'japanese-beetle',
    'bumble-bee',
  ]);
});

it('finds by the telling mark, and finds nothing where nothing fits', () => {
  expect(first('pincers')).toBe('earwig');
  expect(searchGuide(entries, 'zzzzqqq')).toEqual([]);
});
