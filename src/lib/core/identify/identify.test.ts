import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  againstThreshold,
  densityOf,
  entropyBits,
  identify,
  northernMonth,
  priorsOf,
  rankCase,
  stageInMonth,
  thresholdFor,
  type Candidate,
  type Sign,
} from '.';

const candidate = (id: string, signs: Record<string, number>, more: Partial<Candidate> = {}): Candidate => ({
  id,
  name: id,
  scientific: null,
  kind: 'insect',
  status: 'pest',
  season: Array.from({ length: 12 }, () => 1),
  signs,
  stages: [],
  threshold: null,
  telling: 't',
  doNow: 'd',
  doNot: 'n',
  culture: '',
  ...more,
});
const sign = (id: string, effortSeconds = 30): Sign => ({ id, name: id, how: id, effortSeconds });

describe('ranking the causes', () => {
  const share = fc.double({ min: 0.02, max: 0.98, noNaN: true });

  it('agrees with the product of likelihoods, multiplied out one by one', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(share, share, share), { minLength: 2, maxLength: 6 }),
        fc.boolean(),
        fc.boolean(),
        (rows, first, second) => {
          const prior = new Map(rows.map(([p], i) => [`p${i}`, p]));
          const signs = new Map([
            ['a', new Map(rows.map(([, a], i) => [`p${i}`, a]))],
            ['b', new Map(rows.map(([, , b], i) => [`p${i}`, b]))],
          ]);
          const result = identify({
            prior,
            signs,
            seen: new Map([
              ['a', first],
              ['b', second],
            ]),
          });
          const weights = rows.map(([p, a, b]) => p * (first ? a : 1 - a) * (second ? b : 1 - b));
          const total = weights.reduce((sum, w) => sum + w, 0);
          expect('ok' in result).toBe(true);
          if ('ok' in result)
            for (const { pest, p } of result.ok.posterior)
              expect(p).toBeCloseTo((weights[Number(pest.slice(1))] ?? 0) / total, 9);
        },
      ),
    );
  });

  it('does not lose the answer in a thousand signs', () => {
    const signs = new Map(
      Array.from({ length: 1000 }, (_, i) => [
        `s${i}`,
        new Map([
          ['x', 0.02],
          ['y', 0.01],
        ]),
      ]),
    );
    const seen = new Map([...signs.keys()].map((id) => [id, true]));
    const result = identify({
      prior: new Map([
        ['x', 0.5],
        ['y', 0.5],
      ]),
      signs,
      seen,
    });
    expect(result).toMatchObject({
      ok: { posterior: [{ pest: 'x', p: expect.closeTo(1, 9) }, { pest: 'y' }] },
    });
  });

  it('never expects to know less after looking', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(share, share), { minLength: 2, maxLength: 8 }), (rows) => {
        const result = identify({
          prior: new Map(rows.map(([p], i) => [`p${i}`, p])),
          signs: new Map([['a', new Map(rows.map(([, a], i) => [`p${i}`, a]))]]),
          seen: new Map(),
        });
        if ('ok' in result) expect(result.ok.next[0]?.gainBits).toBeGreaterThanOrEqual(-1e-9);
      }),
    );
  });

  it('has one bit of doubt between two equal causes', () => {
    expect(entropyBits([0.5, 0.5])).toBeCloseTo(1, 12);
    expect(entropyBits([1, 0])).toBe(0);
  });

  it('puts a quick look before one of the same gain that takes a night', () => {
    const candidates = [candidate('x', { slow: 0.9, quick: 0.9 }), candidate('y', { slow: 0.1, quick: 0.1 })];
    const ranking = rankCase(
      candidates,
      [sign('slow', 3600), sign('quick', 20)],
      {},
      { month: 6, hemisphere: 'north', history: {} },
    );
    expect(ranking).toMatchObject({ ok: { next: [{ sign: 'quick' }, { sign: 'slow' }], sure: false } });
  });

  it('tells what speaks for a cause and what against it', () => {
    const candidates = [candidate('x', { a: 0.9, b: 0.9 }), candidate('y', { a: 0.1, b: 0.1 })];
    const ranking = rankCase(
      candidates,
      [sign('a'), sign('b')],
      { a: true, b: false },
      { month: 6, hemisphere: 'north', history: {} },
    );
    if (!('ok' in ranking)) return expect.fail('refused');
    const x = ranking.ok.ranked.find((r) => r.id === 'x');
    expect(x?.evidence.find((e) => e.sign === 'a')?.bits).toBeGreaterThan(0);
    expect(x?.evidence.find((e) => e.sign === 'b')?.bits).toBeLessThan(0);
  });

  it('thinks of what a property had before', () => {
    const candidates = [candidate('x', {}), candidate('y', {})];
    const priors = priorsOf(candidates, { month: 6, hemisphere: 'north', history: { y: 2 } });
    expect(priors.get('y')).toBeCloseTo(0.75, 9);
  });

  it('turns the season round in the south', () => {
    expect(northernMonth(9, 'north')).toBe(9);
    expect([1, 6, 7, 12].map((month) => northernMonth(month, 'south'))).toEqual([7, 12, 1, 6]);
    const grub = candidate(
      'g',
      {},
      { stages: [{ id: 'small', name: 's', months: [8, 9], lengthMm: [1, 2] }] },
    );
    expect(stageInMonth(grub, 9, 'north')?.id).toBe('small');
    expect(stageInMonth(grub, 3, 'south')?.id).toBe('small');
    expect(stageInMonth(grub, 9, 'south')).toBeNull();
  });
});

describe('density from a few spots', () => {
  it('gives the mean per square metre and an interval that holds it', () => {
    const result = densityOf([2, 0, 3, 1, 4], { value: 0.1, unit: 'm2' });
    if (!('ok' in result)) return expect.fail('refused');
    expect(result.ok.perM2).toBeCloseTo(20, 9);
    // By hand: s = √2.5, half = 2.776·√(2.5/5) = 1.963 a spot.
    expect(result.ok.low).toBeCloseTo(0.37, 1);
    expect(result.ok.high).toBeCloseTo(39.63, 1);
  });

  it('does not take equal counts for certainty', () => {
    const result = densityOf([4, 4, 4, 4, 4], { value: 1, unit: 'm2' });
    if ('ok' in result) expect(result.ok.high - result.ok.low).toBeGreaterThan(4);
    expect('ok' in result).toBe(true);
  });

  it('does not take nothing found in two frames for nothing there', () => {
    const result = densityOf([0, 0], { value: 0.1, unit: 'm2' });
    if ('ok' in result) expect(result.ok.high).toBeGreaterThan(10);
    expect('ok' in result).toBe(true);
  });

  it('refuses half an insect, one spot alone and a frame of nothing', () => {
    const frame = { value: 0.1, unit: 'm2' } as const;
    expect(densityOf([1.5, 2], frame)).toMatchObject({ refused: [{ path: 'counts.0' }] });
    expect(densityOf([3], frame)).toMatchObject({ refused: [{ path: 'counts' }] });
    expect(densityOf([3, 4], { value: 0, unit: 'm2' })).toMatchObject({ refused: [{ path: 'frame.value' }] });
  });

  it('holds the count against the threshold only where the interval allows it', () => {
    const about = (perM2: number, half: number) => ({
      spots: 5,
      total: 9,
      perM2,
      low: perM2 - half,
      high: perM2 + half,
    });
    expect(againstThreshold(about(10, 3), 20)).toBe('below');
    expect(againstThreshold(about(30, 5), 20)).toBe('above');
    expect(againstThreshold(about(20.5, 5), 20)).toBe('at');
    expect(againstThreshold(about(26, 9), 20)).toBe('cannot-tell');
  });

  it('asks more of vigorous turf before it is treated', () => {
    const threshold = { test: 'turf-flap', perM2: [54, 86], source: 's' } as const;
    expect(thresholdFor(threshold, 'weak')).toBe(54);
    expect(thresholdFor(threshold, 'fair')).toBe(70);
    expect(thresholdFor(threshold, 'strong')).toBe(86);
  });
});
