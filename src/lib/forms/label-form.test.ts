import { describe, expect, it } from 'vitest';
import { CANDIDATES } from '../catalog';
import { checkLabel, inHand, MORE_FIELDS, moreFields, type LabelCard } from '../core/labels';
import { fieldsOfCard, parseCard } from './label-form';

const USE = {
  ...{ 'sites.turf': 'on', method: 'spray', 'targets.0.pest': 'chinch-bug', basis: 'target', least: '2' },
  ...{ rateUnit: 'floz', 'per.value': '1000', 'per.unit': 'ft2', most: '3', 'mix.value': '2' },
  ...{ 'mix.unit': 'gal' },
};
const CARD = {
  ...{ name: 'From my shed', form: 'concentrate', family: 'residual', 'size.value': '32' },
  ...{ 'size.unit': 'floz' },
};
const typed = (use: Record<string, string> = {}, card: Record<string, string> = {}) =>
  parseCard(
    new Map(
      Object.entries({
        ...CARD,
        ...Object.fromEntries(
          Object.entries({ ...USE, ...use }).map(([name, value]) => [`uses.0.${name}`, value]),
        ),
        ...card,
      }),
    ),
    CANDIDATES,
    'own-1',
  );
type Parsed = Omit<LabelCard, 'version'>;
function cardOf(use: Record<string, string> = {}, card: Record<string, string> = {}): Parsed {
  const parsed = typed(use, card);
  return 'ok' in parsed ? parsed.ok : expect.fail(JSON.stringify(parsed.refused));
}
const useOf = (use: Record<string, string>) => cardOf(use).uses[0] ?? expect.fail('no use');
const refusedAt = (use: Record<string, string>, card: Record<string, string> = {}): string[] => {
  const parsed = typed(use, card);
  return 'refused' in parsed ? parsed.refused.map(({ path }) => path) : [];
};
/** Through the form that an editor opens with, and back. */
function again(card: Parsed): Parsed {
  const parsed = parseCard(new Map(Object.entries(fieldsOfCard(card))), CANDIDATES, card.id);
  return 'ok' in parsed ? parsed.ok : expect.fail(JSON.stringify(parsed.refused));
}

describe('what a label does not state', () => {
  it('is not stated on the card, whatever the form looks like when it opens', () => {
    const card = cardOf();
    expect(card).toMatchObject({ registration: null, signalWord: null, licenceNeeded: null, ppe: [] });
    expect(card).toMatchObject({ mixWithOthers: null, firstAid: null, storeC: null, disposal: null });
    const [use] = card.uses;
    expect(use).toMatchObject({ daysToEffect: null, protectsDays: null, reEntry: 'none', edibles: null });
    expect(use).toMatchObject({ tempC: null, soilC: null, maxWindKmh: null, months: null, cap: null });
    expect(use?.targets).toMatchObject([{ pest: 'chinch-bug', grade: null, reason: '' }]);
    expect(use).not.toHaveProperty('more');
    expect(use).not.toHaveProperty('alsoCap');
    expect(use).not.toHaveProperty('carrierMost');
  });

  it.each(['form', 'family', 'uses.0.method'])('has nobody’s choice at %s: it has to be made', (name) => {
    expect(refusedAt({}, { [name]: '' })).toEqual([name]);
  });
});

describe('what labels print', () => {
  it.each([
    ['soil not below', { soilFrom: '12.2' }, { soilC: [12.2, null] }],
    ['soil not above', { soilTo: '30' }, { soilC: [null, 30] }],
    ['air not below', { tempFrom: '10' }, { tempC: [10, null] }],
    ['air not above', { tempTo: '29.4' }, { tempC: [null, 29.4] }],
    ['a most without a least', { least: '' }, { rate: { min: null, max: 3 } }],
    ['a least without a most', { most: '' }, { rate: { min: 2, max: null } }],
    ['a range of mix', { mixMost: '3' }, { carrierMost: { value: 3, unit: 'gal' } }],
    ['months of the north', { 'months.3': 'on', 'months.4': 'on' }, { months: [3, 4] }],
    [
      'months of the south',
      { 'months.9': 'on', 'months.11': 'on', monthsFor: 'south' },
      { months: [3, 5], monthsFor: 'south' },
    ],
    [
      'a cap of the product beside one of the active ingredient',
      {
        'cap.value': '4.5',
        'cap.unit': 'floz',
        'alsoCap.value': '0.4',
        'alsoCap.unit': 'lb',
        capOf: 'product',
      },
      {
        cap: { of: 'product', amount: { value: 4.5, unit: 'floz' }, per: { value: 1000, unit: 'ft2' } },
        alsoCap: { of: 'active', amount: { value: 0.4, unit: 'lb' }, per: { value: 1000, unit: 'ft2' } },
      },
    ],
    [
      'an instruction where there is no rate',
      { least: '', most: '', 'more.instruction': 'Place 2 stations to a room' },
      { rate: null, more: { instruction: 'Place 2 stations to a room' } },
    ],
  ])('can be entered: %s', (_, use, expected) => {
    expect(useOf(use as Record<string, string>)).toMatchObject(expected);
  });

  it.each([
    ['0.8', 'lb/gal', 95.86],
    ['80', 'g/l', 80],
    ['10', 'oz/gal', 74.89],
  ])('a strength of %s %s is %s g in a litre', (mass, massIn, gramsPerLitre) => {
    const strength = { 'actives.0.name': 'bifenthrin', 'actives.0.mass': mass, 'actives.0.massIn': massIn };
    expect(cardOf({}, strength).actives[0]?.gramsPerLitre).toBeCloseTo(gramsPerLitre, 2);
  });

  it('as grams in a kilogram is a percent', () => {
    const strength = { 'actives.0.name': 'fipronil', 'actives.0.mass': '1', 'actives.0.massIn': 'g/kg' };
    expect(cardOf({}, strength).actives[0]).toMatchObject({ percent: 0.1, gramsPerLitre: null });
  });

  it('has rates by pest and by how bad it is, the nearest to the case first', () => {
    const card = cardOf({
      ...{ 'targets.1.pest': 'sod-webworm', 'steps.0.pest': 'chinch-bug', 'steps.0.min': '4' },
      ...{ 'steps.1.pest': 'chinch-bug', 'steps.1.severity': 'heavy', 'steps.1.min': '5' },
      ...{ 'steps.1.max': '6' },
    });
    const rate = (pest: string, severity: string | null) =>
      inHand({ ...card, version: 1 }, { pest, stage: null, surrounding: 'lawn', severity })?.use.rate;
    expect(rate('sod-webworm', 'heavy')).toMatchObject({ min: 2, max: 3 });
    expect(rate('chinch-bug', 'light')).toMatchObject({ min: 4, max: 4 });
    expect(rate('chinch-bug', 'heavy')).toMatchObject({ min: 5, max: 6 });
  });

  it('has rates by the size of a drop: the weighed one picks its own, and none of them is a guess', () => {
    const card = cardOf({
      ...{ 'steps.0.drop': '30', 'steps.0.min': '8', 'steps.0.max': '12' },
      ...{ 'steps.1.drop': '100', 'steps.1.severity': 'heavy', 'steps.1.min': '5' },
    });
    const rate = (dropMg: number | null, severity: string | null = null) =>
      inHand(
        { ...card, version: 1 },
        { pest: 'chinch-bug', stage: null, surrounding: 'lawn', severity, dropMg },
      )?.use.rate;
    expect(rate(28)).toMatchObject({ min: 8, max: 12 });
    expect(rate(104, 'heavy')).toMatchObject({ min: 5, max: 5 });
    // Between the two sizes, or never weighed: the general rate of the label.
    expect(rate(55)).toMatchObject({ min: 2, max: 3 });
    expect(rate(null)).toMatchObject({ min: 2, max: 3 });
    // What the card keeps goes back into the form as it was typed.
    expect(fieldsOfCard(card)).toMatchObject({
      'uses.0.steps.0.drop': '30',
      'uses.0.steps.1.drop': '100',
      'uses.0.steps.1.severity': 'heavy',
    });
  });

  it('a rate for some cases is asked for what it lacks', () => {
    expect(refusedAt({ 'steps.0.pest': 'chinch-bug' })).toEqual(['uses.0.steps.0.min']);
    expect(refusedAt({ 'steps.0.drop': '30' })).toEqual(['uses.0.steps.0.min']);
    expect(refusedAt({ 'steps.0.max': '4' })).toEqual(['uses.0.steps.0.severity']);
  });
});

describe('every clause of the table', () => {
  const valueFor = (of: 'card' | 'use'): [string, string][] =>
    moreFields(of).map(([key, field]) => [
      `more.${key}`,
      field.kind === 'tick'
        ? 'on'
        : field.kind === 'choice'
          ? (field.choices?.[0] ?? '')
          : field.kind === 'text'
            ? `the words of ${key}`
            : String(field.to ?? 1),
    ]);

  it('is kept by the card, and comes back into the form', () => {
    const card = cardOf(Object.fromEntries(valueFor('use')), Object.fromEntries(valueFor('card')));
    const kept = { ...card.more, ...card.uses[0]?.more };
    expect(Object.keys(kept).sort()).toEqual(Object.keys(MORE_FIELDS).sort());
    for (const [key, field] of [...moreFields('card'), ...moreFields('use')])
      expect(typeof kept[key], key).toBe(
        field.kind === 'tick'
          ? 'boolean'
          : field.kind === 'number' || field.kind === 'measure'
            ? 'number'
            : 'string',
      );
    expect(again(card)).toEqual(card);
  });

  it.each([...moreFields('card'), ...moreFields('use')].filter(([, f]) => f.to !== undefined))(
    'has its bounds: %s',
    (key, { of, to = 0 }) => {
      const beyond = { [`more.${key}`]: String(to * 2 + 1) };
      expect(of === 'card' ? refusedAt({}, beyond) : refusedAt(beyond)).toEqual([
        of === 'card' ? `more.${key}` : `uses.0.more.${key}`,
      ]);
    },
  );
});

describe('a card with everything at once', () => {
  const whole = cardOf({
    ...{ mixMost: '4', soilFrom: '12', tempTo: '30', 'months.9': 'on', monthsFor: 'south' },
    ...{ 'cap.value': '9', 'cap.unit': 'floz', 'alsoCap.value': '1', 'alsoCap.unit': 'lb' },
    ...{ 'steps.0.pest': 'chinch-bug', 'steps.0.severity': 'heavy', 'steps.0.min': '3' },
    ...{ noSoonerThanDays: '7', maxPerYear: '6', waterMm: '6', waterHours: '24' },
  });

  it('comes through its form unchanged', () => {
    expect(again(whole)).toEqual(whole);
    expect(again(again(whole))).toEqual(whole);
  });

  it('is found without a contradiction, and one that is put in is found', () => {
    const rules = (card: Parsed) => checkLabel({ ...card, version: 1 }).map(({ rule }) => rule);
    expect(rules(whole)).not.toContain('least-above-most');
    const [use] = whole.uses;
    if (!use?.rate) return expect.fail('no rate');
    expect(rules({ ...whole, uses: [{ ...use, rate: { ...use.rate, min: 9 } }] })).toContain(
      'least-above-most',
    );
  });

  it('is not stopped by a use that nobody wrote anything into', () => {
    const opened = {
      ...{ 'uses.1.basis': 'target', 'uses.1.rateUnit': 'ml', 'uses.1.per.value': '100' },
      ...{ 'uses.1.per.unit': 'm2', 'uses.1.reEntry': 'none', 'uses.1.capOf': 'product' },
      ...{ 'uses.1.method': '', 'uses.1.monthsFor': 'north' },
    };
    expect(cardOf({}, opened).uses).toHaveLength(1);
    expect(
      refusedAt({}, { ...opened, 'uses.1.least': '3' }).every((path) => path.startsWith('uses.1.')),
    ).toBe(true);
  });
});
