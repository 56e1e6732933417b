import { describe, expect, it } from 'vitest';
import { trimPass } from '../clip';
import type { Ring } from '../geometry';
import { bandMeasured } from './ground-of';
import { lanesOn as lanesWith } from './kept-lanes';

const PLACE = { swathM: 1.5, overlap: 0, direction: 0, start: 'this-end' } as const;
const lanesOn = (...[rings, place, square]: readonly [Ring[], Parameters<typeof lanesWith>[1], boolean]) =>
  lanesWith(rings, place, square, trimPass);
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
  it('once round the edge first are as much to walk: 24 × 14 m by 2 m are 68 m round and five lanes of 20', () => {
    const lawn: Ring[] = [[[0, 0], [24, 0], [24, 14], [0, 14]]]; // prettier-ignore
    const trim = { ...PLACE, swathM: 2, edges: 'trim' } as const;
    const lanes = lanesOn(lawn, trim, false) ?? expect.fail('no lanes');
    expect([Math.round(lanes.trimLength), lanes.lineCount]).toEqual([68, 5]);
    expect(lanes.sprayedLength).toBeCloseTo(168, 1);
    // Both of two crossed passes go round: the edge gets as much as the middle.
    expect(lanesOn(lawn, trim, true)?.trimLength).toBeCloseTo(lanes.trimLength, 9);
    // Where what draws the pass is not there yet, no other lanes are shown in its place.
    expect(lanesWith([...lawn], trim, false, undefined)).toBeNull();
  });
  it('are none where the settings are none', () => {
    expect(lanesOn(lawns, { ...PLACE, swathM: 0 }, false)).toBeNull();
  });
});

describe('how far a band goes up and out', () => {
  const edge = (unit: 'm' | 'ft') =>
    ({ how: 'edges', unit, edge: { run: 30, hard: 0, up: 2, out: 3, wallAboveHard: false } }) as never;
  it('is told in metres, by feet as by metres, by hand as on the plan', () => {
    expect(bandMeasured(edge('m'))).toEqual({ upM: 2, outM: 3 });
    expect(bandMeasured(edge('ft')).upM).toBeCloseTo(0.6096, 9);
    expect(bandMeasured({ how: 'plan', unit: 'ft', plan: { upM: 0.6, outM: 0.9 } } as never)).toEqual({
      upM: 0.6,
      outM: 0.9,
    });
    expect(bandMeasured(undefined)).toEqual({ upM: 0, outM: 0 });
  });
});
