import type { Nights } from '../core/case';
import type { Due } from '../core/schedule';
import type { CalendarDay } from '../core/units';
import type { Show } from './show';

/** What is still to be done after it went down, and what a tick of it says. */
export function dueWords(due: Due, show: Show): { readonly title: string; readonly tick: string } {
  const n = (key: string): number => Number(due.facts[key] ?? 0);
  switch (due.kind) {
    case 'brush-off':
      return { title: 'Brush it off hard ground, back onto what was treated', tick: 'Brushed off' };
    case 'water-in':
      return {
        title: `Water it in with ${show.rainText(n('mm'))}${due.facts.most === undefined ? '' : `, ${show.rainText(n('most'))} at most`}; the rain that came counts`,
        tick: 'Watered in',
      };
    case 'keep-dry':
      return {
        title: `Keep it dry for ${show.numberText(n('hours'))} h: no watering`,
        tick: 'It stayed dry',
      };
    case 'keep-off':
      return {
        title:
          due.facts.until === 'until-watered-in'
            ? 'People and pets stay off until it is watered in and dry'
            : due.facts.until === 'until-dry'
              ? 'People and pets stay off until it is dry'
              : `People and pets stay off for ${show.numberText(n('hours'))} h`,
        tick: 'They may be back',
      };
    case 'lift':
      return { title: 'Lift the sheet at dawn, collect and count', tick: 'Lifted and counted' };
    case 'second-half':
      return {
        title: `The second half of the dose, by ${show.dayText(String(due.facts.by), due.day)} at the latest; until then its packs stay cold, unopened and never frozen`,
        tick: 'Put down',
      };
    case 'look-at-bait':
      return { title: 'Look at the bait: eaten, dry, gone; top it up', tick: 'Looked at' };
  }
}

/** Until when: "by 10:30 today", "by Thu 16 Sep". */
export const dueBy = ({ day, clock }: Due, today: CalendarDay, show: Show): string => {
  const on = day === today ? 'today' : show.dayText(day, today);
  return clock === null ? on : `${clock} ${on}`;
};

/** The nights under a sheet so far, and whether another follows. */
export function nightsWords(
  { nights, verdict }: Nights,
  show: Show,
): { readonly title: string; readonly text: string } {
  const counts = nights
    .map(({ count }) => (count === null ? 'not counted' : show.numberText(count)))
    .join(', then ');
  const text = `${nights.length === 1 ? 'One night' : `${show.numberText(nights.length)} nights`}: ${counts}.`;
  switch (verdict) {
    case 'count-first':
      return { title: 'Count what is under it first.', text };
    case 'again':
      return {
        title: nights.length === 1 ? 'Again the next night.' : 'The count still falls: again the next night.',
        text,
      };
    case 'stop':
      return {
        title: 'Stop: the count no longer falls.',
        text: `${text} Another remedy does more from here on.`,
      };
    case 'none-left':
      return { title: 'None left: done.', text };
  }
}
