import { describe, expect, it } from 'vitest';
import { OUTSIDE } from '../core/record';
import { outsideText } from './outside';
import { PLAIN_MANNER, showIn } from './show';

const FACTS = {
  ...{ rate: 375.25, most: 125, least: 40, unit: 'ml', per: 1000, perUnit: 'm2', done: 126, planned: 42 },
  ...{ is: 25, lot: 'T27-2', used: 126, left: 90, until: '2027-08-01', last: '2027-09-05', wanted: 21 },
  ...{ days: 11, count: 2, number: 'OST-9', lack: 'none' },
};
const german = showIn({ ...PLAIN_MANNER, numbers: '1.234,5' });

describe('what lay outside the label or the plan', () => {
  it.each(OUTSIDE)('%s is a sentence with its figures', (code) => {
    for (const show of [showIn(PLAIN_MANNER), german]) {
      const text = outsideText({ code, facts: FACTS }, show);
      expect(text).toMatch(/^[A-Z0-9].*\.$/);
      expect(text).not.toMatch(/undefined|NaN|\[object/);
    }
  });

  it('is told in the manner of whoever reads', () => {
    expect(outsideText({ code: 'above-most', facts: FACTS }, german)).toBe(
      '375 ml for 1.000 m² went down; the label’s most is 125 ml.',
    );
    expect(outsideText({ code: 'care-open', facts: { count: 1 } }, german)).toBe('A Care was not ticked.');
  });

  it('says what the licence lacked, and of entries from before only that there was none', () => {
    const said = (facts: Record<string, string>): string =>
      outsideText({ code: 'no-licence', facts }, showIn(PLAIN_MANNER));
    expect(said({ lack: 'run-out', until: '2027-09-08' })).toContain('ran out on');
    expect(said({ lack: 'other-work', wanted: 'turf,health' })).toContain(
      'does not cover lawns and plants, or insects that bite, sting or carry disease.',
    );
    expect(said({})).toBe('This is work for licensed people alone, and no licence is written down.');
  });
});
