import { and, desc, eq, inArray } from 'drizzle-orm';
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

const asJob = (row: typeof jobs.$inferSelect): Job => ({
  ...{ id: row.id, kind: row.kind, state: row.state, doing: row.doing, done: row.done, total: row.total },
  result: row.result ?? {},
});

/** A job of the person, or null. */
export async function findJob(tx: Tx, personId: string, id: string): Promise<Job | null> {
  const [row] = await tx
    .select()
    .from(jobs)
    .where(and(eq(jobs.workspaceId, tx.workspaceId), eq(jobs.personId, personId), eq(jobs.id, id)));
  return row ? asJob(row) : null;
}

/** The latest job of some kinds that the person began, or null. */
export async function latestJob(tx: Tx, personId: string, kinds: readonly JobKind[]): Promise<Job | null> {
  const [row] = await tx
    .select()
    .from(jobs)
    .where(
      and(eq(jobs.workspaceId, tx.workspaceId), eq(jobs.personId, personId), inArray(jobs.kind, [...kinds])),
    )
    .orderBy(desc(jobs.madeAt))
    .limit(1);
  return row ? asJob(row) : null;
}

/** What is wrong with the file of a job, in sentences. */
export const troubleOf = ({ result }: Job): readonly string[] =>
  Array.isArray(result.trouble) ? (result.trouble as string[]) : [];
