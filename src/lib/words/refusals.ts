import type { Fact, Refusal } from '../core/result';
import { dayEntry, dimensionOf, isUnit, type CalendarDay, type Unit } from '../core/units';
import { fieldName } from './field-names';
import { lower } from './plain-nouns';
import { PLAIN, unitText, type Show } from './show';

/** How a field is called: on the screens by its label, in the calculation contract by its path. */
export type NameField = (path: string) => string;

const DIMENSIONS: Readonly<Record<string, string>> = {
  length: 'a length',
  area: 'an area',
  volume: 'a volume',
  mass: 'a weight',
  things: 'a number of pieces',
  time: 'a time',
  speed: 'a speed',
  temperature: 'a temperature',
};
/** What must be given: a kind of measure, several of them, or a unit. */
function measureText(want: Fact | undefined): string {
  const wanted = String(want ?? '').split(' or ');
  return wanted.map((one) => DIMENSIONS[one] ?? unitName(one)).join(' or ');
}
const unitName = (unit: string): string =>
  unit === 'count' ? 'pieces' : unit === 'million' ? 'millions' : unitText(unit as Unit);

const factText =
  (show: Show) =>
  (value: Fact | undefined): string =>
    typeof value === 'number'
      ? show.exactText(value)
      : Array.isArray(value)
        ? value.join(', ')
        : String(value ?? '');

/** What a label is per, against what was measured. */
const PER_OF_LABEL = /^(rate|carrier)\.per\.unit$/;
const kindOf = (unit: Fact | undefined): string => {
  const text = String(unit ?? '');
  return isUnit(text) ? (DIMENSIONS[dimensionOf(text)] ?? text) : measureText(unit);
};

/** The sentences of several refusals, each once. */
export const refusalSentences = (refused: readonly Refusal[], show: Show = PLAIN): readonly string[] => [
  ...new Set(refused.map((one) => refusalSentence(one, show))),
];

/** The sentence of a refusal: what was expected, what was seen, and the way out. Never throws. */
export function refusalSentence(
  { code, path, facts }: Refusal,
  show: Show = PLAIN,
  nameField: NameField = fieldName,
): string {
  const where = nameField(path);
  const text = factText(show);
  switch (code) {
    case 'invalid-input':
      return invalidSentence(where, facts, show, nameField);
    case 'unknown-unit':
      return `${where} names the unit “${unitName(text(facts.unit))}”, which is not known. Use one such as ml, l, fl oz, gal, g, lb, m² or ft².`;
    case 'units-do-not-match':
      if (nameField === fieldName && PER_OF_LABEL.test(path))
        return `This label is for ${kindOf(facts.have)}, and ${kindOf(facts.want)} was measured. Measure ${kindOf(facts.have)} at Measure, or choose another remedy.`;
      return `${where} is in ${unitName(text(facts.have))}, but ${measureText(facts.want)} is needed there. Choose a unit that measures the same thing.`;
    case 'rate-not-positive':
      return `The rate must have a least above 0, a most that is not below it, and a chosen rate above 0; it has least ${text(facts.min)}, most ${text(facts.max)}, chosen ${text(facts.chosen)}. Copy it again from the label.`;
    case 'target-not-positive':
      return `The target must be above 0; it is ${text(facts.seen)}. Measure the area, length, volume or number of spots first.`;
    case 'rate-basis-missing':
      return 'The rate could be per volume of soil or per volume of mix. Say which: choose “for an area, length, volume, piece” or “a dilution”.';
    case 'carry-over-exceeds-tank':
      return `The tank cannot hold what is said to be left in it: ${text(facts.carried)} of ${text(facts.capacity)} ${unitName(text(facts.unit))}. Check both figures.`;
    case 'pace-missing':
      return 'A paced side needs the length of your pace. Walk a known distance, count, and enter it.';
    case 'area-not-positive':
      return 'What is left out is as large as the area itself. Check the sides that are subtracted.';
    case 'too-few-points':
      return `${where} needs at least three corners; it has ${text(facts.seen)}.`;
    case 'polygon-crosses-itself':
      return `${where} crosses or touches itself at edges ${text(facts.edge)} and ${text(facts.other)}. Move a corner so that the outline is simple.`;
    case 'no-water-caught':
      return 'No cup caught any water. Run the sprinkler longer, or move the cups under it.';
    case 'unknown-sign':
      return `The sign “${text(facts.sign)}” is not among the signs listed. Remove it or add its likelihoods.`;
    case 'no-baseline':
      return `${where} must be above 0 to compare against; it is ${text(facts.seen)}. Count before treating, in the same spots.`;
    case 'record-not-correctable':
      return 'That entry cannot be corrected: it is not of this case, or it was corrected already. Correct the newest one.';
    case 'sent-before-otherwise':
      return `This entry had arrived already, with ${show.entryText(Number(facts.value))} ${unitName(text(facts.unit))} on ${show.dayText(text(facts.day) as CalendarDay)} from ${text(facts.time)}, and stands so; what is typed here was not kept. Load the page again: if it is wrong, use “Correct this entry” there.`;
    case 'no-remedy-chosen':
      return 'Choose the remedy that was put down first; the entry names its label.';
    case 'in-the-future':
      return `${where} lies in the future; today is ${show.dayText(text(facts.today) as CalendarDay)}. Log what was done, when it was done.`;
    case 'strength-out-of-range':
      return `The strength must be above 0 and at most 100 %; it is ${text(facts.seen)}. Copy it again from the label.`;
    case 'strength-incomplete':
      return 'A percentage of a liquid needs its density. Give the mass of one litre or gallon, or the strength as mass in a volume.';
    case 'progress-out-of-range':
      return path === 'left.value'
        ? 'There cannot be more left than there was at the start. Check both figures.'
        : 'The area done must be above 0 and at most the whole. Check how far you are.';
    default:
      return `${where} cannot be used as it stands. Check it, and type it again.`;
  }
}

function invalidSentence(where: string, facts: Refusal['facts'], show: Show, nameField: NameField): string {
  const text = factText(show);
  const entry = (value: Fact | undefined): string => show.entryText(Number(value));
  const got = ({ seen }: Refusal['facts']): string =>
    seen === undefined || seen === '' ? '' : `; it is ${text(seen)}`;
  switch (facts.expected) {
    case 'json':
      return 'The input is not JSON. Send one JSON object.';
    case 'a-topic':
      return `“${text(facts.seen)}” is not a topic. Topics: ${text(facts.choices)}.`;
    case 'a-number':
      return `${where} must be a number${got(facts)}.`;
    case 'one-reading':
      return `${where} can be read as ${text(facts.first)} or as ${text(facts.second)}. Type ${entry(facts.first)} or ${entry(facts.second)}.`;
    case 'a-number-in-range':
      return `${where} must lie between ${text(facts.from)} and ${text(facts.to)}${got(facts)}.`;
    case 'text':
      return `${where} must be text${got(facts)}.`;
    case 'true-or-false':
      return `${where} must be ticked or not.`;
    case 'a-list':
      return `${where} must have its entries one under the other.`;
    case 'an-object':
      return `${where} is not complete.`;
    case 'a-known-key':
      return `${where} is not known here. Load the page again.`;
    case 'one-of':
      return `${where} must be one of the choices that are offered${facts.choices && nameField !== fieldName ? `: ${text(facts.choices)}` : ''}. Choose it again.`;
    case 'a-date':
      return `${where} must be a day that exists, like ${dayEntry('2027-09-15', show.manner.dates)}${got(facts)}.`;
    case 'an-hour':
      return `${where} must be a day and a full hour, like ${dayEntry('2027-09-15', show.manner.dates)} at 06:00.`;
    case 'above-zero':
      return `${where} must be above 0${got(facts)}.`;
    case 'not-negative':
      return `${where} must not be below 0${got(facts)}.`;
    case 'at-most':
      return `${where} must be at most ${text(facts.limit)}${got(facts)}.`;
    case 'whole-number':
      return `${where} must be a whole number from ${text(facts.from)}${facts.to === undefined ? '' : ` to ${text(facts.to)}`}${got(facts)}.`;
    case 'shorter-list':
      return `${where} has too many entries; at most ${text(facts.limit)} are taken.`;
    case 'shorter-text':
      return `${where} is too long; at most ${text(facts.limit)} characters are taken.`;
    case 'not-empty':
      return `${where} is empty. Type or choose something.`;
    case 'rising-dates':
      return `${where} must be later than the date before it.`;
    case 'lists-of-one-length':
      return `${where} must have ${text(facts.length)} entries, as many as the others.`;
    case 'a-finite-result':
      return 'With these numbers the result is not a finite number. Check for amounts that are far too large or too small.';
    case 'needs-other-key':
      return `${nameField(text(facts.key))} needs this beside it: ${lower(nameField(text(facts.needs)))}.`;
    case 'not-together':
      return `Give one of the two, not both: ${lower(nameField(text(facts.key)))}, or ${lower(nameField(text(facts.other)))}.`;
    case 'needed':
      return `${where} is missing. Type or choose it.`;
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
    case 'a-later-day':
      return `${where} must be a later day than the one on which it began.`;
    case 'later-than-start':
      return `${where} lies before the start, or more than fourteen hours after it. A job that ran past midnight may end at an earlier time of day.`;
    default:
      return `${where} is not what was expected${got(facts)}.`;
  }
}
