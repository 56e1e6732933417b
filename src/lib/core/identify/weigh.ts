/** The likelihood of one finding for each candidate, and its logarithm. */
export interface Factor {
  readonly p: Float64Array;
  readonly log: Float64Array;
}

/** A finding that may be made, and the group with which it counts together. */
export interface Outcome {
  readonly factor: Factor;
  readonly group: string | null;
}

const MOST_LIKELIHOOD = 0.99;

function factor(likelihood: ArrayLike<number>, floor: number, missing: boolean): Factor {
  const n = likelihood.length;
  const [p, log] = [new Float64Array(n), new Float64Array(n)];
  for (let i = 0; i < n; i++) {
    // No single look settles anything for good.
    const there = Math.min(MOST_LIKELIHOOD, Math.max(floor, likelihood[i] ?? 0));
    const value = missing ? 1 - there : there;
    p[i] = value;
    log[i] = Math.log(value);
  }
  return { p, log };
}

/** The two factors of a sign that is there or not, its likelihoods held to `floor`…0.99. */
export const factorsOf = (
  likelihood: ArrayLike<number>,
  floor: number,
): { there: Factor; missing: Factor } => ({
  there: factor(likelihood, floor, false),
  missing: factor(likelihood, floor, true),
});

/**
 * Adds findings up, one after the other, in any order. Findings that come together (one group, one answer) count once
 * for each candidate, by the strongest: with the least of their likelihoods, as for events that never come apart. What
 * is as good as impossible for a candidate (a likelihood at the floor) counts in full all the same, so that it never raises
 * it.
 */
export class Weighing {
  readonly logs: Float64Array;
  readonly #held = new Map<string, Float64Array>();
  /** From here down a likelihood is as good as nothing. */
  readonly #least: number;

  /** `floor`: the least likelihood to which the factors were held. */
  constructor(prior: ArrayLike<number>, floor: number) {
    this.logs = Float64Array.from(prior, Math.log);
    this.#least = Math.log(floor) + 1e-9;
  }

  add({ log }: Factor, group: string | null): void {
    const { logs } = this;
    const n = logs.length;
    const held = group === null ? undefined : (this.#held.get(group) ?? new Float64Array(n));
    if (held === undefined || group === null) {
      for (let i = 0; i < n; i++) logs[i] = (logs[i] ?? 0) + (log[i] ?? 0);
      return;
    }
    for (let i = 0; i < n; i++) {
      const f = log[i] ?? 0;
      const h = held[i] ?? 0;
      if (f <= this.#least) logs[i] = (logs[i] ?? 0) + f;
      else if (f < h) {
        logs[i] = (logs[i] ?? 0) + f - h;
        held[i] = f;
      }
    }
    this.#held.set(group, held);
  }

  /** Probabilities, without underflow however many findings were added. */
  posterior(): Float64Array {
    const { logs } = this;
    let top = -Infinity;
    for (const log of logs) if (log > top) top = log;
    const weights = new Float64Array(logs.length);
    let sum = 0;
    for (let i = 0; i < logs.length; i++) sum += weights[i] = Math.exp((logs[i] ?? 0) - top);
    for (let i = 0; i < weights.length; i++) weights[i] = (weights[i] ?? 0) / sum;
    return weights;
  }

  /**
   * The expected fall of the entropy, in bits, when one of some findings is going to be made: a function of those
   * findings. `now` is the posterior; candidates below `least` in it are left out of the count.
   */
  gains(now: Float64Array, least = 0): (outcomes: readonly Outcome[]) => number {
    const counted: number[] = [];
    for (let i = 0; i < now.length; i++) if ((now[i] ?? 0) > least) counted.push(i);
    const n = counted.length;
    const chance = Float64Array.from(counted, (i) => now[i] ?? 0);
    const logs = chance.map(Math.log);
    const entropy = entropyBits(chance);
    const chances = new Float64Array(n);
    return (outcomes) => {
      chances.fill(0);
      const changes = outcomes.map((outcome) => this.#change(outcome, counted));
      for (const { p } of changes) for (let k = 0; k < n; k++) chances[k] = (chances[k] ?? 0) + (p[k] ?? 0);
      let expected = 0;
      for (const { p, log } of changes) {
        let [share, total, logsum] = [0, 0, 0];
        for (let k = 0; k < n; k++) {
          const joint = (chance[k] ?? 0) * (p[k] ?? 0);
          share += joint / (chances[k] ?? 1);
          total += joint;
          logsum += joint * ((logs[k] ?? 0) + (log[k] ?? 0));
        }
        // −Σ q·log2 q with q = joint ÷ total.
        if (total > 0) expected += (share * (Math.log(total) - logsum / total)) / Math.LN2;
      }
      return entropy - expected;
    };
  }

  /** By what the finding would multiply the chance of each of these candidates, and the logarithm of that. */
  #change({ factor: { p, log }, group }: Outcome, of: readonly number[]): Factor {
    const n = of.length;
    const held = group === null ? undefined : this.#held.get(group);
    const change = { p: new Float64Array(n), log: new Float64Array(n) };
    for (let k = 0; k < n; k++) {
      const i = of[k] ?? 0;
      const f = log[i] ?? 0;
      const apart = held === undefined || f <= this.#least;
      const by = apart ? f : Math.min(0, f - (held[i] ?? 0));
      change.log[k] = by;
      change.p[k] = apart ? (p[i] ?? 0) : Math.exp(by);
    }
    return change;
  }
}

/** Entropy of a distribution in bits; a probability of 0 adds nothing. */
export function entropyBits(p: ArrayLike<number>): number {
  let sum = 0;
  for (let i = 0; i < p.length; i++) {
    const x = p[i] ?? 0;
    if (x > 0) sum -= x * Math.log2(x);
  }
  return sum;
}
