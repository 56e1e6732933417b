import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  againstThreshold,
  densityOf,
  evidenceFor,
  entropyBits,
  identify,
  CANNOT_TELL,
  isRuledOut,
  northernMonth,
  priorsOf,
  rankCase,
  recipeFor,
  stageInMonth,
  spotsToDecide,
  stagesOf,
  thresholdFor,
  unexplained,
  worstSpot,
  type Candidate,
  type Circumstances,
  type FieldTest,
  type Sign,
} from '.';

const candidate = (id: string, signs: Candidate['signs'], more: Partial<Candidate> = {}): Candidate => ({
  id,
  name: id,
  scientific: null,
  kind: 'insect',
  status: 'pest',
  concerns: [],
  places: { lawn: 1 },
  ruleOut: null,
  season: Array.from({ length: 12 }, () => 1),
  signs,
  stages: [],
  threshold: null,
  telling: 't',
  doNow: 'd',
  doNot: 'n',
  culture: '',
  drawn: false,
  ...more,
});
const sign = (id: string, effortSeconds = 30, more: Partial<Sign> = {}): Sign => ({
  id,
  name: id,
  how: id,
  places: ['lawn'],
  together: null,
  values: null,
  usual: 0.05,
  about: ['damage'],
  effortSeconds,
  tool: null,
  night: false,
  drawn: false,
  ...more,
});
const JUNE: Circumstances = {
  month: 6,
  hemisphere: 'north',
  surrounding: 'lawn',
  history: {},
  lengthMm: null,
};

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
    const ranking = rankCase(candidates, [sign('slow', 3600), sign('quick', 20)], {}, JUNE);
    expect(ranking.next.map((look) => look.sign)).toEqual(['quick', 'slow']);
    expect(ranking.sure).toBe(false);
  });

  it('tells what speaks for a cause and what against it', () => {
    const candidates = [candidate('x', { a: 0.9, b: 0.9 }), candidate('y', { a: 0.1, b: 0.1 })];
    const evidence = evidenceFor('x', candidates, [sign('a'), sign('b')], { a: true, b: false }, JUNE);
    expect(evidence.find((e) => e.sign === 'a')?.bits).toBeGreaterThan(0);
    expect(evidence.find((e) => e.sign === 'b')?.bits).toBeLessThan(0);
  });

  it('thinks of what a property had before', () => {
    const candidates = [candidate('x', {}), candidate('y', {})];
    const priors = priorsOf(candidates, { ...JUNE, history: { y: 2 } });
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

describe('findings that come together', () => {
  const p = fc.double({ min: 0, max: 1, noNaN: true });
  const share = (id: string, ranked: readonly { id: string; p: number }[]): number =>
    ranked.find((r) => r.id === id)?.p ?? NaN;
  const NAMES = ['a', 'b', 'c', 'd'];
  const world = fc.record({
    rows: fc.array(fc.tuple(p, p, p, p), { minLength: 2, maxLength: 6 }),
    groups: fc.tuple(...NAMES.map(() => fc.constantFrom(null, 'g', 'h'))),
    seen: fc.tuple(...NAMES.map(() => fc.option(fc.boolean(), { nil: undefined }))),
  });
  const build = ({ rows, groups }: { rows: number[][]; groups: (string | null)[] }) => ({
    candidates: rows.map((row, i) =>
      candidate(`p${i}`, Object.fromEntries(NAMES.map((name, k) => [name, row[k] ?? 0]))),
    ),
    signs: NAMES.map((name, k) => sign(name, 30, { together: groups[k] ?? null })),
  });

  it('count once: birds, digging and lifting turf are no three proofs', () => {
    const grub = candidate('grub', { birds: 0.6, digging: 0.6, lifts: 0.8 });
    const other = candidate('other', { birds: 0.1, digging: 0.1, lifts: 0.1 });
    const together = ['birds', 'digging', 'lifts'].map((id) => sign(id, 30, { together: 'digging' }));
    const apart = ['birds', 'digging', 'lifts'].map((id) => sign(id));
    const all = { birds: true, digging: true, lifts: true };
    const odds = (signs: Sign[], found: Record<string, boolean>): number => {
      const { ranked } = rankCase([grub, other], signs, found, JUNE);
      return share('grub', ranked) / share('other', ranked);
    };
    expect(odds(together, all)).toBeCloseTo(6, 9);
    expect(odds(apart, all)).toBeCloseTo(6 * 6 * 8, 6);
    expect(odds(together, { lifts: true })).toBeCloseTo(8, 9);
  });

  it('give the same ranking in whatever order they were made', () => {
    fc.assert(
      fc.property(world, fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 }), (drawn, order) => {
        const { candidates, signs } = build(drawn);
        const entries = NAMES.flatMap((name, k): [string, boolean][] =>
          drawn.seen[k] === undefined ? [] : [[name, drawn.seen[k]]],
        );
        const shuffled = order.flatMap((k) => entries.filter(([name]) => name === NAMES[k]));
        const [one, two] = [entries, shuffled].map((found) =>
          rankCase(candidates, signs, Object.fromEntries(found), JUNE),
        );
        for (const { id, p: chance } of one?.ranked ?? [])
          expect(share(id, two?.ranked ?? [])).toBeCloseTo(chance, 9);
      }),
    );
  });

  it('never raise a cause that cannot show the sign', () => {
    fc.assert(
      fc.property(world, fc.nat(5), fc.nat(3), (drawn, who, which) => {
        const { candidates, signs } = build(drawn);
        const name = NAMES[which] ?? 'a';
        const victim = candidates[who % candidates.length]?.id ?? 'p0';
        const changed = candidates.map((c) =>
          c.id === victim ? { ...c, signs: { ...c.signs, [name]: 0 } } : c,
        );
        const before = Object.fromEntries(
          NAMES.flatMap((n, k) => (n === name || drawn.seen[k] === undefined ? [] : [[n, drawn.seen[k]]])),
        ) as Record<string, boolean>;
        const after = rankCase(changed, signs, { ...before, [name]: true }, JUNE);
        const was = share(victim, rankCase(changed, signs, before, JUNE).ranked);
        expect(share(victim, after.ranked)).toBeLessThanOrEqual(was + 1e-9);
      }),
    );
  });

  it('never expect to know less after looking, within a group either', () => {
    const candidates = [candidate('x', { a: 0.9, b: 0.7 }), candidate('y', { a: 0.2, b: 0.1 })];
    const signs = ['a', 'b'].map((id) => sign(id, 30, { together: 'g' }));
    const gain = (found: Record<string, boolean>): number =>
      rankCase(candidates, signs, found, JUNE).next.find((look) => look.sign === 'b')?.gainBits ?? NaN;
    expect(gain({})).toBeGreaterThan(0);
    expect(gain({ a: true })).toBeLessThan(gain({}));
  });
});

describe('what was found and what it means', () => {
  const rows = sign('raster', 30, {
    usual: 0.01,
    values: ['v', 'zip', 'none'].map((id) => ({ id, name: id })),
  });
  const chafer = candidate('chafer', { raster: { v: 0.03, zip: 0.9, none: 0.03 }, lifts: 0.8 });
  const japanese = candidate('japanese', { raster: { v: 0.9, zip: 0.03, none: 0.03 }, lifts: 0.8 });
  const bee = candidate(
    'bee',
    { lifts: 0.01, furry: 0.9 },
    {
      status: 'protected',
      ruleOut: { sign: 'furry', is: true, always: true },
    },
  );
  const all = [chafer, japanese, bee];
  const signs = [rows, sign('lifts'), sign('furry'), sign('alien', 30, { usual: 0.02 })];

  it('takes a sign of several values as one, and asks for it first', () => {
    const open = rankCase(all, signs, { lifts: true }, JUNE);
    expect(open.next[0]?.sign).toBe('raster');
    const zip = rankCase(all, signs, { lifts: true, raster: 'zip' }, JUNE);
    expect(zip.ranked[0]).toMatchObject({ id: 'chafer', p: expect.closeTo(0.9 / 0.93, 1) });
  });

  it('calls out a sign that fits nothing', () => {
    expect(rankCase(all, signs, { lifts: true, alien: true }, JUNE).misfits).toEqual(['alien']);
    expect(rankCase(all, signs, { lifts: true }, JUNE).misfits).toEqual([]);
  });

  it('leaves to a second cause what the first does not explain', () => {
    const found = { lifts: true, furry: true, raster: 'zip' };
    expect(unexplained([chafer], signs, found)).toEqual(['furry']);
    expect(unexplained([chafer, bee], signs, found)).toEqual([]);
  });

  it('rules out by the named sign alone', () => {
    expect(
      ([{}, { furry: true }, { furry: false }] as Record<string, boolean>[]).map((found) =>
        isRuledOut(bee, found, JUNE),
      ),
    ).toEqual([false, false, true]);
    expect(isRuledOut(chafer, { furry: false }, JUNE)).toBe(false);
  });

  it('rules out by the absence of a mark only where it is always there, and never by “cannot tell”', () => {
    const often = { ...bee, ruleOut: { sign: 'furry', is: true, always: false } };
    expect(isRuledOut(often, { furry: false }, JUNE)).toBe(false);
    const summer = { ...bee, ruleOut: { sign: 'furry', is: true, always: [5, 6, 7] } };
    expect(isRuledOut(summer, { furry: false }, JUNE)).toBe(true);
    expect(isRuledOut(summer, { furry: false }, { ...JUNE, month: 1 })).toBe(false);
    expect(isRuledOut(summer, { furry: false }, { ...JUNE, hemisphere: 'south' })).toBe(false);
    expect(isRuledOut(bee, { furry: CANNOT_TELL }, JUNE)).toBe(false);
    const several = { ...bee, ruleOut: { sign: 'raster', is: ['zip', 'v'], always: true } };
    expect(isRuledOut(several, { raster: 'v' }, JUNE)).toBe(false);
    expect(isRuledOut(several, { raster: 'oval' }, JUNE)).toBe(true);
  });

  it('“cannot tell” speaks for nothing and is not asked again', () => {
    const without = rankCase(all, signs, { lifts: true }, JUNE);
    const told = rankCase(all, signs, { lifts: true, furry: CANNOT_TELL }, JUNE);
    expect(told.ranked).toEqual(without.ranked);
    expect(without.next.map(({ sign }) => sign)).toContain('furry');
    expect(told.next.map(({ sign }) => sign)).not.toContain('furry');
    expect(unexplained([chafer], signs, { furry: CANNOT_TELL })).toEqual([]);
  });

  it('weighs life stages by the month and the body length', () => {
    const grub = candidate(
      'g',
      {},
      {
        stages: [
          { id: 'small', name: 's', months: [8, 9], lengthMm: [4, 12] },
          { id: 'large', name: 'l', months: [10, 11], lengthMm: [15, 24] },
        ],
      },
    );
    const first = (month: number, lengthMm: number | null) =>
      stagesOf(grub, month, 'north', lengthMm)[0]?.stage.id;
    expect([first(9, null), first(10, null), first(9, 20), first(10, 8)]).toEqual([
      'small',
      'large',
      'large',
      'small',
    ]);
  });

  it('mixes for the frame at hand', () => {
    const test: FieldTest = {
      ...{
        id: 't',
        name: 't',
        places: ['lawn'],
        basis: 'm2',
        count: 'c',
        units: ['m2'],
        ...{ each: 'flap', catches: [] },
        spots: 5,
        steps: [],
      },
      ...{ frame: { value: 1, unit: 'm2' }, not: '' },
      recipe: [{ what: 'soap', perM2: { value: 30, unit: 'ml' } }],
    };
    const [soap] = recipeFor(test, { value: 2, unit: 'ft2' });
    expect(soap?.amount.value).toBeCloseTo(30 * 0.18580608, 9);
  });
});

describe('density from a few spots', () => {
  it('gives the mean per square metre and an interval that holds it', () => {
    const result = densityOf([2, 0, 3, 1, 4], { value: 0.1, unit: 'm2' });
    if (!('ok' in result)) return expect.fail('refused');
    expect(result.ok.mean).toBeCloseTo(20, 9);
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
      mean: perM2,
      low: perM2 - half,
      high: perM2 + half,
    });
    expect(againstThreshold(about(10, 3), 20)).toBe('below');
    expect(againstThreshold(about(30, 5), 20)).toBe('above');
    expect(againstThreshold(about(20.5, 5), 20)).toBe('at');
    expect(againstThreshold(about(26, 9), 20)).toBe('cannot-tell');
  });

  it('tells how many more spots would decide, if they read like those that were counted', () => {
    const frame = { value: 0.1, unit: 'm2' } as const;
    // 6, 3, 8, 4, 9 in 0.1 m²: mean 6, s² = 6.5 and at least the mean; 80 per m² are 8 a spot, 2 away.
    // By hand: t·√(6.5/n) < 2 first at n = 9: 2.306·√(6.5/9) = 1.96; at 8 it is 2.365·√(6.5/8) = 2.13.
    expect(spotsToDecide([6, 3, 8, 4, 9], frame, 80)).toBe(4);
    expect(spotsToDecide([2, 0, 3, 1, 4], frame, 40)).toBe(0);
    // A spot away by 0.1 of 6: hundreds would be needed, and nobody counts them.
    expect(spotsToDecide([6, 3, 8, 4, 9], frame, 61)).toBeNull();
    expect(spotsToDecide([3], frame, 80)).toBeNull();
    // What is told already needs none, and what needs more says so by the same rule as the verdict.
    for (const limit of [10, 35, 60, 85, 120, 200]) {
      const counts = [6, 3, 8, 4, 9];
      const density = densityOf(counts, frame);
      const told = 'ok' in density ? againstThreshold(density.ok, limit) : 'cannot-tell';
      expect(spotsToDecide(counts, frame, limit) === 0, String(limit)).toBe(
        told === 'below' || told === 'above',
      );
    }
  });

  it('names the spot that is far worse than the others, which a mean hides', () => {
    expect(worstSpot([0, 0, 0, 0, 40, 0, 2, 0, 0])).toEqual({ spot: 5, count: 40 });
    expect(worstSpot([null, 3, 0])).toEqual({ spot: 2, count: 3 });
    expect(worstSpot([5, 6, 7, 5])).toBeNull();
    expect(worstSpot([2, 0, 0])).toBeNull();
    expect(worstSpot([9, null])).toBeNull();
  });

  it('asks more of vigorous turf before it is treated', () => {
    const threshold = { test: 'turf-flap', at: [54, 86], source: 's' } as const;
    expect(thresholdFor(threshold, 'weak')).toBe(54);
    expect(thresholdFor(threshold, 'fair')).toBe(70);
    expect(thresholdFor(threshold, 'strong')).toBe(86);
  });
});
