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
  ...(['name', 'sizes', 'season', 'season-turned', 'places', 'likelihoods'] as const),
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
const NORTHERN: readonly Region[] = ['europe', 'mediterranean', 'america-north', 'america-warm', 'asia'];

/** Of what kind the source of each fact of an entry is, and for which parts of the world it holds; of each fact that it has. */
export function sourcesOf(candidate: Candidate, guide: GuideEntry): FactSource[] {
  const { regions = null, seasonIn = {}, threshold, status, statusIn = {}, stages } = candidate;
  const own = Object.keys(seasonIn) as Region[];
  const of = (list: readonly Region[]): readonly Region[] =>
    list.filter((region) => (regions === null || regions.includes(region)) && !own.includes(region));
  // What lives in the south alone was seen there.
  const seen = [...of(NORTHERN), ...own];
  const graded = (...grades: GuideEntry['families'][number]['grade'][]): boolean =>
    guide.families.some(({ grade }) => grades.includes(grade));
  // Only statuses of the law come from it: what is useful or dangerous is told by books.
  const byLaw = new Set(['protected', 'notifiable']);
  const lawful = [
    ...(byLaw.has(status) ? (regions ?? []) : []),
    ...(Object.keys(statusIn) as Region[]),
  ].filter((region, i, all) => all.indexOf(region) === i);
  const found: (FactSource | null)[] = [
    { fact: 'name', kind: 'handbook', regions: null },
    stages.length > 0 ? { fact: 'sizes', kind: 'handbook', regions: null } : null,
    { fact: 'season', kind: 'handbook', regions: seen.length > 0 ? seen : of(SOUTHERN) },
    seen.length > 0 && of(SOUTHERN).length > 0
      ? { fact: 'season-turned', kind: 'judgement', regions: of(SOUTHERN) }
      : null,
    { fact: 'places', kind: 'judgement', regions: null },
    { fact: 'likelihoods', kind: 'judgement', regions: null },
    threshold && !threshold.presence
      ? { fact: 'threshold', kind: 'extension', regions: threshold.regions ?? regions }
      : null,
    threshold?.presence ? { fact: 'presence', kind: 'practice', regions: null } : null,
    graded('strong', 'fair') ? { fact: 'works', kind: 'extension', regions } : null,
    graded('weak', 'none') ? { fact: 'hardly-works', kind: 'practice', regions: null } : null,
    graded('harmful') ? { fact: 'harms', kind: 'extension', regions: null } : null,
    byLaw.has(status) || lawful.length > 0
      ? { fact: 'status', kind: 'law', regions: lawful.length > 0 ? lawful : null }
      : null,
    { fact: 'advice', kind: 'practice', regions: null },
  ];
  return found.filter(
    (one) => one !== null && (one.regions === null || one.regions.length > 0),
  ) as FactSource[];
}
