import type { Fact, Refusal } from '../core/result';
import { READING_WORDS } from './reading-terms';

/** Names of form fields as the screens label them; a path of the calculation contract stays as it is written. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  email: 'The e-mail address',
  contact: 'The contact',
  currency: 'The currency',
  retentionYears: 'The years that records are kept',
  'licence.until': 'The date of the licence',
  what: 'What they see',
  customerId: 'The customer',
  password: 'The password',
  again: 'The password again',
  workspace: 'The name of the workspace',
  role: 'The role',
  where: 'Where',
  title: 'What is wrong',
  propertyId: 'The property',
  name: 'The name',
  latitude: 'The latitude',
  timeZone: 'The time zone',
  holds: 'What it holds when full',
  dueDays: 'The days to the next calibration',
  setup: 'The width, distance or time',
  product: 'With what',
  kind: 'What it is',
  undrawn: 'What cannot be drawn',
  before: 'What was last in the tank',
  carriedOn: 'The day on which it was mixed',
  'partner.rate': 'The rate of the second product',
  'partner.jarOn': 'The day of the jar',
  'partner.jarBy': 'Who shook the jar',
  'holds.value': 'What the measure holds',
  'frame.value': 'The frame',
  'frame.unit': 'The unit of the frame',
  vigour: 'The vigour of the turf',
  test: 'The field test',
  note: 'The note',
  candidate: 'The name',
  stage: 'The life stage',
  label: 'The remedy',
  reason: 'The reason',
  length: 'The length',
  width: 'The width',
  strip: 'The strip left out',
  unit: 'The unit',
  'paces.0': 'The paces along',
  'paces.1': 'The paces across',
  walked: 'The distance walked',
  walkedPaces: 'The paces counted',
  paceErrorPct: 'The error of the pace',
  hour: 'The hour',
  rate: 'The rate',
  'tank.value': 'What the tank holds',
  'tank.unit': 'The unit of the tank',
  'step.value': 'The smallest mark',
  'step.unit': 'The unit of the measure',
  'carryOver.finished.value': 'What is left in the tank',
  'carryOver.product.value': 'The product in what is left',
  split: 'The split into loads',
  lot: 'The lot',
  swathM: 'The swath',
  overlap: 'The overlap',
  direction: 'The direction',
  start: 'The start',
  doneOn: 'The date',
  countedOn: 'The date of the count',
  startedAt: 'The start',
  endedAt: 'The end',
  'product.value': 'The product used',
  'product.unit': 'The unit of the product',
  'finished.value': 'The mix used',
  'area.value': 'The area done',
  'area.unit': 'The unit of the area',
  windKmh: 'The wind',
  tempC: 'The temperature',
  person: 'Who did it',
  licence: 'The licence number',
  'control.before': 'The untreated count before',
  'control.after': 'The untreated count after',
  least: 'The least rate',
  most: 'The most',
  chosen: 'The rate chosen',
  rateUnit: 'The unit of the rate',
  'per.value': 'What the rate is per',
  'target.value': 'The target',
  'mix.value': 'The finished mix',
  'mixPer.value': 'What the mix is for',
  pests: 'The pests on the label',
  effectFrom: 'The days to effect',
  effectTo: 'The days to effect',
  'size.value': 'The size of the container',
  price: 'The price',
  expiresOn: 'The expiry',
  boughtOn: 'The day it was bought',
  openedOn: 'The day it was opened',
  amount: 'The amount',
  'size.unit': 'The unit of the container',
  soilTo: 'The soil range',
  waterHours: 'The hours for watering in',
};

const LIST_FIELDS: Readonly<Record<string, string>> = {
  kind: 'its kind',
  ingredient: 'the active ingredient',
  fromMonth: 'the first month',
  toMonth: 'the last month',
  metres: 'the buffer',
  kmh: 'the wind limit',
  note: 'where it is written or what to see to',
  candidate: 'the insect',
  'perM2.0': 'the figure for weak turf',
  'perM2.1': 'the figure for strong turf',
  source: 'where it is from',
};

const USE_FIELDS: Readonly<Record<string, string>> = {
  sites: 'the places',
  method: 'how it is put down',
  least: 'the least rate',
  most: 'the most',
  rateUnit: 'the unit of the rate',
  'per.value': 'what the rate is for',
  'mix.value': 'the finished mix',
  'cap.value': 'the yearly most',
  effectFrom: 'the days to effect',
  effectTo: 'the days to effect',
  noSoonerThanDays: 'no sooner than',
  maxPerYear: 'the times a year',
};

/** The name of a field as the screens label it. */
export function fieldName(path: string): string {
  if (path === '') return 'The input';
  const listed = /^(rules|thresholds)\.(\d+)\.(.+)$/.exec(path);
  if (listed)
    return `${listed[1] === 'rules' ? 'Rule' : 'Threshold'} ${Number(listed[2]) + 1}, ${(LIST_FIELDS[listed[3] ?? ''] ?? 'a field').toLowerCase()}`;
  const use = /^uses\.(\d+)\.(.+)$/.exec(path);
  if (use) return `Use ${Number(use[1]) + 1}, ${USE_FIELDS[use[2] ?? ''] ?? 'a field'}`;
  const reading = /^readings\.(\d+)(?:\.(.+))?$/.exec(path);
  if (reading)
    return `Row ${Number(reading[1]) + 1}${reading[2] ? `, ${(READING_WORDS[reading[2]] ?? 'a field').toLowerCase()}` : ''}`;
  const count = /^counts\.(\d+)$/.exec(path);
  return count ? `The count of spot ${Number(count[1]) + 1}` : (FIELD_NAMES[path] ?? `“${path}”`);
}

const text = (fact: Fact | undefined): string => (Array.isArray(fact) ? fact.join(', ') : String(fact ?? ''));
const got = (facts: Refusal['facts']): string =>
  facts.seen === undefined || facts.seen === '' ? '' : `; it is ${text(facts.seen)}`;

/** The sentence of a refusal: what was expected, what was seen, and the way out. Never throws. */
export function refusalSentence({ code, path, facts }: Refusal): string {
  switch (code) {
    case 'invalid-input':
      return invalidSentence(fieldName(path), facts);
    case 'unknown-unit':
      return `${fieldName(path)} names the unit “${text(facts.unit)}”, which is not known. Use one of the units of docs/calc.md, such as ml, l, floz, gal, g, lb, m2 or ft2.`;
    case 'units-do-not-match':
      return `${fieldName(path)} is in ${text(facts.have)}, but ${text(facts.want)} is needed there. Give it in a unit that measures the same thing.`;
    case 'rate-not-positive':
      return `The rate must have a least above 0, a most that is not below it, and a chosen rate above 0; it has least ${text(facts.min)}, most ${text(facts.max)}, chosen ${text(facts.chosen)}. Copy it again from the label.`;
    case 'target-not-positive':
      return `The target must be above 0; it is ${text(facts.seen)}. Measure the area, length, volume or number of spots first.`;
    case 'rate-basis-missing':
      return 'The rate could be per volume of soil or per volume of mix. Say which: basis “target” or basis “mix”.';
    case 'carry-over-exceeds-tank':
      return `The tank cannot hold what is said to be left in it: ${text(facts.carried)} of ${text(facts.capacity)} ${text(facts.unit)}. Check both figures.`;
    case 'pace-missing':
      return 'A paced side needs the length of your pace. Walk a known distance, count, and enter it.';
    case 'area-not-positive':
      return 'What is left out is as large as the area itself. Check the sides that are subtracted.';
    case 'too-few-points':
      return `${fieldName(path)} needs at least three corners; it has ${text(facts.seen)}.`;
    case 'polygon-crosses-itself':
      return `${fieldName(path)} crosses or touches itself at edges ${text(facts.edge)} and ${text(facts.other)}. Move a corner so that the outline is simple.`;
    case 'no-water-caught':
      return 'No cup caught any water. Run the sprinkler longer, or move the cups under it.';
    case 'unknown-sign':
      return `The sign “${text(facts.sign)}” is not among the signs listed. Remove it or add its likelihoods.`;
    case 'no-baseline':
      return `${fieldName(path)} must be above 0 to compare against; it is ${text(facts.seen)}. Count before treating, in the same spots.`;
    case 'record-not-correctable':
      return 'That entry cannot be corrected: it is not of this case, or it was corrected already. Correct the newest one.';
    case 'no-remedy-chosen':
      return 'Choose the remedy that was put down first; the entry names its label.';
    case 'in-the-future':
      return `${fieldName(path)} lies in the future; today is ${text(facts.today)}. Log what was done, when it was done.`;
    case 'strength-out-of-range':
      return `The strength must be above 0 and at most 100 %; it is ${text(facts.seen)}. Copy it again from the label.`;
    case 'strength-incomplete':
      return 'A percentage of a liquid needs its density. Give the mass of one litre or gallon, or the strength as mass in a volume.';
    case 'progress-out-of-range':
      return path === 'left.value'
        ? 'There cannot be more left than there was at the start. Check both figures.'
        : 'The area done must be above 0 and at most the whole. Check how far you are.';
    default:
      return `${fieldName(path)} was refused: ${code}.`;
  }
}

function invalidSentence(where: string, facts: Refusal['facts']): string {
  switch (facts.expected) {
    case 'json':
      return 'The input is not JSON. Send one JSON object.';
    case 'a-topic':
      return `“${text(facts.seen)}” is not a topic. Topics: ${text(facts.choices)}.`;
    case 'a-number':
      return `${where} must be a number${got(facts)}.`;
    case 'a-number-in-range':
      return `${where} must lie between ${text(facts.from)} and ${text(facts.to)}${got(facts)}.`;
    case 'text':
      return `${where} must be text${got(facts)}.`;
    case 'true-or-false':
      return `${where} must be true or false${got(facts)}.`;
    case 'a-list':
      return `${where} must be a list${got(facts)}.`;
    case 'an-object':
      return `${where} must be an object with named values${got(facts)}.`;
    case 'a-known-key':
      return `${where} is not a key that is known here. Remove it, or check its spelling.`;
    case 'one-of':
      return `${where} must be one of the known choices${facts.choices ? `: ${text(facts.choices)}` : ''}${got(facts)}.`;
    case 'a-date':
      return `${where} must be a date that exists, as YYYY-MM-DD${got(facts)}.`;
    case 'an-hour':
      return `${where} must be an hour such as 2027-05-12T06:00${got(facts)}.`;
    case 'above-zero':
      return `${where} must be above 0${got(facts)}.`;
    case 'not-negative':
      return `${where} must not be below 0${got(facts)}.`;
    case 'at-most':
      return `${where} must be at most ${text(facts.limit)}${got(facts)}.`;
    case 'whole-number':
      return `${where} must be a whole number from ${text(facts.from)}${got(facts)}.`;
    case 'shorter-list':
      return `${where} has too many entries; at most ${text(facts.limit)} are taken.`;
    case 'shorter-text':
      return `${where} is too long; at most ${text(facts.limit)} characters are taken.`;
    case 'not-empty':
      return `${where} must not be empty.`;
    case 'rising-dates':
      return `${where} must be later than the date before it.`;
    case 'lists-of-one-length':
      return `${where} must have ${text(facts.length)} entries, as many as the others.`;
    case 'a-finite-result':
      return 'With these numbers the result is not a finite number. Check for amounts that are far too large or too small.';
    case 'needs-other-key':
      return `“${text(facts.key)}” needs “${text(facts.needs)}” beside it.`;
    case 'not-together':
      return `Give “${text(facts.key)}” or “${text(facts.other)}”, not both.`;
    case 'needed':
      return `${where} is needed and missing.`;
    case 'an-email':
      return `${where} must be an e-mail address such as name@place.example.`;
    case 'a-longer-password':
      return `The password must have at least ${text(facts.limit)} characters. Four or five words do well.`;
    case 'the-same-again':
      return 'The two passwords differ. Type the same one twice.';
    case 'plain-text':
      return `${where} must be plain text without markup (no “<” before a letter).`;
    case 'a-clock-time':
      return `${where} must be a time such as 06:30${got(facts)}.`;
    case 'not-below-least':
      return `${where} must not be below the least.`;
    case 'later-than-start':
      return `${where} must not be earlier than the start.`;
    default:
      return `${where} is not what was expected${got(facts)}.`;
  }
}
