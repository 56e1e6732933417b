import { and, eq } from 'drizzle-orm';
import type { Tx } from '../db/client';
import { jobs } from '../db/schema';
import type { JobKind, JobState } from './kinds';

export interface Job {
  readonly id: string;
  readonly kind: JobKind;
  readonly state: JobState;
  readonly doing: string;
  readonly done: number;
  readonly total: number;
  readonly result: Readonly<Record<string, unknown>>;
}

/** Of a job that nobody watches over any more: its server died. */
const SILENT_MS = 90_000;
const LOST = { trouble: ['The server that was at it ended. Nothing was changed; begin again.'] };
const isLost = ({ state, heardAt }: typeof jobs.$inferSelect): boolean =>
  state === 'running' && Date.now() - heardAt.getTime() > SILENT_MS;

const asJob = (row: typeof jobs.$inferSelect): Job => ({
  ...{
    id: row.id,
    kind: row.kind,
    state: isLost(row) ? 'failed' : row.state,
    doing: row.doing,
    done: row.done,
    total: row.total,
  },
  result: isLost(row) ? LOST : (row.result ?? {}),
});

/** A job of the person, or null. */
export async function findJob(tx: Tx, personId: string, id: string): Promise<Job | null> {
  const [row] = await tx
    .select()
    .from(jobs)
    .where(and(eq(jobs.workspaceId, tx.workspaceId), eq(jobs.personId, personId), eq(jobs.id, id)));
  return row ? asJob(row) : null;
}

/** What is wrong with the file of a job, in sentences. */
export const troubleOf = ({ result }: Job): readonly string[] =>
  Array.isArray(result.trouble) ? (result.trouble as string[]) : [];
