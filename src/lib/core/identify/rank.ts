import { answer, invalid, refuse, refusal, type Result } from '../result';
import { byCodeUnit, isAbove } from '../units';

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
const LEAST_LIKELIHOOD = 0.01;
const MOST_LIKELIHOOD = 0.99;

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

  const fallback = clip(input.default ?? DEFAULT_LIKELIHOOD);
  const likelihoods = (sign: string): number[] => {
    const given = input.signs.get(sign);
    return pests.map((pest) => {
      const p = given?.get(pest);
      return p === undefined ? fallback : clip(p);
    });
  };
  const logs = weights.map((p) => Math.log(p / total));
  for (const [sign, present] of input.seen)
    likelihoods(sign).forEach((p, i) => (logs[i] = (logs[i] ?? 0) + Math.log(present ? p : 1 - p)));
  const posterior = normalise(logs);

  const open = [...input.signs.keys()].filter((sign) => !input.seen.has(sign));
  const before = entropyBits(posterior);
  return answer({
    posterior: byFalling(
      pests.map((pest, i) => ({ pest, p: posterior[i] ?? 0 })),
      (entry) => entry.p,
      (entry) => entry.pest,
    ),
    next: byFalling(
      open.map((sign) => ({ sign, gainBits: before - entropyAfter(posterior, likelihoods(sign)) })),
      (entry) => entry.gainBits,
      (entry) => entry.sign,
    ),
  });
}

const clip = (p: number): number => Math.min(MOST_LIKELIHOOD, Math.max(LEAST_LIKELIHOOD, p));

/** Probabilities from unnormalised logarithms, without underflow however many signs were read. */
function normalise(logs: readonly number[]): number[] {
  const top = logs.reduce((most, x) => Math.max(most, x), -Infinity);
  const weights = logs.map((x) => Math.exp(x - top));
  const sum = weights.reduce((all, w) => all + w, 0);
  return weights.map((w) => w / sum);
}

/** Expected entropy once the sign has been looked for: −Σ over yes/no and pests of p·q·log2 of its new share. */
function entropyAfter(posterior: readonly number[], likelihood: readonly number[]): number {
  let expected = 0;
  for (const present of [true, false]) {
    const joint = posterior.map((p, i) => p * (present ? (likelihood[i] ?? 0) : 1 - (likelihood[i] ?? 0)));
    const chance = joint.reduce((sum, p) => sum + p, 0);
    if (chance > 0) expected += chance * entropyBits(joint.map((p) => p / chance));
  }
  return expected;
}

/** Entropy of a distribution in bits; a probability of 0 adds nothing. */
export function entropyBits(p: readonly number[]): number {
  return p.reduce((sum, x) => (x > 0 ? sum - x * Math.log2(x) : sum), 0);
}

/** Sorted by falling number; numbers that differ by noise alone stand in order of name. */
function byFalling<T>(entries: T[], number: (entry: T) => number, name: (entry: T) => string): T[] {
  const sorted = entries.sort((a, b) => number(b) - number(a) || byCodeUnit(name(a), name(b)));
  const result: T[] = [];
  let group: T[] = [];
  for (const entry of sorted) {
    if (group[0] !== undefined && isAbove(number(group[0]), number(entry))) {
      result.push(...group.sort((a, b) => byCodeUnit(name(a), name(b))));
      group = [];
    }
    group.push(entry);
  }
  return [...result, ...group.sort((a, b) => byCodeUnit(name(a), name(b)))];
}
