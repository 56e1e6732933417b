import {
  moreFields,
  otherHalf,
  type ClauseKey,
  type Ends,
  type LabelUse,
  type RateStep,
  type Method,
  type More,
} from '../core/labels';
import { MORE_WORDS, moreText } from './more-terms';
import { valueIn, sameDimension, type Quantity } from '../core/units';
import type { Show } from './show';
import { unitText } from './show';

const EACH: Partial<Record<Method, string>> = {
  drops: 'spot',
  spot: 'spot',
  crevice: 'spot',
  stations: 'station',
  hang: 'trap',
  cover: 'sheet',
  drench: 'nest',
  'soil-mix': 'nest',
  pour: 'opening',
  jet: 'nest',
  fog: 'room',
};
const TIMES = ['never', 'once', 'twice'];

const timesText = (n: number): string => `${TIMES[n] ?? `${n} times`} a year`;

/** `12 to 20 ml`, `at most 20 ml`, `not stated`: what a label says, no more. */
export function rangeText(
  min: number | null,
  max: number | null,
  unit: Quantity['unit'],
  { numberText }: Pick<Show, 'numberText'>,
): string {
  const name = unitText(unit);
  const after = name === '' ? '' : ` ${name}`;
  if (min === null && max === null) return 'not stated';
  if (max === null) return `at least ${numberText(min ?? 0)}${after}`;
  if (min === null) return `at most ${numberText(max)}${after}`;
  return min === max ? `${numberText(min)}${after}` : `${numberText(min)} to ${numberText(max)}${after}`;
}

const perText = (per: Quantity, method: Method, { quantityText, numberText }: Show): string =>
  per.unit === 'count'
    ? per.value === 1
      ? `each ${EACH[method] ?? 'spot'}`
      : `${numberText(per.value)} ${EACH[method] ?? 'spot'}s`
    : quantityText(per);

const samePer = (a: Quantity, b: Quantity): boolean =>
  sameDimension(a, b) && Math.abs(valueIn(a, b.unit) / b.value - 1) < 1e-9;

/**
 * The rate of a use in plain words: `0.7 to 1.1 fl oz in 1.5 gal of finished mix for 1,000 ft²`. Units are those of the
 * label; what it does not state is said to be not stated.
 */
export function useRateText({ rate, carrier, carrierMost, method, more }: LabelUse, show: Show): string {
  if (rate === null || (rate.min === null && rate.max === null))
    return typeof more?.instruction === 'string' ? more.instruction : 'rate not stated';
  const range = rangeText(rate.min, rate.max, rate.unit, show);
  const mixText = (q: Quantity): string =>
    carrierMost && q === carrier?.amount && carrierMost.unit === q.unit
      ? `${show.numberText(q.value)} to ${show.quantityText(carrierMost)}`
      : show.quantityText(q);
  const of = (q: Quantity): string => `${mixText(q)} of finished mix`;
  if (rate.basis === 'mix') {
    const how = carrier
      ? `${mixText(carrier.amount)} of it for ${perText(carrier.per, method, show)}`
      : 'how much of it for an area is not stated';
    return `${range} in ${of(rate.per)}, ${how}`;
  }
  const per = perText(rate.per, method, show);
  if (carrier === null) return `${range} for ${per}`;
  return samePer(carrier.per, rate.per)
    ? `${range} in ${of(carrier.amount)} for ${per}`
    : `${range} for ${per}, in ${of(carrier.amount)} for ${perText(carrier.per, method, show)}`;
}

const stepText = (
  { by, of }: Pick<RateStep, 'by' | 'of'>,
  show: Show,
  nameOf: (id: string) => string,
): string =>
  by === 'severity' ? of : by === 'drop' ? `in drops of ${show.exactText(Number(of))} mg` : nameOf(of);

/**
 * The same with how often: `…, no sooner than 21 days, twice a year, at most 400 ml for 1,000 m² in 12 months`. `nameOf`
 * names the pest or stage that a step of the rate is for.
 */
export function useText(use: LabelUse, show: Show, nameOf: (id: string) => string = (id) => id): string {
  const { cap, steps, rate } = use;
  return [
    useRateText(use, show),
    ...(rate ? steps : []).map(
      (s) =>
        `${[s, ...(s.and ?? [])].map((one) => stepText(one, show, nameOf)).join(', ')} ${rangeText(s.min, s.max, rate?.unit ?? 'ml', show)}`,
    ),
    ...(use.noSoonerThanDays === null ? [] : [`no sooner than ${days(use.noSoonerThanDays)}`]),
    ...(use.aboutEveryDays === null ? [] : [`repeated about every ${days(use.aboutEveryDays)}`]),
    ...(use.maxPerYear === null ? [] : [timesText(use.maxPerYear)]),
    ...[cap, use.alsoCap ?? null].flatMap((one) =>
      one === null
        ? []
        : [
            `at most ${show.quantityText(one.amount)}${one.of === 'active' ? ' of active ingredient' : ''} for ${perText(one.per, use.method, show)} in 12 months`,
          ],
    ),
  ].join(', ');
}

/** A range with both ends, or what is stated of it: "from 12 °C", "up to 30 °C". */
export function endsText([from, to]: Ends, text: (value: number) => string): string {
  if (from === null) return to === null ? 'not stated' : `up to ${text(to)}`;
  return to === null ? `from ${text(from)}` : `${text(from)} to ${text(to)}`;
}

const days = (n: number): string => (n === 1 ? '1 day' : `${n} days`);

export interface Limit {
  readonly name: string;
  /** null: not stated. */
  readonly text: string | null;
  readonly clause: ClauseKey | null;
}

const monthName = (month: number): string =>
  ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'][month - 1] ?? '';
const HARD_WORDS = { band: 'as a band', spots: 'spots and cracks only', no: 'not at all' };
const FOOD_WORDS = { yes: 'yes', crevices: 'in cracks alone', no: 'no' };

/** Every limit of a use, stated or not, with the clause where it would stand. */
export function useLimits(use: LabelUse, show: Show): Limit[] {
  const { wateringIn, tempC, soilC } = use;
  const limit = (name: string, clause: ClauseKey, text: string | null): Limit => ({ name, text, clause });
  const degrees = (range: Ends | null): string | null => range && endsText(range, show.degreesText);
  const when = <T>(value: T | null, text: (value: T) => string): string | null =>
    value === null ? null : text(value);
  return [
    limit(
      use.monthsFor === 'south' ? 'Months (southern)' : 'Months (northern)',
      'season',
      when(use.months, (months) =>
        (use.monthsFor === 'south' ? months.map(otherHalf).sort((a, b) => a - b) : months)
          .map(monthName)
          .join(', '),
      ),
    ),
    limit('No sooner than', 'interval', when(use.noSoonerThanDays, days)),
    limit('Repeat about every', 'interval', when(use.aboutEveryDays, days)),
    limit('Most in 12 months', 'yearly', when(use.maxPerYear, timesText)),
    limit(
      'Water in',
      'watering',
      when(
        wateringIn,
        (w) =>
          `${show.rainText(w.mm)}${w.mostMm === null ? '' : `, at most ${show.rainText(w.mostMm)},`} within ${w.withinHours} h`,
      ),
    ),
    limit(
      'Stays dry for',
      'watering',
      when(use.dryHours, (h) => `${h} h`),
    ),
    limit(
      'Rain-free after',
      'weather',
      when(use.rainFreeHours, (h) => `${h} h`),
    ),
    limit('Wind at most', 'weather', when(use.maxWindKmh, show.windText)),
    limit('Wind at least', 'weather', when(use.minWindKmh, show.windText)),
    limit('Air', 'weather', degrees(tempC)),
    limit('Sun', 'weather', use.keepFromSun ? 'not in sunshine' : null),
    limit('Soil', 'soil', degrees(soilC)),
    limit('From open water', 'buffer', when(use.waterBufferM, show.lengthText)),
    limit('Flowering plants', 'bloom', use.notOnBloom ? 'mow first' : null),
    limit(
      'Hard ground',
      'hardGround',
      when(use.hardGround, (value) => HARD_WORDS[value]),
    ),
    limit('Walls above hard ground', 'hardGround', use.wallAboveHard),
    limit(
      'Height',
      'height',
      when(use.maxHeightM, (m) => `up to ${show.lengthText(m)}`),
    ),
    limit(
      'Food plants',
      'edibles',
      when(use.edibles, (value) => (value === 'yes' ? 'on the label' : 'no')),
    ),
    limit('Before harvest', 'preHarvest', when(use.preHarvestDays, days)),
    limit(
      'Rooms with food',
      'food',
      when(use.foodAreas, (value) => FOOD_WORDS[value]),
    ),
    limit('What food touches', 'food', use.notOnFoodContact ? 'never' : null),
    limit('Live wires', 'electric', use.keepFromLive ? 'keep away' : null),
    limit(
      'People and pets off',
      'reEntry',
      use.reEntry === 'none'
        ? null
        : use.reEntry === 'hours'
          ? `for ${use.reEntryHours ?? '?'} hours`
          : use.reEntry.replaceAll('-', ' '),
    ),
    limit(
      'Works in',
      'rate',
      when(use.daysToEffect, ([from, to]) => (from === to ? days(to) : `${from} to ${days(to)}`)),
    ),
    limit('Protects', 'rate', when(use.protectsDays, days)),
    ...moreLimits(use.more, 'use', show),
  ];
}

/** What else a card or a use says. What is not stated of these is not missed by a plan, and stays away. */
export function moreLimits(more: More | undefined, of: 'card' | 'use', show: Show): Limit[] {
  return moreFields(of).flatMap(([key, field]) => {
    const value = more?.[key];
    // No clause of the card has their words.
    return value === undefined
      ? []
      : [{ name: MORE_WORDS[key], clause: null, text: moreText(field, value, show) }];
  });
}
