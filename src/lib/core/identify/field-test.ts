import { inBase, valueIn, type Quantity, type System, type Unit } from '../units';
import type { Surrounding } from './candidate';

/**
 * What the number of a field test is told per: an area, so many nights of a trap, minutes of watching, or a spot. A
 * frame is then an area, or so many nights or minutes, or one spot.
 */
export type CountBasis = 'm2' | '100 m2' | 'night' | 'minute' | 'spot';

export interface FieldTest {
  readonly id: string;
  readonly name: string;
  readonly places: readonly Surrounding[];
  readonly basis: CountBasis;
  /** What is counted. */
  readonly count: string;
  /** What one numbered reading is called: a trap, a lure, a flap. */
  readonly each: string;
  /** What of the catalogue it counts, beside all whose threshold goes by it. */
  readonly catches: readonly string[];
  readonly frame: Quantity;
  readonly units: readonly Unit[];
  readonly spots: number;
  /** What is done, in order; a step with seconds has a timer. */
  readonly steps: readonly { readonly text: string; readonly seconds: number | null }[];
  /** What is needed for each m² of frame. */
  readonly recipe: readonly { readonly what: string; readonly perM2: Quantity }[];
  readonly not: string;
}

/** The recipe of a field test for the frame at hand; its amounts grow with the area of the frame. */
export function recipeFor(
  test: FieldTest,
  frame: Quantity,
): readonly { readonly what: string; readonly amount: Quantity }[] {
  const area = inBase(frame);
  return test.recipe.map(({ what, perM2 }) => ({
    what,
    amount: { value: perM2.value * area, unit: perM2.unit },
  }));
}

/** Densities are reckoned per m², night, minute or spot; so many of those make one of what is shown. */
export const shownPer = (basis: CountBasis): number => (basis === '100 m2' ? 100 : 1);

/**
 * The frame that a test opens with: its own, or where frames are feet the square of whole feet nearest to it (1, 2 or 3
 * feet a side), a round figure for larger ground, tenths for smaller. Other frames are nights, minutes or spots.
 *
 * @example usualFrame(soapFlush, 'us') // 9 ft², where the test has 1 m²
 */
export function usualFrame({ frame, units }: Pick<FieldTest, 'frame' | 'units'>, system: System): Quantity {
  if (system !== 'us' || frame.unit !== 'm2' || !units.includes('ft2')) return frame;
  const ft2 = valueIn(frame, 'ft2');
  const value =
    ft2 >= 100
      ? Number(ft2.toPrecision(1))
      : ft2 >= 0.8
        ? Math.max(1, Math.floor(Math.sqrt(ft2))) ** 2
        : Number(ft2.toPrecision(1));
  return { value, unit: 'ft2' };
}
