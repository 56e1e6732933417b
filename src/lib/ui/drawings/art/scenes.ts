import { fromAbove } from './from-above';
import { CHAFER, MOTH, ROACH } from './bodies';
import type { Body } from './measured';
import { ant, dots, line, oval, shape } from './parts';
import {
  bite,
  DARK,
  INK,
  lawn,
  PALE,
  rect,
  skin,
  small,
  sod,
  SOIL,
  spread,
  STRAW,
  TURF,
  WALL,
  WOOD,
} from './scene-parts';

const coloured = (art: string, fill: string): string => art.replaceAll(INK, fill);
/** An animal from above with its front at a point, so large, turned by so many degrees. */
const animal = (body: Body, x: number, y: number, k: number, turned = 0): string =>
  `<g transform="translate(${x} ${y}) rotate(${turned}) scale(${k}) translate(-70 -46)">${fromAbove(body)}</g>`;
const waves = (x: number, y: number, n = 3): string =>
  Array.from({ length: n }, (_, i) => line(`M${x + i * 12} ${y}q8 -9 0 -18t0 -18`, 2)).join('');
const arcs = (x: number, y: number): string =>
  [10, 20, 30]
    .map((r) => line(`M${x + r * 0.5} ${y - r}A${r} ${r} 0 0 1 ${x + r * 0.5} ${y + r * 0.5}`, 1.8))
    .join('');
const blade = (x: number, notches: readonly number[]): string => {
  const edge = notches.map((y) => `L${x + 12} ${y + 7}L${x + 5} ${y}L${x + 12} ${y - 7}`).join('');
  return shape(`M${x} 140L${x + 12} 140${edge}L${x + 9} 30Q${x + 3} 16 ${x} 30Z`, TURF);
};
const fly = (x: number, y: number, k = 1): string =>
  oval(x, y, 7 * k, 4.5 * k, DARK) +
  oval(x - 8 * k, y, 3 * k, 3 * k, '#8a2c1a') +
  line(`M${x} ${y}l${9 * k} ${-7 * k}M${x} ${y}l${9 * k} ${7 * k}`, 1.2);
const bee = (x: number, y: number, fill = '#b58a55'): string =>
  oval(x, y, 10, 7, fill) +
  line(`M${x - 4} ${y - 7}v14M${x + 3} ${y - 7}v14`, 2) +
  oval(x + 3, y - 9, 8, 4, '#eef3f2') +
  line(`M${x - 9} ${y - 4}l-6 -4`, 1);
const hole = (x: number, y: number, r = 7): string => oval(x, y, r, r * 0.6, '#2b2320');
const BUG: Body = {
  ...ROACH,
  ...{
    fill: '#8d7658',
    thorax: [0.24, 0.48],
    abdomen: [0.64, 0.5],
    shoulders: true,
    wings: { long: 0.66, rest: 'crossed' },
  },
};
const HUNTER: Body = {
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
const COPPER: Body = {
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
const person = (x: number, y: number): string =>
  oval(x, y, 10, 11, '#eac6a8') +
  shape(`M${x - 12} ${y + 12}H${x + 12}L${x + 8} ${y + 50}H${x - 8}Z`, '#6b8b9b') +
  line(
    `M${x - 4} ${y + 50}l-14 34M${x + 4} ${y + 50}l16 30M${x + 10} ${y + 18}l18 14M${x - 10} ${y + 18}l-16 16`,
    4,
  );

/** Drawings of signs that were told in words alone, by sign; see `signs.ts`. */
export const SCENES: Readonly<Record<string, string>> = {
  'edge-notches':
    rect(6, 10, 228, 138, '#f2f4ea') +
    blade(40, [112, 66]) +
    blade(86, [90]) +
    blade(132, [120, 80, 50]) +
    coloured(blade(178, [104, 60]), INK).replace(TURF, '#d8c96a'),
  'furry-bees':
    sod(84) +
    [40, 92, 150, 204]
      .map((x, i) => oval(x, 116 + (i % 2) * 14, 15, 6, '#b79a6a') + hole(x, 116 + (i % 2) * 14))
      .join('') +
    bee(60, 50) +
    bee(130, 36) +
    bee(190, 60),
  'bee-temper':
    rect(6, 10, 46, 60, WOOD) +
    line('M6 30H52M6 50H52') +
    hole(40, 62, 5) +
    person(178, 50) +
    [
      [70, 40],
      [96, 56],
      [110, 34],
      [128, 62],
      [140, 40],
      [150, 76],
      [88, 82],
    ]
      .map(([x = 0, y = 0]) => small(bee(0, 0, '#d9a52f'), x, y, 0.7))
      .join(''),
  'spotted-red-wings':
    [1, -1]
      .map(
        (side) =>
          shape(
            `M118 ${80 - side * 4}L196 ${80 - side * 66}Q222 ${80 - side * 44} 204 ${80 - side * 24}L128 ${80 - side * 2}Z`,
            '#b9b3a6',
          ) +
          shape(
            `M126 ${80 - side * 2}L204 ${80 - side * 24}Q206 ${80 - side * 6} 170 ${80 - side * 2}Z`,
            '#c2412b',
          ) +
          dots(
            [
              [156, 80 - side * 26],
              [172, 80 - side * 32],
              [184, 80 - side * 50],
              [200, 80 - side * 42],
            ],
            3.4,
          ),
      )
      .join('') +
    oval(112, 80, 24, 9, '#6b6558') +
    oval(86, 80, 9, 8, '#6b6558') +
    line('M92 84l-14 14M104 88l-6 18M92 76l-14 -14M104 72l-6 -18'),
  'fast-dark-beetle':
    rect(6, 10, 228, 138, SOIL) + animal(HUNTER, 66, 78, 1.1) + line('M206 60h22M210 78h22M206 96h22', 2),
  'ant-smell':
    skin('') +
    small(ant({ fill: DARK, nodes: 'hidden' }), 70, 62, 0.34) +
    shape('M150 140Q120 110 112 96Q116 86 126 92L170 130Z', '#dcae8c') +
    waves(96, 54) +
    oval(200, 36, 26, 22, '#7a5131') +
    oval(200, 34, 17, 12, '#fffefa'),
  'banded-moths':
    rect(70, 60, 110, 86, '#e0cfa6') +
    line('M70 84H180') +
    animal(COPPER, 44, 44, 0.5) +
    animal(COPPER, 146, 40, 0.5) +
    animal(COPPER, 100, 116, 0.5),
  chirping:
    rect(6, 10, 228, 138, '#e9e2d2') +
    rect(20, 24, 92, 118, '#b9b4a8') +
    line('M20 58H112', 2) +
    oval(44, 40, 6, 6, DARK) +
    oval(70, 40, 6, 6, DARK) +
    oval(150, 128, 22, 8, '#c79a5c') +
    oval(126, 126, 8, 8, '#c79a5c') +
    line('M156 126l12 -22l16 30M120 120l-18 -10', 2) +
    arcs(164, 92) +
    arcs(186, 80),
  'dust-sneezing':
    rect(20, 84, 200, 50, '#d8dfe3') +
    rect(20, 60, 16, 84, WOOD) +
    oval(66, 80, 34, 14, '#fffefa') +
    dots(spread(34, 120, 50, 70, 18), 1.3) +
    shape('M96 84Q160 66 220 84V98H96Z', '#b7c4cc'),
  'no-animal':
    shape('M20 120L60 40H190L222 120Z', '#f4eeda') +
    line('M40 80H206M28 104H214M86 40L66 120M124 40V120M162 40L182 120', 0.8) +
    line('M96 64l10 10m0 -10l-10 10M140 90l10 10m0 -10l-10 10', 2) +
    line('M20 120H222', 3),
  'white-dry-soil':
    sod(60) +
    coloured(dots(spread(60, 220, 70, 12, 72), 3), '#fffefa') +
    shape('M20 96Q60 82 110 96T220 94V132H20Z', '#efe9dc') +
    line('M60 60V132M150 60V128', 1),
  'after-spreading':
    lawn(shape('M6 60H234V98H6Z', '#c9a45c')) +
    shape('M168 34H214L204 62H178Z', '#8a9aa0') +
    oval(184, 68, 8, 8, DARK) +
    line('M196 34L226 14', 4) +
    dots(spread(22, 150, 30, 16, 64), 1.6),
  'roots-hold':
    sod(88) +
    shape('M84 20Q120 8 150 24L140 56H98Z', '#eac6a8') +
    Array.from({ length: 7 }, (_, i) => line(`M${100 + i * 6} 88L${104 + i * 5} 50`, 2)).join('') +
    Array.from({ length: 9 }, (_, i) =>
      line(`M${96 + i * 7} 90q${(i - 4) * 2} 24 ${(i - 4) * 5} 46`, 1.2),
    ).join('') +
    line('M120 30v-22m-6 8 6 -8 6 8', 2),
  'roots-eaten':
    sod(70) +
    shape('M112 70Q90 20 120 10Q150 22 128 70Z', '#8fae5a') +
    shape('M112 70Q96 44 72 40Q84 62 112 72Z', '#8fae5a') +
    line('M118 70V96M118 84L106 98M118 86L132 98', 3) +
    [
      [104, 104],
      [118, 102],
      [134, 104],
    ]
      .map(([x = 0, y = 0]) => line(`M${x - 4} ${y}l8 0`, 1.4))
      .join('') +
    oval(160, 116, 18, 10, PALE) +
    oval(144, 114, 6, 6, '#b9824a'),
  'spread-by-spraying':
    rect(6, 10, 228, 138, WALL) +
    shape('M16 60H46V120H16Z', '#8aa0b0') +
    rect(22, 46, 18, 14, '#5b6a73') +
    line('M48 52L96 40M48 56L98 62M48 60L94 84', 1) +
    [
      [20, 0],
      [60, -14],
      [100, 10],
    ]
      .map(([y = 0, turn = 0]) =>
        Array.from({ length: 5 }, (_, i) =>
          small(ant({ fill: DARK, nodes: 'hidden' }), 112 + i * 22, y + 10 + (i * turn) / 5, 0.1),
        ).join(''),
      )
      .join(''),
  'in-warm-machines':
    rect(40, 16, 120, 128, '#c9ced0') +
    rect(58, 34, 84, 40, '#8f9aa0') +
    oval(100, 112, 24, 18, '#6d777c') +
    line('M76 112h48M100 94v36', 1.4) +
    waves(172, 70) +
    animal(ROACH, 168, 120, 0.42) +
    animal(ROACH, 128, 90, 0.3, 60),
  'one-of-two':
    rect(14, 92, 212, 48, '#b7c4cc') +
    oval(66, 76, 46, 20, '#fffefa') +
    oval(174, 76, 46, 20, '#fffefa') +
    oval(66, 64, 18, 20, '#eac6a8') +
    oval(174, 64, 18, 20, '#eac6a8') +
    coloured(
      dots(
        [
          [170, 60],
          [178, 66],
          [172, 74],
          [184, 58],
          [166, 68],
        ],
        2.6,
      ),
      '#c2412b',
    ) +
    line('M58 60h6M70 60h6M166 54h4M180 54h4', 1.4),
  'dry-rooms-too':
    rect(6, 10, 228, 138, '#efe6d4') +
    Array.from({ length: 7 }, (_, i) => rect(24 + i * 17, 50, 13, 76, '#fffefa')).join('') +
    waves(40, 44) +
    waves(90, 44) +
    animal(ROACH, 158, 110, 0.5),
  'scorpion-shape':
    rect(6, 10, 228, 138, SOIL) +
    [1, -1]
      .map(
        (side) =>
          [82, 94, 106, 118]
            .map((x) => line(`M${x} ${86 + side * 14}L${x + 8} ${86 + side * 32}L${x - 2} ${86 + side * 44}`))
            .join('') +
          line(`M66 ${86 + side * 10}Q44 ${86 + side * 30} 34 ${86 + side * 28}`, 5) +
          shape(
            `M36 ${86 + side * 22}Q16 ${86 + side * 20} 12 ${86 + side * 30}Q20 ${86 + side * 34} 38 ${86 + side * 34}Z`,
            '#c9a36b',
          ),
      )
      .join('') +
    oval(96, 86, 34, 18, '#c9a36b') +
    [80, 92, 104, 116].map((x) => line(`M${x} 69V103`, 0.9)).join('') +
    [
      [138, 84],
      [156, 80],
      [172, 72],
      [184, 60],
      [186, 46],
    ]
      .map(([x = 0, y = 0]) => oval(x, y, 10, 7.5, '#c9a36b'))
      .join('') +
    shape('M178 42Q182 26 168 22Q174 32 170 42Z', '#8a5a2b'),
  'run-in-jerks':
    rect(6, 10, 228, 138, WALL) + line('M22 120L54 96L70 118L112 78L130 104L160 66', 1.6) + fly(178, 58, 1.8),
  'flies-on-food':
    oval(120, 104, 100, 34, '#fffefa') +
    oval(120, 100, 66, 20, '#c98d5a') +
    oval(96, 94, 22, 12, '#a9653a') +
    fly(90, 84) +
    fly(134, 88, 1.2) +
    fly(160, 100) +
    fly(60, 50, 1.3) +
    fly(190, 44),
  stinks:
    skin('') +
    animal(BUG, 96, 84, 0.6) +
    shape('M196 146Q176 112 160 102Q166 90 178 98L222 132Z', '#dcae8c') +
    coloured(waves(104, 56), '#7d8f3a'),
  'sweet-stain':
    rect(6, 10, 228, 138, '#f4efe2') +
    line('M6 34H234', 2) +
    shape('M80 34Q76 66 92 84Q96 108 104 88Q116 70 128 92Q134 118 142 92Q160 74 152 34Z', '#c9a45c') +
    oval(104, 124, 4, 7, '#c9a45c') +
    coloured(bee(186, 20, '#c98f45'), INK),
  'day-bites':
    `<circle cx="206" cy="30" r="16" fill="#f2c94c" stroke="${INK}"/>` +
    skin(bite(70, 96) + bite(96, 104)) +
    line('M150 76L128 88M150 76L136 60M158 76L158 94M158 76L166 58M166 76L188 90M166 76L184 58', 1.4) +
    oval(160, 76, 26, 6, '#2a2727') +
    coloured([146, 154, 162, 170, 178].map((x) => line(`M${x} 71v10`, 2.4)).join(''), '#fffefa') +
    line('M134 78L116 88', 2),
  'does-not-hurt':
    shape(
      'M30 120Q36 84 70 84L170 70Q188 70 186 82L150 90L206 88Q220 92 214 104Q190 136 120 140Q60 142 30 120Z',
      '#eac6a8',
    ) + animal({ ...CHAFER, fill: '#8a5a2b' }, 90, 68, 0.5),
  'soft-underfoot':
    sod(92) +
    shape('M74 90Q120 116 176 90V110Q124 134 74 110Z', '#8fa563') +
    shape('M96 20H136V84Q160 88 172 100Q172 108 96 106Q88 90 96 20Z', '#7a5131') +
    line('M96 84H136', 1.4),
  'soil-like-stone':
    sod(96) +
    line('M40 118l30 14M120 108l40 22M180 120l40 -10', 1.2) +
    rect(112, 14, 18, 40, '#c2412b') +
    line('M121 54V90', 5) +
    line('M121 92l-8 5M121 92l9 5M104 84l-12 -6M138 84l12 -6', 1.6),
  'dies-indoors':
    rect(6, 10, 228, 100, '#dfe9ea') +
    line('M120 10V110', 3) +
    rect(6, 110, 228, 30, '#fffefa') +
    [40, 96, 150, 200]
      .map(
        (x, i) =>
          oval(x, 116 + (i % 2) * 8, 14, 5, '#7a5131') +
          line(
            `M${x - 8} ${112 + (i % 2) * 8}l-2 -9l5 -3M${x} ${111 + (i % 2) * 8}v-10l4 -3M${x + 8} ${112 + (i % 2) * 8}l3 -9l4 -2`,
            1.2,
          ),
      )
      .join(''),
  'paper-nibbled':
    shape(
      'M50 20H176Q170 34 180 44Q168 56 182 68Q170 82 186 92Q172 108 184 120Q172 132 178 142H50Z',
      '#fffefa',
    ) +
    [40, 56, 72, 88, 104].map((y) => line(`M66 ${y}H150`, 1)).join('') +
    shape('M92 64Q104 56 112 66Q118 78 104 80Q90 78 92 64Z', '#e9e4d6') +
    oval(206, 118, 14, 5, '#c8cdd0') +
    line('M218 118h16M218 116l14 -8M218 120l14 8M194 116l-14 -8', 1),
  'cannot-climb':
    rect(120, 10, 90, 138, '#dfe9ea') +
    line('M136 24L150 12M160 60L186 30M140 110L196 56', 1) +
    animal(ROACH, 92, 118, 0.42, 180) +
    line('M96 84Q112 40 108 84m-6 -9 6 9 7 -8', 1.8),
  'pips-in-seams':
    rect(6, 10, 228, 138, '#e7e2d4') +
    line('M6 78Q60 70 120 80T234 76', 5) +
    Array.from({ length: 18 }, (_, i) => line(`M${14 + i * 12.4} 70v16`, 1)).join('') +
    [
      [40, 74],
      [74, 86],
      [118, 72],
      [160, 86],
      [196, 74],
    ]
      .map(
        ([x = 0, y = 0]) =>
          oval(x, y, 9, 6.5, '#a65b34') + line(`M${x - 3} ${y - 6}v12M${x + 2} ${y - 6}v12`, 0.8),
      )
      .join('') +
    dots(
      [
        [90, 100],
        [96, 106],
        [150, 98],
        [172, 104],
      ],
      2,
    ),
  'ants-fight':
    rect(6, 10, 228, 138, '#d9d3c4') +
    [
      [60, 40, 0],
      [100, 66, 40],
      [82, 84, 120],
      [130, 44, 200],
      [140, 86, 300],
      [110, 100, 10],
      [160, 66, 90],
      [70, 110, 330],
    ]
      .map(
        ([x = 0, y = 0, a = 0]) =>
          `<g transform="translate(${x} ${y}) rotate(${a}) scale(.24) translate(-110 -80)">${ant({ fill: '#7a4a2b', nodes: 'one' })}</g>`,
      )
      .join(''),
  'drags-prey':
    rect(6, 10, 228, 138, SOIL) +
    oval(82, 74, 17, 10, DARK) +
    oval(52, 72, 9, 9, DARK) +
    line('M98 74H108', 3) +
    oval(122, 76, 15, 7, DARK) +
    shape('M74 66Q110 30 134 44Q128 58 84 70Z', '#eef3f2') +
    line('M66 82l-8 18M78 84l-2 18M90 82l8 16M46 66l-14 -12', 1.6) +
    oval(184, 94, 20, 15, '#a98f6c') +
    oval(160, 92, 11, 10, '#8a5a2b') +
    line('M154 98q-14 10 -12 26M162 102q-4 14 2 28M172 84q-6 -20 8 -28M158 82q-12 -12 -8 -24', 1.8) +
    line('M44 78Q90 112 148 94', 1.2),
  'leaves-in-holes': lawn(
    [
      [70, 60],
      [150, 96],
      [176, 44],
    ]
      .map(
        ([x = 0, y = 0]) =>
          hole(x, y, 10) +
          shape(
            `M${x} ${y}Q${x + 8} ${y - 26} ${x + 34} ${y - 30}Q${x + 32} ${y - 8} ${x} ${y}Z`,
            '#b5803f',
          ) +
          line(`M${x} ${y}L${x + 28} ${y - 25}`, 1),
      )
      .join(''),
  ),
  'bark-gnawed':
    sod(110) +
    shape('M96 10H148L152 112H92Z', '#8a6a4a') +
    shape('M94 72Q120 62 150 74L152 104Q122 112 92 104Z', '#f0dcae') +
    Array.from({ length: 8 }, (_, i) => line(`M${98 + i * 7} ${78 + (i % 3) * 5}l4 8`, 1.4)).join('') +
    coloured(line('M40 110Q60 96 92 106M152 106Q190 96 210 112', 2), '#6b4f3d'),
  fibres:
    oval(120, 78, 100, 66, '#fffefa') +
    coloured(
      line('M50 74Q90 30 130 66T200 60M70 108Q110 88 150 112M96 46l10 60M150 50l-24 40M60 92l30 10', 2.4),
      '#5f6f8a',
    ) +
    [
      [86, 58],
      [148, 96],
      [168, 72],
    ]
      .map(([x = 0, y = 0]) => shape(`M${x} ${y}l10 -5l7 7l-6 9l-11 -3Z`, STRAW))
      .join(''),
};
