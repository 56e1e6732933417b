import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../catalog';
import { MORE_FIELDS, type CardInUse, type LabelCard, type LabelUse } from '../labels';
import { PREMISES_KEYS, type PremisesFact } from '../premises';
import { quantity, type CalendarDay } from '../units';
import { cautionKey } from './cautions';
import { clauseCautions, RAISES, type ClauseSituation } from './clauses';
import { WITHOUT_EFFECT } from './without-effect';
import { ASKS, TELLS } from './collect';

const DAY = '2027-06-10' as CalendarDay;

const PLAIN_CARD = {
  ...{ id: 'own', version: 1, name: 'Made-up dust', maker: '', demonstration: true, registration: null },
  ...{
    form: 'concentrate',
    family: 'selective',
    actives: [],
    densityKgPerL: null,
    signalWord: null,
    uses: [],
  },
  ...{ ppe: [], ownPpe: [], filterOut: false, repellent: false, mixWithOthers: null, clauses: {} },
  ...{ firstAid: null, storeC: null, flammable: false, shelfLifeMonths: null, openedDays: null },
  ...{ disposal: null, licenceNeeded: null, allowedIn: [], otherSizes: [], siteFits: true },
  container: { size: quantity(1, 'l') },
  use: {
    ...{ sites: ['turf'], method: 'scatter', targets: [], steps: [], carrier: null, months: null },
    ...{ noSoonerThanDays: null, aboutEveryDays: null, maxPerYear: null, cap: null, wateringIn: null },
    ...{ dryHours: null, rainFreeHours: null, maxWindKmh: null, minWindKmh: null, tempC: null, soilC: null },
    ...{ keepFromSun: false, waterBufferM: null, hardGround: null, wallAboveHard: null, maxHeightM: null },
    ...{ edibles: 'yes', preHarvestDays: null, foodAreas: null, notOnFoodContact: false },
    ...{ keepFromLive: false, notOnBloom: false, reEntry: 'none', reEntryHours: null },
    ...{ daysToEffect: null, protectsDays: null, severities: [] },
    rate: { min: 1, max: 1, unit: 'ml', per: quantity(1, 'm2'), basis: 'target' },
  },
} as const;

/** A card that says nothing but what is told here, used in a place of which everything was asked and nothing is so. */
function situation(
  use: Partial<LabelUse> = {},
  {
    card = {},
    here = [],
    unknown = [],
    ...more
  }: Partial<Omit<ClauseSituation, 'label' | 'fact'>> & {
    card?: Partial<LabelCard>;
    here?: readonly PremisesFact[];
    unknown?: readonly PremisesFact[];
  } = {},
): ClauseSituation {
  const label = {
    ...PLAIN_CARD,
    ...card,
    use: { ...PLAIN_CARD.use, ...use },
  } as unknown as CardInUse;
  return {
    label,
    ...{ stinging: false, surrounding: 'lawn', day: DAY, hourOfDay: null, lawn: null },
    ...{ byWater: false, flowering: false },
    ...more,
    fact: (fact) => (here.includes(fact) ? 'yes' : unknown.includes(fact) ? 'unknown' : 'no'),
  };
}
/** "rank key" of each. */
const raised = (s: ClauseSituation): string[] =>
  clauseCautions(s)
    .map((c) => `${c.rank} ${cautionKey(c).replace(/^label-(asks|tells):/, '')}`)
    .sort();

describe('the table of clauses', () => {
  it('has a row for every field of every shipped card, and of every further clause', () => {
    const fields = new Set([...Object.keys(RAISES), ...Object.keys(WITHOUT_EFFECT)]);
    const of = (one: object, prefix: string, but: readonly string[]): string[] =>
      Object.keys(one).flatMap((key) => (but.includes(key) ? [] : [`${prefix}.${key}`]));
    const seen = DEMONSTRATION_LABELS.flatMap((card) => [
      ...of(card, 'card', ['uses', 'more']),
      ...card.uses.flatMap((use) => of(use, 'use', ['more'])),
    ]);
    expect([...new Set(seen)].filter((field) => !fields.has(field))).toEqual([]);
    expect(Object.keys(MORE_FIELDS).filter((key) => !fields.has(`more.${key}`))).toEqual([]);
    for (const [field, reason] of Object.entries(WITHOUT_EFFECT))
      expect(reason.length, `${field} has no reason`).toBeGreaterThan(3);
  });

  it('raises nothing for a card that says nothing, where nothing is so', () => {
    for (const surrounding of ['lawn', 'bed', 'kitchen', 'loft', 'wall', 'water'] as const)
      expect(raised(situation({}, { surrounding })), surrounding).toEqual([]);
  });

  const LOUD: Partial<LabelUse> = {
    ...{ keepFromLive: true, notOnFoodContact: true, notOnBloom: true, maxHeightM: 1, preHarvestDays: 3 },
    ...{ hardGround: 'no', wallAboveHard: 'no', foodAreas: 'crevices', edibles: 'no', waterBufferM: 5 },
    ...{ reEntry: 'hours', reEntryHours: 4, carrier: { amount: quantity(1, 'l'), per: quantity(1, 'm2') } },
  };
  const MORE = Object.fromEntries(
    Object.entries(MORE_FIELDS).map(([key, field]) => [
      key,
      field.kind === 'tick'
        ? true
        : field.kind === 'choice'
          ? (field.choices as readonly string[]).at(-1)
          : field.kind === 'text'
            ? 'as printed'
            : 2,
    ]),
  );

  it('reaches every ask and every tell that the words know, from some card in some place', () => {
    const reached = new Set<string>();
    for (const surrounding of ['lawn', 'bed', 'wall', 'kitchen', 'loft'] as const)
      for (const method of ['spray', 'spot'] as const)
        for (const form of ['concentrate', 'bait-granule', 'nematodes'] as const)
          for (const pollinatorHours of ['evening', 'not-while-flying'])
            for (const hardGround of ['no', 'spots'] as const)
              for (const edibles of ['no', null] as const)
                for (const hourOfDay of [null, 12])
                  for (const c of clauseCautions(
                    situation(
                      { ...LOUD, method, hardGround, edibles, more: { ...MORE, pollinatorHours } },
                      {
                        card: {
                          form,
                          flammable: true,
                          actives: [{ name: 'permethrin', percent: 1, gramsPerLitre: null, group: '3A' }],
                        },
                        here: PREMISES_KEYS,
                        ...{
                          surrounding,
                          hourOfDay,
                          byWater: true,
                          stinging: true,
                          lawn: { area: quantity(500, 'm2') },
                        },
                      },
                    ),
                  ))
                    reached.add(String(c.facts.about));
    expect([...ASKS, ...TELLS].filter((about) => !reached.has(about))).toEqual([]);
  });

  it('asks what nobody said, once, and each set of questions by itself', () => {
    const s = situation(
      { keepFromLive: true, method: 'spray' },
      { surrounding: 'loft', unknown: ['liveWires', 'birds'] },
    );
    expect(raised(s)).toEqual(['care not-asked:birds+liveWires']);
    const answered = situation(
      { keepFromLive: true, method: 'spray' },
      { surrounding: 'loft', here: ['liveWires'] },
    );
    expect(raised(answered)).toEqual(['halt liveWires']);
  });
});

describe('a clause in its place', () => {
  it.each([
    [
      'dust into a wired loft',
      { keepFromLive: true, method: 'film' },
      { surrounding: 'loft', here: ['liveWires'] },
      'halt liveWires',
    ],
    [
      'a flammable can beside a pilot light',
      {},
      { surrounding: 'kitchen', card: { flammable: true }, here: ['gasFlame'] },
      'halt flames',
    ],
    ['a flammable can outside', {}, { surrounding: 'wall', card: { flammable: true } }, 'care flames'],
    [
      'a mist beside a fish tank',
      { method: 'spray', waterBufferM: 6 },
      { surrounding: 'room', here: ['fish'] },
      'halt fish',
    ],
    ['a mist beside a budgerigar', { method: 'fog' }, { surrounding: 'room', here: ['birds'] }, 'halt birds'],
    [
      'a carpet spray where an infant crawls',
      { method: 'spray', reEntry: 'hours', reEntryHours: 4 },
      { surrounding: 'room', here: ['infants'] },
      'care breathe',
    ],
    [
      'gel where a dog lives',
      { method: 'drops' },
      { surrounding: 'kitchen', card: { form: 'gel' }, here: ['dogs'] },
      'care baitReach',
    ],
    [
      'a food bed with days before the harvest',
      { edibles: 'yes', preHarvestDays: 3 },
      { surrounding: 'bed', here: ['edibles'] },
      'care preHarvest',
    ],
    [
      'a food bed and a label that forbids it',
      { edibles: 'no' },
      { surrounding: 'bed', here: ['edibles'] },
      'halt edibles',
    ],
    [
      'a food bed and a label that does not say',
      { edibles: null },
      { surrounding: 'bed', here: ['edibles'] },
      'halt ediblesNotStated',
    ],
    [
      'a lawn beside a food bed',
      { edibles: 'no' },
      { surrounding: 'lawn', here: ['edibles'] },
      'care ediblesNear',
    ],
    ['a wall higher than the label goes', { maxHeightM: 1 }, { surrounding: 'wall' }, 'care height'],
    ['paving', { hardGround: 'no' }, { surrounding: 'ground' }, 'care hardGround'],
    ['a worktop', { notOnFoodContact: true }, { surrounding: 'kitchen' }, 'care foodContact'],
    [
      'a nest and somebody allergic',
      {},
      { surrounding: 'wall', stinging: true, here: ['stingAllergy'] },
      'halt stings',
    ],
    ['a well', { more: { wellM: 15 } }, { surrounding: 'lawn', here: ['wells'] }, 'halt well'],
    [
      'more ground than a day allows',
      { more: { mostGroundPerDayM2: 400 } },
      { lawn: { area: quantity(500, 'm2') } },
      'halt groundPerDay',
    ],
    ['bait that must stay dry', { more: { neverWaterIn: true } }, {}, 'care dry'],
    [
      'cracks alone, by a use that covers the floor',
      { method: 'spray', more: { crackOnly: true } },
      { surrounding: 'kitchen' },
      'halt broadcast',
    ],
    [
      'cracks alone, by cracks',
      { method: 'crevice', more: { crackOnly: true } },
      { surrounding: 'kitchen' },
      'care cracksOnly',
    ],
    [
      'noon, and a label for the evening',
      { more: { pollinatorHours: 'evening' } },
      { hourOfDay: 12 },
      'halt pollinatorHours',
    ],
    [
      'dusk, and a label for the evening',
      { more: { pollinatorHours: 'evening' } },
      { hourOfDay: 19 },
      'care pollinatorDay',
    ],
    [
      'noon, and a label that only wants no bee about',
      { more: { pollinatorHours: 'not-while-flying' } },
      { hourOfDay: 12 },
      'halt pollinatorHours',
    ],
    [
      'early, and a label that only wants no bee about',
      { more: { pollinatorHours: 'not-while-flying' } },
      { hourOfDay: 6 },
      'care pollinatorDay',
    ],
  ] as const)('%s', (_told, use, more, expected) => {
    expect(raised(situation(use as Partial<LabelUse>, more as Parameters<typeof situation>[1]))).toContain(
      expected,
    );
  });

  it('a cat bars a pyrethroid on the ground, and no closed station', () => {
    const actives = [{ name: 'permethrin', percent: 0.5, gramsPerLitre: null, group: '3A' }];
    expect(raised(situation({}, { card: { actives }, here: ['cats'] }))).toEqual(['care cats']);
    expect(raised(situation({}, { card: { actives, form: 'trap' }, here: ['cats'] }))).toEqual([]);
    const other = [{ name: 'imidacloprid', percent: 0.5, gramsPerLitre: null, group: '4A' }];
    expect(raised(situation({}, { card: { actives: other }, here: ['cats'] }))).toEqual([]);
  });

  it('tells the day before which nothing is picked', () => {
    const [caution] = clauseCautions(
      situation({ edibles: 'yes', preHarvestDays: 7 }, { surrounding: 'bed', here: ['edibles'] }),
    );
    expect(caution?.facts).toMatchObject({ days: 7, until: '2027-06-17' });
  });
});
