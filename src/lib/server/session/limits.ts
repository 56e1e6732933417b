import { sql } from 'drizzle-orm';
import { type Database, rowsOf } from '../db/client';
import { hashOf } from './tokens';

interface Limit {
  readonly most: number;
  readonly seconds: number;
}

const QUARTER = 15 * 60;
/** By the address that is typed, and by the machine that asks: guessing one password, or many addresses. */
export const LIMITS = {
  'sign-in': { email: { most: 10, seconds: QUARTER }, machine: { most: 100, seconds: QUARTER } },
  reset: { email: { most: 3, seconds: QUARTER }, machine: { most: 20, seconds: QUARTER } },
  /** From a browser in which the person has signed in before: guessing from elsewhere does not count against it. */
  'sign-in-known': { email: { most: 10, seconds: QUARTER }, machine: { most: 100, seconds: QUARTER } },
  confirm: { email: { most: 10, seconds: QUARTER }, machine: { most: 100, seconds: QUARTER } },
  code: { email: { most: 8, seconds: QUARTER }, machine: { most: 100, seconds: QUARTER } },
  link: { machine: { most: 60, seconds: QUARTER } },
  enrol: { machine: { most: 20, seconds: QUARTER } },
  share: { email: { most: 60, seconds: QUARTER }, machine: { most: 120, seconds: QUARTER } },
} as const;

type Kind = keyof typeof LIMITS;

/** Counts an attempt; false once there were too many. Kept in the database, so that several servers count together. */
export async function mayTry(
  db: Database,
  kind: Kind,
  asked: { email?: string; machine: string },
): Promise<boolean> {
  const limits: { readonly email?: Limit; readonly machine: Limit } = LIMITS[kind];
  const keys: [string, Limit][] = [[`${kind} machine ${hashOf(asked.machine)}`, limits.machine]];
  if (limits.email && asked.email !== undefined) keys.push([emailKey(kind, asked.email), limits.email]);
  let may = true;
  for (const [key, { most, seconds }] of keys) {
    const [row] = await rowsOf<{ may: boolean }>(
      db,
      sql`select attempt(${key}, ${most}::int, ${seconds}::int) as may`,
    );
    may &&= row?.may === true;
  }
  return may;
}

/** After a right password the wrong ones before it are forgotten. */
export async function forgetTries(db: Database, kind: Kind, email: string): Promise<void> {
  await db.execute(sql`select forget_attempts(${emailKey(kind, email)})`);
}

const emailKey = (kind: Kind, email: string): string => `${kind} email ${hashOf(email)}`;
