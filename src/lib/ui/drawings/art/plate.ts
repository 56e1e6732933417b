/**
 * Bodies drawn from their proportions, each a share of the body’s length, so that the view from above, the view from the side and the
 * bar of true size come from the same figures, and what differs between two look-alikes is a figure and nothing by accident.
 */

/** Over so many units of the field lies a body of full length, in both of its views. */
export const SPAN = 112;
export const FROM = 70;
/** Where the view from above lies, and the ground under the view from the side. */
export const [ABOVE, GROUND] = [46, 128];

export const units = (share: number): number => share * SPAN;
export const point = ([x, y]: readonly [number, number]): string => `${x.toFixed(1)} ${y.toFixed(1)}`;

/** A drawing with its telling feature. */
export interface Art {
  readonly title: string;
  /** The usual body length, to which the drawing is true. */
  readonly lengthMm: number;
  /** So many units of the field are that long; 160 where nothing is said. */
  readonly span?: number;
  readonly art: string;
  readonly mark: readonly [x: number, y: number, r: number, text: string];
  /** What is enough where it is shown small: the view from above, and the part of the field that it takes. */
  readonly close?: { readonly art: string; readonly box: string };
}

export interface Plate {
  readonly art: string;
  /** The view from above alone, where there are two. */
  readonly above?: string;
  /** So many units of the field are the body’s length. */
  readonly span: number;
  /** Where a point of the full-sized views lies on the plate. */
  readonly at: (x: number, y: number) => readonly [number, number];
}

/** What is broad is drawn smaller, so that its two views do not lie on each other. */
const BROAD = 0.36;
export const inPlace = (broad: number, above: string, side: string): Plate => {
  const k = Math.min(1, BROAD / broad);
  const [x, y] = [FROM + SPAN / 2, ABOVE];
  const at = (cy: number, part: string): string =>
    k === 1
      ? part
      : `<g transform="translate(${(x * (1 - k)).toFixed(1)} ${(cy * (1 - k)).toFixed(1)}) scale(${k.toFixed(3)})">${part}</g>`;
  return {
    art: at(y, above) + at(GROUND, side),
    above: at(y, above),
    span: SPAN * k,
    at: (px, py) => {
      const middle = py < (ABOVE + GROUND) / 2 ? ABOVE : GROUND;
      return [x + (px - x) * k, middle + (py - middle) * k];
    },
  };
};

/** The ring goes with the body, where that is drawn smaller. */
export const onPlate = (
  title: string,
  lengthMm: number,
  { art, span, at }: Plate,
  [x, y, r, text]: Art['mark'],
): Art => ({
  ...{ title, lengthMm, art, span },
  mark: [...at(x, y), r, text],
});
