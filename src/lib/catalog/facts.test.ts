import { describe, expect, it } from 'vitest';
import { CANDIDATES, DEMONSTRATION_LABELS, FIELD_TESTS, GUIDE, SIGNS } from '.';
import {
  candidatesIn,
  northernMonth,
  regionOf,
  sourcesOf,
  stagesInMonth,
  type Candidate,
} from '../core/identify';
import { valueIn } from '../core/units';

const of = (id: string, list: readonly Candidate[] = CANDIDATES): Candidate =>
  list.find((one) => one.id === id) ?? expect.fail(id);
/** Grades of a family in the guide, with what is said of them. */
const graded = (id: string, family: string): string => {
  const found = GUIDE.get(id)?.families.filter((one) => one.family === family) ?? [];
  return found.map(({ grade, note }) => `${grade} ${note}`).join('; ') || 'not named';
};
const card = (id: string) => DEMONSTRATION_LABELS.find((one) => one.id === id) ?? expect.fail(id);
const against = (id: string, pest: string) =>
  card(id).uses.flatMap(({ targets }) => targets.filter((t) => t.pest === pest));
const northern = (id: string, month: number): string[] =>
  stagesInMonth(of(id), month, 'north').map((one) => one.id);
const southern = (id: string, month: number): string[] =>
  stagesInMonth(of(id), month, 'south').map((one) => one.id);

describe('what a specialist mended, indoors', () => {
  it('cockroaches that live indoors, bed bugs and fleas go by presence, and two readings of nought end it', () => {
    for (const id of ['german-cockroach', 'brown-banded-cockroach', 'bed-bug', 'flea', 'pharaoh-ant'])
      expect(of(id).threshold?.presence, id).toBe(true);
    expect(of('german-cockroach').threshold?.source).toMatch(/worst trap; done is two readings of nought/);
  });
  it('mineral dust is the better one against bed bugs, which pyrethroids no longer kill', () => {
    expect(graded('bed-bug', 'dust')).toMatch(/^fair .*mineral dust.*pyrethroid/);
    const grade = (id: string) => against(id, 'bed-bug')[0]?.grade ?? 'not named';
    expect(['fair', 'strong']).toContain(grade('flintholm-mineral'));
    expect(['weak', 'none', 'not named']).toContain(grade('limewath-dust'));
  });
  it('a growth regulator makes deformed, sterile adults of cockroaches, and works on pharaoh ants in bait alone', () => {
    expect(graded('german-cockroach', 'regulator')).toMatch(/deformed, sterile adults/);
    expect(graded('pharaoh-ant', 'regulator')).toMatch(/in bait alone/);
    const spray = against('alderhow-regulator', 'pharaoh-ant').map(({ grade }) => grade);
    for (const grade of spray) expect(['weak', 'none', 'harmful']).toContain(grade);
  });
  it('silverfish mean damp, but for the long-tailed kind of dry heated homes', () => {
    expect(of('silverfish').telling).toMatch(/long-tailed kind.*dry heated homes/);
    expect(of('silverfish').doNot).toMatch(/not against the long-tailed one/);
  });
  it('copper tips are those of Plodia, and Ephestia is grey', () => {
    expect(of('meal-moth').telling).toMatch(/Plodia.*copper at the tip.*Ephestia grey/);
  });
  it('all stages of fleas and moths are there at once, and mosquitoes lie in water and fly together in summer', () => {
    for (const id of ['flea', 'meal-moth', 'clothes-moth'])
      for (let month = 1; month <= 12; month++) expect(northern(id, month), `${id} ${month}`).toHaveLength(2);
    expect(northern('mosquito', 7).sort()).toEqual(['adult', 'larva']);
  });
  it('mosquitoes bite at dusk, but Aedes by day', () =>
    expect(of('mosquito').telling).toMatch(/dusk, Aedes bites by day/));
  it('drywood and dampwood termites are entries, and termites of the soil swarm until November', () => {
    expect([of('drywood-termite').status, of('dampwood-termite').status]).not.toContain('useful');
    expect(of('termite').stages.find(({ id }) => id === 'swarmer')?.months).toEqual([
      3, 4, 5, 6, 7, 8, 9, 10, 11,
    ]);
  });
  it('widow and recluse are told apart, the redback’s stripe is on top, and the funnel-web is there', () => {
    expect(of('recluse-spider').id).not.toBe(of('harmful-spider').id);
    expect(of('funnel-web-spider').regions).toContain('australia');
    const marks = JSON.stringify(SIGNS.flatMap(({ values }) => values ?? [])) + of('harmful-spider').telling;
    expect(marks).toMatch(/(on top|back)/);
  });
});

describe('what a specialist mended, in turf', () => {
  it('the mole cricket flush is 30 ml in 8 l, all on 0.36 m²: 83 ml in 22 l for a square metre', () => {
    const test = FIELD_TESTS.find(({ id }) => id === 'mole-cricket-flush') ?? expect.fail();
    expect(valueIn(test.frame, 'm2')).toBeCloseTo(0.36, 2);
    const onIt = (test.recipe ?? []).map(({ perM2 }) => (perM2 ? perM2.value * 0.36 : 0));
    expect(onIt.map((amount) => Math.round(amount * 10) / 10)).toEqual([29.9, 7.9]);
  });
  it('nematodes are weak on the European chafer, and strong on the garden chafer and the Japanese beetle', () => {
    expect(graded('chafer-grub', 'living')).toMatch(/^weak .*erratic/);
    expect(graded('garden-chafer', 'living')).toMatch(/^strong/);
    expect(graded('japanese-beetle', 'living')).toMatch(/^strong .*best-documented/);
    expect(against('wath-nematodes', 'japanese-beetle').length).toBeGreaterThan(0);
  });
  it('slug nematodes work on the young too, and are not for snails', () => {
    const [slug] = against('dewfold-slug', 'slug');
    expect(slug?.stages).toContain('young');
  });
  it('sponge nematodes against crane-fly larvae have the months of the small larvae', () => {
    const use = card('mossfold-sponge').uses.find(({ targets }) =>
      targets.some(({ pest }) => pest === 'crane-fly'),
    );
    for (const month of use?.months ?? [])
      expect(northern('crane-fly', month), String(month)).toContain(month === 9 ? 'egg' : 'small');
    expect(use?.months).not.toContain(3);
  });
  it('African black beetles: 20 to 40 per m²; large grubs in the southern January and February, adults after', () => {
    expect(of('black-beetle').threshold?.at).toEqual([20, 40]);
    for (const month of [1, 2]) expect(southern('black-beetle', month)).toContain('large');
    expect(southern('black-beetle', 3)[0]).toBe('adult');
  });
  it('sod webworms are full-grown in May, and young from June', () => {
    expect(northern('sod-webworm', 5)[0]).toBe('full-grown');
    expect(northern('sod-webworm', 6)[0]).toBe('young');
  });
  it('the caterpillar bacterium is weak on the fall armyworm, which comes with the moths from warm regions', () => {
    expect(graded('armyworm', 'living')).toMatch(/^weak .*Spodoptera/);
    expect(GUIDE.get('armyworm')?.where).toMatch(/from warm regions/);
    for (const month of [12, 1, 2]) expect(northern('armyworm', month)).not.toContain('adult');
    expect(northern('cutworm', 12)).not.toContain('adult');
  });
  it('chinch bugs are two species, and many no longer die of pyrethroids', () => {
    expect(of('chinch-bug').scientific).toMatch(/insularis/);
    expect(graded('chinch-bug', 'residual')).toMatch(/^fair .*resistance/);
  });
  it('the mite of Bermuda grass is Aceria', () =>
    expect(of('turf-mite').scientific).toMatch(/Aceria cynodoniensis/));
  it('moles live on earthworms: nobody is told that fewer grubs mean fewer moles', () => {
    const said = JSON.stringify([of('mole'), GUIDE.get('mole')]);
    expect(said).not.toMatch(/fewer grubs/);
    expect(said).toMatch(/worms/);
  });
  it('imported fire ants are reported where they are new, and baited where they live', () => {
    expect(of('fire-ant').status).toBe('notifiable');
    expect(of('fire-ant', candidatesIn(CANDIDATES, regionOf('America/Chicago', 30.3))).status).toBe('pest');
    expect(of('fire-ant').ruleOut?.always).toBe(false);
    expect(of('fire-ant').doNow).toMatch(/Cold or dry mounds do not react/);
  });
  it('Argentine ants take weak borax best', () =>
    expect(graded('argentine-ant', 'bait')).toMatch(/about 1 % borax/));
  it('ticks have no threshold by number, and treated cotton is weak', () => {
    expect(of('tick').threshold).toBeNull();
    expect(graded('tick', 'physical')).toMatch(/^weak .*cotton/);
  });
});

describe('what a specialist mended, of bees, wasps and cards', () => {
  it('the bald-faced hornet is black and white, the European one brown and yellow, and the two brought ones are entries to report', () => {
    expect(of('bald-faced-hornet').signs['flier-look']).toMatchObject({
      'black-white-face': expect.any(Number) as number,
    });
    expect(of('hornet').telling).not.toMatch(/black and white/);
    for (const id of ['asian-hornet', 'giant-hornet']) expect(of(id).status, id).toBe('notifiable');
    expect([of('asian-hornet').scientific, of('giant-hornet').scientific]).toEqual([
      'Vespa velutina',
      'Vespa mandarinia',
    ]);
  });
  it('carpenter bees are protected in parts of Europe and a pest of timber elsewhere', () => {
    expect(of('carpenter-bee').status).toBe('protected');
    expect(of('carpenter-bee', candidatesIn(CANDIDATES, 'america-warm')).status).toBe('pest');
    expect(of('carpenter-bee').doNow).toMatch(/parts of Europe/);
  });
  it('the comb of honey bees in a wall has to come out', () =>
    expect(of('honey-bee').doNot).toMatch(/comb comes out/));
  it('a plain water granule protects a week, the perimeter concentrate makes 0.02 to 0.06 %', () => {
    const granule = card('sedgefold-granule').uses[0] ?? expect.fail();
    expect(granule.protectsDays ?? 0).toBeLessThanOrEqual(14);
    const label = card('gillfold-perimeter');
    const [use] = label.uses;
    const perLitre = [use?.rate?.min ?? 0, use?.rate?.max ?? 0];
    const share = (label.actives[0]?.percent ?? 0) / 100;
    for (const ml of perLitre) {
      expect((ml / 1000) * share * 100).toBeGreaterThan(0.015);
      expect((ml / 1000) * share * 100).toBeLessThan(0.065);
    }
  });
  it('demonstration labels have signal words, first aid of their own and regions where the active is allowed', () => {
    const aids = new Set(DEMONSTRATION_LABELS.map(({ firstAid }) => firstAid));
    expect(aids.size).toBeGreaterThan(5);
    expect(DEMONSTRATION_LABELS.filter(({ signalWord }) => signalWord !== '').length).toBeGreaterThan(15);
    for (const { id, actives, allowedIn } of DEMONSTRATION_LABELS)
      if (actives.some(({ group }) => group !== null)) expect(allowedIn.length, id).toBeGreaterThan(0);
    for (const one of DEMONSTRATION_LABELS)
      if (one.form === 'dust') expect(JSON.stringify(one.uses), one.id).not.toMatch(/until dry/i);
  });
});

describe('every fact of every entry', () => {
  it.each(CANDIDATES.map((one) => [one.id, one] as const))(
    'of %s has its kind of source and its regions',
    (id, one) => {
      const guide = GUIDE.get(id)!;
      const told = sourcesOf(one, guide);
      const facts = told.map(({ fact }) => fact);
      expect(new Set(facts).size).toBe(facts.length);
      for (const fact of ['name', 'season', 'places', 'likelihoods', 'advice'] as const)
        expect(facts).toContain(fact);
      expect(facts.includes('threshold') || facts.includes('presence')).toBe(one.threshold !== null);
      expect(facts.includes('harms')).toBe(guide.families.some(({ grade }) => grade === 'harmful'));
      // Nothing is told for where it does not live.
      for (const { regions } of told)
        for (const region of regions ?? []) if (one.regions) expect(one.regions).toContain(region);
    },
  );
  it('of what lives in the south alone is kept by northern months: house ants and funnel-webs are about in January there', () => {
    for (const id of ['black-house-ant', 'funnel-web-spider']) {
      const there = (month: number) => of(id).season[northernMonth(month, 'south') - 1] ?? 0;
      expect([there(1), there(2), there(12)], id).toEqual([1, 1, 1]);
      expect(there(7), id).toBeLessThanOrEqual(0.2);
    }
  });
  it('tells a year that was turned round from one that somebody saw', () => {
    const of = (id: string) =>
      sourcesOf(
        CANDIDATES.find((one) => one.id === id)!,
        GUIDE.get(id)!,
      ).filter(({ fact }) => fact.startsWith('season'));
    expect(of('yellowjacket')).toEqual([
      expect.objectContaining({
        fact: 'season',
        kind: 'handbook',
        regions: expect.arrayContaining(['australia']),
      }),
    ]);
    expect(of('honey-bee')).toContainEqual({
      ...{ fact: 'season-turned', kind: 'judgement' },
      regions: ['africa', 'australia', 'new-zealand'],
    });
  });
});
