import { type Ends, type LabelUse, type RateStep, type Method } from '../core/labels';
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

export const timesText = (n: number): string => `${TIMES[n] ?? `${n} times`} a year`;

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

export const days = (n: number): string => (n === 1 ? '1 day' : `${n} days`);
