import { ceilOf, floorOf } from '../units';

/** What comes in packs that are opened whole: living nematodes on a sponge, in a tray. All amounts in one unit. */
export interface PacksInput {
  /** What the chosen rate asks for, and what the label's least and most would be, on this ground. */
  readonly need: number;
  readonly least: number;
  readonly most: number;
  readonly pack: number;
}

export interface Packs {
  /** Packs that are opened. */
  readonly packs: number;
  /** What goes down: all that is in them, or the part that is needed where all of it would pass the label's most. */
  readonly laid: number;
  readonly whole: boolean;
}

/**
 * Whole packs by default: an opened pack does not keep. The next whole number up where that stays within the label's most, else the
 * next one down where that reaches its least; where neither does, the part that is needed of the packs that hold it. `pack` is
 * above 0; nothing needed is no pack.
 *
 * @example wholePacks({ need: 168, least: 168, most: 252, pack: 50 }) // 4 packs, all 200 of them
 */
export function wholePacks({ need, least, most, pack }: PacksInput): Packs {
  if (!(need > 0) || !(pack > 0)) return { packs: 0, laid: 0, whole: true };
  const up = ceilOf(need / pack);
  if (up * pack <= most * (1 + 1e-9)) return { packs: up, laid: up * pack, whole: true };
  const down = floorOf(need / pack);
  if (down > 0 && down * pack >= least * (1 - 1e-9)) return { packs: down, laid: down * pack, whole: true };
  return { packs: up, laid: need, whole: false };
}

export interface Stock {
  readonly packs: number;
  /** Stock that they are rinsed out into, in litres, and the share of it that goes down (1 for all). */
  readonly litres: number;
  readonly share: number;
  /** Litres of stock for each fill. */
  readonly fills: readonly number[];
}

/**
 * Packs rinsed out into stock, so much for each, and what of it goes into each fill, by the product that the fill has.
 *
 * @example stockOf({ packs: 4, laid: 200, whole: true }, 5, [89.3, 89.3, 21.4]) // 20 l of stock: 8.93, 8.93 and 2.14 l
 */
export function stockOf(packs: Packs, pack: number, litresEach: number, loads: readonly number[]): Stock {
  const litres = packs.packs * litresEach;
  const held = packs.packs * pack;
  return {
    packs: packs.packs,
    litres,
    share: held > 0 ? packs.laid / held : 0,
    fills: loads.map((product) => (pack > 0 ? (product / pack) * litresEach : 0)),
  };
}
