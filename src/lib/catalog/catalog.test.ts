import { isAbout, scaleRecipe } from '../core/choose';
import type { LabelUse } from '../core/labels';
import { describe, expect, it } from 'vitest';
import { drawnWith, stageInMonth, type Sign } from '../core/identify';
import { INSECTS, insectSvg, SIGN_ART, VALUE_ART, valueSvg } from '../ui/drawings/art';
import { CANDIDATES, DEMONSTRATION_LABELS, KITCHEN, FIELD_TESTS, GUIDE, SIGNS } from '.';

const ids = new Set(CANDIDATES.map((c) => c.id));
const signOf = new Map(SIGNS.map((s) => [s.id, s]));
const tests = new Set(FIELD_TESTS.map((t) => t.id));
const likelihoods = (given: number | Readonly<Record<string, number>> | undefined): number[] =>
  given === undefined ? [] : typeof given === 'number' ? [given] : Object.values(given);

describe('the catalogue', () => {
  it('has at least a hundred entries and a hundred and thirty signs, each once, and each in the field guide', () => {
    expect(CANDIDATES.length).toBeGreaterThanOrEqual(100);
    expect(SIGNS.length).toBeGreaterThanOrEqual(130);
    expect(ids.size).toBe(CANDIDATES.length);
    expect(new Set(GUIDE.keys())).toEqual(ids);
    expect(CANDIDATES.filter((c) => c.kind === 'not-insect').length).toBeGreaterThanOrEqual(5);
  });

  it('names only signs and values that are described, and describes only what some cause shows', () => {
    for (const { id, signs } of CANDIDATES)
      for (const [sign, given] of Object.entries(signs)) {
        const values = signOf.get(sign)?.values;
        expect(values, `${id}: ${sign}`).not.toBeUndefined();
        if (typeof given === 'number') expect(values, `${id}: ${sign}`).toBeNull();
        // What is left out is nothing; what is left over is none of these.
        else
          expect(
            Object.keys(given).filter((value) => !values?.some((v) => v.id === value)),
            `${id}: ${sign}`,
          ).toEqual([]);
        expect(
          likelihoods(given).reduce((a, b) => a + b, 0),
          `${id}: ${sign}`,
        ).toBeLessThanOrEqual(1.001);
      }
    for (const sign of SIGNS)
      expect(
        CANDIDATES.some((c) => Math.max(...likelihoods(c.signs[sign.id])) >= 0.4),
        sign.id,
      ).toBe(true);
  });

  it('has, for each sign, a likelihood for whatever lives in its places', () => {
    for (const sign of SIGNS) {
      expect(sign.usual, sign.id).toBeGreaterThan(0);
      for (const place of sign.places)
        expect(
          CANDIDATES.some((c) => (c.places[place] ?? 0) > 0 && c.signs[sign.id] !== undefined),
          `${sign.id} in ${place}`,
        ).toBe(true);
    }
  });

  it('has field tests that count what there is, each once', () => {
    for (const { id, each, catches } of FIELD_TESTS) {
      expect(each, id).toMatch(/^[a-z]+$/);
      expect(new Set(catches).size, id).toBe(catches.length);
      for (const one of catches) {
        const caught = CANDIDATES.find((c) => c.id === one);
        expect(caught, `${one} by ${id}`).toBeDefined();
        // What goes by this test has it in its threshold, and is not named twice.
        expect(caught?.threshold?.test, `${one} by ${id}`).not.toBe(id);
      }
    }
  });

  it('gives every candidate a sign that tells it apart with at least two to one', () => {
    for (const candidate of CANDIDATES) {
      const ratio = (sign: string, value: string | null): number => {
        const of = (c: (typeof CANDIDATES)[number]): number => {
          const given = c.signs[sign];
          if (given === undefined) return signOf.get(sign)?.usual ?? 0.05;
          return typeof given === 'number' ? given : value === null ? 0 : (given[value] ?? 0);
        };
        const others = CANDIDATES.filter((c) => c !== candidate);
        return of(candidate) / (others.reduce((sum, c) => sum + of(c), 0) / others.length);
      };
      const best = Object.entries(candidate.signs).flatMap(([sign, given]) =>
        typeof given === 'number' ? [ratio(sign, null)] : Object.keys(given).map((v) => ratio(sign, v)),
      );
      expect(Math.max(...best), candidate.id).toBeGreaterThan(2);
    }
  });

  it('covers the year with life stages in both hemispheres, several at once where they overlap', () => {
    for (const candidate of CANDIDATES.filter((c) => c.stages.length > 0)) {
      const months = candidate.stages.flatMap((stage) => stage.months);
      expect(
        [...new Set(months)].sort((a, b) => a - b),
        candidate.id,
      ).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
      for (const hemisphere of ['north', 'south'] as const)
        for (let month = 1; month <= 12; month++)
          expect(stageInMonth(candidate, month, hemisphere), `${candidate.id} ${month}`).not.toBeNull();
    }
    const without = CANDIDATES.filter((c) => c.kind === 'insect' && c.stages.length === 0);
    expect(without.map((c) => c.id)).toEqual([]);
  });

  it('has shares of the life stages that add up, and names as about what is a tenth or more', () => {
    const shared = CANDIDATES.filter(({ stages }) => stages.some(({ shares }) => shares));
    expect(shared.length).toBeGreaterThan(20);
    for (const { id, stages } of shared)
      for (let month = 1; month <= 12; month++) {
        const there = stages.map(({ shares }) => shares?.[month - 1] ?? 0);
        expect(
          there.reduce((sum, one) => sum + one, 0),
          `${id} ${month}`,
        ).toBeCloseTo(1, 9);
        expect(
          stages.map(({ months }) => months.includes(month)),
          `${id} ${month}`,
        ).toEqual(there.map((one) => one >= 0.1));
      }
  });

  it('tells every look-alike apart by a feature, and names only entries', () => {
    for (const [id, { lookAlikes }] of GUIDE)
      for (const alike of lookAlikes) {
        expect(ids, `${id}: ${alike.id}`).toContain(alike.id);
        expect(alike.tell.length, `${id}: ${alike.id}`).toBeGreaterThan(5);
      }
    expect([...GUIDE.values()].filter((g) => g.lookAlikes.length === 0)).toEqual([]);
  });

  it('says what not to do, has the test of every threshold, and a way to rule out what is no mere pest', () => {
    for (const c of CANDIDATES) {
      expect(c.doNot.length, c.id).toBeGreaterThan(8);
      if (c.threshold) expect(tests, c.id).toContain(c.threshold.test);
      if (c.status === 'pest') continue;
      const { sign = '', is, always } = c.ruleOut ?? {};
      const given = c.signs[sign];
      const own = [is]
        .flat()
        .reduce<number>(
          (sum, one) =>
            sum + Number(typeof one === 'string' && typeof given === 'object' ? given[one] : given),
          0,
        );
      // What is said to be there always is nearly always seen; a mark that may be missing is seen by half.
      expect(own, `${c.id} by ${sign}`).toBeGreaterThanOrEqual(always === true ? 0.9 : 0.4);
    }
    expect([...GUIDE].filter(([, { call }]) => call === '').map(([id]) => id)).toEqual([]);
  });

  it('has at least thirty drawings of animals and twenty of signs, all of known ones', () => {
    const drawn = Object.keys(INSECTS);
    expect(drawn.length).toBeGreaterThanOrEqual(30);
    const known = (id: string): boolean =>
      CANDIDATES.some((c) => id === c.id || c.stages.some((s) => id === `${c.id}-${s.id}`));
    expect(drawn.filter((id) => !known(id))).toEqual([]);
    expect(
      CANDIDATES.filter((c) => c.drawn)
        .map((c) => c.id)
        .sort(),
    ).toEqual(drawn.filter((id) => ids.has(id)).sort());
    const marked = SIGNS.filter((s) => s.drawn).map((s) => s.id);
    expect(marked.length).toBeGreaterThanOrEqual(20);
    expect(new Set(marked)).toEqual(new Set(Object.keys(SIGN_ART)));
    for (const id of drawn) expect(insectSvg(id), id).toMatch(/\d (mm|cm|m)<\/text>/);
  });

  it('shows beside a value what has that look, and nothing beside what is no look', () => {
    const own = SIGNS.flatMap(({ values }) => (values ?? []).flatMap(({ drawing }) => drawing ?? []));
    for (const id of own.filter((one) => one !== ''))
      expect(Object.hasOwn(INSECTS, id) || valueSvg(id) !== null, id).toBe(true);
    expect(Object.keys(VALUE_ART).filter((id) => !own.includes(id))).toEqual([]);
    for (const art of Object.values({ ...VALUE_ART, ...SIGN_ART }))
      expect(art).not.toMatch(/NaN|undefined|Infinity/);
    const shown = (id: string): (string | null)[] => {
      const sign = SIGNS.find((one) => one.id === id);
      return (sign?.values ?? []).map((one) => drawnWith(sign as Sign, one.id, CANDIDATES));
    };
    // A hole is pointed at as a hole, and how many there are as no animal.
    expect(shown('wood-holes')[1]).toBe('wood-holes-pin');
    expect(shown('how-many-there')).toEqual([null, null, null]);
    expect(shown('swarmers')).toEqual(['termite-swarmer', null]);
    // What flies at lamps is no grub.
    expect(shown('beetles-seen')[0]).toBe('japanese-beetle-adult');
    expect(shown('small-beetle')[0]).toBe('carpet-beetle-adult');
    expect(shown('spider-mark')[2]).toBe('recluse-spider');
  });
});

describe('kitchen remedies', () => {
  it('name known pests, and carry a recipe only where they do some good', () => {
    for (const remedy of KITCHEN) {
      for (const pest of remedy.pests) expect(ids, remedy.id).toContain(pest);
      if (remedy.grade === 'none' || remedy.grade === 'harmful') expect(remedy.recipe, remedy.id).toBeNull();
    }
  });

  it.each([
    ['rubbing alcohol', 'alcohol'],
    ['isopropyl', 'alcohol'],
    ['space heater', 'heaters'],
    ['bug bomb', 'fogger'],
    ['expanding foam', 'foam-in-hole'],
    ['vinegar and bleach', 'cleaners'],
    ['ammonia', 'cleaners'],
    ['pool powder', 'pool-powder'],
    ['diatomaceous', 'pool-powder'],
    ['borax', 'borax-bait'],
    ['moth balls', 'mothballs'],
    ['gasoline', 'petrol'],
    ['diesel', 'petrol'],
    ['dog flea treatment on cat', 'pet-products'],
    ['garden hose', 'flooding'],
    ['rat', 'mouse-plaster'],
    ['mildew', 'mildew'],
    ['ultrasonic', 'mouse-smells'],
    ['vinegar bleach', 'cleaners'],
    ['eggshells', 'slug-barriers'],
  ])('%s is found, and warned of', (asked, id) => {
    const found = KITCHEN.filter((r) => isAbout(asked, [r.name, ...r.words, ...r.pests]));
    const one =
      found.find((r) => r.id === id) ?? expect.fail(`${asked}: ${found.map((r) => r.id).join(', ')}`);
    expect(['harmful', 'weak', 'none']).toContain(one.grade);
    expect(one.harms.length).toBeGreaterThan(20);
  });

  it.each([
    ['mice', 'mouse-bait'],
    ['drains', 'drain-brush'],
    ['freezer', 'hot-wash'],
  ])('%s finds what does some good', (asked, id) => {
    const found = KITCHEN.filter((r) => isAbout(asked, [r.name, ...r.words, ...r.pests]));
    expect(found.find((r) => r.id === id)?.grade, asked).toMatch(/fair|strong/);
  });

  it('are found by whole words only, and nothing by a word that only binds', () => {
    expect(isAbout('and', ['bleach and ammonia'])).toBe(false);
    expect(isAbout('leach', ['bleach'])).toBe(false);
    expect(isAbout('Bleach!', ['chlorine bleach'])).toBe(true);
  });

  it('are scaled part by part, and not to nothing', () => {
    const soap = KITCHEN.find((r) => r.id === 'soap-spray')?.recipe ?? expect.fail();
    expect(scaleRecipe(soap, 0.5)?.map((part) => part.amount.value)).toEqual([0.5, 2.5]);
    for (const wrong of [0, -1, NaN]) expect(scaleRecipe(soap, wrong)).toBeNull();
  });
});

describe('the demonstration labels', () => {
  it('are marked as such, and name known pests and life stages', () => {
    for (const label of DEMONSTRATION_LABELS) {
      expect(label.demonstration).toBe(true);
      for (const target of label.uses.flatMap((use) => use.targets)) {
        expect(ids, label.id).toContain(target.pest);
        const stages = CANDIDATES.find((c) => c.id === target.pest)?.stages.map((s) => s.id);
        for (const stage of target.stages) expect(stages, `${label.id}: ${target.pest}`).toContain(stage);
      }
    }
  });

  it('never name a protected insect as a target', () => {
    const safe = new Set(CANDIDATES.filter((c) => c.status === 'protected').map((c) => c.id));
    for (const label of DEMONSTRATION_LABELS)
      expect(label.uses.flatMap((use) => use.targets).filter((t) => safe.has(t.pest))).toEqual([]);
  });

  it('print a clause with its place for every limit that they state', () => {
    for (const { id, uses, clauses, ppe, filterOut, licenceNeeded } of DEMONSTRATION_LABELS) {
      const any = (is: (use: LabelUse) => boolean): boolean => uses.some(is);
      const stated: [string, boolean][] = [
        ['interval', any((use) => use.noSoonerThanDays !== null)],
        ['yearly', any((use) => use.maxPerYear !== null || use.cap !== null)],
        ['watering', any((use) => use.wateringIn !== null)],
        ['soil', any((use) => use.soilC !== null)],
        ['buffer', any((use) => use.waterBufferM !== null)],
        ['bloom', any((use) => use.notOnBloom)],
        ['season', any((use) => use.months !== null)],
        ['height', any((use) => use.maxHeightM !== null)],
        ['electric', any((use) => use.keepFromLive)],
        ['preHarvest', any((use) => use.preHarvestDays !== null)],
        ['licence', licenceNeeded !== null],
        ['ppe', ppe.length > 0],
        ['filter', filterOut],
      ];
      for (const [key, isStated] of stated) expect(key in clauses, `${id}: ${key}`).toBe(isStated);
    }
  });
});
