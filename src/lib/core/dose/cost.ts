import { answer, invalid, type Refusal, type Result } from '../result';
import { ceilOf, quantity, sameDimension, valueIn, type Quantity } from '../units';

export interface CostInput {
  readonly product: Quantity;
  /** What is treated, and for how much of it a price is told. */
  readonly target: Quantity;
  readonly per: Quantity;
  /** Treatments in the season. */
  readonly times: number;
  /** What the product's container holds and cost; null where none is on the shelf. */
  readonly container: { readonly size: Quantity; readonly price: number } | null;
  /** What of it is left in all usable containers. */
  readonly left: Quantity | null;
  readonly tools: readonly {
    readonly name: string;
    readonly price: number | null;
    readonly lifeJobs: number | null;
  }[];
  /** Sizes in which it is sold, with prices where they are known. */
  readonly sizes: readonly { readonly size: Quantity; readonly price: number | null }[];
  /** What a service asks for the season. */
  readonly quote: number | null;
}

export interface SizeCost {
  readonly size: Quantity;
  readonly price: number | null;
  /** Jobs of this size that one container makes, and containers that the season takes. */
  readonly jobs: number;
  readonly count: number;
  /** For the season: what is paid at the shop, and for what is used of it alone. */
  readonly outlay: number | null;
  readonly used: number | null;
  readonly over: Quantity;
}

export interface JobCost {
  readonly product: number | null;
  /** The share of each tool's price that one job bears; tools without a price or a life are not among them. */
  readonly tools: readonly { readonly name: string; readonly share: number }[];
  /** Tools whose price or life is not known: they cost more than nothing. */
  readonly untold: readonly string[];
  readonly once: number | null;
  readonly per: { readonly value: number; readonly per: Quantity } | null;
  readonly season: number | null;
  readonly sizes: readonly SizeCost[];
  /** The quote less what the season costs oneself; below 0 where the service is cheaper. */
  readonly saved: number | null;
  /** What the shelf lacks for this job; null where it has enough. */
  readonly lacks: Quantity | null;
}

/** No scale, mark or container is truer than half a percent: what is short by less is enough. */
export const CLOSE_ENOUGH = 0.005;

/**
 * What a job costs: the product that it uses, the share of the equipment, for so much ground, over the season, by the
 * size of container, and against a quote. Refuses amounts below 0, a target or `per` of 0, times below 1, and a container
 * that is measured otherwise than the product.
 *
 * @example costOf({ product: 42 ml, container: { size: 1 l, price: 40 }, … }).ok.product // 1.68
 */
export function costOf(input: CostInput): Result<JobCost, 'invalid-input' | 'units-do-not-match'> {
  const { product, target, per, times, container, left, tools, quote } = input;
  const refused = wrongIn(input);
  if (refused.length > 0) return { refused };
  const share = container
    ? (valueIn(product, container.size.unit) / container.size.value) * container.price
    : null;
  const told = tools.flatMap(({ name, price, lifeJobs }) =>
    price !== null && lifeJobs !== null ? [{ name, share: price / lifeJobs }] : [],
  );
  const equipment = told.reduce((sum, tool) => sum + tool.share, 0);
  const once = share === null ? null : share + equipment;
  const season = once === null ? null : once * times;
  const short = left ? product.value - valueIn(left, product.unit) : product.value;
  return answer({
    ...{ product: share, tools: told, once, season },
    untold: tools.flatMap(({ name }) => (told.some((tool) => tool.name === name) ? [] : [name])),
    per: once === null ? null : { value: (once * valueIn(per, target.unit)) / target.value, per },
    sizes: input.sizes.map((one) => sizeCost(one, product, times)),
    saved: quote === null || season === null ? null : quote - season,
    lacks: short > CLOSE_ENOUGH * product.value ? quantity(short, product.unit) : null,
  });
}

function sizeCost({ size, price }: CostInput['sizes'][number], product: Quantity, times: number): SizeCost {
  const each = valueIn(product, size.unit);
  const wanted = each * times;
  const count = Math.max(1, ceilOf(wanted / size.value - CLOSE_ENOUGH));
  return {
    ...{ size, price, count, jobs: each > 0 ? size.value / each : Infinity },
    outlay: price === null ? null : price * count,
    used: price === null ? null : (wanted / size.value) * price,
    over: quantity(Math.max(0, count * size.value - wanted), size.unit),
  };
}

function wrongIn({ product, target, per, times, container, sizes, tools, quote }: CostInput) {
  const below = (path: string, value: number | null | undefined) =>
    value !== null && value !== undefined && !(value >= 0) ? [invalid(path, 'not-negative')] : [];
  const zero = (path: string, value: number) => (value > 0 ? [] : [invalid(path, 'above-zero')]);
  const other = (path: string, size: Quantity): Refusal<'units-do-not-match'>[] =>
    sameDimension(size, product) ? [] : [{ code: 'units-do-not-match', path, facts: { unit: size.unit } }];
  const found: Refusal<'invalid-input' | 'units-do-not-match'>[] = [
    ...below('product.value', product.value),
    ...zero('target.value', target.value),
    ...zero('per.value', per.value),
    ...(times >= 1 ? [] : [invalid('times', 'whole-number')]),
    ...below('container.price', container?.price),
    ...(container ? zero('container.size.value', container.size.value) : []),
    ...sizes.flatMap(({ size, price }, i) => [
      ...zero(`sizes.${i}.size.value`, size.value),
      ...below(`sizes.${i}.price`, price),
    ]),
    ...tools.flatMap(({ price, lifeJobs }, i) => [
      ...below(`tools.${i}.price`, price),
      ...(lifeJobs === null ? [] : zero(`tools.${i}.lifeJobs`, lifeJobs)),
    ]),
    ...below('quote', quote),
  ];
  if (found.length > 0) return found;
  return [
    ...(sameDimension(target, per)
      ? []
      : [{ code: 'units-do-not-match' as const, path: 'per.unit', facts: { unit: per.unit } }]),
    ...(container ? other('container.size.unit', container.size) : []),
    ...sizes.flatMap(({ size }, i) => other(`sizes.${i}.size.unit`, size)),
  ];
}
