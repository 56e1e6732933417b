import type { Quantity } from '../units';
import type { More } from './more';

/** How a product comes, which decides how it is measured and put down. */
export const FORMS = [
  ...(['granule', 'bait-granule', 'concentrate', 'powder', 'dust', 'ready', 'aerosol', 'jet'] as const),
  ...(['gel', 'station', 'nematodes', 'trap', 'sheet'] as const),
] as const;
export type Form = (typeof FORMS)[number];

/** Families of remedy, mildest first. */
export const FAMILIES = [
  ...(['culture', 'physical', 'living', 'regulator', 'bait', 'selective', 'systemic', 'dust'] as const),
  ...(['soil-drench', 'residual'] as const),
] as const;
export type Family = (typeof FAMILIES)[number];
export type EvidenceGrade = 'strong' | 'fair' | 'weak' | 'none' | 'harmful';

/** Where a label lets it be put down. */
export const SITES = [
  ...(['turf', 'mound', 'bed', 'edible', 'trees', 'ground', 'foundation', 'nest', 'water'] as const),
  ...(['indoors', 'food-area', 'drain', 'textiles', 'void'] as const),
] as const;
export type Site = (typeof SITES)[number];

export const METHODS = [
  ...(['spread', 'spray', 'band', 'crevice', 'spot', 'drops', 'stations', 'scatter', 'film'] as const),
  ...(['jet', 'drench', 'soil-mix', 'pour', 'cover', 'hang', 'fog'] as const),
] as const;
/** How it is put down. */
export type Method = (typeof METHODS)[number];

export interface Active {
  readonly name: string;
  /** Strength by mass, in percent. */
  readonly percent: number | null;
  /** Strength in g per L, where the label states it so. */
  readonly gramsPerLitre: number | null;
  /** Mode-of-action group, as printed. */
  readonly group: string | null;
}

/** A clause as the label prints it, with its place on the label. */
export interface Clause {
  readonly at: string;
  readonly text: string;
}

export interface TargetOnLabel {
  readonly pest: string;
  readonly stages: readonly string[];
  /** null: whoever copied the card did not say; the guide's own grade counts. */
  readonly grade: EvidenceGrade | null;
  readonly reason: string;
}

export interface LabelRate {
  /** null: the label does not state a least (or a most). */
  readonly min: number | null;
  readonly max: number | null;
  readonly unit: Quantity['unit'];
  readonly per: Quantity;
  /** What `per` measures: the target, or the finished mix (a dilution). */
  readonly basis: 'target' | 'mix';
}

/** The ends of a range, each null where it is not stated. */
export type Ends = readonly [from: number | null, to: number | null];

/** A rate that holds for one pest, stage or severity instead of the general one, in the unit of the general one. */
export interface RateStep {
  readonly by: 'pest' | 'stage' | 'severity' | 'drop';
  /** Id of the pest or stage; `light` or `heavy`; of a drop its milligrams, written plainly (`30`, `2.5`). */
  readonly of: string;
  /** What must hold besides: this pest at this severity, say. */
  readonly and?: readonly { readonly by: RateStep['by']; readonly of: string }[];
  readonly min: number;
  readonly max: number;
}

/**
 * One use of a label: pests × sites × method, with its rate and limits. A null is "not stated": it is never filled in
 * from another label. A false is a prohibition that the label does not print.
 */
export interface LabelUse {
  readonly sites: readonly Site[];
  readonly method: Method;
  readonly targets: readonly TargetOnLabel[];
  readonly rate: LabelRate | null;
  readonly steps: readonly RateStep[];
  readonly carrier: { readonly amount: Quantity; readonly per: Quantity } | null;
  /** Months of the northern hemisphere, 1 to 12, to which the label holds it; null for all. */
  readonly months: readonly number[] | null;
  /** The first stops, the second only reminds. */
  readonly noSoonerThanDays: number | null;
  readonly aboutEveryDays: number | null;
  readonly maxPerYear: number | null;
  readonly cap: {
    readonly of: 'product' | 'active';
    readonly amount: Quantity;
    readonly per: Quantity;
  } | null;
  readonly wateringIn: {
    readonly mm: number;
    readonly mostMm: number | null;
    readonly withinHours: number;
  } | null;
  /** Must dry before anything wets it. */
  readonly dryHours: number | null;
  /** Rain-free hours that it needs after going down. */
  readonly rainFreeHours: number | null;
  readonly maxWindKmh: number | null;
  readonly minWindKmh: number | null;
  /** Each end where it is stated; null for neither. */
  readonly tempC: Ends | null;
  readonly soilC: Ends | null;
  /** Not in full sun: only early, late or at night. */
  readonly keepFromSun: boolean;
  readonly waterBufferM: number | null;
  /** On hard ground: as a band, only as spots and cracks, or not at all. */
  readonly hardGround: 'band' | 'spots' | 'no' | null;
  /** Walls that stand above hard ground. */
  readonly wallAboveHard: 'yes' | 'no' | null;
  readonly maxHeightM: number | null;
  readonly edibles: 'yes' | 'no' | null;
  readonly preHarvestDays: number | null;
  /** Rooms where food is kept or made: everywhere, in cracks alone, or not. */
  readonly foodAreas: 'yes' | 'crevices' | 'no' | null;
  readonly notOnFoodContact: boolean;
  /** Conducts or wets: keep from sockets and live wires. */
  readonly keepFromLive: boolean;
  /** Not on turf or weeds in flower: mow first. */
  readonly notOnBloom: boolean;
  readonly reEntry: 'until-dry' | 'until-watered-in' | 'hours' | 'none';
  readonly reEntryHours: number | null;
  /** null: not stated. */
  readonly daysToEffect: readonly [number, number] | null;
  readonly protectsDays: number | null;
  /** The most of the finished mix, where the label gives a range of it; `carrier` is its least. */
  readonly carrierMost?: Quantity | null;
  /** A second most for a year, of the active ingredient beside one of the product. */
  readonly alsoCap?: LabelUse['cap'];
  /** The half of the earth for which the months are printed; they are kept for the northern one. */
  readonly monthsFor?: 'north' | 'south';
  readonly more?: More;
}

export const CLAUSE_KEYS = [
  ...(['pests', 'sites', 'excluded', 'rate', 'mix', 'season', 'interval', 'yearly', 'watering'] as const),
  ...(['weather', 'soil', 'buffer', 'hardGround', 'height', 'edibles', 'food', 'electric', 'bloom'] as const),
  ...(['pollinators', 'aquatic', 'reEntry', 'posting', 'preHarvest', 'ppe', 'firstAid', 'filter'] as const),
  ...(['compatibility', 'storage', 'disposal', 'licence', 'allowed'] as const),
] as const;
export type ClauseKey = (typeof CLAUSE_KEYS)[number];

export interface LabelCard {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly maker: string;
  readonly demonstration: boolean;
  readonly registration: string | null;
  readonly form: Form;
  readonly family: Family;
  readonly actives: readonly Active[];
  /** kg per L, by which a strength in percent becomes an amount of active in a measured volume. */
  readonly densityKgPerL: number | null;
  readonly signalWord: string | null;
  readonly uses: readonly LabelUse[];
  /** What the label asks to be worn, and what its owner wants besides. */
  readonly ppe: readonly string[];
  readonly ownPpe: readonly string[];
  readonly filterOut: boolean;
  readonly repellent: boolean;
  readonly mixWithOthers: 'yes' | 'no' | null;
  readonly clauses: Readonly<Partial<Record<ClauseKey, Clause>>>;
  readonly firstAid: string | null;
  readonly storeC: readonly [number, number] | null;
  readonly flammable: boolean;
  readonly shelfLifeMonths: number | null;
  /** Days that it keeps once opened, or once mixed with water for the living. */
  readonly openedDays: number | null;
  readonly disposal: string | null;
  readonly licenceNeeded: boolean | null;
  /** Where it is registered, sold and allowed, as printed; empty for not stated. */
  readonly allowedIn: readonly string[];
  readonly container: { readonly size: Quantity };
  readonly otherSizes: readonly Quantity[];
  readonly more?: More;
}

/** A use as it stands for one pest, stage and place: its rate chosen from the steps, both ends known. */
export interface UseInHand extends Omit<LabelUse, 'rate' | 'steps'> {
  readonly rate: {
    readonly min: number;
    readonly max: number;
    readonly unit: Quantity['unit'];
    readonly per: Quantity;
    readonly basis: 'target' | 'mix';
  };
  /**
   * How it is used where the label states no rate in numbers: then no amount is reckoned, and `rate` stands at nothing in the
   * unit of the container. null where it has a rate.
   */
  readonly instruction: string | null;
  /** The severities for which the label has a rate of its own. */
  readonly severities: readonly string[];
}

/** A card with the use that is looked at. */
export interface CardInUse extends LabelCard {
  readonly use: UseInHand;
  /** The use is for a place like this one. */
  readonly siteFits: boolean;
}

/** The year's most that a use states of the product, or of its active ingredient; null where it states none of that. */
export const capOf = (use: Pick<LabelUse, 'cap' | 'alsoCap'>, of: 'product' | 'active'): LabelUse['cap'] =>
  use.cap?.of === of ? use.cap : use.alsoCap?.of === of ? use.alsoCap : null;

/** The month half a year away: what is May in the north is November in the south. */
export const otherHalf = (month: number): number => ((month + 5) % 12) + 1;
