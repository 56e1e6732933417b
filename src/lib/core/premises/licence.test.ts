import { describe, expect, it } from 'vitest';
import type { CalendarDay } from '../units';
import { isValidOn, licenceLack, type Licence } from './licence';

const LICENCE: Licence = {
  ...{ category: 'Structural pests', covers: ['household'], number: 'OST-3317', by: 'Ostermere district' },
  until: '2027-09-15' as CalendarDay,
};
const on = (day: string, change: Partial<Licence> = {}): boolean =>
  isValidOn({ ...LICENCE, ...change }, day as CalendarDay);

describe('a licence', () => {
  it('holds to the end of its last day, and not a day longer', () => {
    expect([on('2027-09-14'), on('2027-09-15'), on('2027-09-16')]).toEqual([true, true, false]);
  });

  it('needs a number and somebody who gave it: any text in a box is none', () => {
    expect([on('2027-09-01', { number: '' }), on('2027-09-01', { by: '' })]).toEqual([false, false]);
    expect(isValidOn(null, '2027-09-01' as CalendarDay)).toBe(false);
  });

  it('holds for good where it states no last day', () => {
    expect(on('2040-01-01', { until: null })).toBe(true);
  });

  it('opens the work of its own category alone, and says what is lacking else', () => {
    const at = '2027-09-01' as CalendarDay;
    expect(licenceLack(LICENCE, at, ['household', 'health'])).toBeNull();
    expect(licenceLack(LICENCE, at, ['wood'])).toBe('other-work');
    expect(licenceLack({ ...LICENCE, covers: [] }, at, ['household'])).toBe('other-work');
    expect(licenceLack(LICENCE, '2027-09-16' as CalendarDay, ['household'])).toBe('run-out');
    expect(licenceLack(null, at, ['household'])).toBe('none');
  });
});
