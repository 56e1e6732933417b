import type { Licence } from '../premises';
import { describe, expect, it } from 'vitest';
import { sideBySide, type ApplicationRecord } from '../record';
import {
  agendaOf,
  assess,
  announced,
  bearingOf,
  courseAgenda,
  courseOf,
  factsFor,
  letterOf,
  isStale,
  outsideOf,
  workingsOf,
  type CaseFacts,
  type Done,
  type StopBodies,
  type Treatment,
} from '.';
import { day, factsWith, NOON, record, stops } from './case.test-kit';

const haltCodes = (facts: CaseFacts): string[] => assess(facts).halts.map((h) => h.caution.code);

describe('a lawn from sighting to plan', () => {
  it('carries one stop’s answer into the next', () => {
    const view = assess(factsWith());
    expect(view.density?.mean).toBeCloseTo(24.8, 9);
    expect(view.named?.id).toBe('sod-webworm');
    expect(view.threshold).toMatchObject({ limit: 17.5, verdict: 'above' });
    expect(view.lawn?.area.value).toBeCloseTo(336, 9);
    expect(view.dose?.product.value).toBe(42);
    expect(view.lanes?.lanes).toHaveLength(10);
    expect(view.halts).toEqual([]);
    expect(view.trail.map((t) => t.state)).toEqual([
      ...['answered', 'answered', 'answered', 'answered', 'answered', 'answered', 'answered'],
      ...['open', 'open'],
    ]);
  });

  it('shows the working of every figure with where it came from', () => {
    const workings = workingsOf(factsWith(), assess(factsWith()));
    expect(Object.keys(workings).sort()).toEqual([
      'area',
      'cost',
      'density',
      'finished',
      'lanes',
      'product',
      'threshold',
    ]);
    expect(workings.product?.inputs.find((i) => i.name === 'rate')).toMatchObject({
      value: 125,
      source: 'chosen',
      clause: '3.1',
    });
  });

  it('says not sure where the signs do not carry it', () => {
    const bare = factsWith({}, ['name', 'choose', 'recheck']);
    const view = assess({
      ...bare,
      stops: { ...bare.stops, look: { ...stops.look, signs: { 'sunny-edges': true } } },
    });
    expect(view.ranking.sure).toBe(false);
    expect(view.named).toBeNull();
    expect(view.nextStop).toBe('name');
  });
});

describe('how far a container and the label reach', () => {
  it('is told side by side, by product and by active ingredient', () => {
    const { label, dose } = assess(factsWith());
    const job = { product: dose!.product, target: { value: 336, unit: 'm2' } as const };
    const none = { cap: null, parts: [[]], cards: new Map(), day: day('2027-09-15') };
    const allowance = { allowed: { value: 134.4, unit: 'ml' }, used: { value: 50.4, unit: 'ml' } } as const;
    const told = sideBySide(label!, job, { value: 0.25, unit: 'l' }, allowance, none);
    // 250 ml at 42 ml a job; 84 ml left of the year are two jobs, 672 m².
    expect(told.container?.jobs).toBeCloseTo(250 / 42, 9);
    expect(told.allowed?.jobs).toBeCloseTo(2, 9);
    expect(told.allowed?.covers.value).toBeCloseTo(672, 6);
    expect((told.container?.activeG ?? 0) / (told.allowed?.activeG ?? 1)).toBeCloseTo(250 / 84, 9);
    expect(sideBySide(label!, job, null, null, none)).toMatchObject({ container: null, allowed: null });
    // Of a most of the active ingredient: what the grams still allow, as product.
    const gramsInMl = (told.container?.activeG ?? 0) / 250;
    const cap = { of: 'active', amount: { value: 10, unit: 'g' }, per: { value: 1000, unit: 'm2' } } as const;
    const byActive = sideBySide(label!, job, null, null, { ...none, cap });
    expect(byActive.allowed?.activeG).toBeCloseTo(3.36, 9);
    expect(byActive.allowed?.product.value).toBeCloseTo(3.36 / gramsInMl, 6);
  });
});

describe('Halts stand where the amounts would be', () => {
  it('while a bee is not ruled out, and no longer once its mark was looked for', () => {
    const withSigns = (signs: StopBodies['look']['signs']): CaseFacts =>
      factsWith({ stops: { ...stops, look: { ...stops.look, signs } } });
    const about = (facts: CaseFacts): unknown[] =>
      assess(facts)
        .halts.filter((h) => h.caution.code === 'must-rule-out')
        .map((h) => h.caution.facts.about);
    const open = withSigns({ 'furry-bees': true });
    expect(about(open)).toEqual(expect.arrayContaining(['mining-bee', 'bumble-bee']));
    // A tick does not settle it: only looking does.
    const ticks = Object.fromEntries(assess(open).halts.map((h) => [h.key, { by: 'x', at: '' }]));
    expect(about({ ...open, settled: ticks })).toContain('mining-bee');
    expect(about(withSigns({ 'furry-bees': false, 'soil-cones': false }))).not.toContain('mining-bee');
    expect(
      about(withSigns({ 'furry-bees': true, 'soil-cones': false, 'flier-look': 'bright-smooth' })),
    ).not.toContain('bumble-bee');
  });

  it('for a protected insect for good: no tick settles it', () => {
    const facts = factsWith({
      stops: { ...stops, name: { candidate: 'bumble-bee', stage: 'nest', also: [] } },
    });
    const settled = Object.fromEntries(assess(facts).cautions.map((c) => [c.key, { by: 'x', at: '' }]));
    expect(haltCodes({ ...facts, settled })).toContain('must-rule-out');
  });

  it('where no insect is the cause, and where a remedy stands without a name', () => {
    expect(
      haltCodes(factsWith({ stops: { ...stops, name: { candidate: 'drought', stage: null, also: [] } } })),
    ).toContain('not-an-insect');
    const unsure = factsWith({}, ['name', 'look', 'recheck']);
    expect(haltCodes(unsure)).toContain('no-name');
  });

  it('where the label does not name the pest or the stage, with the clause', () => {
    const other = factsWith({
      stops: { ...stops, name: { candidate: 'chafer-grub', stage: 'small', also: [] } },
    });
    const halt = assess(other).halts.find((h) => h.caution.code === 'pest-not-on-label');
    expect(halt?.caution.clause?.at).toBe('2.1');
    expect(
      haltCodes(
        factsWith({ stops: { ...stops, name: { candidate: 'sod-webworm', stage: 'adult', also: [] } } }),
      ),
    ).toContain('stage-not-on-label');
  });

  it('while the label’s interval runs, and not a day longer', () => {
    expect(haltCodes(factsWith({ records: [record()] }))).toContain('interval-not-over');
    expect(haltCodes(factsWith({ records: [record({ doneOn: day('2027-08-25') })] }))).toEqual([]);
    expect(haltCodes(factsWith({ records: [record({ doneOn: day('2027-08-26') })] }))).toContain(
      'interval-not-over',
    );
  });

  it('over the yearly count and the season’s cap, counting corrections once', () => {
    const four = ['2026-10-01', '2027-03-01', '2027-05-01', '2027-07-01'].map((d, i) =>
      record({ id: `r${i}`, doneOn: day(d), product: { value: 5, unit: 'ml' } }),
    );
    expect(haltCodes(factsWith({ records: four }))).toContain('max-per-year-reached');
    const big = record({ id: 'big', doneOn: day('2027-05-01'), product: { value: 100, unit: 'ml' } });
    expect(haltCodes(factsWith({ records: [big] }))).toContain('season-cap-exceeded');
    const correction = record({
      id: 'c',
      corrects: 'big',
      doneOn: day('2027-05-01'),
      product: { value: 50, unit: 'ml' },
    });
    expect(haltCodes(factsWith({ records: [big, correction] }))).toEqual([]);
  });

  it('above the label’s rate, beside water without its strip, on flowering turf', () => {
    expect(haltCodes(factsWith({ stops: { ...stops, mix: { ...stops.mix, rate: 160 } } }))).toContain(
      'above-label-rate',
    );
    expect(haltCodes(factsWith({ stops: { ...stops, measure: { ...stops.measure, strip: 3 } } }))).toContain(
      'water-buffer',
    );
    const flowering = factsWith({ stops: { ...stops, look: { ...stops.look, flowering: true } } });
    expect(haltCodes(flowering)).toEqual(['flowering-turf']);
    expect(haltCodes({ ...flowering, settled: { 'flowering-turf': { by: 'x', at: '' } } })).toEqual([]);
  });

  it('for a made-up label in real use', () => {
    expect(haltCodes(factsWith({ real: true }))).toEqual(['demonstration-label']);
    expect(haltCodes(factsWith({ real: false }))).toEqual([]);
  });

  it('where only expired lots are left', () => {
    const facts = factsWith();
    const shelf = facts.shelf.map((entry) => ({
      ...entry,
      containers: entry.containers.map((c) => ({ ...c, until: day('2027-09-14') })),
    }));
    expect(haltCodes({ ...facts, shelf })).toContain('lot-expired');
  });
});

describe('Cares', () => {
  it('ask for a look at the weather where none is known', () => {
    const view = assess(factsWith({ forecast: null }));
    expect(view.hours).toBeNull();
    expect(view.cautions.map((c) => c.caution.code)).toContain('no-weather-known');
  });

  it('come up where the small end of the paces would pass the label’s most', () => {
    const paced = {
      ...stops.measure,
      how: 'paces' as const,
      paces: [32, 26] as const,
      walked: 30,
      walkedPaces: 40,
      paceErrorPct: 9,
    };
    const facts = factsWith({ stops: { ...stops, measure: paced } });
    const care = assess(facts).cautions.find((c) => c.caution.code === 'area-error-over-rate');
    const safe = care?.caution.code === 'area-error-over-rate' ? care.caution.facts.safe : NaN;
    expect(safe).toBeLessThan(125);
    const gentler = { ...facts, stops: { ...facts.stops, mix: { ...stops.mix, rate: Math.floor(safe) } } };
    expect(assess(gentler).cautions.map((c) => c.caution.code)).not.toContain('area-error-over-rate');
  });

  it('come up below the threshold', () => {
    const facts = factsWith({ stops: { ...stops, look: { ...stops.look, counts: [1, 0, 2, 1, 1] } } });
    expect(assess(facts).cautions.map((c) => c.caution.code)).toContain('below-threshold');
  });
});

describe('choosing', () => {
  it('puts the remedies without a Halt first and adds their points up', () => {
    const { options } = assess(factsWith());
    for (const option of options)
      expect(option.score).toBe(option.points.reduce((sum, p) => sum + p.points, 0));
    const grub = assess(
      factsWith({ stops: { ...stops, name: { candidate: 'japanese-beetle', stage: 'small', also: [] } } }),
    ).options;
    expect(grub.map((o) => [o.label.id, o.halts.length > 0])).toEqual([
      ['wath-nematodes', false],
      ['hazelmoor-granule', true],
      ['tarnside-liquid', true],
    ]);
  });

  it('survives a card that contradicts itself, and gives its amounts without a cost', () => {
    const facts = factsWith();
    const shelf = facts.shelf.map(({ label, containers }) => ({
      label: { ...label, container: { size: { value: 1, unit: 'count' as const } } },
      containers: containers.map((c) => ({
        ...c,
        ...{ size: { value: 1, unit: 'count' as const }, left: { value: 1, unit: 'count' as const } },
      })),
    }));
    const view = assess({ ...facts, shelf });
    expect(view.dose?.product.value).toBeCloseTo(assess(facts).dose?.product.value ?? NaN, 9);
    expect(view.dose?.container).toBeUndefined();
  });

  it('counts the active ingredient over every product that holds it', () => {
    const facts = factsWith();
    const shelf = facts.shelf.map((entry) => ({
      ...entry,
      label: {
        ...entry.label,
        densityKgPerL: 1,
        actives: [{ name: 'Deltamethrin', percent: 2.4, gramsPerLitre: null, group: '3A' }],
        uses: entry.label.uses.map((use) => ({
          ...use,
          // 336 m² are allowed 1.68 g; the least rate puts 0.81 g there.
          cap: {
            of: 'active' as const,
            amount: { value: 5, unit: 'g' as const },
            per: { value: 1000, unit: 'm2' as const },
          },
        })),
      },
    }));
    const halts = (records: ApplicationRecord[]) => haltCodes({ ...facts, shelf, records });
    const granule = (doneOn: string, kilograms: number) =>
      record({
        label: { id: 'hazelmoor-granule', version: 1, name: 'Hazelmoor' },
        doneOn: day(doneOn),
        product: { value: kilograms, unit: 'kg' },
      });
    expect(halts([granule('2027-05-05', 0.02)])).toEqual([]);
    expect(halts([granule('2027-05-05', 0.05)])).toEqual(['active-cap-exceeded']);
    expect(halts([granule('2026-08-05', 0.05)])).toEqual([]);
    // The ranking halts it too, so that nobody chooses what the year has no room for.
    const ranked = assess({ ...facts, shelf, records: [granule('2027-05-05', 0.05)] }).options;
    expect(ranked.find((o) => o.label.id === 'tarnside-liquid')?.halts.map((h) => h.code)).toEqual([
      'active-cap-exceeded',
    ]);
    const weak = shelf.map((entry) => ({
      ...entry,
      label: { ...entry.label, densityKgPerL: null },
    }));
    expect(assess({ ...facts, shelf: weak }).cautions.map((c) => c.caution.code)).toContain(
      'active-not-countable',
    );
  });

  it('plans nothing after “nothing”', () => {
    const view = assess(
      factsWith({
        stops: {
          look: stops.look,
          name: stops.name,
          choose: { label: null, reason: '', wishes: [], budget: null },
        },
      }),
    );
    expect(view.nothing).toBe(true);
    expect(view.dose).toBeNull();
    expect(view.nextStop).toBe('recheck');
  });
});

describe('answers that a later change made stale', () => {
  it('say so at the stops that were built on it, and only there', () => {
    const states = {
      measure: { revision: 2, upstream: {} },
      choose: { revision: 1, upstream: {} },
      mix: { revision: 1, upstream: { choose: 1, measure: 1 } },
    };
    expect(isStale('mix', { states })).toBe(true);
    expect(isStale('measure', { states })).toBe(false);
    expect(isStale('log', { states })).toBe(false);
    expect(assess(factsWith({ states })).trail.find((t) => t.stop === 'mix')?.state).toBe('stale');
  });
});

describe('what a later answer is built on', () => {
  const { look } = factsWith().stops;
  if (!look) throw new Error('a case with Look');

  it('is neither the note of Look nor what is tried at home, but whatever was seen and counted', () => {
    const tried = [{ what: 'Cup of beer', from: day('2027-09-15'), until: day('2027-09-22') }];
    expect(bearingOf('look', { ...look, note: 'By the shed', tried })).toEqual(bearingOf('look', look));
    expect(bearingOf('look', { ...look, counts: [1] })).not.toEqual(bearingOf('look', look));
    expect(bearingOf('name', { candidate: 'flea' })).toEqual({ candidate: 'flea' });
  });
});

describe('the day’s work', () => {
  const agenda = (facts: CaseFacts) => agendaOf(facts, assess(facts));

  it('has a job in the window of its chosen hour', () => {
    expect(agenda(factsWith())).toMatchObject({ kind: 'work', day: '2027-09-15', window: { from: NOON } });
  });

  it('has a halted one today, one without a name first of all an answer', () => {
    expect(agenda(factsWith({ real: true })).kind).toBe('halted');
    expect(agenda(factsWith({ stops: {} }))).toMatchObject({ kind: 'answer', nextStop: 'look' });
  });

  it('waits for a count once it is logged, then can be closed', () => {
    const logged = factsWith({ records: [record({ caseNumber: 4, doneOn: day('2027-09-14') })] });
    expect(agenda(logged)).toMatchObject({ kind: 'count', day: '2027-09-21' });
    expect(agenda({ ...logged, stops })).toMatchObject({ kind: 'close' });
    expect(assess({ ...logged, stops }).recheck).toMatchObject({ verdict: 'done' });
  });
});

describe('local rules in a case', () => {
  const ban = {
    kind: 'ban' as const,
    ingredient: '',
    fromMonth: null,
    toMonth: null,
    note: 'Not on turf here',
  };

  it('halt the remedy where the amounts would be, and rank it after the others', () => {
    const view = assess(factsWith({ rules: [ban] }));
    expect(view.halts.map((h) => h.caution.code)).toContain('banned-here');
    expect(view.options.every((option) => option.halts.some((h) => h.code === 'banned-here'))).toBe(true);
  });

  it('widen the strip that is wanted beside water', () => {
    const facts = factsWith({
      rules: [{ kind: 'water-buffer', metres: 9, note: 'Lake order' }],
      property: { ...factsWith().property, byWater: true },
    });
    const buffer = assess(facts).halts.find((h) => h.caution.code === 'water-buffer');
    expect(buffer?.caution).toMatchObject({ facts: { buffer: 9 }, clause: { at: 'local rule' } });
  });

  it('hold back the hours in which the wind passes the local limit', () => {
    const fits = (rules: CaseFacts['rules']) =>
      assess(factsWith({ rules })).hours?.hours.filter((h) => h.state === 'fits').length ?? 0;
    const without = fits([]);
    expect(without).toBeGreaterThan(0);
    expect(fits([{ kind: 'wind', kmh: 1, note: 'District' }])).toBe(0);
  });

  it('judge the count by the workspace’s own threshold, and say whose it is', () => {
    const own = { candidate: 'sod-webworm', perM2: [90, 99] as const, source: 'our greens' };
    const view = assess(factsWith({ ownThresholds: [own] }));
    expect(view.threshold).toMatchObject({ verdict: 'below', source: 'our greens' });
    expect(assess(factsWith()).threshold?.verdict).toBe('above');
  });
});

describe('a case that is measured on the plan', () => {
  const on = {
    ...{ areaM2: 336, lowM2: 320, highM2: 352, keptOffM2: 0, lengthM: 24, widthM: 14, waterGapM: 5.5 },
    ...{ places: 0, edgeM: 0, volumeM3: 0 },
  };
  const plan = { ...on, zones: ['lawn'], waterM: 0, hardM: 0, ediblesM: 0 };
  const measure = { ...stops.measure, how: 'plan' as const, unit: 'm' as const, plan };
  const facts = (cells: string[][], records: ApplicationRecord[], now = on) =>
    factsWith({ stops: { ...factsWith().stops, measure }, ground: { cells, now, rings: [] }, records });
  /** So much on half of the ground, in the last twelve months. */
  const half = (id: string, millilitres: number): ApplicationRecord =>
    record({
      id,
      doneOn: day('2027-06-01'),
      product: { value: millilitres, unit: 'ml' },
      area: { value: 168, unit: 'm2' },
    });

  it('takes its area, its ends and its distance from water from there', () => {
    const view = assess(facts([[]], []));
    expect([view.lawn?.area.value, view.lawn?.areaLow?.value, view.lawn?.areaHigh?.value]).toEqual([
      336, 320, 352,
    ]);
    expect(view.halts.map((h) => h.caution.code)).toEqual([]);
    const near = { ...measure, plan: { ...plan, waterGapM: 1 } };
    const stale = factsWith({
      stops: { ...factsWith().stops, measure: near },
      ground: { cells: [[]], now: on, rings: [] },
    });
    expect(haltCodes(stale)).toContain('water-buffer');
  });

  it('counts what went down on the same ground, and not what lay on its other half', () => {
    const records = [half('west', 50), half('east', 50)];
    const apart = assess(facts([['west'], ['east']], records));
    // Each half got 50 ml on 168 m²: as much as 100 ml on all of it, not 200.
    expect(apart.allowance?.used.value).toBeCloseTo(100, 6);
    const twice = assess(facts([['west', 'east'], []], records));
    expect(twice.halts.map((h) => h.caution.code)).toContain('season-cap-exceeded');
    const elsewhere = assess(facts([[]], records));
    expect(elsewhere.allowance?.used.value).toBe(0);
  });

  it('is told when the plan comes to something else than when it was saved', () => {
    expect(haltCodes(facts([[]], [], { ...on, areaM2: 300 }))).toEqual(['plan-changed']);
  });
});

describe('what was done, held against label and plan', () => {
  const done = (change: Partial<Done> = {}): Done => ({
    ...{ doneOn: day('2027-09-15'), product: { value: 42, unit: 'ml' }, area: { value: 336, unit: 'm2' } },
    ...{ windKmh: 9, tempC: 16, lot: 'T1', licence: 'OST-3317' },
    ...change,
  });
  const codes = (change: Partial<Done> = {}, facts = factsWith(), corrects: string | null = null): string[] =>
    outsideOf(facts, assess(facts), done(change), corrects)
      .map(({ code }) => code)
      .filter((code) => code !== 'care-open');

  it('is silent where it was as the label and the plan say', () => {
    expect(codes()).toEqual([]);
    // A hand and a measure are good for a twentieth.
    expect(codes({ product: { value: 43, unit: 'ml' } })).toEqual([]);
  });

  it('tells three times the rate, over the area that was really done', () => {
    expect(codes({ product: { value: 126, unit: 'ml' } })).toEqual(['above-most', 'unlike-plan']);
    expect(codes({ area: { value: 112, unit: 'm2' } })).toEqual(['above-most']);
    const [most] = outsideOf(factsWith(), assess(factsWith()), done({ product: { value: 126, unit: 'ml' } }));
    expect(most?.facts).toMatchObject({ rate: 375, unit: 'ml', per: 1000, perUnit: 'm2' });
  });

  it('tells wind and air beyond the label, where it states them', () => {
    expect(codes({ windKmh: 40 })).toEqual(['too-windy']);
    expect(codes({ windKmh: null, tempC: null })).toEqual([]);
  });

  it('tells a lot that held less, is over, or nobody knows', () => {
    const facts = factsWith();
    const small = {
      ...facts,
      shelf: facts.shelf.map(({ label, containers }) => ({
        label,
        containers: containers.map((c) => ({ ...c, left: { value: 5, unit: c.size.unit } })),
      })),
    };
    expect(codes({}, small)).toEqual(['lot-short']);
    expect(codes({ lot: 'X9' })).toEqual(['lot-unknown']);
    const over = {
      ...facts,
      shelf: facts.shelf.map(({ label, containers }) => ({
        label,
        containers: containers.map((c) => ({ ...c, until: day('2027-09-14') })),
      })),
    };
    expect(codes({}, over)).toContain('lot-over');
  });

  it('tells a second time that came too soon, and counts a corrected entry no more', () => {
    const facts = factsWith({ records: [record({ caseNumber: 4, doneOn: day('2027-09-05') })] });
    expect(codes({}, facts)).toContain('too-soon');
    expect(codes({}, facts, 'a')).not.toContain('too-soon');
  });

  it('tells licensed work of somebody without a licence for it on that day, and a number that cannot be looked up', () => {
    const needed = (licence: Partial<Licence> | null): CaseFacts => {
      const facts = factsWith();
      return {
        ...facts,
        licence: licence && facts.licence ? { ...facts.licence, ...licence } : null,
        shelf: facts.shelf.map((entry) => ({ ...entry, label: { ...entry.label, licenceNeeded: true } })),
      };
    };
    const licences = (facts: CaseFacts, licence: string | null) =>
      outsideOf(facts, assess(facts), done({ licence })).filter(({ code }) => code.includes('licence'));
    expect(licences(needed({}), '1')).toEqual([]);
    expect(licences(needed({ until: day('2027-09-14') }), '1')).toMatchObject([
      { code: 'no-licence', facts: { lack: 'run-out', until: '2027-09-14' } },
    ]);
    expect(licences(needed({ covers: ['household'] }), '1')).toMatchObject([
      { code: 'no-licence', facts: { lack: 'other-work', wanted: 'turf' } },
    ]);
    expect(licences(needed({}), null)).toMatchObject([{ facts: { lack: 'none' } }]);
    expect(licences(needed(null), 'OST-9')).toEqual([
      { code: 'licence-unproven', facts: { number: 'OST-9' } },
    ]);
    // Ordinary work asks for none.
    expect(licences(factsWith({ licence: null }), null)).toEqual([]);
  });

  it('tells what was open when it was done', () => {
    const herbicide = factsWith();
    const facts = {
      ...herbicide,
      stops: { ...herbicide.stops, mix: { ...stops.mix, before: 'herbicide' as const } },
    };
    expect(codes({}, facts)).toContain('halt-open');
    expect(codes({}, facts, 'a')).not.toContain('halt-open');
  });
});

describe('a course of treatments', () => {
  const later = { hour: NOON + 2 + 24 * 5 };
  const treatment = (number: number, more: Partial<Treatment> = {}): Treatment => ({
    ...{ number, state: 'planned', onlyIf: '', go: 1, states: {}, settled: {}, ground: null },
    stops: { choose: stops.choose, measure: stops.measure, when: stops.when, mix: stops.mix },
    ...more,
  });
  const inCourse = (course: readonly Treatment[], records: readonly ApplicationRecord[] = []): CaseFacts =>
    factsWith({ course, records, treatment: 1, go: 1 });
  const own = treatment(1);
  const again = treatment(2, { stops: { ...own.stops, when: later } });

  it('is one of one where nothing is said, and keeps the facts as they are', () => {
    const facts = factsWith();
    expect(courseOf(facts).map(({ number }) => number)).toEqual([1]);
    expect(factsFor(facts, 1)).toBe(facts);
    expect(factsFor(facts, 2)).toBeNull();
    expect(assess(facts).nextStop).toBe('log');
  });

  it('gives each its own answers, and all of them what was seen and named', () => {
    const small = { ...stops.measure, length: 5, width: 4, strip: 0 };
    const facts = inCourse([own, treatment(2, { stops: { choose: stops.choose, measure: small } })]);
    const second = factsFor(facts, 2) ?? expect.fail();
    expect(factsFor(facts, 2)).toBe(second);
    expect(assess(facts).lawn?.area.value).toBe(336);
    expect(assess(second).lawn?.area.value).toBe(20);
    expect(assess(second).named?.id).toBe('sod-webworm');
    expect([letterOf(facts, 1), letterOf(facts, 2), letterOf(facts, 3)]).toEqual(['A', 'B', '']);
  });

  it('halts the same product twice within the interval of its label, in both', () => {
    // The label wants 21 days between; five are planned.
    const facts = inCourse([own, again]);
    const found = (of: CaseFacts) =>
      assess(of).halts.filter(({ caution }) => caution.code === 'course-too-soon');
    expect(found(facts).map(({ caution }) => caution.facts)).toEqual([
      { letter: 'B', days: 5, between: 21, about: '2' },
    ]);
    expect(found(factsFor(facts, 2) ?? expect.fail())).toHaveLength(1);
    const apart = treatment(2, { stops: { ...own.stops, when: { hour: NOON + 2 + 24 * 21 } } });
    expect(found(inCourse([own, apart]))).toEqual([]);
    // What is dropped stands against nothing.
    expect(found(inCourse([own, { ...again, state: 'dropped' }]))).toEqual([]);
  });

  it('holds the year’s most over all of it', () => {
    // 336 m² allow 134.4 ml in a year; each treatment takes 42 (125 ml for 1,000 m²): three fit, a fourth does not.
    const far = (number: number): Treatment =>
      treatment(number, { stops: { ...own.stops, when: { hour: NOON + 2 + 24 * 30 * (number - 1) } } });
    const codes = (many: number): string[] =>
      assess(inCourse([own, ...Array.from({ length: many - 1 }, (_, i) => far(i + 2))]))
        .halts.map(({ caution }) => caution.code)
        .filter((code) => code.startsWith('course-'));
    expect(codes(3)).toEqual([]);
    expect(codes(4)).toContain('course-over-year');
  });

  it('counts what was put down by its treatment and go', () => {
    const entry = (id: string, of: number, go: number): ApplicationRecord => ({
      ...record({ id, doneOn: day('2027-09-14') }),
      ...{ caseNumber: 4, treatment: of, go },
    });
    const facts = inCourse([own, again], [entry('a', 2, 1)]);
    expect(assess(facts).records).toEqual([]);
    const second = factsFor(facts, 2) ?? expect.fail();
    expect(assess(second).records.map(({ id }) => id)).toEqual(['a']);
    const next = inCourse([own, { ...again, go: 2 }], [entry('a', 2, 1)]);
    const view = assess(factsFor(next, 2) ?? expect.fail());
    expect([view.records.length, view.earlierGoes.map(({ id }) => id)]).toEqual([0, ['a']]);
    // The first is still to be done; once it is, the case asks for its count.
    expect(courseAgenda(facts).map(({ treatment: of }) => of)).toEqual([1]);
    const done = inCourse([own, again], [entry('a', 2, 1), entry('b', 1, 1)]);
    expect(courseAgenda(done).map(({ agenda }) => agenda.kind)).toEqual(['count']);
  });

  it('announces every remedy that is settled and still to be put down, not only the first', () => {
    const apart = (over: Partial<Treatment> = {}): Treatment =>
      treatment(2, { stops: { ...own.stops, when: { hour: NOON + 2 + 24 * 30 } }, ...over });
    const told = (facts: CaseFacts) =>
      announced(facts).map(({ treatment: of, facts: { stops }, onlyIf }) => [of, stops.when?.hour, onlyIf]);
    const first = own.stops.when?.hour;
    expect(told(inCourse([own, apart()]))).toEqual([
      [1, first, null],
      [2, NOON + 2 + 24 * 30, null],
    ]);
    expect(told(inCourse([own, apart({ state: 'only-if', onlyIf: 'the count says so' })]))[1]).toEqual([
      ...[2, NOON + 2 + 24 * 30],
      'the count says so',
    ]);
    expect(told(inCourse([own, apart({ state: 'dropped' })]))).toHaveLength(1);
    const entry = {
      ...record({ id: 'a', doneOn: day('2027-09-14') }),
      ...{ caseNumber: 4, treatment: 1, go: 1 },
    };
    expect(told(inCourse([own, apart()], [entry]))).toEqual([[2, NOON + 2 + 24 * 30, null]]);
    // What is halted is announced to nobody: on the same day the second stands within the first one's days.
    expect(told(inCourse([own, again])).length).toBeLessThan(2);
  });
});
