import type { TreatReason } from '../core/choose';

/** What bears on treating at all, in a sentence. */
export function treatText(reason: TreatReason): string {
  switch (reason.code) {
    case 'by-presence':
      return 'It harms people or food: it is treated by presence, not by number.';
    case 'no-threshold':
      return 'No threshold is known for it: nothing, or culture, comes first.';
    case 'never-before':
      return 'It was never confirmed here before: prevention has no reason yet.';
    case 'confirmed-before':
      return `Confirmed here ${reason.times === 1 ? 'once' : `${reason.times} times`} before: a reason to prevent it, or to change the approach.`;
    case 'stage-in-season':
      return `Its stage now, ${reason.stage}, is the one of this month.`;
    case 'stage-out-of-season':
      return `Its stage, ${reason.stage}, is not the one of this month: look again, or wait for the stage that a remedy reaches.`;
  }
}
