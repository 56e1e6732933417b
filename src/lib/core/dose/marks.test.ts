import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cleaningOf, dose, inTool, loadsOnMarks, rinsed, toolsFor, type DoseInput, type MarksJob } from '.';
import { valueIn } from '../units';

const m2 = (value: number) => ({ value, unit: 'm2' }) as const;
const l = (value: number) => ({ value, unit: 'l' }) as const;
const ml = (value: number) => ({ value, unit: 'ml' }) as const;

/** Everything that the search may look at, one by one, with nothing left out early. */
function bruteForce({ finished, product, least, most, capacity, step, holds }: MarksJob) {
  const strength = product / finished;
  const n0 = Math.max(1, Math.ceil(finished / capacity - 1e-9));
  let best: { fills: number; loads: number; kinds: number } | null = null;
  for (let n = n0; n <= n0 + 2; n++) {
    const sizes = [capacity, finished / n];
    for (let k = 1; k * step <= capacity * strength * (1 + 1e-9); k++) sizes.push((k * step) / strength);
    for (const size of sizes) {
      const volumes = Array.from({ length: n }, (_, i) => (i < n - 1 ? size : finished - (n - 1) * size));
      if (volumes.some((v) => v > capacity * (1 + 1e-9) || v <= 1e-9)) continue;
      const marks = volumes.map((v) => {
        // Of all marks between the ends, and not a quarter off, the nearest, halves up.
        const exact = v * strength;
        const [lowest, highest] = [(v * least) / finished, (v * most) / finished];
        let nearest: number | null = null;
        for (let k = 1; k * step <= exact * 1.25 + step; k++) {
          const off = Math.abs(k * step - exact);
          if (
            k * step < lowest * (1 - 1e-9) ||
            k * step > highest * (1 + 1e-9) ||
            off > 0.25 * exact * (1 + 1e-9)
          )
            continue;
          if (nearest === null || off <= Math.abs(nearest * step - exact) + 1e-9) nearest = k;
        }
        return nearest;
      });
      if (marks.some((k) => k === null)) continue;
      const counts = marks as number[];
      const plan = {
        fills: counts.reduce(
          (sum, k) => sum + (holds === null ? 1 : Math.max(1, Math.ceil((k * step) / holds - 1e-9))),
          0,
        ),
        loads: n,
        kinds: new Set(counts).size,
      };
      const key = (p: typeof plan) => p.fills * 1e6 + p.loads * 1e3 + p.kinds;
      if (best === null || key(plan) < key(best)) best = plan;
    }
  }
  return best;
}

describe('loads on the marks of the measure', () => {
  it('make the tank’s loads so large that each takes one full cup, where the label has room for it', () => {
    // 46.5 ml to 120 l at 20 ml a cup: full tanks of 15 l would take 5.8 ml each, and no cup has that mark.
    const found = loadsOnMarks({
      ...{ finished: 60, product: 100, least: 90, most: 110, capacity: 15, step: 5, holds: 20 },
    });
    // 12 l take 20 ml: five loads of one cup each.
    expect(found?.volumes).toEqual([12, 12, 12, 12, 12]);
    expect(found?.fills).toBe(5);
  });

  it('are as few as going through all of them finds', () =>
    fc.assert(
      fc.property(
        fc.record({
          finished: fc.integer({ min: 5, max: 60 }),
          product: fc.integer({ min: 5, max: 120 }),
          under: fc.integer({ min: 0, max: 30 }),
          over: fc.integer({ min: 0, max: 30 }),
          capacity: fc.integer({ min: 8, max: 30 }),
          step: fc.constantFrom(1, 2, 5, 10),
          holds: fc.constantFrom(null, 10, 20, 30),
        }),
        ({ under, over, ...job }) => {
          const whole = {
            ...job,
            least: job.product * (1 - under / 100),
            most: job.product * (1 + over / 100),
          };
          const [found, slow] = [loadsOnMarks(whole), bruteForce(whole)];
          expect(found?.fills).toBe(slow?.fills);
          expect(found?.volumes.length).toBe(slow?.loads);
          if (found) expect(found.volumes.reduce((a, b) => a + b, 0)).toBeCloseTo(job.finished, 6);
        },
      ),
      { numRuns: 400 },
    ));
});

const job = fc.record({
  min: fc.double({ min: 0.5, max: 50, noNaN: true }),
  spread: fc.double({ min: 1, max: 2.5, noNaN: true }),
  where: fc.double({ min: 0, max: 1, noNaN: true }),
  area: fc.integer({ min: 10, max: 3000 }),
  capacity: fc.integer({ min: 2, max: 100 }),
  step: fc.constantFrom(0.5, 1, 5, 10, 30),
  split: fc.constantFrom('fill' as const, 'equal' as const, 'marks' as const),
  carried: fc.double({ min: 0, max: 1, noNaN: true }),
});
type Job = typeof job extends fc.Arbitrary<infer T> ? T : never;
/** Mix of the chosen strength in the tank, as much of it as `carried` of the tank holds. */
function inputOf({ min, spread, where, area, capacity, step, split, carried }: Job): DoseInput {
  const max = min * spread;
  const chosen = min + (max - min) * where;
  const finished = Math.min(carried * capacity, (area / 100) * 6);
  return {
    rate: { min, max, chosen, unit: 'ml', per: m2(100) },
    carrier: { amount: l(6), per: m2(100) },
    target: m2(area),
    tank: {
      capacity: l(capacity),
      ...(finished > 0.01
        ? { carryOver: { finished: l(finished), product: ml((chosen * finished) / 6) } }
        : {}),
    },
    ...{ split, measureStep: ml(step) },
  };
}
const ok = (input: DoseInput) => {
  const result = dose(input);
  return 'ok' in result ? result.ok : null;
};

describe('whatever the job, the tank and the measure', () => {
  it('product is conserved over loads and carry-over', () =>
    fc.assert(
      fc.property(job, (known) => {
        const input = inputOf(known);
        const answer = ok(input);
        if (!answer) return;
        const added = answer.loads.reduce((sum, load) => sum + load.product.value, 0);
        expect(added).toBeCloseTo(answer.product.value, 6);
        const finished = answer.loads.reduce((sum, load) => sum + load.finished.value, 0);
        expect(finished).toBeCloseTo(answer.finished?.value ?? NaN, 6);
        // What goes down is what was added and what was carried of it: the rate tells the same sum.
        const carry = input.tank?.carryOver;
        const used = carry
          ? (carry.product.value * (answer.loads[0]?.carryOver.value ?? 0)) / carry.finished.value
          : 0;
        expect(answer.actualRate * (known.area / 100)).toBeCloseTo(added + used, 5);
      }),
      { numRuns: 400 },
    ));

  it('no load passes its most, whatever the graduation, while chosen and carry-over keep to the label', () =>
    fc.assert(
      fc.property(job, (known) => {
        const input = inputOf(known);
        const answer = ok(input);
        for (const load of answer?.loads ?? []) {
          const carry = input.tank?.carryOver;
          const held = carry ? (carry.product.value * load.carryOver.value) / carry.finished.value : 0;
          const most = (known.min * known.spread * load.covers.value) / 100;
          expect(load.product.value + held).toBeLessThanOrEqual(most * (1 + 1e-9));
        }
      }),
      { numRuns: 400 },
    ));

  it('twice the area takes twice the product, and the unit of the area changes nothing', () =>
    fc.assert(
      fc.property(job, (known) => {
        const { tank: _t, measureStep: _m, split: _s, ...input } = inputOf(known);
        const [once, twice] = [ok(input), ok({ ...input, target: m2(known.area * 2) })];
        expect(twice?.product.value).toBeCloseTo((once?.product.value ?? NaN) * 2, 6);
        const feet = ok({ ...input, target: { value: valueIn(m2(known.area), 'ft2'), unit: 'ft2' } });
        expect(feet?.product.value).toBeCloseTo(once?.product.value ?? NaN, 6);
        expect(feet?.finished?.value).toBeCloseTo(once?.finished?.value ?? NaN, 6);
      }),
    ));
});

describe('an amount in the tool in hand', () => {
  const syringe = { name: 'Syringe', step: ml(1), holds: ml(30) };
  const cup = { name: 'Cup', step: ml(10), holds: ml(250) };
  it('is so many times full and the rest to a mark', () => {
    expect(inTool(ml(67), syringe)).toMatchObject({ full: 2, last: ml(7) });
    expect(inTool(ml(60), syringe)).toMatchObject({ full: 2, last: ml(0) });
    expect(inTool(ml(12), syringe)).toMatchObject({ full: 0, last: ml(12) });
    expect(inTool(ml(40), { ...syringe, holds: null })).toMatchObject({ full: 0, holds: null, last: ml(40) });
    expect(inTool({ value: 3, unit: 'g' }, syringe)).toBeNull();
  });
  it('names the tool that keeps to the label first, then the one that is filled least often', () => {
    const portion = { exact: 67, least: 66, most: 68, carried: 0 };
    expect(toolsFor(portion, 'ml', [cup, syringe]).map((fit) => [fit.tool.name, fit.coarse])).toEqual([
      ['Syringe', false],
      ['Cup', true],
    ]);
    expect(toolsFor({ ...portion, most: 80 }, 'ml', [syringe, cup])[0]).toMatchObject({
      ...{ tool: cup, fills: 1, errorPct: expect.closeTo((70 / 67 - 1) * 100, 9) },
    });
    expect(toolsFor(portion, 'g', [cup])).toEqual([]);
  });
  it('and how a tank is cleaned: what stays, the product in it, and what three rinses of a tenth leave', () => {
    const answer = ok({
      rate: { min: 125, max: 125, unit: 'ml', per: m2(1000) },
      carrier: { amount: l(60), per: m2(1000) },
      target: m2(336),
    });
    // 42 ml in 20.16 l: 0.2 l hold 0.4167 ml; each rinse of 1.5 l leaves 0.2 of 1.7.
    expect(answer && cleaningOf(answer, l(15), ml(200))).toMatchObject({
      ...{ stays: l(0.2), water: l(1.5), measured: true, rinses: 3 },
      product: { value: expect.closeTo(0.416667, 5), unit: 'ml' },
      leftPct: expect.closeTo(100 * (0.2 / 1.7) ** 3, 9),
    });
    expect(answer && cleaningOf(answer, l(15), null)).toMatchObject({ stays: l(0.15), measured: false });
  });
  it('and what rinsing leaves: each rinse takes the same share of what the last one left', () => {
    // By hand: 0.3 of 1.8 is a sixth; a sixth of a sixth of a sixth is 0.463 %.
    expect(rinsed({ left: l(0.3), water: l(1.5), times: 3 })).toEqual({
      ok: { leftPct: expect.closeTo(100 / 216, 9) },
    });
    expect(rinsed({ left: l(0.3), water: ml(1500), times: 0 })).toMatchObject({ ok: { leftPct: 100 } });
    expect(rinsed({ left: l(0), water: l(1), times: 3 })).toMatchObject({
      refused: [{ path: 'left.value' }],
    });
  });
});
