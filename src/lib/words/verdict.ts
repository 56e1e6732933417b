import type { Verdict } from '../core/review';
import type { CalendarDay } from '../core/units';
import type { Show } from './show';
import { many } from './plain-nouns';
import { moreSpotsText } from './terms';

export function verdictWords(
  verdict: Verdict,
  repeatOn: CalendarDay | null,
  today: CalendarDay,
  show: Show,
  {
    presence,
    turf,
    each,
    moreSpots,
  }: {
    readonly presence: boolean;
    readonly turf: boolean;
    readonly each: string;
    readonly moreSpots: number | null;
  },
): { title: string; text: string } {
  switch (verdict) {
    case 'wait':
      return { title: 'Wait', text: 'The remedy is still working. Count again at the date of the re-check.' };
    case 'done':
      return {
        title: 'Done',
        text: `${presence ? 'Two readings of nought.' : 'Below the threshold.'}${turf ? ' Let the turf recover: overseed, water, mow high.' : ' Keep to what made it leave: clean, dry, closed.'}`,
      };
    case 'repeat':
      return {
        title: 'Repeat',
        text: `It worked, but ${presence ? 'some are left' : 'the count is still over the threshold'}. The label allows another from ${repeatOn ? show.dayText(repeatOn, today) : 'no date'}.`,
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
    case 'over-threshold':
      return {
        title: 'Treat what is there',
        text: `${presence ? 'It is there' : 'The count is over the threshold'}: it was not prevented. What is done only if the count says so is due now; else choose a remedy for the stage that you counted.`,
      };
    case 'nought-once':
      return {
        title: 'None this time',
        text: `One reading of nought can be chance. Read the same ${many(each)} again in a week or two: a second nought ends it.`,
      };
    case 'count-more':
      return {
        title: `Count more ${many(each)}`,
        text: `The interval reaches both sides of the threshold. ${moreSpotsText(moreSpots, each, turf)}`,
      };
  }
}
