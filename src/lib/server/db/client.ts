import type { SQL } from 'drizzle-orm';
import { PgDialect } from 'drizzle-orm/pg-core';
import { drizzle, type PostgresJsDatabase } from 'drizzle-orm/postgres-js';
import postgres from 'postgres';
import * as schema from './schema';

export type Database = PostgresJsDatabase<typeof schema>;
/** A transaction in which the workspace is set; every query of the stores takes one. */
export type Tx = Parameters<Parameters<Database['transaction']>[0]>[0] & { readonly workspaceId: string };

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/**
 * Drizzle sends its statements unprepared: parsed and planned anew each time, in two turns of the wire. Prepared, they
 * are kept by each connection and go out together.
 */
function prepareOnce<S extends postgres.Sql | postgres.TransactionSql>(client: S): S {
  const unsafe = client.unsafe.bind(client);
  client.unsafe = ((query: string, values?: never[], options?: postgres.UnsafeQueryOptions) =>
    unsafe(query, values, { ...options, prepare: true })) as S['unsafe'];
  if ('begin' in client) {
    const begin = client.begin.bind(client);
    client.begin = ((...words: unknown[]) => {
      const work = words.pop() as (inner: postgres.TransactionSql) => unknown;
      const options = words[0] as string | undefined;
      const wrapped = (inner: postgres.TransactionSql) => work(prepareOnce(inner));
      return options === undefined ? begin(wrapped) : begin(options, wrapped);
    }) as typeof client.begin;
  }
  return client;
}

/** A pool on the given address. Notices of the server are not printed. */
export function connect(url: string, most = 10): Connection {
  const client = postgres(url, { max: most, onnotice: () => undefined, connect_timeout: 5 });
  return { db: drizzle(prepareOnce(client), { schema }), close: () => client.end({ timeout: 2 }) };
}

/**
 * The one way to the data: a transaction with the workspace set for it (`nimsy.workspace`, which row-level security
 * reads). Nothing of a failed transaction stays.
 */
export async function withWorkspace<T>(
  db: Database,
  workspaceId: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  return db.transaction((tx) => inside(Object.assign(tx, { workspaceId }), SET, work));
}

const SET = `select set_config('nimsy.workspace', $1, true)`;
const SET_TO_READ = `select set_config('nimsy.workspace', $1, true), set_config('transaction_read_only', 'on', true)`;

/**
 * Sends the setting ahead and the work right behind it, in one turn of the wire: a connection answers in the order in
 * which it was asked. Without the setting row-level security shows nothing and takes nothing.
 */
async function inside<T>(tx: Tx, set: string, work: (tx: Tx) => Promise<T>): Promise<T> {
  const sent = clientOf(tx).unsafe(set, [tx.workspaceId]).execute();
  const [result] = await Promise.all([work(tx), sent]);
  return result;
}

/** What Drizzle itself sends through. */
const clientOf = (tx: Tx): postgres.TransactionSql =>
  (tx as unknown as { session: { client: postgres.TransactionSql } }).session.client;

/** A statement whose text was made once, with the places of its values. */
export interface Written {
  readonly text: string;
  readonly values: readonly unknown[];
}

/** Writes a statement down once; `marks` stand where values will differ from one run to the next. */
export function written(statement: SQL): Written {
  const { sql: text, params } = new PgDialect().sqlToQuery(statement);
  return { text, values: params };
}

/** Runs a written statement, with the values that stand for its marks. */
export async function runWritten<T>(
  tx: Tx,
  { text, values }: Written,
  marks: ReadonlyMap<unknown, string | number>,
): Promise<T[]> {
  // Drizzle writes a statement anew each time that it runs; beneath it the client takes the text as it is.
  const given = values.map((value) => marks.get(value) ?? value);
  return (await clientOf(tx).unsafe(text, given as never[])) as unknown as T[];
}

/**
 * The same for reading alone: the database refuses any change in it. The answer is there as soon as it was read; nobody
 * waits for the end of a transaction that has nothing to keep.
 */
export function readWorkspace<T>(
  db: Database,
  workspaceId: string,
  work: (tx: Tx) => Promise<T>,
): Promise<T> {
  return new Promise((resolve, reject) => {
    db.transaction(async (tx) =>
      resolve(await inside(Object.assign(tx, { workspaceId }), SET_TO_READ, work)),
    ).catch(reject);
  });
}
