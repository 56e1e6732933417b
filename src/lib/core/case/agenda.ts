import type { Stop } from '../labels';
import type { JudgedHour } from '../schedule';
import type { CalendarDay } from '../units';
import { dayOfHour } from './day-of-work';
import { purposeOf, type CaseFacts } from './facts';
import type { CaseView } from './view';

/** What a case asks for: work in an hour, an answer first, a count that is due, or nothing but to be closed. */
export type AgendaKind = 'halted' | 'work' | 'no-window' | 'answer' | 'count' | 'close';

export interface AgendaEntry {
  readonly kind: AgendaKind;
  readonly day: CalendarDay;
  readonly nextStop: Stop;
  /** The hours of that day, for work that has hours. */
  readonly hours: readonly JudgedHour[];
  readonly window: { readonly from: number; readonly to: number } | null;
}

/**
 * Where a case stands in the days ahead: halted ones today, work on the day of its chosen hour or of its first window,
 * counts on the day they fall due, and what still lacks an answer today.
 */
export function agendaOf(facts: CaseFacts, view: CaseView): AgendaEntry {
  const { today, nowHour } = facts;
  const nextStop = view.nextStop;
  const routine = purposeOf(facts) === 'routine';
  const hoursOn = (day: CalendarDay): JudgedHour[] =>
    (view.hours?.hours ?? []).filter((h) => dayOfHour(h.hour) === day);
  const entry = (kind: AgendaKind, day = today, window: AgendaEntry['window'] = null): AgendaEntry => ({
    kind,
    day,
    nextStop,
    hours: hoursOn(day),
    window,
  });
  if (view.records.length > 0) {
    // A round is done with its entry; what it leaves due stands by itself.
    if (routine) return entry('close');
    // It was to be prevented and is there all the same: what follows is chosen, and not counted again.
    if (view.recheck?.verdict === 'over-threshold') return { ...entry('answer'), nextStop: 'choose' };
    if (!view.recheck) return entry('count', view.recheckDue ?? today);
    return entry(view.recheck.verdict === 'done' ? 'close' : 'count', view.recheckDue ?? today);
  }
  if (view.nothing) return entry('close');
  if (view.halts.length > 0) return entry('halted');
  if (!view.label || (!view.named && !routine)) return entry('answer');
  if (!view.hours) return entry('answer');
  const chosen = facts.stops.when?.hour;
  const ahead = view.hours.windows.filter((w) => w.to > nowHour);
  const window =
    chosen !== undefined && chosen >= nowHour
      ? (ahead.find((w) => chosen >= w.from && chosen < w.to) ?? null)
      : (ahead[0] ?? null);
  if (!window)
    return entry('no-window', chosen !== undefined && chosen >= nowHour ? dayOfHour(chosen) : today);
  const from = Math.max(window.from, nowHour);
  return entry('work', dayOfHour(chosen !== undefined && chosen >= nowHour ? chosen : from), {
    from,
    to: window.to,
  });
}
