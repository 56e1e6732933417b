import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  addDays,
  ALL_UNITS,
  ceilOf,
  convert,
  dayNumber,
  daysBetween,
  dimensionOf,
  floorOf,
  inHandyUnit,
  isAbove,
  oneYearEarlier,
  parseDay,
  roundHalfUp,
  valueIn,
  type CalendarDay,
  type Unit,
} from '.';

const day = (text: string): CalendarDay => parseDay(text) ?? expect.fail(`${text} should be a day`);
const units = ALL_UNITS as readonly Unit[];

describe('units of the field', () => {
  it('turns a US gallon into the legal number of litres and of fluid ounces', () => {
    expect(valueIn({ value: 1, unit: 'gal' }, 'l')).toBeCloseTo(3.785411784, 12);
    expect(valueIn({ value: 1, unit: 'gal' }, 'floz')).toBeCloseTo(128, 10);
    expect(valueIn({ value: 1, unit: 'gal' }, 'tsp')).toBeCloseTo(768, 9);
  });

  it('keeps the UK fluid ounce apart from the US one', () => {
    expect(valueIn({ value: 1, unit: 'gal_uk' }, 'floz_uk')).toBeCloseTo(160, 10);
    expect(valueIn({ value: 1, unit: 'floz_uk' }, 'floz')).not.toBeCloseTo(1, 2);
  });

  it('knows the acre by its legal square feet', () => {
    expect(valueIn({ value: 1, unit: 'acre' }, 'm2')).toBeCloseTo(4046.8564224, 9);
    expect(valueIn({ value: 1, unit: 'acre' }, 'ft2')).toBeCloseTo(43560, 7);
  });

  it('reads temperatures as points, not as differences', () => {
    expect(valueIn({ value: 50, unit: 'F' }, 'C')).toBeCloseTo(10, 12);
    expect(valueIn({ value: -40, unit: 'C' }, 'F')).toBeCloseTo(-40, 12);
  });

  it('comes back to the same amount by way of any other unit of the same kind', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.constantFrom(...units),
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        (from, to, value) => {
          fc.pre(dimensionOf(from) === dimensionOf(to));
          const there = valueIn({ value, unit: from }, to);
          expect(valueIn({ value: there, unit: to }, from)).toBeCloseTo(value, 6);
        },
      ),
    );
  });

  it('refuses to turn pounds into feet, and says which stood against which', () => {
    expect(convert({ quantity: { value: 1, unit: 'lb' }, to: 'ft' })).toEqual({
      refused: [{ code: 'units-do-not-match', path: 'to', facts: { have: 'lb', want: 'ft' } }],
    });
  });
});

describe('comparing with arithmetic noise', () => {
  it('does not take 0.1 + 0.2 for more than 0.3', () => {
    expect(isAbove(0.1 + 0.2, 0.3)).toBe(false);
    expect(isAbove(0.300001, 0.3)).toBe(true);
  });

  it('counts six tanks where six are exactly full', () => {
    expect(ceilOf(4.2 / 0.7)).toBe(6);
    expect(ceilOf(6.001)).toBe(7);
    expect(floorOf(1.2 / 0.4)).toBe(3);
  });

  it('rounds halves up', () => {
    expect([0.5, 1.5, 2.4999, 10.5].map(roundHalfUp)).toEqual([1, 2, 2, 11]);
  });
});

describe('calendar days', () => {
  it('knows which days exist', () => {
    expect(parseDay('2028-02-29')).toBe('2028-02-29');
    for (const no of ['2027-02-29', '2027-13-01', '2027-00-10', '2027-04-31', '27-04-01', '2027-4-1', ''])
      expect(parseDay(no), no).toBeNull();
  });

  it('steps over month, year and leap day', () => {
    expect(addDays(day('2027-12-31'), 1)).toBe('2028-01-01');
    expect(addDays(day('2028-02-28'), 1)).toBe('2028-02-29');
    expect(addDays(day('2027-03-01'), -1)).toBe('2027-02-28');
  });

  it('takes the 28th for the year before a leap day', () => {
    expect(oneYearEarlier(day('2028-02-29'))).toBe('2027-02-28');
    expect(oneYearEarlier(day('2027-09-15'))).toBe('2026-09-15');
  });

  it('adds and counts days the same way, also in the first century', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -700_000, max: 700_000 }),
        fc.integer({ min: -3000, max: 3000 }),
        (n, step) => {
          const start = addDays(day('1970-01-01'), n);
          fc.pre(parseDay(start) !== null && parseDay(addDays(start, step)) !== null);
          expect(daysBetween(start, addDays(start, step))).toBe(step);
          expect(dayNumber(start)).toBe(n);
        },
      ),
    );
  });
});

describe('a small amount', () => {
  it('is told in the unit in which it is measured: 0.0293 kg over ten metres was read on no scale', () => {
    const told = (value: number, unit: Unit) => {
      const one = inHandyUnit({ value, unit });
      return [Number(one.value.toPrecision(4)), one.unit];
    };
    expect(told(0.0293, 'kg')).toEqual([29.3, 'g']);
    expect(told(0.847, 'l')).toEqual([0.847, 'l']);
    expect(told(0.05, 'l')).toEqual([50, 'ml']);
    expect(told(0.25, 'lb')).toEqual([4, 'oz']);
    expect(told(0, 'kg')).toEqual([0, 'kg']);
    expect(told(0.001, 'ml')).toEqual([0.001, 'ml']);
  });
});
