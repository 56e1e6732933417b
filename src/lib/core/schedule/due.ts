import type { CardInUse } from '../labels';
import type { MethodRow } from '../method';
import type { ApplicationRecord } from '../record';
import { addDays, type CalendarDay } from '../units';

export const DUE_KINDS = [
  ...(['brush-off', 'water-in', 'keep-dry', 'keep-off', 'lift', 'look-at-bait', 'second-half'] as const),
] as const;
export type DueKind = (typeof DUE_KINDS)[number];

/** What an entry leaves to be done, until somebody ticks it. */
export interface Due {
  readonly kind: DueKind;
  /** The entry that leaves it. */
  readonly record: string;
  /** Not later than this day and, where the label counts hours, this time of day (hh:mm). */
  readonly day: CalendarDay;
  readonly clock: string | null;
  readonly facts: Readonly<Record<string, number | string>>;
}

/** By this a tick of it is kept. */
export const dueKey = ({ kind, record }: Pick<Due, 'kind' | 'record'>): string => `due ${kind} ${record}`;

const DAY_MINUTES = 24 * 60;
/** Bait is looked at after a week where its label says nothing of when it works. */
const BAIT_DAYS = 7;

/** The second half of a living dose follows one to two weeks after the first. */
const SECOND_HALF_DAYS = [7, 14] as const;

/** So many hours after a record ended: a job that ends before it begins by the clock ran past midnight. */
function after({ doneOn, startedAt, endedAt }: ApplicationRecord, hours: number): Pick<Due, 'day' | 'clock'> {
  const minutesOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));
  const past = minutesOf(endedAt) < minutesOf(startedAt) ? DAY_MINUTES : 0;
  const whole = Math.round(minutesOf(endedAt) + past + hours * 60);
  const rest = ((whole % DAY_MINUTES) + DAY_MINUTES) % DAY_MINUTES;
  const two = (n: number): string => String(n).padStart(2, '0');
  return {
    day: addDays(doneOn, Math.floor(whole / DAY_MINUTES)),
    clock: `${two(Math.floor(rest / 60))}:${two(rest % 60)}`,
  };
}

/**
 * What an entry leaves due by its label and the way it was put down: brushed off hard ground, watered in within its hours or kept
 * dry for them, people and pets kept off, the sheet lifted at dawn, the bait looked at. What the label does not state leaves
 * nothing.
 *
 * @example watered in with 6 mm within 2 h, ended at 08:30: due at 10:30 of the same day
 */
export function dueAfter(record: ApplicationRecord, { use, family }: CardInUse, method: MethodRow): Due[] {
  const found: Due[] = [];
  const add = (kind: DueKind, when: Pick<Due, 'day' | 'clock'>, facts: Due['facts'] = {}): void =>
    void found.push({ kind, record: record.id, ...when, facts });
  if (method.leftOver === 'brush-off') add('brush-off', { day: record.doneOn, clock: null });
  const { wateringIn } = use;
  if (wateringIn)
    add('water-in', after(record, wateringIn.withinHours), {
      mm: wateringIn.mm,
      ...(wateringIn.mostMm === null ? {} : { most: wateringIn.mostMm }),
    });
  else {
    const hours = Math.max(use.dryHours ?? 0, use.rainFreeHours ?? 0);
    if (hours > 0) add('keep-dry', after(record, hours), { hours });
  }
  if (use.reEntry === 'hours' && use.reEntryHours !== null)
    add('keep-off', after(record, use.reEntryHours), { hours: use.reEntryHours });
  else if (use.reEntry === 'until-dry' || use.reEntry === 'until-watered-in')
    add('keep-off', { day: record.doneOn, clock: null }, { until: use.reEntry });
  if (method.id === 'ground-sheet') add('lift', { day: addDays(record.doneOn, 1), clock: null });
  if (record.part === 'first-half') {
    const from = Math.max(use.noSoonerThanDays ?? 0, SECOND_HALF_DAYS[0]);
    add(
      'second-half',
      { day: addDays(record.doneOn, from), clock: null },
      { by: addDays(record.doneOn, Math.max(from, SECOND_HALF_DAYS[1])) },
    );
  }
  if (family === 'bait')
    add('look-at-bait', { day: addDays(record.doneOn, use.daysToEffect?.[0] ?? BAIT_DAYS), clock: null });
  return found;
}
