import { describe, expect, it } from 'vitest';
import { atOneScale } from './one-scale';

const drawn = (id: string, lengthMm: number, span = 112) => ({ id, title: id, lengthMm, span });

describe('two drawings at one scale', () => {
  it('are as wide as a millimetre is long in both: 14 mm beside 38 over the same units', () => {
    // 220 px for the larger, 220 × 14 ÷ 38 = 81 for the other.
    expect(atOneScale(drawn('german', 14), drawn('american', 38))?.map(({ width }) => width)).toEqual([
      81, 220,
    ]);
  });
  it('mind that a broad body is drawn smaller: 10 mm over 80 units and 14 over 112 are alike', () => {
    expect(atOneScale(drawn('a', 10, 80), drawn('b', 14, 112))).toBeNull();
  });
  it('are not shown where one is a speck beside the other', () => {
    expect(atOneScale(drawn('mite', 0.3), drawn('beetle', 13))).toBeNull();
  });
});
