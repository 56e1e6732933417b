import type { DoseInput, DoseProblem, Load } from '../dose';
import type { Quantity, Rate } from '../units';

/** How a product is put down; each has its own measuring and its own arithmetic. */
export const METHODS = [
  ...(['tank', 'jug', 'dial', 'granule', 'drops', 'stations'] as const),
  ...(['film', 'void', 'aerosol', 'nematodes', 'soil', 'grid'] as const),
] as const;
export type Method = (typeof METHODS)[number];

/** What a method is measured by: its target is one of these. */
export const TARGET_OF: Readonly<Record<Method, 'ground' | 'places' | 'wall' | 'surface' | 'room' | 'grid'>> =
  {
    ...{ tank: 'ground', jug: 'ground', dial: 'ground', granule: 'ground', nematodes: 'ground' },
    ...{ drops: 'places', aerosol: 'places', stations: 'wall', film: 'surface', void: 'room', soil: 'room' },
    grid: 'grid',
  };

/**
 * A job copied from a label and measured by hand. `target` is an area, a count or a length; a room has its sides instead,
 * a grid its sides and the radius from which each point draws. What a method does not use is left out.
 */
export interface Job {
  readonly method: Method;
  readonly rate: DoseInput['rate'];
  readonly target?: Quantity | undefined;
  readonly sides?:
    { readonly length: Quantity; readonly width: Quantity; readonly depth?: Quantity } | undefined;
  readonly radius?: Quantity | undefined;
  /** Finished mix for each measure of the target. */
  readonly carrier?: Rate | undefined;
  /** What the tank holds, or what one jug makes. */
  readonly tank?: Quantity | undefined;
  /** From one mark of the tank or jug to the next. */
  readonly mark?: Quantity | undefined;
  /** A second tank for the rest. */
  readonly second?: Quantity | undefined;
  readonly step?: Quantity | undefined;
  /** What the jug of a hose-end device holds itself. */
  readonly jug?: Quantity | undefined;
  /** What a dial lets out of the jug into each measure of spray. */
  readonly dial?: Rate | undefined;
  readonly passes?: 1 | 2 | undefined;
  /** A bag, cartridge or pack. */
  readonly pack?: Quantity | undefined;
  /** A strip on which a pass is weighed. */
  readonly strip?: { readonly length: Quantity; readonly swath: Quantity } | undefined;
  /** One drop, line, tap or puff. */
  readonly each?: Quantity | undefined;
  /** What comes out of a duster, can or sprayer in a time. */
  readonly flow?: Rate | undefined;
}

export const FIGURES = [
  ...(['product', 'mix', 'measured', 'points', 'spacing', 'spread-out'] as const),
  ...(['jugs', 'jug-covers', 'jug-product', 'jug-last', 'jug-water', 'hose-water', 'jug-run'] as const),
  ...([
    'pass',
    'strip',
    'packs',
    'packs-fill',
    'portions',
    'portions-each',
    'each',
    'time',
    'time-each',
  ] as const),
] as const;
export type FigureName = (typeof FIGURES)[number];

export interface Figure {
  readonly name: FigureName;
  readonly value: Quantity;
}

/** What a job comes to: the amount to measure out first, then what follows from it. */
export interface Worked {
  readonly figures: readonly Figure[];
  /** Tank loads or jugs. */
  readonly loads: readonly Load[];
  /** The vessel of each load, where there are two. */
  readonly vessels: readonly Quantity[];
  readonly actualRate: number;
  /** How far the marks of the measure move the rate from the chosen one, in percent. */
  readonly errorPct: number;
  readonly problems: readonly (DoseProblem | 'dial-too-low' | 'portion-too-large' | 'portion-does-not-fit')[];
}
