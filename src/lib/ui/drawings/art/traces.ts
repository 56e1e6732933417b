import type { Art } from './more-insects';
import { beetle, dots, eightLegs, feelers, flier, legs, line, oval, shape } from './parts';
import { SIGN_ART } from './signs';

const [TURF, STRAW, SOIL, PALE] = ['#a9bf7d', '#e3d39a', '#c9b189', '#f3ecd9'];
const MIDDLE = 72;
const INK = '#1b2021';
const draw = (title: string, lengthMm: number, art: string, mark: Art['mark']): Art => ({
  ...{ title, lengthMm, art, mark },
});
/** What is found of a cause is what its sign looks like; below it is room for its mark. */
const sign = (id: string): string => `<g transform="translate(14 0) scale(.88)">${SIGN_ART[id] ?? ''}</g>`;
const lawn = (inside: string): string =>
  `<rect x="6" y="10" width="228" height="124" fill="${TURF}" stroke="${INK}" stroke-width="1.6"/>${inside}`;
const termite = (fill: string, head: string): string =>
  [
    legs([84, 98, 112], 26, 13),
    feelers(50, 24, 'straight'),
    oval(142, MIDDLE, 54, 22, fill),
    [110, 126, 142, 158, 174].map((x) => line(`M${x} 53V91`, 0.8)).join(''),
    oval(94, MIDDLE, 22, 17, fill),
    oval(60, MIDDLE, 20, 20, head),
    line('M42 66L30 60M42 78L30 84', 2),
  ].join('');

/** Drawings of traces that are no animal, and of bodies that were told in words alone; see `insects.ts`. */
export const TRACES: Readonly<Record<string, Art>> = {
  drought: draw('Turf that lacks water', 1200, sign('footprints-stay'), [120, 70, 26, 'footprints stay']),
  'dollar-spot': draw(
    'Dollar spot',
    300,
    lawn(
      [[60, 50], [120, 40], [176, 66], [88, 96], [150, 108], [200, 104]] // prettier-ignore
        .map(([x = 0, y = 0]) => oval(x, y, 15, 13, STRAW))
        .join(''),
    ),
    [120, 40, 18, 'bleached spots, as large as a coin'],
  ),
  'dog-urine': draw('Where a dog went', 300, sign('green-ring-spots'), [
    ...([88, 68, 34, 'a green ring round a dead middle'] as const),
  ]),
  scalping: draw('Mown to the quick', 900, sign('ridges-shaved'), [66, 62, 22, 'on the ridges alone']),
  mole: draw('Heaps of a mole', 600, sign('soil-cones'), [120, 84, 26, 'heaps of loose earth in a line']),
  gopher: draw(
    'Mound of a gopher',
    500,
    lawn(
      shape('M60 112Q40 60 110 44Q186 40 204 96Q200 124 150 112Q140 92 120 104Q96 124 60 112Z', SOIL) +
        oval(136, 104, 13, 9, '#8a6f4a') +
        dots([[80, 88], [104, 66], [150, 64], [176, 86], [120, 80]], 2), // prettier-ignore
    ),
    [136, 104, 18, 'a fan of soil, the plug at its side'],
  ),
  vole: draw('Runways of a vole', 600, sign('runways'), [146, 54, 18, 'runways as wide as two fingers']),
  earthworm: draw(
    'Casts of an earthworm',
    80,
    `<rect x="6" y="104" width="228" height="30" fill="${SOIL}" stroke="${INK}" stroke-width="1.6"/>` +
      [[60, 96], [120, 100], [176, 94]] // prettier-ignore
        .map(([x = 0, y = 0]) =>
          [0, 1, 2, 3]
            .map((k) => oval(x + (k % 2 === 0 ? -6 : 6), y - k * 8, 15 - k * 2, 7, '#8a6f4a'))
            .join(''),
        )
        .join('') +
      line('M200 104Q216 84 204 62', 7).replaceAll(INK, '#b5705c'),
    [120, 84, 20, 'coils of fine soil, like string'],
  ),
  'brown-patch': draw('Brown patch', 600, sign('smoke-ring'), [178, 72, 16, 'a smoky ring in the dew']),
  'red-thread': draw(
    'Red thread',
    60,
    [30, 70, 110, 150, 190]
      .map(
        (x, i) =>
          shape(
            `M${x} 134Q${x - 8} 80 ${x + 2} ${30 + i * 5}Q${x + 10} 80 ${x + 10} 134Z`,
            i % 2 === 0 ? STRAW : TURF,
          ) +
          line(
            `M${x + 2} ${32 + i * 5}l-8 -18M${x + 3} ${36 + i * 5}l8 -20M${x + 4} ${50 + i * 5}l12 -10`,
            2,
          ).replaceAll(INK, '#c0453a'),
      )
      .join(''),
    [112, 36, 16, 'red needles at the tips'],
  ),
  'fairy-ring': draw('Fairy ring', 3000, sign('mushroom-ring'), [80, 28, 18, 'darker grass in a ring']),
  fertiliser: draw('Burnt by what was strewn', 2000, sign('machine-pattern'), [
    ...([67, 108, 20, 'stripes as the machine went'] as const),
  ]),
  rubble: draw('Rubble below the turf', 600, sign('hard-below'), [120, 106, 22, 'something hard below']),
  'ground-pearl': draw('Ground pearls', 12, sign('pearls-on-roots'), [
    106,
    84,
    14,
    'yellow beads on the roots',
  ]),
  'turf-mite': draw('Tufts of turf mites', 80, sign('stunted-tufts'), [
    166,
    90,
    24,
    'shoots shortened into tufts',
  ]),
  'fibres-lint': draw(
    'Fibres under a lens',
    2,
    oval(120, 74, 96, 62, '#fffefa') +
      line(
        'M50 70Q90 30 130 66T200 60M70 104Q110 84 150 108M96 46l10 60M150 50l-24 40M60 88l30 10',
        2,
      ).replaceAll(INK, '#5f6f8a'),
    [130, 66, 16, 'no legs, no head: threads'],
  ),
  'house-cricket': draw(
    'House cricket',
    18,
    [
      feelers(40, 40, 'straight'),
      line('M146 60L176 22L206 70M146 84L176 122L206 74', 3),
      legs([76, 94, 112], 24, 14),
      oval(140, MIDDLE, 52, 17, '#c79a5c'),
      oval(82, MIDDLE, 18, 17, '#c79a5c'),
      oval(56, MIDDLE, 15, 15, '#d9b77c'),
      line('M48 62H62M46 72H66M48 82H62', 3).replaceAll(INK, '#6b4526'),
      line('M190 66L226 56M190 78L226 88', 1.4),
    ].join(''),
    [56, 72, 18, 'three dark bars across the head'],
  ),
  'dust-mite': draw(
    'Dust mite',
    0.3,
    eightLegs(
      34,
      oval(124, MIDDLE, 56, 34, PALE) + line('M96 60q20-8 44 0M92 74q30-10 70 0M98 90q24-8 54 0', 0.8),
      112,
    ),
    [124, 72, 36, 'seen under a microscope alone'],
  ),
  'clover-mite': draw(
    'Clover mite',
    0.8,
    eightLegs(40, oval(126, MIDDLE, 50, 30, '#9c3a24'), 114) +
      line('M92 58L60 26L22 20M92 86L60 118L22 124', 1.8),
    [44, 24, 18, 'the front legs far longer'],
  ),
  'dampwood-termite': draw('Dampwood termite', 15, termite('#e8d6ae', '#9a5a2c'), [
    ...([60, 72, 24, 'large; a red-brown head'] as const),
  ]),
  'cicada-killer': draw('Cicada killer', 38, flier({ fill: '#5a2f22', waist: 'wasp', bands: '#e6c133' }), [
    160,
    80,
    24,
    'large, slim, broken yellow bands',
  ]),
  'invasive-honey-bee': draw(
    'Honey bee of an invasive strain',
    13,
    flier({ fill: '#b07a3a', waist: 'wasp', furry: true, bands: '#5a3a20', legs: 'pollen' }),
    [96, 60, 24, 'looks like any honey bee'],
  ),
  'bluegrass-weevil': draw(
    'Annual bluegrass weevil',
    3.5,
    beetle({
      ...({
        fill: '#3d3732',
        broad: 22,
        feelers: 'elbowed',
        feelerLength: 18,
        legs: 22,
        snout: true,
      } as const),
      marks: dots([[116, 62], [132, 66], [150, 62], [120, 82], [140, 80], [162, 78], [108, 72]], 2).replaceAll(INK, '#d9c9a0'), // prettier-ignore
    }),
    [44, 78, 13, 'a short, broad snout'],
  ),
};
