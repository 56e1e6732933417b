import { describe, expect, it } from 'vitest';
import { assess, type CaseFacts, type StopBodies } from '.';
import { day, factsWith, record, stops } from './case.test-kit';

/** A kitchen with six sticky traps over a night, cockroaches named by their bars. */
const kitchen = (counts: readonly (number | null)[], more: Partial<StopBodies> = {}): CaseFacts =>
  factsWith({
    records: more.recheck
      ? [
          record({
            caseNumber: 4,
            label: { id: 'tarnside-liquid', version: 1, name: 'T' },
            doneOn: day('2027-09-01'),
          }),
        ]
      : [],
    stops: {
      ...stops,
      look: {
        ...stops.look,
        ...{ surrounding: 'kitchen', test: 'sticky-monitor', frame: { value: 1, unit: 'count' }, counts },
        signs: { 'roach-look': 'two-bars', droppings: true },
      },
      name: { candidate: 'german-cockroach', stage: null, also: [] },
      ...more,
    },
  });
const recheck = (counts: readonly number[], noughtBefore: boolean): Partial<StopBodies> => ({
  recheck: { counts, control: null, countedOn: day('2027-09-22'), note: '', noughtBefore },
});

describe('what is established indoors', () => {
  it('is treated where any was caught: one in six traps, a mean of 0.17, is enough', () => {
    expect(assess(kitchen([0, 0, 1, 0, 0, 0])).threshold).toMatchObject({ presence: true, verdict: 'above' });
  });
  it('is there where it was named by its signs, though nobody counted, and not where traps stay empty', () => {
    expect(assess(kitchen([null, null])).threshold?.verdict).toBe('above');
    expect(assess(kitchen([0, 0, 0, 0, 0, 0])).threshold?.verdict).toBe('below');
  });
  it('is done with after two readings of nought, not after one', () => {
    const verdict = (counts: readonly number[], before: boolean) =>
      assess(kitchen([4, 0, 7, 2, 0, 1], recheck(counts, before))).recheck?.verdict;
    expect(verdict([0, 0, 0, 0, 0, 0], false)).toBe('nought-once');
    expect(verdict([0, 0, 0, 0, 0, 0], true)).toBe('done');
    expect(['done', 'nought-once']).not.toContain(verdict([0, 0, 1, 0, 0, 0], true));
  });
  it('has no mean to be held against, and a lawn still has', () => {
    expect(assess(factsWith()).threshold).toMatchObject({ presence: false, verdict: 'above' });
  });
});
