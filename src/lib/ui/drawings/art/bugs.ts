import { adult, CHAFER, MOTH, onBoth, type At } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { inked, line, shape } from './parts';

const dash = (
  at: At,
  from: readonly [number, number],
  to: readonly [number, number],
  width: number,
): string => line(`M${at(...from).join(' ')}L${at(...to).join(' ')}`, width);

/** A flat bug: shoulders, a shield between them, and wings crossed over the back, clear at the tips. */
const BUG: Body = {
  ...{ fill: '#8d7658', high: 0.42, head: [0.12, 0.18], thorax: [0.23, 0.5], abdomen: [0.65, 0.5] },
  legs: [
    [0.18, 0.18, 0.1],
    [0.2, 0.2, 0.12],
    [0.24, 0.26, 0.14],
  ],
  ...{ feelers: { long: 0.44, kind: 'thread' }, shoulders: true },
  wings: { long: 0.67, rest: 'crossed' },
};

/** Bugs that suck, and moths at rest, by the same figures but for what tells them apart. */
export const BUGS: Readonly<Record<string, Art>> = {
  'stink-bug': adult(
    'Brown marmorated stink bug',
    15,
    {
      ...BUG,
      ...{
        feelers: { long: 0.46, kind: 'thread', ringed: '#fffefa' },
        thorax: [0.22, 0.62],
        abdomen: [0.66, 0.58],
      },
      ...{ bands: { fill: '#3f342a', at: [] } },
      marks: (at) =>
        onBoth((side) =>
          [0.42, 0.52, 0.62, 0.72]
            .map((u, i) =>
              inked(
                dash(at, [u, side * (0.29 - i * 0.03)], [u + 0.05, side * (0.28 - i * 0.03)], 4),
                '#f3ecd9',
              ),
            )
            .join(''),
        ),
    },
    [56, 36, 16, 'white bands on the feelers'],
  ),
  'boxelder-bug': adult(
    'Boxelder bug',
    13,
    {
      ...BUG,
      ...{ fill: '#2e2a29', head: [0.13, 0.16], thorax: [0.21, 0.32], abdomen: [0.66, 0.36] },
      marks: (at) =>
        inked(
          dash(at, [0.15, 0], [0.33, 0], 3) +
            onBoth(
              (side) =>
                dash(at, [0.16, side * 0.08], [0.33, side * 0.15], 3) +
                dash(at, [0.38, side * 0.16], [0.62, side * 0.15], 2.4),
            ),
          '#c4452c',
        ),
    },
    [97, 46, 17, 'three red lines behind the head'],
  ),
  'bed-bug': adult(
    'Bed bug',
    5,
    {
      ...{ fill: '#a65b34', high: 0.2, head: [0.12, 0.22], thorax: [0.2, 0.5], abdomen: [0.68, 0.7] },
      ...{ legs: CHAFER.legs, feelers: { long: 0.22, kind: 'thread' }, wings: { long: 0.13, rest: 'pads' } },
    },
    [140, 46, 26, 'flat, apple-seed shaped, no wings'],
  ),
  'chinch-bug': adult(
    'Chinch bug',
    3.5,
    {
      ...BUG,
      ...{ fill: '#3a3330', head: [0.15, 0.17], thorax: [0.25, 0.25], abdomen: [0.6, 0.29], high: 0.6 },
      ...{ feelers: { long: 0.26, kind: 'club' }, legs: CHAFER.legs },
      wings: { long: 0.6, rest: 'crossed', fill: '#fffefa' },
      marks: (at) =>
        onBoth((side) => {
          const [x, y] = at(0.66, side * 0.13);
          return inked(shape(`M${x - 9} ${y}h16l-8 ${side * -9}Z`, '#23282a'), '#23282a');
        }),
    },
    [145, 46, 18, 'white wings, a black spot'],
  ),
  aphid: adult(
    'Aphid',
    2.5,
    {
      ...{ fill: '#9dbb6e', high: 0.85, head: [0.13, 0.22], thorax: [0.2, 0.36], abdomen: [0.67, 0.54] },
      legs: [
        [0.18, 0.24, 0.08],
        [0.2, 0.26, 0.08],
        [0.24, 0.34, 0.1],
      ],
      ...{ feelers: { long: 0.66, kind: 'thread' } },
      marks: (at) => onBoth((side) => dash(at, [0.82, side * 0.17], [0.98, side * 0.24], 3.4)),
    },
    [178, 66, 14, 'two small tubes at the tail'],
  ),
  'sod-webworm-adult': adult(
    'Sod webworm moth',
    12,
    {
      ...MOTH,
      ...{ fill: '#d8cba6', head: [0.1, 0.12], thorax: [0.22, 0.18], abdomen: [0.68, 0.15], beak: [0.12, 0] },
      wings: { long: 0.86, rest: 'roof' },
    },
    [62, 46, 14, 'small and pale, snout in front'],
  ),
  'clothes-moth': adult(
    'Clothes moth',
    7,
    {
      ...MOTH,
      ...{
        fill: '#d9bf78',
        headFill: '#b0602f',
        head: [0.13, 0.17],
        thorax: [0.25, 0.2],
        abdomen: [0.62, 0.18],
      },
      ...{ fur: { of: 'thorax', long: 0.02 }, wings: { long: 0.82, rest: 'roof', fill: '#dcc684' } },
    },
    [78, 46, 15, 'plain golden, reddish head'],
  ),
  'meal-moth': adult(
    'Meal moth',
    9,
    {
      ...MOTH,
      ...{
        fill: '#e6dcc2',
        head: [0.12, 0.14],
        thorax: [0.25, 0.2],
        abdomen: [0.63, 0.18],
        headFill: '#a65b34',
      },
      wings: { long: 0.84, rest: 'roof' },
      marks: (at) =>
        onBoth((side) => {
          const tip = [
            at(0.62, side * 0.005),
            at(0.7, side * 0.098),
            at(1.16, side * 0.165),
            at(1.18, side * 0.08),
            at(1.13, side * 0.005),
          ];
          return shape(`M${tip.map((p) => p.join(' ')).join('L')}Z`, '#a65b34');
        }),
    },
    [172, 46, 20, 'copper at the tips of the wings'],
  ),
};
