import { sql } from 'drizzle-orm';
import { type Database, rowsOf } from '../db/client';
import { hashPassword, isPassword } from './password';
import { hashOf, newToken } from './tokens';
import type { Role } from './who';

type Row = Record<string, unknown>;

async function one<T extends Row>(db: Database, query: ReturnType<typeof sql>): Promise<T | null> {
  const [row] = [...(await rowsOf(db, query))] as T[];
  return row ?? null;
}

/** The person with this address and password, or null. Takes as long either way. */
export async function checkPassword(db: Database, email: string, password: string): Promise<string | null> {
  const known = await one<{ id: string; password_hash: string | null }>(
    db,
    sql`select id, password_hash from sign_in_lookup(${email})`,
  );
  return (await isPassword(known?.password_hash ?? null, password)) && known ? known.id : null;
}

/** The person with this address, or null. */
export async function personAt(db: Database, email: string): Promise<string | null> {
  return (await one<{ id: string }>(db, sql`select id from sign_in_lookup(${email})`))?.id ?? null;
}

/** True where the password is this person's. */
export async function isOwnPassword(db: Database, personId: string, password: string): Promise<boolean> {
  const known = await one<{ hash: string | null }>(db, sql`select password_of(${personId}::uuid) as hash`);
  return isPassword(known?.hash ?? null, password);
}

/**
 * Opens a session and returns the token for the cookie. With `half`, it opens nothing until the code of the second
 * factor was right, within ten minutes.
 */
export async function openSession(
  db: Database,
  personId: string,
  at: { from: string; device: string; half?: boolean },
): Promise<string> {
  const token = newToken();
  await db.execute(
    sql`select open_session(${personId}::uuid, ${hashOf(token)}, ${at.from}, ${at.device}, ${at.half ?? false})`,
  );
  return token;
}

/** Whose code is waited for; null where the ten minutes are over. */
export async function halfSession(db: Database, token: string): Promise<string | null> {
  return (await one<{ id: string | null }>(db, sql`select half_session(${hashOf(token)}) as id`))?.id ?? null;
}

export interface OwnSession extends Row {
  readonly id: string;
  readonly device: string;
  readonly came_from: string;
  readonly opened_at: string;
  readonly seen_at: string;
  readonly present: boolean;
}

/** Where a person is signed in, the present one first. */
export const sessionsOf = (db: Database, personId: string, token: string): Promise<OwnSession[]> =>
  rowsOf<OwnSession>(db, sql`select * from sessions_of(${personId}::uuid, ${hashOf(token)})`);

export async function endSessionOf(db: Database, personId: string, id: string): Promise<boolean> {
  return (
    (await one<{ ended: boolean }>(db, sql`select end_session_of(${personId}::uuid, ${id}::uuid) as ended`))
      ?.ended === true
  );
}

/** The person has just proved to be there. */
export async function confirmSession(db: Database, token: string): Promise<void> {
  await db.execute(sql`select confirm_session(${hashOf(token)})`);
}

export async function endSession(db: Database, token: string): Promise<void> {
  await db.execute(sql`select end_session(${hashOf(token)})`);
}

/** Ends every session of a person but the present one; returns how many. */
export async function endOtherSessions(
  db: Database,
  personId: string,
  but: string | undefined,
): Promise<number> {
  const row = await one<{ ended: number }>(
    db,
    sql`select end_sessions(${personId}::uuid, ${but === undefined ? null : hashOf(but)}) as ended`,
  );
  return row?.ended ?? 0;
}

export async function changePassword(db: Database, personId: string, password: string): Promise<void> {
  await db.execute(sql`select set_password(${personId}::uuid, ${await hashPassword(password)})`);
}

export interface OwnWorkspace extends Row {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
}

export async function workspacesOf(db: Database, personId: string): Promise<OwnWorkspace[]> {
  return [...(await rowsOf<OwnWorkspace>(db, sql`select * from workspaces_of(${personId}::uuid)`))];
}

/** Makes another workspace of the person the one that is seen; false where it is not theirs. */
export async function chooseWorkspace(
  db: Database,
  personId: string,
  token: string,
  workspaceId: string,
): Promise<boolean> {
  const row = await one<{ chosen: boolean }>(
    db,
    sql`select choose_workspace(${personId}::uuid, ${hashOf(token)}, ${workspaceId}::uuid) as chosen`,
  );
  return row?.chosen === true;
}

/** A person with an address and a password; null where the address is taken. */
export async function newPerson(
  db: Database,
  person: { email: string; name: string; password: string },
): Promise<string | null> {
  const row = await one<{ id: string | null }>(
    db,
    sql`select new_person(${person.email}, ${person.name}, ${await hashPassword(person.password)}) as id`,
  );
  return row?.id ?? null;
}

/** The first person of an installation; null where there is one. Without a password: only they, on this machine. */
export async function firstPerson(
  db: Database,
  person: { email: string; name: string; password: string | null },
): Promise<string | null> {
  const hash = person.password === null ? null : await hashPassword(person.password);
  const row = await one<{ id: string | null }>(
    db,
    sql`select first_person(${person.email}, ${person.name}, ${hash}) as id`,
  );
  return row?.id ?? null;
}

/** From "only me" to sign-in. */
export async function beginSignIn(
  db: Database,
  personId: string,
  email: string,
  password: string,
): Promise<boolean> {
  const row = await one<{ begun: boolean }>(
    db,
    sql`select begin_sign_in(${personId}::uuid, ${email}, ${await hashPassword(password)}) as begun`,
  );
  return row?.begun === true;
}

/** A new workspace of a person; one without members is taken over. Null where the person owns 20 already. */
export async function foundWorkspace(
  db: Database,
  personId: string,
  name: string,
): Promise<{ id: string; made: boolean } | null> {
  const row = await one<{ id: string; made: boolean }>(
    db,
    sql`select * from found_workspace(${personId}::uuid, ${name})`,
  );
  return row;
}

export interface StartedReset {
  readonly token: string;
  readonly name: string;
  /** The workspace whose outbox tells of it, or null. */
  readonly toldTo: string | null;
}

/** A link for a new password that holds for an hour; null where nobody has the address. */
export async function startReset(db: Database, email: string): Promise<StartedReset | null> {
  const token = newToken();
  const row = await one<{ name: string; told_to: string | null }>(
    db,
    sql`select name, told_to from start_reset(${email}, ${hashOf(token)})`,
  );
  return row && { token, name: row.name, toldTo: row.told_to };
}

export async function isGoodReset(db: Database, token: string): Promise<boolean> {
  const row = await one<{ good: boolean }>(db, sql`select reset_is_good(${hashOf(token)}) as good`);
  return row?.good === true;
}

/** Sets a new password by a link, once, and signs the person out everywhere. */
export async function takeReset(db: Database, token: string, password: string): Promise<string | null> {
  const hash = await hashPassword(password);
  const row = await one<{ id: string | null }>(db, sql`select take_reset(${hashOf(token)}, ${hash}) as id`);
  return row?.id ?? null;
}

export interface OpenInvitation extends Row {
  readonly workspace: string;
  readonly role: Role;
  readonly email: string;
  readonly by: string;
}

export const invitationOf = (db: Database, token: string): Promise<OpenInvitation | null> =>
  one<OpenInvitation>(db, sql`select * from invitation_of(${hashOf(token)})`);

export async function acceptInvitation(
  db: Database,
  token: string,
  personId: string,
): Promise<string | null> {
  const row = await one<{ id: string | null }>(
    db,
    sql`select accept_invitation(${hashOf(token)}, ${personId}::uuid) as id`,
  );
  return row?.id ?? null;
}
