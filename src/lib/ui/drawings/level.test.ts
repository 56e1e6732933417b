import { describe, expect, it } from 'vitest';
import { quantity } from '../../core/units';
import { DEFAULT_SETTINGS } from '../../forms';
import { showIn } from '../../words';
import { levelText } from './level';

const us = showIn({ ...DEFAULT_SETTINGS, units: 'us' });
const german = showIn({ ...DEFAULT_SETTINGS, numbers: '1.234,5' });

describe('the line to which a tank is filled', () => {
  it('is told to the marks that a tank of its size has as a rule', () => {
    expect(levelText(quantity(2.45, 'gal'), quantity(4, 'gal'), us)).toBe('2 1/2 gal (US)');
    // The water before the product is halfway, more or less.
    expect(levelText(quantity(2.337, 'gal'), quantity(4, 'gal'), us, { rough: true })).toBe('2 1/2 gal (US)');
    expect(levelText(quantity(7.13, 'l'), quantity(15, 'l'), german)).toBe('7 l');
  });

  it('is told to the marks that were typed for it, finer or coarser', () => {
    expect(levelText(quantity(2.337, 'gal'), quantity(4, 'gal'), us, { mark: 0.25 })).toBe('2 1/4 gal (US)');
    expect(levelText(quantity(7.13, 'l'), quantity(15, 'l'), german, { mark: 0.1 })).toBe('7,1 l');
    expect(levelText(quantity(9.8, 'l'), quantity(15, 'l'), german, { mark: 5 })).toBe('10 l');
  });

  it('lies between two marks where the nearest one would make another mix', () => {
    expect(levelText(quantity(7.13, 'l'), quantity(15, 'l'), german, { mark: 5 })).toBe(
      '7 l, between two marks',
    );
    expect(levelText(quantity(0.3, 'l'), quantity(15, 'l'), german)).toBe('0,3 l, between two marks');
  });

  it('is read in the vessel’s own unit, whatever the mix was reckoned in', () => {
    expect(levelText(quantity(9.463, 'l'), quantity(4, 'gal'), us, { mark: 0.5 })).toBe('2 1/2 gal (US)');
  });

  it('is told as it is where it is no volume, or the vessel has no marks', () => {
    expect(levelText(quantity(120, 'g'), quantity(15, 'l'), german, { mark: 0.5 })).toBe('120 g');
    expect(levelText(quantity(0.0123, 'm3'), quantity(2, 'm3'), german)).toContain('m³');
  });
});
