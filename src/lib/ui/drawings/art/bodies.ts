import { fromAbove } from './from-above';
import { fromTheSide } from './from-the-side';
import type { Body } from './measured';
import type { Art } from './plate';
import { ABOVE, FROM, inPlace, onPlate, SPAN, type Plate } from './plate';

/** Both views of a body on one plate. */
export const bothViews = (body: Body): Plate =>
  inPlace(
    body.spread ?? Math.max(body.thorax[1], body.abdomen[1]) * (0.55 + body.high * 0.55),
    fromAbove(body),
    fromTheSide(body),
  );

/** Legs and feelers go so far beyond a body of full length; a smaller one has legs or wings that stand off. */
const [WIDE, NARROW, TALL] = [184, 134, 90];

/** A grown one, or a young one that is like it, by its figures. */
export function adult(title: string, lengthMm: number, body: Body, mark: Art['mark']): Art {
  const plate = bothViews(body);
  const wide = Math.max(NARROW, (WIDE * plate.span) / SPAN);
  const box = `${(FROM + SPAN / 2 - wide / 2).toFixed(1)} ${ABOVE - TALL / 2} ${wide.toFixed(1)} ${TALL}`;
  return { ...onPlate(title, lengthMm, plate, mark), close: { art: plate.above ?? plate.art, box } };
}

export const CHAFER: Body = {
  ...{ fill: '#b98a4f', high: 0.82, head: [0.13, 0.24], thorax: [0.2, 0.42], abdomen: [0.67, 0.5] },
  legs: [
    [0.14, 0.12, 0.1],
    [0.16, 0.14, 0.12],
    [0.18, 0.17, 0.14],
  ],
  feelers: { long: 0.16, kind: 'fan' },
  wings: { long: 0.66, rest: 'cases' },
};
export const MOTH: Body = {
  ...{ fill: '#a8977c', high: 0.9, head: [0.12, 0.14], thorax: [0.26, 0.24], abdomen: [0.62, 0.2] },
  legs: [
    [0.1, 0.1, 0.08],
    [0.14, 0.14, 0.1],
    [0.16, 0.18, 0.12],
  ],
  feelers: { long: 0.4, kind: 'thread' },
  wings: { long: 0.78, rest: 'roof' },
};
export const ROACH: Body = {
  ...{ fill: '#c7975a', high: 0.42, head: [0.08, 0.2], thorax: [0.3, 0.42], abdomen: [0.62, 0.5] },
  legs: [
    [0.16, 0.16, 0.1],
    [0.2, 0.2, 0.12],
    [0.24, 0.28, 0.16],
  ],
  ...{ feelers: { long: 0.55, kind: 'thread' as const }, tail: 0.12 },
};
export const WEEVIL: Body = {
  ...{ fill: '#5b5148', high: 0.85, head: [0.2, 0.1], thorax: [0.24, 0.3], abdomen: [0.56, 0.38] },
  legs: CHAFER.legs,
  ...{ feelers: { long: 0.16, kind: 'elbowed' as const }, wings: { long: 0.56, rest: 'cases' as const } },
};

/** Where a mark lies: a share of the length from the front, across from the middle. */
export type At = Parameters<NonNullable<Body['marks']>>[0];
/** The same on both sides of the middle. */
export const onBoth = (of: (side: number) => string): string => [-1, 1].map(of).join('');
/** The legs of another body, so many times as long. */
export const legsOf = ({ legs }: Body, long: number): Body['legs'] =>
  legs.map(([femur, tibia, foot]) => [femur * long, tibia * long, foot * long] as const);
