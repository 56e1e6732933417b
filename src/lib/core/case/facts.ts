import type { CarryOver } from '../dose';
import type { Licence, NamedGround, Premises } from '../premises';
import type {
  Candidate,
  DayOrNight,
  FieldTest,
  GuideEntry,
  Finding,
  FirstSeen,
  Hemisphere,
  Region,
  Sign,
  Surrounding,
  Vigour,
} from '../identify';
import type { Stop } from '../labels';
import type { Rings } from '../geometry';
import type { TrimPassOf } from '../place';
import type { Treatment } from './course';
import type { LocalRule, OwnThreshold } from '../rules';
import type { ShelfEntry, Wish } from '../choose';
import type { SeriesReading } from '../review';
import type { ApplicationRecord } from '../record';
import type { Forecast } from '../schedule';
import type { PlanMeasured } from '../ground';
import type { CalendarDay, Quantity } from '../units';

/** Who settled a caution, when, and what was read or written down with it. */
export interface Tick {
  readonly by: string;
  readonly at: string;
  readonly said?: string;
}

export type Damp = 'dry' | 'damp' | null;

/**
 * What a case is for: something is there; a stage is to be prevented, because of history or of adults that were seen; or a round
 * of the place as a matter of course, against what the card names.
 */
export const PURPOSES = ['control', 'prevent', 'routine'] as const;
export type Purpose = (typeof PURPOSES)[number];

/** Why something is expected that is not there yet. */
export const EXPECTED_BECAUSE = ['history', 'adults', 'neighbours'] as const;
export type ExpectedBecause = (typeof EXPECTED_BECAUSE)[number];

/** So many things at most are written down as tried. */
export const MOST_TRIED = 12;
/** Something tried at home, the day on which it is stopped and judged, and what came of it; "" until somebody said. */
export interface Tried {
  readonly what: string;
  readonly from: CalendarDay;
  readonly until: CalendarDay;
  readonly outcome: string;
}

/** What is being tried, or was and nobody has said yet what came of it. */
export const openTrials = (look: LookBody | undefined): readonly Tried[] =>
  (look?.tried ?? []).filter(({ outcome }) => outcome === '');

/** An earlier reading, and the field test by which it was counted. */
export interface EarlierReading extends SeriesReading {
  readonly test: string;
}

export interface LookBody {
  /** Control where nothing is said. */
  readonly purpose?: Purpose;
  readonly because?: ExpectedBecause | null;
  readonly surrounding: Surrounding;
  /** What somebody came with; null or absent where nobody said. */
  readonly first?: FirstSeen | null;
  readonly where: string;
  readonly signs: Readonly<Record<string, Finding>>;
  /** Body length of one that was measured, in mm. */
  readonly lengthMm: number | null;
  readonly test: string;
  readonly frame: Quantity;
  /** One entry for each numbered spot; null where it was not read. */
  readonly counts: readonly (number | null)[];
  /** The day of those counts; null or absent where nobody said. */
  readonly countedOn?: CalendarDay | null;
  /** Earlier readings of the numbered spots, each by its test; the oldest first. */
  readonly series?: readonly EarlierReading[];
  /** What was tried without a product, the oldest first. */
  readonly tried?: readonly Tried[];
  /** When living ones were met; null or absent where nobody said. */
  readonly light?: DayOrNight | null;
  readonly vigour: Vigour;
  readonly flowering: boolean;
  /** Whether the place is dry; null where nobody looked. */
  readonly damp: Damp;
  readonly note: string;
}

export interface NameBody {
  /** "" where a routine visit names nothing. */
  readonly candidate: string;
  /** The first of `stages`, which a rate by stage goes by; null where the calendar decides. */
  readonly stage: string | null;
  /** Life stages that were found or counted, or are to be prevented; absent or empty where the calendar decides. */
  readonly stages?: readonly string[];
  /** Other causes confirmed at the same place. */
  readonly also: readonly string[];
}

export interface ChooseBody {
  /** null: nothing is put down, culture only; "": only being typed, and nothing chosen yet. */
  readonly label: string | null;
  readonly reason: string;
  /** What the people of the place ask for. */
  readonly wishes: readonly Wish[];
  readonly budget: number | null;
}

export const WAYS = ['tape', 'paces', 'plan', 'known', 'places', 'edges', 'volume', 'grid'] as const;
export type Way = (typeof WAYS)[number];

export interface MeasureBody {
  readonly how: Way;
  readonly unit: 'm' | 'ft';
  /** What the ground is called, so that it is known again; "" for no name. */
  readonly name?: string;
  /** How far open water lies from what is treated, in `unit`; 0 or absent where nobody measured. A plan knows it by itself. */
  readonly waterOff?: number;
  /** By tape, in `unit`. */
  readonly length: number;
  readonly width: number;
  /** By paces: counts, and the calibration walk in `unit`. */
  readonly paces: readonly [number, number];
  readonly walked: number;
  readonly walkedPaces: number;
  readonly paceErrorPct: number;
  /** Width of the strip that is left out along one long side, in `unit`; 0 for none. */
  readonly strip: number;
  /** Zones of the property's plan; null unless it is measured on it. */
  readonly plan: OnPlan | null;
  /** Taped parts beside the first rectangle, in `unit`. */
  readonly parts?: readonly PartMeasured[];
  /** An area that somebody knows, and how far it may be off. */
  readonly known?: { readonly area: Quantity; readonly errorPct: number };
  /** Places by kind; one kind without a name where only their number is known. */
  readonly places?: readonly PlacesOfKind[];
  /** Edges by their running length, in `unit`. */
  readonly edge?: {
    readonly run: number;
    readonly hard: number;
    readonly up: number;
    readonly out: number;
    readonly wallAboveHard: boolean;
    /** Eaves, windows, doors: so far along, and so wide a band, in `unit`. */
    readonly more?: readonly EdgeStretch[];
  };
  readonly volume?: Quantity;
  /** Points on the rectangle of `length` and `width`: so far apart, in `unit`. */
  readonly grid?: { readonly spacing: number; readonly pattern: 'inside' | 'edge' };
}

export interface PartMeasured {
  readonly kind: 'rectangle' | 'circle' | 'triangle';
  readonly a: number;
  readonly b: number;
  readonly off: boolean;
}

export interface EdgeStretch {
  readonly kind: string;
  readonly run: number;
  /** 0 for its running length alone. */
  readonly wide: number;
}

/** So many places of a kind: "hinge", "behind the oven, on a card". */
export interface PlacesOfKind {
  readonly kind: string;
  readonly count: number;
}

/** What is treated of a plan: the zones, what is kept off, and what that came to when it was saved. */
export interface OnPlan extends PlanMeasured {
  readonly zones: readonly string[];
  /** Metres kept off beside water, hard ground and food plants. */
  readonly waterM: number;
  readonly hardM: number;
  readonly ediblesM: number;
  /** Metres up the walls of chosen buildings and out from them, as the label says; 0 or absent for their running length alone. */
  readonly upM?: number;
  readonly outM?: number;
  readonly wallAboveHard?: boolean;
}

export interface WhenBody {
  /** Hours since the epoch in the place's fixed offset. */
  readonly hour: number;
}

export const TANK_BEFORE = ['clean', 'same', 'other', 'herbicide'] as const;
export type TankBefore = (typeof TANK_BEFORE)[number];

export interface MixBody {
  readonly rate: number;
  /** The label's step for how bad it is; null for its general rate. */
  readonly severity: string | null;
  readonly tankName: string;
  readonly tank: Quantity | null;
  /** From one mark of the tank to the next, in its unit; null for those that its size has as a rule. */
  readonly tankMark: number | null;
  readonly measureName: string;
  readonly step: Quantity | null;
  /** What the measure holds when it is full; null where that is not known. */
  readonly holds: Quantity | null;
  /** What was in the tank before. */
  readonly before: TankBefore;
  readonly carryOver: CarryOver | null;
  /** The day on which the carried mix was made; null where nobody said. */
  readonly carriedOn: CalendarDay | null;
  readonly split: 'fill' | 'equal' | 'marks';
  readonly lot: string | null;
  /** The mix that is made, where the label tells a dilution and not how much of it goes where. */
  readonly make?: Quantity | null;
  /** Living packs: whole ones where the label lets them, or the part that is needed. */
  readonly packs?: 'whole' | 'exact';
  /** Half of the dose now, and the other half as the next go, one to two weeks later. */
  readonly half?: boolean;
  /** The treatment whose tank this one goes into, with the jar in which both were tried; null or absent for a tank of its own. */
  readonly shared?: SharedTank | null;
}

/** The jar in which two products were tried first: who shook it, when, and what came of it. */
export interface Jar {
  readonly jarOn: CalendarDay | null;
  readonly jarBy: string;
  readonly jarResult: 'mixes' | 'separates' | null;
}

export interface SharedTank extends Jar {
  /** The number of that treatment. */
  readonly with: number;
}

export interface PlaceBody {
  readonly swathM: number;
  /** A share: 0 ≤ overlap < 1. */
  readonly overlap: number;
  /** Degrees anticlockwise from the length, or the one with the fewest lanes. */
  readonly direction: number | 'auto';
  /** "keep-in": only where the whole swath is on the ground; "trim": once along every edge first, then the lanes within. */
  readonly edges?: 'cover' | 'keep-in' | 'trim';
  readonly start: 'this-end' | 'far-end';
}

export interface RecheckBody {
  readonly counts: readonly (number | null)[];
  readonly control: { readonly before: number; readonly after: number } | null;
  readonly countedOn: CalendarDay;
  /** The reading before this one was nought as well. */
  readonly noughtBefore?: boolean;
  readonly note: string;
}

export interface StopBodies {
  readonly look: LookBody;
  readonly name: NameBody;
  readonly choose: ChooseBody;
  readonly measure: MeasureBody;
  readonly when: WhenBody;
  readonly mix: MixBody;
  readonly place: PlaceBody;
  readonly recheck: RecheckBody;
}

/** Stops whose answer is kept and may be changed; Log is append-only records instead. */
export type AnsweredStop = keyof StopBodies;

export interface StopState {
  readonly revision: number;
  /** Revisions of the answers that this one was built on. */
  readonly upstream: Readonly<Partial<Record<AnsweredStop, number>>>;
}

/** Everything that a case is computed from; plain data, so that page and server compute the same. */
export interface CaseFacts {
  readonly number: number;
  readonly title: string;
  readonly openedOn: CalendarDay;
  readonly today: CalendarDay;
  /** The present hour, as the forecast counts. */
  readonly nowHour: number;
  readonly real: boolean;
  /** Of whoever asks; null without one, and in a household. */
  readonly licence: Licence | null;
  readonly property: {
    readonly name: string;
    readonly hemisphere: Hemisphere;
    /** Part of the world, by its time zone and latitude; null or absent where that tells none. */
    readonly region?: Region | null;
    /** It lies where there is no winter; absent elsewhere. */
    readonly yearRound?: boolean;
    readonly byWater: boolean;
    readonly avoidTowards: { readonly fromDeg: number; readonly toDeg: number } | null;
    /** How often each cause was confirmed here in other cases. */
    readonly history: Readonly<Record<string, number>>;
    /** What was asked of the place and its people. */
    readonly premises: Premises;
    /** Its grounds that are known by their names; absent for none. */
    readonly grounds?: readonly NamedGround[];
  };
  /** Which treatment of the case these are the facts of, and which of its goes; absent for the first. */
  readonly treatment?: number;
  readonly go?: number;
  /** All treatments in their order; absent where there is one alone. */
  readonly course?: readonly Treatment[];
  readonly stops: Partial<StopBodies>;
  readonly states: Partial<Record<AnsweredStop, StopState>>;
  readonly settled: Readonly<Record<string, Tick>>;
  /** Of this case, and of the property's other cases (for caps and intervals). */
  readonly records: readonly ApplicationRecord[];
  /**
   * Where it is measured on a plan: the ground cut up by what went down on it, as the ids of the records on each part;
   * and what the plan comes to now. null otherwise.
   */
  readonly ground: {
    readonly cells: readonly (readonly string[])[];
    readonly now: PlanMeasured;
    /** What is treated, as it is drawn, the margins taken off; in metres of the plan. */
    readonly rings: Rings;
  } | null;
  /** How a pass along the edges is drawn: what clips is loaded where somebody asks for such a pass, and absent else. */
  readonly trimPass?: TrimPassOf;
  /** Cards with their uses for places like this one. */
  readonly shelf: readonly ShelfEntry[];
  /** How many cards of the shelf are for other places alone. */
  readonly elsewhere: number;
  readonly forecast: Forecast | null;
  readonly rules: readonly LocalRule[];
  readonly ownThresholds: readonly OwnThreshold[];
  readonly candidates: readonly Candidate[];
  readonly signs: readonly Sign[];
  readonly tests: readonly FieldTest[];
  /** What the field guide says of remedies, for the candidates that are likely here. */
  readonly guide: Readonly<Record<string, Pick<GuideEntry, 'families'>>>;
}

export const purposeOf = ({ stops }: Pick<CaseFacts, 'stops'>): Purpose => stops.look?.purpose ?? 'control';

/** Somebody walks along the edges first: what draws that pass has to be there. */
export const asksForTrim = ({ stops, course = [] }: Pick<CaseFacts, 'stops' | 'course'>): boolean =>
  [stops, ...course.map((one) => one.stops)].some(({ place }) => place?.edges === 'trim');

/** The answers that each answer is built on. */
export const BUILT_ON: Readonly<Record<AnsweredStop, readonly AnsweredStop[]>> = {
  look: [],
  name: ['look'],
  choose: ['look', 'name'],
  measure: [],
  when: ['choose'],
  mix: ['choose', 'measure'],
  place: ['choose', 'measure'],
  recheck: [],
};

/** What of an answer the later ones are built on: a note of Look and what is tried at home change none of them. */
export function bearingOf(stop: AnsweredStop, body: unknown): unknown {
  if (stop !== 'look' || typeof body !== 'object' || body === null) return body;
  const { note: _note, tried: _tried, ...bearing } = body as Partial<LookBody>;
  return bearing;
}

/** True where an answer that this one was built on was changed after it. */
export function isStale(stop: Stop, facts: Pick<CaseFacts, 'states'>): boolean {
  if (stop === 'log') return false;
  const state = facts.states[stop];
  // What is only being typed is built on what stands there now.
  if (!state || state.revision < 1) return false;
  return BUILT_ON[stop].some(
    (earlier) => (facts.states[earlier]?.revision ?? 0) !== (state.upstream[earlier] ?? 0),
  );
}
