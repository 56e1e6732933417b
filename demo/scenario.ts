import { PREMISES_KEYS, type Premises, type PremisesFact } from '../src/lib/core/premises';
import type { StopBodies, TreatmentState } from '../src/lib/core/case';
import type { Finding } from '../src/lib/core/identify';
import { EMPTY_PLAN, measureOnPlan } from '../src/lib/core/plan';
import type { CalendarDay, Quantity } from '../src/lib/core/units';
import type { CalibrationForm, EquipmentForm } from '../src/lib/forms';
import { PLANS } from './plans';

/**
 * The made-up district of Ostermere: people, places, products and three years of work, all invented. Dates before the
 * opening are fixed; the clock of the demonstration opens on 15 September 2027.
 */
export const FIRM = { name: 'Hallow & Finch Grounds', person: 'R. Hallow' };
/** The householder's own workspace. */
export const HOME = { name: '3 Weir Terrace', person: 'M. Finch' };

const TIME_ZONE = 'Europe/London';

export interface DemoProperty {
  key: string;
  name: string;
  address: string;
  latitude: number;
  timeZone: string;
  byWater: boolean;
  avoidFromDeg: number | null;
  avoidToDeg: number | null;
  note: string;
  premises: Premises['answers'];
  premisesAskedOn: string | null;
}

/** What was asked of a place this summer: what is named is so, the rest is not. */
const asked = (...here: readonly PremisesFact[]): Pick<DemoProperty, 'premises' | 'premisesAskedOn'> => ({
  premises: Object.fromEntries(PREMISES_KEYS.map((key) => [key, here.includes(key) ? 'yes' : 'no'])),
  premisesAskedOn: '2027-06-14',
});

const place = (
  key: string,
  name: string,
  address: string,
  more: Partial<DemoProperty> = {},
): DemoProperty => ({
  key,
  name,
  address,
  latitude: 54.4,
  timeZone: TIME_ZONE,
  byWater: false,
  avoidFromDeg: null,
  avoidToDeg: null,
  note: '',
  ...asked(),
  ...more,
});

export const PROPERTIES: readonly DemoProperty[] = [
  place('guest-house', 'Lantern Bay Guest House', '1 Shore Road, Ostermere', {
    byWater: true,
    avoidFromDeg: 200,
    avoidToDeg: 300,
    note: 'The lake lies to the west. No spray within 5 m of the shore.',
    ...asked('tenants', 'dogs', 'drains'),
  }),
  place('bowls', 'Ostermere Bowls Club', 'Green Lane, Ostermere', { note: 'Play on Saturdays from 14:00.' }),
  place('nursery', 'Weir Lane Nursery School', '8 Weir Lane, Ostermere', {
    note: 'Children outside 09:00 to 15:30. Bumble bees under the shed are left alone.',
    ...asked('infants', 'school', 'playArea', 'edibles', 'stingAllergy'),
  }),
  place('campsite', 'Sallow Point Campsite', 'Sallow Point, Ostermere', {
    byWater: true,
    avoidFromDeg: 120,
    avoidToDeg: 210,
    note: 'Pitches 1 to 14 border the reed bed.',
    ...asked('tenants', 'dogs', 'playArea', 'wells'),
  }),
  place('tea-room', 'Old Mill Bakery and Tea-room', '2 Mill Steps, Ostermere', {
    note: 'Lawn terrace of 60 m² behind the kitchen.',
    ...asked('gasFlame', 'asthma', 'drains'),
  }),
  place('terrace', '3 Weir Terrace', '3 Weir Terrace, Ostermere', {
    note: 'Householder: M. Finch. One dog.',
    ...asked('dogs', 'infants', 'fish'),
  }),
];

export interface DemoRecord {
  label: string;
  pest: string;
  doneOn: CalendarDay;
  startedAt: string;
  endedAt: string;
  product: Quantity;
  finished: Quantity | null;
  area: Quantity;
  windKmh: number | null;
  tempC: number | null;
  lot: string;
  note?: string;
}

export interface DemoCase {
  property: string;
  title: string;
  openedOn: CalendarDay;
  closedOn?: CalendarDay;
  stops: Partial<Omit<StopBodies, 'when'>> & { when?: { hour: string } };
  settled?: readonly string[];
  records?: readonly DemoRecord[];
  /** The other treatments of its course; the case's own answers are those of treatment 1. */
  course?: readonly DemoTreatment[];
}

export interface DemoTreatment {
  number: number;
  /** Its place in the order; treatment 1 stands at 1. */
  position: number;
  state: TreatmentState;
  onlyIf?: string;
  stops: Partial<Pick<StopBodies, 'choose' | 'measure' | 'mix'>>;
}

const day = (text: string): CalendarDay => text as CalendarDay;
const q = (value: number, unit: Quantity['unit']): Quantity => ({ value, unit });

const onPlan = (key: string, zones: readonly string[]): StopBodies['measure']['plan'] => {
  const keepOff = { waterM: 0, hardM: 0, ediblesM: 0 };
  const { rings: _, ...measured } = measureOnPlan(PLANS[key] ?? EMPTY_PLAN, zones, keepOff);
  return { ...measured, ...keepOff, zones };
};

const flap = (
  where: string,
  counts: number[],
  signs: Record<string, Finding>,
  more: Partial<StopBodies['look']> = {},
): StopBodies['look'] => ({
  surrounding: 'lawn',
  where,
  signs,
  lengthMm: null,
  test: 'turf-flap',
  frame: q(0.1, 'm2'),
  counts,
  vigour: 'fair',
  flowering: false,
  damp: null,
  note: '',
  ...more,
});

const tape = (length: number, width: number, strip = 0) => ({
  how: 'tape' as const,
  unit: 'm' as const,
  length,
  width,
  paces: [0, 0] as const,
  walked: 0,
  walkedPaces: 0,
  paceErrorPct: 0,
  strip,
  plan: null,
});

const PLAIN_MIX = {
  severity: null,
  tankMark: null,
  holds: null,
  before: 'clean',
  carriedOn: null,
} as const;
const KNAPSACK = {
  tankName: 'Knapsack 15 l',
  tank: q(15, 'l'),
  measureName: 'Syringe 30 ml',
  step: q(1, 'ml'),
};
const SCALE = { tankName: '', tank: null, measureName: 'Kitchen scale', step: q(0.01, 'kg') };
const lanes = (swathM: number, overlap = 0, direction: 0 | 90 = 0) => ({
  swathM,
  overlap,
  direction,
  start: 'this-end' as const,
});

function chaferYear(year: number, counts: number[], after: number[], amount: number): DemoCase {
  return {
    property: 'bowls',
    title: 'Crows on the green',
    openedOn: day(`${year}-09-06`),
    closedOn: day(`${year}-10-08`),
    stops: {
      look: flap('North half of the green', counts, {
        'turf-lifts': true,
        'c-grubs': true,
        raster: 'rows-spread',
        'birds-probing': true,
      }),
      name: { candidate: 'chafer-grub', stage: 'small', also: [] },
      choose: { label: 'wath-nematodes', reason: '', wishes: [], budget: null },
      measure: tape(38, 19),
      mix: {
        rate: 50,
        tankName: 'Tow tank 100 l',
        tank: q(100, 'l'),
        measureName: '',
        step: null,
        ...PLAIN_MIX,
        carryOver: null,
        split: 'equal',
        lot: null,
      },
      place: lanes(3, 0.1),
      recheck: { counts: after, control: null, countedOn: day(`${year}-10-08`), note: '' },
    },
    records: [
      {
        label: 'wath-nematodes',
        pest: 'chafer-grub',
        doneOn: day(`${year}-09-14`),
        startedAt: '18:10',
        endedAt: '19:05',
        product: q(amount, 'million'),
        finished: q(145, 'l'),
        area: q(722, 'm2'),
        windKmh: 9,
        tempC: 17,
        lot: `W${year % 100}-3`,
      },
    ],
  };
}

/** Twelve rounds in the bakery: the day, the places that got a drop, the tube, and what stood out. */
const BAIT_ROUNDS: readonly (readonly [string, number, string, string])[] = [
  ['2024-10-02', 18, 'F24-3', 'First round after the flour store was moved.'],
  ['2025-01-08', 14, 'F24-3', ''],
  ['2025-04-02', 12, 'F24-3', 'Half of the drops untouched: left, and the places noted.'],
  ['2025-07-09', 16, 'F25-1', 'More behind the oven since the heat.'],
  ['2025-10-01', 12, 'F25-1', ''],
  ['2026-01-07', 10, 'F25-1', ''],
  ['2026-04-01', 10, 'F25-1', ''],
  ['2026-07-08', 14, 'F26-4', ''],
  ['2026-10-07', 12, 'F26-4', 'The drip at the sink is back.'],
  ['2027-01-06', 12, 'F26-4', ''],
  ['2027-04-07', 12, 'F26-9', ''],
  ['2027-06-30', 12, 'F26-9', 'Last round of the contract of three years; the drip was not mended.'],
];

export const CASES: readonly DemoCase[] = [
  chaferYear(2024, [9, 12, 7, 10, 11], [4, 3, 5, 2, 3], 361),
  {
    property: 'guest-house',
    title: 'Moths over the lawn, thin patches',
    openedOn: day('2025-08-18'),
    closedOn: day('2025-09-05'),
    stops: {
      look: flap(
        'Lakeside lawn',
        [21, 17, 24, 19, 26],
        { 'chewed-blades': true, 'moths-at-dusk': true, 'caterpillars-flushed': true },
        {
          test: 'soap-flush',
          frame: q(1, 'm2'),
        },
      ),
      name: { candidate: 'sod-webworm', stage: 'half-grown', also: [] },
      choose: { label: 'tarnside-liquid', reason: '', wishes: [], budget: null },
      measure: tape(24, 20, 5),
      mix: { ...PLAIN_MIX, rate: 100, ...KNAPSACK, carryOver: null, split: 'fill', lot: null },
      place: lanes(1.5),
      recheck: { counts: [3, 2, 1, 4, 2], control: null, countedOn: day('2025-09-05'), note: '' },
    },
    records: [
      {
        label: 'tarnside-liquid',
        pest: 'sod-webworm',
        doneOn: day('2025-08-21'),
        startedAt: '18:40',
        endedAt: '19:20',
        product: q(36, 'ml'),
        finished: q(21.6, 'l'),
        area: q(360, 'm2'),
        windKmh: 8,
        tempC: 18,
        lot: 'T25-1',
      },
    ],
  },
  chaferYear(2026, [8, 9, 12, 7, 9], [3, 2, 4, 3, 2], 361),
  {
    property: 'guest-house',
    title: 'Stems break along the path',
    openedOn: day('2027-05-24'),
    closedOn: day('2027-07-02'),
    stops: {
      look: flap('Strip along the path', [14, 11, 16, 12, 13], {
        'frass-at-crown': true,
        'legless-grubs': true,
        'sunny-edges': true,
      }),
      name: { candidate: 'billbug', stage: 'in-stem', also: [] },
      choose: { label: 'hazelmoor-granule', reason: 'Larvae still in the stems', wishes: [], budget: null },
      measure: tape(24, 6),
      mix: { ...PLAIN_MIX, rate: 1, ...SCALE, carryOver: null, split: 'fill', lot: 'H27-04' },
      place: lanes(2),
      recheck: { counts: [4, 3, 5, 4, 3], control: null, countedOn: day('2027-07-02'), note: '' },
    },
    records: [
      {
        label: 'hazelmoor-granule',
        pest: 'billbug',
        doneOn: day('2027-05-28'),
        startedAt: '07:10',
        endedAt: '07:35',
        product: q(1.45, 'kg'),
        finished: null,
        area: q(144, 'm2'),
        windKmh: 7,
        tempC: 14,
        lot: 'H27-04',
        note: 'Watered in with 7 mm from the sprinkler.',
      },
    ],
  },
  {
    property: 'campsite',
    title: 'Thin turf on pitches 3 to 5',
    openedOn: day('2027-08-20'),
    stops: {
      look: flap(
        'Pitches 3 to 5',
        [8, 11, 6, 9, 12],
        { 'turf-lifts': true, 'c-grubs': true, 'animals-digging': true, raster: 'rows-spread' },
        { vigour: 'weak' },
      ),
      name: { candidate: 'chafer-grub', stage: 'small', also: [] },
      choose: {
        label: 'hazelmoor-granule',
        reason: 'Three pitches, no tank on site',
        wishes: [],
        budget: null,
      },
      measure: tape(30, 18, 3),
      mix: { ...PLAIN_MIX, rate: 1.2, ...SCALE, carryOver: null, split: 'fill', lot: 'H27-04' },
      place: lanes(2.5),
    },
    settled: ['wear-ppe', 'keep-out-until', 'water-buffer'],
    records: [
      {
        label: 'hazelmoor-granule',
        pest: 'chafer-grub',
        doneOn: day('2027-08-24'),
        startedAt: '06:50',
        endedAt: '07:40',
        product: q(5.4, 'kg'),
        finished: null,
        area: q(450, 'm2'),
        windKmh: 6,
        tempC: 13,
        lot: 'H27-04',
        note: '9 mm of rain the same night.',
      },
    ],
  },
  {
    property: 'guest-house',
    title: 'Ragged brown patches by the croquet hoops',
    openedOn: day('2027-09-09'),
    stops: {
      look: flap(
        'Lakeside lawn, croquet hoops',
        [24, 26, 22, 27, 25],
        { 'chewed-blades': true, 'green-pellets': true, 'moths-at-dusk': true, 'turf-lifts': false },
        {
          test: 'soap-flush',
          frame: q(1, 'm2'),
          note: 'Crane-flies begin to fly; count larvae in October.',
        },
      ),
      name: { candidate: 'sod-webworm', stage: 'half-grown', also: [] },
      choose: {
        label: 'tarnside-liquid',
        reason: 'Guests from Friday: nematodes would take three weeks',
        wishes: [],
        budget: null,
      },
      measure: {
        how: 'paces',
        unit: 'm',
        length: 0,
        width: 0,
        paces: [32, 26],
        walked: 30,
        walkedPaces: 40,
        paceErrorPct: 3,
        strip: 5.5,
        plan: null,
      },
      when: { hour: '2027-09-16T14:00' },
      mix: {
        rate: 125,
        ...PLAIN_MIX,
        ...KNAPSACK,
        holds: q(30, 'ml'),
        before: 'same',
        carryOver: { finished: q(2, 'l'), product: q(4, 'ml') },
        split: 'fill',
        lot: 'T27-2',
      },
    },
    settled: ['water-buffer'],
  },
  {
    property: 'bowls',
    title: 'Grubs under the north end',
    openedOn: day('2027-09-11'),
    stops: {
      look: flap('North end of the green', [9, 11, 8, 12, 10], {
        'turf-lifts': true,
        'c-grubs': true,
        raster: 'rows-spread',
        'birds-probing': true,
        'greens-after-water': false,
      }),
      name: { candidate: 'chafer-grub', stage: 'small', also: [] },
      choose: { label: 'wath-nematodes', reason: 'Small grubs, warm soil', wishes: [], budget: null },
      measure: tape(20, 9),
    },
  },
  {
    property: 'nursery',
    title: 'Insects at a hole beside the sand pit',
    openedOn: day('2027-09-14'),
    stops: {
      look: flap('Lawn beside the sand pit', [0, 0, 1, 0, 0], { 'nest-kind': 'ground-hole' }),
    },
  },
  {
    property: 'terrace',
    title: 'Brown lawn edges',
    openedOn: day('2027-09-13'),
    stops: {
      look: flap(
        'Front lawn, along the paving',
        [1, 0, 2, 0, 1],
        { 'sunny-edges': true, 'birds-probing': true },
        { vigour: 'strong' },
      ),
    },
  },
  {
    property: 'tea-room',
    title: 'Straw spots on the terrace lawn',
    openedOn: day('2027-09-15'),
    stops: {},
  },
  {
    property: 'tea-room',
    title: 'Cockroaches behind the bread oven',
    openedOn: day('2027-09-06'),
    stops: {
      look: {
        surrounding: 'kitchen',
        where: 'Behind the oven and the fridge',
        signs: { 'roach-look': 'two-bars', droppings: true, 'seen-at-night': true },
        lengthMm: 12,
        test: 'sticky-monitor',
        frame: q(7, 'count'),
        counts: [14, 31, 22, 2],
        vigour: 'fair',
        flowering: false,
        damp: 'dry',
        note: 'Monitors 1 to 4, read after seven nights.',
      },
      name: { candidate: 'german-cockroach', stage: 'nymph', also: [] },
      choose: { label: 'ferncote-gel', reason: '', wishes: ['children'], budget: null },
      measure: {
        how: 'plan',
        unit: 'm',
        ...{ length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0, paceErrorPct: 0, strip: 0 },
        plan: onPlan('tea-room', ['oven', 'fridge', 'sink', 'drain', 'shelves']),
      },
    },
    course: [
      {
        ...{ number: 2, position: 0, state: 'done' },
        stops: {
          choose: {
            label: null,
            reason: 'Clean, dry, seal: crumbs under the oven, the drip at the sink, two pipe gaps.',
            ...{ wishes: ['children'], budget: null },
          },
        },
      },
      {
        ...{ number: 3, position: 2, state: 'planned' },
        stops: {
          choose: { label: 'alderhow-regulator', reason: '', wishes: ['children'], budget: null },
          measure: {
            ...{ how: 'edges', unit: 'm', name: 'skirting by the door' },
            ...{ length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0, paceErrorPct: 0, strip: 0 },
            plan: null,
            edge: { run: 18, hard: 0, up: 0, out: 0, wallAboveHard: false },
          },
          mix: {
            ...{ rate: 1, severity: null, tankName: 'Knapsack 15 l', tank: q(15, 'l'), tankMark: null },
            ...{ measureName: 'Syringe 30 ml', step: q(0.1, 'ml'), holds: q(30, 'ml'), before: 'clean' },
            ...{ carryOver: null, carriedOn: null, split: 'fill', lot: null },
            make: q(0.9, 'l'),
          },
        },
      },
      {
        ...{ number: 4, position: 3, state: 'only-if', onlyIf: 'more than 2 in the worst trap on 30 Sep' },
        stops: {
          choose: { label: 'flintholm-mineral', reason: '', wishes: ['children'], budget: null },
        },
      },
    ],
  },
  {
    property: 'bowls',
    title: 'Grubs on the green, before they hatch',
    openedOn: day('2027-05-10'),
    stops: {
      look: flap(
        'North half of the green',
        [],
        {},
        {
          ...{ purpose: 'prevent', because: 'history', counts: [null, null, null, null, null] },
          note: 'Chafers in 2024 and 2026; beetles swarmed over the hedge at dusk.',
        },
      ),
      name: { candidate: 'chafer-grub', stage: 'small', stages: ['small'], also: [] },
      choose: { label: 'merebank-preventive', reason: '', wishes: [], budget: null },
      measure: { ...tape(38, 19), name: 'the green' },
      mix: { ...PLAIN_MIX, rate: 7, ...SCALE, carryOver: null, split: 'fill', lot: null },
      place: lanes(2),
      recheck: {
        ...{ counts: [14, 16, 13, 15, 14], control: null, countedOn: day('2027-09-13') },
        note: 'Five flaps, all in the damp corner by the pavilion.',
      },
    },
    records: [
      {
        label: 'merebank-preventive',
        pest: 'chafer-grub',
        doneOn: day('2027-06-02'),
        startedAt: '06:30',
        endedAt: '07:20',
        product: q(5.05, 'kg'),
        finished: null,
        area: q(722, 'm2'),
        windKmh: 6,
        tempC: 13,
        lot: 'P27-1',
        note: 'Two crossed passes; watered in with 8 mm.',
      },
    ],
    course: [
      {
        ...{
          number: 2,
          position: 2,
          state: 'only-if',
          onlyIf: 'the flaps of September are over the threshold',
        },
        stops: {
          choose: { label: 'wath-nematodes', reason: '', wishes: [], budget: null },
          measure: { ...tape(38, 19), name: 'the green' },
        },
      },
    ],
  },
  {
    property: 'guest-house',
    title: 'Round the house, autumn',
    openedOn: day('2027-09-14'),
    stops: {
      look: {
        ...{ purpose: 'routine', because: null, surrounding: 'wall', where: 'All walls of the guest house' },
        ...{ signs: {}, lengthMm: null, test: 'night-look', frame: q(1, 'count'), counts: [null] },
        ...{ vigour: 'fair', flowering: false, damp: null, note: '' },
      },
      choose: { label: 'gillfold-perimeter', reason: '', wishes: [], budget: null },
      measure: {
        ...{ how: 'edges', unit: 'm', name: 'house walls', waterOff: 25 },
        ...{ length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0, paceErrorPct: 0, strip: 0 },
        plan: null,
        edge: {
          ...{ run: 46, hard: 12, up: 0.6, out: 0.9, wallAboveHard: false },
          more: [{ kind: 'eaves', run: 20, wide: 0.3 }],
        },
      },
    },
  },
  {
    property: 'nursery',
    title: 'Wasps going in under the eaves',
    openedOn: day('2027-09-14'),
    stops: {
      look: {
        ...{ surrounding: 'wall', where: 'Eaves over the store room, east side' },
        signs: { 'flier-look': 'bright-smooth', 'nest-kind': 'wall-gap', 'one-hole-traffic': true },
        ...{ lengthMm: 14, test: 'nest-watch', frame: q(1, 'count'), counts: [34, 29] },
        ...{ vigour: 'fair', flowering: false, damp: null },
        note: 'One way in, under the fourth tile. Children pass below at noon.',
      },
      name: { candidate: 'yellowjacket', stage: null, also: [] },
      choose: {
        label: 'heronfold-jet',
        reason: 'Children pass below it',
        wishes: ['children'],
        budget: null,
      },
      measure: {
        ...{ how: 'places', unit: 'm', name: 'eaves of the store room' },
        ...{ length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0, paceErrorPct: 0, strip: 0 },
        plan: null,
        places: [{ kind: 'nest under the fourth tile', count: 1 }],
      },
    },
  },
  {
    property: 'tea-room',
    title: 'Monitors and gel, every quarter',
    openedOn: day('2024-10-02'),
    closedOn: day('2027-06-30'),
    stops: {
      look: {
        ...{ purpose: 'routine', because: null, surrounding: 'kitchen', where: 'Bakery, four monitors' },
        ...{ signs: {}, lengthMm: null, test: 'sticky-monitor', frame: q(7, 'count'), counts: [2, 3, 0, 0] },
        ...{ vigour: 'fair', flowering: false, damp: 'dry', note: '' },
      },
      choose: { label: 'ferncote-gel', reason: '', wishes: ['children'], budget: null },
      measure: {
        ...{ how: 'places', unit: 'm', name: 'bakery' },
        ...{ length: 0, width: 0, paces: [0, 0], walked: 0, walkedPaces: 0, paceErrorPct: 0, strip: 0 },
        plan: null,
        places: [
          { kind: 'hinge', count: 6 },
          { kind: 'motor', count: 4 },
          { kind: 'behind the oven on a card', count: 2 },
        ],
      },
    },
    records: BAIT_ROUNDS.map(([doneOn, places, lot, note]) => ({
      ...{ label: 'ferncote-gel', pest: 'german-cockroach', doneOn: day(doneOn) },
      ...{ startedAt: '20:30', endedAt: '21:05', product: q(places * 0.1, 'g'), finished: null },
      ...{ area: q(places, 'count'), windKmh: null, tempC: null, lot, note },
    })),
  },
];

export const HOME_PROPERTIES: readonly DemoProperty[] = [
  place('garden', 'Back garden', '3 Weir Terrace, Ostermere', {
    note: 'The dog is let out at 07:00 and 18:00.',
  }),
  place('house', 'The house', '3 Weir Terrace, Ostermere', {
    note: 'Kitchen to the garden side; the dog sleeps in the hall.',
    ...asked('dogs', 'infants', 'fish'),
  }),
];

export const HOME_CASES: readonly DemoCase[] = [
  {
    property: 'garden',
    title: 'Soft patches under the apple tree',
    openedOn: day('2026-09-02'),
    closedOn: day('2026-10-10'),
    stops: {
      look: flap('Under the apple tree', [12, 9, 11, 13, 10], {
        'turf-lifts': true,
        'c-grubs': true,
        raster: 'rows-spread',
      }),
      name: { candidate: 'chafer-grub', stage: 'small', also: [] },
      choose: { label: 'wath-nematodes', reason: 'The dog lies there', wishes: [], budget: null },
      measure: tape(9, 6),
      mix: {
        rate: 50,
        tankName: 'Watering can 10 l',
        tank: q(10, 'l'),
        measureName: '',
        step: null,
        ...PLAIN_MIX,
        carryOver: null,
        split: 'equal',
        lot: null,
      },
      place: lanes(1),
      recheck: { counts: [3, 2, 4, 3, 2], control: null, countedOn: day('2026-10-10'), note: '' },
    },
    records: [
      {
        label: 'wath-nematodes',
        pest: 'chafer-grub',
        doneOn: day('2026-09-08'),
        startedAt: '19:00',
        endedAt: '19:30',
        product: q(27, 'million'),
        finished: q(11, 'l'),
        area: q(54, 'm2'),
        windKmh: 5,
        tempC: 16,
        lot: 'W26-8',
      },
    ],
  },
  {
    property: 'garden',
    title: 'Starlings on the lawn every morning',
    openedOn: day('2027-09-12'),
    stops: {
      look: flap('Lawn, middle', [2, 1, 0, 3, 1], { 'birds-probing': true, 'turf-lifts': false }),
    },
  },
  {
    property: 'house',
    title: 'Ants from the kitchen window to the sugar',
    openedOn: day('2027-09-13'),
    stops: {
      look: {
        ...{ surrounding: 'kitchen', where: 'Window sill and the cupboard beside it' },
        signs: {
          ...{ 'ant-trail': true, 'ant-look': 'brown-even', 'ant-waist': 'hidden' },
          ...{ 'ant-smell': true, 'sugar-or-fat': 'sugar' },
        },
        ...{ lengthMm: 3, test: 'lure-grid', frame: q(1, 'count'), counts: [60, 45, 12] },
        ...{ vigour: 'fair', flowering: false, damp: 'dry', note: 'Trail along the tiles from the window.' },
      },
      name: { candidate: 'odorous-ant', stage: 'worker', also: [] },
      choose: { label: 'larkbeck-stations', reason: '', wishes: ['children', 'pets'], budget: null },
    },
  },
];

export const HOME_CONTAINERS = [
  {
    labelId: 'wath-nematodes',
    lot: 'W27-5',
    size: 50,
    unit: 'million',
    price: 18,
    expiresOn: '2027-10-05',
    keptIn: 'refrigerator',
  },
  {
    labelId: 'larkbeck-stations',
    lot: 'S27-1',
    size: 12,
    unit: 'count',
    price: 14,
    expiresOn: '2029-03-31',
    keptIn: 'cupboard, top shelf',
  },
];

/** A tool of the demonstration with its book, the earliest entry first. */
export interface DemoTool
  extends
    Omit<EquipmentForm, 'dueDays' | 'makers' | 'price' | 'lifeJobs'>,
    Partial<Pick<EquipmentForm, 'makers' | 'price' | 'lifeJobs'>> {
  readonly calibratedOn: string | null;
  readonly calibrations: readonly CalibrationForm[];
}

export const HOME_EQUIPMENT: readonly DemoTool[] = [
  {
    ...{
      kind: 'tank',
      name: 'Watering can 10 l',
      size: 10,
      unit: 'l',
      holds: null,
      marks: null,
      undrawn: null,
      swathM: 0.6,
    },
    ...{ calibratedOn: null, calibrations: [] },
  },
];

/** For whom the firm works; by the key of the property. */
export const CUSTOMERS = [
  {
    property: 'guest-house',
    name: 'Lantern Bay Guest House',
    contact: 'E. Lowe, reception, 0000 555 0101',
    language: 'English',
    access: 'Side gate by the boat shed, key at reception',
    pets: 'Two cats',
    consentsToNotices: true,
  },
  {
    property: 'bowls',
    name: 'Ostermere Bowls Club',
    contact: 'The greenkeeper, 0000 555 0102',
    language: 'English',
    access: 'Gate code from the greenkeeper, no play before 10:00',
    pets: '',
    consentsToNotices: true,
  },
  {
    property: 'nursery',
    name: 'Weir Lane Nursery School',
    contact: 'The head, 0000 555 0103',
    language: 'English',
    access: 'Never while children are outside',
    pets: 'A rabbit in a hutch by the shed',
    consentsToNotices: true,
  },
  {
    property: 'terrace',
    name: 'M. Finch',
    contact: 'm.finch@ostermere.example',
    language: 'English',
    access: 'Ring first',
    pets: 'One dog',
    consentsToNotices: false,
  },
];

/** The firm's own settings, where they differ from the defaults. */
export const FIRM_SETTINGS = {
  timeZone: TIME_ZONE,
  licence: { holder: 'R. Hallow', number: 'OST-3317', until: '2028-03-31' },
  emergency: {
    poison: '0000 555 0199',
    police: '0000 555 0110',
    vet: '0000 555 0150',
    water: '0000 555 0160',
  },
};

export const CONTAINERS = [
  {
    labelId: 'tarnside-liquid',
    lot: 'T25-1',
    size: 250,
    unit: 'ml',
    price: 29.5,
    expiresOn: '2027-06-30',
    keptIn: 'shed',
  },
  {
    labelId: 'tarnside-liquid',
    lot: 'T27-2',
    size: 250,
    unit: 'ml',
    price: 31.5,
    expiresOn: '2029-04-30',
    keptIn: 'van',
  },
  {
    labelId: 'hazelmoor-granule',
    lot: 'H27-04',
    size: 10,
    unit: 'kg',
    price: 46,
    expiresOn: '2029-03-31',
    keptIn: 'shed',
  },
  {
    labelId: 'wath-nematodes',
    lot: 'W27-7',
    size: 50,
    unit: 'million',
    price: 24,
    expiresOn: '2027-09-24',
    keptIn: 'cool box',
  },
  {
    labelId: 'ferncote-gel',
    lot: 'F26-9',
    size: 30,
    unit: 'g',
    price: 21,
    expiresOn: '2028-08-31',
    keptIn: 'van',
  },
  {
    labelId: 'limewath-dust',
    lot: 'L26-2',
    size: 500,
    unit: 'g',
    price: 34,
    expiresOn: null,
    keptIn: 'shed',
  },
  {
    labelId: 'flintholm-mineral',
    lot: 'M27-1',
    size: 300,
    unit: 'g',
    price: 28,
    expiresOn: null,
    keptIn: 'shed',
  },
  {
    labelId: 'alderhow-regulator',
    lot: 'A27-3',
    size: 250,
    unit: 'ml',
    price: 44,
    expiresOn: '2029-06-30',
    keptIn: 'van',
  },
  {
    labelId: 'merebank-preventive',
    lot: 'P27-1',
    size: 10,
    unit: 'kg',
    price: 58,
    expiresOn: '2029-05-31',
    keptIn: 'shed',
  },
  {
    labelId: 'gillfold-perimeter',
    lot: 'G27-6',
    size: 1,
    unit: 'l',
    price: 52,
    expiresOn: '2029-09-30',
    keptIn: 'van',
  },
  {
    labelId: 'cinderfold-bait',
    lot: 'C27-8',
    size: 450,
    unit: 'g',
    price: 19.5,
    expiresOn: '2028-03-31',
    keptIn: 'van',
  },
  {
    labelId: 'heronfold-jet',
    lot: 'J27-5',
    size: 500,
    unit: 'g',
    price: 12.5,
    expiresOn: '2030-01-31',
    keptIn: 'van',
  },
  {
    labelId: 'sallowfold-bacterium',
    lot: 'B27-7',
    size: 500,
    unit: 'g',
    price: 63,
    expiresOn: '2028-02-28',
    keptIn: 'cool box',
  },
  {
    labelId: 'thornrigg-quick',
    lot: 'Q27-2',
    size: 15,
    unit: 'kg',
    price: 39,
    expiresOn: '2029-07-31',
    keptIn: 'shed',
  },
] as const;

const measured = (
  kind: CalibrationForm['kind'],
  doneOn: string,
  readings: CalibrationForm['readings'],
  more: Partial<CalibrationForm> = {},
): CalibrationForm => ({ kind, doneOn, readings, product: '', unit: '', setup: null, note: '', ...more });
const flow = (doneOn: string, ...caught: number[]): CalibrationForm =>
  measured(
    'flow',
    doneOn,
    caught.map((amount) => ({ amount, seconds: 60 })),
    { unit: 'ml', product: 'water' },
  );
const GRANULE = 'Hazelmoor Turf Granule';

const tool = (
  kind: DemoTool['kind'],
  name: string,
  [size, unit]: [number, string],
  more: Partial<DemoTool> = {},
): DemoTool => ({
  ...{ kind, name, size, unit, swathM: null, holds: null, undrawn: null, marks: null, calibrations: [] },
  ...{ calibratedOn: more.calibrations?.at(-1)?.doneOn ?? null },
  ...more,
});
export const EQUIPMENT: readonly DemoTool[] = [
  tool('tank', 'Knapsack 15 l', [15, 'l'], {
    swathM: 1.5,
    undrawn: 0.2,
    calibrations: [
      flow('2026-09-08', 2905, 2898, 2911),
      flow('2027-03-30', 3021, 3026, 3018),
      flow('2027-09-03', 3130, 3121, 3410, 3126),
    ],
  }),
  tool('tank', 'Tow tank 100 l', [100, 'l'], {
    swathM: 3,
    undrawn: 1.5,
    calibrations: [flow('2027-04-12', 4120, 4080, 4105)],
  }),
  tool('tank', 'Watering can 10 l', [10, 'l'], { swathM: 0.6 }),
  tool('spreader', 'Drop spreader', [15, 'kg'], {
    swathM: 0.6,
    calibrations: [
      measured(
        'pan-test',
        '2027-05-20',
        [0.4, 3.1, 5.6, 6.2, 6, 6.3, 5.4, 2.8, 0.3].map((amount) => ({ amount })),
        { unit: 'g', setup: 0.15, product: GRANULE, note: 'three passes over nine trays' },
      ),
      measured(
        'weighed-pass',
        '2027-05-20',
        [
          [3, 131],
          [3, 127],
          [4, 212],
          [5, 298],
          [5, 305],
        ].map(([setting = 0, amount = 0]) => ({ setting, amount, metres: 25 })),
        { unit: 'g', setup: 0.6, product: GRANULE },
      ),
    ],
  }),
  tool('dispenser', 'Gel syringe 30 g', [30, 'g'], {
    calibrations: [
      measured(
        'drops',
        '2027-08-24',
        [455, 448, 462].map((amount) => ({ amount, count: 10 })),
        { unit: 'mg', setup: 5 },
      ),
    ],
  }),
  tool('person', 'R. Hallow', [1, 'count'], {
    calibrations: [
      measured(
        'pace',
        '2027-03-30',
        [41, 40, 40].map((paces) => ({ metres: 30, paces })),
      ),
      measured(
        'speed',
        '2027-09-03',
        [49.4, 50.3, 49.8].map((seconds) => ({ metres: 30, seconds })),
        { note: 'with a half-full knapsack' },
      ),
    ],
  }),
  tool('measure', 'Syringe 30 ml', [1, 'ml'], { holds: 30 }),
  tool('measure', 'Cup 250 ml', [10, 'ml'], { holds: 250 }),
  tool('measure', 'Kitchen scale', [0.01, 'kg'], { holds: 5 }),
];
