import type { RemedyFamily } from '../identify';
import type { CardInUse } from '../labels';
import type { FamilyRow } from './families';

/** In which order families are put to work: what cleans and closes first, what kills on contact last. */
const ORDER: readonly RemedyFamily[] = [
  ...([
    'culture',
    'physical',
    'bait',
    'regulator',
    'living',
    'selective',
    'systemic',
    'soil-drench',
  ] as const),
  ...(['dust', 'residual', 'firm'] as const),
];
const MOST_STEPS = 4;

export type Clash =
  'bait-beside-repellent' | 'living-beside-soil-insecticide' | 'not-in-one-tank' | 'dust-beside-wet';

export interface PlanStep {
  readonly family: RemedyFamily;
  readonly card: CardInUse | null;
  readonly grade: FamilyRow['grade'];
  readonly note: string;
}

export interface CombinedPlan {
  readonly steps: readonly PlanStep[];
  /** Families that would work but do not go with a step before them. */
  readonly leftOut: readonly { readonly step: PlanStep; readonly because: Clash; readonly with: PlanStep }[];
  /** Steps that may both be used, but never from one tank, or only once the other has dried. */
  readonly apart: readonly { readonly a: PlanStep; readonly b: PlanStep; readonly because: Clash }[];
}

const SOIL: ReadonlySet<RemedyFamily> = new Set(['residual', 'systemic', 'soil-drench']);
const TANK: ReadonlySet<string> = new Set(['concentrate', 'powder', 'nematodes']);

/** What keeps two products from being used at one place in one plan. */
export function clashOf(a: PlanStep, b: PlanStep): Clash | null {
  const one = (is: (step: PlanStep) => boolean, other: (step: PlanStep) => boolean): boolean =>
    (is(a) && other(b)) || (is(b) && other(a));
  if (
    one(
      (s) => s.family === 'bait',
      (s) => s.family === 'residual' || (s.card?.repellent === true && s.family !== 'dust'),
    )
  )
    return 'bait-beside-repellent';
  if (
    one(
      (s) => s.card?.form === 'nematodes',
      (s) => SOIL.has(s.family) && (s.card?.use.sites.includes('turf') ?? true),
    )
  )
    return 'living-beside-soil-insecticide';
  return null;
}

/** Two products that are both mixed with water and of which a label does not allow mixing with others. */
const needsTwoTanks = (a: PlanStep, b: PlanStep): boolean =>
  a.card !== null &&
  b.card !== null &&
  TANK.has(a.card.form) &&
  TANK.has(b.card.form) &&
  !(a.card.mixWithOthers === 'yes' && b.card.mixWithOthers === 'yes');

const WET: ReadonlySet<string> = new Set([...TANK, 'ready', 'jet', 'aerosol']);

/** A dust and something that wets the same place: only once it has dried. */
const wetsDust = (a: PlanStep, b: PlanStep): boolean =>
  [
    [a, b],
    [b, a],
  ].some(([one, other]) => one?.card?.form === 'dust' && WET.has(other?.card?.form ?? ''));

/**
 * A plan of several remedies where one is not enough: those with strong or fair evidence that the shelf has, or that
 * need no product, in the order of the work; what does not go with an earlier step is left out with the reason. null
 * where one remedy is all there is.
 */
export function combinedPlan(rows: readonly FamilyRow[]): CombinedPlan | null {
  const usable = rows
    .filter((row) => row.grade === 'strong' || row.grade === 'fair')
    .map(({ family, cards, grade, note }): PlanStep => ({
      family,
      grade,
      note,
      card: cards[0]?.label ?? null,
    }))
    .filter((step) => step.card !== null || step.family === 'culture' || step.family === 'physical')
    .sort((a, b) => ORDER.indexOf(a.family) - ORDER.indexOf(b.family));
  const steps: PlanStep[] = [];
  const leftOut: CombinedPlan['leftOut'][number][] = [];
  for (const step of usable) {
    const before = steps.find((other) => clashOf(other, step) !== null);
    const because = before ? clashOf(before, step) : null;
    if (before && because) leftOut.push({ step, because, with: before });
    else if (steps.length < MOST_STEPS) steps.push(step);
  }
  if (steps.length + leftOut.length < 2) return null;
  const apart = steps.flatMap((a, i) =>
    steps.slice(i + 1).flatMap((b) => {
      const because = needsTwoTanks(a, b) ? 'not-in-one-tank' : wetsDust(a, b) ? 'dust-beside-wet' : null;
      return because ? [{ a, b, because } as const] : [];
    }),
  );
  return { steps, leftOut, apart };
}
