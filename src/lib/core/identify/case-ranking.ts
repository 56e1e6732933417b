import { answer, type Result } from '../result';
import { byCodeUnit } from '../units';
import { northernMonth, type Candidate, type Hemisphere, type Sign } from './candidate';
import { identify, type IdentifyRefusal } from './rank';

export interface RankedCandidate {
  readonly id: string;
  readonly p: number;
  /** Signs looked for, by how far each one moved the odds for this candidate, strongest first. */
  readonly evidence: readonly { readonly sign: string; readonly seen: boolean; readonly bits: number }[];
}

export interface NextLook {
  readonly sign: string;
  readonly gainBits: number;
  readonly effortSeconds: number;
}

export interface CaseRanking {
  readonly ranked: readonly RankedCandidate[];
  readonly next: readonly NextLook[];
  /** The leading candidate stands at or above the certainty that is called sure. */
  readonly sure: boolean;
}

export interface RankingCircumstances {
  readonly month: number;
  readonly hemisphere: Hemisphere;
  /** How often each candidate was confirmed at this property before. */
  readonly history: Readonly<Record<string, number>>;
}

/** From here on a name is said plainly; below it the answer is "not sure". */
export const SURE_FROM = 0.8;
/** A dangerous or protected candidate above this must be ruled out first. */
export const RULE_OUT_ABOVE = 0.05;
/** A look that takes this long is worth half as much as an instant one of the same gain. */
const HALF_WORTH_SECONDS = 300;
const LIKELIHOOD_IF_UNLISTED = 0.05;
const LEAST_PRIOR = 0.002;

/** Chance of each candidate before anything was looked at: its share of the month, raised by the property's history. */
export function priorsOf(
  candidates: readonly Candidate[],
  { month, hemisphere, history }: RankingCircumstances,
): Map<string, number> {
  const northern = northernMonth(month, hemisphere);
  const weights = candidates.map((candidate): [string, number] => [
    candidate.id,
    Math.max(LEAST_PRIOR, candidate.season[northern - 1] ?? 0) * (1 + (history[candidate.id] ?? 0)),
  ]);
  const total = weights.reduce((sum, [, weight]) => sum + weight, 0);
  return new Map(weights.map(([id, weight]) => [id, weight / total]));
}

/**
 * Ranks the candidates of a case by what was seen, says what moved each of them, and what to look at next: the largest
 * expected gain, weighted down by the effort of looking.
 */
export function rankCase(
  candidates: readonly Candidate[],
  signs: readonly Sign[],
  seen: Readonly<Record<string, boolean>>,
  circumstances: RankingCircumstances,
): Result<CaseRanking, IdentifyRefusal> {
  const result = identify({
    prior: priorsOf(candidates, circumstances),
    signs: likelihoodTable(candidates, signs),
    seen: new Map(Object.entries(seen)),
    default: LIKELIHOOD_IF_UNLISTED,
  });
  if ('refused' in result) return result;
  const { posterior, next } = result.ok;
  const effort = new Map(signs.map((sign) => [sign.id, sign.effortSeconds]));
  const worth = (look: NextLook): number => look.gainBits / (1 + look.effortSeconds / HALF_WORTH_SECONDS);
  return answer({
    ranked: posterior.map(({ pest, p }) => ({ id: pest, p, evidence: evidenceFor(pest, candidates, seen) })),
    next: next
      .map(({ sign, gainBits }) => ({ sign, gainBits, effortSeconds: effort.get(sign) ?? 0 }))
      .sort((a, b) => worth(b) - worth(a) || byCodeUnit(a.sign, b.sign)),
    sure: (posterior[0]?.p ?? 0) >= SURE_FROM,
  });
}

type Likelihoods = ReadonlyMap<string, ReadonlyMap<string, number>>;
const TABLES = new WeakMap<readonly Candidate[], { signs: readonly Sign[]; table: Likelihoods }>();

/** The catalogue's likelihoods by sign; made once for a catalogue. */
function likelihoodTable(candidates: readonly Candidate[], signs: readonly Sign[]): Likelihoods {
  const known = TABLES.get(candidates);
  if (known?.signs === signs) return known.table;
  const table = new Map(signs.map((sign) => [sign.id, likelihoodsOf(candidates, sign.id)]));
  TABLES.set(candidates, { signs, table });
  return table;
}

function likelihoodsOf(candidates: readonly Candidate[], sign: string): Map<string, number> {
  return new Map(
    candidates.flatMap((c): [string, number][] =>
      c.signs[sign] === undefined ? [] : [[c.id, c.signs[sign]]],
    ),
  );
}

/** Weight of evidence of each sign in bits: log2 of its likelihood here over its mean likelihood elsewhere. */
function evidenceFor(id: string, candidates: readonly Candidate[], seen: Readonly<Record<string, boolean>>) {
  const likelihood = (candidate: Candidate, sign: string, present: boolean): number => {
    const p = Math.min(0.99, Math.max(0.01, candidate.signs[sign] ?? LIKELIHOOD_IF_UNLISTED));
    return present ? p : 1 - p;
  };
  const own = candidates.find((candidate) => candidate.id === id);
  const others = candidates.filter((candidate) => candidate.id !== id);
  if (!own || others.length === 0) return [];
  return Object.entries(seen)
    .map(([sign, present]) => {
      const elsewhere = others.reduce((sum, c) => sum + likelihood(c, sign, present), 0) / others.length;
      return { sign, seen: present, bits: Math.log2(likelihood(own, sign, present) / elsewhere) };
    })
    .sort((a, b) => Math.abs(b.bits) - Math.abs(a.bits) || byCodeUnit(a.sign, b.sign));
}
