import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { mergeAnswers, type Plain } from '.';

const base = { length: 20, width: 10, counts: [1, 2, 3], tank: { value: 15, unit: 'l' }, note: '' };

describe('two people on one answer', () => {
  it('each change another value: both are kept', () => {
    const { merged, theirs, clashes } = mergeAnswers(
      base,
      { ...base, length: 24, counts: [1, 5, 3] },
      { ...base, width: 12, note: 'wet' },
    );
    expect(merged).toEqual({ ...base, length: 24, width: 12, counts: [1, 5, 3], note: 'wet' });
    expect(theirs).toEqual([
      { path: 'length', from: 20, to: 24 },
      { path: 'counts.1', from: 2, to: 5 },
    ]);
    expect(clashes).toEqual([]);
  });

  it('who change the same value differently clash, and the choice decides', () => {
    const theirs = { ...base, width: 11 };
    const mine = { ...base, width: 12 };
    expect(mergeAnswers(base, theirs, mine).clashes).toEqual([{ path: 'width', theirs: 11, mine: 12 }]);
    expect(mergeAnswers(base, theirs, mine).merged).toEqual(theirs);
    expect(mergeAnswers(base, theirs, mine, new Set(['width'])).merged).toEqual(mine);
  });

  it('never get one’s number with the other’s unit', () => {
    const { clashes } = mergeAnswers(
      base,
      { ...base, tank: { value: 4, unit: 'gal' } },
      { ...base, tank: { value: 10, unit: 'l' } },
    );
    expect(clashes.map((clash) => clash.path)).toEqual(['tank']);
  });

  it('keep what one added and drop what one took away', () => {
    expect(
      mergeAnswers(
        { signs: { a: true, b: true } },
        { signs: { b: true } },
        { signs: { a: true, b: true, c: false } },
      ).merged,
    ).toEqual({ signs: { b: true, c: false } });
  });

  it('lose nothing: whoever changed nothing takes the other’s answer, in both directions', () => {
    const answer = fc.dictionary(
      fc.constantFrom('a', 'b', 'c', 'd'),
      fc.oneof(
        fc.integer(),
        fc.string(),
        fc.constant(null),
        fc.dictionary(fc.constantFrom('x', 'y'), fc.nat()),
      ),
    ) as fc.Arbitrary<Plain>;
    fc.assert(
      fc.property(answer, answer, (from, to) => {
        expect(mergeAnswers(from, to, from)).toMatchObject({ merged: to, clashes: [] });
        expect(mergeAnswers(from, from, to)).toMatchObject({ merged: to, theirs: [], clashes: [] });
        expect(mergeAnswers(from, to, to)).toMatchObject({ merged: to, clashes: [] });
      }),
    );
  });

  it('find every value of the merge in one of the two answers', () => {
    const answer = fc.record({ a: fc.nat(3), b: fc.nat(3), c: fc.nat(3) });
    fc.assert(
      fc.property(answer, answer, answer, (from, theirs, mine) => {
        const { merged, clashes } = mergeAnswers(from, theirs, mine);
        for (const key of ['a', 'b', 'c'] as const) {
          const value = (merged as typeof from)[key];
          expect([theirs[key], mine[key]]).toContain(value);
          if (theirs[key] !== from[key]) expect(value).toBe(theirs[key]);
          if (theirs[key] === from[key]) expect(value).toBe(mine[key]);
          expect(clashes.some((clash) => clash.path === key)).toBe(
            theirs[key] !== from[key] && mine[key] !== from[key] && theirs[key] !== mine[key],
          );
        }
      }),
    );
  });
});
