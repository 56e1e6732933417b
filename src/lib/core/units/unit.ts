/**
 * The units that Nimsy knows, each by its legal definition: the international inch (25.4 mm exactly), the US
 * gallon (231 cubic inches), the imperial gallon (4.54609 L), the international pound (0.45359237 kg).
 * A factor is written once; everything else is derived from it.
 */
const INCH_M = 0.0254;
const FOOT_M = 12 * INCH_M;
const MILE_M = 5280 * FOOT_M;
const GALLON_L = 231 * INCH_M ** 3 * 1000;
const UK_GALLON_L = 4.54609;
const POUND_KG = 0.45359237;
const ACRE_M2 = 43560 * FOOT_M ** 2;

/** Factor of each unit to the base unit of its dimension (m, m², L, kg, 1, s, m/s). Temperature has an offset and is apart. */
const FACTORS = {
  length: {
    mm: 0.001,
    cm: 0.01,
    m: 1,
    km: 1000,
    in: INCH_M,
    ft: FOOT_M,
    yd: 3 * FOOT_M,
    mi: MILE_M,
  },
  area: {
    cm2: 0.0001,
    m2: 1,
    ha: 10000,
    in2: INCH_M ** 2,
    ft2: FOOT_M ** 2,
    yd2: 9 * FOOT_M ** 2,
    acre: ACRE_M2,
  },
  volume: {
    ml: 0.001,
    l: 1,
    m3: 1000,
    tsp: GALLON_L / 768,
    tbsp: GALLON_L / 256,
    floz: GALLON_L / 128,
    cup: GALLON_L / 16,
    pint: GALLON_L / 8,
    quart: GALLON_L / 4,
    gal: GALLON_L,
    in3: GALLON_L / 231,
    ft3: (GALLON_L / 231) * 1728,
    yd3: (GALLON_L / 231) * 46656,
    floz_uk: UK_GALLON_L / 160,
    pint_uk: UK_GALLON_L / 8,
    gal_uk: UK_GALLON_L,
  },
  mass: { mg: 1e-6, g: 0.001, kg: 1, oz: POUND_KG / 16, lb: POUND_KG },
  things: { count: 1, million: 1e6 },
  time: { s: 1, min: 60, h: 3600, d: 86400 },
  speed: { 'm/s': 1, 'km/h': 1000 / 3600, 'ft/s': FOOT_M, mph: MILE_M / 3600 },
} as const;

export type Dimension = keyof typeof FACTORS | 'temperature';
export type UnitOf<D extends Dimension> = D extends keyof typeof FACTORS
  ? keyof (typeof FACTORS)[D]
  : 'C' | 'F';
export type LengthUnit = UnitOf<'length'>;
export type AreaUnit = UnitOf<'area'>;
export type VolumeUnit = UnitOf<'volume'>;
export type MassUnit = UnitOf<'mass'>;
export type Unit = { [D in Dimension]: UnitOf<D> }[Dimension];

const KNOWN = new Map<string, { dimension: Dimension; factor: number }>();
for (const [dimension, units] of Object.entries(FACTORS))
  for (const [unit, factor] of Object.entries(units))
    KNOWN.set(unit, { dimension: dimension as Dimension, factor });
for (const unit of ['C', 'F']) KNOWN.set(unit, { dimension: 'temperature', factor: 1 });

export const ALL_UNITS: readonly string[] = [...KNOWN.keys()];

export function isUnit(text: string): text is Unit {
  return KNOWN.has(text);
}

export function dimensionOf(unit: Unit): Dimension {
  return lookUp(unit).dimension;
}

/** Factor to the base unit of the dimension; not for temperatures, which have an offset. */
export function factorOf(unit: Unit): number {
  return lookUp(unit).factor;
}

function lookUp(unit: Unit): { dimension: Dimension; factor: number } {
  const known = KNOWN.get(unit);
  if (!known) throw new Error(`unit ${unit} passed the gate unchecked`);
  return known;
}
