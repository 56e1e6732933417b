import type { Way } from '../core/case';
import type { Ground } from '../core/ground';
import type { Measured, PlaceNoun } from '../core/method';
import { valueIn, type Quantity } from '../core/units';
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

/** The ways that fit what a label reckons by, the usual one first. */
export const WAYS_FOR: Readonly<Record<Measured, readonly Way[]>> = {
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
  mound: ['mound in the lawn', 'mound by the path', 'mound at the kerb'],
  crack: ['skirting', 'gap at a pipe', 'window frame', 'under the sill'],
  trap: ['by the door', 'on the shelf', 'behind the oven', 'under the bed leg'],
  drain: ['floor drain', 'sink', 'shower'],
  void: ['socket box', 'pipe entry', 'loft hatch', 'weep hole'],
  spot: ['under the sill', 'corner', 'behind the cupboard'],
};

/** What of a ground is told first: its area, else its places, its edges, its volume. */
export function groundText(ground: Ground, noun: PlaceNoun, show: Show): string {
  const { places, edgeM, volumeM3 } = ground.counted;
  const told = [
    ...(places > 0 ? [placesText(show.numberText(places), places !== 1, noun)] : []),
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
