import { adult, type At } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { INK, line } from './parts';

const EYE = '#8a2c1a';
/** A stout fly: great eyes, short feelers, one pair of broad clear wings. */
const FLY: Body = {
  ...{ fill: '#83847e', high: 0.95, head: [0.16, 0.3], thorax: [0.34, 0.35], abdomen: [0.5, 0.36] },
  legs: [
    [0.17, 0.15, 0.12],
    [0.19, 0.18, 0.14],
    [0.21, 0.21, 0.16],
  ],
  ...{ feelers: { long: 0.07, kind: 'club' }, eyes: [0.095, EYE], spread: 0.6 },
  wings: { long: 0.84, rest: { pairs: 1, broad: 0.36, open: 24, raised: 16 } },
};
/** A thin one on long legs. */
const GNAT: Body = {
  ...{ fill: '#4a4743', high: 0.95, head: [0.12, 0.16], thorax: [0.26, 0.2], abdomen: [0.62, 0.12] },
  legs: [
    [0.26, 0.26, 0.26],
    [0.28, 0.28, 0.28],
    [0.32, 0.34, 0.32],
  ],
  ...{ feelers: { long: 0.4, kind: 'beads' }, eyes: [0.05, '#1b2021'], spread: 0.86 },
  wings: { long: 0.82, rest: { pairs: 1, broad: 0.24, open: 22, raised: 22 } },
};
const stripes = (at: At, across: readonly number[], width: number): string =>
  across.map((v) => line(`M${at(0.19, v).join(' ')}L${at(0.46, v).join(' ')}`, width)).join('');

/** Flies, gnats and mosquitoes, by the same figures but for what tells them apart. */
export const FLIES: Readonly<Record<string, Art>> = {
  'house-fly': adult('House fly', 7, { ...FLY, marks: (at) => stripes(at, [-0.1, -0.035, 0.035, 0.1], 2) }, [
    ...([107, 46, 18, 'four dark stripes behind the head'] as const),
  ]),
  'cluster-fly': adult(
    'Cluster fly',
    9,
    {
      ...FLY,
      ...{
        fill: '#55524c',
        thorax: [0.34, 0.38],
        fur: { of: 'thorax', long: 0.07, fill: '#c9942f' },
        marks: (at) =>
          [0.2, 0.27, 0.34, 0.41]
            .flatMap((u) =>
              [-0.12, -0.05, 0.05, 0.12].map((v) =>
                line(`M${at(u, v).join(' ')}l5 1`, 1.6).replace(INK, '#d9a53c'),
              ),
            )
            .join(''),
        abdomen: [0.5, 0.4],
      },
    },
    [107, 46, 20, 'golden hairs behind the head'],
  ),
  'fruit-fly': adult(
    'Fruit fly',
    3,
    {
      ...FLY,
      ...{ fill: '#d9b77c', eyes: [0.11, '#c22f1c'], head: [0.17, 0.32], thorax: [0.33, 0.32] },
      bands: {
        fill: '#8a6a3c',
        at: [
          [0.3, 0.36],
          [0.5, 0.57],
          [0.7, 0.8],
        ],
      },
    },
    [93, 46, 14, 'red eyes, tan'],
  ),
  'scuttle-fly': adult(
    'Scuttle fly',
    3,
    {
      ...FLY,
      ...{
        fill: '#8c6f50',
        head: [0.1, 0.18],
        eyes: [0.05, EYE],
        thorax: [0.42, 0.34],
        abdomen: [0.48, 0.26],
        high: 1.2,
      },
      legs: [
        [0.18, 0.16, 0.12],
        [0.2, 0.2, 0.14],
        [0.28, 0.26, 0.18],
      ],
      wings: { long: 0.74, rest: { pairs: 1, broad: 0.28, open: 14, raised: 8 } },
    },
    [108, 96, 17, 'humped; runs in jerks'],
  ),
  'drain-fly': adult(
    'Drain fly',
    3,
    {
      ...FLY,
      ...{
        fill: '#a59b8c',
        head: [0.13, 0.18],
        thorax: [0.3, 0.26],
        abdomen: [0.57, 0.3],
        eyes: [0.05, '#1b2021'],
      },
      ...{ feelers: { long: 0.4, kind: 'beads' }, fur: { of: 'all', long: 0.09, fill: '#8f8577' } },
      wings: { long: 0.9, rest: 'roof', fill: '#b3a999' },
    },
    [150, 46, 20, 'hairy wings like a moth'],
  ),
  'fungus-gnat': adult('Fungus gnat', 3, GNAT, [66, 40, 15, 'dark, thin, long feelers']),
  mosquito: adult(
    'Mosquito',
    6,
    {
      ...GNAT,
      ...{ fill: '#8b8376', beak: [0.4, 0.2], feelers: { long: 0.16, kind: 'thread' }, head: [0.1, 0.13] },
    },
    [60, 46, 13, 'a long beak'],
  ),
  'crane-fly-adult': adult(
    'Crane-fly',
    20,
    {
      ...GNAT,
      ...{ fill: '#b7a88a', head: [0.1, 0.1], feelers: { long: 0.2, kind: 'thread' }, spread: 1.2 },
      legs: [
        [0.46, 0.46, 0.5],
        [0.46, 0.46, 0.5],
        [0.52, 0.52, 0.56],
      ],
      wings: { long: 0.9, rest: { pairs: 1, broad: 0.2, open: 38, raised: 26 } },
    },
    [48, 12, 14, 'very long legs, two wings'],
  ),
};
