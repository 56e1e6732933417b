import { CHAFER } from './bodies';
import { dots, INK, inked, line, oval, shape } from './parts';
import { DARK, lawn, PALE, rect, small, sod, SOIL, spread, TURF, WOOD } from './scene-parts';
import { animal, blade, bee, hole, HUNTER, person } from './scene-animals';

/** Drawings of signs that are met in turf, in beds and about the house, by sign; see `signs.ts`. */
export const OUTDOORS: Readonly<Record<string, string>> = {
  'edge-notches':
    rect(6, 10, 228, 138, '#f2f4ea') +
    blade(40, [112, 66]) +
    blade(86, [90]) +
    blade(132, [120, 80, 50]) +
    inked(blade(178, [104, 60]), INK).replace(TURF, '#d8c96a'),
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
  'white-dry-soil':
    sod(60) +
    inked(dots(spread(60, 220, 70, 12, 72), 3), '#fffefa') +
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
    inked(line('M40 110Q60 96 92 106M152 106Q190 96 210 112', 2), '#6b4f3d'),
};
