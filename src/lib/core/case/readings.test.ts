import { describe, expect, it } from 'vitest';
import { quantity, type CalendarDay } from '../units';
import { assess, countInForce, openTrials, type EarlierReading, type LookBody } from '.';
import { factsWith, stops } from './case.test-kit';

const day = (text: string) => text as CalendarDay;
const frame = quantity(1, 'm2');
const before = (on: string, counts: number[], test = stops.look.test): EarlierReading => ({
  ...{ test, on: day(on), frame, counts },
});
const look = (more: Partial<LookBody>): LookBody => ({ ...stops.look, ...more });
const view = (more: Partial<LookBody>) => assess(factsWith({ stops: { ...stops, look: look(more) } }));

describe('readings of a case over weeks', () => {
  const blank = { counts: [null, null, null], countedOn: day('2027-09-15') };
  const series = [before('2027-09-08', [6, 2, 1]), before('2027-09-01', [11, 3, 2])];

  it('take nothing away from what was counted while the next one has not been read', () => {
    // Traps that were set for another week would else end the count, its threshold and what a re-check is held against.
    expect(countInForce(look({ ...blank, series }))).toMatchObject({ counts: [6, 2, 1] });
    expect(view({ ...blank, series }).density).toMatchObject({ spots: 3, total: 9 });
    expect(view({ ...blank, series }).threshold?.verdict).toBe(
      view({ counts: [6, 2, 1] }).threshold?.verdict,
    );
    expect(view({ ...blank, series: [] }).density).toBeNull();
  });

  it('count by their own test alone: flaps are no flushes', () => {
    const flaps = [before('2027-09-01', [40, 40, 40], 'turf-flap'), before('2027-09-08', [6, 2, 1])];
    expect(countInForce(look({ ...blank, series: flaps.slice(0, 1) })).counts).toEqual(blank.counts);
    const told = view({ counts: [2, 0, 0], countedOn: day('2027-09-15'), series: flaps }).series;
    expect(told?.readings.map(({ total }) => total)).toEqual([9, 2]);
  });

  it('and what is tried is open until somebody says what came of it', () => {
    const tried = (outcome: string) => ({
      ...{ what: 'Beer cup', from: day('2027-09-01'), until: day('2027-09-08'), outcome },
    });
    expect(openTrials(look({ tried: [tried(''), tried('Eleven')] }))).toHaveLength(1);
    expect(openTrials(undefined)).toEqual([]);
  });
});
