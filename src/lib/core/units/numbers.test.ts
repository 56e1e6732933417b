import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  dayEntry,
  entryText,
  NUMBER_MANNERS,
  readClock,
  readDay,
  readNumber,
  readQuantity,
  readTyped,
  writeNumber,
  type CalendarDay,
  type NumberManner,
} from '.';

const [US, DE, FR] = NUMBER_MANNERS;
const number = (text: string, manner: NumberManner): number | string => {
  const read = readNumber(text, manner);
  return read.kind === 'number'
    ? read.value
    : read.kind === 'ambiguous'
      ? read.readings.join(' or ')
      : read.kind;
};

describe('a number as a person types it', () => {
  it.each([
    ['12,5', US, 12.5],
    ['12,5', DE, 12.5],
    ['12.5', DE, 12.5],
    ['1,250', US, 1250],
    ['1.250', DE, 1250],
    ['1\u202f250', FR, 1250],
    ['1 250', DE, 1250],
    ['1.250', US, '1.25 or 1250'],
    ['1,250', DE, '1.25 or 1250'],
    ['1.250', FR, '1.25 or 1250'],
    ['-1.250', US, '-1.25 or -1250'],
    ['1,234.5', DE, 1234.5],
    ['1.234,5', US, 1234.5],
    ['1.234.567', US, 1234567],
    ['0.250', US, 0.25],
    ['0,125', DE, 0.125],
    ['1234.567', US, 1234.567],
    ['.5', US, 0.5],
    [',5', DE, 0.5],
    ['12,', DE, 12],
    ['1 1/2', US, 1.5],
    ['3/4', DE, 0.75],
    ['¾', US, 0.75],
    ['2¾', FR, 2.75],
    ['−3', US, -3],
    ['1e-7', US, 1e-7],
    ['', US, 'blank'],
    ['  ', DE, 'blank'],
    ['12 5', US, 'unreadable'],
    ['1,2,3', US, 'unreadable'],
    ['1.2.3', DE, 'unreadable'],
    ['5 ml', US, 'unreadable'],
    ['1/0', US, 'unreadable'],
    ['.', US, 'unreadable'],
  ] as const)('%s in %s is %s', (text, manner, is) => expect(number(text, manner)).toBe(is));

  it('is refused where it is longer than any number, before anything looks at it', () => {
    const long = '1'.repeat(4_000_000);
    const started = performance.now();
    expect(readNumber(long, US)).toEqual({ kind: 'unreadable' });
    expect(readQuantity(`${long} ml`, US, 'ml')).toEqual({ kind: 'unreadable' });
    // A second is a thousand times what it takes, and a thousandth of what a pattern that goes back took.
    expect(performance.now() - started).toBeLessThan(1000);
  });

  it('is read back as the same number from a field, in every manner', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.double({ min: -1e12, max: 1e12, noNaN: true }),
          fc.integer({ min: -9_999_999, max: 9_999_999 }).map((n) => n / 1000),
        ),
        fc.constantFrom(...NUMBER_MANNERS),
        (value, manner) => {
          fc.pre(Math.abs(value) >= 1e-12 || value === 0);
          const text = entryText(value, manner);
          fc.pre(text.length <= 40);
          expect(readNumber(text, manner)).toEqual({ kind: 'number', value: value === 0 ? 0 : value });
        },
      ),
      { numRuns: 4000 },
    );
  });

  it('is read back from what is written for reading, in every manner', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -99_999_999, max: 99_999_999 }),
        fc.constantFrom(0, 1, 2),
        fc.constantFrom(...NUMBER_MANNERS),
        (whole, decimals, manner) => {
          const value = whole / 10 ** decimals;
          expect(readNumber(writeNumber(value, manner, decimals), manner)).toEqual({
            kind: 'number',
            value: value === 0 ? 0 : value,
          });
        },
      ),
      { numRuns: 2000 },
    );
  });
});

describe('an amount as a person types or pastes it', () => {
  const ft = (text: string) => readQuantity(text, US, 'ft');
  const is = (value: number, unit: string) => ({ kind: 'quantity', quantity: { value, unit } });
  it.each([
    [`5'6"`, is(5.5, 'ft')],
    [`5' 6 1/2"`, is(5 + 6.5 / 12, 'ft')],
    ['5 ft 6 in', is(5.5, 'ft')],
    ['6"', is(6, 'in')],
    ['12', is(12, 'ft')],
    ['3,5 m', is(3.5, 'm')],
  ])('%s is a length', (text, read) => expect(ft(text)).toMatchObject(read));
  it.each([
    ['30 ft x 25 ft', is(750, 'ft2')],
    ['30 x 25', is(750, 'ft2')],
    ['30 x 25 ft', is(750, 'ft2')],
    ['10 m × 4 m', is(40, 'm2')],
    ['0.5 acre', is(0.5, 'acre')],
    ['1,200 sq ft', is(1200, 'ft2')],
    ['1,200 sq. ft.', is(1200, 'ft2')],
  ])('%s is an area', (text, read) => expect(readQuantity(text, US, 'ft2')).toMatchObject(read));
  it('knows a fluid ounce where only fluids are measured, and a UK gallon where those are used', () => {
    expect(readQuantity('2 oz', US, 'floz')).toMatchObject(is(2, 'floz'));
    expect(readQuantity('2 oz', US, 'ml')).toMatchObject(is(2, 'floz'));
    expect(readQuantity('2 oz', US, 'g')).toMatchObject(is(2, 'oz'));
    expect(readQuantity('2 gal', US, 'gal_uk')).toMatchObject(is(2, 'gal_uk'));
  });
  it('names a unit that measures something else, and asks where the number is doubtful', () => {
    expect(readQuantity('5 kg', US, 'ft')).toEqual({ kind: 'other-unit', seen: 'kg' });
    expect(readQuantity('5 bananas', US, 'ft')).toEqual({ kind: 'other-unit', seen: 'bananas' });
    expect(readQuantity('1.250 ft', US, 'ft')).toMatchObject({ kind: 'ambiguous' });
    expect(readQuantity('__proto__', US, 'ft')).toMatchObject({ kind: 'unreadable' });
  });
  it('is told in the unit of its field', () => {
    expect(readTyped('12 ft', DE, 'm')).toEqual({
      kind: 'number',
      value: 3.6576,
      typed: { value: 12, unit: 'ft' },
    });
    expect(readTyped('10 mph', US, 'km/h')).toMatchObject({ value: 16.09344 });
    expect(readTyped('12', US, 'per ft2')).toMatchObject({ value: 12, typed: null });
  });
});

describe('a day and a time as a person types them', () => {
  const today = '2027-09-15' as CalendarDay;
  it.each([
    ['15 Sep 2027', 'day-month', '2027-09-15'],
    ['Wed 15 September', 'day-month', '2027-09-15'],
    ['Sep 15', 'month-day', '2027-09-15'],
    ['September 15th, 2026', 'month-day', '2026-09-15'],
    ['15.9.27', 'day-month', '2027-09-15'],
    ['9/15/2027', 'month-day', '2027-09-15'],
    ['2027-09-15', 'day-month', '2027-09-15'],
    ['27-9-15', 'year-month-day', '2027-09-15'],
    ['150927', 'day-month', '2027-09-15'],
    ['09152027', 'month-day', '2027-09-15'],
    ['today', 'day-month', '2027-09-15'],
    ['yesterday', 'month-day', '2027-09-14'],
    ['31 Jan', 'day-month', '2028-01-31'],
    ['31 Feb 2027', 'day-month', null],
    ['15/09/2027', 'month-day', null],
    ['soon', 'day-month', null],
    ['', 'day-month', null],
  ] as const)('%s in %s is %s', (typed, order, day) => expect(readDay(typed, order, today)).toBe(day));
  it('stands in its field as it is read back', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1990-01-01'), max: new Date('2090-12-31'), noInvalidDate: true }),
        fc.constantFrom('day-month' as const, 'month-day' as const, 'year-month-day' as const),
        (date, order) => {
          const day = date.toISOString().slice(0, 10);
          expect(readDay(dayEntry(day, order), order, today)).toBe(day);
        },
      ),
    );
  });
  it.each([
    ['6:30', '06:30'],
    ['0630', '06:30'],
    ['6.30 pm', '18:30'],
    ['12 am', '00:00'],
    ['12pm', '12:00'],
    ['18', '18:00'],
    ['24:00', null],
    ['6:75', null],
    ['13 pm', null],
    ['noon', null],
  ])('%s is %s', (typed, time) => expect(readClock(typed)).toBe(time));
});
