import type { Caution } from '../labels';

/**
 * The one way out of a Halt: other evidence, an act that is ticked, another plan, a qualified person, or none. What a label
 * prohibits, rates, caps, intervals and local rules never yield to a licence.
 */
export type WayOut = 'evidence' | 'act' | 'change' | 'qualified' | 'none';

/**
 * Whether a tick is worth nothing without what was read or written down with it: the number of a permit or a report, or why
 * none is wanted.
 */
export const tickSays = ({ code }: Pick<Caution, 'code'>): boolean => code === 'permit-or-report';

/** Of a Halt; another caution has no way out to be told. */
export function wayOutOf({ code, rank, settledBy, facts }: Caution): WayOut | null {
  if (rank !== 'halt') return null;
  if (settledBy === 'tick') return 'act';
  if (code === 'licence-needed') return 'qualified';
  if (code === 'not-an-insect') return 'none';
  if (code === 'no-name') return 'evidence';
  if (code !== 'must-rule-out') return 'change';
  // What it only could be goes by another mark; what it is goes by who may do it, or not at all.
  if (!facts.named) return 'evidence';
  return facts.status === 'dangerous' || facts.status === 'notifiable' ? 'qualified' : 'none';
}
