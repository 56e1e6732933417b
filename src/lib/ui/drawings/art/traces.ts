import type { Art } from './plate';
import { dots, INK, line, oval, shape } from './parts';
import { SIGN_ART } from './signs';

const [TURF, STRAW, SOIL] = ['#a9bf7d', '#e3d39a', '#c9b189'];
const draw = (title: string, lengthMm: number, art: string, mark: Art['mark']): Art => ({
  ...{ title, lengthMm, art, mark },
});
/** What is found of a cause is what its sign looks like; below it is room for its mark. */
const sign = (id: string): string => `<g transform="translate(14 0) scale(.88)">${SIGN_ART[id] ?? ''}</g>`;
const lawn = (inside: string): string =>
  `<rect x="6" y="10" width="228" height="124" fill="${TURF}" stroke="${INK}" stroke-width="1.6"/>${inside}`;
/** Drawings of traces that are no animal; see `insects.ts`. */
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
};
