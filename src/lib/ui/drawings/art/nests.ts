import type { Art } from './plate';
import { dots, INK, line, oval, shape } from './parts';

type Mark = Art['mark'];
/** What is no body: drawn within its frame, clear of the bar above it and the words below. */
const FRAMED = 0.72;
const scene = (title: string, lengthMm: number, span: number, [x, y, r, text]: Mark, art: string): Art => ({
  ...{ title, lengthMm, span: span * FRAMED },
  mark: [34 + x * FRAMED, 26 + y * FRAMED, r * FRAMED, text],
  art: `<g transform="translate(34 26) scale(${FRAMED})">${art}</g>`,
});

/** A paper nest cut open: combs in an envelope that hangs from a beam, or bare. */
const comb = (x: number, y: number, n: number): string =>
  Array.from({ length: n }, (_, i) => shape(`M${x + i * 11} ${y}l5 -3l5 3v9l-5 3l-5 -3Z`, '#e3d6bb')).join(
    '',
  );
const nest = (envelope: string, combs: string): string =>
  shape('M20 8H220V20H20Z', '#c9a97a') + envelope + combs;

/** Nests, brood, eggs and froth: what is met of some in place of a body. */
export const NESTS: Readonly<Record<string, Art>> = {
  'spittlebug-young': scene(
    'Spittlebug in its froth',
    12,
    70,
    [104, 78, 34, 'froth at the base of a stem'],
    line('M96 150Q104 70 92 6M112 150Q118 84 136 10', 5).replaceAll(INK, '#7d8f52') +
      [
        [88, 70, 14],
        [104, 62, 15],
        [120, 72, 14],
        [96, 84, 15],
        [114, 88, 14],
        [104, 76, 16],
        [84, 82, 9],
        [126, 84, 9],
      ]
        .map(([x, y, r]) => oval(x ?? 0, y ?? 0, r ?? 0, r ?? 0, '#fbfbf4'))
        .join('') +
      dots(
        [
          [98, 72],
          [110, 80],
          [104, 66],
        ],
        1.2,
      ),
  ),
  'lanternfly-egg': scene(
    'Lanternfly eggs',
    30,
    90,
    [120, 70, 40, 'a grey smear like mud'],
    shape('M60 4Q52 80 66 156H176Q190 80 178 4Z', '#a98f6e') +
      shape('M78 40Q120 24 160 42Q174 74 158 104Q120 116 84 102Q70 70 78 40Z', '#cfc8ba') +
      [54, 68, 82]
        .map((y) => Array.from({ length: 6 }, (_, i) => oval(92 + i * 11, y, 4, 6, '#8a7a62')).join(''))
        .join(''),
  ),
  'paper-wasp-nest': scene(
    'Nest of paper wasps',
    100,
    120,
    [120, 70, 30, 'one open comb on a stalk'],
    nest(line('M120 20V50', 5) + shape('M62 62Q120 34 178 62L170 76H70Z', '#c9bda4'), comb(66, 78, 10)),
  ),
  'yellowjacket-nest': scene(
    'Nest of yellowjackets',
    300,
    120,
    [176, 108, 18, 'a closed envelope, in the ground'],
    shape('M6 14H234V28H6Z', '#a9bf7d') +
      shape('M6 28H234V152H6Z', '#c9b189') +
      shape('M108 14H126L132 48H102Z', '#3a3330') +
      shape('M60 90Q62 44 120 44Q178 44 180 90Q178 136 120 138Q62 136 60 90Z', '#d8cfb8') +
      [64, 84, 104].map((y, i) => comb(i === 1 ? 72 : 78, y, i === 1 ? 9 : 8)).join(''),
  ),
  'hornet-nest': scene(
    'Nest of hornets',
    500,
    120,
    [120, 132, 16, 'large, open below, in a hollow'],
    nest(
      shape('M54 90Q54 22 120 20Q186 22 186 90Q184 126 166 134H74Q56 126 54 90Z', '#cdb58a') +
        [0, 1, 2, 3].map((i) => line(`M${60 + i * 4} ${50 + i * 18}q30 -14 56 0t60 0`, 1.2)).join(''),
      comb(80, 116, 7),
    ),
  ),
  'bumble-bee-nest': scene(
    'Nest of bumble bees',
    120,
    120,
    [120, 84, 32, 'wax pots in moss: leave it'],
    shape('M20 140Q24 60 120 54Q216 60 220 140Z', '#b9ad7a') +
      [
        [84, 96],
        [108, 84],
        [132, 84],
        [156, 96],
        [96, 112],
        [120, 104],
        [144, 112],
      ]
        .map(
          ([x, y]) => oval(x ?? 0, y ?? 0, 13, 12, '#d9b25a') + oval(x ?? 0, (y ?? 0) - 5, 6, 3, '#6a4a20'),
        )
        .join(''),
  ),
  'honey-bee-swarm': scene(
    'Swarm of honey bees',
    300,
    110,
    [120, 90, 40, 'a calm cluster: call a keeper'],
    line('M10 24Q120 10 230 34', 7).replaceAll(INK, '#7d5a36') +
      shape('M84 26Q60 84 96 128Q120 150 144 128Q180 84 156 26Q120 34 84 26Z', '#b07a3a') +
      dots(
        Array.from({ length: 46 }, (_, i) => [86 + ((i * 29) % 68), 40 + ((i * 41) % 88)] as const),
        2.2,
      ),
  ),
  'mud-dauber-cell': scene(
    'Cells of mud daubers',
    80,
    120,
    [120, 80, 34, 'closed mud tubes, side by side'],
    shape('M20 20H220V140H20Z', '#e9e4d6') +
      [0, 1, 2, 3]
        .map(
          (i) =>
            shape(
              `M${64 + i * 28} 40Q${78 + i * 28} 34 ${90 + i * 28} 40V120Q${78 + i * 28} 128 ${64 + i * 28} 120Z`,
              '#a98f6e',
            ) + [54, 68, 82, 96, 110].map((y) => line(`M${66 + i * 28} ${y}q12 -6 22 0`, 1)).join(''),
        )
        .join(''),
  ),
  'carpenter-bee-brood': scene(
    'Bore of a carpenter bee',
    150,
    160,
    [64, 70, 18, 'a round hole, then along the grain'],
    shape('M20 30H220V130H20Z', '#d8b98a') +
      [44, 118].map((y) => line(`M20 ${y}Q120 ${y - 8} 220 ${y}`, 0.9)).join('') +
      shape('M56 30H74V64H206V86H56Z', '#6a4a2b') +
      [92, 122, 152, 182]
        .map((x) => shape(`M${x} 64h6v22h-6Z`, '#c9a97a') + oval(x - 10, 78, 8, 5, '#f3ecd9'))
        .join(''),
  ),
  'mining-bee-brood': scene(
    'Burrow of a solitary ground bee',
    250,
    120,
    [120, 34, 16, 'a small heap, one hole, one bee'],
    shape('M6 44H234V152H6Z', '#c9b189') +
      shape('M92 44Q120 22 148 44Z', '#b79c6d') +
      line('M120 32V120', 8).replaceAll(INK, '#5a4630') +
      [
        [96, 96],
        [144, 108],
        [100, 126],
      ]
        .map(
          ([x, y]) =>
            line(`M120 ${(y ?? 0) - 10}L${x} ${y}`, 5).replaceAll(INK, '#5a4630') +
            oval(x ?? 0, y ?? 0, 11, 9, '#f3ecd9'),
        )
        .join(''),
  ),
  'turf-ant-brood': scene(
    'Brood of ants',
    5,
    60,
    [120, 92, 40, 'white pupae, carried off at once'],
    shape('M6 30H234V152H6Z', '#c9b189') +
      shape('M50 70Q120 50 190 74Q206 104 180 124Q120 136 66 122Q38 100 50 70Z', '#7d6546') +
      [
        [80, 88],
        [104, 82],
        [130, 84],
        [156, 90],
        [92, 106],
        [120, 104],
        [146, 108],
      ]
        .map(
          ([x, y]) =>
            oval(x ?? 0, y ?? 0, 13, 7, '#fbf7ec') + line(`M${(x ?? 0) - 9} ${(y ?? 0) + 3}h14`, 0.7),
        )
        .join(''),
  ),
};
