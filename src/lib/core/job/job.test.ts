import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectAnswer } from '../result';
import { quantity, valueIn, type Quantity } from '../units';
import { howMuch, METHODS, type FigureName, type Job, type Method } from '.';

const m2 = (value: number) => quantity(value, 'm2');
const l = (value: number) => quantity(value, 'l');
const g = (value: number) => quantity(value, 'g');
const m = (value: number) => quantity(value, 'm');
const rate = (min: number, unit: Quantity['unit'], per: Quantity, max = min): Job['rate'] => ({
  ...{ min, max, chosen: min, unit, per },
});
const mix = { amount: l(60), per: m2(1000) };

/** One plain job of each method. */
const JOBS: Readonly<Record<Method, Job>> = {
  tank: {
    method: 'tank',
    rate: rate(125, 'ml', m2(1000)),
    target: m2(336),
    carrier: mix,
    tank: l(15),
    second: l(6),
  },
  jug: {
    ...{ method: 'jug', rate: rate(125, 'ml', m2(1000)), target: m2(900), carrier: mix },
    ...{ tank: l(38), jug: quantity(1000, 'ml'), flow: { amount: l(9.5), per: quantity(1, 'min') } },
  },
  dial: {
    ...{ method: 'dial', rate: rate(125, 'ml', m2(1000)), target: m2(336), carrier: mix },
    ...{ dial: { amount: quantity(5, 'ml'), per: l(1) }, jug: quantity(946, 'ml') },
  },
  granule: {
    ...{ method: 'granule', rate: rate(1.2, 'kg', m2(100)), target: m2(420), passes: 2 },
    ...{ pack: quantity(4, 'kg'), strip: { length: m(25), swath: m(2) } },
  },
  drops: {
    method: 'drops',
    rate: rate(0.25, 'g', quantity(1, 'count')),
    target: quantity(18, 'count'),
    each: g(0.045),
    pack: g(30),
  },
  stations: { method: 'stations', rate: rate(2, 'count', m(10)), target: m(46) },
  film: {
    method: 'film',
    rate: rate(4, 'g', m2(1)),
    target: m2(3.5),
    flow: { amount: g(7), per: quantity(1, 'min') },
  },
  void: {
    method: 'void',
    rate: rate(5, 'g', quantity(1, 'm3')),
    sides: { length: m(2.4), width: m(0.6), depth: m(0.1) },
    each: g(0.12),
  },
  aerosol: {
    ...{ method: 'aerosol', rate: rate(23, 'ml', quantity(1, 'count')), target: quantity(10, 'count') },
    ...{ flow: { amount: quantity(3.3, 'ml'), per: quantity(1, 's') }, pack: quantity(400, 'ml') },
  },
  nematodes: {
    ...{ method: 'nematodes', rate: rate(50, 'million', m2(100)), target: m2(336) },
    ...{ carrier: { amount: l(20), per: m2(100) }, tank: l(20), pack: quantity(50, 'million') },
  },
  soil: {
    ...{ method: 'soil', rate: { ...rate(8, 'ml', quantity(1, 'm3')), basis: 'target' } },
    ...{
      sides: { length: m(1.2), width: m(1.2), depth: m(0.5) },
      carrier: { amount: l(20), per: quantity(1, 'm3') },
    },
    flow: { amount: l(2), per: quantity(1, 'min') },
  },
  grid: {
    ...{ method: 'grid', rate: rate(0.5, 'g', quantity(1, 'count')), sides: { length: m(40), width: m(30) } },
    ...{ radius: m(7.0710678118), each: g(0.25), pack: g(100) },
  },
};
const told = (job: Job): Partial<Record<FigureName, number>> =>
  Object.fromEntries(expectAnswer(howMuch(job)).figures.map(({ name, value }) => [name, value.value]));

describe('a job of every method, alone', () => {
  it('comes to what the sum by hand comes to', () => {
    // 125 ÷ 1000 × 336; 60 ÷ 1000 × 336
    expect(told(JOBS.tank)).toEqual({ product: 42, mix: 20.16 });
    // 38 l make 633.3 m², 900 m² take two jugs; 112.5 ml × 38 ÷ 54; at 9.5 l a minute one runs 4 min.
    const jug = told(JOBS.jug);
    expect(jug).toMatchObject({ product: 112.5, mix: 54, jugs: 2, 'jug-run': 4 });
    expect(jug['jug-covers']).toBeCloseTo(633.333, 3);
    expect(jug['jug-product']).toBeCloseTo(79.1667, 4);
    expect(jug['jug-last']).toBeCloseTo(33.3333, 4);
    expect(jug['jug-water']).toBeCloseTo(920.8333, 4);
    // 5 ml of every litre of 20.16 l leave the jug: 100.8 ml, of which 42 are product; the rest comes by the hose.
    // Drawn is the jug as it is filled, not the mix that the hose makes of it: the last one makes 16 of 38 l.
    expect(expectAnswer(howMuch(JOBS.jug)).loads.map((load) => load.finished.value)).toEqual([
      1000,
      (1000 * 16) / 38,
    ]);
    const dial = told(JOBS.dial);
    expect(dial['jug-water']).toBeCloseTo(58.8, 9);
    expect(dial['hose-water']).toBeCloseTo(20.16 - 0.1008, 9);
    expect(dial.jugs).toBe(1);
    // 5.04 kg; half in each pass; on 50 of 420 m² 0.3 kg.
    const granule = told(JOBS.granule);
    expect(granule).toMatchObject({ packs: 2 });
    expect(granule.product).toBeCloseTo(5.04, 9);
    expect(granule.pass).toBeCloseTo(2.52, 9);
    expect(granule.strip).toBeCloseTo(0.3, 9);
    // 0.25 g in drops of 0.045 g are 5.6: six would be 0.27 g, above the label's most, so five, and a Care.
    expect(told(JOBS.drops)).toMatchObject({ product: 4.5, portions: 90, 'portions-each': 5, packs: 1 });
    // 9.2 stations are 10, one every 4.6 m.
    expect(told(JOBS.stations)).toMatchObject({ points: 10, 'spread-out': 4.6 });
    expect(told(JOBS.film)).toMatchObject({ product: 14, time: 120 });
    const room = told(JOBS.void);
    expect(room.product).toBeCloseTo(0.72, 9);
    expect(room.portions).toBe(6);
    const can = told(JOBS.aerosol);
    expect(can.time).toBeCloseTo(69.697, 3);
    expect(can['time-each']).toBeCloseTo(6.9697, 4);
    expect(told(JOBS.nematodes)).toMatchObject({ product: 168, packs: 4, 'packs-fill': 1 });
    // 0.72 m³ with 14.4 l of mix at 2 l a minute: 7.2 min.
    const soil = told(JOBS.soil);
    expect(soil.product).toBeCloseTo(5.76, 9);
    expect(soil.time).toBeCloseTo(432, 6);
    expect(told(JOBS.grid)).toMatchObject({ points: 20, product: 10, portions: 40, 'portions-each': 2 });
  });

  it('puts the rest into the smaller of two tanks, whichever was named first', () => {
    for (const [tank, second] of [
      [l(15), l(6)],
      [l(6), l(15)],
    ] as const)
      expect(expectAnswer(howMuch({ ...JOBS.tank, tank, second })).vessels.map((q) => q.value)).toEqual([
        15, 6,
      ]);
  });

  it('grows with the target: twice the ground takes twice the product', () => {
    const scaled = METHODS.filter((method) => JOBS[method].target && method !== 'stations');
    fc.assert(
      fc.property(
        fc.constantFrom(...scaled),
        fc.double({ min: 0.1, max: 30, noNaN: true }),
        (method, times) => {
          const job = JOBS[method];
          const target = job.target as Quantity;
          const grown = told({ ...job, target: { ...target, value: target.value * times } }).product ?? 0;
          expect(grown / ((told(job).product ?? 0) * times)).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  it('does not depend on the unit in which ground and rooms are told', () => {
    const feet = (q: Quantity): Quantity => quantity(valueIn(q, 'ft'), 'ft');
    const { sides } = JOBS.void;
    const room = told({
      ...JOBS.void,
      sides: sides && {
        length: feet(sides.length),
        width: feet(sides.width),
        depth: feet(sides.depth ?? m(0)),
      },
    });
    expect(room.product).toBeCloseTo(0.72, 6);
    expect(told({ ...JOBS.tank, target: quantity(valueIn(m2(336), 'ft2'), 'ft2') }).product).toBeCloseTo(
      42,
      6,
    );
  });

  it('keeps product and water of a dial together whatever the dial', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 50, noNaN: true }), (ml) => {
        const worked = expectAnswer(
          howMuch({ ...JOBS.dial, dial: { amount: quantity(ml, 'ml'), per: l(1) } }),
        );
        const of = Object.fromEntries(worked.figures.map(({ name, value }) => [name, value]));
        // 42 ml in 20.16 l: below 2.083 ml a litre not even undiluted product is enough.
        expect(worked.problems.includes('dial-too-low')).toBe(ml < 42 / 20.16);
        const water = of['jug-water'] ? valueIn(of['jug-water'], 'l') : 0;
        expect(water + valueIn(of['hose-water'] ?? l(0), 'l') + 0.042).toBeCloseTo(20.16, 9);
      }),
    );
  });

  it('says what a method cannot do without', () => {
    for (const method of METHODS) {
      const job: Job = { method, rate: JOBS[method].rate };
      const result = howMuch(job);
      expect('refused' in result && result.refused.every((r) => r.facts.expected === 'needed'), method).toBe(
        true,
      );
    }
    expect(howMuch({ ...JOBS.drops, each: l(1) })).toMatchObject({ refused: [{ path: 'each.unit' }] });
  });
});

describe('what a measure or a drop can show', () => {
  const worked = (job: Job) => expectAnswer(howMuch(job));
  const figures = (job: Job) => Object.fromEntries(worked(job).figures.map((f) => [f.name, f.value.value]));
  const perThousand = quantity(1000, 'ft2');
  const mix = { amount: quantity(2, 'gal'), per: perThousand };
  it('never takes a mark below the label’s least: 0.46 to 0.6 fl oz on two thousand square feet with marks of 0.1', () => {
    const job: Job = {
      ...{ method: 'tank', rate: { min: 0.46, max: 0.6, unit: 'floz', per: perThousand }, carrier: mix },
      ...{ target: quantity(2000, 'ft2'), step: quantity(0.1, 'floz') },
    };
    // 0.92 at the least: the mark of 0.9 lies under it, that of 1.0 is 0.5 for a thousand.
    expect(figures(job).product).toBeCloseTo(1, 9);
    expect(worked(job).problems).toEqual([]);
  });
  it('never rounds 0.96 down to 0.5: such a measure is too coarse, and the exact amount stays', () => {
    const job: Job = {
      ...{ method: 'tank', rate: { min: 0.4, max: 0.96, chosen: 0.96, unit: 'floz', per: perThousand } },
      ...{ carrier: mix, target: quantity(1000, 'ft2'), step: quantity(0.5, 'floz') },
    };
    expect(figures(job).product).toBeCloseTo(0.96, 9);
    expect(worked(job).problems).toEqual(['measure-too-coarse']);
  });
  it('gives each of forty places a drop, and says where one drop is more than the label’s most', () => {
    const gel = (each: number): Job => ({
      ...{ method: 'drops', rate: { min: 0.01, max: 0.02, unit: 'g', per: quantity(1, 'count') } },
      ...{ target: quantity(40, 'count'), each: quantity(each, 'g') },
    });
    expect(figures(gel(0.015))).toMatchObject({ portions: 40, 'portions-each': 1 });
    expect(worked(gel(0.015)).problems).toEqual([]);
    expect(figures(gel(0.025))).toMatchObject({ portions: 40, 'portions-each': 1 });
    expect(worked(gel(0.025)).problems).toEqual(['portion-too-large']);
  });
  it('tells the water in a jug of a hose-end device in the jug’s own unit', () => {
    const job: Job = {
      ...{ method: 'jug', rate: { min: 1, max: 2, unit: 'floz', per: perThousand } },
      ...{ carrier: { amount: quantity(1, 'gal'), per: perThousand }, target: quantity(1000, 'ft2') },
      ...{ tank: quantity(2, 'gal'), jug: quantity(32, 'floz') },
    };
    const [load] = worked(job).loads;
    // Half of the 32 fl oz for half of what a full jug makes; 1 of them product.
    expect(load?.finished).toEqual(quantity(16, 'floz'));
    expect(load?.water.unit).toBe('floz');
    expect(load?.water.value).toBeCloseTo(15, 9);
  });
});
