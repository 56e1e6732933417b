import { MORE_SIGNS } from './more-signs';
import { INDOORS } from './scenes-indoors';
import { OUTDOORS } from './scenes-outdoors';
import { dot, dots, INK, line, oval, RASTERS, shape, svg } from './parts';

const [TURF, SOIL, STRAW, WOOD, WALL] = ['#a9bf7d', '#c9b189', '#e3d39a', '#d8b98a', '#e9e4d6'];
const turf = (y = 90): string =>
  shape(`M6 ${y}H234V150H6Z`, SOIL) +
  Array.from({ length: 38 }, (_, i) => line(`M${9 + i * 6} ${y}l${i % 2 === 0 ? -2 : 2} -13`, 1.1)).join('');
const spread = (n: number, w: number, h: number, x: number, y: number): (readonly [number, number])[] =>
  Array.from({ length: n }, (_, i) => [x + ((i * 37) % w), y + ((i * 53) % h)] as const);

/** Drawings of signs, by sign. */
export const SIGN_ART: Readonly<Record<string, string>> = {
  ...MORE_SIGNS,
  ...INDOORS,
  ...OUTDOORS,
  'turf-lifts':
    shape('M6 100H110V150H6Z', SOIL) +
    shape('M110 100H234V150H110Z', '#b89b6c') +
    shape('M100 100Q150 96 176 52Q196 22 226 34L220 48Q200 42 188 64Q160 112 104 114Z', TURF) +
    line('M120 104Q160 96 182 56', 1) +
    dots(spread(12, 100, 30, 118, 112), 1.4),
  raster: (Object.keys(RASTERS) as (keyof typeof RASTERS)[])
    .map(
      (key, i) =>
        `<g transform="translate(${4 + (i % 3) * 78} ${i < 3 ? 0 : 80}) scale(.84)">${oval(46, 46, 44, 42, '#f3ecd9')}${RASTERS[key]}</g>`,
    )
    .join(''),
  'c-grubs':
    turf(60) +
    [60, 120, 180]
      .map(
        (x, i) =>
          shape(
            `M${x - 18} ${112 + i * 4}Q${x - 18} ${88 + i * 4} ${x} ${88 + i * 4}Q${x + 18} ${90 + i * 4} ${x + 14} ${110 + i * 4}Q${x + 8} ${118 + i * 4} ${x + 4} ${110 + i * 4}Q${x + 6} ${98 + i * 4} ${x - 4} ${99 + i * 4}Q${x - 9} ${101 + i * 4} ${x - 8} ${114 + i * 4}Z`,
            '#f3ecd9',
          ) + oval(x - 14, 116 + i * 4, 5, 5, '#b9824a'),
      )
      .join(''),
  'frass-at-crown':
    turf(110) +
    line('M120 110V40M110 110Q100 70 84 46M130 110Q142 76 160 52', 3) +
    line('M112 62l18 6', 1.2) +
    dots(spread(26, 54, 18, 94, 94), 1.6),
  'chewed-blades': [30, 74, 118, 162, 206]
    .map((x, i) =>
      shape(
        `M${x} 140Q${x - 10} 90 ${x - 4} ${40 + i * 4}l5 8l4 -6l3 10l-5 6l6 5l-4 8Q${x + 12} 110 ${x + 8} 140Z`,
        TURF,
      ),
    )
    .join(''),
  'green-pellets':
    turf(120) +
    Array.from({ length: 14 }, (_, i) =>
      oval(70 + ((i * 29) % 100), 104 + ((i * 13) % 20), 5, 3.4, '#5f7f3a'),
    ).join('') +
    line('M60 96Q110 76 180 96M70 104Q120 92 172 108', 0.8),
  'raised-tunnels':
    turf(100) +
    shape('M40 100Q56 76 72 100Q96 74 116 100Q140 72 162 100Q184 76 200 100Z', TURF) +
    [56, 94, 139, 181].map((x) => oval(x, 116, 13, 7, '#6b5a3e')).join(''),
  'big-mounds':
    turf(112) +
    [60, 130, 196]
      .map(
        (x, i) =>
          shape(
            `M${x - 34} 112Q${x - 12} ${66 + i * 6} ${x} ${62 + i * 6}Q${x + 14} ${68 + i * 6} ${x + 34} 112Z`,
            '#8a6f4b',
          ) + dots(spread(9, 34, 26, x - 16, 80), 2),
      )
      .join(''),
  'ant-mounds':
    turf(116) +
    [74, 166]
      .map(
        (x) =>
          shape(`M${x - 32} 116Q${x - 8} 84 ${x} 82Q${x + 8} 84 ${x + 32} 116Z`, '#d4bd92') +
          oval(x, 86, 5, 2.4, '#3a3330') +
          dots(spread(14, 50, 22, x - 24, 92), 1.4),
      )
      .join(''),
  'mound-hole':
    [
      [60, true],
      [180, false],
    ]
      .map(
        ([x, hole]) =>
          shape(
            `M${Number(x) - 50} 126Q${Number(x) - 16} 50 ${x} 48Q${Number(x) + 16} 50 ${Number(x) + 50} 126Z`,
            '#d4bd92',
          ) + (hole ? oval(Number(x), 56, 9, 4, '#3a3330') : ''),
      )
      .join('') + line('M6 126H234'),
  'soil-cones':
    turf(116) +
    [52, 104, 156, 204]
      .map(
        (x) =>
          shape(`M${x - 17} 116L${x - 4} 94H${x + 4}L${x + 17} 116Z`, '#d4bd92') +
          oval(x, 95, 4, 2.2, '#3a3330'),
      )
      .join(''),
  'one-hole-traffic':
    turf(104) +
    oval(120, 118, 16, 9, '#2b2320') +
    [
      [70, 46],
      [96, 74],
      [150, 66],
      [176, 36],
      [128, 40],
    ]
      .map(
        ([x = 0, y = 0]) =>
          oval(x, y, 8, 4.5, '#e6b933') +
          line(`M${x} ${y - 4}l-4 -8M${x} ${y - 4}l5 -8M${x - 2} ${y - 4}v8M${x + 3} ${y - 4}v8`, 1),
      )
      .join('') +
    line('M70 56Q90 90 116 110M176 46Q150 90 126 110', 0.8),
  'green-ring-spots':
    `<rect x="6" y="14" width="228" height="132" fill="${TURF}" stroke="#1b2021"/>` +
    oval(84, 78, 46, 40, '#4f7a32') +
    oval(84, 78, 32, 27, STRAW) +
    oval(182, 92, 34, 30, '#4f7a32') +
    oval(182, 92, 22, 19, STRAW),
  'web-at-dawn':
    `<rect x="6" y="14" width="228" height="132" fill="${TURF}" stroke="#1b2021"/>` +
    [
      [60, 50],
      [130, 44],
      [190, 76],
      [90, 106],
      [158, 116],
    ]
      .map(
        ([x = 0, y = 0]) =>
          oval(x, y, 15, 13, STRAW) +
          [0, 1, 2, 3]
            .map((i) =>
              line(`M${x} ${y}L${x + 34 * Math.cos(i * 0.8 - 1)} ${y + 30 * Math.sin(i * 0.8 - 1)}`, 0.7),
            )
            .join('') +
          line(`M${x + 8} ${y - 14}Q${x + 22} ${y - 4} ${x + 20} ${y + 12}`, 0.7),
      )
      .join(''),
  'ridges-shaved':
    shape('M6 112Q40 60 76 104Q112 146 146 92Q180 44 234 110V150H6Z', SOIL) +
    [20, 40, 60].map((x) => line(`M${x} ${92 - (x === 40 ? 10 : 0)}l0 -4`, 3)).join('') +
    [86, 100, 114, 128].map((x) => line(`M${x} ${112 + (x % 3)}l-2 -16`, 1.3)).join('') +
    line('M10 78H232', 3),
  'stunted-tufts':
    [70, 170]
      .map((x, i) =>
        Array.from({ length: i === 0 ? 5 : 15 }, (_, k) =>
          line(`M${x} 132L${x + (k - (i === 0 ? 2 : 7)) * (i === 0 ? 9 : 4)} ${i === 0 ? 34 : 92}`, 1.4),
        ).join(''),
      )
      .join('') + line('M6 132H234'),
  'slime-trails':
    line('M10 130Q70 60 120 96Q170 130 230 40', 8).replaceAll(INK, '#b9c4c8') +
    line('M10 124Q70 54 120 90Q170 124 230 34', 1) +
    line('M10 137Q70 68 120 103Q170 138 230 48', 1),
  'petal-holes':
    shape('M120 20Q190 30 206 86Q180 140 120 146Q60 140 34 86Q50 30 120 20Z', '#e9b9b0') +
    [
      [90, 66, 14],
      [150, 84, 18],
      [112, 116, 11],
      [164, 48, 9],
    ]
      .map(([x = 0, y = 0, r = 0]) =>
        shape(
          `M${x - r} ${y}q${r * 0.4} ${-r} ${r} ${-r * 0.8}q${r} 0 ${r} ${r * 0.9}q-2 ${r * 0.9} ${-r} ${r * 0.8}q${-r * 0.9} 0 ${-r} ${-r * 0.9}Z`,
        ),
      )
      .join(''),
  'mud-grey-patches':
    shape('M80 4H170V156H80Z', WOOD) +
    [86, 104, 124, 150].map((x) => line(`M${x} 8q6 70 -2 144`, 0.8)).join('') +
    shape('M98 46Q126 36 152 50V96Q128 108 98 94Z', '#b8b2a6') +
    [106, 118, 130, 142].map((x) => line(`M${x} 50V94`, 1)).join(''),
  droppings:
    shape('M6 110H234V150H6Z', WALL) +
    shape('M6 14H70V110H6Z', WALL) +
    dots(spread(34, 120, 34, 66, 106), 2) +
    [150, 180, 206].map((x) => oval(x, 132, 8, 4, '#3a3330')).join(''),
  'egg-cases': [70, 160]
    .map(
      (x, i) =>
        shape(
          `M${x - 36} 60Q${x} 50 ${x + 36} 60V100Q${x} 110 ${x - 36} 100Z`,
          i === 0 ? '#c58a4a' : '#5d3a26',
        ) +
        [-24, -12, 0, 12, 24].map((d) => line(`M${x + d} 56V104`, 0.9)).join('') +
        line(`M${x - 36} 60Q${x} 50 ${x + 36} 60`, 3),
    )
    .join(''),
  'ant-waist': [
    ['hidden', 0],
    ['one', 80],
    ['two', 160],
  ]
    .map(
      ([kind, dx]) =>
        `<g transform="translate(${dx} 20)">${oval(16, 60, 13, 11, '#8a6a45')}${kind === 'one' ? shape('M30 64Q34 40 40 42Q46 46 44 66Z', '#8a6a45') : kind === 'two' ? shape('M29 64Q31 50 35 52Q38 56 37 64Z', '#8a6a45') + shape('M38 64Q40 48 45 50Q49 54 47 64Z', '#8a6a45') : ''}${oval(60, 60, 17, 14, '#8a6a45')}${line('M44 64H30')}</g>`,
    )
    .join(''),
  'frass-pile':
    shape('M20 30H220V60H20Z', WOOD) +
    shape('M100 42H150L144 50H106Z', '#3a3330') +
    shape('M60 148Q112 88 126 86Q142 88 190 148Z', '#dcc08f') +
    dots(spread(30, 96, 46, 78, 98), 1.6) +
    line('M116 64l-3 14M130 64l2 16', 0.8),
  'mud-tubes':
    `<rect x="20" y="8" width="200" height="140" fill="${WALL}" stroke="#1b2021"/>` +
    line('M20 54H220M20 100H220M86 8V54M150 54V100M86 100V148', 0.8) +
    line('M60 148Q66 110 58 84Q54 54 70 20', 9).replaceAll(INK, '#9a7a4f') +
    line('M130 148Q126 120 134 96', 9).replaceAll(INK, '#9a7a4f'),
  'hollow-wood':
    shape('M10 50H230V112H10Z', WOOD) +
    [60, 76, 92]
      .map((y) => shape(`M60 ${y}Q120 ${y - 8} 190 ${y}Q120 ${y + 7} 60 ${y}Z`, '#3a3330'))
      .join(''),
  swarmers: [
    [18, 'equal'],
    [132, 'unequal'],
  ]
    .map(
      ([dx, kind]) =>
        `<g transform="translate(${dx} 24)">${shape(kind === 'equal' ? 'M44 44Q10 6 2 10Q4 40 44 52Z' : 'M44 44Q6 -8 -4 2Q0 34 44 50Z', '#eef3f2')}${shape(kind === 'equal' ? 'M48 44Q82 6 90 10Q88 40 48 52Z' : 'M48 44Q86 -8 96 2Q92 34 48 50Z', '#eef3f2')}${shape(kind === 'equal' ? 'M44 56Q8 66 2 90Q24 92 44 66Z' : 'M44 56Q22 62 20 76Q36 78 44 64Z', '#eef3f2')}${shape(kind === 'equal' ? 'M48 56Q84 66 90 90Q68 92 48 66Z' : 'M48 56Q70 62 72 76Q56 78 48 64Z', '#eef3f2')}${oval(46, 84, kind === 'equal' ? 9 : 11, 26, '#5d4a36')}${oval(46, 48, 8, 12, '#5d4a36')}${oval(46, 28, 8, 9, '#5d4a36')}${kind === 'equal' ? line('M42 22Q34 8 24 4M50 22Q58 8 68 4') : line('M42 22L32 14L34 0M50 22L60 14L58 0')}</g>`,
    )
    .join(''),
  'mattress-spots':
    shape('M6 60H234V150H6Z', WALL) +
    line('M6 84H234M6 92H234', 1.2) +
    dots(spread(22, 190, 14, 24, 80), 2.6) +
    [60, 134, 196].map((x) => oval(x, 100, 8, 5, '#d8b98a')).join(''),
  'wool-holes':
    `<rect x="14" y="14" width="212" height="132" fill="#c9bcd6" stroke="#1b2021"/>` +
    Array.from({ length: 13 }, (_, i) => line(`M${22 + i * 16} 16V144`, 0.6)).join('') +
    [
      [74, 60, 18],
      [142, 92, 22],
      [186, 50, 12],
    ]
      .map(([x = 0, y = 0, r = 0]) => oval(x, y, r, r * 0.8))
      .join(''),
  'silk-cases': [50, 96]
    .map(
      (y, i) =>
        shape(
          `M50 ${y}Q60 ${y - 14} 110 ${y - 12}Q170 ${y - 12} 186 ${y}Q170 ${y + 14} 110 ${y + 12}Q60 ${y + 14} 50 ${y}Z`,
          '#e3dccb',
        ) +
        Array.from({ length: 14 }, (_, k) => line(`M${60 + k * 9} ${y - 8}l3 16`, 0.6)).join('') +
        (i === 0 ? oval(46, y, 8, 7, '#a65b34') : ''),
    )
    .join(''),
  'food-webbing':
    shape('M40 40Q120 20 200 40L186 146H54Z', '#f0e3c4') +
    Array.from({ length: 16 }, (_, i) =>
      oval(66 + ((i * 31) % 110), 96 + ((i * 17) % 44), 6, 4.5, '#d8b070'),
    ).join('') +
    line('M50 60Q120 90 190 56M56 80Q110 60 184 84M70 52Q90 100 150 100M160 50Q140 90 90 110', 0.7),
  'web-corners':
    `<rect x="6" y="8" width="228" height="142" fill="${WALL}" stroke="#1b2021"/>` +
    line('M6 8L120 80L234 8M120 80V150', 1) +
    [20, 40, 60]
      .map((d) => line(`M${120 - d * 1.6} ${80 - d}Q120 ${70 - d * 0.2} ${120 + d * 1.6} ${80 - d}`, 0.8))
      .join('') +
    line('M120 80L60 8M120 80L180 8M120 80V8', 0.8),
  'tape-on-drain':
    oval(120, 84, 70, 56, WALL) +
    oval(120, 84, 44, 34, '#8b9496') +
    shape('M50 66L196 52L200 96L56 110Z', '#f4efd9') +
    dots(
      [
        [90, 84],
        [110, 76],
        [132, 88],
        [150, 74],
        [122, 96],
      ],
      3,
    ),
  'nest-kind':
    shape('M14 20Q14 6 40 6Q66 6 66 20L58 44H22Z', '#cfc5b2') +
    [24, 34, 44, 54].map((x) => oval(x, 38, 4.5, 4.5, '#3a3330')).join('') +
    oval(120, 40, 32, 34, '#cfc5b2') +
    [20, 32, 44, 56].map((y) => line(`M92 ${y}Q120 ${y + 8} 148 ${y}`, 0.8)).join('') +
    oval(120, 72, 5, 3, '#3a3330') +
    [178, 196, 214]
      .map((x) => shape(`M${x - 8} 8H${x + 8}V66Q${x} 74 ${x - 8} 66Z`, SOIL) + oval(x, 64, 4, 4, '#3a3330'))
      .join('') +
    shape('M8 96H84V150H8Z', WOOD) +
    oval(34, 122, 9, 9, '#3a3330') +
    oval(62, 114, 9, 9, '#3a3330') +
    turf(128)
      .replace('M6 128H234', 'M96 128H168')
      .replace(/<path d="M(\d+) 128l[^>]*>/g, (m, x: string) =>
        Number(x) > 96 && Number(x) < 168 ? m : '',
      ) +
    oval(132, 134, 11, 6, '#2b2320') +
    oval(206, 118, 22, 28, '#c79a45') +
    line('M180 92H232', 3),
  wrigglers:
    `<rect x="20" y="30" width="200" height="118" fill="#cfe0e2" stroke="#1b2021"/>` +
    [60, 104, 148, 190]
      .map(
        (x, i) =>
          line(`M${x} 32L${x + 5} 44Q${x + 12} ${66 + i * 4} ${x + 2} ${84 + i * 5}`, 4) +
          dot(x + 2, 88 + i * 5, 5),
      )
      .join(''),
  'red-specks':
    `<rect x="6" y="8" width="228" height="142" fill="${WALL}" stroke="#1b2021"/>` +
    dots(spread(46, 210, 120, 16, 18), 2).replaceAll(INK, '#b32f1c'),
  'window-flies':
    `<rect x="40" y="8" width="160" height="140" fill="#dfe9ea" stroke="#1b2021" stroke-width="3"/>` +
    line('M120 8V148M40 78H200', 3) +
    spread(13, 140, 50, 50, 90)
      .map(([x, y]) => oval(x, y, 5, 3.4, '#3a3330') + line(`M${x} ${y}l6 -5M${x} ${y}l6 5`, 0.9))
      .join(''),
  'sunny-edges':
    `<rect x="6" y="14" width="228" height="132" fill="${TURF}" stroke="#1b2021"/>` +
    shape('M6 100H234V146H6Z', WALL) +
    shape('M6 100Q40 66 84 84Q130 60 170 86Q210 70 234 88V100Z', STRAW),
  'black-white-bugs':
    shape('M60 30H180V140Q120 154 60 140Z', '#cfe0e2') +
    oval(120, 30, 60, 14, '#e6eff0') +
    [90, 120, 146, 108]
      .map(
        (x, i) =>
          oval(x, 28 + (i % 2) * 5, 6, 3, '#3a3330') + oval(x + 2, 28 + (i % 2) * 5, 2.6, 1.6, '#fff'),
      )
      .join(''),
};

/** The drawing of a sign as an SVG document; null where there is none. */
export const signSvg = (id: string, name: string): string | null =>
  Object.hasOwn(SIGN_ART, id) ? svg(SIGN_ART[id] ?? '', name) : null;
