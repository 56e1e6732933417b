import { adult, ROACH } from './bodies';
import type { Body } from './measured';
import type { Art } from './plate';
import { INK, line, shape } from './parts';

type Mark = Art['mark'];
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

/** Cockroaches, grown and young. */
export const COCKROACHES: Readonly<Record<string, Art>> = {
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
          .replaceAll(INK, '#f0e3c2'),
    },
    [140, 66, 14, 'light edge; flies, comes to light'],
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
          .replaceAll(INK, '#f3ecd9'),
    },
    [52, 46, 15, 'white tips of the feelers'],
  ),
};
