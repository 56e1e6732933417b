import type {
  CandidateStatus,
  Concern,
  GuideGroup,
  RemedyFamily,
  Surrounding,
  ThresholdVerdict,
  Vigour,
} from '../core/identify';
import type { EvidenceGrade, Family, Form, Stop } from '../core/labels';
import type { ScoreReason } from '../core/choose';
import type { Source } from '../core/case';
import type { Verdict } from '../core/review';
import type { CalendarDay } from '../core/units';
import type { Show } from './show';

export const STOP_NAMES: Record<Stop, string> = {
  look: 'Look',
  name: 'Name',
  choose: 'Choose',
  measure: 'Measure',
  when: 'When',
  mix: 'Mix',
  place: 'Place',
  log: 'Log',
  recheck: 'Re-check',
};

export const VIGOUR_WORDS: Record<Vigour, string> = { weak: 'weak', fair: 'fair', strong: 'strong' };

export const STATUS_WORDS: Readonly<Record<string, string>> = {
  pest: 'a pest',
  useful: 'useful: leave it',
  protected: 'protected',
  notifiable: 'to be reported',
  dangerous: 'not by yourself',
} satisfies Record<CandidateStatus, string>;

export const CONCERN_WORDS: Record<Concern, string> = {
  medical: 'can harm people',
  structural: 'harms buildings',
  food: 'spoils food',
};

export const SURROUNDING_WORDS: Record<Surrounding, string> = {
  lawn: 'lawn',
  bed: 'bed or border',
  ground: 'bare ground, path, sand',
  wall: 'outside wall, eaves, shed',
  tree: 'tree or shrub',
  water: 'pond, barrel, still water',
  kitchen: 'kitchen',
  store: 'larder, dry food',
  bath: 'bathroom, drains',
  room: 'living room, windows',
  bedroom: 'bedroom, wardrobe',
  cellar: 'cellar, garage, boiler room',
  loft: 'loft, voids, timbers',
};

export const SEEN_WORDS: Readonly<Record<string, string>> = {
  insects: 'insects',
  damage: 'damage',
  droppings: 'droppings or dirt',
  wings: 'wings',
  webbing: 'webbing',
  nest: 'a nest or traffic',
  bites: 'bites or stings',
  digging: 'animals digging',
  sound: 'a sound',
};

export const MANY_WORDS: Readonly<Record<string, string>> = {
  one: 'one',
  some: 'some',
  many: 'many',
};

/** A title for a case that was opened by a few taps: “Webbing in the larder, many”. */
export function sightingTitle(kind: string, surrounding: Surrounding | null, many: string | null): string {
  const what = SEEN_WORDS[kind] ?? kind;
  return [
    `${what.charAt(0).toUpperCase()}${what.slice(1)}`,
    surrounding ? `: ${SURROUNDING_WORDS[surrounding]}` : '',
    many ? `, ${MANY_WORDS[many] ?? many}` : '',
  ].join('');
}

export const FAMILY_NAMES: Record<RemedyFamily, string> = {
  nothing: 'Nothing, tolerance',
  culture: 'Culture',
  physical: 'Physical',
  living: 'Living',
  regulator: 'Growth regulator',
  bait: 'Bait',
  selective: 'Selective, slow',
  systemic: 'Soil systemic',
  dust: 'Dust in voids',
  'soil-drench': 'Nest drench',
  residual: 'Residual spray',
  firm: 'Licensed firm',
};

export const GROUP_WORDS: Record<GuideGroup, string> = {
  turf: 'In turf',
  garden: 'In the garden',
  house: 'In the house',
  nesting: 'That nest',
  other: 'No insect',
};

export const THRESHOLD_WORDS: Record<ThresholdVerdict, string> = {
  below: 'Below the threshold',
  at: 'At the threshold',
  above: 'Above the threshold',
  'cannot-tell': 'Cannot tell yet',
};

export const FAMILY_WORDS: Record<Family, string> = {
  culture: 'Culture',
  physical: 'Physical',
  living: 'Living',
  regulator: 'Growth regulator',
  bait: 'Bait',
  selective: 'Selective, slow',
  systemic: 'Soil systemic',
  dust: 'Dust in voids',
  'soil-drench': 'Nest drench',
  residual: 'Quick, broad',
};

export const FORM_WORDS: Record<Form, string> = {
  granule: 'granule',
  'bait-granule': 'bait granule',
  concentrate: 'liquid concentrate',
  powder: 'powder to mix with water',
  dust: 'dust',
  ready: 'ready to use',
  aerosol: 'aerosol',
  jet: 'long-range jet',
  gel: 'gel',
  station: 'station',
  nematodes: 'nematodes',
  trap: 'trap',
  sheet: 'sheet',
};

export const GRADE_WORDS: Record<EvidenceGrade, string> = {
  strong: 'strong evidence',
  fair: 'fair evidence',
  weak: 'weak evidence',
  none: 'no evidence',
  harmful: 'harmful',
};

export const SCORE_WORDS: Record<ScoreReason, string> = {
  mildness: 'mild on people, bees and water',
  evidence: 'evidence for this pest and stage',
  'on-shelf': 'on the shelf',
  quick: 'works within a week',
  lasting: 'protects a month or more',
  cost: 'cheapest for this lawn',
  'wish-children': 'children are here',
  'wish-pets': 'pets are here',
  'wish-bees': 'bees',
  'wish-water': 'water, fish',
  'wish-edibles': 'food grows here',
  'wish-no-synthetics': 'nothing synthetic',
  'wish-no-licence': 'nobody with a licence',
  'wish-budget': 'over the budget',
};

export const SOURCE_WORDS: Record<Source, string> = {
  label: 'label',
  measured: 'measured',
  chosen: 'chosen here',
  default: 'default',
  computed: 'computed',
  counted: 'counted',
  catalogue: 'guidance',
  calibrated: 'calibrated',
};

/** Why an hour does not fit. */
export function hourReason(code: string): string {
  switch (code) {
    case 'wind':
      return 'too windy';
    case 'calm':
      return 'too calm';
    case 'calm-air':
      return 'calm air: look first';
    case 'drift':
      return 'wind towards the water';
    case 'cold':
      return 'too cold';
    case 'hot':
      return 'too hot';
    case 'soil-cold':
      return 'soil too cold';
    case 'soil-hot':
      return 'soil too warm';
    case 'raining':
      return 'raining';
    case 'wet-ground':
      return 'ground too wet';
    case 'rain-soon':
      return 'rain too soon after';
    case 'heavy-rain':
      return 'heavy rain to come';
    case 'forecast-ends':
      return 'the forecast ends';
    case 'out-of-hours':
      return 'out of hours';
    case 'too-short':
      return 'too short for the job';
    default:
      return code;
  }
}

export function verdictWords(
  verdict: Verdict,
  repeatOn: CalendarDay | null,
  today: CalendarDay,
  show: Show,
): { title: string; text: string } {
  switch (verdict) {
    case 'wait':
      return { title: 'Wait', text: 'The remedy is still working. Count again at the date of the re-check.' };
    case 'done':
      return { title: 'Done', text: 'Below the threshold. Let the turf recover: overseed, water, mow high.' };
    case 'repeat':
      return {
        title: 'Repeat',
        text: `It worked, but the count is still over the threshold. The label allows another from ${repeatOn ? show.dayText(repeatOn, today) : 'no date'}.`,
      };
    case 'not-yet-allowed':
      return {
        title: 'Repeat, but not yet',
        text: `No sooner than ${repeatOn ? show.dayText(repeatOn, today) : 'the label allows'}.`,
      };
    case 'change-approach':
      return {
        title: 'Change the approach',
        text: 'It did not work as it should, or the label allows no more. Look at name, stage and placement again.',
      };
    case 'count-more':
      return {
        title: 'Count more spots',
        text: 'The interval reaches both sides of the threshold. Five more spots would settle it.',
      };
  }
}

/** The formula behind a figure, in words. */
export function formulaWords(formula: string): string {
  switch (formula) {
    case 'density':
      return 'All counts added, divided by the number of spots, divided by the area of the frame. The interval is the 95 % interval of the mean (Student’s t, variance at least that of chance).';
    case 'threshold':
      return 'Weak turf takes the low figure of the guidance, vigorous turf the high one, fair turf the middle.';
    case 'pace':
      return 'Distance walked, divided by the paces counted.';
    case 'area-tape':
      return 'Length times width, less length times the strip left out.';
    case 'plan-area':
      return 'The zones as they are drawn, overlaps taken once, less what is kept off beside water, hard ground and food plants.';
    case 'area-paces':
      return 'Paces times pace on both sides, multiplied, less the strip. Both sides share the error of the pace, so it squares.';
    case 'product':
      return 'Rate times area, divided by what the rate is per; each load rounded to the smallest mark, never past the label’s most.';
    case 'product-carried':
      return 'Rate times area, divided by what the rate is per, less the product that is already in the tank; each load rounded to the smallest mark.';
    case 'finished':
      return 'Finished mix (water and product together) times area, divided by what it is per.';
    case 'cost':
      return 'Product used, divided by the size of the container, times its price.';
    case 'lanes':
      return '(Extent across − swath) ÷ (swath × (1 − overlap)), rounded up, plus one; evenly spaced.';
    case 'reduction':
      return '(1 − after ÷ before) × 100.';
    case 'henderson-tilton':
      return '(1 − after × untreated before ÷ (before × untreated after)) × 100 (Henderson & Tilton 1955).';
    default:
      return '';
  }
}

const INPUT_NAMES: Readonly<Record<string, string>> = {
  counts: 'Counts',
  spots: 'Spots',
  frame: 'Frame',
  weak: 'Weak turf',
  strong: 'Vigorous turf',
  vigour: 'Vigour here',
  zones: 'Zones',
  'kept-off': 'Kept off',
  walked: 'Distance walked',
  walkedPaces: 'Paces counted',
  length: 'Length',
  width: 'Width',
  strip: 'Strip left out',
  paces: 'Paces',
  pace: 'One pace',
  paceError: 'Error of the pace',
  rate: 'Rate',
  target: 'Area',
  carried: 'Product carried over',
  step: 'Smallest mark',
  carrier: 'Finished mix',
  product: 'Product',
  size: 'Container',
  price: 'Price',
  across: 'Extent across the lanes',
  swath: 'Swath',
  overlap: 'Overlap',
  before: 'Counted before',
  after: 'Counted after',
  controlBefore: 'Untreated before',
  controlAfter: 'Untreated after',
};

export const inputName = (name: string): string => INPUT_NAMES[name] ?? name;
