import type { Source } from '../core/case';

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

/** The formula behind a figure, in words. */
export function formulaWords(formula: string): string {
  switch (formula) {
    case 'density':
      return 'All counts added, divided by the number of spots, divided by the area of the frame. The interval is the 95 % interval of the mean (Student’s t, variance at least that of chance).';
    case 'threshold':
      return 'Weak turf takes the low figure of the guidance, vigorous turf the high one, fair turf the middle.';
    case 'area-known':
      return 'The area as it was typed; its ends by the error that was typed with it.';
    case 'area-parts':
      return 'All parts added as they stand, less those that are taken off; corners where two meet are not taken twice or left out.';
    case 'area-edges':
      return 'The height up the wall times the length over soil (and over hard ground where the label lets it), and the width out from it times the length over soil.';
    case 'area-grid':
      return 'Length times width; points are counted by whole steps that fit along each side.';
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
      return '(Extent across − swath) ÷ (swath × (1 − overlap)), rounded up, plus one; evenly spaced over the true shape.';
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
  known: 'The area',
  run: 'Running length',
  hard: 'Of it over hard ground',
  up: 'Up the wall',
  out: 'Out from it',
  spacing: 'From point to point',
  part: 'A part',
  'part-off': 'Taken off',
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
