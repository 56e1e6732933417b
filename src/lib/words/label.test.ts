import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../catalog';
import type { LabelRate, LabelUse } from '../core/labels';
import type { Quantity } from '../core/units';
import { PLAIN, useRateText, useText } from '.';

const blank = {
  ...(DEMONSTRATION_LABELS.find((l) => l.id === 'duskfold-sheet')?.uses[0] ?? expect.fail()),
  ...{ aboutEveryDays: null, noSoonerThanDays: null, maxPerYear: null },
} satisfies LabelUse;
const q = (value: number, unit: Quantity['unit']): Quantity => ({ value, unit });
const rate = (
  [min, max]: [number | null, number | null],
  unit: Quantity['unit'],
  per: Quantity,
  basis: LabelRate['basis'] = 'target',
): LabelRate => ({ min, max, unit, per, basis });
const mix = (amount: Quantity, per: Quantity) => ({ amount, per });

const GOLDEN: [Partial<LabelUse>, string][] = [
  [
    { rate: rate([0.7, 1.1], 'floz', q(1000, 'ft2')), carrier: mix(q(1.5, 'gal'), q(1000, 'ft2')) },
    '0.7 to 1.1 fl oz in 1.5 gal (US) of finished mix for 1,000 ft²',
  ],
  [{ rate: rate([2.3, 2.3], 'lb', q(1000, 'ft2')) }, '2.3 lb for 1,000 ft²'],
  [{ rate: rate([1, 1.5], 'kg', q(100, 'm2')) }, '1 to 1.5 kg for 100 m²'],
  [{ rate: rate([null, 20], 'g', q(1, 'm2')) }, 'at most 20 g for 1 m²'],
  [{ rate: rate([12, null], 'ml', q(100, 'm2')) }, 'at least 12 ml for 100 m²'],
  [{ rate: rate([null, null], 'ml', q(100, 'm2')) }, 'rate not stated'],
  [{ rate: null }, 'rate not stated'],
  [
    { rate: rate([5, 10], 'ml', q(1, 'l'), 'mix'), carrier: mix(q(4, 'l'), q(100, 'm2')) },
    '5 to 10 ml in 1 l of finished mix, 4 l of it for 100 m²',
  ],
  [
    { rate: rate([0.33, 1], 'floz', q(1, 'gal'), 'mix') },
    '0.33 to 1 fl oz in 1 gal (US) of finished mix, how much of it for an area is not stated',
  ],
  [
    { rate: rate([100, 150], 'ml', q(1000, 'm2')), carrier: mix(q(6, 'l'), q(100, 'm2')) },
    '100 to 150 ml for 1,000 m², in 6 l of finished mix for 100 m²',
  ],
  [
    { rate: rate([1.5, 2], 'l', q(1, 'ha')), carrier: mix(q(0.04, 'm3'), q(10_000, 'm2')) },
    '1.5 to 2 l in 0.04 m³ of finished mix for 1 ha',
  ],
  [{ rate: rate([20, 30], 'lb', q(1, 'acre')) }, '20 to 30 lb for 1 acre'],
  [{ rate: rate([1, 2], 'oz', q(10, 'yd2')) }, '1 to 2 oz for 10 yd²'],
  [{ rate: rate([1, 2], 'g', q(1, 'm')), method: 'crevice' }, '1 to 2 g for 1 m'],
  [{ rate: rate([0.1, 0.2], 'g', q(1, 'count')), method: 'drops' }, '0.1 to 0.2 g for each spot'],
  [
    {
      ...{ rate: rate([1, 2], 'ml', q(1, 'count')), method: 'drench' as const },
      carrier: mix(q(4, 'l'), q(1, 'count')),
    },
    '1 to 2 ml in 4 l of finished mix for each nest',
  ],
  [
    { rate: rate([0.4, 0.8], 'ml', q(10, 'l')), carrier: mix(q(1, 'l'), q(10, 'l')), method: 'soil-mix' },
    '0.4 to 0.8 ml in 1 l of finished mix for 10 l',
  ],
  [{ rate: rate([2, 4], 'g', q(1, 'm3')), method: 'film' }, '2 to 4 g for 1 m³'],
  [{ rate: rate([1, 3], 'count', q(10, 'm2')), method: 'stations' }, '1 to 3 for 10 m²'],
  [
    { rate: rate([50, 60], 'million', q(100, 'm2')), carrier: mix(q(20, 'l'), q(100, 'm2')) },
    '50 to 60 million in 20 l of finished mix for 100 m²',
  ],
];

describe('a rate in plain words', () => {
  it.each(GOLDEN)('%#: says what the label says', (change, words) => {
    expect(useRateText({ ...blank, ...change }, PLAIN)).toBe(words);
  });

  it('names the pest of a step, where somebody knows its name', () => {
    const use: LabelUse = {
      ...blank,
      ...(GOLDEN[0]?.[0] ?? {}),
      steps: [
        { by: 'pest', of: 'chinch-bug', min: 1, max: 1.1 },
        { by: 'severity', of: 'heavy', min: 1.1, max: 1.1 },
        { by: 'severity', of: 'light', and: [{ by: 'drop', of: '2.5' }], min: 0.5, max: 0.6 },
      ],
    };
    expect(useText(use, PLAIN, (id) => (id === 'chinch-bug' ? 'chinch bug' : '?'))).toContain(
      'chinch bug 1 to 1.1 fl oz, heavy 1.1 fl oz, light, in drops of 2.5 mg 0.5 to 0.6 fl oz',
    );
  });

  it('goes on with how often, and with what binds the year', () => {
    const use: LabelUse = {
      ...blank,
      ...(GOLDEN[0]?.[0] ?? {}),
      ...{ noSoonerThanDays: 21, aboutEveryDays: 28, maxPerYear: 2 },
      cap: { of: 'active', amount: q(9, 'g'), per: q(1000, 'ft2') },
    };
    expect(useText(use, PLAIN)).toBe(
      '0.7 to 1.1 fl oz in 1.5 gal (US) of finished mix for 1,000 ft², no sooner than 21 days, repeated about every 28 days, twice a year, at most 9 g of active ingredient for 1,000 ft² in 12 months',
    );
  });
});
