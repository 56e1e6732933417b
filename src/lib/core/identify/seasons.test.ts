import { describe, expect, it } from 'vitest';
import { CANDIDATES } from '../../catalog';
import { candidatesIn, isYearRound, stageInMonth, stagesInMonth, stagesOf, type Candidate } from '.';

const of = (id: string, list: readonly Candidate[] = CANDIDATES): Candidate =>
  list.find((one) => one.id === id) ?? expect.fail(id);
const ids = (...[candidate, month, hemisphere]: Parameters<typeof stagesInMonth>): string[] =>
  stagesInMonth(candidate, month, hemisphere).map(({ id }) => id);

describe('life stages by the month', () => {
  it('run into one another: in September young and old grubs of the Japanese beetle lie side by side', () => {
    const beetle = of('japanese-beetle');
    expect(ids(beetle, 8, 'north')).toEqual(['small', 'adult']);
    expect(ids(beetle, 9, 'north')).toEqual(['small', 'large']);
    expect(ids(beetle, 10, 'north')).toEqual(['large', 'small']);
    // Half a year on in the south.
    expect(ids(beetle, 3, 'south')).toEqual(['small', 'large']);
    expect(stageInMonth(beetle, 9, 'north')?.id).toBe('small');
    const chances = stagesOf(beetle, 9, 'north', null).map(({ stage, p }) => [stage.id, Math.round(p * 100)]);
    // 0.6, 0.4 and the 0.08 of what is out of its season.
    expect(chances).toEqual([['small', 56], ['large', 37], ['adult', 7]]); // prettier-ignore
  });
  it('of fleas are four larvae for each adult, all the year', () => {
    for (let month = 1; month <= 12; month++)
      expect(ids(of('flea'), month, 'north')).toEqual(['larva', 'adult']);
  });
  it('of the African black beetle are large grubs in January and February, and adults from March on, in the south', () => {
    expect(ids(of('black-beetle'), 1, 'south')[0]).toBe('large');
    expect(ids(of('black-beetle'), 2, 'south')[0]).toBe('large');
    expect(ids(of('black-beetle'), 3, 'south')[0]).toBe('adult');
  });
});

describe('the year of a part of the world', () => {
  it('is no northern year turned round: wasps of Australia are worst from March to May, and never quite gone', () => {
    const there = of('yellowjacket', candidatesIn(CANDIDATES, 'australia'));
    // Read by the northern calendar: September is March there.
    expect(there.season[8]).toBe(1);
    expect(there.season[8]).toBeGreaterThan(of('yellowjacket').season[8] ?? 1);
    expect(Math.min(...there.season)).toBeGreaterThanOrEqual(0.1);
    expect(of('yellowjacket', candidatesIn(CANDIDATES, 'europe')).season).toBe(of('yellowjacket').season);
  });
  it('is alike in every month near the equator, with all stages about', () => {
    expect([isYearRound(1.3), isYearRound(-19.9), isYearRound(20), isYearRound(-33.9)]).toEqual([
      ...[true, true, false, false],
    ]);
    const list = candidatesIn(CANDIDATES, 'tropics', true);
    const worm = of('armyworm', list);
    expect(new Set(worm.season).size).toBe(1);
    expect(worm.season[0]).toBeCloseTo(of('armyworm').season.reduce((sum, one) => sum + one, 0) / 12, 9);
    for (const month of [1, 7]) expect(ids(worm, month, 'north')).toEqual(worm.stages.map(({ id }) => id));
    // The same list again, so that what was weighed of it is known again.
    expect(candidatesIn(CANDIDATES, 'tropics', true)).toBe(list);
    expect(candidatesIn(CANDIDATES, null)).toBe(CANDIDATES);
  });
});
