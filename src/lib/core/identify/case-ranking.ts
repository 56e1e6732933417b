import { byCodeUnit } from '../units';
import {
  CANNOT_TELL,
  NONE_OF_THESE,
  lengthFit,
  northernMonth,
  type Candidate,
  type Finding,
  type Hemisphere,
  type RuleOut,
  type Sign,
  type Surrounding,
} from './candidate';
import { byFalling } from './rank';
import type { Region } from './region';
import { factorsOf, Weighing, type Factor } from './weigh';

export interface RankedCandidate {
  readonly id: string;
  readonly p: number;
}

export interface NextLook {
  readonly sign: string;
  readonly gainBits: number;
  readonly effortSeconds: number;
}

export interface CaseRanking {
  readonly ranked: readonly RankedCandidate[];
  /** What is worth looking at next, by gain against effort. */
  readonly next: readonly NextLook[];
  /** The leading candidate stands at or above the certainty that is called sure, and hangs on no single reading. */
  readonly sure: boolean;
  /** The one of several values, easily read for another, without which the leading candidate would not lead; null for none. */
  readonly hangsOn: string | null;
  /** Signs found that hardly any of what is still likely would show: look again, or there is more than one cause. */
  readonly misfits: readonly string[];
}

export interface Evidence {
  readonly sign: string;
  readonly found: Finding;
  /** How far it moved the odds of this candidate, in bits: above 0 for it, below 0 against. */
  readonly bits: number;
  /** Signs that were found too and count together with this one. */
  readonly together: readonly string[];
}

export interface Circumstances {
  readonly month: number;
  readonly hemisphere: Hemisphere;
  readonly surrounding: Surrounding;
  /** How often each candidate was confirmed at this property before. */
  readonly history: Readonly<Record<string, number>>;
  readonly lengthMm: number | null;
  /** null or absent where nobody knows it. */
  readonly region?: Region | null;
}

/** From here on a name is said plainly; below it the answer is "not sure". */
export const SURE_FROM = 0.8;
/** A candidate that must not be treated is ruled out first where it stands above this. */
export const RULE_OUT_ABOVE = 0.05;
/** The key under which a measured body length stands among the evidence. */
export const BODY_LENGTH = 'body-length';
/** A look that takes this long is worth half as much as an instant one of the same gain. */
const HALF_WORTH_SECONDS = 300;
/** What needs a night, or a tool that has to be fetched, is worth so much less. */
const NIGHT_WORTH = 0.5;
const TOOL_WORTH = 0.8;
/** The least likelihood in naming: marks that are nearly exclusive count as such. */
const FLOOR = 0.0005;
/** So often one of several values is read for another. */
const MISREAD = 0.06;
/** So often somebody who looks at what is not there at all finds “none of these”. */
const NONE_ELSEWHERE = 0.5;
const LEAST_SEASON = 0.02;
const ELSEWHERE = 0.004;
/** What does not live in a part of the world is brought there so seldom, against where it does. */
const NEWCOMER = 0.02;
/** Candidates below this do not decide what is worth looking at next. */
const UNLIKELY = 1e-3;
/** A sign fits nothing where so little of what is left would show it. */
const MISFIT_BELOW = 0.12;
/** Marks that are misread no oftener than this may carry a name alone. */
const HARDLY_MISREAD = 0.02;
/** A name stands without a reading where it is as likely as this all the same. */
const STANDS_WITHOUT = 0.3;
const LENGTH_FITS = 0.9;
const LENGTH_MISFITS = 0.03;

interface CompiledSign {
  readonly sign: Sign;
  /** Factors by finding: "true" and "false", or its values. */
  readonly factors: ReadonlyMap<Finding, Factor>;
}

interface Compiled {
  readonly ids: readonly string[];
  readonly index: ReadonlyMap<string, number>;
  readonly signs: ReadonlyMap<string, CompiledSign>;
}

const COMPILED = new WeakMap<readonly Candidate[], { signs: readonly Sign[]; compiled: Compiled }>();

/** The catalogue's likelihoods as columns of numbers; made once for a catalogue. */
function compile(candidates: readonly Candidate[], signs: readonly Sign[]): Compiled {
  const known = COMPILED.get(candidates);
  if (known?.signs === signs) return known.compiled;
  const compiled: Compiled = {
    ids: candidates.map((c) => c.id),
    index: new Map(candidates.map((c, i) => [c.id, i])),
    signs: new Map(signs.map((sign) => [sign.id, { sign, factors: findingsOf(candidates, sign) }])),
  };
  COMPILED.set(candidates, { signs, compiled });
  return compiled;
}

function findingsOf(candidates: readonly Candidate[], sign: Sign): ReadonlyMap<Finding, Factor> {
  if (sign.values === null) {
    const { there, missing } = factorsOf(
      candidates.map((c) => numberOr(c.signs[sign.id], sign.usual)),
      FLOOR,
    );
    return new Map<Finding, Factor>([
      [true, there],
      [false, missing],
    ]);
  }
  return new Map(
    [...sign.values.map(({ id }) => id), NONE_OF_THESE].map((value): [Finding, Factor] => [
      value,
      factorsOf(
        candidates.map((c) => likelihoodOf(c, sign, value)),
        FLOOR,
      ).there,
    ]),
  );
}

/**
 * P(finding | candidate). One of several values is read for another in `misread` of all readings; what a candidate that shows the
 * sign has of none of them is “none of these”.
 */
function likelihoodOf(candidate: Candidate, sign: Sign, finding: Finding): number {
  const given = candidate.signs[sign.id];
  if (sign.values === null) return numberOr(given, sign.usual);
  if (typeof given !== 'object') return finding === NONE_OF_THESE ? NONE_ELSEWHERE : sign.usual;
  const shown = sign.values.reduce((sum, { id }) => sum + (given[id] ?? 0), 0);
  const own = finding === NONE_OF_THESE ? Math.max(0, 1 - shown) : (given[String(finding)] ?? 0);
  const misread = sign.misread ?? MISREAD;
  return own * (1 - misread) + ((1 - own) * misread) / sign.values.length;
}

const numberOr = (given: unknown, usual: number): number => (typeof given === 'number' ? given : usual);

/** Chance of each candidate before anything was looked at: its place, its month, and what the property had before. */
function priorList(
  candidates: readonly Candidate[],
  { month, hemisphere, surrounding, history, region = null }: Circumstances,
): Float64Array {
  const northern = northernMonth(month, hemisphere);
  const weights = new Float64Array(candidates.length);
  let total = 0;
  candidates.forEach((candidate, i) => {
    total += weights[i] =
      Math.max(LEAST_SEASON, candidate.season[northern - 1] ?? 0) *
      (candidate.places[surrounding] ?? ELSEWHERE) *
      (1 + (history[candidate.id] ?? 0)) *
      (livesIn(candidate, region) ? 1 : NEWCOMER);
  });
  for (let i = 0; i < weights.length; i++) weights[i] = (weights[i] ?? 0) / total;
  return weights;
}

/** Whether it is known from there; from nowhere in particular, everything is. */
export const livesIn = ({ regions }: Pick<Candidate, 'regions'>, region: Region | null): boolean =>
  region === null || regions === undefined || regions.includes(region);

/** The same by name. */
export function priorsOf(
  candidates: readonly Candidate[],
  circumstances: Circumstances,
): Map<string, number> {
  const prior = priorList(candidates, circumstances);
  return new Map(candidates.map((c, i) => [c.id, prior[i] ?? 0]));
}

/** How well the measured body length fits the stages of each candidate, as a factor. */
function lengthFactor(candidates: readonly Candidate[], lengthMm: number): Factor {
  return factorsOf(
    candidates.map((c) => {
      const fit = c.stages.reduce((best, stage) => Math.max(best, lengthFit(stage.lengthMm, lengthMm)), 0);
      return LENGTH_MISFITS + (LENGTH_FITS - LENGTH_MISFITS) * fit;
    }),
    FLOOR,
  ).there;
}

function weighed(
  candidates: readonly Candidate[],
  compiled: Compiled,
  found: Readonly<Record<string, Finding>>,
  circumstances: Circumstances,
): Weighing {
  const weighing = new Weighing(priorList(candidates, circumstances), FLOOR);
  for (const [id, finding] of Object.entries(found)) {
    const sign = compiled.signs.get(id);
    const factor = sign?.factors.get(finding);
    if (sign && factor) weighing.add(factor, groupOf(sign.sign, finding));
  }
  if (circumstances.lengthMm !== null) weighing.add(lengthFactor(candidates, circumstances.lengthMm), null);
  return weighing;
}

/** What is there and what is missing are counted apart within a group. */
const groupOf = (sign: Sign, finding: Finding): string | null =>
  sign.together === null ? null : `${sign.together}:${finding === false ? 'missing' : 'there'}`;

/**
 * Ranks the candidates of a case by what was found and says what to look at next: the largest expected gain, weighted
 * down by the effort of looking. Findings of signs that the catalogue does not know, or of values that a sign does not
 * have, are not counted.
 */
export function rankCase(
  candidates: readonly Candidate[],
  signs: readonly Sign[],
  found: Readonly<Record<string, Finding>>,
  circumstances: Circumstances,
): CaseRanking {
  const compiled = compile(candidates, signs);
  const weighing = weighed(candidates, compiled, found, circumstances);
  const posterior = weighing.posterior();
  const ranked = byFalling(
    compiled.ids.map((id, i) => ({ id, p: posterior[i] ?? 0 })),
    (entry) => entry.p,
    (entry) => entry.id,
  );
  let next: readonly NextLook[] | undefined;
  let misfits: readonly string[] | undefined;
  let hangs: readonly [string | null] | undefined;
  return {
    ranked,
    // These are worked out when somebody asks: most stops of a case do not show them.
    get next() {
      return (next ??= nextLooks(compiled, weighing, posterior, found, circumstances.surrounding));
    },
    get sure() {
      return (ranked[0]?.p ?? 0) >= SURE_FROM && this.hangsOn === null;
    },
    get hangsOn() {
      return (hangs ??= [hangsOn(candidates, compiled, found, circumstances, ranked[0]?.id)])[0] ?? null;
    },
    get misfits() {
      return (misfits ??= misfitsOf(compiled, posterior, found));
    },
  };
}

/**
 * A name that would not stand without one reading hangs on it, and whoever misread is sure of something wrong. Marks that hardly
 * anybody misreads carry a name alone.
 */
function hangsOn(
  candidates: readonly Candidate[],
  compiled: Compiled,
  found: Readonly<Record<string, Finding>>,
  circumstances: Circumstances,
  leader: string | undefined,
): string | null {
  const at = leader === undefined ? undefined : compiled.index.get(leader);
  if (at === undefined) return null;
  const alone = Object.entries(found).find(([id, finding]) => {
    const sign = compiled.signs.get(id)?.sign;
    if (!sign?.values || finding === CANNOT_TELL || (sign.misread ?? MISREAD) <= HARDLY_MISREAD) return false;
    const { [id]: _, ...others } = found;
    return (weighed(candidates, compiled, others, circumstances).posterior()[at] ?? 0) < STANDS_WITHOUT;
  });
  return alone?.[0] ?? null;
}

function misfitsOf(
  compiled: Compiled,
  posterior: Float64Array,
  found: Readonly<Record<string, Finding>>,
): string[] {
  return Object.entries(found).flatMap(([id, finding]) => {
    const factor = finding === false ? undefined : compiled.signs.get(id)?.factors.get(finding);
    if (!factor) return [];
    let expected = 0;
    for (let i = 0; i < posterior.length; i++) expected += (posterior[i] ?? 0) * (factor.p[i] ?? 0);
    return expected < MISFIT_BELOW ? [id] : [];
  });
}

function nextLooks(
  compiled: Compiled,
  weighing: Weighing,
  now: Float64Array,
  found: Readonly<Record<string, Finding>>,
  surrounding: Surrounding,
): NextLook[] {
  const worth = ({ sign, gainBits }: { sign: Sign; gainBits: number }): number =>
    (gainBits * (sign.night ? NIGHT_WORTH : 1) * (sign.tool === null ? 1 : TOOL_WORTH)) /
    (1 + sign.effortSeconds / HALF_WORTH_SECONDS);
  const gain = weighing.gains(now, UNLIKELY);
  return [...compiled.signs.values()]
    .filter(({ sign }) => found[sign.id] === undefined && sign.places.includes(surrounding))
    .map(({ sign, factors }) => ({
      sign,
      gainBits: gain([...factors].map(([finding, factor]) => ({ factor, group: groupOf(sign, finding) }))),
    }))
    .sort((a, b) => worth(b) - worth(a) || byCodeUnit(a.sign.id, b.sign.id))
    .map(({ sign, gainBits }) => ({ sign: sign.id, gainBits, effortSeconds: sign.effortSeconds }));
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
