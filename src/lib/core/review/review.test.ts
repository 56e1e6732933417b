import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { inHand } from '../labels';
import { addDays, parseDay, type CalendarDay } from '../units';
import { nextDate } from '../schedule';
import { asksForMore, efficacy, judgeRecheck, recheckDue, reductionBand, type RecheckInput } from '.';

const day = (text: string): CalendarDay => parseDay(text) ?? expect.fail(text);
const card = DEMONSTRATION_LABELS.find((l) => l.id === 'tarnside-liquid') ?? expect.fail();
const { use } = inHand(card, { pest: null, stage: null, surrounding: 'lawn' }) ?? expect.fail();
const doneOn = day('2027-08-01');
const input: RecheckInput = {
  doneOn,
  today: day('2027-09-01'),
  use,
  frame: { value: 1, unit: 'm2' },
  before: [24, 26, 22, 27, 25],
  after: [2, 3, 1, 2, 2],
  control: null,
  threshold: 17.5,
  applications: [{ date: doneOn, amount: 40 }],
};

describe('whether it worked', () => {
  it('says done where the whole interval lies under the threshold', () => {
    expect(judgeRecheck(input)).toMatchObject({
      verdict: 'done',
      pct: expect.closeTo(91.9, 0),
      method: 'reduction',
    });
  });

  it('asks for what waits for a count only where it decides so', () => {
    expect(asksForMore('over-threshold')).toBe(true);
    expect(asksForMore('not-yet-allowed')).toBe(true);
    expect([asksForMore('done'), asksForMore('count-more'), asksForMore('wait')]).toEqual([
      false,
      null,
      null,
    ]);
  });

  it('waits while the remedy is still working', () => {
    const early = { ...input, after: [20, 22, 19, 21, 20], today: day('2027-08-03') };
    expect(judgeRecheck(early)?.verdict).toBe('wait');
  });

  it('asks for another approach where it hardly worked', () => {
    expect(judgeRecheck({ ...input, after: [22, 25, 21, 24, 23] })?.verdict).toBe('change-approach');
  });

  it('repeats only from the day that the label allows', () => {
    const strong = { ...input, before: [80, 82, 79, 85, 81], after: [25, 26, 28, 27, 25] };
    expect(judgeRecheck(strong)).toMatchObject({ verdict: 'repeat' });
    const soon = { ...strong, today: day('2027-08-10') };
    expect(judgeRecheck(soon)).toMatchObject({ verdict: 'not-yet-allowed', repeatOn: '2027-08-22' });
  });

  it('takes the fall that would have come anyway off, where an untreated strip was counted', () => {
    const result = judgeRecheck({ ...input, control: { before: 100, after: 50 } });
    expect(result?.method).toBe('henderson-tilton');
    expect(result?.pct).toBeCloseTo((1 - (10 * 100) / (124 * 50)) * 100, 9);
  });

  it('goes by the threshold alone where nothing was counted before, and tells no share', () => {
    const none = { ...input, before: [] };
    expect(judgeRecheck(none)).toMatchObject({ verdict: 'done', pct: null, band: null, method: 'threshold' });
    const many = { ...none, after: [30, 28, 33, 29, 31] };
    expect(judgeRecheck(many)?.verdict).toBe('over-threshold');
    expect(judgeRecheck({ ...many, today: day('2027-08-03') })?.verdict).toBe('wait');
    expect(judgeRecheck({ ...none, after: [30, 2, 28, 1, 5] })?.verdict).toBe('count-more');
    expect(judgeRecheck({ ...input, before: [0, 0, 0, 0, 0] })).toMatchObject({ pct: null, verdict: 'done' });
    expect(judgeRecheck({ ...none, threshold: null })).toBeNull();
  });

  it('is due at the long end of the time to effect', () => {
    expect(recheckDue(doneOn, use)).toBe('2027-08-08');
  });

  it('never allows a date inside the interval', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 400 }), (ago) => {
        const today = day('2027-09-15');
        const date = addDays(today, -ago);
        const next = nextDate({ use, today, applications: [{ date, amount: 1 }] }).day;
        expect(next === null || next >= addDays(date, 21)).toBe(true);
      }),
    );
  });
});

describe('what counts can carry', () => {
  it('is wide for few insects and narrow for many', () => {
    const few = reductionBand(5, 1);
    const many = reductionBand(500, 100);
    if (!('ok' in few) || !('ok' in many)) return expect.fail('refused');
    expect(few.ok.pct).toBeCloseTo(many.ok.pct, 9);
    expect(few.ok.high - few.ok.low).toBeGreaterThan(3 * (many.ok.high - many.ok.low));
  });

  it('holds the reduction itself, whatever was counted', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2000 }), fc.integer({ min: 1, max: 2000 }), (before, after) => {
        const band = reductionBand(before, after);
        if (!('ok' in band)) return expect.fail('refused');
        expect(band.ok.low).toBeLessThanOrEqual(band.ok.pct);
        expect(band.ok.high).toBeGreaterThanOrEqual(band.ok.pct);
      }),
    );
  });

  it('is refused without a baseline', () => {
    expect(efficacy({ method: 'abbott', after: 3, controlAfter: 0 })).toMatchObject({
      refused: [{ code: 'no-baseline', path: 'controlAfter' }],
    });
    expect(efficacy({ method: 'reduction', before: -1, after: 3 })).toMatchObject({
      refused: [{ code: 'no-baseline' }],
    });
  });
});
