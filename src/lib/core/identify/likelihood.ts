import {
  lengthFit,
  NONE_OF_THESE,
  northernMonth,
  type Candidate,
  type DayOrNight,
  type Finding,
  type Hemisphere,
  type Sign,
  type Surrounding,
} from './candidate';
import type { FieldTest } from './field-test';
import type { Region } from './region';
import { factorsOf, Weighing, type Factor } from './weigh';

export interface Circumstances {
  readonly month: number;
  readonly hemisphere: Hemisphere;
  readonly surrounding: Surrounding;
  /** How often each candidate was confirmed at this property before. */
  readonly history: Readonly<Record<string, number>>;
  readonly lengthMm: number | null;
  /** When living ones were seen or heard; null or absent where nobody said, or only their traces were met. */
  readonly light?: DayOrNight | null;
  /** What a field test counted, over all of its readings; null or absent where nothing was counted. */
  readonly counted?: Counted | null;
  /** null or absent where nobody knows it. */
  readonly region?: Region | null;
}

/** The mean of all readings of a field test, per m², night, minute or spot. */
export interface Counted {
  readonly test: Pick<FieldTest, 'id' | 'catches'>;
  readonly mean: number;
}

/** The least likelihood in naming: marks that are nearly exclusive count as such. */
const FLOOR = 0.0005;
/** So often one of several values is read for another. */
export const MISREAD = 0.06;
/** So often somebody who looks at what is not there at all finds “none of these”. */
const NONE_ELSEWHERE = 0.5;
const LEAST_SEASON = 0.02;
/** What does not live in a part of the world is brought there so seldom, against where it does. */
const NEWCOMER = 0.02;
const ELSEWHERE = 0.004;
const LENGTH_FITS = 0.9;
const LENGTH_MISFITS = 0.03;

/** What is about by night is met by night in so many of all meetings: people are up by day. Of what flies by day hardly any. */
const NIGHT_OF: Readonly<Record<DayOrNight | 'any', number>> = { day: 0.07, night: 0.7, any: 0.4 };
/** So often a test that counts something finds none of it where it is the cause: the spots lay beside it. */
const MISSED = 0.12;
/** Where it is the cause, most counts reach a share of its threshold; where half of them do, in parts of that. */
const HALF_AT = 0.35;
/** So often a test finds some of what it counts where something else is the cause. */
const BESIDE = 0.25;

export interface CompiledSign {
  readonly sign: Sign;
  /** Factors by finding: "true" and "false", or its values. */
  readonly factors: ReadonlyMap<Finding, Factor>;
}

export interface Compiled {
  readonly ids: readonly string[];
  readonly index: ReadonlyMap<string, number>;
  readonly signs: ReadonlyMap<string, CompiledSign>;
}

const COMPILED = new WeakMap<readonly Candidate[], { signs: readonly Sign[]; compiled: Compiled }>();

/** The catalogue's likelihoods as columns of numbers; made once for a catalogue. */
export function compile(candidates: readonly Candidate[], signs: readonly Sign[]): Compiled {
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
export function likelihoodOf(candidate: Candidate, sign: Sign, finding: Finding): number {
  const given = candidate.signs[sign.id];
  if (sign.values === null) return numberOr(given, sign.usual);
  if (typeof given !== 'object') return finding === NONE_OF_THESE ? NONE_ELSEWHERE : sign.usual;
  const shown = sign.values.reduce((sum, { id }) => sum + (given[id] ?? 0), 0);
  const own = finding === NONE_OF_THESE ? Math.max(0, 1 - shown) : (given[String(finding)] ?? 0);
  const misread = sign.misread ?? MISREAD;
  return own * (1 - misread) + ((1 - own) * misread) / sign.values.length;
}

export const numberOr = (given: unknown, usual: number): number =>
  typeof given === 'number' ? given : usual;

/** Chance of each candidate before anything was looked at: its place, its month, and what the property had before. */
export function priorList(
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
export function lengthFactor(candidates: readonly Candidate[], lengthMm: number): Factor {
  return factorsOf(
    candidates.map((c) => {
      const fit = c.stages.reduce((best, stage) => Math.max(best, lengthFit(stage.lengthMm, lengthMm)), 0);
      return LENGTH_MISFITS + (LENGTH_FITS - LENGTH_MISFITS) * fit;
    }),
    FLOOR,
  ).there;
}

/** How well the hour at which it was met fits what each candidate does. */
const lightFactor = (candidates: readonly Candidate[], light: DayOrNight): Factor =>
  factorsOf(
    candidates.map(({ hours }) => {
      const night = NIGHT_OF[hours ?? 'any'];
      return light === 'night' ? night : 1 - night;
    }),
    FLOOR,
  ).there;

/**
 * How well a count fits: nought speaks against what the test counts, a count near the threshold or above it for that, and few of
 * it for hardly either, since a few grubs live under most lawns.
 */
function countFactor(candidates: readonly Candidate[], { test, mean }: Counted): Factor {
  const caught = new Set(test.catches);
  return factorsOf(
    candidates.map(({ id, threshold }) => {
      const own = threshold?.test === test.id;
      if (!own && !caught.has(id)) return mean > 0 ? BESIDE : 1 - BESIDE;
      if (mean === 0) return MISSED;
      // Where no number says from when on it harms, any of it is as good as a count at the threshold.
      const ratio = own && threshold.at[0] > 0 ? mean / threshold.at[0] : 1;
      return MISSED + ((1 - 2 * MISSED) * ratio) / (ratio + HALF_AT);
    }),
    FLOOR,
  ).there;
}

/** The keys under which a measured body, the hour and a count stand among the evidence. */
export const BODY_LENGTH = 'body-length';
export const THE_HOUR = 'the-hour';
export const THE_COUNT = 'the-count';

/** What was measured, seen at an hour or counted, each as a factor of its own. */
export function measuredFactors(
  candidates: readonly Candidate[],
  compiled: Compiled,
  found: Readonly<Record<string, Finding>>,
  { light, counted, lengthMm }: Circumstances,
): readonly { readonly key: string; readonly factor: Factor }[] {
  // What can only be seen by night has said already when it was.
  const told = Object.entries(found).some(
    ([id, finding]) => finding !== false && compiled.signs.get(id)?.sign.night,
  );
  return [
    ...(light && !told ? [{ key: THE_HOUR, factor: lightFactor(candidates, light) }] : []),
    ...(counted ? [{ key: THE_COUNT, factor: countFactor(candidates, counted) }] : []),
    ...(lengthMm === null ? [] : [{ key: BODY_LENGTH, factor: lengthFactor(candidates, lengthMm) }]),
  ];
}

export function weighed(
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
  for (const { factor } of measuredFactors(candidates, compiled, found, circumstances))
    weighing.add(factor, null);
  return weighing;
}

/** What is there and what is missing are counted apart within a group. */
export const groupOf = (sign: Sign, finding: Finding): string | null =>
  sign.together === null ? null : `${sign.together}:${finding === false ? 'missing' : 'there'}`;
