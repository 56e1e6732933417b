import { describe, expect, it } from 'vitest';
import { SIGNS } from '../catalog';
import { CANNOT_TELL, NONE_OF_THESE } from '../core/identify';
import { effortText, findingText, gainWords, weightWords } from './naming';
import { thresholdText } from './terms';
import { PLAIN } from './show';
import { verdictWords } from './verdict';

const sign = (id: string) => SIGNS.find((one) => one.id === id) ?? expect.fail(id);

describe('what was found is said in words, never in codes', () => {
  it('of every sign and every answer that it can have', () => {
    for (const one of SIGNS)
      for (const finding of one.values === null
        ? [true, false, CANNOT_TELL]
        : [...one.values.map(({ id }) => id), NONE_OF_THESE, CANNOT_TELL]) {
        const text = findingText(one, finding);
        expect(text.length, one.id).toBeGreaterThan(3);
        // Two words and more, or one that is no code.
        expect(text, one.id).not.toBe(String(finding));
      }
    expect(findingText(sign('raster'), 'gone-since')).toBe('something else');
  });
  it('with what looking takes: a week of traps is days, not ten thousand minutes', () => {
    expect(effortText(sign('no-animal'))).toMatch(/^\d days/);
    expect(effortText(sign('heard'))).toBe('5 min');
    for (const one of SIGNS) expect(effortText(one), one.id).not.toMatch(/\d{4}/);
  });
  it('and how strongly it speaks', () => {
    expect([4.08, 1.5, 0.3, -0.3, -5, 0.05].map(weightWords)).toEqual([
      ...['strongly for', 'for', 'slightly for', 'slightly against', 'strongly against', 'hardly anything'],
    ]);
    expect([gainWords(0, 0.199), gainWords(2, 0.199), gainWords(4, 0.01)]).toEqual([
      ...['tells most', 'tells something', 'tells little'],
    ]);
  });
});

describe('where presence decides', () => {
  it('no threshold is spoken of', () => {
    expect(thresholdText({ presence: true, verdict: 'above' })).toBe('It is there');
    expect(thresholdText({ presence: true, verdict: 'below' })).toBe('None was caught');
    expect(thresholdText({ presence: false, verdict: 'above' })).toBe('Above the threshold');
  });
  it('what ends it is said for the place: a kitchen has no turf to mend', () => {
    const done = (presence: boolean, turf: boolean): string =>
      verdictWords('done', null, '2027-09-15' as never, PLAIN, {
        presence,
        turf,
        each: 'trap',
        moreSpots: null,
      }).text;
    expect(done(true, false)).not.toMatch(/turf|threshold/);
    expect(done(false, true)).toMatch(/threshold.*turf/);
  });
});
