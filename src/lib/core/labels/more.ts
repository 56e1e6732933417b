import { LICENCE_CATEGORIES } from '../premises';
import type { Measure } from '../units';

/** Where on a label a clause is looked for. */
export const MORE_SECTIONS = [
  'people',
  'handling',
  'put-down',
  'limits',
  'surroundings',
  'resistance',
] as const;
export type MoreSection = (typeof MORE_SECTIONS)[number];

interface Shape {
  readonly of: 'card' | 'use';
  readonly section: MoreSection;
  /** A number has its bounds; one that is read off an instrument its measure, and is kept in that measure's unit. */
  readonly kind: 'text' | 'number' | 'measure' | 'tick' | 'choice';
  readonly from?: number;
  readonly to?: number;
  readonly measure?: Measure;
  readonly choices?: readonly string[];
  /** What a number is of: "hours", "%". A code, said by the words. */
  readonly in?:
    'hours' | 'days' | 'times' | 'g' | 'mg' | 'l' | 'micrometres' | 'bar' | '%' | 'm2' | 'generations';
}

/**
 * What real labels say besides what a plan reckons with: one row a clause, and form, schema and words follow from it. A
 * blank is not stated. A tick is a prohibition or a demand that the label prints.
 */
export const MORE_FIELDS = {
  // Of the container.
  figuresOnly: { of: 'card', section: 'people', kind: 'tick' },
  notAPesticide: { of: 'card', section: 'people', kind: 'tick' },
  licenceCategory: { of: 'card', section: 'people', kind: 'choice', choices: LICENCE_CATEGORIES },
  firstAidSwallowed: { of: 'card', section: 'people', kind: 'text' },
  firstAidSkin: { of: 'card', section: 'people', kind: 'text' },
  firstAidEyes: { of: 'card', section: 'people', kind: 'text' },
  firstAidBreathed: { of: 'card', section: 'people', kind: 'text' },
  antidote: { of: 'card', section: 'people', kind: 'text' },
  poisonLine: { of: 'card', section: 'people', kind: 'text' },
  wearToMix: { of: 'card', section: 'handling', kind: 'text' },
  wearToApply: { of: 'card', section: 'handling', kind: 'text' },
  respirator: { of: 'card', section: 'handling', kind: 'text' },
  agitation: { of: 'card', section: 'handling', kind: 'choice', choices: ['none', 'shake', 'constant'] },
  ignition: { of: 'card', section: 'handling', kind: 'text' },
  resistanceGenerations: {
    ...{ of: 'card', section: 'resistance', kind: 'number', from: 1, to: 20, in: 'generations' },
  },
  // Of one use.
  instruction: { of: 'use', section: 'put-down', kind: 'text' },
  distanceM: { of: 'use', section: 'put-down', kind: 'measure', measure: 'length', from: 0.02, to: 20 },
  seconds: { of: 'use', section: 'put-down', kind: 'text' },
  passes: { of: 'use', section: 'put-down', kind: 'number', from: 1, to: 9, in: 'times' },
  spacingM: { of: 'use', section: 'put-down', kind: 'measure', measure: 'length', from: 0.05, to: 100 },
  dropMg: { of: 'use', section: 'put-down', kind: 'number', from: 0.1, to: 100_000, in: 'mg' },
  stockLitres: { of: 'use', section: 'put-down', kind: 'number', from: 0.05, to: 1000, in: 'l' },
  spreaderSettings: { of: 'use', section: 'put-down', kind: 'text' },
  droplets: {
    of: 'use',
    section: 'put-down',
    kind: 'choice',
    choices: ['fine', 'medium', 'coarse', 'very-coarse'],
  },
  nozzle: { of: 'use', section: 'put-down', kind: 'text' },
  boomHeightM: { of: 'use', section: 'put-down', kind: 'measure', measure: 'length', from: 0.1, to: 5 },
  crackOnly: { of: 'use', section: 'put-down', kind: 'tick' },
  noBroadcast: { of: 'use', section: 'put-down', kind: 'tick' },
  stationsClosed: { of: 'use', section: 'put-down', kind: 'tick' },
  baitPerStation: { of: 'use', section: 'put-down', kind: 'number', from: 0.01, to: 10_000, in: 'g' },
  mostGroundPerDayM2: { of: 'use', section: 'limits', kind: 'number', from: 1, to: 1e7, in: 'm2' },
  mostPerHouse: { of: 'use', section: 'limits', kind: 'text' },
  neverWaterIn: { of: 'use', section: 'limits', kind: 'tick' },
  workerReEntryHours: { of: 'use', section: 'limits', kind: 'number', from: 0, to: 720, in: 'hours' },
  airingHours: { of: 'use', section: 'limits', kind: 'number', from: 0, to: 240, in: 'hours' },
  untilSettled: { of: 'use', section: 'limits', kind: 'tick' },
  grazingDays: { of: 'use', section: 'limits', kind: 'number', from: 0, to: 365, in: 'days' },
  plantBackDays: { of: 'use', section: 'limits', kind: 'number', from: 0, to: 730, in: 'days' },
  keepClippings: { of: 'use', section: 'limits', kind: 'tick' },
  vegetatedStripM: {
    of: 'use',
    section: 'surroundings',
    kind: 'measure',
    measure: 'length',
    from: 0.1,
    to: 500,
  },
  wellM: { of: 'use', section: 'surroundings', kind: 'measure', measure: 'length', from: 0.1, to: 1000 },
  notOnSaturated: { of: 'use', section: 'surroundings', kind: 'tick' },
  protectedSpecies: { of: 'use', section: 'surroundings', kind: 'text' },
  notInAirDucts: { of: 'use', section: 'surroundings', kind: 'tick' },
  notInElectricPanels: { of: 'use', section: 'surroundings', kind: 'tick' },
  pollinatorHours: {
    ...{ of: 'use', section: 'surroundings', kind: 'choice' },
    choices: ['evening', 'not-while-flying', 'days-before-bloom'],
  },
  daysBeforeBloom: { of: 'use', section: 'surroundings', kind: 'number', from: 1, to: 90, in: 'days' },
} as const satisfies Readonly<Record<string, Shape>>;

export type MoreKey = keyof typeof MORE_FIELDS;
export type MoreField = Shape;
/** What a card or a use says of them; a key that is not there is not stated. */
export type More = Readonly<Partial<Record<MoreKey, string | number | boolean>>>;

export const moreFields = (of: 'card' | 'use'): readonly (readonly [MoreKey, MoreField])[] =>
  (Object.entries(MORE_FIELDS) as [MoreKey, MoreField][]).filter(([, field]) => field.of === of);
