import { answer, refusal, type Refusal, type Result } from '../result';
import { firstRefusals, notNegative } from '../units';

/** Counts (or mean counts) of living targets before and after, in the treated and the untreated place. */
export type EfficacyInput =
  | { readonly method: 'reduction'; readonly before: number; readonly after: number }
  | { readonly method: 'abbott'; readonly after: number; readonly controlAfter: number }
  | {
      readonly method: 'henderson-tilton';
      readonly before: number;
      readonly after: number;
      readonly controlBefore: number;
      readonly controlAfter: number;
    };

export type EfficacyRefusal = 'invalid-input' | 'no-baseline';

/**
 * Efficacy in percent; negative where the counts rose. Reduction: (1 − after/before)·100. Abbott 1925:
 * (1 − after/controlAfter)·100. Henderson & Tilton 1955: (1 − after·controlBefore/(before·controlAfter))·100.
 * A divisor that is not above 0 is refused as `no-baseline`.
 *
 * @example efficacy({ method: 'abbott', after: 7, controlAfter: 40 }) // 82.5
 */
export function efficacy(input: EfficacyInput): Result<{ pct: number }, EfficacyRefusal> {
  const refused = firstRefusals<EfficacyRefusal>(
    () => [
      ...notNegative('after', input.after),
      ...notNegative('controlBefore', input.method === 'henderson-tilton' ? input.controlBefore : undefined),
    ],
    () => divisors(input).flatMap(([path, value]) => baseline(path, value)),
  );
  return refused.length > 0 ? { refused } : answer({ pct: (1 - survivingShare(input)) * 100 });
}

function survivingShare(input: EfficacyInput): number {
  switch (input.method) {
    case 'reduction':
      return input.after / input.before;
    case 'abbott':
      return input.after / input.controlAfter;
    case 'henderson-tilton':
      return (input.after * input.controlBefore) / (input.before * input.controlAfter);
  }
}

function divisors(input: EfficacyInput): [string, number][] {
  switch (input.method) {
    case 'reduction':
      return [['before', input.before]];
    case 'abbott':
      return [['controlAfter', input.controlAfter]];
    case 'henderson-tilton':
      return [
        ['before', input.before],
        ['controlAfter', input.controlAfter],
      ];
  }
}

const baseline = (path: string, value: number): Refusal<'no-baseline'>[] =>
  value > 0 ? [] : [refusal('no-baseline', path, { seen: value })];

export interface EfficacyBand {
  readonly pct: number;
  /** 95 % interval, in percent; the lower end may be far below 0 where few insects were counted. */
  readonly low: number;
  readonly high: number;
}

/**
 * What a reduction between two totals of counted insects can carry: the 95 % interval of the ratio on the log scale
 * with variance 1/before + 1/after (half an insect is added to each so that 0 has one). An approximation for counts
 * that vary like Poisson counts; clumped insects vary more, so the true interval is wider.
 */
export function reductionBand(before: number, after: number): Result<EfficacyBand, EfficacyRefusal> {
  const plain = efficacy({ method: 'reduction', before, after });
  if ('refused' in plain) return plain;
  const log = Math.log((after + 0.5) / (before + 0.5));
  const spread = 1.96 * Math.sqrt(1 / (before + 0.5) + 1 / (after + 0.5));
  return answer({
    pct: plain.ok.pct,
    low: (1 - Math.exp(log + spread)) * 100,
    high: (1 - Math.exp(log - spread)) * 100,
  });
}
