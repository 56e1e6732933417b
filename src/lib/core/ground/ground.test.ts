import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { polygonArea, simplePolygon, type Point } from '../geometry';
import { measureArea, measureRectangle, passesMostOnSmallEnd } from '.';

const m = (value: number) => ({ value, unit: 'm' }) as const;

describe('the outline of a place', () => {
  it('finds the area by corners wherever the origin lies', () => {
    const square: Point[] = [
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ];
    expect(polygonArea(square)).toBe(100);
    expect(polygonArea(square.map(([x, y]): Point => [x + 1e7, y - 1e7]))).toBeCloseTo(100, 6);
  });

  it('agrees with counting grains on a fine grid', () => {
    const outline: Point[] = [
      [0, 0],
      [8, 1],
      [9, 6],
      [4, 4],
      [1, 7],
    ];
    const inside = (x: number, y: number): boolean =>
      outline.filter(([ax, ay], i) => {
        const [bx, by] = outline[(i + 1) % outline.length] ?? [0, 0];
        return ay > y !== by > y && x < ((bx - ax) * (y - ay)) / (by - ay) + ax;
      }).length %
        2 ===
      1;
    let grains = 0;
    for (let x = 0.025; x < 9; x += 0.05) for (let y = 0.025; y < 7; y += 0.05) if (inside(x, y)) grains++;
    expect(polygonArea(outline)).toBeCloseTo(grains * 0.0025, 0);
  });

  it('refuses outlines that touch themselves: at a corner, along an edge, or folded back', () => {
    const cases: Point[][] = [
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
      [
        [0, 0],
        [4, 0],
        [2, 2],
        [4, 4],
        [0, 4],
        [2, 2],
      ],
      [
        [0, 0],
        [10, 0],
        [5, 0],
      ],
      [
        [0, 0],
        [6, 0],
        [6, 4],
        [3, 0],
        [0, 4],
      ],
    ];
    for (const points of cases)
      expect(simplePolygon(points), JSON.stringify(points)).toMatchObject({
        refused: [{ code: 'polygon-crosses-itself' }],
      });
  });

  it('takes every star around a centre for simple', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 9, noNaN: true }), { minLength: 5, maxLength: 20 }),
        (radii) => {
          const points = radii.map((r, i): Point => {
            const angle = (2 * Math.PI * i) / radii.length;
            return [r * Math.cos(angle), r * Math.sin(angle)];
          });
          expect('ok' in simplePolygon(points)).toBe(true);
        },
      ),
    );
  });
});

describe('an area without a drawing', () => {
  it('takes the hole out and turns its error round', () => {
    const result = measureArea({
      parts: [{ kind: 'rectangle', length: m(20), width: m(10) }],
      minus: [{ kind: 'circle', radius: m(2) }],
      unit: 'm2',
    });
    expect(result).toMatchObject({ ok: { area: { value: expect.closeTo(200 - Math.PI * 4, 9) } } });
  });

  it('squares the error of the pace, since both sides share it', () => {
    const result = measureArea({
      parts: [{ kind: 'paced', paces: [10, 10] }],
      pace: m(1),
      paceErrorPct: 10,
      unit: 'm2',
    });
    expect(result).toMatchObject({
      ok: { areaLow: { value: expect.closeTo(81, 9) }, areaHigh: { value: expect.closeTo(121, 9) } },
    });
  });
});

describe('a lawn beside water', () => {
  it('leaves the strip out of the area and of the rectangle to treat', () => {
    const lawn = measureRectangle({
      sides: { how: 'tape', length: m(24), width: m(20) },
      strip: m(5),
      unit: 'm2',
    });
    expect(lawn).toMatchObject({
      ok: { area: { value: 360, unit: 'm2' }, lengthM: 24, widthM: 15, stripM: 5 },
    });
  });

  it('refuses a strip as wide as the lawn', () => {
    const lawn = measureRectangle({
      sides: { how: 'tape', length: m(24), width: m(5) },
      strip: m(5),
      unit: 'm2',
    });
    expect(lawn).toMatchObject({ refused: [{ code: 'area-not-positive' }] });
  });

  it('sees when the label’s most would be passed on the small end of the error', () => {
    const area = { area: { value: 100, unit: 'm2' }, areaLow: { value: 80, unit: 'm2' } } as const;
    expect(passesMostOnSmallEnd(area, 120, 150)).toBe(false);
    expect(passesMostOnSmallEnd(area, 125, 150)).toBe(true);
  });
});
