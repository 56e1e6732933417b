import { describe, expect, it } from 'vitest';
import { MORE_FIELDS, MORE_SECTIONS, type MoreField } from '../core/labels';
import { moreLimits } from './label-limits';
import { LABEL_FIGURE_WORDS, labelFigureText } from './label-figures';
import { MORE_SECTION_WORDS, moreChoiceText, moreText, moreUnitText, MORE_WORDS } from './more-terms';
import { PLAIN_MANNER, showIn, type Manner } from './show';

const entries = Object.entries(MORE_FIELDS) as [keyof typeof MORE_FIELDS, MoreField][];
const US = showIn({ ...PLAIN_MANNER, units: 'us' } as Manner);
const DE = showIn({ ...PLAIN_MANNER, numbers: '1.234,5' } as Manner);

describe('what else a label says', () => {
  it('has a name for every clause and a heading for every part, and no two clauses share one', () => {
    const names = entries.map(([key]) => MORE_WORDS[key]);
    expect(names.every((name) => name !== '')).toBe(true);
    expect(new Set(names).size).toBe(names.length);
    for (const section of MORE_SECTIONS) expect(MORE_SECTION_WORDS[section]).not.toBe('');
  });

  it('says every choice in words, never as it is kept', () => {
    for (const [key, field] of entries)
      for (const choice of field.choices ?? []) {
        const said = moreChoiceText(choice);
        expect(said, key).not.toMatch(/[a-z]-[a-z]|^$/);
        expect(moreText(field, choice, US)).toBe(said);
      }
  });

  it.each([
    ['airingHours', 4, '4 hours'],
    ['grazingDays', 14, '14 days'],
    ['airingHours', 1, '1 hour'],
    ['passes', 2, '2 times'],
    ['dropMg', 250, '250 mg'],
    ['neverWaterIn', true, 'yes'],
    ['nozzle', 'flat fan, 110 degrees', 'flat fan, 110 degrees'],
  ] as const)('tells %s of %s as “%s”', (key, value, text) => {
    expect(moreText(MORE_FIELDS[key] as MoreField, value, US)).toBe(text);
  });

  it('tells lengths and ground in the workspace’s units and marks', () => {
    expect(moreText(MORE_FIELDS.wellM, 30.48, US)).toBe('100 ft');
    expect(moreText(MORE_FIELDS.spacingM, 2.5, DE)).toBe('2,5 m');
    expect(moreUnitText(MORE_FIELDS.wellM, US)).toBe('ft');
    expect(moreUnitText(MORE_FIELDS.wellM, DE)).toBe('m');
    expect(moreText(MORE_FIELDS.mostGroundPerDayM2, 4000, US)).toMatch(/ft²|acre/);
  });

  it('has a unit behind every number that has one', () => {
    for (const [key, field] of entries)
      expect(moreUnitText(field, DE) !== '', key).toBe(field.kind === 'measure' || field.in !== undefined);
  });
});

describe('what a card page tells of it', () => {
  it('is every clause that is stated, of the card and of the use alike, and cites no other clause', () => {
    const stated = Object.fromEntries(
      entries.map(([key, field]) => [
        key,
        field.kind === 'tick'
          ? true
          : field.kind === 'text'
            ? 'so'
            : field.kind === 'choice'
              ? (field.choices?.[0] ?? '')
              : 1,
      ]),
    );
    const told = [...moreLimits(stated, 'card', US), ...moreLimits(stated, 'use', US)];
    expect(told.map(({ name }) => name).sort()).toEqual(Object.values(MORE_WORDS).sort());
    expect(told.every(({ clause, text }) => clause === null && text !== '')).toBe(true);
    expect(moreLimits(undefined, 'card', US)).toEqual([]);
  });
});

describe('a figure that was found in a label’s text', () => {
  it.each([
    [
      'rate',
      { least: '0.5', most: '1.5', rateUnit: 'floz', 'per.value': '1,000', 'per.unit': 'ft2' },
      '0.5 to 1.5 fl oz for 1,000 ft²',
    ],
    ['rate', { least: '3', most: '3', rateUnit: 'g', 'per.value': '10', 'per.unit': 'm2' }, '3 g for 10 m²'],
    ['mix', { 'mix.value': '2', mixMost: '4', 'mix.unit': 'l' }, '2 to 4 l'],
    ['watering', { waterMm: '1/4 in', waterHours: '24' }, '1/4 in within 24 h'],
    ['watering', { waterMm: '6 mm' }, '6 mm'],
    ['keep', { storeFrom: '4 °C', storeTo: '30 °C' }, '4 °C to 30 °C'],
    ['strength', { 'actives.0.name': 'fipronil', 'actives.0.percent': '0.05' }, 'fipronil 0.05 %'],
    ['until-dry', { reEntry: 'until-dry' }, ''],
    ['re-entry', { reEntry: 'hours', reEntryHours: '12' }, '12'],
    ['wind', { maxWindKmh: '10 mph' }, '10 mph'],
    ['size', { 'size.value': '32', 'size.unit': 'floz' }, '32 fl oz'],
    [
      'cap',
      { 'cap.value': '15', 'cap.unit': 'ml', 'capPer.value': '100', 'capPer.unit': 'm2' },
      '15 ml for 100 m²',
    ],
  ] as const)('is told as it is printed: %s %o', (what, of, text) => {
    expect(labelFigureText(what, Object.entries(of))).toBe(text);
  });

  it('has a name, whatever it is', () => {
    for (const [what, name] of Object.entries(LABEL_FIGURE_WORDS)) expect(name, what).toMatch(/^[A-Z]/);
  });
});
