import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { assess, factsFor, type CaseFacts, type StopBodies, type Treatment } from '.';
import { factsWith, stops } from './case.test-kit';

const side = fc.double({ min: 0.5, max: 200, noNaN: true, noDefaultInfinity: true });
const share = fc.double({ min: 0.1, max: 0.9, noNaN: true });
const measured = (measure: Partial<StopBodies['measure']>): CaseFacts => {
  const { name, choose, look, mix } = stops;
  const free = { ...mix, step: null, tank: null };
  return factsWith({
    stops: { look, name, choose, mix: free, measure: { ...stops.measure, strip: 0, ...measure } },
  });
};
const product = (facts: CaseFacts): number =>
  assess(facts).dose?.exactProduct.value ?? expect.fail('no dose');
const alike = (a: number, b: number): void => expect(Math.abs(a / b - 1)).toBeLessThan(1e-9);

// Disjoint shapes that share no corner, and no paces: nothing but the way of measuring differs.
describe('the exact product of a treatment', () => {
  it('is the same however one rectangle is split into parts', () => {
    fc.assert(
      fc.property(side, side, share, (length, width, at) => {
        const whole = product(measured({ length, width }));
        const parts = [{ kind: 'rectangle' as const, a: length * (1 - at), b: width, off: false }];
        alike(product(measured({ length: length * at, width, parts })), whole);
        // Or a larger one, with a part taken off.
        const off = [{ kind: 'rectangle' as const, a: length, b: width * at, off: true }];
        alike(product(measured({ length, width: width * (1 + at), parts: off })), whole);
      }),
    );
  });
  it('is the same in feet, by a strip left out, and as a figure that somebody knows', () => {
    fc.assert(
      fc.property(side, side, share, (length, width, strip) => {
        const whole = product(measured({ length, width }));
        const feet = 1 / 0.3048;
        alike(product(measured({ unit: 'ft', length: length * feet, width: width * feet })), whole);
        alike(product(measured({ length, width: width * (1 + strip), strip: width * strip })), whole);
        const known = { area: { value: length * width, unit: 'm2' as const }, errorPct: 0 };
        alike(product(measured({ how: 'known', known })), whole);
        // A triangle of twice its width over its length, by base and height.
        const half = [{ kind: 'triangle' as const, a: length, b: 2 * width, off: false }];
        alike(product(measured({ length, width, parts: half })), 2 * whole);
      }),
    );
  });
  it('is the same wherever it stands in its course', () => {
    const bodies = [measured({ length: 24, width: 14 }), measured({ length: 9, width: 6 })].map(
      (facts) => facts.stops,
    );
    const treatment = (number: number): Treatment => {
      const { choose, measure, mix } = bodies[number - 1] ?? {};
      return {
        ...{ number, state: 'planned', onlyIf: '', go: 1, states: {}, settled: {}, ground: null },
        stops: {
          ...(choose ? { choose } : {}),
          ...(measure ? { measure } : {}),
          ...(mix ? { mix } : {}),
        },
      };
    };
    const facts = (order: number[]): CaseFacts => ({
      ...measured({ length: 24, width: 14 }),
      ...{ treatment: 1, course: order.map(treatment) },
    });
    const second = (of: CaseFacts): number => product(factsFor(of, 2) ?? expect.fail());
    expect(product(facts([1, 2]))).toBe(product(facts([2, 1])));
    expect(second(facts([1, 2]))).toBe(second(facts([2, 1])));
    expect(second(facts([1, 2]))).not.toBe(product(facts([1, 2])));
  });
});
