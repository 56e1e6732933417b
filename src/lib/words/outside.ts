import type { Outside } from '../core/record';
import type { CalendarDay, Unit } from '../core/units';
import { categoriesText } from './premises-terms';
import { unitText, type Show } from './show';

function licenceText({ lack, until, wanted }: Outside['facts'], show: Show): string {
  const who = 'This is work for licensed people alone';
  if (lack === 'run-out')
    return `${who}; the licence ran out on ${show.dayText(String(until) as CalendarDay)}.`;
  if (lack === 'other-work') return `${who}; the licence does not cover ${categoriesText(wanted)}.`;
  return `${who}, and no licence is written down.`;
}

/** One thing that lay outside the label or the plan, in a sentence. */
export function outsideText({ code, facts }: Outside, show: Show): string {
  const n = (key: string): string => show.numberText(Number(facts[key] ?? 0));
  const unit = unitText(String(facts.unit ?? '') as Unit);
  const per = `for ${Number(facts.per) === 1 ? '' : `${n('per')} `}${unitText(String(facts.perUnit ?? '') as Unit)}`;
  switch (code) {
    case 'above-most':
      return `${n('rate')} ${unit} ${per} went down; the label’s most is ${n('most')} ${unit}.`;
    case 'below-least':
      return `${n('rate')} ${unit} ${per} went down; the label’s least is ${n('least')} ${unit}.`;
    case 'unlike-plan':
      return `${n('done')} ${unit} were used, ${n('planned')} ${unit} planned.`;
    case 'too-windy':
      return `The wind was ${show.windText(Number(facts.is))}; the label’s most is ${show.windText(Number(facts.most))}.`;
    case 'too-cold':
      return `It was ${show.degreesText(Number(facts.is))}; the label wants ${show.degreesText(Number(facts.least))} or more.`;
    case 'too-hot':
      return `It was ${show.degreesText(Number(facts.is))}; the label’s most is ${show.degreesText(Number(facts.most))}.`;
    case 'lot-short':
      return `${n('used')} ${unit} were taken from lot ${facts.lot}, in which ${n('left')} ${unit} were left by the records.`;
    case 'lot-unknown':
      return `Lot ${facts.lot} is not on the shelf.`;
    case 'lot-over':
      return `The last day of lot ${facts.lot} was ${show.dayText(String(facts.until) as CalendarDay)}.`;
    case 'too-soon':
      return `The last time was ${show.dayText(String(facts.last) as CalendarDay)}; the label wants ${n('wanted')} days between.`;
    case 'halt-open':
      return Number(facts.count) === 1 ? 'A Halt was open.' : `${n('count')} Halts were open.`;
    case 'care-open':
      return Number(facts.count) === 1 ? 'A Care was not ticked.' : `${n('count')} Cares were not ticked.`;
    case 'no-licence':
      return licenceText(facts, show);
    case 'licence-unproven':
      return `Licence ${facts.number} is not that of whoever is signed in: nobody could look up whether it was valid.`;
  }
}
