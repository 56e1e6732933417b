import type { Way } from '../core/case';
import type { Ground } from '../core/ground';
import type { Measured, MethodId, MethodRow, PlaceNoun } from '../core/method';
import { valueIn, type Quantity, type Unit } from '../core/units';
import type { Show } from './show';

/** What a way of measuring is called. */
export const WAY_WORDS: Readonly<Record<Way, string>> = {
  tape: 'By tape',
  paces: 'By calibrated paces',
  plan: 'On the plan',
  known: 'A figure I know',
  places: 'Places, counted',
  edges: 'Walls and edges',
  volume: 'Litres or a void',
  grid: 'Points in a grid',
};

/** The ways that fit what a label reckons by and how it is put down, the usual one first. */
export function waysFor(measured: Measured | null, method: MethodRow | null): readonly Way[] {
  // A band is walked along walls, whatever its label reckons by; its area follows from up and out.
  if (method?.placing === 'band' && measured !== 'places') return ['edges', 'plan', 'known'];
  if (method?.id === 'points-grid') return ['grid', 'places', 'plan'];
  return WAYS_FOR[measured ?? 'area'];
}

const WAYS_FOR: Readonly<Record<Measured, readonly Way[]>> = {
  area: ['tape', 'paces', 'plan', 'known'],
  places: ['places', 'grid', 'plan'],
  edge: ['edges', 'plan'],
  volume: ['volume', 'plan'],
  instruction: ['places', 'edges', 'known'],
};

/** One and several of what is treated place by place. */
export const PLACE_WORDS: Readonly<Record<PlaceNoun, readonly [one: string, many: string]>> = {
  lane: ['lane', 'lanes'],
  'face-of-wall': ['face of the wall', 'faces of the wall'],
  crack: ['crack', 'cracks'],
  mound: ['mound', 'mounds'],
  nest: ['nest', 'nests'],
  'place-of-gel': ['place', 'places'],
  station: ['station', 'stations'],
  void: ['entry', 'entries'],
  point: ['point', 'points'],
  trap: ['trap', 'traps'],
  drain: ['drain', 'drains'],
  sheet: ['sheet', 'sheets'],
  water: ['vessel', 'vessels'],
  spot: ['spot', 'spots'],
};

/** "24 places", "1 mound". */
export const placesText = (count: string, many: boolean, noun: PlaceNoun): string =>
  `${count} ${PLACE_WORDS[noun][many ? 1 : 0]}`;

/** Kinds of place that are offered while they are typed; any other word may be typed as well. */
export const KINDS_OF_PLACE: Readonly<Partial<Record<PlaceNoun, readonly string[]>>> = {
  'place-of-gel': [
    ...['hinge', 'drawer corner', 'motor of the fridge', 'behind the oven, on a card', 'under the sink'],
    ...['pipe gap', 'side of the dishwasher', 'gap of the skirting', 'electric box, from outside'],
  ],
  station: ['along the wall', 'under the sink', 'behind the bins', 'by the door', 'loft'],
  nest: ['nest under the eaves', 'nest in the ground', 'nest in a hedge'],
  mound: ['mound in the lawn', 'mound by the path', 'mound at the kerb'],
  crack: ['skirting', 'gap at a pipe', 'window frame', 'under the sill'],
  trap: ['by the door', 'on the shelf', 'behind the oven', 'under the bed leg'],
  drain: ['floor drain', 'sink', 'shower'],
  void: ['socket box', 'pipe entry', 'loft hatch', 'weep hole'],
  spot: ['under the sill', 'corner', 'behind the cupboard'],
};

/** What can be counted; where a method goes by lanes, faces or vessels, what is counted on its ground are points. */
const COUNTED: ReadonlySet<PlaceNoun> = new Set([
  ...([
    'mound',
    'nest',
    'place-of-gel',
    'station',
    'void',
    'point',
    'trap',
    'drain',
    'spot',
    'crack',
  ] as const),
]);

/** What of a ground is told first: its area, else its places, its edges, its volume. */
export function groundText(ground: Ground, noun: PlaceNoun, show: Show): string {
  const { places, edgeM, volumeM3 } = ground.counted;
  const told = [
    ...(places > 0
      ? [placesText(show.numberText(places), places !== 1, COUNTED.has(noun) ? noun : 'point')]
      : []),
    ...(edgeM > 0 ? [`${show.lengthText(edgeM)} of edge`] : []),
    ...(ground.area.value > 0 ? [show.quantityText(ground.area)] : []),
    ...(volumeM3 > 0 ? [volumeText(volumeM3, show)] : []),
  ];
  return told.join(', ');
}

const volumeText = (m3: number, show: Show): string => {
  const us = show.manner.units === 'us';
  const unit = m3 < LARGE_M3 ? (us ? 'gal' : 'l') : us ? 'ft3' : 'm3';
  return show.quantityText({ value: valueIn({ value: m3, unit: 'm3' }, unit), unit });
};
const LARGE_M3 = 0.5;

/** What was treated, as a record has it: "over 120 m²", "at 24 places", "along 18 m". */
export function overText({ value, unit }: Quantity, show: Show): string {
  if (unit === 'count') return `at ${show.numberText(value)} ${value === 1 ? 'place' : 'places'}`;
  const along = unit === 'm' || unit === 'ft';
  return `${along ? 'along' : unit === 'm2' || unit === 'ft2' ? 'over' : 'into'} ${show.quantityText({ value, unit })}`;
}

/** How each method goes down, and what is done with what is left. */
export const HOW_PLACED: Readonly<Record<MethodId, string>> = {
  'spray-ground':
    'In even passes at the walk that was measured, backwards from water and doors; shut off at the turn.',
  'spray-band':
    'Face by face, the wall first and the ground after, from the far end back to where you came from; over hard ground only cracks and joints.',
  'spray-cracks':
    'Into cracks, gaps and joints alone, in a thin line; wipe off what runs out. Never over open surfaces unless the label says so.',
  'spray-room':
    'Room by room from the far wall to the door, so that nothing is trodden on wet; under furniture and along edges first. The door stays closed until it is dry.',
  'hose-jug': 'In even passes, walking backwards; the jug is shut off before you turn or stand.',
  'hose-dial': 'In even passes, walking backwards; the dial is closed before you turn or stand.',
  drench:
    'From the outside in, slowly, so that nothing runs off. What is left in the tank goes onto ground that the label names.',
  'granule-spreader':
    'Once along and once across, each with half; opened while walking, closed before the turn. Blow or brush back what lies on hard ground.',
  'granule-shaker': 'Low over the ground, in two directions. Brush back what lies on hard ground.',
  'bait-granule':
    'Thinly and evenly, or round the mound and never on it; dry ground, dry bait, never watered in. Brush back what lies on hard ground.',
  'gel-drops':
    'Several small drops rather than one large one, out of the reach of children and pets, never where food is laid or a surface was sprayed. Wipe the tip; note at Log what each place got.',
  'bait-station':
    'Out of the reach of children and pets, along edges where they run. Number each one, and lift what is not needed any more.',
  'dust-film':
    'A film that is hardly seen, puffed into dry cracks and hollows; never a heap, and never where air or feet move it. A mask is worn; what lies open is vacuumed up.',
  'dust-void':
    'Through each entry in short puffs, until a light haze comes back; close what must stay closed.',
  aerosol:
    'As the instruction says: into cracks and along edges, can upright, nobody else in the room; then out and the door closed.',
  'nest-jet':
    'After dark, from the side and not from below, with the way back free; as far off as the label lets the jet reach. Watch on the next two days.',
  'space-spray':
    'The room emptied and closed first, fires and pilot lights out; from the far wall to the door, then out. Air it as long as the label says.',
  nematodes:
    'At dusk onto wet ground, without a fine filter, the tank shaken on the way; water again before it dries.',
  'dug-soil': 'Dug out with its nest, mixed until it is even, and put back; note at Log how much was dug.',
  'points-grid': 'Row by row, to and fro, the same at each point; note at Log what differed.',
  'ground-sheet':
    'Soak the turf, lay the sheet flat at dusk, weigh its edges down; lift it at dawn and count.',
  trap: 'Out of the reach of children and pets, where they were seen. Number each one, and lift what is not needed any more.',
  drain: 'Down the sides of each, as deep as the brush goes; nothing down it until it has worked.',
  water: 'Spread evenly over the water that was measured, and never where it flows away.',
  'without-product': 'Place by place, as they are listed at Measure; number each one.',
};

/** What is written down as done, by what a label reckons by: its name, and the units that it may be in. */
export const DONE_WORDS = {
  area: { label: 'Area done', units: ['m2', 'ft2'] },
  places: { label: 'Places done', units: ['count'] },
  edge: { label: 'Length done', units: ['m', 'ft'] },
  volume: { label: 'Volume done', units: ['l', 'gal', 'm3', 'ft3'] },
  instruction: { label: 'How much was done', units: ['count', 'm', 'ft', 'm2', 'ft2'] },
} as const satisfies Record<Measured, { label: string; units: readonly Unit[] }>;

/** An amount of product; of things, what they are called: "2 sheets". */
export const productText = (product: Quantity, noun: PlaceNoun | null, show: Show): string =>
  product.unit === 'count' && noun !== null && OF_ITSELF.has(noun)
    ? placesText(show.numberText(product.value), product.value !== 1, noun)
    : show.quantityText(product);

/** Places that are the product itself. */
const OF_ITSELF: ReadonlySet<PlaceNoun> = new Set(['station', 'trap', 'sheet']);
