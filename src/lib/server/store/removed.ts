import { and, eq, getTableName, sql, type SQL } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import { type Tx, rowsOf } from '../db/client';
import * as t from '../db/schema';
import { countBook } from './book';

/** What can be put back once it was taken away. */
export type RemovedKind = 'kept-job' | 'calibration' | 'equipment' | 'photo' | 'label-file';

/** The page to go on to after something was taken away, which offers to put it back. */
export const withRemoved = (page: string, kind: RemovedKind, id: string | null): string =>
  id === null ? page : `${page}?removed=${kind}.${id}`;

const LONG_AGO = sql`(removed_at < now() - interval '1 day')`;
const TABLES = [t.keptJobs, t.calibrations, t.equipment, t.photos, t.labelFiles];
const named = (name: string): PgTable | undefined => TABLES.find((table) => getTableName(table) === name);

/**
 * Takes rows away and keeps them whole for a day. What hangs on a row (`hanging`) goes with it and comes back after it.
 * The id to put it back by; null where nothing was there.
 */
export async function takeAway(
  tx: Tx,
  table: PgTable,
  where: SQL | undefined,
  back: string,
  hanging: readonly { readonly table: PgTable; readonly where: SQL | undefined }[] = [],
): Promise<string | null> {
  const found = async (of: PgTable, which: SQL | undefined): Promise<{ table: string; row: unknown }[]> =>
    (await rowsOf<{ row: unknown }>(tx, sql`select to_jsonb(${of}) as row from ${of} where ${which}`)).map(
      ({ row }) => ({ table: getTableName(of), row }),
    );
  const rows = await found(table, where);
  if (rows.length === 0) return null;
  for (const one of hanging) rows.push(...(await found(one.table, one.where)));
  await tx.delete(table).where(where);
  await tx.delete(t.removed).where(and(eq(t.removed.workspaceId, tx.workspaceId), LONG_AGO));
  const [kept] = await tx
    .insert(t.removed)
    .values({ workspaceId: tx.workspaceId, back, rows })
    .returning({ id: t.removed.id });
  return kept?.id ?? null;
}

export type PutBack =
  | { readonly done: 'back'; readonly back: string }
  /** It was put back already, or a day has gone by. */
  | { readonly done: 'gone' }
  /** Something else stands in its place: another tool of its name. */
  | { readonly done: 'in-the-way'; readonly back: string };

/** Puts back what was taken away, every row as it was. */
export async function putBack(tx: Tx, id: string): Promise<PutBack> {
  const [kept] = await tx
    .delete(t.removed)
    .where(and(eq(t.removed.workspaceId, tx.workspaceId), eq(t.removed.id, id), sql`not ${LONG_AGO}`))
    .returning({ rows: t.removed.rows, back: t.removed.back, removedAt: t.removed.removedAt });
  if (!kept) return { done: 'gone' };
  for (const { table, row } of kept.rows) {
    const into = named(table);
    if (!into) return { done: 'gone' };
    const put = await rowsOf(
      tx,
      sql`insert into ${into} select * from jsonb_populate_record(null::${into}, ${JSON.stringify(row)}::jsonb) on conflict do nothing returning 1`,
    );
    const tool = (row as { equipment_id?: string }).equipment_id;
    if (tool) await countBook(tx, tool);
    if (put.length === 0) {
      await tx.insert(t.removed).values({ workspaceId: tx.workspaceId, id, ...kept });
      return { done: 'in-the-way', back: kept.back };
    }
  }
  return { done: 'back', back: kept.back };
}
