import { answer, type Result } from '../result';
import { inBase, quantity, valueIn, type Quantity } from '../units';
import { measureArea, type MeasuredArea, type MeasureRefusal, type Shape } from './measure';

/** A rectangular lawn as somebody measures it: by tape, or by paces of a calibrated length. */
export interface LawnMeasure {
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

export interface MeasuredLawn extends MeasuredArea {
  /** The rectangle to treat, in metres, the strip left out. */
  readonly lengthM: number;
  readonly widthM: number;
  readonly stripM: number;
}

/**
 * The area of the lawn less its strip, with the error band of the paces, and the rectangle to treat in metres.
 * Refuses as `measureArea`; a strip as wide as the lawn leaves `area-not-positive`.
 */
export function measureLawn(lawn: LawnMeasure): Result<MeasuredLawn, MeasureRefusal> {
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
  return answer({ ...measured.ok, lengthM: valueIn(length, 'm'), widthM: inBase(width) - stripM, stripM });
}
