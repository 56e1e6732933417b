import { type SQL } from 'drizzle-orm';
import { PgDialect } from 'drizzle-orm/pg-core';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import pg from 'pg';
import { isAway, OutcomeUnknown } from './away';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema> & { readonly $client: pg.Pool };
/** A transaction in which the workspace is set; every query of the stores takes one. */
export type Tx = NodePgDatabase<typeof schema> & {
  readonly $client: pg.PoolClient;
  readonly workspaceId: string;
};

/** Who acts in a transaction, and from which machine: the database writes it beside what they write. */
export interface Acting {
  readonly personId: string;
  readonly from: string;
}

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/** What no single statement of a page needs; whoever does needs it says so with `takeTime`. */
const STATEMENT_MOST_MS = 20_000;
/** A transaction that waits for its own server this long has lost it. */
const IDLE_MOST_MS = 30_000;
const CONNECT_MOST_MS = 5_000;

/**
 * A pool on the given address. A connection that the server or the wire ends is forgotten, and the next one asked for is
 * a new one. With `bounded`, no statement runs longer than 20 s.
 */
export function connect(url: string, most = 10, bounded = false): Connection {
  const pool = new pg.Pool({
    ...{ connectionString: url, max: most, connectionTimeoutMillis: CONNECT_MOST_MS },
    ...(bounded
      ? {
          ...{ statement_timeout: STATEMENT_MOST_MS, idle_in_transaction_session_timeout: IDLE_MOST_MS },
          // Our statements find rows by keys, whatever the values: planned once for each connection, not each time.
          options: '-c plan_cache_mode=force_generic_plan',
        }
      : {}),
  });
  // Whoever waits for an answer is told by the statement; the event itself ends the process where nobody hears it.
  pool.on('error', () => undefined);
  pool.on('connect', (client) => client.on('error', () => undefined));
  return { db: drizzle(pool, { schema }), close: () => pool.end() };
}

/** The rows that a statement of one's own gives. */
export async function rowsOf<T>(
  db: NodePgDatabase<typeof schema> | { execute: Tx['execute'] },
  statement: SQL,
): Promise<T[]> {
  return (await db.execute(statement)).rows as T[];
}

/** One at a time within a workspace, until the transaction ends: what is counted before it is added stays true. */
export async function lockWorkspace(tx: Tx): Promise<void> {
  await tx.$client.query('select pg_advisory_xact_lock(hashtext($1))', [tx.workspaceId]);
}

/** Lets the statements of this transaction run as long as a whole workspace needs. @param seconds at most */
export async function takeTime(tx: Tx, seconds: number): Promise<void> {
  await tx.$client.query(`set local statement_timeout = ${Math.round(seconds) * 1000}`);
}

/**
 * The one way to the data: a transaction with the workspace set for it (`nimsy.workspace`, which row-level security
 * reads). Nothing of a failed transaction stays. Where the connection is lost while it is being closed, nobody can say
 * whether it stayed: OutcomeUnknown.
 */
export async function withWorkspace<T>(
  db: Database,
  workspaceId: string,
  work: (tx: Tx) => Promise<T>,
  acting?: Acting,
): Promise<T> {
  const tx = await begin(db, workspaceId, 'begin', acting);
  const result = await orRollBack(tx, work);
  try {
    await tx.$client.query('commit');
  } catch (reason) {
    tx.$client.release(true);
    throw isAway(reason) ? new OutcomeUnknown(reason) : reason;
  }
  tx.$client.release();
  return result;
}

/**
 * The same for reading alone: the database refuses any change in it, and all of it sees one state of the data. The answer
 * is there as soon as it was read; nobody waits for the end of a transaction that has nothing to keep.
 */
export async function readWorkspace<T>(
  db: Database,
  workspaceId: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  const readOnce = async (): Promise<{ tx: Tx; result: T }> => {
    const tx = await begin(db, workspaceId, 'begin isolation level repeatable read read only');
    return { tx, result: await orRollBack(tx, work) };
  };
  // Reading changes nothing: where the connection was lost in the midst of it, it is read again.
  const { tx, result } = await readOnce().catch((reason: unknown) => {
    if (isAway(reason)) return readOnce();
    throw reason;
  });
  void tx.$client.query('commit').then(
    () => tx.$client.release(),
    () => tx.$client.release(true),
  );
  return result;
}

async function orRollBack<T>(tx: Tx, work: (tx: Tx) => Promise<T>): Promise<T> {
  try {
    return await work(tx);
  } catch (reason) {
    await tx.$client.query('rollback').then(
      () => tx.$client.release(),
      () => tx.$client.release(true),
    );
    throw reason;
  }
}

/** Opens a transaction with its workspace, in one turn of the wire. A connection that had died meanwhile is replaced. */
async function begin(db: Database, workspaceId: string, opening: string, acting?: Acting): Promise<Tx> {
  for (let attempt = 1; ; attempt++) {
    const client = await db.$client.connect();
    try {
      const told = {
        workspace: workspaceId,
        ...(acting ? { person: acting.personId, from: acting.from } : {}),
      };
      const settings = Object.entries(told).map(
        ([name, value]) => `set_config('nimsy.${name}', ${client.escapeLiteral(value)}, true)`,
      );
      await client.query(`${opening}; select ${settings.join(', ')}`);
      return Object.assign(drizzle(client, { schema }), { workspaceId });
    } catch (reason) {
      client.release(true);
      if (attempt === 2 || !isAway(reason)) throw reason;
    }
  }
}

/** A statement whose text was made once, with the places of its values; each connection plans it once, by its name. */
export interface Written {
  readonly name: string;
  readonly text: string;
  readonly values: readonly unknown[];
}

/** Writes a statement down once; `marks` stand where values will differ from one run to the next. */
export function written(name: string, statement: SQL): Written {
  const { sql: text, params } = new PgDialect().sqlToQuery(statement);
  return { name, text, values: params };
}

/** Runs a written statement, with the values that stand for its marks. */
export async function runWritten<T>(
  tx: Tx,
  { name, text, values }: Written,
  marks: ReadonlyMap<unknown, string | number>,
): Promise<T[]> {
  const given = values.map((value) => marks.get(value) ?? value);
  return (await tx.$client.query({ name, text, values: given })).rows as T[];
}
