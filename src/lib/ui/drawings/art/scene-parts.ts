import { INK, dot, line, oval, shape } from './parts';

export const [TURF, SOIL, STRAW, WOOD, WALL, DARK, PALE] = [
  ...(['#a9bf7d', '#c9b189', '#e3d39a', '#d8b98a', '#e9e4d6', '#3a3330', '#f3ecd9'] as const),
];

export const spread = (
  n: number,
  w: number,
  h: number,
  x: number,
  y: number,
): (readonly [number, number])[] =>
  Array.from({ length: n }, (_, i) => [x + ((i * 37) % w), y + ((i * 53) % h)] as const);
export const rect = (x: number, y: number, w: number, h: number, fill: string): string =>
  `<rect x="${x}" y="${y}" width="${w}" height="${h}" fill="${fill}" stroke="${INK}" stroke-width="1.6"/>`;
/** Blades along the top of a bed of soil. */
export const sod = (y = 96): string =>
  shape(`M6 ${y}H234V150H6Z`, SOIL) +
  Array.from({ length: 30 }, (_, i) => line(`M${10 + i * 7.6} ${y}l${i % 2 === 0 ? -2 : 3} -14`, 1.1)).join(
    '',
  );
/** Turf from above. */
export const lawn = (inside: string, fill: string = TURF): string => rect(6, 10, 228, 138, fill) + inside;
export const small = (art: string, x: number, y: number, k: number): string =>
  `<g transform="translate(${x} ${y}) scale(${k})">${art}</g>`;
export const bird = (x: number, y: number, fill: string, k = 1): string =>
  small(
    shape('M0 0Q18 -22 44 -12L70 2L46 8Q22 18 0 0Z', fill) +
      oval(-2, -8, 11, 10, fill) +
      shape('M-12 -9L-32 2L-11 -3Z', '#d9a441') +
      dot(-4, -11, 2) +
      line('M24 12V34l-6 4m6-4 8 4M36 10V34l-6 4m6-4 8 4', 1.6),
    x,
    y,
    k,
  );
export const grain = (x: number, y: number): string =>
  oval(x, y, 20, 9, '#dfb877') + line(`M${x - 16} ${y}h32`, 1);
export const moon = shape('M196 16a20 20 0 1 0 20 30a17 17 0 0 1-20-30Z', '#f2e2a8');
export const skin = (inside: string): string =>
  shape('M6 60Q90 44 234 52V128Q120 140 6 126Z', '#eac6a8') + inside;
export const bite = (x: number, y: number): string => oval(x, y, 9, 7, '#d9806a') + dot(x, y, 2);
