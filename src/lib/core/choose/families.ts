import { REMEDY_FAMILIES, type GuideEntry, type RemedyFamily } from '../identify';
import type { Option } from './rank-labels';

/** How a family of remedy stands for this pest, here: what the field guide says, and what the shelf would cost. */
export interface FamilyRow {
  readonly family: RemedyFamily;
  readonly grade: GuideEntry['families'][number]['grade'];
  readonly daysToEffect: readonly [number, number];
  readonly note: string;
  /** Cards of it without a Halt, the best first; their number with one. */
  readonly cards: readonly Option[];
  readonly halted: number;
  readonly protectsDays: number | null;
  /** One treatment here, and as many as a season of half a year takes by what it protects; null: not known. */
  readonly costOnce: number | null;
  readonly costSeason: number | null;
  /** From 0 (none) to 3: on people and pets, bees, water. */
  readonly burden: number;
}

const SEASON_DAYS = 183;
const BURDEN: Readonly<Record<RemedyFamily, number>> = {
  nothing: 0,
  culture: 0,
  physical: 0,
  living: 0,
  regulator: 1,
  bait: 1,
  selective: 1,
  systemic: 2,
  dust: 2,
  'soil-drench': 3,
  residual: 3,
  firm: 2,
};
const WORKS: ReadonlySet<FamilyRow['grade']> = new Set(['strong', 'fair']);

/**
 * The families for a pest, mildest that will work first; then those of weak or no evidence, what harms last.
 */
export function familyRows(
  entry: Pick<GuideEntry, 'families'> | null,
  options: readonly Option[],
): FamilyRow[] {
  const rows = (entry?.families ?? []).map(({ family, grade, daysToEffect, note }): FamilyRow => {
    const of = options.filter(
      (o) => o.label.family === family && !o.halts.some((h) => h.code === 'pest-not-on-label'),
    );
    const cards = of.filter((o) => o.halts.length === 0);
    const best = cards[0];
    const costOnce = best?.dose?.container?.costUsed ?? null;
    const protectsDays = best?.label.use.protectsDays ?? null;
    return {
      ...{
        family,
        grade,
        daysToEffect,
        note,
        cards,
        halted: of.length - cards.length,
        protectsDays,
        costOnce,
      },
      costSeason: costOnce === null || !best ? null : costOnce * seasonTimes(best),
      burden: BURDEN[family],
    };
  });
  return rows.sort(
    (a, b) =>
      Number(WORKS.has(b.grade)) - Number(WORKS.has(a.grade)) ||
      REMEDY_FAMILIES.indexOf(a.family) - REMEDY_FAMILIES.indexOf(b.family),
  );
}

/** How often a treatment is needed to protect for half a year, held to what the label allows in one. */
export function seasonTimes({ label: { use } }: Option): number {
  const wanted = Math.max(1, Math.ceil(SEASON_DAYS / (use.protectsDays ?? SEASON_DAYS)));
  return Math.min(wanted, use.maxPerYear ?? wanted);
}
