import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { stockOf, wholePacks } from '.';

describe('packs of nematodes', () => {
  it('are opened whole where the label’s most lets them: 336 m² at 50 to 75 million for 100 m² are 4 packs of 50', () => {
    expect(wholePacks({ need: 168, least: 168, most: 252, pack: 50 })).toEqual({
      packs: 4,
      laid: 200,
      whole: true,
    });
    // 60 to 70 of packs of 50: two are too many, one is too few, so part of two.
    expect(wholePacks({ need: 60, least: 60, most: 70, pack: 50 })).toEqual({
      packs: 2,
      laid: 60,
      whole: false,
    });
    // A higher rate than the least was chosen: one pack fewer still reaches it.
    expect(wholePacks({ need: 110, least: 100, most: 120, pack: 50 })).toEqual({
      packs: 2,
      laid: 100,
      whole: true,
    });
    expect(wholePacks({ need: 0, least: 0, most: 0, pack: 50 })).toEqual({ packs: 0, laid: 0, whole: true });
  });
  it('make so much stock, and each fill gets of it by its share', () => {
    const stock = stockOf({ packs: 4, laid: 200, whole: true }, 50, 5, [90, 90, 20]);
    expect(stock).toEqual({ packs: 4, litres: 20, share: 1, fills: [9, 9, 2] });
    expect(stockOf({ packs: 2, laid: 60, whole: false }, 50, 5, [60])).toEqual({
      ...{ packs: 2, litres: 10, share: 0.6, fills: [6] },
    });
  });
  it('never pass the most by being whole, never fall under the least, and hold what goes down', () => {
    const amounts = fc.record({
      need: fc.double({ min: 0.1, max: 5000, noNaN: true }),
      down: fc.double({ min: 0.3, max: 1, noNaN: true }),
      up: fc.double({ min: 1, max: 3, noNaN: true }),
      pack: fc.double({ min: 0.5, max: 500, noNaN: true }),
    });
    fc.assert(
      fc.property(amounts, ({ need, down, up, pack }) => {
        const [least, most] = [need * down, need * up];
        const { packs, laid, whole } = wholePacks({ need, least, most, pack });
        expect(laid).toBeLessThanOrEqual(most * (1 + 1e-6));
        expect(laid).toBeGreaterThanOrEqual(least * (1 - 1e-6));
        expect(laid).toBeLessThanOrEqual(packs * pack * (1 + 1e-6));
        if (whole) expect(laid).toBeCloseTo(packs * pack, 6);
        else expect(laid).toBe(need);
      }),
    );
  });
});
