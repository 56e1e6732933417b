import { ROACH } from './bodies';
import { ant, dots, INK, inked, line, oval, shape } from './parts';
import { bite, DARK, rect, skin, small, SOIL, spread, STRAW, WALL, WOOD } from './scene-parts';
import { animal, waves, arcs, fly, bee, BUG, COPPER } from './scene-animals';

/** Drawings of signs that are met in rooms and on people, by sign; see `signs.ts`. */
export const INDOORS: Readonly<Record<string, string>> = {
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
    inked(
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
    inked(waves(104, 56), '#7d8f3a'),
  'sweet-stain':
    rect(6, 10, 228, 138, '#f4efe2') +
    line('M6 34H234', 2) +
    shape('M80 34Q76 66 92 84Q96 108 104 88Q116 70 128 92Q134 118 142 92Q160 74 152 34Z', '#c9a45c') +
    oval(104, 124, 4, 7, '#c9a45c') +
    inked(bee(186, 20, '#c98f45'), INK),
  'day-bites':
    `<circle cx="206" cy="30" r="16" fill="#f2c94c" stroke="${INK}"/>` +
    skin(bite(70, 96) + bite(96, 104)) +
    line('M150 76L128 88M150 76L136 60M158 76L158 94M158 76L166 58M166 76L188 90M166 76L184 58', 1.4) +
    oval(160, 76, 26, 6, '#2a2727') +
    inked([146, 154, 162, 170, 178].map((x) => line(`M${x} 71v10`, 2.4)).join(''), '#fffefa') +
    line('M134 78L116 88', 2),
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
  fibres:
    oval(120, 78, 100, 66, '#fffefa') +
    inked(
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
