import { dot, INK, line, oval, shape } from './parts';
import type { Art } from './plate';

const [TAN, DARK] = ['#d9b77c', '#3a3330'];
const MIDDLE = 72;

const draw = (title: string, lengthMm: number, art: string, mark: Art['mark']): Art => ({
  ...{ title, lengthMm, art, mark },
});
/** The same on both sides of the middle line. */
const both = (of: (y: (off: number) => number) => string): string =>
  [1, -1].map((side) => of((off) => MIDDLE + side * off)).join('');

/** A small mammal from the side, its tail so long and its ears so large. */
const rodent = (fill: string, tail: number, ear: number): string =>
  [
    `<path d="M186 104Q${200 + tail * 0.2} 118 ${196 - tail * 0.1} 126T${150 - tail} 130" fill="none" stroke="#1b2021" stroke-width="4" stroke-linecap="round"/>`,
    shape(
      'M44 96Q60 74 84 72Q120 44 164 56Q200 70 192 104Q180 118 120 116Q76 116 60 106Q48 104 44 96Z',
      fill,
    ),
    oval(92, 70, ear, ear * 1.15, '#e7d3c0'),
    dot(66, 88, 3.4),
    line('M50 100L28 94M50 102L28 104M52 103L32 112', 1),
    line('M96 116l-6 10h10M160 116l2 10h12M128 116l-4 9h9'),
  ].join('');

/** Below the bar of true size. */
const sunk = (art: string): string => `<g transform="translate(6 18) scale(.9)">${art}</g>`;

/** Animals that are built otherwise than an insect, and what some leave; see `insects.ts`. */
export const ANIMALS: Readonly<Record<string, Art>> = {
  slug: draw(
    'Slug',
    50,
    [
      shape('M36 108Q36 84 64 84Q110 60 160 86Q196 100 214 110Q120 118 36 108Z', '#9a8468'),
      shape('M84 78Q108 64 124 80Q116 92 88 90Z', '#84704f'),
      line('M50 86L40 58M60 84L56 54M44 100l-10 -6', 2.2),
      dot(40, 57, 3),
      dot(56, 53, 3),
    ].join(''),
    [108, 82, 20, 'soft, slimy, no legs'],
  ),
  spittlebug: draw(
    'Spittlebug',
    9,
    line('M118 20V140', 3) +
      [
        [98, 96, 20],
        [126, 102, 22],
        [112, 82, 18],
        [140, 86, 16],
        [90, 112, 14],
      ]
        .map(([x = 0, y = 0, r = 0]) => oval(x, y, r, r * 0.9, '#ffffff'))
        .join('') +
      shape('M128 40Q150 22 190 34Q198 46 176 56L128 58Z', DARK) +
      line('M146 33l12 24M168 30l8 26', 3).replaceAll(INK, '#d97a2a') +
      line('M136 56l-6 12M152 56l2 12M166 55l10 12'),
    [112, 92, 30, 'white froth; two orange lines'],
  ),
  'drywood-termite': draw(
    'Pellets of drywood termites',
    1,
    [
      [70, 96],
      [96, 104],
      [122, 92],
      [148, 104],
      [110, 72],
      [138, 70],
      [88, 76],
      [162, 84],
    ]
      .map(([x = 0, y = 0], i) => {
        const fill = ['#c9a36b', '#a9793f', '#dfc08c'][i % 3] ?? TAN;
        return (
          shape(
            `M${x - 16} ${y - 5}L${x - 9} ${y - 10}H${x + 9}L${x + 16} ${y - 5}V${y + 4}L${x + 9} ${y + 9}H${x - 9}L${x - 16} ${y + 4}Z`,
            fill,
          ) + line(`M${x - 13} ${y - 3}H${x + 13}M${x - 13} ${y + 3}H${x + 13}`, 0.8)
        );
      })
      .join(''),
    [122, 92, 20, 'six sides, like coarse pepper'],
  ),
  scorpion: draw(
    'Scorpion',
    50,
    sunk(
      [
        both((y) =>
          [82, 94, 106, 118].map((x) => line(`M${x} ${y(14)}L${x + 8} ${y(34)}L${x - 2} ${y(48)}`)).join(''),
        ),
        both(
          (y) =>
            line(`M66 ${y(10)}Q44 ${y(30)} 34 ${y(30)}`, 5) +
            shape(`M36 ${y(24)}Q16 ${y(22)} 8 ${y(32)}Q20 ${y(36)} 38 ${y(36)}Z`, '#c9a36b'),
        ),
        oval(96, MIDDLE, 34, 18, '#c9a36b'),
        [80, 92, 104, 116].map((x) => line(`M${x} 55V89`, 0.9)).join(''),
        [
          [138, 70],
          [156, 66],
          [172, 58],
          [184, 46],
          [188, 32],
        ]
          .map(([x = 0, y = 0]) => oval(x, y, 10, 7.5, '#c9a36b'))
          .join(''),
        shape('M180 26Q184 10 172 6Q176 16 172 26Z', '#8a5a2b'),
      ].join(''),
    ),
    [164, 34, 16, 'a tail bent over the back'],
  ),
  mouse: draw('House mouse', 90, rodent('#8f857b', 40, 15), [92, 70, 18, 'large ears, small feet']),
  rat: draw('Rat', 220, rodent('#6f5a48', 10, 9), [92, 70, 14, 'small ears, blunt nose, thick tail']),
};
