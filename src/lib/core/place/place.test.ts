import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkpointsOf, rectangleLanes } from '.';

describe('lanes over a rectangle', () => {
  it('are as many as the swath needs, evenly apart, every other one backwards', () => {
    const result = rectangleLanes({ lengthM: 24, widthM: 14, swathM: 2, overlap: 0, direction: 0 });
    if ('refused' in result) return expect.fail('refused');
    expect(result.ok.lanes).toHaveLength(7);
    expect(result.ok.lanes[0]).toEqual([0, 1, 24, 1]);
    expect(result.ok.lanes[1]).toEqual([24, 3, 0, 3]);
    expect(result.ok.sprayedM).toBe(168);
    expect(result.ok.pathM).toBeCloseTo(180, 9);
  });

  it('cover every place of it, checked on a grid', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0.5, max: 5, noNaN: true }),
        fc.constantFrom(0, 0.1, 0.5),
        fc.constantFrom(0, 90) as fc.Arbitrary<0 | 90>,
        (lengthM, widthM, swathM, overlap, direction) => {
          const result = rectangleLanes({ lengthM, widthM, swathM, overlap, direction });
          if ('refused' in result) return expect.fail('refused');
          const across = direction === 0 ? widthM : lengthM;
          const lines = result.ok.lanes.map((lane) => (direction === 0 ? lane[1] : lane[0]));
          for (let i = 0; i <= 50; i++) {
            const at = (across * i) / 50;
            expect(lines.some((line) => Math.abs(line - at) <= swathM / 2 + 1e-6)).toBe(true);
          }
        },
      ),
    );
  });

  it('are refused without a swath and with an overlap of the whole swath', () => {
    const base = { lengthM: 10, widthM: 10, direction: 0 } as const;
    expect(rectangleLanes({ ...base, swathM: 0, overlap: 0 })).toMatchObject({
      refused: [{ path: 'swathM' }],
    });
    expect(rectangleLanes({ ...base, swathM: 1, overlap: 1 })).toMatchObject({
      refused: [{ path: 'overlap' }],
    });
    expect(rectangleLanes({ ...base, swathM: 0.001, overlap: 0.9 })).toMatchObject({
      refused: [{ facts: { expected: 'at-most' } }],
    });
  });

  it('have their half-way mark at half of the lanes', () => {
    const result = rectangleLanes({ lengthM: 24, widthM: 14, swathM: 2, overlap: 0, direction: 0 });
    if ('ok' in result) expect(checkpointsOf(result.ok)[1]).toEqual({ share: 0.5, lane: 3, along: 0.5 });
    expect('ok' in result).toBe(true);
  });
});
