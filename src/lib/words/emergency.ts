import type { LabelCard, MoreKey } from '../core/labels';

export interface FirstSteps {
  readonly id: string;
  readonly name: string;
  /** The emergency number first, before anything is read on. */
  readonly callFirst: boolean;
  readonly steps: readonly string[];
}

/**
 * What to do first, in the order in which it is done: general first aid. The emergency service, the poison line and the
 * label's own words go before it.
 */
export const FIRST_STEPS: readonly FirstSteps[] = [
  {
    id: 'anaphylaxis',
    name: 'Stung, and it spreads: swollen face or throat, hives all over, hard to breathe, faint',
    callFirst: true,
    steps: [
      'Adrenaline pen now, into the outer thigh, through clothes if need be. Write down the time.',
      'Lie down, legs up; sitting where breathing is hard; on the side where they faint or vomit. No standing up.',
      'A second pen after five to fifteen minutes where it gets no better.',
      'No breathing: press on the chest, hard and fast, until help comes.',
    ],
  },
  {
    id: 'sting',
    name: 'Stung, and it stays in one place',
    callFirst: false,
    steps: [
      'Away from the nest, indoors or 50 m off: more are coming.',
      'Scrape a sting out at once, however; then cold on it.',
      'In the mouth or throat, or by many at once: call the emergency number.',
      'Stay with them for half an hour and watch for what stands above.',
    ],
  },
  {
    id: 'swallowed',
    name: 'Swallowed',
    callFirst: false,
    steps: [
      'Call the poison line now, before there are signs. Container in hand.',
      'Do not make them vomit; no milk, no salt water. Nothing to drink unless the poison line says so.',
      'Wipe the mouth out. Faint, cramps or hard breathing: emergency number, on the side.',
    ],
  },
  {
    id: 'eye',
    name: 'In the eye',
    callFirst: false,
    steps: [
      'Rinse at once with running lukewarm water, lids held open, for 15 to 20 minutes. Contact lenses out after the first minutes.',
      'Away from the other eye. No drops, no rubbing.',
      'Then call the poison line or an eye doctor, container in hand.',
    ],
  },
  {
    id: 'skin',
    name: 'On the skin or the clothes',
    callFirst: false,
    steps: [
      'Off with what is wet, shoes too; gloves for whoever helps.',
      'Wash with much water and soap for 15 to 20 minutes, hair and nails as well.',
      'Redness, burning, tingling that stays: call the poison line.',
    ],
  },
  {
    id: 'breathed',
    name: 'Breathed in',
    callFirst: false,
    steps: [
      'Into fresh air; nobody goes back in without a respirator.',
      'Sit up, clothes loose. Hard to breathe, wheezing, blue lips: emergency number.',
      'Then call the poison line, container in hand.',
    ],
  },
  {
    id: 'tick',
    name: 'Bitten by a tick',
    callFirst: false,
    steps: [
      'Out soon: fine tweezers close to the skin, pull slowly and straight. No oil, no glue, no heat.',
      'Clean the place. Write the day and the place on the body down; keep the tick in a bag.',
      'A ring that grows, fever or headache within weeks: to a doctor, with that note.',
    ],
  },
  {
    id: 'spider',
    name: 'Bitten by a spider',
    callFirst: false,
    steps: [
      'Wash it, cold on it, keep the limb still. Catch the animal under a glass only where that is safe.',
      'Cramps, sweating, strong pain, a place that darkens, or a child: to a doctor or hospital now.',
      'Where funnel-web spiders live (eastern Australia): press a firm bandage over the whole limb, splint it, nobody walks, emergency number.',
    ],
  },
  {
    id: 'animal',
    name: 'An animal ate, licked or breathed it',
    callFirst: false,
    steps: [
      'Call the vet now, before there are signs. Container in hand.',
      'Do not make it vomit. Wash wet fur with water and soap; a cat must not lick itself.',
      'Bees or fish dying: note the hour, take a picture, tell the keeper.',
    ],
  },
  {
    id: 'spill',
    name: 'Spilled, or in a drain or a stream',
    callFirst: false,
    steps: [
      'People and animals away, flames out. Gloves and boots.',
      'Stop it, dam it with sand or soil, soak it up, into a closed bucket. No hose.',
      'In a drain, a stream or a pond: call the water authority at once, and say what and how much.',
    ],
  },
];

/** The first aid that a label prints, by route. */
const ROUTES: readonly (readonly [MoreKey, string])[] = [
  ['firstAidSwallowed', 'Swallowed'],
  ['firstAidEyes', 'In the eye'],
  ['firstAidSkin', 'On the skin'],
  ['firstAidBreathed', 'Breathed in'],
  ['antidote', 'For the doctor'],
  ['poisonLine', 'Poison line on the label'],
];

/** What a label says for an emergency, in its own words; empty where it says nothing. */
export function labelFirstAid({ firstAid, more }: Pick<LabelCard, 'firstAid' | 'more'>): readonly {
  readonly name: string;
  readonly text: string;
}[] {
  return [
    ...ROUTES.flatMap(([key, name]) => {
      const text = more?.[key];
      return typeof text === 'string' && text !== '' ? [{ name, text }] : [];
    }),
    ...(firstAid ? [{ name: 'First aid on the label', text: firstAid }] : []),
  ];
}

const AMERICAS =
  /^America\/(New_York|Chicago|Denver|Los_Angeles|Phoenix|Anchorage|Detroit|Boise|Toronto|Vancouver|Edmonton|Winnipeg|Halifax|Regina|St_Johns|Juneau|Indiana|Kentucky|North_Dakota|Mexico_City|Monterrey|Tijuana)/;
/** By the clock of a place, the general emergency number of its country; null where none is known here. */
export function generalNumber(timeZone: string): string | null {
  if (/^Europe\/(London|Belfast|Jersey|Guernsey|Isle_of_Man|Dublin)$/.test(timeZone)) return '999';
  if (/^Europe\/(Moscow|Minsk|Samara|Volgograd|Kaliningrad)/.test(timeZone)) return '112';
  if (/^(Europe|Atlantic\/(Canary|Madeira|Azores|Reykjavik|Faroe))/.test(timeZone)) return '112';
  if (AMERICAS.test(timeZone) || timeZone === 'Pacific/Honolulu') return '911';
  if (/^Australia\//.test(timeZone)) return '000';
  if (timeZone === 'Pacific/Auckland' || timeZone === 'Pacific/Chatham') return '111';
  return null;
}
