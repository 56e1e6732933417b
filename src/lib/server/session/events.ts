import { sql } from 'drizzle-orm';
import { rowsOf, type Database, type Tx } from '../db/client';

/** What is written down of access and of the data as a whole. */
export const EVENT_KINDS = [
  ...([
    'sign-in',
    'sign-in-failed',
    'sign-in-locked',
    'code-failed',
    'session-ended',
    'signed-out-everywhere',
  ] as const),
  ...([
    'password-changed',
    'password-link-asked',
    'password-link-used',
    'second-factor-on',
    'second-factor-off',
  ] as const),
  ...(['codes-renewed', 'recovery-code-used', 'confirmation-failed'] as const),
  ...([
    'invited',
    'invitation-withdrawn',
    'joined',
    'role-changed',
    'licence-changed',
    'member-removed',
  ] as const),
  ...(['link-made', 'link-revoked', 'message-link-shown', 'settings-changed'] as const),
  ...(['exported', 'imported', 'records-pruned', 'workspace-founded', 'workspace-removed'] as const),
] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

type Facts = Readonly<Record<string, string | number>>;

/** Who did it, or at whom it was aimed, and from which machine. */
export interface EventOf {
  readonly personId: string | null;
  readonly from: string;
}

/** Writes down what happened in the workspace of a transaction, with it or not at all. */
export async function noteHere(tx: Tx, kind: EventKind, who: EventOf, facts: Facts = {}): Promise<void> {
  await tx.execute(
    sql`select note_event(${kind}, ${JSON.stringify(facts)}::jsonb, ${tx.workspaceId}::uuid, ${who.personId}::uuid, ${who.from})`,
  );
}

/** Writes down what happened to a person's access, which belongs to no workspace. */
export async function noteOf(db: Database, kind: EventKind, who: EventOf, facts: Facts = {}): Promise<void> {
  await db.execute(
    sql`select note_event(${kind}, ${JSON.stringify(facts)}::jsonb, null, ${who.personId}::uuid, ${who.from})`,
  );
}

/** Whoever asks, at the machine that they ask from. */
export const actorOf = ({ person, asks }: Pick<App.Locals, 'person' | 'asks'>): EventOf => ({
  personId: person.id,
  from: asks.from,
});

export interface Happened {
  readonly id: number;
  readonly at: string;
  readonly kind: EventKind;
  readonly person: string;
  readonly facts: Facts;
  readonly from: string;
}

/** What happened, newest first; what lies before the event `before`, at most `most`. Nothing for whoever is no owner. */
export async function eventsHere(
  tx: Tx,
  personId: string,
  before: number | null,
  most: number,
): Promise<Happened[]> {
  const rows = await rowsOf<{
    id: string;
    at: string;
    kind: EventKind;
    person: string;
    facts: Facts;
    came_from: string;
  }>(tx, sql`select * from events_here(${personId}::uuid, ${before}::bigint, ${most}::int)`);
  return rows.map(({ id, at, came_from, ...row }) => ({
    ...row,
    id: Number(id),
    at: new Date(at).toISOString(),
    from: came_from,
  }));
}
