import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  parseSize,
  areaOnEarth,
  areaOf,
  circleRing,
  flattened,
  insideStretches,
  legEnd,
  parseLeg,
  polygonArea,
  smallestRectangle,
  toEarth,
  toPlane,
  triangulate,
  type Point,
  type Ring,
} from '.';

const SQUARE: Ring = [
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
];

describe('curved edges', () => {
  it('add the part of a circle that they bow out by', () => {
    // A half circle over a side of 10: the bow is its radius.
    const half = flattened([
      [0, 0, 5],
      [10, 0],
      [10, 10],
      [0, 10],
    ]);
    expect(areaOf([half])).toBeCloseTo(100 + (Math.PI * 25) / 2, 1);
    // A shallow one, by the segment's own formula; and inwards as much less.
    const [r, s] = [(100 / 8 + 0.5) / 1, 1];
    const angle = 2 * Math.acos((r - s) / r);
    const segment = (r * r * (angle - Math.sin(angle))) / 2;
    expect(
      areaOf([
        flattened([
          [0, 0, 1],
          [10, 0],
          [10, 10],
          [0, 10],
        ]),
      ]),
    ).toBeCloseTo(100 + segment, 1);
    expect(
      areaOf([
        flattened([
          [0, 0, -1],
          [10, 0],
          [10, 10],
          [0, 10],
        ]),
      ]),
    ).toBeCloseTo(100 - segment, 1);
  });
  it('make a circle of its true area', () =>
    expect(areaOf([circleRing([3, 4], 7)])).toBeCloseTo(Math.PI * 49, 6));
});

describe('a line through a figure', () => {
  it('is inside it by the same share as many points on it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 0, max: 40 })), {
          minLength: 3,
          maxLength: 9,
        }),
        (corners) => {
          const [a, b]: [Point, Point] = [
            [-1.37, 7.21],
            [43.11, 22.93],
          ];
          const ring: Ring = corners;
          const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
          const inside = insideStretches(a, b, [ring]).reduce((sum, [from, to]) => sum + to - from, 0);
          let seen = 0;
          const COUNT = 4000;
          for (let i = 0; i < COUNT; i++) {
            const t = (i + 0.5) / COUNT;
            if (winds([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])], ring)) seen += 1;
          }
          expect(Math.abs(inside / length - seen / COUNT)).toBeLessThan(0.01);
        },
      ),
      { numRuns: 60 },
    );
  });
});

/** Even–odd by the angles that the edges turn around the point: a dumber way. */
function winds([x, y]: Point, ring: Ring): boolean {
  let crossings = 0;
  ring.forEach(([ax, ay], i) => {
    const [bx, by] = ring[(i + 1) % ring.length] ?? [0, 0];
    if (ay > y === by > y) return;
    const k = (y - ay) / (by - ay);
    if (ax + k * (bx - ax) > x) crossings += 1;
  });
  return crossings % 2 === 1;
}

describe('taped corners', () => {
  it('come back from their distances to the two ends of the baseline', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 60, noNaN: true }),
        fc.array(
          fc.tuple(
            fc.double({ min: -50, max: 80, noNaN: true }),
            fc.double({ min: -50, max: 50, noNaN: true }),
          ),
          { minLength: 1, maxLength: 8 },
        ),
        (baseline, corners) => {
          const result = triangulate(
            baseline,
            corners.map(([x, y]) => ({
              fromA: Math.hypot(x, y),
              fromB: Math.hypot(x - baseline, y),
              side: y >= 0 ? ('left' as const) : ('right' as const),
            })),
          );
          const points = 'ok' in result ? result.ok : expect.fail('refused');
          corners.forEach(([x, y], i) => {
            expect(points[i]?.[0]).toBeCloseTo(x, 4);
            // Flat triangles tell the height badly: squares of it are what the tapes know.
            expect((points[i]?.[1] ?? 0) ** 2).toBeCloseTo(y * y, 4);
          });
        },
      ),
    );
  });
  it('are refused where the tapes do not meet, by the corner', () => {
    const result = triangulate(10, [
      { fromA: 6, fromB: 8, side: 'left' },
      { fromA: 2, fromB: 3, side: 'left' },
    ]);
    expect(result).toMatchObject({ refused: [{ code: 'tapes-do-not-meet', path: 'corners.1' }] });
  });
});

describe('typed legs', () => {
  const per = { m: 1, ft: 0.3048, paces: 0.75 };
  const end = (typed: string): Point | string => {
    const leg = parseLeg(typed, '1,234.5');
    if (!leg || 'to' in leg || 'doubt' in leg) return leg ? 'close' : 'none';
    const [x, y] = legEnd([0, 0], leg, per, 'm');
    return [Math.round(x * 1e6) / 1e6 + 0, Math.round(y * 1e6) / 1e6 + 0];
  };
  it.each([
    ['12.5 e', [12.5, 0]],
    ['n 4', [0, 4]],
    ['10ft w', [-3.048, 0]],
    ['8 p s', [0, -6]],
    ['2 90°', [2, 0]],
    ['3; -2', [3, -2]],
    ['5,5 n', [0, 5.5]],
    ['close', 'close'],
    ['12.5', 'none'],
    ['over there', 'none'],
  ] as const)('%s', (typed, where) => expect(end(typed)).toEqual(where));
});

describe('typed sizes', () => {
  it.each([
    ['12 x 5', [12, 5], null, null],
    ['12.5 by 5 ft at 3; -4', [12.5, 5], 'ft', [3, -4]],
    ['r 2 at 1;1', [2], null, [1, 1]],
    ['2,5', [2.5], null, null],
    ['3; 4', [], null, [3, 4]],
  ] as const)('%s', (typed, sizes, unit, at) =>
    expect(parseSize(typed, '1,234.5')).toEqual({ sizes, unit, at }),
  );
  it('are nothing where they say nothing', () => expect(parseSize('12 x', '1,234.5')).toBeNull());
});

describe('the earth', () => {
  it('gives back where a point came from, and areas within 0.1 % of those on the ellipsoid', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -66, max: 66, noNaN: true }),
        fc.double({ min: -179, max: 179, noNaN: true }),
        fc.integer({ min: 20, max: 1500 }),
        (lat, lon, size) => {
          const anchor = { lat, lon };
          const ring: Ring = [
            [-size, -size * 0.3],
            [size, -size * 0.5],
            [size * 0.8, size],
            [0, size * 0.4],
          ];
          const onEarth = ring.map((p) => toEarth(p, anchor));
          onEarth.forEach((p, i) => {
            const [x, y] = toPlane(p, anchor);
            expect(x).toBeCloseTo(ring[i]?.[0] ?? NaN, 4);
            expect(y).toBeCloseTo(ring[i]?.[1] ?? NaN, 4);
          });
          expect(Math.abs(areaOnEarth(onEarth) / polygonArea(ring) - 1)).toBeLessThan(0.001);
        },
      ),
    );
  });
});

describe('the smallest rectangle', () => {
  it('lies as a turned rectangle lies', () => {
    const turn = (30 * Math.PI) / 180;
    const turned = SQUARE.map(([x, y]): Point => [
      2 * x * Math.cos(turn) - y * Math.sin(turn),
      2 * x * Math.sin(turn) + y * Math.cos(turn),
    ]);
    const found = smallestRectangle([turned]);
    expect([found.length, found.width, found.direction].map((n) => Math.round(n * 1e6) / 1e6)).toEqual([
      20, 10, 30,
    ]);
  });
});
