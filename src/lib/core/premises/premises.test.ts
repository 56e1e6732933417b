import { describe, expect, it } from 'vitest';
import { addDays, type CalendarDay } from '../units';
import { ASKED_AGAIN_AFTER_DAYS, factOn, isDue, NOTHING_ASKED } from './premises';

const ASKED = '2027-03-01' as CalendarDay;
const home = { answers: { cats: 'yes', fish: 'no' }, askedOn: ASKED } as const;

describe('what was asked of a place', () => {
  it('holds for a season, to the day', () => {
    expect(factOn(home, 'fish', addDays(ASKED, ASKED_AGAIN_AFTER_DAYS))).toBe('no');
    expect(factOn(home, 'fish', addDays(ASKED, ASKED_AGAIN_AFTER_DAYS + 1))).toBe('unknown');
    expect(isDue(home, addDays(ASKED, ASKED_AGAIN_AFTER_DAYS))).toBe(false);
  });

  it('keeps a yes after it, since nobody said that the cat is gone', () => {
    expect(factOn(home, 'cats', addDays(ASKED, 1000))).toBe('yes');
  });

  it('is not known where nobody was asked', () => {
    expect(factOn(home, 'wells', ASKED)).toBe('unknown');
    expect(factOn(NOTHING_ASKED, 'cats', ASKED)).toBe('unknown');
    expect(isDue(NOTHING_ASKED, ASKED)).toBe(true);
  });
});
