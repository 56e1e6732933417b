import type { Repair, RepairRefusal } from '../core/clip';
import type { EditRefusal, EdgeType, Layer, Mark, Measured, Opening, ZoneKind } from '../core/plan';

export const ZONE_WORDS: Record<ZoneKind, string> = {
  lawn: 'lawn',
  play: 'play area',
  bed: 'bed',
  'edible-bed': 'edible bed',
  hard: 'hard ground',
  'no-spray': 'no-spray strip',
  building: 'building',
  water: 'water',
  room: 'room',
  void: 'void',
  tree: 'tree',
  nest: 'nest',
  spot: 'spot',
  sink: 'sink',
  cooker: 'cooker',
  fridge: 'fridge',
  cupboard: 'cupboard',
  skirting: 'skirting',
  pipe: 'pipe',
  drain: 'drain',
  entry: 'entry point',
  'bed-place': 'bed to sleep in',
  bin: 'bin',
};

export const MARK_WORDS: Record<Mark['kind'], string> = {
  spot: 'spot',
  lure: 'lure',
  trap: 'trap',
  monitor: 'monitor',
  flap: 'turf flap',
};

export const HOW_WORDS: Record<Measured['how'], string> = {
  tape: 'by tape',
  paces: 'by paces',
  picture: 'on a picture',
  geojson: 'from a file',
  eye: 'by eye',
};

export const EDGE_WORDS: Record<EdgeType, string> = {
  soil: 'soil',
  hard: 'hard ground',
  water: 'water',
  edible: 'edible bed',
  building: 'another building',
};

export const OPENING_WORDS: Record<Opening['kind'], string> = {
  door: 'door',
  window: 'window',
  vent: 'vent',
  gap: 'gap',
};

export const REPAIR_WORDS: Record<Repair, string> = {
  'duplicate-points': 'corners that stood twice were taken once',
  'crossed-itself': 'the outline crosses itself; what it encloses is taken',
};

export const OUTLINE_WORDS: Record<RepairRefusal, string> = {
  'too-few-points': 'An area needs three corners or more. Go on drawing.',
  'coordinate-out-of-range': 'A corner lies more than 100 km out. Check the unit and the length.',
  'area-not-positive': 'The outline encloses nothing. Move a corner off the line.',
  sliver: 'It is a sliver under 1 cm wide: two lines were drawn where one was meant.',
};

export const EDIT_WORDS: Record<EditRefusal, string> = {
  'nothing-left': 'That would leave it in more than one part, or nothing of it. Split it first.',
  'line-misses': 'It does not go through. Lay it right across.',
  'not-touching': 'They do not touch. Move one to the other, then join them.',
  'not-a-surface': 'Only areas can be cut and joined. Choose a zone with an outline.',
};

export const layerText = (layer: Layer): string => {
  if (layer === 'outside') return 'outside';
  if (layer === 'roof') return 'roof edge';
  const floor = Number(layer.slice('floor:'.length));
  return floor === 0 ? 'ground floor' : floor < 0 ? `cellar ${-floor}` : `floor ${floor}`;
};

/** Why a GeoJSON file was not taken, and the way out. */
export function geoJsonText(code: string, path: string, facts: Readonly<Record<string, unknown>>): string {
  const where = path === '' ? '' : ` (${path})`;
  const seen = facts.seen === undefined ? '' : `, seen: ${String(facts.seen)}`;
  switch (code) {
    case 'needs-anchor':
      return 'This plan has zones but no place on the earth. Give it one under “North and place”, then read the file again.';
    case 'too-far-apart':
      return `Parts of the file lie more than ${String(facts.most)} km from this plan. Read in the part of this property alone.`;
    case 'nothing-in-it':
      return 'There is nothing with a place in the file.';
    case 'outline-refused':
      return `The outline${where} cannot be used: ${
        OUTLINE_WORDS[facts.because as RepairRefusal] ?? 'it is damaged'
      }`;
    case 'invalid-input':
      return `A value${where} is out of range${seen}. Longitudes run from −180 to 180, latitudes from −85 to 85.`;
    default:
      return `This is no GeoJSON that can be read${where}${seen}. Nothing was taken.`;
  }
}
