import { ant, caterpillar, dot, dots, INK, legless, line, oval, shape } from './parts';

import {
  bird,
  bite,
  DARK,
  grain,
  lawn,
  moon,
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

/** Drawings of more signs, by sign; see `signs.ts`. */
export const MORE_SIGNS: Readonly<Record<string, string>> = {
  'birds-probing': sod(110) + bird(60, 78, '#4b4a45') + bird(140, 80, '#4b4a45', 0.9) + dots([[34, 112], [112, 114], [124, 110]], 3), // prettier-ignore
  'bird-diet':
    sod(116) +
    bird(44, 86, '#4b4a45', 0.7) +
    line('M18 90Q10 108 14 118', 3).replaceAll(INK, '#b5705c') +
    bird(132, 80, '#23201e', 1.05) +
    shape('M86 84Q98 70 112 82L104 104L88 100Z', TURF),
  'animals-digging': lawn(
    shape('M40 46L96 34L120 70L70 92Z', SOIL) +
      shape('M40 46Q20 40 30 64Q46 88 70 92Z', '#8fa563') +
      shape('M140 80L196 76L206 116L150 122Z', SOIL) +
      shape('M140 80Q122 90 132 112L150 122Z', '#8fa563') +
      dots(spread(14, 150, 60, 50, 52), 1.6),
  ),
  'leather-larvae': sod(70) + small(legless('lobed'), 30, 70, 0.5).replaceAll('#f3ecd9', '#8f867a') + small(legless('lobed'), 120, 84, 0.45).replaceAll('#f3ecd9', '#8f867a'), // prettier-ignore
  'legless-grubs': sod(50) + line('M120 50V130', 6).replaceAll(INK, '#7d8f52') + small(legless('headed'), 20, 62, 0.42) + small(legless('headed'), 130, 76, 0.42), // prettier-ignore
  'caterpillars-flushed': lawn(
    `<rect x="40" y="30" width="160" height="100" fill="#dfe9ea" opacity=".7" stroke="${INK}"/>` +
      small(caterpillar('striped'), 60, 30, 0.42) +
      small(caterpillar('spotted'), 110, 70, 0.4) +
      dots(spread(20, 150, 90, 46, 36), 2).replaceAll(
        `fill="${INK}"`,
        `fill="#ffffff" stroke="${INK}" stroke-width=".6"`,
      ),
  ),
  marching: lawn(
    shape('M6 10H118Q132 50 112 84Q128 120 120 148H6Z', STRAW) + line('M140 80h60m-14-10 14 10-14 10', 3),
  ),
  'moths-at-dusk':
    sod(116) +
    moon +
    [60, 120, 168]
      .map(
        (x, i) =>
          line(`M${x} 110l10-14-14-12 16-14-8-8`, 0.9) +
          shape(
            `M${x + 2} ${58 + i * 6}L${x - 22} ${44 + i * 6}Q${x - 18} ${64 + i * 6} ${x} ${66 + i * 6}Z`,
            PALE,
          ) +
          shape(
            `M${x + 4} ${58 + i * 6}L${x + 28} ${44 + i * 6}Q${x + 24} ${64 + i * 6} ${x + 6} ${66 + i * 6}Z`,
            PALE,
          ) +
          oval(x + 3, 62 + i * 6, 3, 9, '#cdbb8b'),
      )
      .join(''),
  'crane-flies':
    rect(6, 10, 228, 138, WALL) +
    oval(120, 78, 30, 5, '#8f867a') +
    oval(84, 78, 8, 7, '#8f867a') +
    shape('M96 74Q120 30 176 34Q160 60 104 76Z', '#eef3f2') +
    shape('M96 82Q120 126 176 122Q160 96 104 80Z', '#eef3f2') +
    line(
      'M92 72L60 40L20 34M90 76L46 70L14 84M92 84L60 120L18 128M104 72L150 22L200 14M108 84L154 134L210 140',
      1.4,
    ),
  'greens-after-water': rect(6, 10, 112, 138, STRAW) + rect(122, 10, 112, 138, TURF) + line('M100 78h40m-12-9 12 9-12 9', 3) + shape('M178 34q14 20 0 28q-14-8 0-28Z', '#8dbac0'), // prettier-ignore
  'spade-legs':
    shape('M20 150V70Q80 20 200 60V150Z', SOIL) +
    shape('M60 96L30 70L18 84L32 90L22 98L40 104Z', '#d9b77c') +
    shape('M60 104L34 128L24 114L36 110L26 100L40 98Z', '#d9b77c') +
    oval(120, 100, 62, 24, '#8a5a2b') +
    oval(58, 100, 16, 17, '#8a5a2b'),
  'hard-below':
    sod(60) +
    shape('M40 112L96 100L150 110L204 104L216 138L30 140Z', '#a9a49a') +
    line('M120 10V98', 5) +
    rect(108, 4, 24, 22, '#d99000'),
  'pearls-on-roots': sod(40) + [70, 110, 150].map((x) => line(`M${x} 42q-10 40 6 96`, 2)).join('') + [[66, 70], [74, 96], [106, 84], [118, 118], [148, 66], [154, 104]].map(([x = 0, y = 0]) => oval(x, y, 6, 6, '#e0b93d')).join(''), // prettier-ignore
  'mound-defence':
    shape('M20 140Q110 30 210 140Z', SOIL) +
    line('M150 10L120 96', 5).replaceAll(INK, '#8a5a2b') +
    dots([[146, 26], [140, 40], [138, 52], [130, 66], [126, 78], [108, 96], [130, 104], [90, 112], [150, 118], [112, 122]], 3.4), // prettier-ignore
  'sticky-leaves':
    shape('M30 120Q60 30 190 24Q180 110 60 138Z', TURF) +
    line('M44 128Q100 80 180 32', 1.4) +
    [
      [80, 96],
      [120, 70],
      [104, 104],
      [146, 56],
    ]
      .map(([x = 0, y = 0]) => oval(x, y, 8, 6, '#fffefa') + line(`M${x - 3} ${y - 2}l3-1`, 1))
      .join('') + // prettier-ignore
    dots(
      [
        [60, 118],
        [68, 112],
        [76, 108],
      ],
      3,
    ),
  'soft-clusters':
    line('M120 10V150', 5).replaceAll(INK, '#6f8a45') +
    spread(14, 44, 100, 98, 24)
      .map(([x, y]) => oval(x, y, 8, 6, '#9fbf6a') + line(`M${x + 6} ${y - 2}l6-3m-6 7 6 3`, 1))
      .join(''),
  'ant-trail': rect(6, 10, 228, 138, WALL) + Array.from({ length: 9 }, (_, i) => small(ant({ fill: DARK, nodes: 'one' }), 6 + i * 24, 96 - i * 8, 0.1)).join('') + line('M10 104Q120 84 232 26', 0.8), // prettier-ignore
  'seen-at-night':
    rect(6, 10, 228, 138, '#d8d2c0') +
    shape('M120 10L40 148H200Z', '#fdf3c9') +
    [[30, 60, -20], [24, 110, -10], [206, 66, 20], [214, 118, 12]].map(([x = 0, y = 0, d = 0]) => oval(x, y, 11, 6, '#8a5a2b') + line(`M${x - d} ${y}h${-d}`, 1)).join(''), // prettier-ignore
  'jumping-specks':
    shape('M80 10H140V96Q196 104 214 130Q214 148 190 148H92Q76 148 80 120Z', '#fffefa') +
    line('M80 40H140M80 52H140', 1) +
    [[104, 104], [128, 116], [160, 128]].map(([x = 0, y = 0]) => line(`M${x - 26} ${y + 10}Q${x - 12} ${y - 20} ${x} ${y}`, 0.9) + dot(x, y, 4)).join(''), // prettier-ignore
  'pet-scratches':
    rect(20, 20, 200, 120, '#fffefa') +
    spread(16, 150, 80, 46, 44)
      .map(
        ([x, y]) => oval(x, y, 9, 7, '#d9806a').replace(`stroke="${INK}"`, 'stroke="none"') + dot(x, y, 2.4),
      )
      .join(''),
  'bites-in-line': skin([70, 100, 130, 160].map((x, i) => bite(x, 84 + i * 3)).join('')),
  'ankle-bites':
    shape('M86 6H146V92Q200 100 214 126Q214 140 196 140H96Q82 140 84 116Z', '#eac6a8') +
    [[100, 96], [122, 104], [108, 116], [140, 100], [132, 120]].map(([x = 0, y = 0]) => bite(x, y)).join(''), // prettier-ignore
  attached: skin(oval(120, 88, 22, 16, '#8f867a') + oval(96, 88, 8, 6, DARK) + line('M104 78l-14-14M104 98l-14 14M112 74l-8-16M112 102l-8 16', 2)), // prettier-ignore
  'bristly-larvae': [50, 140]
    .map((x, i) =>
      small(
        oval(40, 40, 40, 16, '#b98f55') +
          [12, 26, 40, 54, 68].map((b) => line(`M${b} ${26}V54`, 4).replaceAll(INK, '#6b4526')).join('') +
          line(
            'M2 34l-14-12M2 44l-14 10M78 34l16-14M78 46l18 14M82 40h22M20 24l-4-14M44 22l0-14M66 26l6-14M20 56l-4 12M44 58v14M66 54l6 12',
            1,
          ),
        x - 30,
        20 + i * 50,
        1,
      ),
    )
    .join(''),
  'flour-beetles': shape('M20 140Q60 60 120 70Q190 50 220 140Z', '#fffefa') + [[80, 108], [120, 96], [150, 118], [108, 126]].map(([x = 0, y = 0]) => oval(x, y, 10, 5, '#8a3f22') + line(`M${x - 10} ${y}l-6-4m6 4-6 4`, 1)).join(''), // prettier-ignore
  'many-legs':
    oval(120, 76, 70, 12, '#d9b77c') +
    Array.from({ length: 14 }, (_, i) =>
      line(`M${58 + i * 9} 68L${40 + i * 11} 30M${58 + i * 9} 84L${40 + i * 11} 122`, 1.3),
    ).join('') +
    line('M52 72L8 44M52 80L8 108', 1),
  'evening-bites': moon + skin(bite(80, 92) + bite(150, 84) + bite(116, 108)),
  runways: lawn([0, 1].map((k) => line(`M${20 + k * 30} 140Q${60 + k * 60} 90 ${40 + k * 90} 60T${110 + k * 90} 14`, 9).replaceAll(INK, STRAW)).join('') + [[60, 96], [150, 60]].map(([x = 0, y = 0]) => oval(x, y, 8, 6, DARK)).join('')), // prettier-ignore
  'open-holes': lawn([[60, 50], [130, 84], [184, 46], [90, 116]].map(([x = 0, y = 0]) => oval(x, y, 13, 10, DARK)).join('')), // prettier-ignore
  'smoke-ring': lawn(oval(120, 80, 74, 54, '#6d6a52') + oval(120, 80, 62, 44, '#c3ac6c')),
  'mushroom-ring': lawn(
    oval(120, 80, 84, 56, '#6f8a45') +
        oval(120, 80, 66, 42, TURF) +
        [[42, 70], [74, 32], [130, 24], [190, 52], [198, 96], [150, 132], [84, 128]].map(([x = 0, y = 0]) => shape(`M${x - 9} ${y}q9-14 18 0Zm6 0v10h6v-10Z`, PALE)).join(''), // prettier-ignore
  ),
  'machine-pattern': lawn([30, 90, 150, 210].map((x, i) => `<rect x="${x - 16}" y="10" width="32" height="138" fill="${i % 2 === 0 ? '#8fa563' : STRAW}"/>`).join('') + oval(60, 128, 22, 14, '#a8853f')), // prettier-ignore
  'footprints-stay': lawn([0, 1, 2].map((i) => oval(60 + i * 60, 108 - i * 34, 15, 24, '#8fa07a') + oval(60 + i * 60, 136 - i * 34, 11, 9, '#8fa07a')).join(''), '#b5bf8f'), // prettier-ignore
  froth: line('M120 10V150M120 90L170 50', 4).replaceAll(INK, '#6f8a45') + [[118, 84], [132, 78], [126, 96], [140, 90]].map(([x = 0, y = 0]) => oval(x, y, 15, 13, '#ffffff')).join(''), // prettier-ignore
  hoppers: sod(120) + [50, 110, 170].map((x, i) => line(`M${x} 118Q${x + 16} ${50 + i * 8} ${x + 40} ${88 - i * 6}`, 0.9) + shape(`M${x + 40} ${88 - i * 6}l18 4-16 7Z`, '#6f8a45')).join(''), // prettier-ignore
  'one-grass': lawn(
    spread(7, 170, 90, 34, 30)
      .map(([x, y]) => oval(x, y, 16, 12, STRAW))
      .join(''),
  ),
  'curls-up': sod(110) + small(caterpillar('curled'), 50, 20, 0.6),
  chased:
    shape('M14 90L60 74L60 110Z', '#b79a6a') +
    line('M150 60v36m0-26-18 10m18-10 16 8m-16 18-14 28m14-28 20 22', 3) +
    oval(152, 48, 11, 11, '#eac6a8') +
    [
      [80, 66],
      [96, 84],
      [90, 104],
      [112, 72],
      [118, 96],
    ]
      .map(([x = 0, y = 0]) => oval(x, y, 7, 4, '#e6c133') + line(`M${x - 4} ${y - 3}l-5-6m9 6 3-7`, 1))
      .join('') + // prettier-ignore
    line('M176 118h44m-12-8 12 8-12 8', 2),
  calm: sod(120) + [60, 130, 190].map((x, i) => oval(x, 70 + i * 10, 12, 8, '#b07a3a') + shape(`M${x - 2} ${62 + i * 10}q8-16 18-10q-2 10-12 12Z`, '#eef3f2')).join(''), // prettier-ignore
  'each-alone': rect(6, 10, 228, 138, SOIL) + [[50, 50], [120, 96], [186, 52], [70, 122]].map(([x = 0, y = 0]) => oval(x, y, 12, 9, DARK) + oval(x + 24, y - 10, 8, 5, '#b07a3a')).join(''), // prettier-ignore
  'sand-pushed-up':
    rect(6, 10, 110, 66, '#c9c4ba') + rect(124, 10, 110, 66, '#c9c4ba') + rect(6, 84, 110, 64, '#c9c4ba') + rect(124, 84, 110, 64, '#c9c4ba') +
    [[120, 46], [70, 80], [176, 80]].map(([x = 0, y = 0]) => shape(`M${x - 24} ${y + 10}Q${x} ${y - 26} ${x + 24} ${y + 10}Z`, '#e3d39a') + dot(x, y - 4, 3)).join(''), // prettier-ignore
  'winged-ants': [0, 1, 2].map((i) => small(ant({ fill: DARK, nodes: 'one', winged: 'unequal' }), 10 + i * 74, 30 + (i % 2) * 44, 0.36)).join(''), // prettier-ignore
  'trail-from-outside':
    rect(6, 10, 120, 138, WALL) +
    rect(126, 10, 108, 138, TURF) +
    rect(112, 60, 16, 88, '#cfe0e2') +
    Array.from({ length: 9 }, (_, i) => dot(24 + i * 24, 128 - (i % 3), 3.2)).join(''),
  'stays-in-light': rect(6, 10, 228, 138, '#d8d2c0') + shape('M120 10L40 148H200Z', '#fdf3c9') + oval(120, 104, 16, 8, '#8a5a2b') + line('M104 100l-18-8m18 16-18 8M136 100l10-10m-10 18 10 10', 1.2), // prettier-ignore
  'to-the-lamp': rect(6, 10, 228, 138, '#26302f') + `<circle cx="120" cy="70" r="44" fill="#fdf3c9"/>` + oval(120, 70, 18, 22, '#fffefa') + [[70, 40], [168, 50], [80, 108], [164, 104]].map(([x = 0, y = 0]) => oval(x, y, 8, 5, '#b98f55') + shape(`M${x} ${y - 4}q8-10 16-4q-4 8-14 8Z`, '#eef3f2')).join(''), // prettier-ignore
  'from-the-drain': rect(6, 10, 228, 138, WALL) + oval(120, 90, 60, 30, '#b5b0a4') + [-30, -10, 10, 30].map((d) => line(`M${120 + d} 68V112`, 6)).join('') + oval(178, 54, 16, 8, '#8a5a2b') + line('M162 50l-16-12m16 20-18 2', 1.2), // prettier-ignore
  'moving-dots': rect(30, 20, 180, 120, '#fffefa') + spread(18, 150, 90, 44, 34).map(([x, y], i) => dot(x, y, 2) + (i % 3 === 0 ? line(`M${x - 10} ${y}h6`, 0.8) : '')).join(''), // prettier-ignore
  hops: shape('M6 120Q120 104 234 120V150H6Z', SOIL) + [50, 120, 186].map((x) => line(`M${x - 22} 114Q${x - 8} 60 ${x} 96`, 0.9) + oval(x, 98, 7, 3, '#8f93a0') + line(`M${x + 5} 100l5 5`, 1.4)).join(''), // prettier-ignore
  'pale-on-paper': rect(30, 14, 180, 132, '#fbf6e4') + [40, 56, 72, 88, 104, 120].map((y) => line(`M46 ${y}h148`, 0.7)).join('') + spread(12, 140, 90, 52, 36).map(([x, y]) => oval(x, y, 4, 2.2, '#fffefa')).join(''), // prettier-ignore
  'damp-there': rect(6, 10, 228, 138, WALL) + shape('M60 10Q40 70 84 110Q120 150 170 116Q210 70 186 10Z', '#c3b894') + line('M104 40v20M128 60v26M150 36v18', 3).replaceAll(INK, '#5b8f96'), // prettier-ignore
  'hollow-grains': [[60, 46], [130, 40], [190, 62], [86, 96], [156, 108]].map(([x = 0, y = 0]) => grain(x, y) + dot(x + 6, y - 1, 4)).join(''), // prettier-ignore
  'pin-holes':
    rect(40, 24, 160, 116, '#cf9f6a') +
    line('M40 52H200', 2) +
    dots(
      [
        [60, 76],
        [92, 66],
        [124, 84],
        [160, 70],
        [180, 96],
        [74, 112],
        [108, 122],
        [146, 112],
        [134, 60],
        [88, 94],
        [170, 126],
      ],
      2.6,
    ),
  'caterpillars-climb': shape('M6 10H234V40H6Z', '#f6f2e6') + rect(6, 40, 228, 108, WALL) + [50, 110, 176].map((x, i) => line(`M${x} ${130 - i * 22}q8-14 0-26`, 6).replaceAll(INK, '#efe3b8') + line(`M${x} ${104 - i * 22}v-50`, 0.7)).join(''), // prettier-ignore
  gnawed: shape('M40 20H200V148H40Z', '#cf9f6a') + shape('M150 148l8-30 10 8 6-20 12 14 14-8V148Z', PALE) + dots(spread(12, 60, 14, 140, 134), 2), // prettier-ignore
  'fist-hole': rect(6, 10, 228, 138, WALL) + shape('M82 148V96Q82 62 118 62Q154 62 154 96V148Z', '#5b4a3a') + oval(118, 122, 26, 26, DARK), // prettier-ignore
  'moth-flies': rect(6, 10, 228, 138, '#dfe9ea') + line('M82 10V148M158 10V148M6 78H234', 2).replaceAll(INK, '#9fb3b5') + [[60, 50], [130, 100], [186, 54]].map(([x = 0, y = 0]) => shape(`M${x} ${y - 16}Q${x - 26} ${y - 6} ${x - 14} ${y + 18}Q${x} ${y + 10} ${x + 14} ${y + 18}Q${x + 26} ${y - 6} ${x} ${y - 16}Z`, '#8f867a') + line(`M${x - 2} ${y - 16}l-6-8m10 8 6-8`, 1)).join(''), // prettier-ignore
  'red-eyes': shape('M70 148Q30 90 90 66Q120 50 150 66Q210 90 170 148Z', '#e0b84a') + [[100, 60], [150, 76]].map(([x = 0, y = 0]) => oval(x, y, 14, 7, '#c99f62') + oval(x - 14, y, 6, 6, '#b32f1c') + shape(`M${x} ${y - 5}q18-12 28-2q-8 8-26 6Z`, '#eef3f2')).join(''), // prettier-ignore
  'golden-hairs': oval(140, 78, 54, 26, '#5d5a55') + oval(84, 78, 22, 22, '#6b665f') + [66, 72, 78, 84, 90, 96].map((y) => line(`M70 ${y}q12-6 26 0`, 2).replaceAll(INK, '#d9a93a')).join('') + oval(56, 70, 8, 9, '#7a2c1a') + oval(56, 88, 8, 9, '#7a2c1a'), // prettier-ignore
  pincers: oval(110, 76, 56, 13, '#8a5a2b') + oval(48, 76, 11, 10, '#8a5a2b') + shape('M164 70Q210 48 214 74Q196 66 168 76Z', '#b07a3a') + shape('M164 82Q210 104 214 80Q196 88 168 78Z', '#b07a3a') + line('M76 66l-8-24M98 64l0-26M76 86l-8 24M98 88v26', 1.4), // prettier-ignore
  'rolls-into-ball': oval(84, 84, 56, 26, '#8f93a0') + [50, 66, 82, 98, 114].map((x) => line(`M${x} 62q6 22 0 44`, 1.2)).join('') + oval(190, 88, 26, 26, '#8f93a0') + [176, 186, 196, 206].map((x) => line(`M${x} 66q5 22 0 44`, 1.1)).join(''), // prettier-ignore
  'round-worms': line('M20 108Q70 70 120 104', 14).replaceAll(INK, '#5b4a3a') + Array.from({ length: 12 }, (_, i) => line(`M${28 + i * 8} ${100 - Math.sin(i / 3.6) * 14 + 12}v8`, 1)).join('') + oval(184, 84, 30, 30, '#5b4a3a') + oval(184, 84, 18, 18, '#e9e4d6') + oval(184, 84, 9, 9, '#5b4a3a'), // prettier-ignore
  'trip-lines': rect(6, 10, 228, 138, SOIL) + oval(120, 80, 22, 20, DARK) + [0, 40, 85, 130, 175, 220, 265, 315].map((a) => line(`M${120 + 24 * Math.cos((a * Math.PI) / 180)} ${80 + 22 * Math.sin((a * Math.PI) / 180)}L${120 + 76 * Math.cos((a * Math.PI) / 180)} ${80 + 58 * Math.sin((a * Math.PI) / 180)}`, 1.6).replaceAll(INK, '#fffefa')).join(''), // prettier-ignore
  'before-hives': rect(150, 40, 76, 104, WOOD) + line('M150 74h76M150 108h76M160 138h40', 2) + oval(92, 84, 24, 12, '#3a2c24') + oval(62, 84, 10, 9, '#3a2c24') + shape('M82 76Q100 40 128 48Q118 70 92 80Z', '#eef3f2') + oval(130, 124, 8, 5, '#b07a3a') + line('M104 92l-4 14m10-14 2 14', 2).replaceAll(INK, '#e6c133'), // prettier-ignore
  'dead-bees-piled': rect(140, 20, 86, 96, WOOD) + line('M140 52h86M140 84h86', 2) + shape('M6 140H234V150H6Z', SOIL) + spread(16, 108, 30, 30, 108).map(([x, y]) => oval(x, y, 9, 5, '#b07a3a') + line(`M${x - 3} ${y - 4}v8`, 1)).join(''), // prettier-ignore
  'flies-at-night': rect(6, 10, 228, 138, '#26302f') + `<circle cx="170" cy="60" r="34" fill="#fdf3c9"/>` + oval(84, 92, 28, 13, '#a9712c') + shape('M70 84Q84 48 118 54Q108 76 82 88Z', '#eef3f2') + line('M80 82v20m12-21v22', 3).replaceAll(INK, '#3a2c24'), // prettier-ignore
  'mud-closed': rect(6, 10, 228, 138, '#c98a68') + line('M6 56H234M6 102H234M80 10V56M160 10V56M120 56V102M40 102V148M200 102V148', 2).replaceAll(INK, '#e9e4d6') + [[80, 56], [160, 80], [60, 122]].map(([x = 0, y = 0]) => oval(x, y, 13, 13, '#a8865c') + dots([[x - 4, y - 2], [x + 4, y + 3], [x, y - 6]], 1.2)).join(''), // prettier-ignore
  heard:
    rect(6, 10, 228, 138, WOOD) +
    line('M6 56H234M6 102H234', 1.4) +
    shape('M150 40Q196 34 200 84Q198 124 166 128Q150 128 152 108Q138 96 140 70Q142 46 150 40Z', '#eac6a8') +
    line('M160 60Q182 58 182 84Q176 98 166 96Q164 84 172 78', 1.6) +
    [0, 1, 2].map((k) => line(`M${48 + k * 22} 96l8-12 8 12 8-12`, 2.2)).join(''),
  'came-with-wood': [0, 1, 2].map((i) => small(rect(0, 0, 150, 28, WOOD) + oval(150, 14, 9, 14, '#e9d3ab') + oval(150, 14, 4, 7, '#e9d3ab'), 30 + (i % 2) * 16, 34 + i * 34, 1)).join('') + dots([[66, 48], [110, 84], [90, 116], [130, 50]], 2.6), // prettier-ignore
};
