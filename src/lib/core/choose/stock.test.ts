import { describe, expect, it } from 'vitest';
import { parseDay, type CalendarDay } from '../units';
import { stockState, usableUntil } from '.';

const day = (text: string): CalendarDay => parseDay(text) ?? expect.fail(text);
const none = { expiresOn: null, boughtOn: null, openedOn: null };
const card = { openedDays: 2, shelfLifeMonths: 1 };

describe('how long a container may be used', () => {
  it('goes by the date on it, or less once it is opened', () => {
    const container = { ...none, expiresOn: day('2027-10-01') };
    expect(usableUntil(container, card)).toBe('2027-10-01');
    expect(usableUntil({ ...container, openedOn: day('2027-09-14') }, card)).toBe('2027-09-16');
    expect(usableUntil({ ...container, openedOn: day('2027-09-30') }, card)).toBe('2027-10-01');
  });
  it('goes by the shelf life where no date is on it, and by nothing where nothing is known', () => {
    expect(usableUntil({ ...none, boughtOn: day('2027-09-01') }, card)).toBe('2027-10-01');
    expect(usableUntil(none, card)).toBeNull();
    expect(
      usableUntil({ ...none, openedOn: day('2027-09-01') }, { openedDays: null, shelfLifeMonths: 1 }),
    ).toBeNull();
  });
});

describe('how a container stands', () => {
  const today = day('2027-09-15');
  const of = (left: number, until: string | null) => ({
    left: { value: left, unit: 'ml' as const },
    size: { value: 100, unit: 'ml' as const },
    until: until === null ? null : day(until),
  });
  it.each([
    [of(0, '2027-01-01'), false, 'empty'],
    [of(90, '2027-09-14'), false, 'expired'],
    [of(90, '2027-09-15'), false, 'expiring'],
    [of(90, '2027-10-15'), false, 'expiring'],
    [of(90, '2027-10-16'), false, 'good'],
    [of(90, '2027-10-01'), true, 'good'],
    [of(90, '2027-09-25'), true, 'expiring'],
    [of(25, null), false, 'low'],
    [of(26, null), false, 'good'],
  ] as const)('%#: %o', (container, living, state) => {
    expect(stockState(container, living, today)).toBe(state);
  });
});
