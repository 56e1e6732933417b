import type { Ring, Rings } from '../geometry';
import { answer, type Result } from '../result';
import { dimensionOf, inBase, quantity, valueIn, type Quantity, type Unit } from '../units';
import { measureArea, type MeasuredArea, type MeasureRefusal, type Shape } from './measure';

/** A rectangular lawn as somebody measures it: by tape, or by paces of a calibrated length. */
export interface RectangleMeasure {
  readonly sides:
    | { readonly how: 'tape'; readonly length: Quantity; readonly width: Quantity }
    | {
        readonly how: 'paces';
        readonly paces: readonly [number, number];
        readonly pace: Quantity;
        readonly paceErrorPct: number;
      };
  /** A strip along one long side that is left out, beside water for instance: its width. */
  readonly strip: Quantity | null;
  readonly unit: 'm2' | 'ft2';
}

export interface Ground extends MeasuredArea {
  /** The shape where it is known, in metres of a frame of its own; empty where it is not. */
  readonly rings: Rings;
  /** The rectangle to treat, in metres, the strip left out. */
  readonly lengthM: number;
  readonly widthM: number;
  readonly stripM: number;
  /** How far open water lies from what is treated; null where none is known of. */
  readonly waterGapM: number | null;
  /** What else a label may be measured by, where it is known: places, edges, volume. */
  readonly counted: Counted;
}

/** Measures of a place besides its area: 0 for none. */
export interface Counted {
  readonly places: number;
  readonly edgeM: number;
  readonly volumeM3: number;
}
export const NOTHING_COUNTED: Counted = { places: 0, edgeM: 0, volumeM3: 0 };

/** Zones of a drawn plan as they are treated: worked out by `measureOnPlan` of core/plan. */
export interface PlanMeasured extends Counted {
  readonly areaM2: number;
  readonly lowM2: number;
  readonly highM2: number;
  /** What margins beside water, hard ground and food plants took. */
  readonly keptOffM2: number;
  /** The sides of the smallest rectangle around it. */
  readonly lengthM: number;
  readonly widthM: number;
  readonly waterGapM: number | null;
}

/** What was measured on the plan, in the form of a measured lawn, its area in `unit`. */
export function groundOfPlan(plan: PlanMeasured, unit: 'm2' | 'ft2'): Ground {
  const area = (m2: number): Quantity => quantity(valueIn(quantity(m2, 'm2'), unit), unit);
  return {
    area: area(plan.areaM2),
    ...(plan.highM2 > plan.lowM2 ? { areaLow: area(plan.lowM2), areaHigh: area(plan.highM2) } : {}),
    rings: [],
    ...{ lengthM: plan.lengthM, widthM: plan.widthM, stripM: 0, waterGapM: plan.waterGapM },
    counted: { places: plan.places, edgeM: plan.edgeM, volumeM3: plan.volumeM3 },
  };
}

/** A rectangle with its corner at 0, its length along x. */
export const rectangleRing = (lengthM: number, widthM: number): Ring => [
  [0, 0],
  [lengthM, 0],
  [lengthM, widthM],
  [0, widthM],
];

const told = (value: number, unit: Unit, as: Unit): Quantity => quantity(valueIn({ value, unit }, as), as);

/**
 * What a rate is reckoned with here: the area, the number of places, the length of edges or the volume, by what the
 * label's `per` measures. The area where nothing of the kind was counted, so that the refusal tells.
 */
export function targetFor(lawn: Pick<Ground, 'area' | 'counted'>, per: Quantity): Quantity {
  const { places, edgeM, volumeM3 } = lawn.counted;
  // Whoever measures ground in feet measures walls and rooms in feet.
  const feet = lawn.area.unit === 'ft2';
  switch (dimensionOf(per.unit)) {
    case 'things':
      return places > 0 ? quantity(places, 'count') : lawn.area;
    case 'length':
      return edgeM > 0 ? told(edgeM, 'm', feet ? 'ft' : 'm') : lawn.area;
    case 'volume':
      return volumeM3 > 0 ? told(volumeM3, 'm3', feet ? 'ft3' : 'm3') : lawn.area;
    default:
      return lawn.area;
  }
}

/**
 * The area of the lawn less its strip, with the error band of the paces, and the rectangle to treat in metres.
 * Refuses as `measureArea`; a strip as wide as the lawn leaves `area-not-positive`.
 */
export function measureRectangle(lawn: RectangleMeasure): Result<Ground, MeasureRefusal> {
  const { sides, strip, unit } = lawn;
  const paced = sides.how === 'paces';
  const length = paced ? quantity(sides.paces[0] * sides.pace.value, sides.pace.unit) : sides.length;
  const width = paced ? quantity(sides.paces[1] * sides.pace.value, sides.pace.unit) : sides.width;
  const part: Shape = paced ? { kind: 'paced', paces: sides.paces } : { kind: 'rectangle', length, width };
  const measured = measureArea({
    parts: [part],
    ...(strip && strip.value > 0 ? { minus: [{ kind: 'rectangle', length, width: strip }] } : {}),
    ...(paced ? { pace: sides.pace, paceErrorPct: sides.paceErrorPct } : {}),
    unit,
  });
  if ('refused' in measured) return measured;
  const stripM = strip ? inBase(strip) : 0;
  const [lengthM, widthM] = [valueIn(length, 'm'), inBase(width) - stripM];
  return answer({
    ...measured.ok,
    rings: [rectangleRing(lengthM, widthM)],
    ...{ lengthM, widthM, stripM, waterGapM: stripM },
    counted: NOTHING_COUNTED,
  });
}

/**
 * The other side of the rectangle to walk, where one side is known and what a load covers: both in one length unit and
 * its square.
 *
 * @example otherSide(150, 12) // 12.5
 */
export const otherSide = (covers: number, side: number): number | null =>
  covers > 0 && side > 0 ? covers / side : null;
