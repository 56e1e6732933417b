import { larvaViews, type LarvaBody } from './measured-larva';
import type { Art } from './plate';
import { onPlate } from './plate';

const young = (title: string, lengthMm: number, body: LarvaBody, mark: Art['mark']): Art =>
  onPlate(title, lengthMm, larvaViews(body), mark);

const BORER: LarvaBody = {
  ...{ fill: '#f3ecd9', rings: 11, broad: 0.26, taper: 0.35, legs: 3, bent: true },
  ...{ head: [0.1, 0.16], headFill: '#8a5a2b', swollen: 0.22 },
};
const MAGGOT: LarvaBody = {
  ...{ fill: '#f3ecd9', rings: 10, broad: 0.2, taper: -0.1, legs: 0, head: [0, 0], headFill: '#1b2021' },
};

/** Larvae that are met beside the grown ones. */
export const LARVAE: Readonly<Record<string, Art>> = {
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
  'carpet-beetle': young(
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
};
