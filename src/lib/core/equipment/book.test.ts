import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  calibrated,
  CALIBRATION_KINDS,
  CALIBRATIONS_OF,
  crossedGate,
  dropsFor,
  deliveredAt,
  dueOn,
  gateCurve,
  gateFor,
  laidDown,
  provenBy,
  READING_FIELDS,
  repeatsOf,
  spreadPattern,
  type Calibration,
} from '.';
import type { CalendarDay } from '../units';

describe('repeats', () => {
  it('tell the mean, the spread, and the one that does not go with the others', () => {
    expect(repeatsOf([36.8, 37.2, 36.4, 45])).toMatchObject({
      mean: 38.85,
      outlier: { at: 3, meanWithout: expect.closeTo(36.8, 9) },
    });
    // By hand: mean 10, squares 4 + 0 + 4 over 2, so 2 of 10.
    expect(repeatsOf([8, 10, 12])).toEqual({ n: 3, mean: 10, spreadPct: 20, outlier: null });
    expect(repeatsOf([5])).toEqual({ n: 1, mean: 5, spreadPct: null, outlier: null });
    expect(repeatsOf([])).toBeNull();
  });
  it('call nothing an outlier that lies within a twentieth, however alike the others are', () => {
    expect(repeatsOf([100, 100, 100, 104])?.outlier).toBeNull();
    expect(repeatsOf([100, 100, 100, 106])?.outlier?.at).toBe(3);
  });
  it('do not depend on their order', () =>
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1, max: 1000, noNaN: true }), { minLength: 2 }), (list) => {
        const [a, b] = [repeatsOf(list), repeatsOf([...list].reverse())];
        expect(b?.mean).toBeCloseTo(a?.mean ?? NaN, 6);
        expect(b?.spreadPct).toBeCloseTo(a?.spreadPct ?? NaN, 6);
      }),
    ));
});

describe('what a calibration comes to', () => {
  const of = (kind: Calibration['kind'], more: Partial<Calibration>) =>
    calibrated({ kind, unit: '', setup: null, readings: [], ...more });
  it('is worked out from its readings, for each kind', () => {
    expect(of('flow', { unit: 'ml', readings: [{ amount: 1150, seconds: 75 }] })).toMatchObject({
      ok: { values: [920], unit: 'ml', per: { value: 1, unit: 'min' } },
    });
    expect(of('speed', { readings: [{ metres: 30, seconds: 25 }] })).toMatchObject({
      ok: { values: [1.2], unit: 'm/s' },
    });
    expect(of('pace', { readings: [{ metres: 30, paces: 40 }] })).toMatchObject({ ok: { values: [0.75] } });
    // 620 g over 25 m by 2 m: 1,240 g on 100 m².
    expect(
      of('weighed-pass', { unit: 'g', setup: 2, readings: [{ setting: 4, amount: 620, metres: 25 }] }),
    ).toMatchObject({ ok: { values: [1240], unit: 'g', per: { value: 100, unit: 'm2' } } });
    expect(of('drops', { unit: 'mg', readings: [{ amount: 450, count: 10 }] })).toMatchObject({
      ok: { values: [45], unit: 'mg', per: null },
    });
    expect(of('jug', { unit: 'l', readings: [{ amount: 38 }, { amount: 36 }] })).toMatchObject({
      ok: { repeats: { mean: 37 } },
    });
    // Four cups in half an hour: mean 5 mm is 10 mm an hour; the driest quarter 4 of 5.
    const cups = [4, 5, 5, 6].map((mm) => ({ mm }));
    expect(of('cups', { setup: 30, readings: cups })).toMatchObject({
      ok: { values: [10], uniformity: 0.8 },
    });
  });
  it('is refused with the place of the reading that cannot be', () => {
    expect(
      of('flow', {
        unit: 'ml',
        readings: [
          { amount: 100, seconds: 60 },
          { amount: 100, seconds: 0 },
        ],
      }),
    ).toMatchObject({ refused: [{ path: 'readings.1.time.value' }] });
    expect(of('cups', { setup: 30, readings: [{ mm: 0 }] })).toMatchObject({
      refused: [{ code: 'no-water-caught' }],
    });
    expect(of('jug', {})).toMatchObject({ refused: [{ path: 'readings' }] });
  });
  it('has its readings named for every kind, and every kind belongs to some equipment', () => {
    const used = new Set(Object.values(CALIBRATIONS_OF).flat());
    expect([...used].sort()).toEqual([...CALIBRATION_KINDS].sort());
    for (const kind of CALIBRATION_KINDS) expect(READING_FIELDS[kind].length).toBeGreaterThan(0);
  });
  it('is due again after its days, and never where nothing was done or nothing can be', () => {
    const day = '2027-09-03' as CalendarDay;
    expect(dueOn('tank', day, null)).toBe('2027-12-02');
    expect(dueOn('tank', day, 30)).toBe('2027-10-03');
    expect(dueOn('measure', day, null)).toBeNull();
    expect(dueOn('tank', null, null)).toBeNull();
  });
});

describe('the gate of a spreader', () => {
  const passes = [2, 4, 6].map((setting) => ({ setting, delivered: 150 * setting ** 1.5 }));
  it('follows weighed passes, and proposes the setting that delivers what is wanted', () => {
    const curve = gateCurve(passes);
    if (!curve) throw new Error('no curve');
    expect(curve.b).toBeCloseTo(1.5, 9);
    const next = gateFor(curve, 150 * 5 ** 1.5);
    expect(next.setting).toBeCloseTo(5, 9);
    expect(deliveredAt(curve, next.setting)).toBeCloseTo(150 * 5 ** 1.5, 6);
    expect([next.low < 5, next.high > 5, next.beyond]).toEqual([true, true, false]);
    expect(gateFor(curve, 150 * 9 ** 1.5).beyond).toBe(true);
  });
  it('stays open where nothing can be told: one setting, or a wider gate that delivers less', () => {
    expect(gateCurve(passes.slice(0, 1))).toBeNull();
    expect(gateCurve([passes[0]!, { ...passes[0]!, delivered: 500 }])).toBeNull();
    expect(
      gateCurve([
        { setting: 2, delivered: 300 },
        { setting: 4, delivered: 200 },
      ]),
    ).toBeNull();
  });
  it('has a wider range the further the passes lie from the curve', () => {
    const rough = gateCurve(passes.map((p, i) => ({ ...p, delivered: p.delivered * (i === 1 ? 1.3 : 1) })));
    expect(rough?.spread).toBeGreaterThan(0.1);
    expect(gateCurve(passes.slice(0, 2))?.spread).toBe(0.1);
  });
});

describe('what comes out of calibrated equipment', () => {
  const day = '2027-09-03' as CalendarDay;
  const flow = (litres: number) =>
    provenBy([
      {
        kind: 'flow',
        unit: 'l',
        setup: null,
        product: '',
        doneOn: day,
        readings: [{ amount: litres, seconds: 60 }],
      },
    ]).flow!;
  const walked = provenBy([
    {
      kind: 'speed',
      unit: '',
      setup: null,
      product: '',
      doneOn: day,
      readings: [{ metres: 30, seconds: 50 }],
    },
  ]).speed!;
  const wanted = { amount: { value: 6, unit: 'l' }, per: { value: 100, unit: 'm2' } } as const;
  it('is the flow over the ground that is walked in the time, and says which way the walk has to change', () => {
    // 3.24 l a minute at 0.6 m/s and 1.5 m: a minute covers 54 m², so 6 l on 100 m².
    expect(laidDown(flow(3.24), walked, 1.5, wanted)).toMatchObject({
      ...{ advice: 'keep', speed: expect.closeTo(0.6, 9) },
      laid: { amount: { value: expect.closeTo(6, 9), unit: 'l' } },
    });
    expect(laidDown(flow(6.48), walked, 1.5, wanted)).toMatchObject({
      ...{ advice: 'faster', speed: expect.closeTo(1.2, 9) },
    });
    expect(laidDown(flow(1.62), walked, 1.5, wanted)?.advice).toBe('slower');
    expect(laidDown(flow(3), walked, 1.5, { ...wanted, per: { value: 1, unit: 'count' } })).toBeNull();
  });
  it('of a spreader is the gate for half the rate, in whatever unit the label counts', () => {
    const passes = provenBy([
      {
        ...{ kind: 'weighed-pass' as const, unit: 'g' as const, setup: 2, product: '', doneOn: day },
        readings: [
          { setting: 2, amount: 300, metres: 25 },
          { setting: 4, amount: 1200, metres: 25 },
        ],
      },
    ])['weighed-pass']!;
    const found = crossedGate(passes, { value: 2.7, unit: 'kg', per: { value: 100, unit: 'm2' } });
    expect(found?.half.amount).toEqual({ value: 1350, unit: 'g' });
    expect(found?.setting?.setting).toBeCloseTo(3, 9);
    expect(
      crossedGate({ ...passes, gate: [] }, { value: 1, unit: 'kg', per: { value: 1, unit: 'm2' } })?.setting,
    ).toBe(null);
    expect(crossedGate(passes, { value: 1, unit: 'ml', per: { value: 1, unit: 'm2' } })).toBeNull();
  });
  it('of a dispenser is whole drops, at least one, where both are weighed', () => {
    const drops = provenBy([
      {
        kind: 'drops',
        unit: 'mg',
        setup: 5,
        product: '',
        doneOn: day,
        readings: [{ amount: 450, count: 10 }],
      },
    ]).drops!;
    expect(drops.setup).toBe(5);
    expect([0.25, 0.01, 0.067].map((value) => dropsFor({ value, unit: 'g' }, drops))).toEqual([6, 1, 1]);
    expect(dropsFor({ value: 1, unit: 'ml' }, drops)).toBeNull();
  });
  it('is told by the latest calibration of each kind, whichever order the book is read in', () => {
    const book = [
      {
        kind: 'jug' as const,
        unit: 'l' as const,
        setup: null,
        product: '',
        doneOn: '2027-05-01' as CalendarDay,
        readings: [{ amount: 38 }],
      },
      {
        kind: 'jug' as const,
        unit: 'l' as const,
        setup: null,
        product: '',
        doneOn: '2026-05-01' as CalendarDay,
        readings: [{ amount: 30 }],
      },
    ];
    for (const order of [book, [...book].reverse()]) expect(provenBy(order).jug?.value).toBe(38);
  });
});

describe('a pan test', () => {
  it('of an even triangle is even where each pass reaches to the middle of the next', () => {
    const found = spreadPattern([0, 1, 2, 3, 2, 1, 0], 0.5, 1);
    // Triangles of half-width 1.5 m add up to a level line when they stand 1.5 m apart, and so do those 0.5 and 0.75.
    expect(found?.effectiveM).toEqual({ 'one-way': 1.5, 'back-and-forth': 1.5 });
    expect(found?.shiftM).toBeCloseTo(0, 12);
  });
  it('that throws to one side is more even walked back and forth or one way, as the sum of its passes says', () => {
    const lopsided = [0, 1, 3, 6, 8, 4, 0];
    const found = spreadPattern(lopsided, 0.5, 20);
    // By hand: (−2·1 − 3 + 8 + 2·4) of 22, in steps of half a metre.
    expect(found?.shiftM).toBeCloseTo(0.25, 12);
    const at = found?.evenness.find(({ swathM }) => swathM === 1.5);
    // A second way: passes laid tray upon tray by hand, at the trays' own places.
    const sums = Array.from({ length: 3 }, (_, i) =>
      lopsided.reduce((sum, tray, k) => (k % 3 === i ? sum + tray : sum), 0),
    );
    const mean = sums.reduce((a, b) => a + b, 0) / 3;
    const cv = (Math.sqrt(sums.reduce((s, v) => s + (v - mean) ** 2, 0) / 3) / mean) * 100;
    // Between the trays it runs straight, so that the whole is a little more even than the trays alone.
    expect(at?.cvPct['one-way']).toBeLessThanOrEqual(cv);
    expect(at?.cvPct['one-way']).toBeGreaterThan(cv / 2);
    expect(at?.cvPct['back-and-forth']).not.toBeCloseTo(at?.cvPct['one-way'] ?? 0, 3);
  });
  it('is no less even with the narrowest swath than with the worst, whatever fell', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 5, maxLength: 15 }), (trays) => {
        const found = spreadPattern(trays, 0.5, 15);
        expect(found?.evenness).toHaveLength(trays.length * 2);
        for (const { cvPct } of found?.evenness ?? [])
          for (const cv of Object.values(cvPct)) expect(cv).toBeGreaterThanOrEqual(0);
        // The narrowest swath lays so many passes over each place that hardly anything is left of the pattern.
        expect(found?.evenness[0]?.cvPct['one-way']).toBeLessThan(
          Math.max(...(found?.evenness ?? []).map((e) => e.cvPct['one-way'])) + 1e-9,
        );
      }),
      { numRuns: 50 },
    ));
  it('is none with too few trays or nothing in them', () => {
    expect(spreadPattern([1, 2, 1], 0.5, 15)).toBeNull();
    expect(spreadPattern([0, 0, 0, 0, 0], 0.5, 15)).toBeNull();
  });
});
