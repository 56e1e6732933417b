import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOf, distance, isInside, type Point, type Ring, type Rings } from '../geometry';
import { difference, intersection, offset, repaired, stripAlong, trianglesOf, union } from '.';

const box = (x: number, y: number, w: number, h: number): Rings => [
  [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ],
];

/** A star-shaped figure with a hole or two: random, and simple by the way it is made. */
const figure = fc
  .record({
    radii: fc.array(fc.double({ min: 6, max: 20, noNaN: true }), { minLength: 5, maxLength: 14 }),
    holes: fc.array(fc.double({ min: 0.5, max: 1.8, noNaN: true }), { maxLength: 2 }),
  })
  .map(({ radii, holes }): Rings => {
    const outline: Ring = radii.map((r, i): Point => {
      const a = (2 * Math.PI * i) / radii.length;
      return [r * Math.cos(a), r * Math.sin(a)];
    });
    const cuts = holes.map((r, k): Rings => box(k === 0 ? -2.5 : 0.5, -r / 2, r, r));
    return difference([outline], ...cuts);
  });

/** Random places by a fixed rule, so that a failure comes again. */
function places(count: number, half: number): Point[] {
  let seed = 12345;
  const next = (): number => {
    seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
    return seed / 2_147_483_648;
  };
  return Array.from({ length: count }, (): Point => [(next() * 2 - 1) * half, (next() * 2 - 1) * half]);
}

describe('areas of figures with holes', () => {
  it('are those of their triangles, and of the share of random places inside', () => {
    const darts = places(6000, 21);
    fc.assert(
      fc.property(figure, (rings) => {
        const area = areaOf(rings);
        const triangles = trianglesOf(rings).reduce(
          (sum, t) => sum + areaOf([t]) + areaOf([[...t].reverse()]),
          0,
        );
        // The library keeps hundredths of a millimetre.
        expect(triangles / area).toBeCloseTo(1, 5);
        const hit = darts.filter((p) => isInside(p, rings)).length;
        const share = area / 42 ** 2;
        // Five standard deviations of the count.
        const spread = 5 * Math.sqrt((share * (1 - share)) / darts.length);
        expect(Math.abs(hit / darts.length - share)).toBeLessThan(spread);
      }),
      { numRuns: 40 },
    );
  });

  it('of union, difference and intersection add up', () => {
    fc.assert(
      fc.property(figure, figure, fc.double({ min: -15, max: 15, noNaN: true }), (a, other, dx) => {
        const b = other.map((ring) => ring.map(([x, y]): Point => [x + dx, y]));
        const [both, either, less] = [intersection(a, b), union(a, b), difference(a, b)].map(areaOf);
        expect((either ?? 0) + (both ?? 0)).toBeCloseTo(areaOf(a) + areaOf(b), 1);
        expect((less ?? 0) + (both ?? 0)).toBeCloseTo(areaOf(a), 1);
      }),
      { numRuns: 60 },
    );
  });
});

describe('margins', () => {
  it('hold exactly the places that lie no further out than their width', () => {
    const darts = places(250, 26);
    fc.assert(
      fc.property(figure, fc.double({ min: 0.5, max: 5, noNaN: true }), (rings, by) => {
        const wide = offset(rings, by);
        for (const p of darts) {
          const far = isInside(p, rings) ? 0 : toEdge(p, rings);
          // Nearer to the edge of the margin than its arcs are drawn: either answer.
          if (Math.abs(far - by) < 0.02) continue;
          expect(isInside(p, wide), `${p.join(', ')} at ${far} of ${by}`).toBe(far < by);
        }
      }),
      { numRuns: 25 },
    );
  });
  it('of a corner are round outwards', () =>
    expect(areaOf(offset(box(0, 0, 10, 6), 1))).toBeCloseTo(60 + 32 + Math.PI, 2));
  it('along a line are as wide as they are long', () =>
    expect(
      areaOf(
        stripAlong(
          [
            [0, 0],
            [10, 0],
            [10, 5],
          ],
          2,
        ),
      ),
    ).toBeCloseTo(30, 3));
});

/** Distance to the nearest edge, by sampling each edge at 150 places. */
function toEdge(p: Point, rings: Rings): number {
  let least = Infinity;
  for (const ring of rings)
    ring.forEach((a, i) => {
      const b = ring[(i + 1) % ring.length] ?? a;
      for (let k = 0; k <= 150; k++)
        least = Math.min(
          least,
          distance(p, [a[0] + ((b[0] - a[0]) * k) / 150, a[1] + ((b[1] - a[1]) * k) / 150]),
        );
    });
  return least;
}

describe('bad outlines', () => {
  it('that cross themselves become what they enclose, with the place', () => {
    const eight: Ring = [
      [0, 0],
      [4, 4],
      [4, 0],
      [0, 4],
    ];
    const result = repaired(eight);
    const { rings, repairs } = 'ok' in result ? result.ok : expect.fail('refused');
    expect(areaOf(rings)).toBeCloseTo(8, 6);
    expect(repairs.map((r) => r.what)).toEqual(['crossed-itself']);
  });
  it('lose points that repeat, and run the right way round', () => {
    const result = repaired([
      [0, 0],
      [0, 4],
      [0, 4],
      [4, 4],
      [4, 0],
      [0, 0],
    ]);
    const { rings, repairs } = 'ok' in result ? result.ok : expect.fail('refused');
    expect(areaOf(rings)).toBeCloseTo(16, 6);
    expect(repairs).toEqual([{ what: 'duplicate-points', at: [0, 4] }]);
  });
  it.each([
    [
      'too-few-points',
      [
        [0, 0],
        [1, 1],
        [0, 0],
      ],
    ],
    [
      'coordinate-out-of-range',
      [
        [0, 0],
        [1e7, 0],
        [0, 1],
      ],
    ],
    [
      'coordinate-out-of-range',
      [
        [0, 0],
        [NaN, 0],
        [0, 1],
      ],
    ],
    [
      'area-not-positive',
      [
        [0, 0],
        [5, 0],
        [9, 0],
      ],
    ],
    [
      'sliver',
      [
        [0, 0],
        [0.01, 50.001],
        [0, 50],
      ],
    ],
  ] as const)('are refused: %s', (code, ring) =>
    expect(repaired(ring)).toMatchObject({ refused: [{ code }] }),
  );
});
