import type { EntryInUse, FamilyRow, Option } from '../choose';
import type { DoseAnswer, Stock } from '../dose';
import type { Candidate, CaseRanking, CountBasis, Density, LifeStage, ThresholdVerdict } from '../identify';
import type { Caution, CardInUse, Stop } from '../labels';
import type { Lanes, PlaceOnTheWay } from '../place';
import type { ApplicationRecord } from '../record';
import type { Measured, MethodRow } from '../method';
import type { Nights } from './nights';
import type { Passes } from './passes';
import type { Points } from './points-of';
import type { Refusal } from '../result';
import type { Recheck, Series } from '../review';
import type { Due, JudgedHours, NextDate } from '../schedule';
import type { Ground } from '../ground';
import type { CalendarDay, Quantity } from '../units';
import type { Tick } from './facts';

export interface SettledCaution {
  readonly caution: Caution;
  readonly key: string;
  readonly settled: Tick | null;
}

export interface TrailStop {
  readonly stop: Stop;
  readonly state: 'answered' | 'open' | 'halted' | 'stale';
}

/** Where an input of a sum came from. */
export type Source =
  'label' | 'measured' | 'chosen' | 'default' | 'computed' | 'counted' | 'catalogue' | 'calibrated';

export interface WorkingInput {
  readonly name: string;
  readonly value: number | string;
  readonly unit: string | null;
  readonly source: Source;
  readonly clause: string | null;
}

/** A computed figure with its sum: the formula's name, every input, and the result. */
export interface Working {
  readonly formula: string;
  readonly inputs: readonly WorkingInput[];
  readonly result: { readonly value: number | string; readonly unit: string | null };
}

/** Everything that follows from the facts of a case. */
export interface CaseView {
  readonly density: Density | null;
  /** What the density is told per. */
  readonly basis: CountBasis;
  /** What one numbered reading is called: a trap, a lure, a flap. */
  readonly each: string;
  /** What readings on several days say together; null for fewer than two. */
  readonly series: Series | null;
  readonly ranking: CaseRanking;
  /** The confirmed name, or the leading one where the ranking is sure; null while it is not. */
  readonly named: Candidate | null;
  readonly confirmed: boolean;
  readonly stage: LifeStage | null;
  /** Signs found that the confirmed causes do not explain. */
  readonly unexplained: readonly string[];
  readonly threshold: {
    /** For weak turf and for strong, and where the figures come from. */
    readonly at: readonly [weak: number, strong: number];
    readonly basis: CountBasis;
    /** The name of the field test that it is counted by. */
    readonly test: string;
    readonly source: string;
    readonly limit: number;
    /** Any of it counts: there is no number. */
    readonly presence: boolean;
    readonly verdict: ThresholdVerdict;
    /** Where it cannot be told yet: how many more spots like those would tell it; null for more than anybody counts. */
    readonly moreSpots: number | null;
    /** The spot where it is far worse than at the others. */
    readonly worst: { readonly spot: number; readonly count: number } | null;
    readonly sameTest: boolean;
  } | null;
  readonly options: readonly Option[];
  /** Cards for this place that state no rate that can be used. */
  readonly unusable: readonly { readonly id: string; readonly name: string }[];
  /** The families of remedy for what it is called, mildest that will work first. */
  readonly families: readonly FamilyRow[];
  readonly chosen: EntryInUse | null;
  /** Decided to put nothing down. */
  readonly nothing: boolean;
  readonly label: CardInUse | null;
  /** How the label is put down, and by what of the ground it reckons; null without one. */
  readonly method: MethodRow | null;
  readonly measured: Measured | null;
  /** Where it goes down place by place: how many of which kind, and what each gets. */
  readonly points: Points | null;
  readonly lawn: Ground | null;
  readonly lawnRefused: readonly Refusal[];
  readonly hours: JudgedHours | null;
  readonly dose: DoseAnswer | null;
  readonly doseRefused: readonly Refusal[];
  readonly rate: number | null;
  /** Packs that are rinsed out into stock, and what of it each fill gets; null where nothing comes so. */
  readonly stock: Stock | null;
  /** In metres of the ground's own frame. */
  readonly lanes: Lanes | null;
  /** The second pass, square to the first, where a method crosses. */
  readonly crossed: Lanes | null;
  /** Where a quarter, half and three quarters are laid down. */
  readonly marks: readonly PlaceOnTheWay[];
  /** Where the next load is fetched. */
  readonly refills: readonly PlaceOnTheWay[];
  /** What must come out over each metre of all passes as they lie: of the mix, or of the product where there is none. */
  readonly perMetre: Quantity | null;
  /** Crossed passes as their lanes really lie; null where there are none. */
  readonly passes: Passes | null;
  readonly minutesOnLawn: number | null;
  /** The season's allowance of this label here, where it has a cap. */
  readonly allowance: { readonly allowed: Quantity; readonly used: Quantity; readonly now: Quantity } | null;
  /** Of this treatment and its present go. */
  readonly records: readonly ApplicationRecord[];
  readonly earlierGoes: readonly ApplicationRecord[];
  /** What the entries of this go leave to be done, each with who ticked it. */
  readonly dues: readonly { readonly due: Due; readonly done: Tick | null }[];
  /** Nights under a sheet, over all goes; null for what is not put down so. */
  readonly nights: Nights | null;
  readonly recheckDue: CalendarDay | null;
  readonly recheck: Recheck | null;
  readonly nextAllowed: NextDate | null;
  readonly cautions: readonly SettledCaution[];
  /** Halts that are open: while there is one, Mix and Place name it instead of amounts. */
  readonly halts: readonly SettledCaution[];
  readonly trail: readonly TrailStop[];
  /** The first stop that lacks something. */
  readonly nextStop: Stop;
}

export type WorkingName =
  'density' | 'threshold' | 'pace' | 'area' | 'product' | 'finished' | 'cost' | 'lanes' | 'efficacy';
