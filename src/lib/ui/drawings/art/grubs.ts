import { grubView, larvaViews, type LarvaBody } from './measured-larva';
import type { Art } from './plate';
import { dot, INK, line, RASTERS } from './parts';
import { onPlate, point } from './plate';

const GRUB: LarvaBody = {
  ...{ fill: '#f3ecd9', rings: 10, broad: 0.24, taper: -0.12, legs: 3, bent: true },
  ...{ head: [0.13, 0.19], headFill: '#b9824a' },
};
const grub = (
  title: string,
  lengthMm: number,
  raster: keyof typeof RASTERS,
  mark: Art['mark'],
  more: Partial<LarvaBody> = {},
): Art => onPlate(title, lengthMm, grubView({ ...GRUB, ...more }, RASTERS[raster]), mark);
const larva = (title: string, lengthMm: number, body: LarvaBody, mark: Art['mark']): Art =>
  onPlate(title, lengthMm, larvaViews(body), mark);

/** A caterpillar: three pairs of legs, four of stumps and one at the tail. */
const CATERPILLAR: LarvaBody = {
  ...{ fill: '#e9e2c8', rings: 13, broad: 0.15, taper: 0.2, legs: 3, stumps: [5, 6, 7, 8, 12] },
  ...{ head: [0.09, 0.13], headFill: '#8a6a45' },
};
const along = (
  at: (u: number, v: number) => readonly [number, number],
  v: number,
  width: number,
  fill: string,
): string =>
  line(
    `M${Array.from({ length: 25 }, (_, i) => point(at(0.04 + (i / 24) * 0.92, v))).join('L')}`,
    width,
  ).replace(INK, fill);

/** The pale letter on the forehead of an armyworm, its arms towards the mouth. */
const wye = (at: (u: number, v: number) => readonly [number, number]): string => {
  const [x, y] = at(0.012, 0);
  return line(`M${x - 1} ${y}h-5l-4 -4M${x - 6} ${y}l-4 4`, 1.6).replace(INK, '#f3ecd9');
};

/** Grubs and caterpillars of turf, by the same figures but for what tells them apart. */
export const GRUBS: Readonly<Record<string, Art>> = {
  'japanese-beetle': grub('Japanese beetle grub', 20, 'short-v', [187, 70, 15, 'a short V of spines']),
  'chafer-grub': grub('Chafer grub', 20, 'rows-spread', [187, 62, 20, 'rows part like an open zip']),
  'june-beetle': grub('June beetle grub', 30, 'rows-oval', [187, 58, 20, 'a long oval of two rows'], {
    broad: 0.26,
  }),
  'masked-chafer': grub('Masked chafer grub', 19, 'none', [187, 64, 22, 'no rows, only scattered spines']),
  'oriental-beetle': grub('Oriental beetle grub', 18, 'rows-straight', [
    187,
    66,
    16,
    'two short straight rows',
  ]),
  'black-beetle': grub(
    'African black beetle grub',
    25,
    'none',
    [187, 64, 22, 'no rows of spines on the last ring'],
    {
      headFill: '#7a4a24',
    },
  ),
  'garden-chafer': grub('Garden chafer grub', 14, 'rows-straight', [73, 105, 17, 'small; a brown head'], {
    ...{ broad: 0.22, headFill: '#8a5a2b' },
  }),
  cockchafer: grub('Cockchafer grub', 40, 'rows-oval', [76, 42, 20, 'thick as a thumb'], {
    ...{ broad: 0.3, head: [0.15, 0.24], headFill: '#a5642c' },
  }),
  'grass-grub': grub('New Zealand grass grub', 20, 'none', [73, 105, 17, 'a honey-coloured head'], {
    ...{ headFill: '#dba84f' },
  }),
  'billbug-in-soil': larva(
    'Billbug larva',
    8,
    {
      ...{
        fill: '#f3ecd9',
        rings: 10,
        broad: 0.32,
        taper: 0.1,
        legs: 0,
        head: [0.13, 0.19],
        headFill: '#8a5a2b',
      },
      bent: true,
    },
    [132, 84, 15, 'brown head, no legs'],
  ),
  'bluegrass-weevil-in-soil': larva(
    'Annual bluegrass weevil, larva at the crown',
    4.5,
    {
      ...{
        fill: '#f3ecd9',
        rings: 10,
        broad: 0.26,
        taper: 0.15,
        legs: 0,
        head: [0.12, 0.17],
        headFill: '#a5642c',
      },
    },
    [68, 46, 14, 'like a grain of rice, no legs'],
  ),
  'sod-webworm': larva(
    'Sod webworm',
    18,
    {
      ...CATERPILLAR,
      marks: (at) =>
        Array.from({ length: 12 }, (_, i) =>
          [-0.5, 0.45].map((v) => dot(...at((i + 0.9) / 13, v), 2.1).replace(INK, '#6b5335')).join(''),
        ).join(''),
    },
    [108, 46, 15, 'pale with dark spots'],
  ),
  armyworm: larva(
    'Armyworm',
    30,
    {
      ...CATERPILLAR,
      ...{ fill: '#c9c79c', broad: 0.17, head: [0.1, 0.15], headFill: '#6b5335' },
      marks: (at, side) =>
        (side ? [-0.5, 0.1, 0.45] : [-0.75, -0.4, 0.4, 0.75])
          .map((v, i) => along(at, v, i % 2 === 0 ? 3 : 1.6, i === 1 ? '#8a5a2b' : '#4a4a34'))
          .join('') + wye(at),
    },
    [64, 46, 14, 'a pale Y on the head, striped'],
  ),
  cutworm: larva(
    'Cutworm',
    35,
    {
      ...CATERPILLAR,
      ...{ fill: '#a9a498', broad: 0.2, taper: 0.1, headFill: '#6f5a43', bent: true, stumps: [5, 6, 7, 8] },
      marks: (at) => Array.from({ length: 11 }, (_, i) => dot(...at((i + 1.5) / 13, -0.45), 1.5)).join(''),
    },
    [122, 102, 22, 'stout, grey, curls up'],
  ),
  'crane-fly': larva(
    'Crane-fly larva',
    25,
    {
      ...{ fill: '#9b9384', rings: 11, broad: 0.2, taper: 0.05, legs: 0, head: [0, 0], headFill: INK },
      tail: 'lobes',
    },
    [184, 46, 18, 'no head, lobes at the tail'],
  ),
};
