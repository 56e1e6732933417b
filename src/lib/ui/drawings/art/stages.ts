import { bothViews, larvaViews, type Body, type LarvaBody, type Plate } from './measured';
import type { Art } from './more-insects';
import { dot, dots, line, oval, shape } from './parts';

/** Stages that are met beside the one an entry is drawn by: beetles and moths of grubs and caterpillars, larvae, young, and nests. */

type Mark = Art['mark'];
/** The ring goes with the body, where that is drawn smaller. */
const onPlate = (title: string, lengthMm: number, { art, span, at }: Plate, [x, y, r, text]: Mark): Art => ({
  ...{ title, lengthMm, art, span },
  mark: [...at(x, y), r, text],
});
const adult = (title: string, lengthMm: number, body: Body, mark: Mark): Art => ({
  ...onPlate(title, lengthMm, bothViews(body), mark),
});
const young = (title: string, lengthMm: number, body: LarvaBody, mark: Mark): Art => ({
  ...onPlate(title, lengthMm, larvaViews(body), mark),
});

const CHAFER: Body = {
  ...{ fill: '#b98a4f', high: 0.82, head: [0.13, 0.24], thorax: [0.2, 0.42], abdomen: [0.67, 0.5] },
  legs: [
    [0.14, 0.12, 0.1],
    [0.16, 0.14, 0.12],
    [0.18, 0.17, 0.14],
  ],
  feelers: { long: 0.16, kind: 'fan' },
  wings: { long: 0.66, rest: 'cases' },
};
const MOTH: Body = {
  ...{ fill: '#a8977c', high: 0.9, head: [0.12, 0.14], thorax: [0.26, 0.24], abdomen: [0.62, 0.2] },
  legs: [
    [0.1, 0.1, 0.08],
    [0.14, 0.14, 0.1],
    [0.16, 0.18, 0.12],
  ],
  feelers: { long: 0.4, kind: 'thread' },
  wings: { long: 0.78, rest: 'roof' },
};
const ROACH: Body = {
  ...{ fill: '#c7975a', high: 0.42, head: [0.08, 0.2], thorax: [0.3, 0.42], abdomen: [0.62, 0.5] },
  legs: [
    [0.16, 0.16, 0.1],
    [0.2, 0.2, 0.12],
    [0.24, 0.28, 0.16],
  ],
  ...{ feelers: { long: 0.55, kind: 'thread' as const }, tail: 0.12 },
};
const WEEVIL: Body = {
  ...{ fill: '#5b5148', high: 0.85, head: [0.2, 0.1], thorax: [0.24, 0.3], abdomen: [0.56, 0.38] },
  legs: CHAFER.legs,
  ...{ feelers: { long: 0.16, kind: 'elbowed' as const }, wings: { long: 0.56, rest: 'cases' as const } },
};
const BORER: LarvaBody = {
  ...{ fill: '#f3ecd9', rings: 11, broad: 0.26, taper: 0.35, legs: 3, bent: true },
  ...{ head: [0.1, 0.16], headFill: '#8a5a2b', swollen: 0.22 },
};
const MAGGOT: LarvaBody = {
  ...{ fill: '#f3ecd9', rings: 10, broad: 0.2, taper: -0.1, legs: 0, head: [0, 0], headFill: '#1b2021' },
};
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

/** Grown cockroaches, by the same figures but for what tells them apart. */
const grown = (
  title: string,
  lengthMm: number,
  { wings = 0.74, fill, ...more }: Partial<Omit<Body, 'wings'>> & { fill: string; wings?: number },
  mark: Mark,
): Art =>
  adult(
    title,
    lengthMm,
    {
      ...ROACH,
      ...{ thorax: [0.2, 0.34], abdomen: [0.72, 0.4], head: [0.08, 0.16], high: 0.5 },
      ...{ fill, wings: { long: wings, rest: 'flat' } },
      ...more,
    },
    mark,
  );
const COCKROACHES: Readonly<Record<string, Art>> = {
  'german-cockroach': grown(
    'German cockroach',
    14,
    {
      fill: '#cfa566',
      marks: (at) =>
        [-0.06, 0.06]
          .map((v) => line(`M${at(0.09, v)[0]} ${at(0, v)[1]}L${at(0.26, v)[0]} ${at(0, v)[1]}`, 4.5))
          .join(''),
    },
    [90, 46, 17, 'two dark bars behind the head'],
  ),
  'brown-banded-cockroach': grown(
    'Brown-banded cockroach',
    12,
    {
      ...{ fill: '#8f5f31', abdomen: [0.7, 0.44], wings: 0.66 },
      marks: (at) =>
        (
          [
            [0.31, 0.13],
            [0.5, 0.2],
          ] as const
        )
          .map(([u, v]) => shape(`M${at(u, 0)[0]} ${at(0, -v)[1]}h9V${at(0, v)[1]}h-9Z`, '#ead7a8'))
          .join(''),
    },
    [112, 46, 20, 'pale bands across'],
  ),
  'american-cockroach': grown(
    'American cockroach',
    38,
    {
      ...{ fill: '#9a4f26', wings: 0.84, abdomen: [0.74, 0.36], thorax: [0.18, 0.32], tail: 0.16 },
      marks: (at) =>
        shape(
          `M${at(0.085, 0)[0]} ${at(0, -0.1)[1]}Q${at(0.17, 0)[0]} ${at(0, -0.2)[1]} ${at(0.25, 0)[0]} ${at(0, -0.1)[1]}Q${at(0.17, 0)[0]} ${at(0, -0.15)[1]} ${at(0.14, 0)[0]} ${at(0, 0)[1]}Q${at(0.17, 0)[0]} ${at(0, 0.15)[1]} ${at(0.25, 0)[0]} ${at(0, 0.1)[1]}Q${at(0.17, 0)[0]} ${at(0, 0.2)[1]} ${at(0.085, 0)[0]} ${at(0, 0.1)[1]}Z`,
          '#e8cf7d',
        ),
    },
    [90, 34, 15, 'a yellow edge behind the head'],
  ),
  'oriental-cockroach': grown(
    'Oriental cockroach',
    25,
    { ...{ fill: '#332823', wings: 0.36, abdomen: [0.7, 0.46], high: 0.55 } },
    [132, 46, 20, 'black, wings short'],
  ),
  'smokybrown-cockroach': grown(
    'Smokybrown cockroach',
    33,
    { ...{ fill: '#4a2c1f', wings: 0.86, abdomen: [0.74, 0.36] } },
    [90, 46, 18, 'one dark brown, no edge or bars'],
  ),
  'wood-cockroach': grown(
    'Wood cockroach',
    13,
    {
      ...{ fill: '#c2935a', wings: 0.84, abdomen: [0.72, 0.34] },
      marks: (at) =>
        [-1, 1]
          .map((side) =>
            line(
              `M${at(0.3, 0)[0]} ${at(0, side * 0.13)[1]}Q${at(0.6, 0)[0]} ${at(0, side * 0.19)[1]} ${at(0.9, 0)[0]} ${at(0, side * 0.12)[1]}`,
              3,
            ),
          )
          .join('')
          .replaceAll('#1b2021', '#f0e3c2'),
    },
    [140, 66, 14, 'light edge; flies, comes to light'],
  ),
};

export const STAGES: Readonly<Record<string, Art>> = {
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
  'bluegrass-weevil-adult': adult(
    'Annual bluegrass weevil',
    3.5,
    { ...WEEVIL, ...{ head: [0.15, 0.12], fill: '#6a6154' } },
    [80, 46, 14, 'a short, thick snout'],
  ),
  'billbug-adult': adult('Billbug', 9, { ...WEEVIL, ...{ head: [0.24, 0.08], fill: '#4a4a48' } }, [
    82,
    46,
    15,
    'a long, thin, bent snout',
  ]),
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
  'clothes-moth-larva': young(
    'Clothes moth larva',
    9,
    {
      ...{ fill: '#f1ead8', rings: 12, broad: 0.13, taper: 0.25, legs: 3, stumps: [5, 6, 7, 8, 11] },
      ...{ head: [0.08, 0.1], headFill: '#8a5a2b' },
    },
    [70, 46, 14, 'creamy, in webbing or a case'],
  ),
  'meal-moth-larva': young(
    'Meal moth larva',
    12,
    {
      ...{ fill: '#efdcc6', rings: 12, broad: 0.16, taper: 0.2, legs: 3, stumps: [5, 6, 7, 8, 11] },
      ...{ head: [0.09, 0.12], headFill: '#8a5a2b', bristles: 0.04 },
    },
    [128, 112, 22, 'pink or cream, stumps to the tail'],
  ),
  'carpet-beetle-larva': young(
    'Carpet beetle larva',
    5,
    {
      ...{ fill: '#a8703c', rings: 11, broad: 0.34, taper: 0.3, legs: 3 },
      ...{ head: [0.06, 0.16], headFill: '#5a3a20', bristles: 0.09, tail: 'tuft' },
    },
    [184, 46, 18, 'hairy, banded, a tuft at the tail'],
  ),
  'flea-larva': young(
    'Flea larva',
    4,
    {
      ...{ fill: '#efe8d6', rings: 13, broad: 0.09, taper: 0.15, legs: 0 },
      ...{ head: [0.07, 0.07], headFill: '#c9a05e', bristles: 0.06, tail: 'spines' },
    },
    [186, 46, 15, 'bristles, two spines at the tail'],
  ),
  'mosquito-larva': young(
    'Mosquito larva',
    7,
    {
      ...{ fill: '#c9bf9c', rings: 9, broad: 0.13, taper: 0.45, legs: 0, swollen: 0.9 },
      ...{ head: [0.14, 0.15], headFill: '#8a7a55', bristles: 0.07, tail: 'siphon' },
    },
    [192, 110, 17, 'breathes by a tube at the tail'],
  ),
  'drain-fly-larva': young(
    'Drain fly larva',
    8,
    {
      ...{ fill: '#a39a8b', rings: 12, broad: 0.12, taper: 0.35, legs: 0 },
      ...{ head: [0.07, 0.08], headFill: '#3a3330', tail: 'tube' },
    },
    [188, 46, 14, 'dark, a short tube at the tail'],
  ),
  'fungus-gnat-larva': young(
    'Fungus gnat larva',
    5,
    {
      ...{ fill: '#f4f1ea', rings: 12, broad: 0.1, taper: 0.3, legs: 0 },
      ...{ head: [0.08, 0.09], headFill: '#1b2021' },
    },
    [66, 46, 13, 'clear body, shining black head'],
  ),
  'fruit-fly-larva': young('Fruit fly maggot', 3.5, { ...MAGGOT, tail: 'spines' }, [
    186,
    46,
    14,
    'no head; two tips at the blunt end',
  ]),
  'cluster-fly-larva': young('Cluster fly maggot', 9, { ...MAGGOT, ...{ broad: 0.17, taper: 0.1 } }, [
    74,
    46,
    14,
    'lives in earthworms, seldom seen',
  ]),
  'woodworm-larva': young('Woodworm grub', 5, { ...BORER }, [96, 38, 18, 'bent, front hardly swollen']),
  'powderpost-beetle-larva': young(
    'Powderpost beetle grub',
    5,
    { ...BORER, ...{ swollen: 0.6, taper: 0.55 } },
    [90, 38, 20, 'bent, front much swollen'],
  ),
  'house-longhorn-larva': young(
    'House longhorn grub',
    25,
    { ...BORER, ...{ bent: false, broad: 0.2, taper: 0.45, swollen: 0.45, rings: 12, head: [0.06, 0.12] } },
    [86, 46, 22, 'straight, deep folds, broad front'],
  ),
  'ground-beetle-larva': young(
    'Ground beetle larva',
    18,
    {
      ...{ fill: '#4a443d', rings: 12, broad: 0.16, taper: 0.6, legs: 3 },
      ...{ head: [0.11, 0.13], headFill: '#8a4a2b', tail: 'spines' },
    },
    [64, 46, 14, 'big jaws: hunts others, leave it'],
  ),
  'garden-chafer-larva': young(
    'Garden chafer grub',
    16,
    { ...BORER, ...{ swollen: 0, taper: -0.15, broad: 0.24, head: [0.12, 0.2] } },
    [150, 100, 22, 'C-shaped, thick to the tail end'],
  ),
  'german-cockroach-nymph': adult(
    'German cockroach, young',
    8,
    {
      ...{ ...ROACH, fill: '#8a5f35' },
      marks: (at) =>
        shape(`M${at(0.1, 0)[0]} ${at(0, -0.05)[1]}H${at(0.72, 0)[0]}v11H${at(0.1, 0)[0]}Z`, '#d9b77c'),
    },
    [110, 46, 20, 'a pale stripe, no wings'],
  ),
  'brown-banded-cockroach-nymph': adult(
    'Brown-banded cockroach, young',
    7,
    {
      ...{ ...ROACH, fill: '#9c6d3e' },
      marks: (at) =>
        [0.32, 0.5]
          .map((u) => shape(`M${at(u, 0)[0]} ${at(0, -0.2)[1]}h8V${at(0, 0.2)[1]}h-8Z`, '#ead7a8'))
          .join(''),
    },
    [122, 46, 20, 'two pale bands, no wings'],
  ),
  'american-cockroach-nymph': adult(
    'American cockroach, young',
    22,
    { ...ROACH, ...{ fill: '#a3532c', abdomen: [0.6, 0.46], tail: 0.2 } },
    [180, 46, 18, 'red brown, long tail bristles'],
  ),
  'oriental-cockroach-nymph': adult(
    'Oriental cockroach, young',
    16,
    { ...ROACH, ...{ fill: '#3a2a22', abdomen: [0.62, 0.56], high: 0.5 } },
    [130, 110, 22, 'dark and shining, broad'],
  ),
  'smokybrown-cockroach-nymph': adult(
    'Smokybrown cockroach, young',
    20,
    {
      ...ROACH,
      ...{ fill: '#4b3127' },
      marks: (at) =>
        [-1, 1]
          .map((s) => line(`M${at(-0.12, s * 0.16)[0]} ${at(0, s * 0.16)[1]}l-14 ${s * 4}`, 3))
          .join('')
          .replaceAll('#1b2021', '#f3ecd9'),
    },
    [52, 46, 15, 'white tips of the feelers'],
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
  'spittlebug-young': scene(
    'Spittlebug in its froth',
    12,
    70,
    [104, 78, 34, 'froth at the base of a stem'],
    line('M96 150Q104 70 92 6M112 150Q118 84 136 10', 5).replaceAll('#1b2021', '#7d8f52') +
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
    line('M10 24Q120 10 230 34', 7).replaceAll('#1b2021', '#7d5a36') +
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
      line('M120 32V120', 8).replaceAll('#1b2021', '#5a4630') +
      [
        [96, 96],
        [144, 108],
        [100, 126],
      ]
        .map(
          ([x, y]) =>
            line(`M120 ${(y ?? 0) - 10}L${x} ${y}`, 5).replaceAll('#1b2021', '#5a4630') +
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

  ...COCKROACHES,
};
