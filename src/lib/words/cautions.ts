import type { CountBasis } from '../core/identify';
import type { Caution, CautionRank } from '../core/labels';
import type { Ask, NestStep, Tell, WayOut } from '../core/safety';
import type { CalendarDay, Unit } from '../core/units';
import { ASK_TICKED, ASK_WORDS, TELL_WORDS } from './clause-terms';
import { endsText } from './label';
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
function qualifiedText(lack: string, wanted: string): string {
  if (lack === '') return '';
  return ` Somebody who is licensed for ${categoriesText(wanted)} may do it, with a second person and the kit. ${lackText(lack, null)}`;
}

/** What a caution says: what is the matter, and the way out. */
export function cautionWords({ code, facts }: Pick<Caution, 'code' | 'facts'>, show: Show): CautionWords {
  const n = (key: string): string => show.numberText(Number(facts[key] ?? 0));
  const t = (key: string): string => String(facts[key] ?? '');
  const day = (key: string): string => show.dayText(t(key) as CalendarDay);
  const amount = (key: string): string =>
    show.quantityText({ value: Number(facts[key] ?? 0), unit: t('unit') as Unit });
  const words = (title: string, text: string, tick = 'Done'): CautionWords => ({ title, text, tick });
  switch (code) {
    case 'label-asks':
      return ASK_WORDS[t('about') as Ask](facts, show);
    case 'label-tells':
      return TELL_WORDS[t('about') as Tell](facts, show);
    case 'not-asked':
      return words(
        'Ask before it is chosen for good',
        `Nobody said lately whether there is here: ${premisesList(t('about').split('+'))}. What is answered under “People and place” of the property is remembered for half a year.`,
        'Asked: none of these',
      );
    case 'harmful-here':
      return words(
        `Harmful against ${lower(t('pest'))}`,
        `${t('label')}: ${show.prose(t('note'))}. The guide’s evidence holds whatever the card says. Choose another remedy.`,
      );
    case 'must-rule-out': {
      const chance = facts.p === undefined ? '' : ` (${percentText(Number(facts.p))})`;
      const rule = facts.named
        ? ''
        : facts.always === 0
          ? ` Known by: ${lower(t('mark'))}. That it was not seen rules it out no more than “cannot tell” does: look on, keep a sample for somebody who knows them, or call a qualified person.`
          : ` Ruled out when this was looked for and is not so: ${lower(t('mark'))}.`;
      if (facts.qualified)
        return words(
          `${t('name')}: by qualified people alone`,
          show.prose(
            `Two people, the second in sight. Suit, veil and gloves, or the mask that the label names; light; a way out that is free; no ladder with a can in hand. An adrenaline pen and a telephone at hand. ${t('doNot')}.`,
          ),
          'Second person, kit and way out are there',
        );
      return words(
        `${facts.named ? 'This is' : 'Could be'}: ${lower(t('name'))}${chance}, ${STATUS_WORDS[t('status')] ?? t('status')}`,
        show.prose(`${t('doNow')}. ${t('doNot')}.${rule}${qualifiedText(t('lack'), t('wanted'))}`),
      );
    }
    case 'nest-step': {
      const { title, text, tick } = NEST_STEP_WORDS[facts.about as NestStep];
      return words(title, text, tick);
    }
    case 'not-an-insect':
      return words(`${t('name')} is no insect`, show.prose(`No product helps. ${t('doNow')}.`));
    case 'no-name':
      return words(
        'No name yet',
        `${t('label')} is chosen, but the cause is not sure. Confirm the name first.`,
      );
    case 'pest-not-on-label':
      return words(
        `${t('pest')} is not on this label`,
        `${t('label')} may not be used against it. Choose another remedy.`,
      );
    case 'stage-not-on-label':
      return words(
        'Not at this life stage',
        `${t('label')} does not work on this stage of ${lower(t('pest'))}. Choose another remedy, or wait for the stage it names.`,
      );
    case 'stage-by-season':
      return words(
        'Perhaps not the stage that is there now',
        `${t('label')} works on: ${t('works')}. By the season there are: ${t('stages')}. Find out which stage it is, and say so at Name.`,
        'The stage that it works on is there',
      );
    case 'stages-left':
      return words(
        `Leaves alive: ${t('leaves')}`,
        `${t('label')} does not work on ${t('leaves')} of ${lower(t('pest'))}. ${t('cover') === '' ? 'Nothing on the shelf does: they will go on, so plan to look and treat again.' : `${t('cover')}${t('orElse') === '' ? '' : ` or ${t('orElse')}`} would: add it to the course.`}`,
        'They are known to stay',
      );
    case 'site-not-on-label':
      return words(
        'Not for this place',
        `${t('label')} may not be put down here. Choose one whose label names the place.`,
      );
    case 'out-of-season':
      return words(
        'Not in this season',
        `${t('label')} is held to other months by its label. Choose another remedy, or wait.`,
      );
    case 'licence-needed':
      return words(
        'Only with a licence',
        `${t('label')} may be used by people alone who hold a licence for ${categoriesText(t('wanted'))} that is valid on that day. ${lackText(t('lack'), facts.until === undefined ? null : day('until'))} Else choose another remedy, or call a firm.`,
      );
    case 'permit-or-report':
      return words(
        'Permit or report',
        `Some places want a permit before, or a report after, such work on ${lower(t('name'))}. Ask the authority, and write down its number, or why none is wanted here. It stays with the record.`,
        'Written down',
      );
    case 'not-where-food-is':
      return words('Not where food is', `${t('label')} may not be used where food is kept or made.`);
    case 'food-plants-here':
      return words('Food grows here', `${t('label')} may not be used on plants that are eaten.`);
    case 'splits-the-colony':
      return words(
        'It would split the nest',
        `${t('label')} repels; nests of this ant split and spread. Bait only.`,
      );
    case 'plan-changed':
      return words(
        'The plan was changed since',
        `It came to ${show.areaText(Number(facts.was ?? 0))} when Measure was saved, and comes to ${show.areaText(Number(facts.is ?? 0))} now. Save Measure again.`,
      );
    case 'dust-in-damp':
      return words(
        'Too damp for a dust',
        `${t('label')} cakes where it is damp and does nothing. Dry the place and say so at Look, or choose another form.`,
      );
    case 'dust-when-dry':
      return words(
        'Only where it is dry',
        `${t('label')} works as a thin, dry film. Whether this place is dry was not said at Look.`,
        'It is dry there',
      );
    case 'bait-on-repellent':
      return words(
        'A repellent or a dust went down here',
        `${t('other')} on ${day('last')}. Put the bait where it did not reach, or clean it off first: they will not come to a bait beside it.`,
        'Kept apart',
      );
    case 'repellent-on-bait':
      return words(
        'Bait lies here',
        `${t('other')} since ${day('last')}. A spray or dust beside it spoils the bait. Keep them apart, or take the bait up.`,
        'Kept apart',
      );
    case 'living-after-insecticide':
      return words(
        'A soil insecticide went down lately',
        `${t('other')} on ${day('last')}. It may harm the nematodes; two weeks between them are safer.`,
        'I accept that',
      );
    case 'same-group-again':
      return words(
        'The same mode of action again',
        `The last ${n('times')} treatments against it here were of group ${t('group')} too. Another group keeps them from getting used to it.`,
        'No other group will do here',
      );
    case 'interval-not-over':
      return words(
        `No sooner than ${day('until')}`,
        `Last put down here on ${day('last')}; the label wants ${n('days')} days between.`,
      );
    case 'interval-not-stated':
      return words(
        'A second time, and no interval is stated',
        `It went down here on ${day('last')}; the card states neither “no sooner than” nor “about every”. Read the container’s own words before it goes down again, and write them into the card.`,
        'The label lets it go down again',
      );
    case 'sooner-than-usual':
      return words(
        `Sooner than the label’s usual ${n('days')} days`,
        `Last put down here on ${day('last')}; the label repeats it about every ${n('days')} days, which is ${day('until')}.`,
        'Needed sooner; the label does not forbid it',
      );
    case 'lot-not-usable':
      return words(
        `Lot ${t('lot')} is not usable`,
        facts.until === undefined
          ? 'Nothing is left of it. Choose another lot, or count it again on the shelf.'
          : `Its last day was ${day('until')}. Choose another lot; take this one to a hazardous-waste point.`,
      );
    case 'max-per-year-reached':
      return words(
        'The year’s number is reached',
        `${n('done')} of ${n('most')} applications in 12 months, the last on ${day('last')}.`,
      );
    case 'season-cap-exceeded':
      return words(
        'Over the season’s cap',
        `This would pass what the label allows here in 12 months by ${show.quantityText({ value: -Number(facts.left ?? 0), unit: t('unit') as Unit })}. Treat less, or use another remedy.`,
      );
    case 'active-cap-exceeded':
      return words(
        `Over the year’s most of ${t('active')}`,
        `The label allows ${show.massText(Number(facts.allowed))} here in 12 months, over all products that hold it; ${show.massText(Number(facts.used))} went down, this would add ${show.massText(Number(facts.planned))}. Treat less, or use another ingredient.`,
      );
    case 'active-not-countable':
      return words(
        'The ingredient cannot be counted',
        'The label binds the active ingredient over the year, but a strength or density that is needed is not stated. Complete the card, or count it by hand.',
        'I counted it by hand',
      );
    case 'lot-expired':
      return words(
        'Every container on the shelf is out of date or empty',
        `Do not use an expired lot of ${t('label')}. Take it to a hazardous-waste point.`,
      );
    case 'demonstration-label':
      return words(
        'Demonstration label',
        `${t('label')} is made up, with made-up numbers. Use the label on your own container.`,
      );
    case 'not-on-shelf':
      return words(
        'Not on the shelf',
        `No container of ${t('label')} is on the shelf. The cost is not known until one is.`,
      );
    case 'below-threshold':
      return words(
        'Below the threshold',
        `The count lies under ${show.densityText(Number(facts.limit), t('basis') as CountBasis)}. Culture alone is likely to do.`,
        'Treat all the same; the reason is noted',
      );
    case 'banned-here':
      return words(
        `${t('ingredient')} is not allowed here`,
        `A local rule in the settings bans it now; ${t('label')} holds it. Choose another remedy.`,
      );
    case 'purpose-not-allowed':
      return words(
        facts.purpose === 'prevent' ? 'No treating ahead here' : 'No routine treatments here',
        'A local rule in the settings wants something seen or counted first. Say at Look what is there, or put nothing down.',
      );
    case 'local-care':
      return words('Local rule', `${t('text')}.`.replace(/\.\.$/, '.'), 'Seen to');
    case 'grade-weak':
      return words('Weak evidence', show.prose(`${t('reason')}.`));
    case 'area-error-over-rate':
      return words(
        'The area is not sure enough for this rate',
        Number(facts.safe) >= Number(facts.least)
          ? `If the lawn is as small as the error allows, this rate passes the label’s most. ${n('safe')} ${unitText(t('unit') as Unit)} or less stays inside.`
          : 'If the lawn is as small as the error allows, this rate passes the label’s most, and so does the least. Measure it again, more surely, or take the rate for the smaller area.',
        'I accept the area as measured',
      );
    case 'water-buffer':
      return words(
        `${show.lengthText(Number(facts.buffer))} from the water`,
        Number(facts.strip) < Number(facts.buffer)
          ? `${Number(facts.strip) > 0 ? `What is treated begins ${show.lengthText(Number(facts.strip))} from it` : 'Nothing is kept off it yet'}; ${show.lengthText(Number(facts.buffer))} are needed. Leave a strip out at Measure, or say there how far the water lies.`
          : 'The strip is out of the area. Start only with the wind off the water or along it.',
        'Strip marked on the ground',
      );
    case 'amount-not-weighed':
      return words(
        'Weigh it before and after',
        `${t('label')} has a most for a year and no rate in numbers: what nobody weighed is not known to that most. Weigh the container before and after, and log the difference.`,
        'Weighed',
      );
    case 'passes-over-most':
      return words(
        'Two passes at half the rate would be too much',
        `As the lanes lie, they would lay down ${n('would')} ${unitText(t('unit') as Unit)} where the label’s most is ${n('most')}. Take fewer lanes or less overlap at Place, or set the gate so that ${show.quantityText({ value: 10 * Number(facts.metre), unit: t('metreUnit') as Unit })} come out over every ${show.lengthText(10)} of walk.`,
        'The gate is set so, and weighed',
      );
    case 'soil-out-of-range':
      return words(
        'Soil out of range',
        `${show.degreesText(Number(facts.soil))} at that hour; the label wants ${endsText([numberOrNull(facts.from), numberOrNull(facts.to)], show.degreesText)}. Choose another hour or remedy.`,
      );
    case 'no-weather-known':
      return words(
        'No weather is known',
        'Check wind, rain, temperature and soil yourself against the limits listed here, at the place and at the hour.',
        'I checked them at the place',
      );
    case 'calm-air':
      return words(
        'Calm air',
        `Under ${show.windText(5)} a mist hangs and drifts where nobody expects it. Look at smoke or dust first.`,
        'Looked: the air moves away from people and water',
      );
    case 'above-label-rate':
      return words(
        'Above the label',
        `${n('chosen')} passes the label’s most of ${n('most')} ${unitText(t('unit') as Unit)}. Lower the rate.`,
      );
    case 'below-label-rate':
      return words(
        'Below the label',
        `${n('chosen')} lies under the label’s least of ${n('least')}. It may not work, and it breeds resistance.`,
        'Below on purpose',
      );
    case 'tank-held-herbicide':
      return words(
        'Weed killer was in this tank',
        `What is left of it in ${t('tank') || 'the tank'}, its hose and its nozzle burns the lawn. Take another tank, or clean this one as the weed killer’s label says, and say then that it is clean.`,
      );
    case 'tank-held-other':
      return words(
        'Another product was in this tank',
        'Rinse tank, hose and nozzle three times, the rinse onto ground that its label names. Two products meet in a tank only where both labels allow it.',
        'Rinsed three times',
      );
    case 'partner-not-allowed':
      return words(
        'One product at a time',
        `${t('label')} does not say that it may be mixed with others, so ${t('other')} does not go into the same tank. Put them down one after the other, as each label says.`,
      );
    case 'partner-jar-missing':
      return words(
        'No jar was tried',
        `Shake ${t('label')} and ${t('other')} in a jar first, in the order and strength of the tank, and let it stand for half an hour. Log what came of it.`,
      );
    case 'partner-jar-failed':
      return words(
        'The jar separated',
        `${t('label')} and ${t('other')} do not stay mixed: they would clog the nozzle and go down unevenly. Take one of them alone.`,
      );
    case 'partner-carry-over':
      return words(
        'Something is left in the tank',
        'Two products are mixed only in an empty, rinsed tank. Use up what is left first.',
      );
    case 'partner-carrier':
      return words(
        'Not the same amount of mix',
        `${t('label')} and ${t('other')} are not made up to the same amount of mix for this ground, so that one of them would leave its label in one tank. Put them down one after the other.`,
      );
    case 'partner-rate':
      return words(
        'The second product is outside its label',
        `${n('chosen')} ${unitText(t('unit') as Unit)} of ${t('label')} does not lie between its ${n('least')} and ${n('most')}. Change its rate.`,
      );
    case 'partner-unknown':
      return words(
        'The second product cannot be mixed here',
        `${t('label')} states no rate in water for this place. Take it out of the mix.`,
      );
    case 'course-apart':
      return words(
        `Keep it apart from ${t('letter')}`,
        `${t('letter')} of this course is ${t('other')}. Bait is not eaten where something repels: a metre between them at least, each noted where it lies.`,
        'Kept apart',
      );
    case 'course-too-soon':
      return words(
        `${n('days')} days from ${t('letter')}: too soon`,
        `${t('letter')} of this course is the same product, and its label wants ${n('wanted')} days between. Choose another day for one of them.`,
      );
    case 'course-over-year':
      return words(
        'More than the year allows, with the rest of the course',
        `${t('letters')} of this course plan ${amount('planned')} of it as well; once this is down, ${amount('left')} are left for the year here.`,
      );
    case 'course-too-many':
      return words(
        'More times than the year allows, with the rest of the course',
        `With ${t('letters')} of this course it would be ${n('all')} times in twelve months; the label allows ${n('most')}.`,
      );
    case 'partner-log':
      return words(
        'Log both products',
        `${t('label')} wants an entry of its own in the logbook: its label and its year’s most count like any other.`,
      );
    case 'carry-over-old':
      return words(
        `The mix left in the tank is ${n('days')} ${facts.days === 1 ? 'day' : 'days'} old`,
        'Most mixes lose strength in water overnight and settle out. Look what the label says of storing a mix; shake it up well.',
        'The label lets it stand so long',
      );
    case 'carry-over-dead':
      return words(
        'What was left in the tank is dead',
        `Living products keep for hours in water, not for ${n('days')} ${facts.days === 1 ? 'day' : 'days'}. Pour it over a bed, rinse, and mix anew.`,
      );
    case 'measure-too-coarse':
      return words(
        'The measure is too coarse',
        'No mark of this tool meets the label. The exact amount is shown: use a finer tool.',
        'I have a finer measure',
      );
    case 'carry-over-exceeds-need':
      return words(
        'More is left in the tank than the job needs',
        'Use the rest at a place that the label names and that has allowance left. Never down a drain.',
        'I know where the rest goes',
      );
    case 'carry-over-too-strong':
      return words(
        'What is left is stronger than wanted',
        'Only water is added to this load. It stays within the figures shown.',
        'Understood',
      );
    case 'product-exceeds-mix':
      return words(
        'More product than mix',
        'The rate asks for more product than the finished mix holds. Check the label’s rate and volume.',
      );
    case 'nematodes-too-few':
      return words(
        'Too few nematodes',
        `${show.densityText(Number(facts.perM2 ?? 0))}; under ${show.densityText(250_000)} they are known to fail.`,
        'Fewer on purpose',
      );
    case 'flowering-turf':
      return words(
        t('where') === 'lawn' || t('where') === '' ? 'Flowers in the turf' : 'Something flowers here',
        t('where') === 'lawn' || t('where') === ''
          ? 'Bees come to clover and daisies. Mow first and look again before the start.'
          : 'Bees come to it. Wait until it has faded, or cut every flower off, those of the weeds too; look again before the start.',
        t('where') === 'lawn' || t('where') === '' ? 'Mown, and no flower left' : 'No flower is left',
      );
    case 'wear-ppe':
      return words(
        `Wear ${t('ppe')}`,
        'No eating, drinking or smoking. Wash work clothes apart.',
        'I wear them',
      );
    case 'filter-out':
      return words(
        'Filters out',
        show.prose('Take out every filter and strainer finer than 0.5 mm: they catch living nematodes.'),
        'The filters are out',
      );
    case 'keep-out-until':
      return words(
        t('until') === 'until-dry'
          ? 'People and pets off until dry'
          : t('until') === 'hours'
            ? `People and pets off for ${n('hours')} hours, and until dry`
            : 'People and pets off until watered in and dry',
        'Tell whoever lives or works here, and put up the notice.',
        'Told, notice up',
      );
    case 'water-in':
      return words(
        `Water in with ${show.rainText(Number(facts.mm))}`,
        `Within ${n('hours')} hours, by sprinkler or by coming rain.`,
      );
    case 'rinse-and-leftover':
      return words('End empty', `${leftoverText(t('onto'))} No drain, no sink, no hard ground.`);
  }
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
const lower = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

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
