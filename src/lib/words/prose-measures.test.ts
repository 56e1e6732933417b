import { describe, expect, it } from 'vitest';
import { CANDIDATES, FIELD_TESTS, GUIDE, SIGNS } from '../catalog';
import { markedNumber, proseText } from './prose-measures';

const us = (text: string) => proseText(text, 'us', '1,234.5');

describe('measures in running text', () => {
  it.each([
    ['Cut three sides, 8 cm deep', 'Cut three sides, 3 in deep'],
    ['30 ml of dish soap in 8 l', '1 fl oz of dish soap in 2 gal'],
    ['Look every 10 to 15 m.', 'Look every 33 to 49 ft.'],
    ['a piece of 10 × 10 cm', 'a piece of 4 × 4 in'],
    ['Wash the socks at 60 °C', 'Wash the socks at 140 °F'],
    ['over 100 m or more', 'over 330 ft or more'],
    ['finer than 0.5 mm', 'finer than 0.1 in'],
    ['250,000 per m² are known', '250,000 per m² are known'],
    ['5 minutes, 3 legs and 2 months', '5 minutes, 3 legs and 2 months'],
  ])('%s', (metric, said) => expect(us(metric)).toBe(said));
  it('keep their system, with the mark of the workspace', () => {
    expect(proseText('finer than 0.5 mm', 'metric', '1.234,5')).toBe('finer than 0,5 mm');
    expect(proseText('clause 3.1.2 at 0.5 m', 'metric', '1 234,5')).toBe('clause 3.1.2 at 0,5 m');
    expect(proseText('8 cm deep', 'uk', '1,234.5')).toBe('8 cm deep');
  });
  it('leave no metric measure in what the catalogue says to people who measure in feet', () => {
    const texts = [
      ...CANDIDATES.flatMap(({ telling, doNow, doNot, culture }) => [telling, doNow, doNot, culture]),
      ...SIGNS.flatMap(({ name, how, values }) => [name, how, ...(values ?? []).map((value) => value.name)]),
      ...FIELD_TESTS.flatMap(({ count, steps, not }) => [count, not, ...steps.map((step) => step.text)]),
      JSON.stringify([...GUIDE]),
    ].filter((text) => text);
    expect(texts.length).toBeGreaterThan(300);
    for (const text of texts)
      expect(us(text).match(/\d ?(mm|cm|km|ml|kg|°C|m|l|g)(?![\p{L}\p{N}²³/])/u)?.[0], text).toBeUndefined();
  });
});

describe('a figure on a mark', () => {
  it.each([
    [1.5, 'gal', '1 1/2'],
    [0.625, 'cup', '5/8'],
    [2, 'gal', '2'],
    [0.25, 'tsp', '1/4'],
    [5.2, 'l', '5.2'],
    [0.3, 'gal', '0.3'],
  ] as const)('%d %s is %s', (value, unit, text) => expect(markedNumber(value, unit, '1,234.5')).toBe(text));
});
