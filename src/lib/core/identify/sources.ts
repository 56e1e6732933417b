import type { Candidate } from './candidate';
import type { GuideEntry } from './guide';
import type { Region } from './region';

/**
 * Of what kind the source of a fact is. `handbook`: books by which it is named. `extension`: published guidance of advisory services,
 * which sums up trials. `law`: lists of protected and notifiable animals. `practice`: what people of the trade do and see. `judgement`:
 * estimated by those who wrote the catalogue, and held against told sightings.
 */
export const SOURCE_KINDS = ['handbook', 'extension', 'law', 'practice', 'judgement'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

export const FACTS = [
  ...(['name', 'sizes', 'season', 'season-turned', 'hours', 'places', 'likelihoods'] as const),
  ...(['threshold', 'presence', 'works', 'hardly-works', 'harms', 'status', 'advice'] as const),
] as const;
export type Fact = (typeof FACTS)[number];

export interface FactSource {
  readonly fact: Fact;
  readonly kind: SourceKind;
  /** For which parts of the world it was told; null for wherever it lives. */
  readonly regions: readonly Region[] | null;
}

const SOUTHERN: readonly Region[] = ['africa', 'australia', 'new-zealand'];
/** Only statuses of the law come from it: what is useful or dangerous is told by books. */
const BY_LAW: ReadonlySet<Candidate['status']> = new Set<Candidate['status']>(['protected', 'notifiable']);
const NORTHERN: readonly Region[] = ['europe', 'mediterranean', 'america-north', 'america-warm', 'asia'];

/** Of what kind the source of each fact of an entry is, and for which parts of the world it holds; of each fact that it has. */
export function sourcesOf(candidate: Candidate, guide: GuideEntry): FactSource[] {
  const { regions = null, seasonIn = {}, hours, threshold, status, statusIn = {}, stages } = candidate;
  const own = Object.keys(seasonIn) as Region[];
  const of = (list: readonly Region[]): readonly Region[] =>
    list.filter((region) => (regions === null || regions.includes(region)) && !own.includes(region));
  // What lives in the south alone was seen there.
  const seen = [...of(NORTHERN), ...own];
  const graded = (...grades: GuideEntry['families'][number]['grade'][]): boolean =>
    guide.families.some(({ grade }) => grades.includes(grade));
  const lawful = new Set<Region>([
    ...(BY_LAW.has(status) ? (regions ?? []) : []),
    ...(Object.keys(statusIn) as Region[]),
  ]);
  const fact = (
    holds: boolean,
    name: Fact,
    kind: SourceKind,
    where: FactSource['regions'] = null,
  ): FactSource[] => (holds && where?.length !== 0 ? [{ fact: name, kind, regions: where }] : []);
  return [
    ...fact(true, 'name', 'handbook'),
    ...fact(stages.length > 0, 'sizes', 'handbook'),
    ...fact(true, 'season', 'handbook', seen.length > 0 ? seen : of(SOUTHERN)),
    ...fact(seen.length > 0, 'season-turned', 'judgement', of(SOUTHERN)),
    ...fact(hours !== undefined, 'hours', 'practice'),
    ...fact(true, 'places', 'judgement'),
    ...fact(true, 'likelihoods', 'judgement'),
    ...fact(
      threshold !== null && !threshold.presence,
      'threshold',
      'extension',
      threshold?.regions ?? regions,
    ),
    ...fact(threshold?.presence ?? false, 'presence', 'practice'),
    ...fact(graded('strong', 'fair'), 'works', 'extension', regions),
    ...fact(graded('weak', 'none'), 'hardly-works', 'practice'),
    ...fact(graded('harmful'), 'harms', 'extension'),
    ...fact(BY_LAW.has(status) || lawful.size > 0, 'status', 'law', lawful.size > 0 ? [...lawful] : null),
    ...fact(true, 'advice', 'practice'),
  ];
}
