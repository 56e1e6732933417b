import { fromAbove } from './from-above';
import { CHAFER, MOTH, ROACH } from './bodies';
import type { Body } from './measured';
import { line, oval, shape } from './parts';
import { DARK, TURF } from './scene-parts';

/** An animal from above with its front at a point, so large, turned by so many degrees. */
export const animal = (body: Body, x: number, y: number, k: number, turned = 0): string =>
  `<g transform="translate(${x} ${y}) rotate(${turned}) scale(${k}) translate(-70 -46)">${fromAbove(body)}</g>`;
export const waves = (x: number, y: number, n = 3): string =>
  Array.from({ length: n }, (_, i) => line(`M${x + i * 12} ${y}q8 -9 0 -18t0 -18`, 2)).join('');
export const arcs = (x: number, y: number): string =>
  [10, 20, 30]
    .map((r) => line(`M${x + r * 0.5} ${y - r}A${r} ${r} 0 0 1 ${x + r * 0.5} ${y + r * 0.5}`, 1.8))
    .join('');
export const blade = (x: number, notches: readonly number[]): string => {
  const edge = notches.map((y) => `L${x + 12} ${y + 7}L${x + 5} ${y}L${x + 12} ${y - 7}`).join('');
  return shape(`M${x} 140L${x + 12} 140${edge}L${x + 9} 30Q${x + 3} 16 ${x} 30Z`, TURF);
};
export const fly = (x: number, y: number, k = 1): string =>
  oval(x, y, 7 * k, 4.5 * k, DARK) +
  oval(x - 8 * k, y, 3 * k, 3 * k, '#8a2c1a') +
  line(`M${x} ${y}l${9 * k} ${-7 * k}M${x} ${y}l${9 * k} ${7 * k}`, 1.2);
export const bee = (x: number, y: number, fill = '#b58a55'): string =>
  oval(x, y, 10, 7, fill) +
  line(`M${x - 4} ${y - 7}v14M${x + 3} ${y - 7}v14`, 2) +
  oval(x + 3, y - 9, 8, 4, '#eef3f2') +
  line(`M${x - 9} ${y - 4}l-6 -4`, 1);
export const hole = (x: number, y: number, r = 7): string => oval(x, y, r, r * 0.6, '#2b2320');
export const BUG: Body = {
  ...ROACH,
  ...{
    fill: '#8d7658',
    thorax: [0.24, 0.48],
    abdomen: [0.64, 0.5],
    shoulders: true,
    wings: { long: 0.66, rest: 'crossed' },
  },
};
export const HUNTER: Body = {
  ...CHAFER,
  ...{
    fill: DARK,
    thorax: [0.24, 0.26],
    abdomen: [0.6, 0.36],
    feelers: { long: 0.4, kind: 'thread' },
    legs: ROACH.legs,
  },
};
const FLOWN: Body = { ...MOTH, ...{ fill: '#e6dcc2', wings: { long: 0.84, rest: 'roof' } } };
export const COPPER: Body = {
  ...FLOWN,
  marks: (at) =>
    [-1, 1]
      .map((side) =>
        shape(
          `M${at(0.64, 0).join(' ')}L${at(0.7, side * 0.1).join(' ')}L${at(1.15, side * 0.17).join(' ')}L${at(1.12, 0).join(' ')}Z`,
          '#a65b34',
        ),
      )
      .join(''),
};
export const person = (x: number, y: number): string =>
  oval(x, y, 10, 11, '#eac6a8') +
  shape(`M${x - 12} ${y + 12}H${x + 12}L${x + 8} ${y + 50}H${x - 8}Z`, '#6b8b9b') +
  line(
    `M${x - 4} ${y + 50}l-14 34M${x + 4} ${y + 50}l16 30M${x + 10} ${y + 18}l18 14M${x - 10} ${y + 18}l-16 16`,
    4,
  );
