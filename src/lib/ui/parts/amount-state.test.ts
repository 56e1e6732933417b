import { describe, expect, it } from 'vitest';
import { converted, turned } from './amount-state';

describe('another unit for an amount', () => {
  it('converts the number and tells what it was; turned back it is what was typed', () => {
    const first = turned({ number: 12, unit: 'm' }, 'ft', null, true);
    expect(first).toEqual({ number: 39.3701, was: { number: 12, unit: 'm' } });
    expect(turned({ number: 39.3701, unit: 'ft' }, 'm', first.was, true)).toEqual({ number: 12, was: null });
  });
  it('lets the number go where the two measure different things', () => {
    expect(turned({ number: 5, unit: 'g' }, 'ml', null, true)).toEqual({
      number: null,
      was: { number: 5, unit: 'g' },
    });
  });
  it('never keeps the number of another unit that was known: 1 fl oz is 29.6 ml', () => {
    expect(turned({ number: 1, unit: 'floz' }, 'ml', null, true).number).toBeCloseTo(29.5735, 4);
  });
  it('gives a number that was just typed the unit that is chosen for it, and says what it stood beside', () => {
    expect(turned({ number: 0.4, unit: 'ml' }, 'floz', null, false)).toEqual({
      number: 0.4,
      was: { number: 0.4, unit: 'ml' },
    });
    expect(converted({ number: 0.4, unit: 'ml' }, 'floz')).toBeCloseTo(0.0135256, 7);
  });
  it('changes nothing where the same unit is chosen again', () => {
    expect(turned({ number: 3, unit: 'g' }, 'g', null, true)).toEqual({ number: 3, was: null });
  });
});
