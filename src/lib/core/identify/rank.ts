import { answer, invalid, refuse, refusal, type Result } from '../result';
import { byCodeUnit, isAbove } from '../units';
import { factorsOf, Weighing } from './weigh';

export interface IdentifyInput {
  readonly prior: ReadonlyMap<string, number>;
  /** P(sign seen | pest) by sign and pest. */
  readonly signs: ReadonlyMap<string, ReadonlyMap<string, number>>;
  readonly seen: ReadonlyMap<string, boolean>;
  /** The likelihood where none is given. */
  readonly default?: number | undefined;
}

export interface Ranking {
  readonly posterior: readonly { readonly pest: string; readonly p: number }[];
  readonly next: readonly { readonly sign: string; readonly gainBits: number }[];
}

export type IdentifyRefusal = 'invalid-input' | 'unknown-sign';

const DEFAULT_LIKELIHOOD = 0.05;
/** The least likelihood of calc’s contract. */
const FLOOR = 0.01;

/**
 * Naive Bayes over the candidates, and which sign to look for next: the expected fall of the posterior's entropy.
 * Priors are normalised (all ≥ 0, sum > 0); each likelihood, the default included, is held to 0.01…0.99; a sign seen to
 * be absent counts 1 − p; likelihoods of pests without prior are ignored. Refuses a seen sign that nobody lists.
 *
 * @example identify({ prior: { 'white-grub': 0.3, drought: 0.25, … }, signs, seen: { 'turf-lifts': true } })
 */
export function identify(input: IdentifyInput): Result<Ranking, IdentifyRefusal> {
  const pests = [...input.prior.keys()];
  const weights = [...input.prior.values()];
  const negative = [...input.prior].find(([, p]) => !(p >= 0));
  if (negative) return { refused: [invalid(`prior.${negative[0]}`, 'not-negative', { seen: negative[1] })] };
  const total = weights.reduce((sum, p) => sum + p, 0);
  if (!(total > 0)) return refuse('invalid-input', 'prior', { expected: 'above-zero', seen: total });
  const unknown = [...input.seen.keys()].filter((sign) => !input.signs.has(sign));
  if (unknown.length > 0)
    return { refused: unknown.map((sign) => refusal('unknown-sign', `seen.${sign}`, { sign })) };

  const factors = (sign: string) => {
    const given = input.signs.get(sign);
    return factorsOf(
      pests.map((pest) => given?.get(pest) ?? input.default ?? DEFAULT_LIKELIHOOD),
      FLOOR,
    );
  };
  const weighing = new Weighing(weights, FLOOR);
  for (const [sign, present] of input.seen) {
    const { there, missing } = factors(sign);
    weighing.add(present ? there : missing, null);
  }
  const posterior = weighing.posterior();
  const gain = weighing.gains(posterior);
  const open = [...input.signs.keys()].filter((sign) => !input.seen.has(sign));
  return answer({
    posterior: byFalling(
      pests.map((pest, i) => ({ pest, p: posterior[i] ?? 0 })),
      (entry) => entry.p,
      (entry) => entry.pest,
    ),
    next: byFalling(
      open.map((sign) => {
        const { there, missing } = factors(sign);
        return {
          sign,
          gainBits: gain([
            { factor: there, group: null },
            { factor: missing, group: null },
          ]),
        };
      }),
      (entry) => entry.gainBits,
      (entry) => entry.sign,
    ),
  });
}

/** Sorted by falling number; numbers that differ by noise alone stand in order of name. */
export function byFalling<T>(entries: T[], number: (entry: T) => number, name: (entry: T) => string): T[] {
  const sorted = entries.sort((a, b) => number(b) - number(a) || byCodeUnit(name(a), name(b)));
  const result: T[] = [];
  let group: T[] = [];
  const flush = (): void => {
    // Pushed one by one: thousands of arguments are too many for one call.
    for (const entry of group.length > 1 ? group.sort((a, b) => byCodeUnit(name(a), name(b))) : group)
      result.push(entry);
    group = [];
  };
  for (const entry of sorted) {
    if (group[0] !== undefined && isAbove(number(group[0]), number(entry))) flush();
    group.push(entry);
  }
  flush();
  return result;
}
