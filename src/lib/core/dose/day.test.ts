import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { expectAnswer } from '../result';
import { quantity, valueIn } from '../units';
import { planDay, type DayInput } from '.';

const m2 = (value: number) => quantity(value, 'm2');
const l = (value: number) => quantity(value, 'l');
const tank = (capacity: number, undrawn: number | null = null) => ({
  ...{ name: `${capacity} l`, capacity: l(capacity) },
  undrawn: undrawn === null ? null : l(undrawn),
});
const day = (areas: readonly number[], more: Partial<DayInput> = {}): DayInput => ({
  jobs: areas.map((area, i) => ({ name: `Job ${i + 1}`, target: m2(area), room: null })),
  rate: { min: 100, max: 150, chosen: 125, unit: 'ml', per: m2(1000) },
  carrier: { amount: l(60), per: m2(1000) },
  tanks: [tank(15)],
  ...more,
});

describe('the day’s jobs with the same mix', () => {
  it('share the loads, and the last load is what the last job still takes', () => {
    // 336 and 100 m² take 26.16 l: a full tank, and 11.16 l of which 5.16 finish the first job.
    const { loads, product, finished } = expectAnswer(planDay(day([336, 100])));
    expect(finished.value).toBeCloseTo(26.16, 9);
    expect(product.value).toBeCloseTo(54.5, 9);
    expect(
      loads.map((load) => load.parts.map(({ job, finished: part }) => [job, Number(part.value.toFixed(6))])),
    ).toEqual([
      [[0, 15]],
      [
        [0, 5.16],
        [1, 6],
      ],
    ]);
  });

  it('fill the largest tank and put the rest into the smallest that holds it', () => {
    const { loads } = expectAnswer(planDay(day([336, 100], { tanks: [tank(6), tank(20), tank(10)] })));
    // 20 l, then 6.16 l: too much for 6, so the 10 l one.
    expect(loads.map((load) => load.tank)).toEqual([1, 2]);
  });

  it('rinse what cannot be drawn over ground that has room', () => {
    // 0.3 l hold 0.625 ml of product; room is 25 ml per 1,000 m², so at least 25 m².
    const { leftover } = expectAnswer(planDay(day([336], { tanks: [tank(15, 0.3)] })));
    expect(leftover?.product.value).toBeCloseTo(0.625, 9);
    expect(leftover?.over).toHaveLength(1);
    expect(leftover?.over[0]?.atLeast.value).toBeCloseTo(25, 6);
    expect(leftover?.without.value).toBe(0);
    const most = day([336], { tanks: [tank(15, 0.3)] });
    // At the label's most no ground has room.
    const full = expectAnswer(planDay({ ...most, rate: { ...most.rate, chosen: 150 } }));
    expect(full.leftover?.over).toEqual([]);
    expect(full.leftover?.without.value).toBeCloseTo(0.75, 9);
    // Nor where the year's most is reached.
    const jobs = most.jobs.map((job) => ({ ...job, room: quantity(0, 'ml') }));
    expect(expectAnswer(planDay({ ...most, jobs })).leftover?.over).toEqual([]);
  });

  it('loses no mix and no ground on the way from load to job', () => {
    const areas = fc.array(fc.double({ min: 1, max: 900, noNaN: true }), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(areas, fc.double({ min: 2, max: 100, noNaN: true }), (list, capacity) => {
        const { loads, finished, product } = expectAnswer(
          planDay(day(list, { tanks: [tank(capacity), tank(1)] })),
        );
        list.forEach((area, job) => {
          const parts = loads.flatMap((load) => load.parts.filter((part) => part.job === job));
          expect(parts.reduce((sum, part) => sum + part.covers.value, 0)).toBeCloseTo(area, 5);
          expect(parts.reduce((sum, part) => sum + part.finished.value, 0)).toBeCloseTo(area * 0.06, 6);
        });
        expect(loads.reduce((sum, load) => sum + load.finished.value, 0)).toBeCloseTo(finished.value, 6);
        expect(loads.reduce((sum, load) => sum + load.product.value, 0)).toBeCloseTo(product.value, 6);
      }),
    );
  });

  it('refuse a day without jobs, without a tank, or of different measures', () => {
    expect(planDay(day([]))).toMatchObject({ refused: [{ path: 'jobs' }] });
    expect(planDay(day([10], { tanks: [] }))).toMatchObject({ refused: [{ path: 'tanks' }] });
    const jobs = [...day([10]).jobs, { name: 'Mounds', target: quantity(3, 'count'), room: null }];
    expect(planDay(day([10], { jobs }))).toMatchObject({ refused: [{ path: 'jobs.1.target.unit' }] });
    expect(valueIn(expectAnswer(planDay(day([10]))).finished, 'ml')).toBeCloseTo(600, 6);
  });
});
