export const GUIDE_GROUPS = ['turf', 'garden', 'house', 'nesting', 'other'] as const;
export type GuideGroup = (typeof GUIDE_GROUPS)[number];

/** Families of remedy, from doing nothing to calling a firm. */
export const REMEDY_FAMILIES = [
  ...(['nothing', 'culture', 'physical', 'living', 'regulator', 'bait', 'selective', 'systemic'] as const),
  ...(['dust', 'soil-drench', 'residual', 'firm'] as const),
] as const;
export type RemedyFamily = (typeof REMEDY_FAMILIES)[number];

/** What the field guide tells of a candidate besides what it is ranked by. */
export interface GuideEntry {
  readonly group: GuideGroup;
  readonly where: string;
  /** Others that it is taken for, and how this entry's other looks instead. */
  readonly lookAlikes: readonly { readonly id: string; readonly tell: string }[];
  readonly families: readonly {
    readonly family: RemedyFamily;
    readonly grade: 'strong' | 'fair' | 'weak' | 'none' | 'harmful';
    readonly daysToEffect: readonly [number, number];
    readonly note: string;
  }[];
  readonly recheck: string;
  /** Whom to call, and when. */
  readonly call: string;
}
