import { answer, invalid, type Result } from '../result';
import { aboveZero, ceilOf, firstRefusals, isAbove } from '../units';

export interface RectangleLanes {
  /** Degrees anticlockwise from the length: 0 along it, 90 across. */
  readonly direction: 0 | 90;
  /** Centre lines in walking order, x along the length from 0, y along the width from 0, in metres. */
  readonly lanes: readonly (readonly [x1: number, y1: number, x2: number, y2: number])[];
  /** Distance between neighbouring lines. */
  readonly spacingM: number;
  readonly sprayedM: number;
  /** Sprayed length and the moves between lanes. */
  readonly pathM: number;
}

/**
 * Lanes over a rectangle of lengthM × widthM, every other one walked backwards. With H the extent across them: one
 * lane if H ≤ swath, else ⌈(H − swath) ÷ (swath·(1 − overlap))⌉ + 1, the first and last half a swath inside the edge,
 * evenly spaced. `overlap` is a share, 0 ≤ overlap < 1; at most 5,000 lanes.
 *
 * @example rectangleLanes({ lengthM: 24, widthM: 14, swathM: 2, overlap: 0, direction: 0 }) // 7 lanes of 24 m
 */
export function rectangleLanes(input: {
  lengthM: number;
  widthM: number;
  swathM: number;
  overlap: number;
  direction: 0 | 90;
}): Result<RectangleLanes, 'invalid-input'> {
  const { lengthM, widthM, swathM, overlap, direction } = input;
  const refused = firstRefusals(() => [
    ...aboveZero('lengthM', lengthM),
    ...aboveZero('widthM', widthM),
    ...aboveZero('swathM', swathM),
    ...(overlap >= 0 && overlap < 1
      ? []
      : [invalid('overlap', 'a-number-in-range', { from: 0, to: 1, seen: overlap })]),
  ]);
  if (refused.length > 0) return { refused };
  const [along, across] = direction === 0 ? [lengthM, widthM] : [widthM, lengthM];
  const count = isAbove(across, swathM) ? ceilOf((across - swathM) / (swathM * (1 - overlap))) + 1 : 1;
  if (count > 5000) return { refused: [invalid('swathM', 'at-most', { limit: 5000, seen: count })] };
  const spacingM = count === 1 ? 0 : (across - swathM) / (count - 1);
  const lanes = Array.from({ length: count }, (_, i): [number, number, number, number] => {
    const offset = count === 1 ? across / 2 : swathM / 2 + i * spacingM;
    const [from, to] = i % 2 === 0 ? [0, along] : [along, 0];
    return direction === 0 ? [from, offset, to, offset] : [offset, from, offset, to];
  });
  return answer({
    direction,
    lanes,
    spacingM,
    sprayedM: count * along,
    pathM: count * along + (count - 1) * spacingM,
  });
}

export interface Checkpoint {
  readonly share: number;
  readonly lane: number;
  /** How far along that lane, as a share of it. */
  readonly along: number;
}

/** Where a quarter, half and three quarters of the lanes are walked: there the tank is compared with the plan. */
export function checkpointsOf(lanes: RectangleLanes): Checkpoint[] {
  return [0.25, 0.5, 0.75].map((share) => {
    const walked = share * lanes.lanes.length;
    const lane = Math.min(lanes.lanes.length - 1, Math.floor(walked));
    return { share, lane, along: walked - lane };
  });
}
