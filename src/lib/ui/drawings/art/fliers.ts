import { adult, type At } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { line, oval } from './parts';

const BLACK = '#23282a';
const legs = (long: number): Body['legs'] => [
  [0.14 * long, 0.13 * long, 0.11 * long],
  [0.15 * long, 0.15 * long, 0.12 * long],
  [0.19 * long, 0.2 * long, 0.16 * long],
];

/** A wasp: smooth, its wings folded narrow, the abdomen run out into a point behind a thin waist. */
const WASP: Body = {
  ...{ fill: '#e6b933', high: 0.95, head: [0.13, 0.22], thorax: [0.29, 0.25], abdomen: [0.56, 0.26] },
  ...{ legs: legs(1), feelers: { long: 0.26, kind: 'thread' } },
  ...{ waist: { long: 0.02, knobs: 0 }, pointed: true, spread: 0.46 },
  wings: { long: 0.76, rest: { pairs: 2, broad: 0.13, open: 26, raised: 24 } },
};
/** A bee: furry, its wings broader, the abdomen round. */
const BEE: Body = {
  ...{ fill: '#b07a3a', high: 0.95, head: [0.14, 0.25], thorax: [0.3, 0.31], abdomen: [0.56, 0.31] },
  ...{ legs: legs(0.9), feelers: { long: 0.18, kind: 'elbowed' } },
  ...{ waist: { long: 0.01, knobs: 0 }, fur: { of: 'thorax', long: 0.03 }, spread: 0.46 },
  wings: { long: 0.7, rest: { pairs: 2, broad: 0.19, open: 30, raised: 26 } },
};
const STOUT: Body = {
  ...BEE,
  ...{ head: [0.15, 0.3], thorax: [0.35, 0.46], abdomen: [0.5, 0.52], spread: 0.56 },
  ...{ fur: { of: 'all', long: 0.04 }, legs: legs(0.8) },
};
/** What a bee carries on its hind legs. */
const pollen: NonNullable<Body['marks']> = (at) =>
  [-1, 1].map((side) => oval(...at(0.6, side * 0.3), 8, 4.5, '#e0a63a')).join('');
const yellow = (at: At): string =>
  [-1, 1]
    .map((side) =>
      line(`M${at(0.16, side * 0.07).join(' ')}L${at(0.34, side * 0.1).join(' ')}`, 2).replace(
        '#1b2021',
        '#e6b933',
      ),
    )
    .join('');

const HONEY: Body = {
  ...BEE,
  ...{ thoraxFill: '#8a5f34', abdomenFill: '#c98f45', headFill: BLACK },
  ...{
    bands: {
      fill: '#4a3322',
      at: [
        [0.22, 0.32],
        [0.42, 0.54],
        [0.64, 0.76],
        [0.86, 0.98],
      ],
    },
    marks: pollen,
  },
};

/** Wasps, hornets and bees, by the same figures but for what tells them apart. */
export const FLIERS: Readonly<Record<string, Art>> = {
  yellowjacket: adult(
    'Yellowjacket',
    14,
    {
      ...WASP,
      ...{
        thoraxFill: BLACK,
        bands: {
          fill: BLACK,
          at: [
            [0.0, 0.09],
            [0.2, 0.3],
            [0.4, 0.5],
            [0.6, 0.68],
          ],
        },
      },
      marks: yellow,
    },
    [146, 46, 20, 'smooth, bright yellow and black'],
  ),
  'paper-wasp': adult(
    'Paper wasp',
    18,
    {
      ...WASP,
      ...{
        fill: '#c98a3a',
        thoraxFill: '#5a3a20',
        abdomen: [0.55, 0.22],
        head: [0.12, 0.18],
        thorax: [0.28, 0.2],
      },
      ...{ waist: { long: 0.05, knobs: 0 }, legs: legs(1.5), spread: 0.62 },
      bands: {
        fill: '#5a3a20',
        at: [
          [0.1, 0.2],
          [0.34, 0.42],
          [0.54, 0.61],
        ],
      },
    },
    [142, 112, 18, 'slender; long legs hang in flight'],
  ),
  hornet: adult(
    'Hornet',
    26,
    {
      ...WASP,
      ...{
        fill: '#e6b933',
        headFill: '#c98a2e',
        thoraxFill: '#6b3419',
        head: [0.15, 0.26],
        abdomen: [0.56, 0.3],
      },
      ...{ thorax: [0.28, 0.28], spread: 0.5 },
      bands: {
        fill: '#6b3419',
        at: [
          [0.0, 0.24],
          [0.34, 0.42],
          [0.52, 0.57],
        ],
      },
    },
    [110, 46, 18, 'brown and yellow, very large'],
  ),
  'mud-dauber': adult(
    'Mud dauber',
    25,
    {
      ...WASP,
      ...{
        fill: '#2f2b2a',
        head: [0.11, 0.17],
        thorax: [0.3, 0.18],
        abdomen: [0.33, 0.15],
        bands: { fill: BLACK, at: [] },
      },
      ...{ waist: { long: 0.26, knobs: 0 }, legs: legs(1.3), spread: 0.56, feet: '#d9b233' },
    },
    [132, 46, 17, 'a waist like a thread'],
  ),
  'asian-hornet': adult(
    'Yellow-legged hornet',
    24,
    {
      ...WASP,
      ...{
        fill: '#2f2624',
        headFill: '#2f2624',
        face: '#e08a2a',
        feet: '#e6c133',
        head: [0.14, 0.25],
        spread: 0.5,
      },
      ...{
        abdomen: [0.57, 0.28],
        bands: {
          fill: '#e08a2a',
          at: [
            [0.42, 0.62],
            [0.12, 0.14],
            [0.27, 0.29],
          ],
        },
      },
    },
    [100, 112, 17, 'yellow feet, one orange band'],
  ),
  'giant-hornet': adult(
    'Northern giant hornet',
    40,
    {
      ...WASP,
      ...{
        fill: '#3a2a22',
        headFill: '#e2861f',
        head: [0.17, 0.32],
        thorax: [0.27, 0.29],
        abdomen: [0.56, 0.33],
      },
      ...{
        spread: 0.54,
        bands: {
          fill: '#e2861f',
          at: [
            [0.06, 0.12],
            [0.22, 0.3],
            [0.4, 0.48],
            [0.58, 0.66],
            [0.78, 1],
          ],
        },
      },
    },
    [78, 46, 18, 'a wide orange head'],
  ),
  'bald-faced-hornet': adult(
    'Bald-faced hornet',
    16,
    {
      ...WASP,
      ...{
        fill: BLACK,
        face: '#fffefa',
        bands: {
          fill: '#fffefa',
          at: [
            [0.62, 0.68],
            [0.76, 0.84],
            [0.9, 0.98],
          ],
        },
      },
    },
    [74, 106, 17, 'a white face'],
  ),
  'honey-bee': adult('Honey bee', 13, HONEY, [136, 76, 15, 'slim, furry, pollen on the hind legs']),
  'bumble-bee': adult(
    'Bumble bee',
    18,
    {
      ...STOUT,
      ...{ fill: BLACK, thoraxFill: '#d9a52f', abdomenFill: '#d9a52f', headFill: BLACK },
      bands: {
        fill: BLACK,
        at: [
          [0.0, 0.1],
          [0.32, 0.74],
        ],
      },
    },
    [142, 46, 26, 'round and furry all over'],
  ),
  'carpenter-bee': adult(
    'Carpenter bee',
    23,
    {
      ...STOUT,
      ...{
        fill: BLACK,
        thoraxFill: '#d9a52f',
        fur: { of: 'thorax', long: 0.04 },
        bands: { fill: BLACK, at: [] },
      },
    },
    [142, 46, 26, 'bald, shiny tail'],
  ),
  'mining-bee': adult(
    'Solitary ground bee',
    11,
    {
      ...BEE,
      ...{
        fill: '#8a6a42',
        thoraxFill: '#b58a55',
        abdomen: [0.56, 0.27],
        fur: { of: 'thorax', long: 0.04 },
        marks: pollen,
      },
      bands: {
        fill: '#d8c39a',
        at: [
          [0.28, 0.31],
          [0.48, 0.51],
          [0.68, 0.71],
        ],
      },
    },
    [136, 76, 15, 'small, furry, alone'],
  ),
  'mason-bee': adult(
    'Mason bee',
    11,
    {
      ...BEE,
      ...{
        fill: '#a9572c',
        headFill: BLACK,
        thorax: [0.32, 0.36],
        abdomen: [0.52, 0.38],
        fur: { of: 'all', long: 0.04 },
        spread: 0.54,
      },
    },
    [142, 46, 24, 'rusty and furry; mud in the holes'],
  ),
  'cicada-killer': adult(
    'Cicada killer',
    38,
    {
      ...WASP,
      ...{ fill: '#5a2f22', abdomen: [0.58, 0.24], feet: '#c98a3a', legs: legs(1.2), spread: 0.5 },
      bands: {
        fill: '#e6c133',
        at: [
          [0.08, 0.14],
          [0.28, 0.34],
          [0.48, 0.53],
        ],
      },
    },
    [138, 46, 22, 'large, slim, broken yellow bands'],
  ),
  'invasive-honey-bee': adult('Honey bee of an invasive strain', 13, HONEY, [
    ...([104, 46, 22, 'looks like any honey bee'] as const),
  ]),
};
