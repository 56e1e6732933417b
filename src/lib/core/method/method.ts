/** How a product, or work without one, is put down. */
export const METHOD_IDS = [
  ...([
    'spray-ground',
    'spray-band',
    'spray-cracks',
    'spray-room',
    'hose-jug',
    'hose-dial',
    'drench',
  ] as const),
  ...([
    'granule-spreader',
    'granule-shaker',
    'bait-granule',
    'gel-drops',
    'bait-station',
    'dust-film',
  ] as const),
  ...([
    'dust-void',
    'aerosol',
    'nest-jet',
    'space-spray',
    'nematodes',
    'dug-soil',
    'points-grid',
    'ground-sheet',
  ] as const),
  ...(['trap', 'drain', 'water', 'without-product'] as const),
] as const;
export type MethodId = (typeof METHOD_IDS)[number];

/** What is measured of the ground, the one that is asked first. */
export type Measured = 'area' | 'edge' | 'places' | 'volume' | 'instruction';

/** What Place shows. */
export type Placing = 'lanes' | 'crossed' | 'band' | 'points' | 'cracks' | 'void' | 'sheet' | 'list' | 'pour';

/** How far it is, is told by what. */
export type ProgressBy = 'load' | 'pass' | 'places' | 'nights' | 'none';

/** What is done with what is left over. */
export type LeftOver = 'rinsate' | 'brush-off' | 'collect' | 'wipe' | 'nothing';

/** Codes of words: how one of what is counted is called, and what it goes onto. */
export type PlaceNoun =
  | 'lane'
  | 'face-of-wall'
  | 'crack'
  | 'mound'
  | 'nest'
  | 'place-of-gel'
  | 'station'
  | 'void'
  | 'point'
  | 'trap'
  | 'drain'
  | 'sheet'
  | 'water'
  | 'spot';
export type GroundNoun = 'turf' | 'ground' | 'edge' | 'room' | 'soil' | 'void' | 'water' | 'places';

/** One row answers for a method everywhere: nothing else asks for form or surrounding to decide the same. */
export interface MethodRow {
  readonly id: MethodId;
  readonly measured: Measured;
  /** Other ways in which its label may reckon. */
  readonly or: readonly Measured[];
  readonly placing: Placing;
  readonly progress: ProgressBy;
  readonly leftOver: LeftOver;
  /** Whether wind, rain and warmth outdoors bear on it. */
  readonly weather: boolean;
  /** `dusk`: out of the sun, late or early; `night`: laid in the evening for the night; `dark`: after nightfall alone. */
  readonly hours: 'any' | 'day' | 'dusk' | 'night' | 'dark';
  readonly pastMidnight: boolean;
  readonly noun: PlaceNoun;
  readonly onto: GroundNoun;
}

type Row = Omit<MethodRow, 'id' | 'or' | 'pastMidnight' | 'hours'> &
  Partial<Pick<MethodRow, 'or' | 'pastMidnight' | 'hours'>>;
const row = (one: Row): Omit<MethodRow, 'id'> => ({ or: [], hours: 'any', pastMidnight: false, ...one });

const ROWS: Readonly<Record<MethodId, Omit<MethodRow, 'id'>>> = {
  'spray-ground': row({
    ...{ measured: 'area', placing: 'lanes', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: true, noun: 'lane', onto: 'turf' },
  }),
  'spray-band': row({
    ...{ measured: 'edge', or: ['area'], placing: 'band', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: true, noun: 'face-of-wall', onto: 'edge' },
  }),
  'spray-cracks': row({
    ...{ measured: 'edge', or: ['area', 'places'], placing: 'cracks', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: false, noun: 'crack', onto: 'room' },
  }),
  // Carpets, furniture, the floor of a room: surfaces, and no lanes.
  'spray-room': row({
    ...{ measured: 'area', or: ['edge', 'places'], placing: 'list', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: false, noun: 'spot', onto: 'room' },
  }),
  'hose-jug': row({
    ...{ measured: 'area', placing: 'lanes', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: true, noun: 'lane', onto: 'turf' },
  }),
  'hose-dial': row({
    ...{ measured: 'area', placing: 'lanes', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: true, noun: 'lane', onto: 'turf' },
  }),
  drench: row({
    ...{ measured: 'places', or: ['area', 'volume'], placing: 'points', progress: 'places' },
    ...{ leftOver: 'rinsate', weather: true, noun: 'mound', onto: 'soil' },
  }),
  'granule-spreader': row({
    ...{ measured: 'area', placing: 'crossed', progress: 'pass', leftOver: 'brush-off' },
    ...{ weather: true, noun: 'lane', onto: 'turf' },
  }),
  'granule-shaker': row({
    ...{ measured: 'area', or: ['places'], placing: 'lanes', progress: 'pass', leftOver: 'brush-off' },
    ...{ weather: true, noun: 'spot', onto: 'ground' },
  }),
  'bait-granule': row({
    ...{ measured: 'area', or: ['places'], placing: 'lanes', progress: 'pass', leftOver: 'brush-off' },
    ...{ weather: true, noun: 'spot', onto: 'ground' },
  }),
  'gel-drops': row({
    ...{ measured: 'places', or: ['area', 'edge'], placing: 'points', progress: 'places', leftOver: 'wipe' },
    ...{ weather: false, noun: 'place-of-gel', onto: 'places' },
  }),
  'bait-station': row({
    ...{ measured: 'places', or: ['area', 'edge'], placing: 'points', progress: 'places' },
    ...{ leftOver: 'collect', weather: false, noun: 'station', onto: 'places' },
  }),
  'dust-film': row({
    ...{ measured: 'area', or: ['edge', 'places'], placing: 'cracks', progress: 'places' },
    ...{ leftOver: 'collect', weather: false, noun: 'crack', onto: 'room' },
  }),
  'dust-void': row({
    ...{ measured: 'volume', or: ['area', 'places'], placing: 'void', progress: 'places' },
    ...{ leftOver: 'nothing', weather: false, noun: 'void', onto: 'void' },
  }),
  aerosol: row({
    ...{ measured: 'instruction', or: ['edge', 'places', 'area'], placing: 'cracks', progress: 'places' },
    ...{ leftOver: 'nothing', weather: false, noun: 'spot', onto: 'room' },
  }),
  // From a distance into the way in, after dark.
  'nest-jet': row({
    ...{
      measured: 'places',
      or: ['instruction'],
      placing: 'points',
      progress: 'places',
      leftOver: 'nothing',
    },
    ...{ weather: true, hours: 'dark', noun: 'nest', onto: 'places' },
  }),
  'space-spray': row({
    ...{ measured: 'volume', or: ['instruction'], placing: 'list', progress: 'none', leftOver: 'nothing' },
    ...{ weather: false, noun: 'void', onto: 'room' },
  }),
  nematodes: row({
    ...{ measured: 'area', or: ['places'], placing: 'lanes', progress: 'load', leftOver: 'rinsate' },
    ...{ weather: true, hours: 'dusk', noun: 'lane', onto: 'turf' },
  }),
  'dug-soil': row({
    ...{ measured: 'volume', or: ['places'], placing: 'pour', progress: 'places', leftOver: 'nothing' },
    ...{ weather: true, noun: 'mound', onto: 'soil' },
  }),
  'points-grid': row({
    ...{ measured: 'places', or: ['area'], placing: 'points', progress: 'places', leftOver: 'nothing' },
    ...{ weather: true, noun: 'point', onto: 'turf' },
  }),
  'ground-sheet': row({
    ...{ measured: 'area', placing: 'sheet', progress: 'nights', leftOver: 'collect' },
    ...{ weather: true, hours: 'night', pastMidnight: true, noun: 'sheet', onto: 'turf' },
  }),
  trap: row({
    ...{ measured: 'places', placing: 'list', progress: 'places', leftOver: 'collect' },
    ...{ weather: false, noun: 'trap', onto: 'places' },
  }),
  drain: row({
    ...{ measured: 'places', or: ['edge'], placing: 'pour', progress: 'places', leftOver: 'nothing' },
    ...{ weather: false, noun: 'drain', onto: 'places' },
  }),
  water: row({
    ...{ measured: 'volume', or: ['area'], placing: 'pour', progress: 'places', leftOver: 'nothing' },
    ...{ weather: true, noun: 'water', onto: 'water' },
  }),
  'without-product': row({
    ...{ measured: 'instruction', or: ['area', 'places'], placing: 'list', progress: 'places' },
    ...{ leftOver: 'nothing', weather: false, noun: 'spot', onto: 'ground' },
  }),
};

/** Whether what is left in the tank or hopper is held against the area done, and not places or nights. */
export const goesByArea = ({ progress }: Pick<MethodRow, 'progress'>): boolean =>
  progress === 'load' || progress === 'pass';

/** All that a method decides. */
export const methodRow = (id: MethodId): MethodRow => ({ id, ...ROWS[id] });
