import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { groundOf, offset, trimPass } from '../clip';
import { areaOf, boxOf, circleRing, isInside, piecesOf, type Point, type Rings } from '../geometry';
import {
  lanesOver,
  lanesOverPieces,
  placeAt,
  quarterMarks,
  refillPoints,
  type Lanes,
  type LanesOver,
} from '.';

const rectangle = (w: number, h: number, x = 0, y = 0): Point[] => [
  [x, y],
  [x + w, y],
  [x + w, y + h],
  [x, y + h],
];
const ground = (outline: readonly Point[], holes: readonly (readonly Point[])[] = []): Rings => {
  const made = groundOf(outline, holes);
  return 'ok' in made ? made.ok : expect.fail(made.refused[0]?.code);
};
const over = (figure: Rings, more: Partial<LanesOver> = {}): Lanes => {
  const made = lanesOver({
    ...{ figure, swath: 2, overlap: 0, direction: 'auto', edges: 'cover', trim: null },
    ...more,
  });
  return 'ok' in made ? made.ok : expect.fail(made.refused[0]?.code);
};

describe('lanes', () => {
  it('over a rectangle are as many as the swath needs, every other one backwards', () => {
    const lanes = over(ground(rectangle(24, 14)));
    expect(lanes).toMatchObject({
      ...{ direction: 0, lineCount: 7, spacing: 2, trimLength: 0 },
      ...{ coveredPct: 100, doubledPct: 0, overPct: 0 },
    });
    expect(lanes.sprayedLength).toBeCloseTo(168, 9);
    expect(lanes.pathLength).toBeCloseTo(180, 9);
    expect(lanes.lanes[0]?.map((n) => Math.round(n * 1e6) / 1e6)).toEqual([0, 1, 24, 1]);
    expect(lanes.lanes[1]?.map((n) => Math.round(n * 1e6) / 1e6)).toEqual([24, 3, 0, 3]);
  });

  it('10 m wide with a swath of 3 m are four, 2.33 m apart: a fifth more goes down than on paper', () => {
    // By hand: (10 − 3) ÷ 3 → 3, and one: 4 lines, (10 − 3) ÷ 3 = 2.333 m; 4 × 3 ÷ 10 = 1.2 of the area sprayed.
    const lanes = over(ground(rectangle(20, 10)), { swath: 3, direction: 0 });
    expect(lanes.lineCount).toBe(4);
    expect(lanes.spacing).toBeCloseTo(7 / 3, 9);
    expect((lanes.sprayedLength * 3) / 200).toBeCloseTo(1.2, 9);
    expect([lanes.coveredPct, lanes.doubledPct]).toEqual([100, 20]);
  });

  it('leave a pond out, and cross it where they must go round it', () => {
    // 20 × 10 with a pond of 4 × 4 in the middle: lines at 1, 3, 5, 7, 9; those at 5 and its neighbours meet it.
    const lanes = over(ground(rectangle(20, 10), [rectangle(4, 4, 8, 3)]), { direction: 0 });
    expect(lanes.lineCount).toBe(5);
    // The lines at 3 and 7 touch it with half of their swath, and are walked through; that at 5 is cut in two.
    expect(lanes.lanes).toHaveLength(6);
    expect(lanes.coveredPct).toBe(100);
    // 2 × 4 × 1 m of the pond, of 184 m².
    expect(lanes.overPct).toBe(Math.round((8 / 184) * 1000) / 10);
    const kept = over(ground(rectangle(20, 10), [rectangle(4, 4, 8, 3)]), { direction: 0, edges: 'keep-in' });
    expect(kept.lanes).toHaveLength(8);
    expect(kept.overPct).toBe(0);
    expect(kept.coveredPct).toBe(Math.round((1 - 8 / 184) * 1000) / 10);
  });

  it('along the length of a narrow lawn that lies askew are found by themselves', () => {
    const turn = (30 * Math.PI) / 180;
    const askew = rectangle(30, 6).map(([x, y]): Point => [
      x * Math.cos(turn) - y * Math.sin(turn),
      x * Math.sin(turn) + y * Math.cos(turn),
    ]);
    const lanes = over(ground(askew));
    expect(lanes.direction).toBeCloseTo(30, 6);
    expect(lanes.lineCount).toBe(3);
  });

  it('after a pass along the edges fill what lies further in', () => {
    const figure = ground(rectangle(24, 14));
    const lanes = over(figure, { trim: trimPass(figure, 2, 0), direction: 0 });
    // The pass runs 1 m inside: 22 × 12, 68 m round; the rest is 20 × 10, five lines.
    expect(lanes.trimLength).toBeCloseTo(68, 2);
    expect(lanes.lineCount).toBe(5);
    expect(lanes.sprayedLength).toBeCloseTo(168, 2);
    expect(lanes.coveredPct).toBeGreaterThanOrEqual(99.9);
    expect([lanes.doubledPct, lanes.overPct]).toEqual([0, 0]);
  });

  it('are refused for what is no ground', () => {
    const code = (outline: Point[], holes: Point[][] = []) => {
      const made = groundOf(outline, holes);
      return 'refused' in made ? [made.refused[0]?.code, made.refused[0]?.path] : null;
    };
    expect(code([[0, 0], [1, 1]])).toEqual(['too-few-points', 'outline']); // prettier-ignore
    expect(code([[0, 0], [2, 2], [2, 0], [0, 2]])).toEqual(['polygon-crosses-itself', 'outline']); // prettier-ignore
    expect(code(rectangle(10, 10), [rectangle(2, 2, 9, 1)])).toEqual(['hole-outside', 'holes.0']);
    expect(code(rectangle(10, 10), [rectangle(10, 10)])).toEqual(['area-not-positive', 'outline']);
    const none = {
      figure: ground(rectangle(9, 9)),
      swath: 0,
      overlap: 0,
      direction: 0,
      edges: 'cover' as const,
    };
    expect(lanesOver({ ...none, trim: null })).toMatchObject({ refused: [{ path: 'swath' }] });
    expect(lanesOver({ ...none, trim: null, swath: 1, overlap: 1 })).toMatchObject({
      refused: [{ path: 'overlap' }],
    });
    expect(lanesOver({ ...none, trim: null, swath: 0.001 })).toMatchObject({
      refused: [{ facts: { expected: 'at-most', limit: 5000 } }],
    });
  });
});

describe('ground in several pieces', () => {
  const lake: Rings = [...ground(rectangle(14, 24)), ...ground(rectangle(17, 9, 15.5, -6))];
  it('has lanes for each piece by itself: nobody sprays from one lawn to the next', () => {
    // 14 × 24 m along its length: 14 ÷ 1.5, rounded up, 10 lines; 17 × 9 m: 6 lines.
    const made = lanesOverPieces({ figure: lake, swath: 1.5, overlap: 0, direction: 'auto', edges: 'cover' });
    const lanes = 'ok' in made ? made.ok : expect.fail('refused');
    expect(lanes.lineCount).toBe(16);
    expect(lanes.sprayedLength).toBeCloseTo(10 * 24 + 6 * 17, 6);
    expect([lanes.coveredPct, lanes.overPct]).toEqual([100, 0]);
    // Laid over both at once they would run over what lies between.
    expect(over(lake, { swath: 1.5 }).overPct).toBeGreaterThan(5);
  });
  it('is walked piece by piece, each along its own edges first', () => {
    const input = { figure: lake, swath: 1.5, overlap: 0, direction: 'auto', edges: 'cover' } as const;
    const made = lanesOverPieces(input, { trimPass });
    const lanes = 'ok' in made ? made.ok : expect.fail('refused');
    // 0.75 m inside: 2 × (12.5 + 22.5) and 2 × (15.5 + 7.5); within, 11 × 21 by 8 lines and 14 × 6 by 4.
    expect(lanes.trimLength).toBeCloseTo(70 + 46, 2);
    expect(lanes.lineCount).toBe(8 + 4);
    expect(lanes.trimAt).toEqual([0, 8]);
    expect(lanes.sprayedLength).toBeCloseTo(116 + 8 * 21 + 4 * 14, 2);
    // Half of 340 m: 70 round the first, then 100 of its lanes, four of 21 m and 16 m of the fifth.
    const half = placeAt(lanes, 0.5);
    expect([half.lane, Math.round(half.along * 21)]).toEqual([4, 16]);
    // The edges of the second piece come after all lanes of the first: 70 + 168 of 340 behind.
    expect(placeAt(lanes, 239 / 340).lane).toBe(-1);
    expect(placeAt(lanes, 237 / 340).lane).toBe(7);
    expect(lanes.pathLength).toBeGreaterThan(lanes.sprayedLength);
  });
  it('keeps the holes of each piece, and an island in a hole is a piece of its own', () => {
    const ring = (points: Point[], hole = false): Point[] => (hole ? [...points].reverse() : points);
    const figure: Rings = [
      ring(rectangle(30, 30)),
      ring(rectangle(20, 20, 5, 5), true),
      ring(rectangle(6, 6, 12, 12)),
      ring(rectangle(2, 2, 14, 14), true),
    ];
    expect(piecesOf(figure).map((piece) => [piece.length, areaOf(piece)])).toEqual([
      [2, 500],
      [2, 32],
    ]);
  });
});

describe('places on the way', () => {
  const lanes = over(ground(rectangle(24, 14)));
  it('are a quarter, half and three quarters of what is sprayed', () => {
    // Seven lanes of 24 m: half is the middle of the fourth, which is walked backwards.
    expect(quarterMarks(lanes)[1]).toMatchObject({ lane: 3, along: 0.5 });
    expect(quarterMarks(lanes)[1]?.at.map((n) => Math.round(n * 1e6) / 1e6)).toEqual([12, 7]);
    expect(placeAt(lanes, 1)).toMatchObject({ lane: 6, along: 1 });
  });
  it('where the next load is fetched follow from what each load covers', () => {
    expect(refillPoints(lanes, [96, 96, 144]).map(({ lane, along }) => [lane, Math.round(along * 100)])).toEqual([
      [2, 0],
      [4, 0],
    ].map(([lane = 0]) => [lane - 1, 100])); // prettier-ignore
    expect(refillPoints(lanes, [336])).toEqual([]);
  });
});

/** A star round the origin, every part of it wider than the swath, with holes. Shrunk and grown again, it has no thin parts. */
const grounds = fc
  .record({
    radii: fc.array(fc.double({ min: 6, max: 22, noNaN: true }), { minLength: 5, maxLength: 11 }),
    hole: fc.option(fc.double({ min: 0.5, max: 2.5, noNaN: true }), { nil: null }),
    at: fc.double({ min: 0, max: 360, noNaN: true }),
    swath: fc.double({ min: 0.8, max: 3, noNaN: true }),
    overlap: fc.constantFrom(0, 0.1, 0.3),
    direction: fc.oneof(fc.constant('auto' as const), fc.double({ min: 0, max: 179, noNaN: true })),
  })
  .map(({ radii, hole, at, swath, overlap, direction }) => {
    const star: Point[] = radii.map((r, i) => {
      const turn = (2 * Math.PI * i) / radii.length;
      return [r * Math.cos(turn), r * Math.sin(turn)];
    });
    const wide = offset(offset([star], -swath * 0.75), swath * 0.75)[0] ?? star;
    const turn = (at * Math.PI) / 180;
    const holes = hole === null ? [] : [circleRing([1.5 * Math.cos(turn), 1.5 * Math.sin(turn)], hole)];
    return { outline: wide, holes, swath, overlap, direction };
  })
  .filter(({ outline, holes }) => 'ok' in groundOf(outline, holes));

/** Halton's sequence: points that fill a square evenly, in no step with any lane. */
function halton(i: number, base: number): number {
  let [value, share] = [0, 1];
  for (let n = i; n > 0; n = Math.floor(n / base)) {
    share /= base;
    value += share * (n % base);
  }
  return value;
}
const SPECKS = Array.from({ length: 3_000 }, (_, i): Point => [halton(i + 1, 2), halton(i + 1, 3)]);

/** Specks over the ground, and how many passes lie over each: straight from what a pass is. */
function speckled(figure: Rings, lanes: Lanes, swath: number, trim: readonly Rings[]) {
  const box = boxOf(figure);
  let [inside, once, twice, outside] = [0, 0, 0, 0];
  for (const [u, v] of SPECKS) {
    const x = box.minX - swath + u * (box.maxX - box.minX + 2 * swath);
    const y = box.minY - swath + v * (box.maxY - box.minY + 2 * swath);
    let passes = trim.filter((rings) => isInside([x, y], rings)).length;
    for (const [x1, y1, x2, y2] of lanes.lanes) {
      const long = Math.hypot(x2 - x1, y2 - y1);
      const [ux, uy] = [(x2 - x1) / long, (y2 - y1) / long];
      const along = (x - x1) * ux + (y - y1) * uy;
      if (along >= 0 && along <= long && Math.abs((x - x1) * uy - (y - y1) * ux) <= swath / 2) passes++;
    }
    if (!isInside([x, y], figure)) outside += Number(passes > 0);
    else {
      inside++;
      once += Number(passes > 0);
      twice += Number(passes > 1);
    }
  }
  return [once, twice, outside].map((n) => (100 * n) / inside) as [number, number, number];
}

describe('on any ground with holes', () => {
  it(
    'all of it is covered, what is told of it is what specks see, and "keep-in" stays inside',
    { timeout: 30_000 },
    () => {
      let [walked, trimmed] = [0, 0];
      fc.assert(
        fc.property(grounds, fc.boolean(), fc.constantFrom('cover', 'keep-in'), (one, withTrim, edges) => {
          const figure = ground(one.outline, one.holes);
          const trim = withTrim ? trimPass(figure, one.swath, one.overlap) : null;
          const lanes = over(figure, { ...one, trim, edges: edges as 'cover' | 'keep-in' });
          const [once, twice, outside] = speckled(figure, lanes, one.swath, trim?.laid ?? []);
          // 3,000 specks are right to two or three points; with 100,000 all of them agreed within one.
          expect(Math.abs(lanes.coveredPct - once)).toBeLessThan(3.5);
          expect(Math.abs(lanes.doubledPct - twice)).toBeLessThan(3.5);
          expect(Math.abs(lanes.overPct - outside)).toBeLessThan(3.5);
          const bare = over(figure, { ...one, trim: null, edges: 'cover' });
          expect(bare.coveredPct).toBeGreaterThanOrEqual(99.5);
          if (edges === 'keep-in' && !withTrim) expect(lanes.overPct).toBeLessThanOrEqual(0.1);
          const path = lanes.lanes.reduce((sum, [x1, y1, x2, y2]) => sum + Math.hypot(x2 - x1, y2 - y1), 0);
          expect(lanes.sprayedLength).toBeCloseTo(path + lanes.trimLength, 6);
          expect(lanes.pathLength).toBeGreaterThanOrEqual(lanes.sprayedLength - 1e-6);
          walked += Number(lanes.lanes.length > 3);
          trimmed += Number(trim !== null && trim.rings.length > 0);
        }),
        { numRuns: 14, endOnFailure: true, seed: 18 },
      );
      expect([walked > 10, trimmed > 5]).toEqual([true, true]);
    },
  );

  it('with a pass along the edges all of it is covered where no part is narrower than the swath', () => {
    fc.assert(
      fc.property(grounds, (one) => {
        const figure = ground(one.outline, []);
        const lanes = over(figure, { ...one, trim: trimPass(figure, one.swath, one.overlap) });
        expect(lanes.coveredPct).toBeGreaterThanOrEqual(99.5);
        expect(areaOf(figure)).toBeGreaterThan(0);
      }),
      { numRuns: 14, endOnFailure: true, seed: 18 },
    );
  });
});
