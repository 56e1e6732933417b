import { northernMonth, type Candidate, type Hemisphere, type LifeStage } from '../identify';

/** What bears on treating at all besides the count against the threshold. */
export type TreatReason =
  | { readonly code: 'by-presence' | 'no-threshold' | 'never-before' }
  | { readonly code: 'confirmed-before'; readonly times: number }
  | { readonly code: 'stage-in-season' | 'stage-out-of-season'; readonly stage: string };

/**
 * Life stage, season and history of what is named: whether its stage is about in this month (1 to 12, of its own
 * hemisphere), whether it was confirmed at the property before, and, where no threshold is known, whether it is treated
 * by presence because it harms people or food.
 */
export function treatReasons(
  named: Candidate,
  stage: LifeStage | null,
  {
    month,
    hemisphere,
    confirmed,
    threshold,
  }: { month: number; hemisphere: Hemisphere; confirmed: number; threshold: boolean },
): TreatReason[] {
  const harms = named.concerns.includes('medical') || named.concerns.includes('food');
  const inSeason = stage?.months.includes(northernMonth(month, hemisphere));
  return [
    ...(threshold ? [] : [{ code: harms ? ('by-presence' as const) : ('no-threshold' as const) }]),
    ...(stage && stage.months.length > 0
      ? [
          {
            code: inSeason ? ('stage-in-season' as const) : ('stage-out-of-season' as const),
            stage: stage.name,
          },
        ]
      : []),
    confirmed > 0
      ? { code: 'confirmed-before' as const, times: confirmed }
      : { code: 'never-before' as const },
  ];
}
