import { adult, CHAFER, legsOf, MOTH, onBoth, ROACH } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { dot, INK, line, oval, shape } from './parts';

const PALE = '#f3ecd9';
const legs = (long: number): Body['legs'] => legsOf(ROACH, long);

/** A bristletail: it narrows to three threads, and has scales instead of wings. */
const BRISTLETAIL: Body = {
  ...{ fill: '#c8cdd0', high: 0.45, head: [0.1, 0.17], thorax: [0.28, 0.28], abdomen: [0.62, 0.26] },
  ...{ legs: legs(0.55), feelers: { long: 0.6, kind: 'thread' }, pointed: true, spread: 0.5 },
};
const threads = (long: number): Pick<Body, 'tail' | 'marks' | 'sideMarks'> => ({
  tail: long,
  marks: (at) => line(`M${at(0.97, 0).join(' ')}L${at(1 + long, 0).join(' ')}`),
  sideMarks: (at) =>
    line(
      `M${at(0.97, 0).join(' ')}L${at(1 + long, -0.02).join(' ')}M${at(0.97, 0).join(' ')}L${at(1 + long * 0.9, -0.09).join(' ')}`,
    ),
});

/** Insects that are of no larger family here, by their own figures. */
export const OTHERS: Readonly<Record<string, Art>> = {
  termite: adult(
    'Termite worker',
    5,
    {
      ...{
        fill: PALE,
        headFill: '#e0bf86',
        high: 0.85,
        head: [0.17, 0.2],
        thorax: [0.22, 0.17],
        abdomen: [0.61, 0.24],
      },
      ...{ legs: legs(0.55), feelers: { long: 0.24, kind: 'beads' } },
    },
    [112, 46, 17, 'no waist, straight feelers'],
  ),
  booklouse: adult(
    'Booklouse',
    1.2,
    {
      ...{
        fill: PALE,
        headFill: '#e7d8b4',
        high: 0.6,
        head: [0.22, 0.27],
        thorax: [0.18, 0.18],
        abdomen: [0.6, 0.3],
      },
      ...{ legs: legs(0.6), feelers: { long: 0.6, kind: 'thread' } },
    },
    [82, 46, 18, 'minute, pale, a broad head'],
  ),
  silverfish: adult('Silverfish', 10, { ...BRISTLETAIL, ...threads(0.34) }, [
    ...([194, 46, 20, 'three tail threads, even silver'] as const),
  ]),
  firebrat: adult(
    'Firebrat',
    11,
    {
      ...BRISTLETAIL,
      ...{ fill: '#d5c7a3', ...threads(0.5) },
      bands: {
        fill: '#5a4a34',
        at: [
          [0.05, 0.13],
          [0.22, 0.29],
          [0.38, 0.45],
          [0.54, 0.6],
          [0.7, 0.75],
        ],
      },
    },
    [140, 46, 20, 'mottled, dark bands'],
  ),
  'grey-silverfish': adult(
    'Grey silverfish',
    15,
    { ...BRISTLETAIL, ...{ fill: '#a9a7a1', ...threads(0.62), fur: { of: 'all', long: 0.025 } } },
    [206, 46, 24, 'tails as long as the body; bristles'],
  ),
  flea: adult(
    'Flea',
    2.5,
    {
      ...{
        fill: '#a65b34',
        high: 2.1,
        spread: 0.46,
        head: [0.15, 0.14],
        thorax: [0.24, 0.18],
        abdomen: [0.61, 0.22],
      },
      legs: [
        [0.13, 0.13, 0.12],
        [0.16, 0.17, 0.15],
        [0.26, 0.3, 0.24],
      ],
      feelers: { long: 0.06, kind: 'club' },
    },
    [150, 110, 20, 'flat sideways, jumping legs'],
  ),
  earwig: adult(
    'Earwig',
    14,
    {
      ...{ fill: '#8a5a2b', high: 0.45, head: [0.12, 0.15], thorax: [0.2, 0.17], abdomen: [0.68, 0.18] },
      ...{
        legs: legs(0.55),
        feelers: { long: 0.4, kind: 'beads' },
        wings: { long: 0.22, rest: 'cases', fill: '#a65b34' },
      },
      ...{ bands: { fill: '#8a5a2b', at: [] } },
      marks: (at) =>
        onBoth((side) => {
          const [x, y] = at(0.97, side * 0.05);
          return line(`M${x} ${y}q14 ${side * 9} 24 ${side * -3}`, 3.4);
        }),
      sideMarks: (at) => line(`M${at(0.97, 0).join(' ')}q12 2 24 -3`, 3.4),
    },
    [192, 46, 17, 'pincers at the tail'],
  ),
  'mole-cricket': adult(
    'Mole cricket',
    40,
    {
      ...{ fill: '#8a5a2b', high: 0.85, head: [0.13, 0.17], thorax: [0.27, 0.26], abdomen: [0.6, 0.22] },
      legs: [
        [0.14, 0.14, 0.03],
        [0.1, 0.1, 0.05],
        [0.18, 0.16, 0.06],
      ],
      ...{
        feelers: { long: 0.2, kind: 'thread' },
        wings: { long: 0.38, rest: 'flat', fill: '#b08a58' },
        tail: 0.22,
      },
      marks: (at) =>
        onBoth((side) => {
          const [[ax, ay], [bx, by]] = [at(0.2, side * 0.1), at(0.03, side * 0.17)];
          return shape(
            `M${ax} ${ay}L${bx} ${by}l-9 ${side * -3}l3 ${side * 4}l-6 ${side * 2}l6 ${side * 4}l${ax - bx} ${ay - by}Z`,
            '#6b4526',
          );
        }),
    },
    [64, 64, 17, 'digging front legs'],
  ),
  springtail: adult(
    'Springtail',
    2,
    {
      ...{ fill: '#8f949a', high: 0.95, head: [0.18, 0.19], thorax: [0.22, 0.2], abdomen: [0.6, 0.24] },
      ...{ legs: legs(0.4), feelers: { long: 0.3, kind: 'beads' } },
      sideMarks: (at) =>
        line(`M${at(0.86, -0.06).join(' ')}Q${at(0.74, -0.24).join(' ')} ${at(0.46, -0.16).join(' ')}`, 2.4),
    },
    [148, 116, 18, 'a fork folded below: it hops'],
  ),
  lanternfly: adult(
    'Spotted lanternfly',
    25,
    {
      ...MOTH,
      ...{
        fill: '#6b6558',
        head: [0.15, 0.2],
        thorax: [0.2, 0.26],
        abdomen: [0.65, 0.24],
        feelers: { long: 0.05, kind: 'club' },
      },
      wings: { long: 0.84, rest: 'roof', fill: '#b9b3a6' },
      marks: (at) =>
        onBoth((side) =>
          (
            [
              [0.46, 0.05],
              [0.56, 0.11],
              [0.6, 0.04],
              [0.7, 0.09],
              [0.76, 0.17],
              [0.84, 0.06],
            ] as const
          )
            .map(([u, v]) => dot(...at(u, side * v), 3))
            .join(''),
        ) + oval(...at(0.98, 0), 9, 6, '#c2412b'),
      sideMarks: (at) =>
        (
          [
            [0.5, 0.1],
            [0.6, 0.06],
            [0.7, 0.11],
            [0.8, 0.03],
          ] as const
        )
          .map(([u, v]) => dot(...at(u, v), 3))
          .join('') +
        shape(
          `M${at(0.66, -0.1).join(' ')}L${at(1.02, -0.13).join(' ')}L${at(0.94, -0.03).join(' ')}Z`,
          '#c2412b',
        ),
    },
    [178, 46, 17, 'red behind, black spots in front'],
  ),
  'carpet-beetle-adult': adult(
    'Carpet beetle',
    3,
    {
      ...CHAFER,
      ...{ fill: '#4a3a30', head: [0.06, 0.2], thorax: [0.2, 0.46], abdomen: [0.74, 0.62], high: 0.7 },
      ...{
        feelers: { long: 0.1, kind: 'club' },
        legs: legs(0.4),
        wings: { long: 0.78, rest: 'cases' },
        spread: 0.5,
      },
      marks: (at) =>
        onBoth((side) =>
          (
            [
              [0.4, 0.2],
              [0.58, 0.1],
              [0.66, 0.24],
              [0.84, 0.1],
            ] as const
          )
            .map(([u, v]) => oval(...at(u, side * v), 6, 4, '#d9c79c'))
            .join(''),
        ),
    },
    [140, 46, 24, 'mottled, round, seen at windows'],
  ),
  'house-cricket': adult(
    'House cricket',
    18,
    {
      ...{
        fill: '#c79a5c',
        headFill: '#d9b77c',
        high: 0.75,
        head: [0.16, 0.22],
        thorax: [0.2, 0.26],
        abdomen: [0.64, 0.26],
      },
      legs: [
        [0.12, 0.12, 0.08],
        [0.14, 0.14, 0.1],
        [0.38, 0.36, 0.12],
      ],
      ...{
        feelers: { long: 0.6, kind: 'thread' },
        wings: { long: 0.56, rest: 'flat', fill: '#d3ad72' },
        tail: 0.26,
      },
      marks: (at) =>
        [0.03, 0.07, 0.11]
          .map((u) =>
            line(`M${at(u, -0.08).join(' ')}L${at(u, 0.08).join(' ')}`, 2.6).replace(INK, '#6b4526'),
          )
          .join(''),
    },
    [80, 46, 16, 'three dark bars across the head'],
  ),
  'dampwood-termite': adult(
    'Dampwood termite',
    15,
    {
      ...{
        fill: '#e8d6ae',
        headFill: '#9a5a2c',
        high: 0.8,
        head: [0.22, 0.22],
        thorax: [0.2, 0.18],
        abdomen: [0.58, 0.24],
      },
      ...{ legs: legs(0.55), feelers: { long: 0.22, kind: 'beads' } },
      marks: (at) =>
        onBoth((side) => line(`M${at(0.02, side * 0.05).join(' ')}q-9 ${side * 1} -11 ${side * -5}`, 2.4)),
    },
    [82, 46, 18, 'large; a red-brown head'],
  ),
};
