import { adult, CHAFER, MOTH, ROACH } from './bodies';
import { COCKROACHES } from './cockroaches';
import { LARVAE } from './larvae';
import type { Body } from './measured';
import type { Art } from './plate';
import { NESTS } from './nests';
import { dot, line, oval, shape } from './parts';

const SWARMER: Body = {
  ...{ fill: '#3f332b', high: 0.8, head: [0.16, 0.16], thorax: [0.28, 0.18], abdomen: [0.56, 0.18] },
  legs: [
    [0.08, 0.08, 0.05],
    [0.09, 0.09, 0.06],
    [0.1, 0.11, 0.07],
  ],
  feelers: { long: 0.24, kind: 'beads' },
  wings: { long: 1.05, rest: 'alike' },
};

/** Stages that are met beside the one an entry is drawn by: beetles and moths of grubs and caterpillars, larvae, young, and nests. */
export const STAGES: Readonly<Record<string, Art>> = {
  ...COCKROACHES,
  ...LARVAE,
  ...NESTS,
  'masked-chafer-adult': adult(
    'Masked chafer',
    12,
    {
      ...CHAFER,
      ...{ fill: '#c9a05e', headFill: '#4a3524' },
      marks: (at) => oval(...at(0.08, 0), 7, 11, '#3a2a1e'),
    },
    [78, 46, 15, 'a dark mask over the eyes'],
  ),
  'oriental-beetle-adult': adult(
    'Oriental beetle',
    10,
    {
      ...CHAFER,
      fill: '#cdb894',
      marks: (at) =>
        [0.42, 0.55, 0.68]
          .flatMap((u) => [-0.12, 0.12].map((v) => oval(...at(u, v), 6, 4, '#3a3330')))
          .join('') + [-0.1, 0.1].map((v) => oval(...at(0.22, v), 5, 6, '#3a3330')).join(''),
    },
    [120, 34, 16, 'dark blots on tan'],
  ),
  'black-beetle-adult': adult(
    'African black beetle',
    13,
    {
      ...CHAFER,
      ...{ fill: '#33302e', abdomen: [0.62, 0.54], high: 0.92 },
      feelers: { long: 0.1, kind: 'club' },
    },
    [86, 108, 22, 'shiny black, high and stout'],
  ),
  'grass-grub-adult': adult(
    'Grass grub beetle',
    9,
    { ...CHAFER, ...{ fill: '#b07a45', abdomen: [0.7, 0.46] } },
    [130, 46, 24, 'plain tan brown, flies at dusk'],
  ),
  'armyworm-adult': adult(
    'Armyworm moth',
    20,
    {
      ...MOTH,
      ...{ fill: '#b5a07c' },
      marks: (at) => [-0.07, 0.07].map((v) => dot(...at(0.66, v), 3)).join(''),
    },
    [140, 46, 16, 'a small dot on each wing'],
  ),
  'cutworm-adult': adult(
    'Cutworm moth',
    22,
    {
      ...MOTH,
      ...{ fill: '#7d7264', wings: { long: 0.84, rest: 'roof', fill: '#857a6b' } },
      marks: (at) => [-0.06, 0.06].map((v) => line(`M${at(0.6, v)[0]} ${at(0.5, v)[1]}h22`, 4)).join(''),
    },
    [136, 36, 18, 'a dark dash on each wing'],
  ),
  'bed-bug-nymph': adult(
    'Bed bug, young',
    3,
    {
      ...{ fill: '#e9d3a0', high: 0.22, head: [0.12, 0.22], thorax: [0.24, 0.5], abdomen: [0.64, 0.66] },
      ...{ legs: CHAFER.legs, feelers: { long: 0.2, kind: 'thread' } },
      marks: (at) => oval(...at(0.62, 0), 20, 13, '#9c2f22'),
    },
    [140, 46, 24, 'straw pale, red after a meal'],
  ),
  'chinch-bug-nymph': adult(
    'Chinch bug, young',
    2,
    {
      ...{ fill: '#b5452e', high: 0.5, head: [0.16, 0.2], thorax: [0.3, 0.3], abdomen: [0.54, 0.4] },
      ...{ legs: CHAFER.legs, feelers: { long: 0.26, kind: 'club' } },
      marks: (at) => shape(`M${at(0.46, 0)[0]} ${at(0, -0.19)[1]}h8V${at(0, 0.19)[1]}h-8Z`, '#fffefa'),
    },
    [126, 46, 16, 'red, a white band across'],
  ),
  'mole-cricket-nymph': adult(
    'Mole cricket, young',
    15,
    {
      ...{ fill: '#a98355', high: 0.8, head: [0.14, 0.18], thorax: [0.28, 0.26], abdomen: [0.58, 0.22] },
      legs: [
        [0.14, 0.14, 0.03],
        [0.1, 0.1, 0.05],
        [0.18, 0.16, 0.06],
      ],
      ...{ feelers: { long: 0.2, kind: 'thread' }, wings: { long: 0.12, rest: 'pads' }, tail: 0.22 },
      marks: (at) =>
        [-1, 1]
          .map((side) => {
            const [[ax, ay], [bx, by]] = [at(0.2, side * 0.1), at(0.03, side * 0.17)];
            return shape(
              `M${ax} ${ay}L${bx} ${by}l-9 ${side * -3}l3 ${side * 4}l-6 ${side * 2}l6 ${side * 4}l${ax - bx} ${ay - by}Z`,
              '#7d5a36',
            );
          })
          .join(''),
    },
    [66, 62, 17, 'digging front legs, wing pads'],
  ),
  'lanternfly-nymph': adult(
    'Spotted lanternfly, young',
    12,
    {
      ...{ fill: '#2b2727', high: 0.8, head: [0.2, 0.24], thorax: [0.3, 0.36], abdomen: [0.5, 0.34] },
      legs: [
        [0.18, 0.2, 0.08],
        [0.2, 0.22, 0.08],
        [0.2, 0.26, 0.1],
      ],
      feelers: { long: 0.06, kind: 'club' },
      marks: (at) =>
        [0.1, 0.28, 0.42, 0.6, 0.76]
          .flatMap((u, i) => [-0.09, 0.09].map((v) => oval(...at(u, v), 3, 3, i > 1 ? '#fffefa' : '#f3ecd9')))
          .join(''),
    },
    [118, 46, 18, 'white spots, red when larger'],
  ),
  'earwig-nymph': adult(
    'Earwig, young',
    8,
    {
      ...{ fill: '#b08a58', high: 0.45, head: [0.16, 0.18], thorax: [0.24, 0.18], abdomen: [0.6, 0.2] },
      ...{ legs: ROACH.legs.map(([f, t, s]) => [f * 0.6, t * 0.6, s * 0.6] as const) },
      ...{ feelers: { long: 0.4, kind: 'beads' }, tail: 0.16, wings: { long: 0.1, rest: 'pads' } },
    },
    [186, 46, 14, 'thin straight pincers, pale'],
  ),
  'house-cricket-nymph': adult(
    'House cricket, young',
    8,
    {
      ...{ fill: '#c9a668', high: 0.75, head: [0.18, 0.24], thorax: [0.24, 0.26], abdomen: [0.58, 0.26] },
      legs: [
        [0.12, 0.12, 0.08],
        [0.14, 0.14, 0.1],
        [0.36, 0.34, 0.12],
      ],
      ...{ feelers: { long: 0.55, kind: 'thread' }, wings: { long: 0.14, rest: 'pads' }, tail: 0.24 },
    },
    [150, 70, 20, 'jumping hind legs, wing pads'],
  ),
  'termite-swarmer': adult('Winged termite', 10, SWARMER, [160, 46, 26, 'four wings alike, thick waist']),
};
