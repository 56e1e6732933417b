import { sql } from 'drizzle-orm';
import { type Tx, rowsOf } from '../../db/client';

export type Removal = 'removed' | 'not-owner' | 'name-differs' | 'no-export';

/** Deletes the whole workspace, by the procedure of the tables' owner; it says what stands in the way. */
export const removeWorkspace = (tx: Tx, personId: string, typed: string): Promise<Removal> =>
  outcome(tx, sql`select remove_workspace(${personId}::uuid, ${typed}) as done`);

/**
 * Deletes the records of work done before the years that the workspace keeps them, with the same conditions. The day is
 * the procedure's own: it follows from the settings and the clock.
 */
export const pruneRecords = (tx: Tx, personId: string, typed: string): Promise<Removal> =>
  outcome(tx, sql`select prune_records(${personId}::uuid, ${typed}) as done`);

async function outcome(tx: Tx, query: ReturnType<typeof sql>): Promise<Removal> {
  const [row] = await rowsOf<{ done: Removal }>(tx, query);
  if (!row) throw new Error('the procedure answered nothing');
  return row.done;
}

export interface Tombstone extends Record<string, unknown> {
  readonly what: string;
  readonly at: Date;
  readonly by: string;
  readonly records: number;
  readonly last_record_hash: string;
}

export const listTombstones = (tx: Tx): Promise<Tombstone[]> =>
  rowsOf<Tombstone>(tx, sql`select what, at, by, records, last_record_hash from tombstones_here()`);

/** How many records lie before a day, corrections with what they correct; no body is read. */
export async function countBefore(tx: Tx, before: string): Promise<number> {
  // As a rule nothing is that old: an index tells so at once.
  const [old] = await rowsOf<{ is: boolean }>(
    tx,
    sql`select exists (select 1 from records where workspace_id = ${tx.workspaceId}::uuid and done_on < ${before}::date) as "is"`,
  );
  if (old?.is !== true) return 0;
  const [row] = await rowsOf<{ n: number }>(
    tx,
    sql`with recursive chain as (
        select r.id, r.id as root, r.done_on from records r where r.workspace_id = ${tx.workspaceId}::uuid and r.corrects is null
        union all select r.id, c.root, r.done_on from records r join chain c on r.corrects = c.id
          where r.workspace_id = ${tx.workspaceId}::uuid),
      old as (select root, count(*) as n from chain group by root having max(done_on) < ${before}::date)
      select coalesce(sum(n), 0)::int as n from old`,
  );
  return row?.n ?? 0;
}
