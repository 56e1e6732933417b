import { byCodeUnit } from '../units';
import type { Candidate, Finding, Sign } from './candidate';
import { compile, groupOf, measuredFactors, priorList, type Circumstances } from './likelihood';
import type { Factor } from './weigh';

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
  for (const { key, factor } of measuredFactors(candidates, compiled, found, circumstances))
    all.push({ sign: key, found: true, bits: bits(factor), group: null });
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
