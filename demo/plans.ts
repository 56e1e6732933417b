import type { Corner, Point } from '../src/lib/core/geometry';
import {
  EMPTY_PLAN,
  type Layer,
  type Mark,
  type Plan,
  type Zone,
  type ZoneKind,
  type ZoneShape,
} from '../src/lib/core/plan';

const zone = (
  id: string,
  name: string,
  kind: ZoneKind,
  shape: ZoneShape,
  more: Partial<Zone> = {},
): Zone => ({
  ...{ id, name, kind, layer: 'outside', shape, measured: { how: 'tape', errorPct: 1 } },
  ...{ height: null, openings: [], note: '', from: [], foreign: null },
  ...more,
});
const box = (x: number, y: number, length: number, width: number): ZoneShape => ({
  ...{ kind: 'rectangle', at: [x, y], length, width, turn: 0 },
});
const outline = (...corners: Corner[]): ZoneShape => ({ kind: 'polygon', corners, holes: [] });
const at = (x: number, y: number): ZoneShape => ({ kind: 'place', at: [x, y] });
const mark = (
  number: number,
  kind: Mark['kind'],
  place: Point,
  counts: readonly (readonly [string, number])[],
  layer: Layer = 'outside',
): Mark => ({
  ...{ id: `m${number}`, number, kind, at: place, layer },
  readings: counts.map(([on, count]) => ({ on, count, note: '' })),
});
const PACED = { measured: { how: 'paces', errorPct: 3 } } as const;
const INSIDE = { layer: 'floor:0' } as const;

/** The lake lies to the west, the house to the east; the lawn between them was paced. */
const GUEST_HOUSE: Plan = {
  ...EMPTY_PLAN,
  anchor: { lat: 54.4031, lon: -2.9412 },
  zones: [
    zone('lake', 'The lake', 'water', outline([-14, -6], [0, -6, -0.6], [0, 30], [-14, 30]), {
      measured: { how: 'picture', errorPct: 4 },
    }),
    zone('lawn', 'Lakeside lawn', 'lawn', box(0, 0, 19.5, 24), PACED),
    zone('strip', 'No-spray strip', 'no-spray', box(0, 0, 5.5, 24), {
      note: 'No spray within 5 m of the shore; half a metre over.',
    }),
    zone('path', 'Gravel path', 'hard', box(19.5, -6, 1.5, 36)),
    zone(
      'house',
      'Guest house',
      'building',
      outline([24, 4], [37, 4], [37, 18], [30, 18], [30, 15], [24, 15]),
      {
        height: 6.2,
        openings: [
          { edge: 5, from: 4, width: 1, height: 2.1, kind: 'door' },
          { edge: 5, from: 7, width: 1.4, height: 1.2, kind: 'window' },
        ],
      },
    ),
    zone('terrace', 'Terrace', 'hard', box(24, 15, 6, 6)),
    zone('roses', 'Rose bed', 'bed', outline([21.4, 4, 0.5], [23.4, 4], [23.4, 13], [21.4, 13])),
    zone('herbs', 'Kitchen herbs', 'edible-bed', box(31, 19, 5, 2.4)),
    zone('front', 'Front lawn', 'lawn', outline([21, -6], [38, -6], [38, 3], [21, 3])),
    zone('ash', 'Ash tree', 'tree', at(33, -2)),
    zone('burrow', 'Solitary bees: leave alone', 'nest', at(26, -4.5)),
  ],
  marks: [
    ...(
      [
        [1, [8, 3], 7, 18],
        [2, [12, 5], 5, 15],
        [3, [9, 11], 9, 22],
        [4, [14, 16], 4, 12],
        [5, [11, 21], 6, 17],
      ] as const
    ).map(([number, place, june, september]) =>
      mark(number, 'flap', place, [
        ['2027-06-10', june],
        ['2027-09-13', september],
      ]),
    ),
  ],
};

const TEA_ROOM: Plan = {
  ...EMPTY_PLAN,
  zones: [
    zone('kitchen', 'Kitchen', 'room', box(0, 0, 6.4, 4.2), { ...INSIDE, height: 2.7 }),
    zone('store', 'Flour store', 'room', box(6.4, 0, 2.6, 4.2), { ...INSIDE, height: 2.7 }),
    zone('tea', 'Tea-room', 'room', box(0, 4.2, 9, 6), { ...INSIDE, height: 2.9 }),
    zone('duct', 'Pipe duct', 'void', box(-0.4, 0, 0.4, 4.2), { ...INSIDE, height: 2.7 }),
    zone('sink', 'Sink', 'sink', at(0.5, 3.6), INSIDE),
    zone('oven', 'Bread oven', 'cooker', at(3.2, 0.5), INSIDE),
    zone('fridge', 'Fridge, warm motor', 'fridge', at(5.8, 0.5), INSIDE),
    zone('drain', 'Floor drain', 'drain', at(2.2, 2.2), INSIDE),
    zone('door', 'Yard door', 'entry', at(0, 1.8), INSIDE),
    zone('shelves', 'Flour shelves', 'cupboard', at(8.6, 2.1), INSIDE),
    zone('lawn', 'Lawn terrace', 'lawn', box(0, -12, 10, 6)),
    zone('mill', 'Old mill', 'building', box(0, 0, 9, 10.2), { height: 5 }),
  ],
  marks: [
    mark(1, 'monitor', [0.8, 3.1], [['2027-09-13', 14]], 'floor:0'),
    mark(2, 'monitor', [3.6, 0.9], [['2027-09-13', 31]], 'floor:0'),
    mark(3, 'monitor', [5.4, 0.8], [['2027-09-13', 22]], 'floor:0'),
    mark(4, 'monitor', [8.2, 1.2], [['2027-09-13', 2]], 'floor:0'),
  ],
};

/** By the key of the property. */
export const PLANS: Readonly<Record<string, Plan>> = { 'guest-house': GUEST_HOUSE, 'tea-room': TEA_ROOM };
/** The day on which each was drawn. */
export const DRAWN_ON = '2027-09-13';
