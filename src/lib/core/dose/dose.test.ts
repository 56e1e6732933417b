import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectAnswer } from '../result';
import { quantity } from '../units';
import { activeIn, dose, fillingLevels, progress, quartersOf, type DoseAnswer, type DoseInput } from '.';

const ok = (input: DoseInput): DoseAnswer => {
  const result = dose(input);
  return 'ok' in result ? result.ok : expect.fail(JSON.stringify(result.refused));
};
const codes = (input: DoseInput): string[] => {
  const result = dose(input);
  return 'refused' in result ? result.refused.map((r) => `${r.code} ${r.path}`) : [];
};
const m2 = (value: number) => ({ value, unit: 'm2' }) as const;
const l = (value: number) => ({ value, unit: 'l' }) as const;
const ml = (value: number) => ({ value, unit: 'ml' }) as const;
const liquid: DoseInput = {
  rate: { min: 100, max: 150, chosen: 125, unit: 'ml', per: m2(1000) },
  carrier: { amount: l(60), per: m2(1000) },
  target: m2(334),
  tank: { capacity: l(15) },
};

describe('the dose of a job', () => {
  it('fills the tank and then the rest', () => {
    const answer = ok(liquid);
    expect(answer.loads.map((load) => load.finished.value)).toEqual([15, expect.closeTo(5.04, 9)]);
    expect(answer.product.value).toBeCloseTo(41.75, 9);
    expect(answer.problems).toEqual([]);
  });

  it('counts the product that the tank already holds, and adds only the difference', () => {
    const tank = { capacity: l(15), carryOver: { finished: l(2), product: ml(4) } };
    const answer = ok({ ...liquid, tank });
    expect(answer.product.value).toBeCloseTo(37.75, 9);
    expect(answer.actualRate).toBeCloseTo(125, 9);
    expect(fillingLevels(answer.loads[0]!)).toMatchObject({ carried: l(2), top: l(15) });
  });

  it('never measures past the label’s most when the rate itself keeps to it', () => {
    fc.assert(
      fc.property(
        fc.record({
          min: fc.double({ min: 0.1, max: 50, noNaN: true }),
          spread: fc.double({ min: 1, max: 3, noNaN: true }),
          where: fc.double({ min: 0, max: 1, noNaN: true }),
          area: fc.double({ min: 1, max: 5000, noNaN: true }),
          capacity: fc.double({ min: 1, max: 200, noNaN: true }),
          step: fc.double({ min: 0.01, max: 60, noNaN: true }),
          equal: fc.boolean(),
        }),
        ({ min, spread, where, area, capacity, step, equal }) => {
          const max = min * spread;
          const chosen = min + (max - min) * where;
          const answer = dose({
            rate: { min, max, chosen, unit: 'ml', per: m2(100) },
            carrier: { amount: l(6), per: m2(100) },
            target: m2(area),
            tank: { capacity: l(capacity) },
            split: equal ? 'equal' : 'fill',
            measureStep: ml(step),
          });
          if ('refused' in answer) return;
          for (const load of answer.ok.loads)
            expect(load.product.value).toBeLessThanOrEqual(((max * load.covers.value) / 100) * (1 + 1e-9));
          const covered = answer.ok.loads.reduce((sum, load) => sum + load.covers.value, 0);
          expect(covered).toBeCloseTo(area, 6);
          for (const load of answer.ok.loads)
            expect(load.finished.value).toBeLessThanOrEqual(capacity * (1 + 1e-6));
        },
      ),
    );
  });

  it('agrees with a dumber sum: product for each square metre, walked one by one', () => {
    let byHand = 0;
    for (let metre = 0; metre < 334; metre++) byHand += 125 / 1000;
    expect(ok(liquid).exactProduct.value).toBeCloseTo(byHand, 9);
  });

  it('gives the same job in other units', () => {
    const imperial = ok({
      ...liquid,
      target: { value: 334 / 0.09290304, unit: 'ft2' },
      carrier: { amount: l(60), per: { value: 1000 / 0.09290304, unit: 'ft2' } },
    });
    expect(imperial.product.value).toBeCloseTo(ok(liquid).product.value, 6);
  });

  it('names everything that is wrong with the input at once, in the order of the contract', () => {
    const wrong = { ...liquid, tank: { capacity: l(0) }, measureStep: ml(-1) };
    expect(codes(wrong)).toEqual(['invalid-input tank.capacity.value', 'invalid-input measureStep.value']);
    expect(codes({ ...liquid, target: { value: 3, unit: 'kg' } })).toContain(
      'units-do-not-match target.unit',
    );
  });

  it('refuses a carry-over of nothing that holds product', () => {
    const tank = { capacity: l(15), carryOver: { finished: l(0), product: ml(4) } };
    expect(codes({ ...liquid, tank })).toEqual(['invalid-input tank.carryOver.product.value']);
  });

  it('refuses ten thousand and one loads', () => {
    expect(codes({ ...liquid, tank: { capacity: ml(0.0001) } })).toEqual(['invalid-input tank.capacity']);
  });
});

describe('the active ingredient', () => {
  const product = ml(120);
  it('is refused by what is missing or cannot be: a share over the whole, a liquid without density, an area alone', () => {
    const refusalOf = (input: Parameters<typeof activeIn>[0]) => {
      const result = activeIn(input);
      return 'refused' in result ? result.refused.map((r) => `${r.code} ${r.path}`) : [];
    };
    expect(refusalOf({ product, strength: { percent: 101 }, unit: 'g' })).toEqual([
      'strength-out-of-range strength.percent',
    ]);
    expect(refusalOf({ product, strength: { percent: 20 }, unit: 'g' })).toEqual([
      'strength-incomplete strength.density',
    ]);
    expect(refusalOf({ product, strength: { percent: 20 }, unit: 'g', area: m2(10) })).toEqual([
      'invalid-input per',
    ]);
    expect(refusalOf({ product, strength: { amount: l(1), per: l(1) }, unit: 'g' })).toEqual([
      'units-do-not-match strength.amount.unit',
    ]);
  });
  it('by percent and density is that by mass in a volume', () => {
    const density = { amount: { value: 1.08, unit: 'kg' }, per: l(1) } as const;
    const [a, b] = [
      activeIn({ product, strength: { percent: 18, density }, unit: 'mg' }),
      activeIn({ product, strength: { amount: { value: 194.4, unit: 'g' }, per: l(1) }, unit: 'mg' }),
    ];
    expect('ok' in a && 'ok' in b && a.ok.active.value / b.ok.active.value).toBeCloseTo(1, 12);
  });
});

describe('the live check of the tank', () => {
  it('asks to walk faster when half the lawn took more than half the mix', () => {
    const result = progress({ covered: m2(150), target: m2(300), left: l(6), started: l(15) });
    expect(result).toMatchObject({
      ok: { coveredPct: 50, usedPct: 60, advice: 'faster', expectedLeft: l(7.5) },
    });
  });

  it('refuses more left than there was', () => {
    expect(quartersOf(m2(336), l(20)).map(({ covered, left }) => [covered.value, left.value])).toEqual([
      ...[
        [84, 15],
        [168, 10],
      ],
      ...[
        [252, 5],
        [336, 0],
      ],
    ]);
    const result = progress({ covered: m2(1), target: m2(3), left: l(16), started: l(15) });
    expect(result).toMatchObject({ refused: [{ code: 'progress-out-of-range', path: 'left.value' }] });
  });
});

describe('a rest that is smaller than the area’s own error', () => {
  const job: DoseInput = {
    rate: { min: 12, max: 20, chosen: 15, unit: 'ml', per: quantity(100, 'm2') },
    carrier: { amount: quantity(6, 'l'), per: quantity(100, 'm2') },
    target: quantity(255, 'm2'),
    tank: { capacity: quantity(15, 'l') },
  };
  it('is shared out to the full tanks: 5 m² of 255 where the area may be off by 8', () => {
    const merged = expectAnswer(dose({ ...job, mergeRest: quantity(8, 'm2') }));
    expect(merged.loads).toHaveLength(1);
    expect(merged.merged?.value).toBeCloseTo(5, 9);
    expect(merged.finished).toEqual(quantity(15, 'l'));
    // The product is that of the whole area all the same.
    expect(merged.product.value).toBeCloseTo(38.25, 9);
    expect(merged.loads[0]?.covers.value).toBeCloseTo(255, 9);
    expect(merged.actualRate).toBeCloseTo(15, 9);
  });
  it('is a load of its own where it is larger, and where something was carried over', () => {
    expect(expectAnswer(dose({ ...job, mergeRest: quantity(4, 'm2') })).loads).toHaveLength(2);
    const carried = { finished: quantity(2, 'l'), product: quantity(5, 'ml') };
    const tank = { capacity: quantity(15, 'l'), carryOver: carried };
    expect(expectAnswer(dose({ ...job, tank, mergeRest: quantity(8, 'm2') })).loads).toHaveLength(2);
  });
  it('keeps the strength of a dilution', () => {
    const diluted = expectAnswer(
      dose({
        ...job,
        rate: { min: 5, max: 5, unit: 'ml', per: quantity(1, 'l'), basis: 'mix' },
        mergeRest: quantity(8, 'm2'),
      }),
    );
    expect(diluted.product.value).toBeCloseTo(75, 9);
    expect(diluted.finished).toEqual(quantity(15, 'l'));
  });
});
