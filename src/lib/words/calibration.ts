import type { CalibrationKind, EquipmentKind, Travel } from '../core/equipment';

export const EQUIPMENT_WORDS: Readonly<Record<EquipmentKind, string>> = {
  tank: 'sprayer or can',
  spreader: 'spreader',
  'hose-end': 'hose-end jug',
  duster: 'duster',
  dispenser: 'bait or gel dispenser',
  sprinkler: 'sprinkler',
  person: 'person',
  measure: 'measuring tool',
};
/** What the size of each is. */
export const SIZE_WORDS: Readonly<Record<EquipmentKind, string>> = {
  tank: 'It holds',
  spreader: 'The hopper holds',
  'hose-end': 'The jug holds',
  duster: 'It holds',
  dispenser: 'It holds',
  sprinkler: '',
  person: '',
  measure: 'Its smallest mark is',
};

export interface Procedure {
  readonly name: string;
  readonly steps: readonly string[];
  /** What one reading is. */
  readonly each: string;
  /** Repeats that should be made. */
  readonly repeats: number;
}

/** How each calibration is done, in the order of the work. */
export const PROCEDURES: Readonly<Record<CalibrationKind, Procedure>> = {
  flow: {
    name: 'Flow by a timed catch',
    steps: [
      'Clean water, or the dust or gel itself; the nozzle, pressure and filter of the work.',
      'Catch what comes out for at least half a minute and read it.',
      'Three times. A nozzle that gives a tenth more than when it was new is worn out.',
    ],
    each: 'Catch',
    repeats: 3,
  },
  speed: {
    name: 'Walking speed over a measured length',
    steps: [
      'Tape off at least 25 m of the ground that is treated.',
      'Walk it with a half-full load, already moving at the first mark, and read the time between the marks.',
    ],
    each: 'Walk',
    repeats: 3,
  },
  pace: {
    name: 'Length of a pace',
    steps: ['Tape off at least 25 m.', 'Walk it as you walk a lawn and count every step.'],
    each: 'Walk',
    repeats: 3,
  },
  'weighed-pass': {
    name: 'Weighed pass',
    steps: [
      'Weigh the product into the hopper, walk a measured length, weigh what is left: the difference went down.',
      'Over a sheet or on ground that is to be treated; sweep it up and use it.',
      'At two gate settings or more: a curve then proposes the setting for the next job.',
    ],
    each: 'Pass',
    repeats: 3,
  },
  'pan-test': {
    name: 'Pan test of the pattern',
    steps: [
      'Trays in a row square to the walk, the walker over the middle one, all as far apart as the first two.',
      'Walk over the row three times in the same direction with the setting of the work.',
      'Weigh what fell into each tray, from left to right as you walked.',
    ],
    each: 'Tray',
    repeats: 9,
  },
  jug: {
    name: 'What one jug makes',
    steps: [
      'Fill the jug with water to its line and screw it on; catch what comes out in a tub of known size, or spray a measured area and read the meter.',
      'Read how much finished mix it makes until the jug is empty.',
    ],
    each: 'Jug',
    repeats: 2,
  },
  dial: {
    name: 'What the dial lets out',
    steps: [
      'Weigh or measure the product or water into the jug, set the dial, and spray into a tub of known size.',
      'Read what the jug lost and how many litres were sprayed.',
      'At two settings or more, one reading for each: the dial that a job needs is then proposed.',
    ],
    each: 'Setting',
    repeats: 3,
  },
  drops: {
    name: 'Weight of a drop',
    steps: [
      'Lay ten drops of the size of the work on the pan of a fine scale.',
      'Measure across one of them, and weigh them together.',
      'Once for each size that you use: they then stand here in true size.',
    ],
    each: 'Ten drops',
    repeats: 3,
  },
  cups: {
    name: 'Catch cups',
    steps: [
      'Straight-sided cups in a square grid over the ground that the sprinkler waters.',
      'Water for a measured time, at the pressure of the morning.',
      'Read the depth in each cup.',
    ],
    each: 'Cup',
    repeats: 9,
  },
};

/** What is measured once for all readings. */
export const SETUP_WORDS: Readonly<Partial<Record<CalibrationKind, string>>> = {
  'weighed-pass': 'Width of a pass',
  'pan-test': 'From tray to tray',
  drops: 'Across one drop, mm',
  cups: 'Minutes of water',
};
export const TRAVEL_WORDS: Readonly<Record<Travel, string>> = {
  'one-way': 'always in the same direction',
  'back-and-forth': 'back and forth',
};

/** What the maker of each kind tells, in the unit that stands after it; nothing where nobody tells one. */
export const MAKERS_WORDS: Readonly<Partial<Record<EquipmentKind, string>>> = {
  tank: 'l a minute',
  'hose-end': 'l from one jug',
  duster: 'g a minute',
  dispenser: 'g a drop',
  sprinkler: 'mm an hour',
};
