import type { CalendarDay } from '../units';
import type { CaseFacts } from './facts';

/** The day on which the work is planned: that of the chosen hour, else today. */
export function dayOfWork(facts: CaseFacts): CalendarDay {
  const hour = facts.stops.when?.hour;
  const day =
    hour === undefined ? facts.today : (new Date(hour * 3_600_000).toISOString().slice(0, 10) as CalendarDay);
  return day > facts.today ? day : facts.today;
}
