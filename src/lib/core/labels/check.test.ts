import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { checkLabel, ruleNames, type LabelCard, type LabelUse, type RuleName } from '.';

const named = (id: string): LabelCard => DEMONSTRATION_LABELS.find((l) => l.id === id) ?? expect.fail(id);
const use = (card: LabelCard): LabelUse => card.uses[0] ?? expect.fail(card.id);
const rate = (card: LabelCard) => use(card).rate ?? expect.fail(card.id);

/** A made-up card that nothing is wrong with, changed in one respect. */
const withCard = (id: string, change: Partial<LabelCard>): LabelCard => ({ ...named(id), ...change });
const withUse = (id: string, change: Partial<LabelUse>): LabelCard => {
  const card = named(id);
  return { ...card, uses: [{ ...use(card), ...change }] };
};
const [LIQUID, GRANULE, BAIT, LIVING, DUST] = [
  'tarnside-liquid',
  'merebank-preventive',
  'cinderfold-bait',
  'mossfold-sponge',
  'limewath-dust',
];
const liquid = named(LIQUID);
const m2 = (value: number) => ({ value, unit: 'm2' as const });

const BROKEN: Record<RuleName, LabelCard> = {
  'no-pest': withUse(LIQUID, { targets: [] }),
  'no-rate': withUse(LIQUID, { rate: null }),
  'least-above-most': withUse(LIQUID, { rate: { ...rate(liquid), min: 200 } }),
  'step-least-above-most': withUse(LIQUID, { steps: [{ by: 'severity', of: 'heavy', min: 9, max: 8 }] }),
  'step-of-another-pest': withUse(LIQUID, { steps: [{ by: 'pest', of: 'slug', min: 1, max: 2 }] }),
  'step-of-another-stage': withUse(LIQUID, { steps: [{ by: 'stage', of: 'pearl', min: 1, max: 2 }] }),
  'about-sooner-than-allowed': withUse(LIQUID, { aboutEveryDays: 14 }),
  'more-in-a-year-than-fit': withUse(LIQUID, { noSoonerThanDays: 180 }),
  'interval-without-yearly-most': withUse(LIQUID, { maxPerYear: null, cap: null }),
  'yearly-most-without-interval': withUse(LIQUID, { noSoonerThanDays: null }),
  'cap-in-another-measure': withUse(LIQUID, {
    cap: { of: 'product', amount: { value: 4, unit: 'kg' }, per: m2(1000) },
  }),
  'cap-of-active-not-a-mass': withUse(GRANULE, {
    cap: { of: 'active', amount: { value: 4, unit: 'ml' }, per: m2(1000) },
  }),
  'cap-of-active-without-strength': withCard(GRANULE, {
    actives: named(GRANULE).actives.map((a) => ({ ...a, percent: null })),
  }),
  'cap-under-one-treatment': withUse(LIQUID, {
    cap: { of: 'product', amount: { value: 90, unit: 'ml' }, per: m2(1000) },
  }),
  'cap-under-the-yearly-most': withUse(LIQUID, {
    cap: { of: 'product', amount: { value: 0.3, unit: 'l' }, per: m2(1000) },
  }),
  'dilution-without-amount-of-mix': withUse(LIQUID, {
    rate: { min: 1, max: 2, unit: 'ml', per: { value: 1, unit: 'l' }, basis: 'mix' },
    carrier: null,
  }),
  'dilution-not-of-a-volume': withUse(LIQUID, { rate: { ...rate(liquid), basis: 'mix' } }),
  'more-product-than-mix': withUse(LIQUID, { carrier: { amount: { value: 0.1, unit: 'l' }, per: m2(1000) } }),
  'container-in-another-measure': withCard(LIQUID, { container: { size: { value: 1, unit: 'kg' } } }),
  'temperature-reversed': withUse(LIQUID, { tempC: [28, 8] }),
  'soil-reversed': withUse(LIVING, { soilC: [30, 10] }),
  'wind-reversed': withUse(LIQUID, { minWindKmh: 20 }),
  'watering-reversed': withUse(GRANULE, { wateringIn: { mm: 13, mostMm: 8, withinHours: 24 } }),
  'watered-in-and-rain-free': withUse(GRANULE, { rainFreeHours: 6 }),
  'bait-watered-in': withUse(BAIT, { wateringIn: { mm: 5, mostMm: null, withinHours: 2 } }),
  'systemic-without-watering-in': withUse(GRANULE, { wateringIn: null }),
  'living-without-soil-range': withUse(LIVING, { soilC: null }),
  'too-few-nematodes': withUse(LIVING, {
    rate: { min: 10, max: 20, unit: 'million', per: m2(100), basis: 'target' },
  }),
  'bees-not-mentioned': withUse(LIQUID, { notOnBloom: false }),
  'water-not-mentioned': withUse('kelfold-drench', { waterBufferM: null }),
  'food-plants-and-not': withUse(LIQUID, { edibles: 'no', preHarvestDays: 3 }),
  'food-plants-without-harvest': withUse(LIQUID, { sites: ['edible'] }),
  'food-rooms-and-not': withUse(LIQUID, { sites: ['food-area'], foodAreas: 'no' }),
  'food-contact-not-mentioned': withUse(LIQUID, { sites: ['food-area'] }),
  'wall-above-hard-ground-and-not': withUse(LIQUID, { wallAboveHard: 'yes', hardGround: 'no' }),
  'hours-off-not-stated': withUse(LIQUID, { reEntry: 'hours' }),
  'effect-reversed': withUse(LIQUID, { daysToEffect: [7, 2] }),
  'living-through-a-filter': withCard(LIVING, { filterOut: false }),
  'strength-missing': withCard(LIQUID, { actives: liquid.actives.map((a) => ({ ...a, percent: null })) }),
  'active-missing': withCard(LIQUID, { actives: [] }),
  'density-missing': withCard(LIQUID, { densityKgPerL: null }),
  'strengths-disagree': withCard(LIQUID, {
    densityKgPerL: 1,
    actives: [{ name: 'deltamethrin', percent: 2.4, gramsPerLitre: 48, group: '3A' }],
  }),
  'strengths-over-all': withCard(LIQUID, {
    actives: [0, 1].map((i) => ({ name: `a${i}`, percent: 60, gramsPerLitre: null, group: null })),
  }),
  'group-missing': withCard(LIQUID, { actives: liquid.actives.map((a) => ({ ...a, group: null })) }),
  'storage-reversed': withCard(LIQUID, { storeC: [30, 5] }),
  'living-without-storage': withCard(LIVING, { storeC: null }),
  'opened-longer-than-shelf-life': withCard(LIQUID, { openedDays: 90, shelfLifeMonths: 2 }),
  'aerosol-not-flammable': withCard('ashrigg-aerosol', { flammable: false }),
  'dust-without-mask': withCard(DUST, { ppe: ['gloves'] }),
  'nothing-to-wear': withCard(LIQUID, { ppe: [] }),
  'first-aid-missing': withCard(LIQUID, { firstAid: null }),
  'registration-missing': withCard(LIQUID, { registration: null }),
  'disposal-missing': withCard(LIQUID, { disposal: null }),
  'place-on-label-missing': withCard(LIQUID, { clauses: {} }),
  'bait-marked-repellent': withCard(BAIT, { repellent: true }),
};

describe('the label check', () => {
  it.each(ruleNames())('finds %s, and only where it is so', (rule) => {
    const rules = (card: LabelCard) => checkLabel(card).map((finding) => finding.rule);
    expect(rules(BROKEN[rule])).toContain(rule);
    // The card that it was changed from does not have it.
    expect(rules(named(BROKEN[rule].id))).not.toContain(rule);
  });

  it('tells contradictions before gaps, gaps before hints, and which use they are about', () => {
    const card = withUse(LIQUID, { rate: { ...rate(liquid), min: 200 }, maxPerYear: null, cap: null });
    const found = checkLabel({ ...card, uses: [use(liquid), ...card.uses], disposal: null });
    expect(found.map((f) => [f.rank, f.use])).toEqual([
      ['contradiction', 1],
      ['gap', 1],
      ['hint', null],
    ]);
  });

  it('finds no contradiction in any demonstration label', () => {
    for (const card of DEMONSTRATION_LABELS)
      expect(
        checkLabel(card).filter((f) => f.rank === 'contradiction'),
        card.id,
      ).toEqual([]);
  });
});
