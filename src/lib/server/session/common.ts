import { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

/** Of 0 (tried first by whoever guesses) to 4. */
const LEAST_SCORE = 2;
/** More is not looked at: the time would grow, and the rest only makes it stronger. */
const LOOKED_AT = 64;
const judge = new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs, maxLength: LOOKED_AT });

/** Signs besides one's own name and address that a password needs. */
const LEAST_BESIDES = 6;

/** True where a password is among those that are tried first: a common one, a row of keys, one's own name or address. */
export function isCommon(password: string, own: readonly string[]): boolean {
  const words = own
    .flatMap((text) => text.toLowerCase().split(/[^\p{L}\p{N}]+/u))
    .filter((word) => word.length > 2);
  const besides = words.reduce((left, word) => left.replaceAll(word, ''), password.toLowerCase());
  if (besides !== password.toLowerCase() && besides.replace(/[^\p{L}\p{N}]/gu, '').length < LEAST_BESIDES)
    return true;
  return judge.check(password.slice(0, LOOKED_AT), words).score < LEAST_SCORE;
}

export const COMMON =
  'This password is among the first that are tried: a common one, a row of keys, or your own name. Take three or four words that do not belong together.';
