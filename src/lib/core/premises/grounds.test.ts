import { describe, expect, it } from 'vitest';
import { groundCalled, mayOverlap, type NamedGround } from '.';
import type { CalendarDay } from '../units';

const day = (text: string): CalendarDay => text as CalendarDay;
const named = (name: string, since = '2027-01-01'): NamedGround => ({ name, since: day(since), by: 'R.' });
const known = [named('Front lawn'), named('Back lawn', '2027-06-01')];

describe('grounds of a property', () => {
  it('are known by their names however they are typed', () => {
    expect(groundCalled(known, '  front   LAWN ')?.name).toBe('Front lawn');
    expect(groundCalled(known, 'front garden')).toBeNull();
    expect(groundCalled(known, '')).toBeNull();
  });
  it('lie apart only where the property knew both by the day', () => {
    expect(mayOverlap(known, 'front lawn', 'back lawn', day('2027-07-01'))).toBe(false);
    // What went down before the back lawn had its name may have gone anywhere.
    expect(mayOverlap(known, 'front lawn', 'back lawn', day('2027-05-01'))).toBe(true);
    expect(mayOverlap(known, 'front lawn', 'front lawn', day('2027-07-01'))).toBe(true);
  });
  it('are freed of nothing by a name that nobody knows, nor by none', () => {
    for (const other of ['lawn in front', undefined, ''])
      expect(mayOverlap(known, 'front lawn', other, day('2027-07-01'))).toBe(true);
    expect(mayOverlap(known, 'lawn in front', 'back lawn', day('2027-07-01'))).toBe(true);
    expect(mayOverlap([], 'front lawn', 'back lawn', day('2027-07-01'))).toBe(true);
  });
});
