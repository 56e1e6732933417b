import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOf, distance, type Corner, type Point, type Rings } from '../geometry';
import { otherSide } from '../ground';
import {
  amountOn,
  bandAround,
  eavesOf,
  cellsOf,
  cutOut,
  EMPTY_PLAN,
  figuresOf,
  gridOver,
  halvedEdge,
  joinZones,
  KEEP_OFF_NOTHING,
  measureOnPlan,
  mergePlans,
  mirroredShape,
  outlineOf,
  putDownOn,
  scaledBy,
  snap,
  splitZone,
  summaryOf,
  treatableOf,
  wallRuns,
  withBow,
  withCorner,
  withEdgeLength,
  withReading,
  type Mark,
  type Plan,
  type Zone,
  type ZoneKind,
  type ZoneShape,
} from '.';

let made = 0;
const nextId = (): string => `new-${(made += 1)}`;
const rectangle = (x: number, y: number, length: number, width: number): ZoneShape => ({
  ...{ kind: 'rectangle', at: [x, y], length, width, turn: 0 },
});
const zone = (id: string, kind: ZoneKind, shape: ZoneShape, more: Partial<Zone> = {}): Zone => ({
  ...{ id, name: id, kind, layer: 'outside', shape, measured: { how: 'tape', errorPct: 0 } },
  ...{ height: null, openings: [], note: '', from: [], foreign: null },
  ...more,
});
const planOf = (...zones: Zone[]): Plan => ({ ...EMPTY_PLAN, zones });
const areas = (plan: Plan): Record<string, number> =>
  Object.fromEntries([...figuresOf(plan).zones].map(([id, f]) => [id, Math.round(f.areaM2 * 1e4) / 1e4]));

describe('areas of a plan', () => {
  it('take overlaps once: a bed in a lawn is no lawn, a path over both is neither', () => {
    const plan = planOf(
      zone('lawn', 'lawn', rectangle(0, 0, 20, 10)),
      zone('bed', 'bed', rectangle(2, 2, 4, 3)),
      zone('path', 'hard', rectangle(5, 0, 1, 10)),
      zone('more lawn', 'lawn', rectangle(18, 0, 6, 10)),
    );
    expect(areas(plan)).toEqual({
      lawn: 200 - 12 - 10 + 3 - 20,
      bed: 12 - 3,
      path: 10,
      'more lawn': 60,
    });
    expect(figuresOf(plan).totals.get('lawn')?.areaM2).toBeCloseTo(221, 6);
  });

  it('are those of random places, whatever lies on what', () => {
    const shape = fc
      .tuple(
        fc.integer({ min: 0, max: 14 }),
        fc.integer({ min: 0, max: 14 }),
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 6 }),
      )
      .map(([x, y, w, h]) => rectangle(x, y, w, h));
    const kinds = fc.constantFrom<ZoneKind>('lawn', 'bed', 'hard', 'water', 'building');
    fc.assert(
      fc.property(fc.array(fc.tuple(kinds, shape), { minLength: 1, maxLength: 9 }), (drawn) => {
        const zones = drawn.map(([kind, s], i) => zone(`z${i}`, kind, s));
        const rank = ['lawn', 'bed', 'hard', 'building', 'water'];
        // Whole squares of 1 m belong to the highest kind, the later of two equal ones.
        const squares = new Map<string, number>();
        for (let x = 0; x < 21; x++)
          for (let y = 0; y < 21; y++) {
            const on = zones.filter((z) => {
              const s = z.shape as Extract<ZoneShape, { kind: 'rectangle' }>;
              return x >= s.at[0] && x < s.at[0] + s.length && y >= s.at[1] && y < s.at[1] + s.width;
            });
            const top = on.reduce<Zone | null>(
              (best, z) => (!best || rank.indexOf(z.kind) >= rank.indexOf(best.kind) ? z : best),
              null,
            );
            if (top) squares.set(top.id, (squares.get(top.id) ?? 0) + 1);
          }
        for (const [id, area] of Object.entries(areas(planOf(...zones))))
          expect(area).toBeCloseTo(squares.get(id) ?? 0, 3);
      }),
      { numRuns: 80 },
    );
  });

  it('carry the error of every length into the total', () => {
    const plan = planOf(
      zone('paced', 'lawn', rectangle(0, 0, 10, 10), { measured: { how: 'paces', errorPct: 5 } }),
      zone('taped', 'lawn', rectangle(20, 0, 10, 10)),
    );
    const total = figuresOf(plan).totals.get('lawn');
    expect([total?.lowM2, total?.areaM2, total?.highM2]).toEqual([
      expect.closeTo(190.25, 6),
      expect.closeTo(200, 6),
      expect.closeTo(210.25, 6),
    ]);
  });

  it('of rooms are floor, walls less the openings, and volume', () => {
    const room = zone('room', 'room', rectangle(0, 0, 4, 3), {
      layer: 'floor:0',
      height: 2.5,
      openings: [{ edge: 0, from: 1, width: 0.9, height: 2, kind: 'door' }],
    });
    const figures = figuresOf(planOf(room)).zones.get('room');
    expect(figures?.wallM2).toBeCloseTo(35 - 1.8, 6);
    expect(figures?.volumeM3).toBeCloseTo(30, 6);
  });
});

describe('what may be treated', () => {
  const lake = zone('lake', 'water', rectangle(-10, -10, 60, 10));
  const lawn = zone('lawn', 'lawn', rectangle(0, 0, 20, 15));
  it('keeps off water, hard edges and edible beds by their margins', () => {
    const plan = planOf(
      lake,
      lawn,
      zone('path', 'hard', rectangle(0, 14, 20, 1)),
      zone('beans', 'edible-bed', rectangle(8, 6, 2, 2)),
    );
    const all = treatableOf(plan, ['lawn'], KEEP_OFF_NOTHING);
    expect(all.areaM2).toBeCloseTo(300 - 20 - 4, 4);
    const less = treatableOf(plan, ['lawn'], { waterM: 3, hardM: 0.5, ediblesM: 1 });
    expect(less.areaM2).toBeCloseTo(20 * (15 - 3 - 1.5) - (4 + 8 + Math.PI), 2);
    expect(less.keptOffM2).toBeCloseTo(all.areaM2 - less.areaM2, 4);
    expect([less.lengthM, less.widthM]).toEqual([expect.closeTo(20, 4), expect.closeTo(10.5, 4)]);
  });
  it('tells the other side of the rectangle that a load covers', () => {
    expect(otherSide(150, 12)).toBe(12.5);
    expect(otherSide(150, 0)).toBeNull();
  });
});

describe('walls', () => {
  const house = zone('house', 'building', rectangle(0, 0, 10, 6), {
    height: 3,
    openings: [{ edge: 0, from: 2, width: 1, height: 2, kind: 'door' }],
  });
  const plan = planOf(
    house,
    zone('patio', 'hard', rectangle(4, -3, 8, 3)),
    zone('lawn', 'lawn', rectangle(-20, -20, 50, 50)),
  );
  it('stand on soil but where hard ground is drawn at their foot', () => {
    const [south, east] = wallRuns(plan, house);
    expect(south?.stretches).toEqual([
      { from: 0, to: expect.closeTo(4, 5) as number, edge: 'soil' },
      { from: expect.closeTo(4, 5) as number, to: expect.closeTo(10, 5) as number, edge: 'hard' },
    ]);
    expect(east?.stretches.map((s) => s.edge)).toEqual(['soil']);
  });
  it('have a band up and out, with true corners, cut by the hard ground', () => {
    const band = bandAround(plan, house, { upM: 0.6, outM: 1, wallAboveHard: false });
    // 32 m of foot, 6 m of it hard; the door takes 1 m of the soil part.
    expect(band.crackM).toBeCloseTo(6, 4);
    expect(band.soilM).toBeCloseTo(26, 4);
    expect(band.wallM2).toBeCloseTo((26 - 1) * 0.6, 4);
    // All round 32 m² and four quarter circles, less 6 m of it and the corner that the patio covers to 1 m beyond.
    expect(band.groundM2).toBeCloseTo(32 + Math.PI - 6 - Math.PI / 4, 2);
    expect(bandAround(plan, house, { upM: 0.6, outM: 1, wallAboveHard: true }).wallM2).toBeCloseTo(
      31 * 0.6,
      4,
    );
  });
  it('give a case their running length, and their band where the label says how far up and out', () => {
    const limits = { upM: 0.6, outM: 1, wallAboveHard: false };
    const alone = measureOnPlan(plan, ['house'], KEEP_OFF_NOTHING);
    // The ground that it stands on is never treated.
    expect([alone.areaM2, alone.edgeM]).toEqual([0, expect.closeTo(32, 4) as number]);
    const { areaM2 } = bandAround(plan, house, limits);
    expect(measureOnPlan(plan, ['house'], KEEP_OFF_NOTHING, limits).areaM2).toBeCloseTo(areaM2, 9);
    // A pond 20 m off the west wall: from a band of 1 m it is 19 m, and from the wall alone 20.
    const pond = planOf(house, zone('pond', 'water', rectangle(-30, 0, 10, 6)));
    expect(measureOnPlan(pond, ['house'], KEEP_OFF_NOTHING, limits).waterGapM).toBeCloseTo(19, 6);
    expect(measureOnPlan(pond, ['house'], KEEP_OFF_NOTHING).waterGapM).toBeCloseTo(20, 6);
    expect(measureOnPlan(plan, ['house'], KEEP_OFF_NOTHING, limits).waterGapM).toBeNull();
    // What is beside the drawing says the same as the case.
    const job = { zones: ['house'], keepOff: KEEP_OFF_NOTHING };
    const told = summaryOf(plan, { jobs: [job, { ...job, band: limits }], building: null }).jobs;
    expect(told.map((one) => one.areaM2)).toEqual([0, expect.closeTo(areaM2, 9) as number]);
  });
});

describe('eaves', () => {
  it('run around the roof and cover what lies under them', () => {
    const house = zone('house', 'building', rectangle(0, 0, 10, 6), { eaves: 0.5 });
    const eaves = eavesOf(house);
    expect(eaves?.lengthM).toBeCloseTo(32 + Math.PI, 2);
    expect(eaves?.underM2).toBeCloseTo(16 + Math.PI / 4, 2);
    expect(eavesOf({ ...house, eaves: null })).toBeNull();
  });
});

describe('editing', () => {
  const lawn = zone('lawn', 'lawn', rectangle(0, 0, 20, 10));
  it('splits into parts that remember the zone, and joins them again', () => {
    const result = splitZone(lawn, [5, -1], [5, 11], nextId);
    const parts = 'ok' in result ? result.ok : expect.fail('refused');
    expect(parts.map((part) => [areaOf(outlineOf(part.shape).rings), part.from])).toEqual([
      [expect.closeTo(50, 5), ['lawn']],
      [expect.closeTo(150, 5), ['lawn']],
    ]);
    const joined = joinZones(parts, nextId);
    expect('ok' in joined && areaOf(outlineOf(joined.ok.shape).rings)).toBeCloseTo(200, 4);
    expect('ok' in joined && joined.ok.from).toContain('lawn');
    expect(joinZones([lawn, zone('far', 'lawn', rectangle(30, 0, 2, 2))], nextId)).toMatchObject({
      refused: [{ code: 'not-touching' }],
    });
    expect(splitZone(lawn, [30, 0], [30, 1], nextId)).toMatchObject({ refused: [{ code: 'line-misses' }] });
  });
  it('cuts out a hole', () => {
    const result = cutOut(lawn, zone('bed', 'bed', { kind: 'circle', at: [10, 5], radius: 2 }));
    expect('ok' in result && areaOf(outlineOf(result.ok.shape).rings)).toBeCloseTo(200 - 4 * Math.PI, 3);
  });
  it('mirrors without changing an area, and twice gives the first', () => {
    const curved: ZoneShape = {
      ...{
        kind: 'polygon',
        corners: [
          [0, 0, 1],
          [8, 0],
          [6, 5],
          [1, 4, -0.5],
        ],
        holes: [],
      },
    };
    const once = mirroredShape(curved);
    expect(areaOf(outlineOf(once).rings)).toBeCloseTo(areaOf(outlineOf(curved).rings), 4);
    const first = outlineOf(curved).rings[0] ?? [];
    const again = outlineOf(mirroredShape(once)).rings[0] ?? [];
    const near = (p: Point): number => Math.min(...again.map((q) => Math.hypot(p[0] - q[0], p[1] - q[1])));
    expect(Math.max(...first.map(near))).toBeLessThan(1e-3);
  });
  it('stretches a rectangle by its corners', () =>
    expect(withCorner(rectangle(0, 0, 4, 3), 0, 2, [6, 5])).toMatchObject({ length: 6, width: 5 }));
});

describe('numbers typed for a shape', () => {
  const square: Corner[] = [
    [0, 0],
    [4, 0, 0.5],
    [4, 3],
    [0, 3],
  ];
  it('make an edge as long as was typed, along itself, and keep the bow of the corner that moves', () => {
    expect(withEdgeLength(square, 0, 6)[1]).toEqual([6, 0, 0.5]);
    // The last edge ends at the first corner.
    expect(withEdgeLength(square, 3, 1)[0]).toEqual([0, 2]);
    expect(withEdgeLength(square, 0, 0)).toBe(square);
    expect(withEdgeLength([square[0]!, square[0]!], 0, 5)).toEqual([square[0], square[0]]);
  });
  it('bow an edge and straighten it, and halve one without changing its outline', () => {
    expect(withBow(square, 0, 0.2)[0]).toEqual([0, 0, 0.2]);
    expect(withBow(square, 1, 0)[1]).toEqual([4, 0]);
    expect(halvedEdge(square, 2)).toHaveLength(5);
    expect(halvedEdge(square, 3)[4]).toEqual([0, 1.5]);
  });
  it('scale a picture so that two places of it lie as far apart as was taped; the first stays', () => {
    const u = {
      ...{ picture: 'p', ratio: 0.5, turn: 30, strength: 1, scaled: false },
      width: 40,
      at: [10, 20],
    } as const;
    const scaled = scaledBy(u, [14, 23], [14, 28], 12.5);
    expect(scaled).toMatchObject({ width: 100, at: [4, 15.5], scaled: true });
    // Where a place of the picture lies: measured from its corner, it grows with the picture.
    const lies = ([x, y]: Point): Point => [4 + (x - 10) * 2.5, 15.5 + (y - 20) * 2.5];
    expect(lies([14, 23])).toEqual([14, 23]);
    expect(distance(lies([14, 23]), lies([14, 28]))).toBe(12.5);
    expect(scaledBy(u, [1, 1], [1, 1], 5)).toBeNull();
    expect(scaledBy(u, [1, 1], [2, 1], 0)).toBeNull();
    expect(scaledBy(u, [1, 1], [1.001, 1], 9000)).toBeNull();
  });
  it('note a count in the place of one of the same day, the earliest first', () => {
    const mark: Mark = {
      ...{ id: 'm', number: 1, kind: 'lure', at: [0, 0], layer: 'outside' },
      readings: [{ on: '2027-09-02', count: 3, note: '' }],
    };
    expect(withReading(withReading(mark, '2027-09-02', 5), '2027-08-30', 0).readings).toEqual([
      { on: '2027-08-30', count: 0, note: '' },
      { on: '2027-09-02', count: 5, note: '' },
    ]);
  });
});

describe('snapping', () => {
  const zones = [zone('lawn', 'lawn', rectangle(0, 0, 20, 10))];
  const near = (at: Point, from?: Point) => snap(at, zones, { reach: 0.5, grid: 1, from: from ?? null });
  it('takes a corner before an edge before a right angle before the grid', () => {
    expect(near([0.3, 0.2])).toEqual({ at: [0, 0], on: 'corner' });
    expect(near([7.2, 0.2])).toEqual({ at: [expect.closeTo(7.2, 9), expect.closeTo(0, 9)], on: 'edge' });
    expect(near([30.2, 15.3], [25, 15])).toMatchObject({ at: [30.2, 15], on: 'square' });
    expect(near([33.3, 18.8])).toEqual({ at: [33, 19], on: 'grid' });
  });
});

describe('a grid of lures', () => {
  it('is walked up and down, and leaves out what lies outside', () => {
    const points = gridOver(outlineOf(rectangle(0, 0, 4, 2)).rings, 2);
    expect(points).toEqual([
      [0, 0],
      [2, 0],
      [4, 0],
      [4, 2],
      [2, 2],
      [0, 2],
    ]);
    const round = gridOver(outlineOf({ kind: 'circle', at: [0, 0], radius: 3 }).rings, 2);
    expect(round.every(([x, y]) => Math.hypot(x, y) <= 3.01)).toBe(true);
    expect(round.length).toBeLessThan(16);
  });
});

describe('history of the ground', () => {
  const square = (x: number): Rings => outlineOf(rectangle(x, 0, 10, 10)).rings;
  it('follows the footprint: two halves that were done apart do not add up', () => {
    const whole = outlineOf(rectangle(0, 0, 20, 10)).rings;
    const cells = cellsOf(
      whole,
      ['lawn'],
      [
        { id: 'west', footprint: square(0), zones: ['lawn'] },
        { id: 'east', footprint: square(10), zones: ['lawn'] },
        { id: 'both', footprint: whole, zones: ['lawn'] },
        { id: 'elsewhere', footprint: square(40), zones: ['lawn'] },
      ],
    );
    expect(cells.map((c) => [Math.round(c.areaM2), [...c.records].sort()])).toEqual([
      [100, ['both', 'west']],
      [100, ['both', 'east']],
    ]);
  });
  it('lies on every part of a zone where nobody knows where it went down', () => {
    const cells = cellsOf(
      square(0),
      ['part', 'lawn'],
      [
        { id: 'unknown', footprint: null, zones: ['lawn'] },
        { id: 'other zone', footprint: null, zones: ['bed'] },
      ],
    );
    expect(cells).toEqual([{ areaM2: expect.closeTo(100, 5) as number, records: ['unknown'] }]);
  });
});

describe('what went down on a zone', () => {
  const lawn = zone('lawn', 'lawn', rectangle(0, 0, 10, 10), { from: ['old-lawn'] });
  const half = outlineOf(rectangle(5, 0, 10, 10)).rings;
  it('is told with the share of it, or without one where only the name is known', () => {
    const down = [
      { id: 'a', footprint: half, zones: ['elsewhere'] },
      { id: 'b', footprint: null, zones: ['old-lawn'] },
      { id: 'c', footprint: outlineOf(rectangle(30, 0, 5, 5)).rings, zones: ['lawn'] },
      { id: 'd', footprint: null, zones: ['bed'] },
    ];
    expect(putDownOn(lawn, down).map(({ done, share }) => [done.id, share])).toEqual([
      ['a', expect.closeTo(0.5, 6)],
      ['b', null],
    ]);
  });
  it('is the rate times the area, whatever the area that the rate is for is told in', () => {
    const rate = { amount: { value: 30, unit: 'ml' }, per: { value: 1000, unit: 'ft2' } } as const;
    expect(amountOn(92.90304, rate)).toEqual({ value: expect.closeTo(30, 9), unit: 'ml' });
  });
});

describe('two people on one plan', () => {
  const base = planOf(zone('a', 'lawn', rectangle(0, 0, 5, 5)), zone('b', 'bed', rectangle(9, 0, 5, 5)));
  const change = (plan: Plan, id: string, note: string): Plan => ({
    ...plan,
    zones: plan.zones.map((z) => (z.id === id ? { ...z, note } : z)),
  });
  it('are put together zone by zone, and lose nothing where both changed the same', () => {
    const apart = mergePlans(base, change(base, 'a', 'mine'), change(base, 'b', 'theirs'), nextId);
    expect(apart.plan.zones.map((z) => z.note)).toEqual(['mine', 'theirs']);
    expect(apart.both).toEqual([]);
    const clash = mergePlans(base, change(base, 'a', 'mine'), change(base, 'a', 'theirs'), nextId);
    expect(clash.plan.zones.map((z) => [z.name, z.note])).toEqual([
      ['a', 'theirs'],
      ['a (yours)', 'mine'],
      ['b', ''],
    ]);
    expect(clash.both).toEqual(['a']);
  });
  it('keep what one removed and the other changed, and drop what nobody changed', () => {
    const without = { ...base, zones: base.zones.slice(1) };
    expect(mergePlans(base, without, base, nextId).plan.zones.map((z) => z.id)).toEqual(['b']);
    expect(mergePlans(base, without, change(base, 'a', 'theirs'), nextId).plan.zones).toHaveLength(2);
    expect(mergePlans(base, change(base, 'a', 'mine'), without, nextId).plan.zones).toHaveLength(2);
  });
});
