import { getContext, setContext } from 'svelte';
import { parseDay, type CalendarDay } from '../../core/units';

const KEY = Symbol('today');
/** Hands the day of the workspace (or of the place that is open) to all date fields below. */
export const setToday = (today: () => CalendarDay): (() => CalendarDay) => setContext(KEY, today);
/** Where nobody said which day it is, a year that is left out is read as 2000's; no page does that. */
const NONE = parseDay('2000-01-01')!;
export const getToday = (): (() => CalendarDay) =>
  getContext<(() => CalendarDay) | undefined>(KEY) ?? (() => NONE);

const ZONE = Symbol('zone');
/** Hands the time zone by whose clock instants are told below. */
export const setZone = (zone: () => string): (() => string) => setContext(ZONE, zone);
export const getZone = (): (() => string) => getContext<(() => string) | undefined>(ZONE) ?? (() => 'UTC');
