import { dimensionOf, sameDimension, valueIn, type Quantity } from '../units';
import type { Active, ClauseKey, Ends, LabelCard, LabelUse } from './label';

/** What cannot be right, what a plan will miss, and what is worth a second look; in this order. */
export const FINDING_RANKS = ['contradiction', 'gap', 'hint'] as const;
export type FindingRank = (typeof FINDING_RANKS)[number];

interface Rule<T> {
  readonly rank: FindingRank;
  /** The field of the card (or of its use) that it is about. */
  readonly at: string;
  readonly holds: (of: T, card: LabelCard) => boolean;
}

const DAYS_OF_YEAR = 365;
/** Under this many live nematodes for each square metre a treatment is known to fail. */
const FEWEST_NEMATODES = 250_000;
const STRENGTH_TOLERANCE = 0.1;

const reversed = (range: Ends | null): boolean =>
  range !== null && range[0] !== null && range[1] !== null && range[0] > range[1];
const outdoors = ({ sites }: LabelUse): boolean =>
  sites.some((s) => ['turf', 'bed', 'edible', 'trees', 'ground', 'foundation', 'mound'].includes(s));
const sprayed = ({ method }: LabelUse): boolean => ['spray', 'band', 'spread'].includes(method);
const isLiving = ({ family }: LabelCard): boolean => family === 'living' || family === 'physical';
const inGroup = (card: LabelCard, group: string): boolean => card.actives.some((a) => a.group === group);
const measuredByVolume = ({ uses }: LabelCard): boolean =>
  uses.some(({ rate }) => rate !== null && dimensionOf(rate.unit) === 'volume');
const strengthOf = ({ percent, gramsPerLitre }: Active): number | null => gramsPerLitre ?? percent;

/** How much product one treatment at the least rate takes on the base of the cap, in its unit; null: not comparable. */
function leastOnCap({ rate, cap }: LabelUse): number | null {
  const least = rate?.min ?? rate?.max ?? null;
  if (!rate || !cap || least === null || cap.of !== 'product' || rate.basis !== 'target') return null;
  if (!sameDimension(rate, cap.amount) || !sameDimension(rate.per, cap.per)) return null;
  return (
    (valueIn({ value: least, unit: rate.unit }, cap.amount.unit) * valueIn(cap.per, rate.per.unit)) /
    rate.per.value
  );
}

const above = (a: Quantity, b: Quantity): boolean =>
  sameDimension(a, b) && valueIn(a, b.unit) > b.value * (1 + 1e-9);

/** Rules about one use. */
const USE_RULES = {
  'no-pest': { rank: 'gap', at: 'targets', holds: (u) => u.targets.length === 0 },
  'no-rate': {
    rank: 'gap',
    at: 'rate',
    holds: (u) => u.rate === null || (u.rate.min === null && u.rate.max === null),
  },
  'least-above-most': {
    rank: 'contradiction',
    at: 'rate',
    holds: ({ rate }) => rate !== null && rate.min !== null && rate.max !== null && rate.min > rate.max,
  },
  'step-least-above-most': {
    rank: 'contradiction',
    at: 'steps',
    holds: (u) => u.steps.some((s) => s.min > s.max),
  },
  'step-of-another-pest': {
    rank: 'contradiction',
    at: 'steps',
    holds: (u) => u.steps.some((s) => s.by === 'pest' && !u.targets.some((t) => t.pest === s.of)),
  },
  'step-of-another-stage': {
    rank: 'contradiction',
    at: 'steps',
    holds: (u) => u.steps.some((s) => s.by === 'stage' && !u.targets.some((t) => t.stages.includes(s.of))),
  },
  'about-sooner-than-allowed': {
    rank: 'contradiction',
    at: 'aboutEveryDays',
    holds: (u) =>
      u.aboutEveryDays !== null && u.noSoonerThanDays !== null && u.aboutEveryDays < u.noSoonerThanDays,
  },
  'more-in-a-year-than-fit': {
    rank: 'contradiction',
    at: 'maxPerYear',
    holds: (u) =>
      u.maxPerYear !== null &&
      u.noSoonerThanDays !== null &&
      (u.maxPerYear - 1) * u.noSoonerThanDays > DAYS_OF_YEAR,
  },
  'interval-without-yearly-most': {
    rank: 'gap',
    at: 'maxPerYear',
    holds: (u, card) =>
      !isLiving(card) && u.noSoonerThanDays !== null && u.maxPerYear === null && u.cap === null,
  },
  'yearly-most-without-interval': {
    rank: 'gap',
    at: 'noSoonerThanDays',
    holds: (u) => (u.maxPerYear ?? 1) > 1 && u.noSoonerThanDays === null,
  },
  'cap-in-another-measure': {
    rank: 'contradiction',
    at: 'cap',
    holds: ({ cap, rate }) =>
      cap?.of === 'product' &&
      rate !== null &&
      (!sameDimension(cap.amount, rate) || (rate.basis === 'target' && !sameDimension(cap.per, rate.per))),
  },
  'cap-of-active-not-a-mass': {
    rank: 'contradiction',
    at: 'cap',
    holds: ({ cap }) => cap?.of === 'active' && dimensionOf(cap.amount.unit) !== 'mass',
  },
  'cap-of-active-without-strength': {
    rank: 'gap',
    at: 'cap',
    holds: ({ cap }, card) => cap?.of === 'active' && card.actives.every((a) => strengthOf(a) === null),
  },
  'cap-under-one-treatment': {
    rank: 'contradiction',
    at: 'cap',
    holds: (u) => u.cap !== null && (leastOnCap(u) ?? 0) > u.cap.amount.value * (1 + 1e-9),
  },
  'cap-under-the-yearly-most': {
    rank: 'hint',
    at: 'cap',
    holds: (u) =>
      u.cap !== null &&
      u.maxPerYear !== null &&
      (leastOnCap(u) ?? 0) <= u.cap.amount.value &&
      (leastOnCap(u) ?? 0) * u.maxPerYear > u.cap.amount.value * (1 + 1e-9),
  },
  'dilution-without-amount-of-mix': {
    rank: 'gap',
    at: 'carrier',
    holds: (u) =>
      u.rate?.basis === 'mix' && u.carrier === null && (u.method === 'spray' || u.method === 'band'),
  },
  'dilution-not-of-a-volume': {
    rank: 'contradiction',
    at: 'rate',
    holds: ({ rate }) => rate?.basis === 'mix' && dimensionOf(rate.per.unit) !== 'volume',
  },
  'more-product-than-mix': {
    rank: 'contradiction',
    at: 'carrier',
    holds: ({ rate, carrier }) => {
      const most = rate?.max ?? rate?.min ?? null;
      if (!rate || most === null) return false;
      const product = { value: most, unit: rate.unit };
      if (rate.basis === 'mix') return above(product, rate.per);
      return carrier !== null && sameDimension(carrier.per, rate.per)
        ? above(product, {
            value: (carrier.amount.value * valueIn(rate.per, carrier.per.unit)) / carrier.per.value,
            unit: carrier.amount.unit,
          })
        : false;
    },
  },
  'container-in-another-measure': {
    rank: 'contradiction',
    at: 'rate',
    holds: ({ rate }, { container }) => rate !== null && !sameDimension(rate, container.size),
  },
  'temperature-reversed': { rank: 'contradiction', at: 'tempC', holds: (u) => reversed(u.tempC) },
  'soil-reversed': { rank: 'contradiction', at: 'soilC', holds: (u) => reversed(u.soilC) },
  'wind-reversed': {
    rank: 'contradiction',
    at: 'maxWindKmh',
    holds: (u) => u.minWindKmh !== null && u.maxWindKmh !== null && u.minWindKmh > u.maxWindKmh,
  },
  'watering-reversed': {
    rank: 'contradiction',
    at: 'wateringIn',
    holds: ({ wateringIn }) =>
      wateringIn !== null && wateringIn.mostMm !== null && wateringIn.mostMm < wateringIn.mm,
  },
  'watered-in-and-rain-free': {
    rank: 'contradiction',
    at: 'wateringIn',
    holds: (u) => u.wateringIn !== null && (u.rainFreeHours !== null || u.dryHours !== null),
  },
  'bait-watered-in': {
    rank: 'contradiction',
    at: 'wateringIn',
    holds: (u, { family }) => family === 'bait' && u.wateringIn !== null,
  },
  'systemic-without-watering-in': {
    rank: 'gap',
    at: 'wateringIn',
    holds: (u, { family }) => family === 'systemic' && u.sites.includes('turf') && u.wateringIn === null,
  },
  'living-without-soil-range': {
    rank: 'gap',
    at: 'soilC',
    holds: (u, { form }) => form === 'nematodes' && u.soilC === null,
  },
  'too-few-nematodes': {
    rank: 'hint',
    at: 'rate',
    holds: ({ rate, sites }, { form }) => {
      const most = rate?.max ?? rate?.min ?? null;
      if (form !== 'nematodes' || !rate || most === null || !sites.includes('turf')) return false;
      if (!sameDimension(rate, { unit: 'count' }) || !sameDimension(rate.per, { unit: 'm2' })) return false;
      return valueIn({ value: most, unit: rate.unit }, 'count') / valueIn(rate.per, 'm2') < FEWEST_NEMATODES;
    },
  },
  'bees-not-mentioned': {
    rank: 'gap',
    at: 'notOnBloom',
    holds: (u, card) =>
      outdoors(u) &&
      sprayed(u) &&
      (card.family === 'systemic' || card.family === 'residual') &&
      !u.notOnBloom &&
      !card.clauses.pollinators,
  },
  'water-not-mentioned': {
    rank: 'gap',
    at: 'waterBufferM',
    holds: (u, card) =>
      outdoors(u) && inGroup(card, '3A') && u.waterBufferM === null && !card.clauses.aquatic,
  },
  'food-plants-and-not': {
    rank: 'contradiction',
    at: 'edibles',
    holds: (u) => u.edibles === 'no' && (u.sites.includes('edible') || u.preHarvestDays !== null),
  },
  'food-plants-without-harvest': {
    rank: 'gap',
    at: 'preHarvestDays',
    holds: (u, card) => u.sites.includes('edible') && u.preHarvestDays === null && !isLiving(card),
  },
  'food-rooms-and-not': {
    rank: 'contradiction',
    at: 'foodAreas',
    holds: (u) => u.foodAreas === 'no' && u.sites.includes('food-area'),
  },
  'food-contact-not-mentioned': {
    rank: 'gap',
    at: 'notOnFoodContact',
    holds: (u, card) => u.sites.includes('food-area') && !u.notOnFoodContact && !isLiving(card),
  },
  'wall-above-hard-ground-and-not': {
    rank: 'contradiction',
    at: 'wallAboveHard',
    holds: (u) => u.wallAboveHard === 'yes' && u.hardGround === 'no',
  },
  'hours-off-not-stated': {
    rank: 'gap',
    at: 'reEntry',
    holds: (u) => u.reEntry === 'hours' && u.reEntryHours === null,
  },
  'effect-reversed': { rank: 'contradiction', at: 'daysToEffect', holds: (u) => reversed(u.daysToEffect) },
} as const satisfies Record<string, Rule<LabelUse>>;

const STATED: readonly [ClauseKey, (u: LabelUse) => boolean][] = [
  ['rate', (u) => u.rate !== null],
  ['interval', (u) => u.noSoonerThanDays !== null],
  ['yearly', (u) => u.maxPerYear !== null || u.cap !== null],
  ['watering', (u) => u.wateringIn !== null],
  ['soil', (u) => u.soilC !== null],
  ['buffer', (u) => u.waterBufferM !== null],
  ['bloom', (u) => u.notOnBloom],
  ['season', (u) => u.months !== null],
  ['height', (u) => u.maxHeightM !== null],
  ['preHarvest', (u) => u.preHarvestDays !== null],
];

/** Rules about the whole card. */
const CARD_RULES = {
  'living-through-a-filter': {
    rank: 'contradiction',
    at: 'filterOut',
    holds: ({ form, filterOut }) => form === 'nematodes' && !filterOut,
  },
  'strength-missing': {
    rank: 'gap',
    at: 'actives',
    holds: (card) => !isLiving(card) && card.actives.some((a) => strengthOf(a) === null && a.group !== null),
  },
  'active-missing': {
    rank: 'gap',
    at: 'actives',
    holds: (card) => card.actives.length === 0 && card.family !== 'physical',
  },
  'density-missing': {
    rank: 'gap',
    at: 'densityKgPerL',
    holds: (card) =>
      card.densityKgPerL === null &&
      measuredByVolume(card) &&
      card.actives.some((a) => a.percent !== null && a.gramsPerLitre === null),
  },
  'strengths-disagree': {
    rank: 'contradiction',
    at: 'actives',
    holds: ({ actives, densityKgPerL }) =>
      densityKgPerL !== null &&
      actives.some(
        ({ percent, gramsPerLitre }) =>
          percent !== null &&
          gramsPerLitre !== null &&
          Math.abs((percent * 10 * densityKgPerL) / gramsPerLitre - 1) > STRENGTH_TOLERANCE,
      ),
  },
  'strengths-over-all': {
    rank: 'contradiction',
    at: 'actives',
    holds: ({ actives }) => actives.reduce((sum, a) => sum + (a.percent ?? 0), 0) > 100,
  },
  'group-missing': {
    rank: 'hint',
    at: 'actives',
    holds: (card) =>
      ['systemic', 'residual', 'selective', 'regulator', 'soil-drench'].includes(card.family) &&
      card.actives.length > 0 &&
      card.actives.every((a) => a.group === null),
  },
  'storage-reversed': { rank: 'contradiction', at: 'storeC', holds: ({ storeC }) => reversed(storeC) },
  'living-without-storage': {
    rank: 'gap',
    at: 'storeC',
    holds: ({ form, storeC }) => form === 'nematodes' && storeC === null,
  },
  'opened-longer-than-shelf-life': {
    rank: 'contradiction',
    at: 'openedDays',
    holds: ({ openedDays, shelfLifeMonths }) =>
      openedDays !== null && shelfLifeMonths !== null && openedDays > shelfLifeMonths * 31,
  },
  'aerosol-not-flammable': {
    rank: 'hint',
    at: 'flammable',
    holds: ({ form, flammable }) => form === 'aerosol' && !flammable,
  },
  'dust-without-mask': {
    rank: 'gap',
    at: 'ppe',
    holds: ({ form, ppe, ownPpe }) => form === 'dust' && ![...ppe, ...ownPpe].some((p) => /mask/i.test(p)),
  },
  'nothing-to-wear': {
    rank: 'gap',
    at: 'ppe',
    holds: ({ ppe, ownPpe, family }) =>
      ppe.length + ownPpe.length === 0 &&
      ['residual', 'soil-drench', 'systemic', 'selective'].includes(family),
  },
  'first-aid-missing': {
    rank: 'gap',
    at: 'firstAid',
    holds: (card) => card.firstAid === null && !isLiving(card),
  },
  'registration-missing': {
    rank: 'gap',
    at: 'registration',
    holds: (card) => card.registration === null && !isLiving(card),
  },
  'disposal-missing': {
    rank: 'hint',
    at: 'disposal',
    holds: ({ disposal, family }) =>
      disposal === null && ['residual', 'soil-drench', 'systemic'].includes(family),
  },
  'place-on-label-missing': {
    rank: 'hint',
    at: 'clauses',
    holds: ({ clauses, uses }) => STATED.some(([key, is]) => !clauses[key] && uses.some(is)),
  },
  'bait-marked-repellent': {
    rank: 'contradiction',
    at: 'repellent',
    holds: ({ family, repellent }) => family === 'bait' && repellent,
  },
} as const satisfies Record<string, Rule<LabelCard>>;

export type UseRule = keyof typeof USE_RULES;
export type CardRule = keyof typeof CARD_RULES;
export type RuleName = UseRule | CardRule;
/** Every rule, for whoever wants to show or try them all. */
export const ruleNames = (): readonly RuleName[] => [
  ...(Object.keys(USE_RULES) as UseRule[]),
  ...(Object.keys(CARD_RULES) as CardRule[]),
];

export interface LabelFinding {
  readonly rule: RuleName;
  readonly rank: FindingRank;
  /** Index of the use that it is about; null: the whole card. */
  readonly use: number | null;
  readonly at: string;
}

/** Reads a card and lists what it contradicts itself in and what it lacks, the worst first. */
export function checkLabel(card: LabelCard): LabelFinding[] {
  const found: LabelFinding[] = [];
  for (const [rule, { rank, at, holds }] of Object.entries(CARD_RULES) as [CardRule, Rule<LabelCard>][])
    if (holds(card, card)) found.push({ rule, rank, use: null, at });
  card.uses.forEach((use, i) => {
    for (const [rule, { rank, at, holds }] of Object.entries(USE_RULES) as [UseRule, Rule<LabelUse>][])
      if (holds(use, card)) found.push({ rule, rank, use: i, at });
  });
  return found.sort((a, b) => FINDING_RANKS.indexOf(a.rank) - FINDING_RANKS.indexOf(b.rank));
}
