import type { Anchor, Corner, Point } from '../geometry';

/** What a zone is; the later of two kinds lies on the earlier where they overlap (a bed in a lawn is not lawn). */
export const GROUND_KINDS = [
  ...(['lawn', 'play', 'bed', 'edible-bed', 'hard', 'no-spray', 'building', 'water'] as const),
] as const;
/** Rooms and voids lie in a building and take nothing from the ground. */
export const INDOOR_KINDS = ['room', 'void'] as const;
/** Things at one place. */
export const PLACE_KINDS = [
  ...(['tree', 'nest', 'spot', 'sink', 'cooker', 'fridge', 'cupboard', 'skirting', 'pipe', 'drain'] as const),
  ...(['entry', 'bed-place', 'bin'] as const),
] as const;
export const ZONE_KINDS = [...GROUND_KINDS, ...INDOOR_KINDS, ...PLACE_KINDS] as const;
export type ZoneKind = (typeof ZONE_KINDS)[number];

/** `outside`, `roof` for its edges, or a floor by its number: `floor:0` is the ground floor. */
export type Layer = 'outside' | 'roof' | `floor:${number}`;

/** Coordinates are metres on the plan, x to the right and y up. */
export type ZoneShape =
  | {
      readonly kind: 'polygon';
      readonly corners: readonly Corner[];
      readonly holes: readonly (readonly Corner[])[];
    }
  | {
      readonly kind: 'rectangle';
      readonly at: Point;
      readonly length: number;
      readonly width: number;
      /** Degrees anticlockwise about `at`. */
      readonly turn: number;
    }
  | { readonly kind: 'circle'; readonly at: Point; readonly radius: number }
  | { readonly kind: 'strip'; readonly line: readonly Corner[]; readonly width: number }
  | { readonly kind: 'place'; readonly at: Point };

export const HOWS = ['tape', 'paces', 'picture', 'geojson', 'eye'] as const;
/** How a zone was measured, and how far a length of it may be off, in percent: 0 ≤ e < 100. */
export interface Measured {
  readonly how: (typeof HOWS)[number];
  readonly errorPct: number;
}
/** What a length may be off by, where nobody says otherwise. */
export const USUAL_ERROR_PCT: Readonly<Record<Measured['how'], number>> = {
  ...{ tape: 0.5, paces: 5, picture: 2, geojson: 1, eye: 15 },
};

export interface Opening {
  /** The edge of the outline that it is in, from 0, and the metres from the start of that edge. */
  readonly edge: number;
  readonly from: number;
  readonly width: number;
  readonly height: number;
  readonly kind: 'door' | 'window' | 'vent' | 'gap';
}

export interface Foreign {
  readonly geometry: unknown;
  readonly properties: unknown;
  readonly id: string | number | null;
  /** Zones of one key came from one feature of so many parts. */
  readonly key: string;
  readonly parts: number;
}

export interface Zone {
  readonly id: string;
  readonly name: string;
  readonly kind: ZoneKind;
  readonly layer: Layer;
  readonly shape: ZoneShape;
  readonly measured: Measured;
  /** Of walls, rooms and voids, in metres; null where nobody measured it. */
  readonly height: number | null;
  readonly openings: readonly Opening[];
  /** How far the eaves of a building stand out, in metres; null or absent where nobody measured it. */
  readonly eaves?: number | null | undefined;
  readonly note: string;
  /** Zones that it was cut from or joined of: their history goes with the ground. */
  readonly from: readonly string[];
  /** What an imported file said of it, given back as it was while the shape is untouched. */
  readonly foreign: Foreign | null;
}

export const MARK_KINDS = ['spot', 'lure', 'trap', 'monitor', 'flap'] as const;
/** A numbered place that is counted, and counted again. */
export interface Mark {
  readonly id: string;
  readonly number: number;
  readonly kind: (typeof MARK_KINDS)[number];
  readonly at: Point;
  readonly layer: Layer;
  readonly readings: readonly { readonly on: string; readonly count: number; readonly note: string }[];
}

/** A picture under the drawing. */
export interface Underlay {
  /** Of the picture that is kept with the property. */
  readonly picture: string;
  /** Where its lower left corner lies, its width in metres, and its turn in degrees anticlockwise about that corner. */
  readonly at: Point;
  readonly width: number;
  /** Height by width of the picture. */
  readonly ratio: number;
  readonly turn: number;
  /** From 0 (not to be seen) to 1. */
  readonly strength: number;
  /** Two places of it are a known distance apart. */
  readonly scaled: boolean;
}

export interface Plan {
  readonly unit: 'm' | 'ft';
  /** Where (0, 0) lies on the earth; null for a plan in its own metres. */
  readonly anchor: Anchor | null;
  /** Degrees by which north lies clockwise of the top of the plan. */
  readonly north: number;
  readonly underlay: Underlay | null;
  readonly zones: readonly Zone[];
  readonly marks: readonly Mark[];
}

export const EMPTY_PLAN: Plan = {
  ...{ unit: 'm', anchor: null, north: 0, underlay: null, zones: [], marks: [] },
};

export const isPlace = (zone: Pick<Zone, 'shape'>): boolean => zone.shape.kind === 'place';
const RANK: ReadonlyMap<string, number> = new Map(GROUND_KINDS.map((kind, i) => [kind, i]));
/** Whether it takes part in what the ground is made of. */
export const isGround = ({ kind }: Pick<Zone, 'kind'>): boolean => RANK.has(kind);
/** The higher kind lies on the lower; −1 for what is no ground. */
export const rankOf = ({ kind }: Pick<Zone, 'kind'>): number => RANK.get(kind) ?? -1;
