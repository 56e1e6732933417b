import { answer, invalid, type Result } from '../result';
import {
  aboveZero,
  firstRefusals,
  floorOf,
  measures,
  notNegative,
  quantity,
  valueIn,
  type Quantity,
} from '../units';
import type { BasicRefusal } from './flow';

/** Length of one pace, in the distance's unit. `pace({ distance: 100 ft, paces: 38 })` is 2.63 ft. */
export function pace(input: { distance: Quantity; paces: number }): Result<{ pace: Quantity }, BasicRefusal> {
  const { distance, paces } = input;
  const refused = firstRefusals<BasicRefusal>(
    () => [...notNegative('distance.value', distance.value), ...aboveZero('paces', paces)],
    () => measures('distance.unit', distance, 'length'),
  );
  if (refused.length > 0) return { refused };
  return answer({ pace: quantity(distance.value / paces, distance.unit) });
}

export interface GridInput {
  readonly radius?: Quantity | undefined;
  readonly spacing?: Quantity | undefined;
  readonly length?: Quantity | undefined;
  readonly width?: Quantity | undefined;
}

/**
 * A square grid of lures or spots, by its spacing or by a detection radius: in a cell of side radius·√2 no place lies
 * further than the radius from a corner. With length and width the points on the area.
 */
export function grid(input: GridInput): Result<{ spacing: Quantity; points?: number }, BasicRefusal> {
  const { radius, spacing: given, length, width } = input;
  const spacing = radius ? quantity(radius.value * Math.SQRT2, radius.unit) : given;
  if ((radius === undefined) === (given === undefined) || !spacing)
    return {
      refused: [
        invalid(radius && given ? 'spacing' : 'radius', radius && given ? 'not-together' : 'needed', {
          key: 'radius',
          other: 'spacing',
        }),
      ],
    };
  if ((length === undefined) !== (width === undefined))
    return {
      refused: [
        invalid(length ? 'width' : 'length', 'needs-other-key', {
          key: length ? 'length' : 'width',
          needs: length ? 'width' : 'length',
        }),
      ],
    };
  const refused = firstRefusals<BasicRefusal>(
    () => [
      ...aboveZero('radius.value', radius?.value),
      ...aboveZero('spacing.value', given?.value),
      ...notNegative('length.value', length?.value),
      ...notNegative('width.value', width?.value),
    ],
    () => [
      ...measures('radius.unit', radius, 'length'),
      ...measures('spacing.unit', given, 'length'),
      ...measures('length.unit', length, 'length'),
      ...measures('width.unit', width, 'length'),
    ],
  );
  if (refused.length > 0) return { refused };
  if (!length || !width) return answer({ spacing });
  const along = (side: Quantity): number => floorOf(valueIn(side, spacing.unit) / spacing.value) + 1;
  return answer({ spacing, points: along(length) * along(width) });
}
