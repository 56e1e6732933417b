import type { Stop } from '../core/labels';
import type { CalendarDay } from '../core/units';
import type { Show } from './show';
import { STOP_NAMES } from './terms';

/** What is kept and cannot be read, and the way out. */
export function brokenText(
  { what, name }: { readonly what: 'stop' | 'record' | 'card' | 'plan'; readonly name: string },
  show: Pick<Show, 'dayText'>,
): string {
  const why = 'cannot be read: another version wrote it, or it is damaged. It is kept as it is.';
  switch (what) {
    case 'stop':
      return `The answer of ${STOP_NAMES[name as Stop] ?? name} ${why} Answer that stop again; the rest of the case works.`;
    case 'record':
      return `An entry of ${show.dayText(name as CalendarDay)} ${why} It counts nowhere; log what was done once more, or restore a backup.`;
    case 'card':
      return `The card “${name}” ${why} Read it in again as a file, or copy the label anew.`;
    case 'plan':
      return `The plan of ${name} ${why} Put back an earlier day of it, or restore a backup.`;
  }
}
