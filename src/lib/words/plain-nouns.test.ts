import { describe, expect, it } from 'vitest';
import { CANDIDATES } from '../catalog';
import { capital, inSentence, many } from './plain-nouns';

describe('a name within a sentence', () => {
  it.each([
    ['Sod webworm', 'sod webworm'],
    ['Crane-fly larvae', 'crane-fly larvae'],
    ['German cockroach', 'German cockroach'],
    ['New Zealand grass grub', 'New Zealand grass grub'],
    ['June beetle grub', 'June beetle grub'],
    ['Invasive honey bees', 'invasive honey bees'],
    ['', ''],
  ])('%s is %s', (name, expected) => expect(inSentence(name)).toBe(expected));

  it('keeps the capital of each in the catalogue that goes by a country, a continent, a month or a name', () => {
    const kept = CANDIDATES.map(({ name }) => name).filter((name) => inSentence(name) === name);
    const first = new Set(kept.map((name) => name.split(' ')[0]));
    expect([...first].sort()).toEqual([
      'African',
      'American',
      'Argentine',
      'European',
      'German',
      'Japanese',
      'June',
      'New',
      'Oriental',
      'Pharaoh',
    ]);
    // Nothing within a name is made small: a second word keeps what it has.
    for (const { name } of CANDIDATES) expect(inSentence(name).slice(1)).toBe(name.slice(1));
  });
});

describe('a word alone', () => {
  it.each([
    ['trap', 'traps'],
    ['dish', 'dishes'],
    ['watch', 'watches'],
  ])('%s, %s', (one, more) => expect(many(one)).toBe(more));

  it('begins with a capital at the head of a line', () => expect(capital('traps')).toBe('Traps'));
});
