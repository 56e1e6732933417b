import { byCodeUnit } from '../units';
import { CANNOT_TELL, type Candidate, type Finding, type Sign, type Surrounding } from './candidate';
import {
  compile,
  groupOf,
  MISREAD,
  weighed,
  type Circumstances,
  type Compiled,
  type CompiledSign,
} from './likelihood';
import { byFalling } from './rank';
import type { Factor, Weighing } from './weigh';

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
  /** What parts the leading candidate best from what would be likely without that reading, and so bears it out or upsets it. */
  readonly bearsOut: readonly NextLook[];
  /** Signs found that hardly any of what is still likely would show: look again, or there is more than one cause. */
  readonly misfits: readonly string[];
}

/** From here on a name is said plainly; below it the answer is "not sure". */
export const SURE_FROM = 0.8;
/** A candidate that must not be treated is ruled out first where it stands above this. */
export const RULE_OUT_ABOVE = 0.05;
/** A look that takes this long is worth half as much as an instant one of the same gain. */
const HALF_WORTH_SECONDS = 300;
/** What needs a night, or a tool that has to be fetched, is worth so much less. */
const NIGHT_WORTH = 0.5;
const TOOL_WORTH = 0.8;
/** Candidates below this do not decide what is worth looking at next. */
const UNLIKELY = 1e-3;
/** A sign fits nothing where so little of what is left would show it. */
const MISFIT_BELOW = 0.12;
/** Marks that are misread no oftener than this may carry a name alone. */
const HARDLY_MISREAD = 0.02;
/** A name stands without a reading where it is as likely as this all the same. */
const STANDS_WITHOUT = 0.3;

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
  return new LazyRanking(ranked, {
    next: () => nextLooks(compiled, weighing, posterior, found, circumstances.surrounding),
    hangsOn: () => hangsOn(candidates, compiled, found, circumstances, ranked[0]?.id),
    bearsOut: (held) => bearsOut(candidates, compiled, found, circumstances, held, ranked[0]?.id),
    misfits: () => misfitsOf(compiled, posterior, found),
  });
}

/** What follows from a ranking is worked out when somebody asks, and once: most stops of a case do not show it. */
class LazyRanking implements CaseRanking {
  #next: readonly NextLook[] | undefined;
  #hangsOn: readonly [string | null] | undefined;
  #bearsOut: readonly NextLook[] | undefined;
  #misfits: readonly string[] | undefined;

  constructor(
    readonly ranked: CaseRanking['ranked'],
    private readonly workOut: {
      readonly next: () => readonly NextLook[];
      readonly hangsOn: () => string | null;
      readonly bearsOut: (held: string | null) => readonly NextLook[];
      readonly misfits: () => readonly string[];
    },
  ) {}

  get next(): readonly NextLook[] {
    return (this.#next ??= this.workOut.next());
  }
  get sure(): boolean {
    return (this.ranked[0]?.p ?? 0) >= SURE_FROM && this.hangsOn === null;
  }
  get hangsOn(): string | null {
    return (this.#hangsOn ??= [this.workOut.hangsOn()])[0];
  }
  get bearsOut(): readonly NextLook[] {
    return (this.#bearsOut ??= this.workOut.bearsOut(this.hangsOn));
  }
  get misfits(): readonly string[] {
    return (this.#misfits ??= this.workOut.misfits());
  }
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

/**
 * The looks that part the leading candidate best from all that would be likely without the reading on which its name hangs: how far
 * what it shows and what the others show go apart, in bits (Jensen and Shannon’s divergence). That reading itself is no other.
 */
function bearsOut(
  candidates: readonly Candidate[],
  compiled: Compiled,
  found: Readonly<Record<string, Finding>>,
  circumstances: Circumstances,
  hanging: string | null,
  leader: string | undefined,
): readonly NextLook[] {
  const at = leader === undefined ? undefined : compiled.index.get(leader);
  if (hanging === null || at === undefined) return [];
  const { [hanging]: _, ...others } = found;
  const posterior = weighed(candidates, compiled, others, circumstances).posterior();
  const rest = 1 - (posterior[at] ?? 0);
  const apart = (factors: Iterable<Factor>): number => {
    let bits = 0;
    for (const { p } of factors) {
      const own = p[at] ?? 0;
      let all = 0;
      for (let i = 0; i < p.length; i++) if (i !== at) all += (posterior[i] ?? 0) * (p[i] ?? 0);
      const beside = all / rest;
      const middle = (own + beside) / 2;
      bits += (own * Math.log2(own / middle) + beside * Math.log2(beside / middle)) / 2;
    }
    return bits;
  };
  return inOrder(compiled, found, circumstances.surrounding, ({ factors }) => apart(factors.values()));
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
  const gain = weighing.gains(now, UNLIKELY);
  return inOrder(compiled, found, surrounding, ({ sign, factors }) =>
    gain([...factors].map(([finding, factor]) => ({ factor, group: groupOf(sign, finding) }))),
  );
}

/** The signs of a place that were not looked for, by what each gains against the effort of looking. */
function inOrder(
  compiled: Compiled,
  found: Readonly<Record<string, Finding>>,
  surrounding: Surrounding,
  gain: (sign: CompiledSign) => number,
): NextLook[] {
  const worth = ({ sign, gainBits }: { sign: Sign; gainBits: number }): number =>
    (gainBits * (sign.night ? NIGHT_WORTH : 1) * (sign.tool === null ? 1 : TOOL_WORTH)) /
    (1 + sign.effortSeconds / HALF_WORTH_SECONDS);
  return [...compiled.signs.values()]
    .filter(({ sign }) => found[sign.id] === undefined && sign.places.includes(surrounding))
    .map((one) => ({ sign: one.sign, gainBits: gain(one) }))
    .sort((a, b) => worth(b) - worth(a) || byCodeUnit(a.sign.id, b.sign.id))
    .map(({ sign, gainBits }) => ({ sign: sign.id, gainBits, effortSeconds: sign.effortSeconds }));
}

/**
 * What can be named by a group although no single one of it is sure: all of the group together stand where a name is said plainly.
 * null where one is sure, or where no group is.
 *
 * @example groupNamed(ranking, candidates) // { group: 'White grubs', p: 0.97 }
 */
export function groupNamed(
  ranking: CaseRanking,
  candidates: readonly Candidate[],
): { readonly group: string; readonly p: number } | null {
  const group = candidates.find(({ id }) => id === ranking.ranked[0]?.id)?.group;
  if (ranking.sure || group === undefined) return null;
  const members = new Set(candidates.flatMap((one) => (one.group === group ? [one.id] : [])));
  const p = ranking.ranked.reduce((sum, one) => sum + (members.has(one.id) ? one.p : 0), 0);
  return p >= SURE_FROM ? { group, p } : null;
}
