import { NONE_OF_THESE, type Candidate, type Finding, type FirstSeen, type Sign } from './candidate';
import { SURE_FROM, type CaseRanking } from './case-ranking';
import { likelihoodOf } from './likelihood';

/** The one question to ask now, or why no other is asked. */
export type Asking =
  | { readonly ask: string; readonly end: null }
  /** `named`: a name is sure; `nothing-more`: no question that is left would change much. */
  | { readonly ask: null; readonly end: 'named' | 'nothing-more' };

/** What gains less than this, in bits, changes nothing that anybody would do. */
const HARDLY_ANYTHING = 0.02;
/** What bears a name out tells at least this much, in bits, without the reading on which the name hangs. */
const BEARS_OUT = 0.1;
/** What belongs to what somebody came with goes first where it gains at least this share of the best. */
const NEARLY_AS_GOOD = 0.5;

/** Whether a name is likely enough, but by one reading alone. */
export const hangsOnOne = (ranking: CaseRanking): boolean =>
  (ranking.ranked[0]?.p ?? 0) >= SURE_FROM && ranking.hangsOn !== null;

/**
 * What to ask next, one thing at a time: the sign of the most gain for its effort that was not passed over; of signs nearly as good,
 * one that is about what somebody came with. A name that hangs on one reading is asked for once more, by other signs. It ends where a
 * name is sure, or where nothing that is left would change much.
 */
export function askingOf(
  ranking: CaseRanking,
  signs: readonly Sign[],
  { skipped, first }: { readonly skipped: ReadonlySet<string>; readonly first: FirstSeen | null },
): Asking {
  if (ranking.sure) return { ask: null, end: 'named' };
  const worth = (looks: CaseRanking['next'], least: number) =>
    looks.filter(({ sign, gainBits }) => !skipped.has(sign) && gainBits >= least);
  // A name that is likely enough, but by one reading alone, is borne out or upset first by what would tell without it.
  const bearing = hangsOnOne(ranking) ? worth(ranking.bearsOut, BEARS_OUT) : [];
  const left = bearing.length > 0 ? bearing : worth(ranking.next, HARDLY_ANYTHING);
  const [best] = left;
  if (!best) return { ask: null, end: 'nothing-more' };
  const fits = (id: string): boolean =>
    first !== null && signs.some((sign) => sign.id === id && sign.about.includes(first));
  const own = left.find(({ sign, gainBits }) => gainBits >= NEARLY_AS_GOOD * best.gainBits && fits(sign));
  return { ask: (own ?? best).sign, end: null };
}

/** Nobody is told of more questions than that. */
const MOST_AHEAD = 9;

/**
 * How many questions are about to come, the one that is asked now among them, if what leads is what it is and shows what it
 * usually shows: 0 where none is asked, null where more than nine would be. `rank` weighs the causes by what was found.
 */
export function questionsAhead(
  { candidates, signs }: { readonly candidates: readonly Candidate[]; readonly signs: readonly Sign[] },
  rank: (found: Readonly<Record<string, Finding>>) => CaseRanking,
  found: Readonly<Record<string, Finding>>,
  passed: { readonly skipped: ReadonlySet<string>; readonly first: FirstSeen | null },
): number | null {
  let [seen, ranking] = [found, rank(found)];
  const leader = candidates.find(({ id }) => id === ranking.ranked[0]?.id);
  for (let count = 0; leader && count <= MOST_AHEAD; count++) {
    const { ask } = askingOf(ranking, signs, passed);
    const sign = ask === null ? undefined : signs.find(({ id }) => id === ask);
    if (!sign) return count;
    seen = { ...seen, [sign.id]: usualFinding(leader, sign) };
    ranking = rank(seen);
  }
  return null;
}

/** What is most often found where a candidate is the cause. */
function usualFinding(candidate: Candidate, sign: Sign): Finding {
  if (sign.values === null) return likelihoodOf(candidate, sign, true) >= 0.5;
  const findings = [...sign.values.map(({ id }) => id), NONE_OF_THESE];
  return findings.reduce((best, one) =>
    likelihoodOf(candidate, sign, one) > likelihoodOf(candidate, sign, best) ? one : best,
  );
}

/** So often a candidate shows a value that its drawing stands for it. */
const STANDS_FOR = 0.6;

/** The drawing that shows a value of a sign: its own, else that of a cause that nearly always has it; null where none does. */
export function drawnWith(sign: Sign, value: string, candidates: readonly Candidate[]): string | null {
  if (sign.pictured === false) return null;
  const own = sign.values?.find(({ id }) => id === value)?.drawing;
  if (own !== undefined) return own === '' ? null : own;
  const found = candidates.find((one) => {
    const given = one.signs[sign.id];
    return one.drawn && typeof given === 'object' && (given[value] ?? 0) >= STANDS_FOR;
  });
  return found?.id ?? null;
}

const AMONG = 6;

/**
 * The two of the likeliest causes that a sign parts best, so that somebody is told why it is asked; null where it parts none of
 * them.
 */
export function partedBy(
  sign: Sign,
  candidates: readonly Candidate[],
  ranking: CaseRanking,
): readonly [string, string] | null {
  const likely = ranking.ranked.slice(0, AMONG).flatMap(({ id, p }) => {
    const candidate = candidates.find((one) => one.id === id);
    return candidate ? [{ candidate, p }] : [];
  });
  const findings = sign.values === null ? [true] : sign.values.map(({ id }) => id);
  let best: { readonly pair: readonly [string, string]; readonly by: number } | null = null;
  likely.forEach((one, i) => {
    for (const other of likely.slice(i + 1)) {
      const apart = findings.reduce<number>(
        (sum, finding) =>
          sum +
          Math.abs(likelihoodOf(one.candidate, sign, finding) - likelihoodOf(other.candidate, sign, finding)),
        0,
      );
      const by = apart * one.p * other.p;
      if (apart > 0.1 && by > (best?.by ?? 0)) best = { pair: [one.candidate.id, other.candidate.id], by };
    }
  });
  return (best as { readonly pair: readonly [string, string] } | null)?.pair ?? null;
}
