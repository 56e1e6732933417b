import { sql } from 'drizzle-orm';
import { type Tx, rowsOf } from '../../db/client';
import { checksumOf, lastRecordHash, type Content } from './file';
import { contentOf } from './write';

export type Removal = 'removed' | 'not-owner' | 'name-differs' | 'no-export';

/** Deletes the whole workspace, by the procedure of the tables' owner; it says what stands in the way. */
export async function removeWorkspace(tx: Tx, personId: string, typed: string): Promise<Removal> {
  const content = await contentOf(tx);
  return outcome(
    tx,
    sql`select remove_workspace(${personId}::uuid, ${typed}, ${checksumOf(content)}, ${lastRecordHash(content)}) as done`,
  );
}

/** Deletes the records of work done before a day, with the same conditions. */
export async function pruneRecords(
  tx: Tx,
  personId: string,
  typed: string,
  before: string,
): Promise<Removal> {
  const content = await contentOf(tx);
  return outcome(
    tx,
    sql`select prune_records(${personId}::uuid, ${typed}, ${before}::date, ${checksumOf(content)}, ${lastRecordHash(content)}) as done`,
  );
}

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

export async function listTombstones(tx: Tx): Promise<Tombstone[]> {
  return [
    ...(await rowsOf<Tombstone>(
      tx,
      sql`select what, at, by, records, last_record_hash from tombstones_here()`,
    )),
  ];
}

/** How many records lie before a day, corrections with what they correct. */
export const countBefore = (content: Pick<Content, 'records'>, before: string): number =>
  content.records.filter((record) => record.doneOn < before).length;
