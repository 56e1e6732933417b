import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quantity, valueIn, type Quantity, type Unit } from '../units';
import { gridOver, groundKnown, groundOfEdge, groundOfGrid, groundOfParts, groundOfPlaces, groundOfVolume, measureRectangle, type Part } from '.'; // prettier-ignore

const ft = (value: number): Quantity => quantity(value, 'ft');
const m = (value: number): Quantity => quantity(value, 'm');
const part = (
  a: number,
  b: number,
  off = false,
  kind: Part['kind'] = 'rectangle',
  unit: Unit = 'ft',
): Part => ({
  ...{ kind, a: quantity(a, unit), b: kind === 'circle' ? null : quantity(b, unit), off },
});
const areaIn = (made: ReturnType<typeof groundOfParts>): number =>
  'ok' in made ? made.ok.area.value : expect.fail(made.refused[0]?.code);

describe('a ground that is measured without a plan', () => {
  it('may be several rectangles, with parts taken off', () => {
    // By hand: 80 × 60 + 40 × 30 + ½ × 20 × 10 − 12 × 12 = 4,800 + 1,200 + 100 − 144.
    const parts = [part(80, 60), part(40, 30), part(20, 10, false, 'triangle'), part(12, 12, true)];
    expect(areaIn(groundOfParts(parts, 'ft2'))).toBeCloseTo(5956, 9);
    expect(areaIn(groundOfParts([part(3, 0, false, 'circle', 'm')], 'm2'))).toBeCloseTo(Math.PI * 9, 9);
    expect(groundOfParts([part(4, 4), part(5, 5, true)], 'ft2')).toMatchObject({
      refused: [{ code: 'area-not-positive' }],
    });
    const made = groundOfParts(parts, 'ft2');
    // Nobody said how they lie to one another: there is an area, and no shape to lay lanes over.
    expect('ok' in made && made.ok.rings).toEqual([]);
  });

  it('may be a figure that somebody knows, with its error', () => {
    expect(groundKnown(quantity(12_000, 'ft2'), 5)).toMatchObject({
      ok: { area: { value: 12_000, unit: 'ft2' }, areaLow: { value: 11_400 }, areaHigh: { value: 12_600 } },
    });
    expect(groundKnown(quantity(0, 'ft2'), 0)).toMatchObject({ refused: [{ path: 'known' }] });
  });

  it('may be places alone, without any area', () => {
    expect(groundOfPlaces([9, 6, 5, 4], 'm2')).toMatchObject({
      ok: { area: { value: 0 }, counted: { places: 24, edgeM: 0 } },
    });
    expect(groundOfPlaces([], 'm2')).toMatchObject({ refused: [{ path: 'places' }] });
  });

  it('may be walls by their length: up and out over soil, cracks alone over hard ground', () => {
    // 46 m of wall, 12 of them over paving; 0.6 m up and 0.9 m out: 34 × (0.6 + 0.9) = 51 m².
    const wall = { run: m(46), hard: m(12), up: m(0.6), out: m(0.9), wallAboveHard: false };
    const made = groundOfEdge(wall, 'm2');
    expect('ok' in made && [made.ok.area.value, made.ok.counted.edgeM]).toEqual([expect.closeTo(51, 9), 46]);
    // Where the label lets the wall above hard ground be treated, 12 × 0.6 = 7.2 m² more.
    const walls = groundOfEdge({ ...wall, wallAboveHard: true }, 'm2');
    expect('ok' in walls && walls.ok.area.value).toBeCloseTo(58.2, 9);
    // For cracks there is no band.
    const cracks = groundOfEdge({ ...wall, hard: m(0), up: m(0), out: m(0) }, 'm2');
    expect('ok' in cracks && [cracks.ok.area.value, cracks.ok.counted.edgeM]).toEqual([0, 46]);
    expect(groundOfEdge({ ...wall, hard: m(50) }, 'm2')).toMatchObject({ refused: [{ path: 'edge.run' }] });
  });

  it('may be litres of soil that is dug out', () => {
    const made = groundOfVolume(quantity(40, 'l'), 'm2');
    expect('ok' in made && made.ok.counted.volumeM3).toBeCloseTo(0.04, 12);
  });

  it('may be points in a grid: 12 × 12 ft at 4 ft is 9, and 16 on the edge', () => {
    const grid = { length: ft(12), width: ft(12), spacing: ft(4) } as const;
    const inside = gridOver({ ...grid, pattern: 'inside' });
    expect(inside).toMatchObject({ rows: 3, columns: 3, points: 9 });
    expect(inside.radius.value).toBeCloseTo(4 / Math.SQRT2, 9);
    expect(gridOver({ ...grid, pattern: 'edge' }).points).toBe(16);
    const made = groundOfGrid({ ...grid, pattern: 'inside' }, 'ft2');
    // The area is kept beside the points: a rate per area is held against it.
    expect(made).toMatchObject({ ok: { area: { value: 144, unit: 'ft2' }, counted: { places: 9 } } });
  });

  it('comes to the same whichever way the same shape is measured', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        (a, b) => {
          const taped = measureRectangle({ sides: { how: 'tape', length: m(a), width: m(b) }, strip: null, unit: 'm2' }); // prettier-ignore
          const split = areaIn(groundOfParts([part(a / 2, b, false, 'rectangle', 'm'), part(a / 2, b, false, 'rectangle', 'm')], 'm2')); // prettier-ignore
          const area = 'ok' in taped ? taped.ok.area : expect.fail();
          const known = groundKnown(quantity(valueIn(area, 'ft2'), 'ft2'), 0);
          expect(split).toBeCloseTo(area.value, 6);
          expect('ok' in known ? valueIn(known.ok.area, 'm2') : null).toBeCloseTo(area.value, 6);
        },
      ),
    );
  });
});
