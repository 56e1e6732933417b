import { fromDayNumber, type CalendarDay } from '../units';
import type { CaseFacts } from './facts';

/** The calendar day of an hour counted since the epoch in the place's own offset. */
export const dayOfHour = (hour: number): CalendarDay => fromDayNumber(Math.floor(hour / 24));

/** The day on which the work is planned: that of the chosen hour, else today. */
export function dayOfWork(facts: Pick<CaseFacts, 'stops' | 'today'>): CalendarDay {
  const hour = facts.stops.when?.hour;
  const day = hour === undefined ? facts.today : dayOfHour(hour);
  return day > facts.today ? day : facts.today;
}
