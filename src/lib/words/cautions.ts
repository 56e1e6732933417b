import type { CountBasis } from '../core/identify';
import type { Caution, CautionCode, CautionRank, FactsOf } from '../core/labels';
import type { Ask, NestStep, Tell, WayOut } from '../core/safety';
import type { CalendarDay, Unit } from '../core/units';
import { ASK_TICKED, ASK_WORDS, TELL_WORDS } from './clause-terms';
import { endsText } from './label';
import { inSentence, lower } from './plain-nouns';
import { categoriesText, premisesList } from './premises-terms';
import { percentText, unitText, type Show } from './show';
import { STATUS_WORDS } from './terms';

export interface CautionWords {
  readonly title: string;
  readonly text: string;
  /** What ticking it says, where ticking settles it. */
  readonly tick: string;
}

/** The way out of a Halt, in a few words. */
export const WAY_OUT_WORDS: Record<WayOut, string> = {
  evidence: 'another mark, seen by you or by somebody who knows them',
  act: 'the act below, with your name and the time',
  change: 'another plan; no tick and no licence opens it',
  qualified: 'somebody who holds a licence that is valid that day, signed in',
  none: 'none: it is left alone',
};
export const RANK_WORDS: Record<CautionRank, string> = { halt: 'Halt', care: 'Care', note: 'Note' };

/** Why the licence of whoever is signed in does not count here. */
function lackText(lack: string, until: string | null): string {
  if (lack === 'run-out')
    return `Yours ran out${until === null ? '' : ` on ${until}`}; it halts until the new one is written down.`;
  if (lack === 'other-work')
    return 'Yours does not cover that; an owner writes down under People what it covers.';
  return 'An owner writes it down under People; in a household there is none.';
}

/** Which licence opens the work on something dangerous that is known by its name. */
function qualifiedText(lack: string | undefined, wanted = ''): string {
  if (!lack) return '';
  return ` Somebody who is licensed for ${categoriesText(wanted)} may do it, with a second person and the kit. ${lackText(lack, null)}`;
}
/** How it is said in the manner of whoever reads. */
interface Say {
  readonly show: Show;
  readonly n: (value: number) => string;
  readonly day: (day: CalendarDay) => string;
  readonly amount: (value: number, unit: Unit) => string;
  readonly words: (title: string, text: string, tick?: string) => CautionWords;
}
type Sentences = { readonly [Code in CautionCode]: (facts: FactsOf<Code>, say: Say) => CautionWords };

const SENTENCES: Sentences = {
  'label-asks': (facts, { show }) => ASK_WORDS[facts.about as Ask](facts, show),
  'label-tells': (facts, { show }) => TELL_WORDS[facts.about as Tell](facts, show),
  'not-asked': (facts, { words }) =>
    words(
      'Ask before it is chosen for good',
      `Nobody said lately whether there is here: ${premisesList(facts.about.split('+'))}. What is answered under “People and place” of the property is remembered for half a year.`,
      'Asked: none of these',
    ),
  'harmful-here': (facts, { words, show }) =>
    words(
      `Harmful against ${inSentence(facts.pest)}`,
      `${facts.label}: ${show.prose(facts.note)}. The guide’s evidence holds whatever the card says. Choose another remedy.`,
    ),
  'must-rule-out': (facts, { words, show }) => {
    const chance = facts.p === undefined ? '' : ` (${percentText(facts.p)})`;
    const rule = facts.named
      ? ''
      : facts.always === 0
        ? ` Known by: ${lower(facts.mark)}. That it was not seen rules it out no more than “cannot tell” does: look on, keep a sample for somebody who knows them, or call a qualified person.`
        : ` Ruled out when this was looked for and is not so: ${lower(facts.mark)}.`;
    if (facts.qualified)
      return words(
        `${facts.name}: by qualified people alone`,
        show.prose(
          `Two people, the second in sight. Suit, veil and gloves, or the mask that the label names; light; a way out that is free; no ladder with a can in hand. An adrenaline pen and a telephone at hand. ${facts.doNot}.`,
        ),
        'Second person, kit and way out are there',
      );
    return words(
      `${facts.named ? 'This is' : 'Could be'}: ${inSentence(facts.name)}${chance}, ${STATUS_WORDS[facts.status] ?? facts.status}`,
      show.prose(`${facts.doNow}. ${facts.doNot}.${rule}${qualifiedText(facts.lack, facts.wanted)}`),
    );
  },
  'nest-step': (facts, { words }) => {
    const { title, text, tick } = NEST_STEP_WORDS[facts.about as NestStep];
    return words(title, text, tick);
  },
  'not-an-insect': (facts, { words, show }) =>
    words(`${facts.name} is no insect`, show.prose(`No product helps. ${facts.doNow}.`)),
  'no-name': (facts, { words }) =>
    words('No name yet', `${facts.label} is chosen, but the cause is not sure. Confirm the name first.`),
  'pest-not-on-label': (facts, { words }) =>
    words(
      `${facts.pest} is not on this label`,
      `${facts.label} may not be used against it. Choose another remedy.`,
    ),
  'stage-not-on-label': (facts, { words }) =>
    words(
      'Not at this life stage',
      `${facts.label} does not work on this stage of ${inSentence(facts.pest)}. Choose another remedy, or wait for the stage it names.`,
    ),
  'stage-by-season': (facts, { words }) =>
    words(
      'Perhaps not the stage that is there now',
      `${facts.label} works on: ${facts.works}. By the season there are: ${facts.stages}. Find out which stage it is, and say so at Name.`,
      'The stage that it works on is there',
    ),
  'stages-left': (facts, { words }) =>
    words(
      `Leaves alive: ${facts.leaves}`,
      `${facts.label} does not work on ${facts.leaves} of ${inSentence(facts.pest)}. ${facts.cover ? `${facts.cover}${facts.orElse ? ` or ${facts.orElse}` : ''} would: add it to the course.` : 'Nothing on the shelf does: they will go on, so plan to look and treat again.'}`,
      'They are known to stay',
    ),
  'site-not-on-label': (facts, { words }) =>
    words(
      'Not for this place',
      `${facts.label} may not be put down here. Choose one whose label names the place.`,
    ),
  'out-of-season': (facts, { words }) =>
    words(
      'Not in this season',
      `${facts.label} is held to other months by its label. Choose another remedy, or wait.`,
    ),
  'licence-needed': (facts, { day, words }) =>
    words(
      'Only with a licence',
      `${facts.label} may be used by people alone who hold a licence for ${categoriesText(facts.wanted)} that is valid on that day. ${lackText(facts.lack, facts.until === undefined ? null : day(facts.until))} Else choose another remedy, or call a firm.`,
    ),
  'permit-or-report': (facts, { words }) =>
    words(
      'Permit or report',
      `Some places want a permit before, or a report after, such work on ${inSentence(facts.name)}. Ask the authority, and write down its number, or why none is wanted here. It stays with the record.`,
      'Written down',
    ),
  'not-where-food-is': (facts, { words }) =>
    words('Not where food is', `${facts.label} may not be used where food is kept or made.`),
  'food-plants-here': (facts, { words }) =>
    words('Food grows here', `${facts.label} may not be used on plants that are eaten.`),
  'splits-the-colony': (facts, { words }) =>
    words('It would split the nest', `${facts.label} repels; nests of this ant split and spread. Bait only.`),
  'plan-changed': (facts, { words, show }) =>
    words(
      'The plan was changed since',
      `It came to ${show.areaText(facts.was)} when Measure was saved, and comes to ${show.areaText(facts.is)} now. Save Measure again.`,
    ),
  'dust-in-damp': (facts, { words }) =>
    words(
      'Too damp for a dust',
      `${facts.label} cakes where it is damp and does nothing. Dry the place and say so at Look, or choose another form.`,
    ),
  'dust-when-dry': (facts, { words }) =>
    words(
      'Only where it is dry',
      `${facts.label} works as a thin, dry film. Whether this place is dry was not said at Look.`,
      'It is dry there',
    ),
  'bait-on-repellent': (facts, { day, words }) =>
    words(
      'A repellent or a dust went down here',
      `${facts.other} on ${day(facts.last)}. Put the bait where it did not reach, or clean it off first: they will not come to a bait beside it.`,
      'Kept apart',
    ),
  'repellent-on-bait': (facts, { day, words }) =>
    words(
      'Bait lies here',
      `${facts.other} since ${day(facts.last)}. A spray or dust beside it spoils the bait. Keep them apart, or take the bait up.`,
      'Kept apart',
    ),
  'living-after-insecticide': (facts, { day, words }) =>
    words(
      'A soil insecticide went down lately',
      `${facts.other} on ${day(facts.last)}. It may harm the nematodes; two weeks between them are safer.`,
      'I accept that',
    ),
  'same-group-again': (facts, { n, words }) =>
    words(
      'The same mode of action again',
      `The last ${n(facts.times)} treatments against it here were of group ${facts.group} too. Another group keeps them from getting used to it.`,
      'No other group will do here',
    ),
  'interval-not-over': (facts, { n, day, words }) =>
    words(
      `No sooner than ${day(facts.until)}`,
      `Last put down here on ${day(facts.last)}; the label wants ${n(facts.days)} days between.`,
    ),
  'interval-not-stated': (facts, { day, words }) =>
    words(
      'A second time, and no interval is stated',
      `It went down here on ${day(facts.last)}; the card states neither “no sooner than” nor “about every”. Read the container’s own words before it goes down again, and write them into the card.`,
      'The label lets it go down again',
    ),
  'sooner-than-usual': (facts, { n, day, words }) =>
    words(
      `Sooner than the label’s usual ${n(facts.days)} days`,
      `Last put down here on ${day(facts.last)}; the label repeats it about every ${n(facts.days)} days, which is ${day(facts.until)}.`,
      'Needed sooner; the label does not forbid it',
    ),
  'lot-not-usable': (facts, { day, words }) =>
    words(
      `Lot ${facts.lot} is not usable`,
      facts.until === undefined
        ? 'Nothing is left of it. Choose another lot, or count it again on the shelf.'
        : `Its last day was ${day(facts.until)}. Choose another lot; take this one to a hazardous-waste point.`,
    ),
  'max-per-year-reached': (facts, { n, day, words }) =>
    words(
      'The year’s number is reached',
      `${n(facts.done)} of ${n(facts.most)} applications in 12 months, the last on ${day(facts.last)}.`,
    ),
  'season-cap-exceeded': (facts, { words, show }) =>
    words(
      'Over the season’s cap',
      `This would pass what the label allows here in 12 months by ${show.quantityText({ value: -facts.left, unit: facts.unit as Unit })}. Treat less, or use another remedy.`,
    ),
  'active-cap-exceeded': (facts, { words, show }) =>
    words(
      `Over the year’s most of ${facts.active}`,
      `The label allows ${show.massText(facts.allowed)} here in 12 months, over all products that hold it; ${show.massText(facts.used)} went down, this would add ${show.massText(facts.planned)}. Treat less, or use another ingredient.`,
    ),
  'active-not-countable': (facts, { words }) =>
    words(
      'The ingredient cannot be counted',
      'The label binds the active ingredient over the year, but a strength or density that is needed is not stated. Complete the card, or count it by hand.',
      'I counted it by hand',
    ),
  'lot-expired': (facts, { words }) =>
    words(
      'Every container on the shelf is out of date or empty',
      `Do not use an expired lot of ${facts.label}. Take it to a hazardous-waste point.`,
    ),
  'demonstration-label': (facts, { words }) =>
    words(
      'Demonstration label',
      `${facts.label} is made up, with made-up numbers. Use the label on your own container.`,
    ),
  'not-on-shelf': (facts, { words }) =>
    words(
      'Not on the shelf',
      `No container of ${facts.label} is on the shelf. The cost is not known until one is.`,
    ),
  'below-threshold': (facts, { words, show }) =>
    words(
      'Below the threshold',
      facts.limit === 0
        ? 'None was caught. Look once more before anything is put down.'
        : `The count lies under ${show.densityText(facts.limit, facts.basis as CountBasis)}. Culture alone is likely to do.`,
      'Treat all the same; the reason is noted',
    ),
  'banned-here': (facts, { words }) =>
    words(
      `${facts.ingredient} is not allowed here`,
      `A local rule in the settings bans it now; ${facts.label} holds it. Choose another remedy.`,
    ),
  'purpose-not-allowed': (facts, { words }) =>
    words(
      facts.purpose === 'prevent' ? 'No treating ahead here' : 'No routine treatments here',
      'A local rule in the settings wants something seen or counted first. Say at Look what is there, or put nothing down.',
    ),
  'local-care': (facts, { words }) => words('Local rule', `${facts.text}.`.replace(/\.\.$/, '.'), 'Seen to'),
  'grade-weak': (facts, { words, show }) => words('Weak evidence', show.prose(`${facts.reason}.`)),
  'area-error-over-rate': (facts, { n, words }) =>
    words(
      'The area is not sure enough for this rate',
      facts.safe >= facts.least
        ? `If the lawn is as small as the error allows, this rate passes the label’s most. ${n(facts.safe)} ${unitText(facts.unit as Unit)} or less stays inside.`
        : 'If the lawn is as small as the error allows, this rate passes the label’s most, and so does the least. Measure it again, more surely, or take the rate for the smaller area.',
      'I accept the area as measured',
    ),
  'water-buffer': (facts, { words, show }) =>
    words(
      `${show.lengthText(facts.buffer)} from the water`,
      facts.strip < facts.buffer
        ? `${facts.strip > 0 ? `What is treated begins ${show.lengthText(facts.strip)} from it` : 'Nothing is kept off it yet'}; ${show.lengthText(facts.buffer)} are needed. Leave a strip out at Measure, or say there how far the water lies.`
        : 'The strip is out of the area. Start only with the wind off the water or along it.',
      'Strip marked on the ground',
    ),
  'amount-not-weighed': (facts, { words }) =>
    words(
      'Weigh it before and after',
      `${facts.label} has a most for a year and no rate in numbers: what nobody weighed is not known to that most. Weigh the container before and after, and log the difference.`,
      'Weighed',
    ),
  'passes-over-most': (facts, { n, words, show }) =>
    words(
      'Two passes at half the rate would be too much',
      `As the lanes lie, they would lay down ${n(facts.would)} ${unitText(facts.unit as Unit)} where the label’s most is ${n(facts.most)}. Take fewer lanes or less overlap at Place, or set the gate so that ${show.quantityText({ value: 10 * facts.metre, unit: facts.metreUnit as Unit })} come out over every ${show.lengthText(10)} of walk.`,
      'The gate is set so, and weighed',
    ),
  'soil-out-of-range': (facts, { words, show }) =>
    words(
      'Soil out of range',
      `${show.degreesText(facts.soil)} at that hour; the label wants ${endsText([numberOrNull(facts.from), numberOrNull(facts.to)], show.degreesText)}. Choose another hour or remedy.`,
    ),
  'no-weather-known': (facts, { words }) =>
    words(
      'No weather is known',
      'Check wind, rain, temperature and soil yourself against the limits listed here, at the place and at the hour.',
      'I checked them at the place',
    ),
  'calm-air': (facts, { words, show }) =>
    words(
      'Calm air',
      `Under ${show.windText(5)} a mist hangs and drifts where nobody expects it. Look at smoke or dust first.`,
      'Looked: the air moves away from people and water',
    ),
  'above-label-rate': (facts, { n, words }) =>
    words(
      'Above the label',
      `${n(facts.chosen)} passes the label’s most of ${n(facts.most)} ${unitText(facts.unit as Unit)}. Lower the rate.`,
    ),
  'below-label-rate': (facts, { n, words }) =>
    words(
      'Below the label',
      `${n(facts.chosen)} lies under the label’s least of ${n(facts.least)}. It may not work, and it breeds resistance.`,
      'Below on purpose',
    ),
  'tank-held-herbicide': (facts, { words }) =>
    words(
      'Weed killer was in this tank',
      `What is left of it in ${facts.tank || 'the tank'}, its hose and its nozzle burns the lawn. Take another tank, or clean this one as the weed killer’s label says, and say then that it is clean.`,
    ),
  'tank-held-other': (facts, { words }) =>
    words(
      'Another product was in this tank',
      'Rinse tank, hose and nozzle three times, the rinse onto ground that its label names. Two products meet in a tank only where both labels allow it.',
      'Rinsed three times',
    ),
  'partner-not-allowed': (facts, { words }) =>
    words(
      'One product at a time',
      `${facts.label} does not say that it may be mixed with others, so ${facts.other} does not go into the same tank. Put them down one after the other, as each label says.`,
    ),
  'partner-jar-missing': (facts, { words }) =>
    words(
      'No jar was tried',
      `Shake ${facts.label} and ${facts.other} in a jar first, in the order and strength of the tank, and let it stand for half an hour. Log what came of it.`,
    ),
  'partner-jar-failed': (facts, { words }) =>
    words(
      'The jar separated',
      `${facts.label} and ${facts.other} do not stay mixed: they would clog the nozzle and go down unevenly. Take one of them alone.`,
    ),
  'partner-carry-over': (facts, { words }) =>
    words(
      'Something is left in the tank',
      'Two products are mixed only in an empty, rinsed tank. Use up what is left first.',
    ),
  'partner-carrier': (facts, { words }) =>
    words(
      'Not the same amount of mix',
      `${facts.label} and ${facts.other} are not made up to the same amount of mix for this ground, so that one of them would leave its label in one tank. Put them down one after the other.`,
    ),
  'partner-rate': (facts, { n, words }) =>
    words(
      'The second product is outside its label',
      `${n(facts.chosen)} ${unitText(facts.unit as Unit)} of ${facts.label} does not lie between its ${n(facts.least)} and ${n(facts.most)}. Change its rate.`,
    ),
  'partner-unknown': (facts, { words }) =>
    words(
      'The second product cannot be mixed here',
      `${facts.label} states no rate in water for this place. Take it out of the mix.`,
    ),
  'course-apart': (facts, { words }) =>
    words(
      `Keep it apart from ${facts.letter}`,
      `${facts.letter} of this course is ${facts.other}. Bait is not eaten where something repels: a metre between them at least, each noted where it lies.`,
      'Kept apart',
    ),
  'course-too-soon': (facts, { n, words }) =>
    words(
      `${n(facts.days)} days from ${facts.letter}: too soon`,
      `${facts.letter} of this course is the same product, and its label wants ${n(facts.between)} days between. Choose another day for one of them.`,
    ),
  'course-over-year': (facts, { amount, words }) =>
    words(
      'More than the year allows, with the rest of the course',
      `${facts.letters} of this course plan ${amount(facts.planned, facts.unit)} of it as well; once this is down, ${amount(facts.left, facts.unit)} are left for the year here.`,
    ),
  'course-too-many': (facts, { n, words }) =>
    words(
      'More times than the year allows, with the rest of the course',
      `With ${facts.letters} of this course it would be ${n(facts.all)} times in twelve months; the label allows ${n(facts.most)}.`,
    ),
  'partner-log': (facts, { words }) =>
    words(
      'Log both products',
      `${facts.label} wants an entry of its own in the logbook: its label and its year’s most count like any other.`,
    ),
  'carry-over-old': (facts, { n, words }) =>
    words(
      `The mix left in the tank is ${n(facts.days)} ${facts.days === 1 ? 'day' : 'days'} old`,
      'Most mixes lose strength in water overnight and settle out. Look what the label says of storing a mix; shake it up well.',
      'The label lets it stand so long',
    ),
  'carry-over-dead': (facts, { n, words }) =>
    words(
      'What was left in the tank is dead',
      `Living products keep for hours in water, not for ${n(facts.days)} ${facts.days === 1 ? 'day' : 'days'}. Pour it over a bed, rinse, and mix anew.`,
    ),
  'measure-too-coarse': (facts, { words }) =>
    words(
      'The measure is too coarse',
      'No mark of this tool meets the label. The exact amount is shown: use a finer tool.',
      'I have a finer measure',
    ),
  'carry-over-exceeds-need': (facts, { words }) =>
    words(
      'More is left in the tank than the job needs',
      'Use the rest at a place that the label names and that has allowance left. Never down a drain.',
      'I know where the rest goes',
    ),
  'carry-over-too-strong': (facts, { words }) =>
    words(
      'What is left is stronger than wanted',
      'Only water is added to this load. It stays within the figures shown.',
      'Understood',
    ),
  'product-exceeds-mix': (facts, { words }) =>
    words(
      'More product than mix',
      'The rate asks for more product than the finished mix holds. Check the label’s rate and volume.',
    ),
  'nematodes-too-few': (facts, { words, show }) =>
    words(
      'Too few nematodes',
      `${show.densityText(facts.perM2)}; under ${show.densityText(250_000)} they are known to fail.`,
      'Fewer on purpose',
    ),
  'flowering-turf': (facts, { words }) =>
    words(
      facts.where === 'lawn' || facts.where === '' ? 'Flowers in the turf' : 'Something flowers here',
      facts.where === 'lawn' || facts.where === ''
        ? 'Bees come to clover and daisies. Mow first and look again before the start.'
        : 'Bees come to it. Wait until it has faded, or cut every flower off, those of the weeds too; look again before the start.',
      facts.where === 'lawn' || facts.where === '' ? 'Mown, and no flower left' : 'No flower is left',
    ),
  'wear-ppe': (facts, { words }) =>
    words(`Wear ${facts.ppe}`, 'No eating, drinking or smoking. Wash work clothes apart.', 'I wear them'),
  'filter-out': (facts, { words, show }) =>
    words(
      'Filters out',
      show.prose('Take out every filter and strainer finer than 0.5 mm: they catch living nematodes.'),
      'The filters are out',
    ),
  'keep-out-until': (facts, { n, words }) =>
    words(
      facts.until === 'until-dry'
        ? 'People and pets off until dry'
        : facts.until === 'hours'
          ? `People and pets off for ${n(facts.hours)} hours, and until dry`
          : 'People and pets off until watered in and dry',
      'Tell whoever lives or works here, and put up the notice.',
      'Told, notice up',
    ),
  'water-in': (facts, { n, words, show }) =>
    words(
      `Water in with ${show.rainText(facts.mm)}`,
      `Within ${n(facts.hours)} hours, by sprinkler or by coming rain.`,
    ),
  'rinse-and-leftover': (facts, { words }) =>
    words('End empty', `${leftoverText(facts.onto)} No drain, no sink, no hard ground.`),
};

/** Every code, as the sentences stand. */
export const CAUTION_CODES = Object.keys(SENTENCES) as readonly CautionCode[];

/** What a caution says: what is the matter, and the way out. */
export function cautionWords<Code extends CautionCode>(
  { code, facts }: { readonly code: Code; readonly facts: FactsOf<Code> },
  show: Show,
): CautionWords {
  return SENTENCES[code](facts, {
    show,
    n: (value) => show.numberText(value),
    day: (day) => show.dayText(day),
    amount: (value, unit) => show.quantityText({ value, unit }),
    words: (title, text, tick = 'Done') => ({ title, text, tick }),
  });
}

/** The steps at a nest of wasps or hornets. */
const NEST_STEP_WORDS: Readonly<Record<NestStep, { title: string; text: string; tick: string }>> = {
  'find-exits': {
    title: 'Find every way in and out',
    text: 'Watch from a distance for some minutes on a warm day, inside as well: behind skirting, at lamps, under eaves. Mark each.',
    tick: 'All found and marked',
  },
  'close-none': {
    title: 'Close none while the colony lives',
    text: 'What is closed in chews its way into the rooms. Rooms behind the wall are shut, and nobody sleeps there.',
    tick: 'All left open, rooms shut',
  },
  'after-dark': {
    title: 'After dark, when all are in',
    text: 'Dust or jet at the entrance from the side, with red light or none, and back at once by the way that is free.',
    tick: 'Planned for after dark',
  },
  'watch-two-days': {
    title: 'Watch on the next two days',
    text: 'Where there is still traffic it is done once more, no sooner than the label lets it.',
    tick: 'Watched: no traffic',
  },
  'seal-after': {
    title: 'Seal after two to three days without traffic',
    text: 'Not before. Then every way in that was marked.',
    tick: 'Sealed',
  },
  comb: {
    title: 'Take the comb out, or seal it off',
    text: 'Bees that rob poisoned comb die of it, and what is left draws moths and beetles.',
    tick: 'Comb out, or sealed off',
  },
};

/** Where the rinse and the rest go. */
export const leftoverText = (onto: string): string =>
  onto === ''
    ? 'Mix no more than it takes. Rinse three times; rinse and rest go only onto a place that the label names, else they are kept, closed and labelled, for the next job or the hazardous-waste point.'
    : `Rinse three times and spray the rinsate over the treated ${onto === 'lawn' ? 'turf' : onto}.`;

const numberOrNull = (fact: string | number | undefined): number | null =>
  typeof fact === 'number' ? fact : null;

/** What a tick of a record said, by the caution that it settled. */
const TICKED: Readonly<Partial<Record<Caution['code'], string>>> = {
  'dust-when-dry': 'the place is dry',
  'bait-on-repellent': 'bait and repellent kept apart',
  'course-apart': 'kept apart from what else lies here',
  'repellent-on-bait': 'bait and repellent kept apart',
  'living-after-insecticide': 'nematodes soon after a soil insecticide, accepted',
  'same-group-again': 'the same mode of action again, no other will do',
  'interval-not-stated': 'a second treatment by the label’s own words',
  'sooner-than-usual': 'sooner than the label’s usual interval',
  'active-not-countable': 'the year’s ingredient counted by hand',
  'stage-by-season': 'the stage that it works on is there',
  'stages-left': 'stages that it leaves alive known',
  'passes-over-most': 'gate set by what comes out over each metre',
  'amount-not-weighed': 'container weighed before and after',
  'nest-step': 'step at the nest',
  'below-threshold': 'treated under the threshold, for a reason',
  'local-care': 'local rule seen to',
  'area-error-over-rate': 'the area accepted as measured',
  'water-buffer': 'strip by the water marked on the ground',
  'no-weather-known': 'weather checked at the place',
  'calm-air': 'calm air looked at',
  'below-label-rate': 'below the label’s least, on purpose',
  'tank-held-other': 'tank rinsed three times',
  'carry-over-old': 'the label lets the old mix stand',
  'measure-too-coarse': 'a finer measure used',
  'carry-over-exceeds-need': 'a place for the rest of the mix',
  'carry-over-too-strong': 'stronger rest understood',
  'nematodes-too-few': 'fewer nematodes, on purpose',
  'flowering-turf': 'no flower left',
  'must-rule-out': 'second person, kit, way out and permit',
  'not-asked': 'asked at the place: none of these',
  'wear-ppe': 'protective wear on',
  'filter-out': 'filters taken out',
  'keep-out-until': 'people told, notice up',
};

/** The words of a tick, from its key in a record; a key of another version is told as it was written, without its dashes. */
export function tickText(key: string): string {
  const [code = '', about = ''] = key.split(/[ :]/);
  if (code === 'label-asks' && Object.hasOwn(ASK_TICKED, about)) return ASK_TICKED[about as Ask];
  if (code === 'nest-step' && Object.hasOwn(NEST_STEP_WORDS, about))
    return NEST_STEP_WORDS[about as NestStep].tick.toLowerCase();
  return TICKED[code as Caution['code']] ?? code.replaceAll('-', ' ');
}
