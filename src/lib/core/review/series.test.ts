import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity, type CalendarDay } from '../units';
import { seriesOf, type SeriesReading } from '.';

const week = quantity(7, 'count');
const days = ['2027-09-01', '2027-09-08', '2027-09-15', '2027-09-22'] as string[] as CalendarDay[];
const series = (...counts: (number | null)[][]) =>
  seriesOf(counts.map((one, i): SeriesReading => ({ on: days[i] as CalendarDay, frame: week, counts: one })));

describe('readings of the same traps over weeks', () => {
  it('are none on one day alone', () => {
    expect(series([12, 3, 0])).toBeNull();
    const twice = { on: days[0] as CalendarDay, frame: week, counts: [1, 2] };
    expect(seriesOf([twice, twice])).toBeNull();
  });

  it('fall from 16 by 9 to 2: worked by hand, z = −3.30', () => {
    // Shares of a third, days 0, 7, 14: U = 7·(9 − 9) + 14·(2 − 9) = −98; Var = 27·(81.667 − 49) = 882, widened by Pearson’s
    // chi-squared of the traps over its 4 degrees of freedom, which is under 1 here; z = −98 ÷ 29.7 = −3.30.
    const told = series([11, 3, 2], [6, 2, 1], [2, 0, 0]);
    expect(told).toMatchObject({ trend: 'falling', noughts: 0 });
    expect(told?.readings.map(({ total }) => total)).toEqual([16, 9, 2]);
    // Three traps for seven nights each.
    expect(told?.readings[0]?.mean).toBeCloseTo(16 / 21, 9);
    expect(series([2, 0, 0], [6, 2, 1], [11, 3, 2])?.trend).toBe('rising');
  });

  it('tell nothing by few, and no more than chance by a little', () => {
    expect(series([4, 1, 0], [2, 1, 1])?.trend).toBe('too-few');
    expect(series([8, 7, 9], [7, 9, 6])?.trend).toBe('level');
  });

  it('are not carried by one trap beside a nest: 2, then 20, all of it at one of four', () => {
    // Without the traps it would be a rise by z = 2.58; they go so far apart that it is none.
    expect(series([5, 5, 5, 5], [0, 0, 0, 40])?.trend).toBe('level');
    expect(series([5, 5, 5, 5], [10, 9, 11, 10])?.trend).toBe('rising');
  });

  it('go by nights: half as many in half the time is no fall', () => {
    const half = seriesOf([
      { on: days[0] as CalendarDay, frame: quantity(14, 'count'), counts: [20, 20] },
      { on: days[1] as CalendarDay, frame: week, counts: [10, 10] },
    ]);
    expect(half?.trend).toBe('level');
    expect(half?.readings[1]?.mean).toBeCloseTo(half?.readings[0]?.mean ?? NaN, 9);
  });

  it('name the few traps that hold nearly all, and those that never held any', () => {
    const told = series([9, 0, 0, 1, 0, 0], [14, 0, 0, 0, 0, 0], [22, 1, 0, 0, 0, 0]);
    expect(told).toMatchObject({ hot: [1], idle: [3, 5, 6] });
    // Where all hold some, none is named; what was read twice only is not called idle.
    expect(series([4, 5, 4], [5, 4, 5])?.hot).toEqual([]);
    expect(series([4, 0, 4], [5, 0, 5])?.idle).toEqual([]);
  });

  it('count noughts in a row from the end, and what nobody read is none', () => {
    expect(series([3, 9], [0, 0], [0, 0])?.noughts).toBe(2);
    expect(series([3, 9], [0, 0], [null, null])?.noughts).toBe(0);
    expect(series([0, 0], [0, 0])?.noughts).toBe(2);
  });

  it('say the same in whatever order they are typed, and never of a trap that is not there', () => {
    const reading = fc.array(fc.option(fc.nat(40), { nil: null }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(fc.array(reading, { minLength: 2, maxLength: 4 }), (counts) => {
        const all = counts.map((one, i): SeriesReading => ({
          ...{ on: days[i] as CalendarDay, frame: week, counts: one },
        }));
        const told = seriesOf(all);
        expect(seriesOf([...all].reverse())).toEqual(told);
        const most = Math.max(...counts.map((one) => one.length));
        for (const number of [...(told?.hot ?? []), ...(told?.idle ?? [])]) {
          expect(number).toBeGreaterThan(0);
          expect(number).toBeLessThanOrEqual(most);
        }
      }),
    );
  });
});
