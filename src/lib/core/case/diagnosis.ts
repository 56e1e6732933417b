import {
  againstThreshold,
  byPresence,
  densityOf,
  readOf,
  rankCase,
  stagesInMonth,
  spotsToDecide,
  stagesOf,
  thresholdFor,
  unexplained,
  type Candidate,
  type CaseRanking,
  type Circumstances,
  type Counted,
  type FirstSeen,
  type Density,
  type Threshold,
  worstSpot,
  type LifeStage,
} from '../identify';
import { ownThreshold } from '../rules';
import { totalOf, type SeriesReading } from '../review';
import { inBase, monthOf } from '../units';
import { purposeOf, type CaseFacts, type LookBody } from './facts';
import type { CaseView } from './view';

/** What it is called, and by whom or by what. */
export interface Name {
  readonly named: Candidate | null;
  readonly confirmed: boolean;
  readonly stage: LifeStage | null;
  readonly unexplained: readonly string[];
}

/** Readings of the test that is chosen now, from before. */
const earlierOf = ({ series = [], test }: LookBody): readonly SeriesReading[] =>
  series.filter((reading) => reading.test === test);

const wasRead = ({ counts }: Pick<SeriesReading, 'counts'>): boolean => readOf(counts).length > 0;

/**
 * The counts that the case goes by: the newest that were read. Traps that were set for another week have not been read yet, and
 * take nothing away from what was counted.
 */
export function countInForce(look: LookBody): Pick<SeriesReading, 'frame' | 'counts'> {
  if (wasRead(look)) return look;
  const latest = earlierOf(look)
    .filter(wasRead)
    .reduce<SeriesReading | null>((last, one) => (last === null || one.on >= last.on ? one : last), null);
  return latest ?? look;
}

export function densityIn({ stops: { look } }: CaseFacts): Density | null {
  if (!look) return null;
  const { frame, counts } = countInForce(look);
  const result = densityOf(readOf(counts), frame);
  return 'ok' in result ? result.ok : null;
}

/** When and where the case is, as its ranking takes it. */
export function circumstancesOf({ stops, tests, today, property }: CaseFacts): Circumstances {
  return {
    month: monthOf(today),
    hemisphere: property.hemisphere,
    surrounding: stops.look?.surrounding ?? 'lawn',
    history: property.history,
    lengthMm: stops.look?.lengthMm ?? null,
    light: MET.has(stops.look?.first ?? null) ? (stops.look?.light ?? null) : null,
    counted: countedIn({ stops, tests }),
    region: property.region ?? null,
  };
}

/** All readings of the case’s field test, with the days that are known. */
export const readingsOf = (look: LookBody): readonly SeriesReading[] => [
  ...earlierOf(look),
  ...(look.countedOn && wasRead(look)
    ? [{ on: look.countedOn, frame: look.frame, counts: look.counts }]
    : []),
];

/** The mean of all that the field test counted, in all of its readings; null where nothing was. */
function countedIn({ stops: { look }, tests }: Pick<CaseFacts, 'stops' | 'tests'>): Counted | null {
  const test = tests.find(({ id }) => id === look?.test);
  if (!look || !test) return null;
  const all = [...earlierOf(look), look];
  const spots = all.reduce((sum, { counts }) => sum + readOf(counts).length, 0);
  const exposure = all.reduce((sum, { counts, frame }) => sum + readOf(counts).length * inBase(frame), 0);
  // One spot alone says next to nothing.
  if (spots < 2 || exposure === 0) return null;
  return { test, mean: all.reduce((sum, one) => sum + totalOf(one), 0) / exposure };
}

/** Hours tell where living ones were met; damage and traces are found by day whatever made them. */
const MET: ReadonlySet<FirstSeen | null> = new Set<FirstSeen | null>(['insects', 'bites', 'sound', null]);

export const rankingOf = (facts: CaseFacts, found = facts.stops.look?.signs ?? {}): CaseRanking =>
  rankCase(facts.candidates, facts.signs, found, circumstancesOf(facts));

export function nameOf(facts: CaseFacts, ranking: CaseRanking): Name {
  const { stops, candidates, today, property } = facts;
  const purpose = purposeOf(facts);
  // On a routine visit nothing is named unless somebody names it; what is prevented is named by whoever expects it.
  const told = purpose === 'control' && ranking.sure ? ranking.ranked[0]?.id : undefined;
  const id = stops.name?.candidate || told;
  const named = candidates.find((candidate) => candidate.id === id) ?? null;
  const confirmed = stops.name !== undefined && named !== null;
  const stage = named
    ? (named.stages.find((s) => s.id === stops.name?.stage) ??
      stagesOf(named, monthOf(today), property.hemisphere, stops.look?.lengthMm ?? null)[0]?.stage ??
      null)
    : null;
  const causes = candidates.filter((c) => c === named || stops.name?.also.includes(c.id));
  return {
    named,
    confirmed,
    stage,
    unexplained: named ? unexplained(causes, facts.signs, stops.look?.signs ?? {}) : [],
  };
}

export function thresholdIn(
  { stops, ownThresholds, tests }: CaseFacts,
  named: Candidate | null,
  density: Density | null,
): CaseView['threshold'] {
  const threshold = named && ownThreshold(named, ownThresholds);
  if (!threshold || !stops.look) return null;
  const limit = thresholdFor(threshold, stops.look.vigour);
  const sameTest = threshold.test === stops.look.test;
  const { frame, counts } = countInForce(stops.look);
  const { at, source } = threshold;
  const test = tests.find((t) => t.id === threshold.test);
  return {
    at,
    basis: test?.basis ?? 'm2',
    test: test?.name ?? threshold.test,
    source,
    limit,
    sameTest,
    ...verdictOn(threshold, density, sameTest ? limit : null),
    moreSpots: sameTest ? spotsToDecide(readOf(counts), frame, limit) : null,
    worst: worstSpot(counts),
  };
}

/** Where presence decides, whatever was caught says it, by whichever test, and what was named by its signs is there. */
function verdictOn(
  { presence }: Threshold,
  density: Density | null,
  limit: number | null,
): Pick<NonNullable<CaseView['threshold']>, 'presence' | 'verdict'> {
  if (presence) return { presence, verdict: density ? byPresence(density) : 'above' };
  return {
    presence: false,
    verdict: density && limit !== null ? againstThreshold(density, limit) : 'cannot-tell',
  };
}

/** The stages that somebody found or means to prevent; where nobody did, all that the calendar has now. */
export function stagesThere(
  { stops, today, property }: CaseFacts,
  named: Candidate | null,
  stage: LifeStage | null,
): { stages: readonly string[] | undefined; stagesSeen: boolean } {
  if (!named || !stage) return { stages: undefined, stagesSeen: false };
  const found = stops.name?.stages ?? [];
  if (found.length > 0) return { stages: found, stagesSeen: true };
  if (stops.name?.stage === stage.id) return { stages: [stage.id], stagesSeen: true };
  const now = stagesInMonth(named, monthOf(today), property.hemisphere).map(({ id }) => id);
  return { stages: now.includes(stage.id) ? now : [stage.id, ...now], stagesSeen: false };
}
