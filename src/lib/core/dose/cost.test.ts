import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectAnswer } from '../result';
import { quantity } from '../units';
import { costOf, type CostInput } from '.';

const job: CostInput = {
  product: quantity(42, 'ml'),
  target: quantity(336, 'm2'),
  per: quantity(100, 'm2'),
  times: 2,
  container: { size: quantity(1, 'l'), price: 40 },
  left: quantity(30, 'ml'),
  tools: [
    { name: 'Knapsack', price: 90, lifeJobs: 200 },
    { name: 'Can', price: null, lifeJobs: null },
  ],
  sizes: [
    { size: quantity(50, 'ml'), price: 5 },
    { size: quantity(1, 'l'), price: 40 },
    { size: quantity(5, 'l'), price: null },
  ],
  quote: 60,
};

it('costs the product, the share of the equipment, the season, and against a quote', () => {
  // 42 of 1,000 ml at 40 are 1.68; 90 over 200 jobs 0.45; twice a season 4.26; per 100 of 336 m² 2.13 ÷ 3.36.
  const cost = expectAnswer(costOf(job));
  expect(cost.product).toBeCloseTo(1.68, 9);
  expect(cost.tools).toEqual([{ name: 'Knapsack', share: 0.45 }]);
  expect(cost.untold).toEqual(['Can']);
  expect(cost.once).toBeCloseTo(2.13, 9);
  expect(cost.per?.value).toBeCloseTo(2.13 / 3.36, 9);
  expect(cost.season).toBeCloseTo(4.26, 9);
  expect(cost.saved).toBeCloseTo(55.74, 9);
  expect(cost.lacks).toEqual(quantity(12, 'ml'));
  // Two jobs take 84 ml: two small bottles for 10, of which 8.40 is used; one large one for 40, 3.36 of it.
  expect(cost.sizes.map(({ count, outlay, over }) => [count, outlay, over.value])).toEqual([
    [2, 10, 16],
    [1, 40, 0.916],
    [1, null, 4.916],
  ]);
  expect(cost.sizes.map(({ used }) => used?.toFixed(2))).toEqual(['8.40', '3.36', undefined]);
});

it('does not say that a shelf lacks what it has, and knows no price without a container', () => {
  expect(expectAnswer(costOf({ ...job, left: quantity(1, 'l') })).lacks).toBeNull();
  expect(expectAnswer(costOf({ ...job, container: null }))).toMatchObject({
    product: null,
    once: null,
    season: null,
    saved: null,
  });
});

it('pays for no less than it uses, whatever the size of the container', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 5000 }), fc.integer({ min: 1, max: 12 }), (ml, times) => {
      for (const { outlay, used, count, size, over } of expectAnswer(
        costOf({ ...job, times, sizes: [{ size: quantity(ml, 'ml'), price: 7 }] }),
      ).sizes) {
        // But for the half percent of a container that no scale shows.
        expect(outlay ?? 0).toBeGreaterThanOrEqual((used ?? 0) - 0.005 * 7 - 1e-9);
        expect(Math.abs(count * size.value - over.value - 42 * times)).toBeLessThanOrEqual(0.005 * ml + 1e-6);
        expect(over.value).toBeGreaterThanOrEqual(-1e-9);
      }
    }),
  );
});

it('refuses what cannot be a price or a size', () => {
  expect(costOf({ ...job, quote: -1 })).toMatchObject({ refused: [{ path: 'quote' }] });
  expect(costOf({ ...job, container: { size: quantity(1, 'kg'), price: 4 } })).toMatchObject({
    refused: [{ code: 'units-do-not-match', path: 'container.size.unit' }],
  });
  expect(costOf({ ...job, times: 0 })).toMatchObject({ refused: [{ path: 'times' }] });
});

describe('what a scale cannot tell apart', () => {
  it('is no shortage and no second bag: 10.004 lb from a bag of 10 lb', () => {
    const cost = expectAnswer(
      costOf({
        ...{ product: quantity(10.004, 'lb'), target: quantity(1, 'count'), per: quantity(1, 'count') },
        ...{ times: 1, tools: [], quote: null, left: quantity(10, 'lb'), container: null },
        sizes: [{ size: quantity(10, 'lb'), price: 30 }],
      }),
    );
    expect(cost.lacks).toBeNull();
    expect(cost.sizes[0]).toMatchObject({ count: 1, over: { value: 0, unit: 'lb' } });
  });
  it('is one where a scale does tell it: 10.2 lb', () => {
    const cost = expectAnswer(
      costOf({
        ...{ product: quantity(10.2, 'lb'), target: quantity(1, 'count'), per: quantity(1, 'count') },
        ...{ times: 1, tools: [], quote: null, left: quantity(10, 'lb'), container: null },
        sizes: [{ size: quantity(10, 'lb'), price: 30 }],
      }),
    );
    expect(cost.lacks?.value).toBeCloseTo(0.2, 9);
    expect(cost.sizes[0]?.count).toBe(2);
  });
});
