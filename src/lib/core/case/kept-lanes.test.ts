import { describe, expect, it } from 'vitest';
import type { Ring } from '../geometry';
import { lanesOn } from './kept-lanes';

const PLACE = { swathM: 1.5, overlap: 0, direction: 0, start: 'this-end' } as const;
/** 129 round lawns, as the lawns of a large plan lie. */
const lawns: Ring[] = Array.from({ length: 129 }, (_, i) =>
  Array.from({ length: 17 }, (__, k) => {
    const angle = (2 * Math.PI * k) / 17;
    return [(i % 20) * 10 + 4 * Math.cos(angle), Math.floor(i / 20) * 10 + 4 * Math.sin(angle)];
  }),
);

describe('lanes of a drawn ground', () => {
  it('cover each of 129 lawns, and are laid once for the same settings: a key at Mix waited 2.7 s for them', () => {
    const first = lanesOn(lawns, PLACE, false) ?? expect.fail('no lanes');
    expect(first.coveredPct).toBeGreaterThanOrEqual(99.5);
    // Eight metres by a swath of 1.5 are six lines on each.
    expect(first.lineCount).toBe(129 * 6);
    expect(lanesOn(lawns, { ...PLACE }, false)).toBe(first);
    expect(lanesOn(lawns, PLACE, true)).not.toBe(first);
    expect(lanesOn(lawns, { ...PLACE, overlap: 0.25 }, false)).not.toBe(first);
    expect(lanesOn([...lawns], PLACE, false)).not.toBe(first);
  });
  it('are forgotten where others came after them, and laid again alike', () => {
    const lawn: Ring[] = lawns.slice(0, 1);
    const first = lanesOn(lawn, PLACE, false);
    for (let i = 1; i <= 12; i++) lanesOn(lawn, { ...PLACE, swathM: 1.5 + i / 10 }, false);
    const again = lanesOn(lawn, PLACE, false);
    expect(again).not.toBe(first);
    expect(again).toEqual(first);
  });
  it('are none where the settings are none', () => {
    expect(lanesOn(lawns, { ...PLACE, swathM: 0 }, false)).toBeNull();
  });
});
