import { byCodeUnit } from '../units';
import {
  CANNOT_TELL,
  NONE_OF_THESE,
  northernMonth,
  type Candidate,
  type Finding,
  type RuleOut,
  type Sign,
} from './candidate';
import {
  compile,
  groupOf,
  lengthFactor,
  likelihoodOf,
  numberOr,
  priorList,
  type Circumstances,
} from './likelihood';
import type { Factor } from './weigh';

/** The key under which a measured body length stands among the evidence. */
export const BODY_LENGTH = 'body-length';

export interface Evidence {
  readonly sign: string;
  readonly found: Finding;
  /** How far it moved the odds of this candidate, in bits: above 0 for it, below 0 against. */
  readonly bits: number;
  /** Signs that were found too and count together with this one. */
  readonly together: readonly string[];
}

/**
 * What speaks for a candidate and what against it, strongest first: log2 of the likelihood of each finding here over its
 * mean likelihood for the others, weighted by how likely those were before anything was looked at. Of signs that come
 * together only the strongest is told, with the others named beside it.
 */
export function evidenceFor(
  id: string,
  candidates: readonly Candidate[],
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
  circumstances: Circumstances,
): Evidence[] {
  const compiled = compile(candidates, signs);
  const own = compiled.index.get(id);
  if (own === undefined) return [];
  const prior = priorList(candidates, circumstances);
  const bits = (factor: Factor): number => {
    let [mass, sum] = [0, 0];
    prior.forEach((p, i) => {
      if (i === own) return;
      mass += p;
      sum += p * (factor.p[i] ?? 0);
    });
    return mass > 0 && sum > 0 ? (factor.log[own] ?? 0) / Math.LN2 - Math.log2(sum / mass) : 0;
  };
  const all = Object.entries(found).flatMap(([sign, finding]) => {
    const known = compiled.signs.get(sign);
    const factor = known?.factors.get(finding);
    return known && factor
      ? [{ sign, found: finding, bits: bits(factor), group: groupOf(known.sign, finding) }]
      : [];
  });
  if (circumstances.lengthMm !== null)
    all.push({
      sign: BODY_LENGTH,
      found: true,
      bits: bits(lengthFactor(candidates, circumstances.lengthMm)),
      group: null,
    });
  const falling = all.sort((a, b) => Math.abs(b.bits) - Math.abs(a.bits) || byCodeUnit(a.sign, b.sign));
  return falling
    .filter((e, i) => e.group === null || falling.findIndex((other) => other.group === e.group) === i)
    .map(({ sign, found: finding, bits: weight, group }) => ({
      sign,
      found: finding,
      bits: weight,
      together: falling
        .filter((e) => group !== null && e.group === group && e.sign !== sign)
        .map((e) => e.sign),
    }));
}

/** Signs found that none of these causes would be likely to show: what a second cause would have to explain. */
export function unexplained(
  causes: readonly Candidate[],
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
): string[] {
  const explains = (cause: Candidate, sign: Sign, finding: Finding): boolean => {
    const given = cause.signs[sign.id];
    if (finding === NONE_OF_THESE) return true;
    const p = typeof finding === 'string' && typeof given === 'object' ? given[finding] : given;
    return numberOr(p, sign.usual) >= EXPLAINS_FROM;
  };
  return Object.entries(found).flatMap(([id, finding]) => {
    const sign = signs.find((s) => s.id === id);
    return !sign ||
      finding === false ||
      finding === CANNOT_TELL ||
      causes.some((cause) => explains(cause, sign, finding))
      ? []
      : [id];
  });
}
const EXPLAINS_FROM = 0.2;

/**
 * Whether a candidate that must be ruled out has been: its mark is always there in this month, was looked at, and found
 * otherwise. What is not seen of a mark that may be missing rules nothing out, and "cannot tell" never does.
 */
export function isRuledOut(
  candidate: Candidate,
  found: Readonly<Record<string, Finding>>,
  { month, hemisphere }: Pick<Circumstances, 'month' | 'hemisphere'>,
): boolean {
  const { ruleOut } = candidate;
  if (ruleOut === null) return false;
  const finding = found[ruleOut.sign];
  if (finding === undefined || finding === CANNOT_TELL || isMark(ruleOut, finding)) return false;
  return typeof ruleOut.always === 'boolean'
    ? ruleOut.always
    : ruleOut.always.includes(northernMonth(month, hemisphere));
}

/** The finding is the mark itself. */
export const isMark = ({ is }: RuleOut, finding: Finding): boolean =>
  typeof is === 'object' ? is.includes(String(finding)) : is === finding;

/** From here on a sign is always there for a cause, and hardly ever for another. */
const ALWAYS_THERE = 0.85;
const HARDLY_EVER = 0.2;

/** A sign was found that the one always shows and the other hardly ever: the one is confirmed by its own mark. */
export function hasOwnMark(
  one: Candidate,
  other: Candidate,
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
): boolean {
  return signs.some((sign) => {
    const finding = found[sign.id];
    if (finding === undefined || finding === false || finding === CANNOT_TELL) return false;
    return (
      likelihoodOf(one, sign, finding) >= ALWAYS_THERE && likelihoodOf(other, sign, finding) <= HARDLY_EVER
    );
  });
}
