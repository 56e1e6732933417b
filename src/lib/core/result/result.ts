/** What a refused input should have been; `words` has the sentence for each. */
export type Expected =
  | 'json'
  | 'a-topic'
  | 'a-number'
  | 'a-number-in-range'
  | 'one-reading'
  | 'text'
  | 'true-or-false'
  | 'a-list'
  | 'an-object'
  | 'a-known-key'
  | 'one-of'
  | 'a-date'
  | 'an-hour'
  | 'above-zero'
  | 'not-negative'
  | 'at-most'
  | 'whole-number'
  | 'shorter-list'
  | 'not-empty'
  | 'rising-dates'
  | 'lists-of-one-length'
  | 'a-finite-result'
  | 'needs-other-key'
  | 'not-together'
  | 'needed'
  | 'shorter-text'
  | 'plain-text'
  | 'later-than-start'
  | 'a-later-day'
  | 'a-clock-time'
  | 'not-below-least'
  | 'an-email'
  | 'a-longer-password'
  | 'the-same-again';

export type Fact = string | number | boolean | readonly string[];

/**
 * An expected refusal: a code, the dotted path of the value that caused it ("" for the whole input)
 * and typed facts from which `words` makes the sentence.
 */
export interface Refusal<Code extends string = string> {
  readonly code: Code;
  readonly path: string;
  readonly facts: Readonly<Record<string, Fact>>;
}

export interface Refused<Code extends string = string> {
  readonly refused: readonly Refusal<Code>[];
}

/** Either the answer, or every reason (at least one) why there is none. */
export type Result<T, Code extends string = string> = { readonly ok: T } | Refused<Code>;

export const answer = <T>(ok: T): { ok: T } => ({ ok });

export function refusal<Code extends string>(
  code: Code,
  path = '',
  facts: Record<string, Fact> = {},
): Refusal<Code> {
  return { code, path, facts };
}

export function refuse<Code extends string>(
  code: Code,
  path = '',
  facts: Record<string, Fact> = {},
): Refused<Code> {
  return { refused: [refusal(code, path, facts)] };
}

/** An `invalid-input` refusal: the value at `path` is not what was expected. */
export function invalid(
  path: string,
  expected: Expected,
  facts: Record<string, Fact> = {},
): Refusal<'invalid-input'> {
  return refusal('invalid-input', path, { ...facts, expected });
}

export function isRefused<T, C extends string>(result: Result<T, C>): result is Refused<C> {
  return 'refused' in result;
}

/** Takes the answer out of a result that the caller has reason to hold for answered; a refusal is then a bug. */
export function expectAnswer<T>(result: Result<T>): T {
  if ('ok' in result) return result.ok;
  throw new Error(`unexpected refusal: ${result.refused.map((r) => `${r.code} at ${r.path}`).join(', ')}`);
}
