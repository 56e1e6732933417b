import { randomUUID } from 'node:crypto';
import { mkdirSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { and, eq, sql } from 'drizzle-orm';
import { withWorkspace, type Database } from '../db/client';
import { jobs } from '../db/schema';
import type { JobKind, JobOrder, JobState, JobWord } from './kinds';

/** Files on their way in or out; those that were left lie there until Nimsy is started again. */
export const FILES = process.env.NIMSY_FILES ?? join(tmpdir(), 'nimsy-files');
mkdirSync(FILES, { recursive: true, mode: 0o700 });
const WORKER = join(process.env.NIMSY_PARTS ?? 'build', 'job.mjs');

/** A worker that needs more ends by itself, and the server goes on. */
const MOST_MB = 1500;
const MOST_MS = 30 * 60_000;
/** Of this process; of a workspace, one. */
const MOST_AT_ONCE = 2;
/** Progress is written down this often at most. */
const TELL_MS = 400;
/** A file that was made can be fetched for so long. */
const KEPT_MS = 60 * 60_000;

interface Running {
  readonly workspaceId: string;
  readonly worker: Worker;
  readonly ended: Promise<void>;
}
const running = new Map<string, Running>();

export interface JobAsk {
  readonly kind: JobKind;
  readonly path: string;
  readonly workspaceId: string;
  readonly personId: string;
  readonly person: string;
  readonly from: string;
  readonly now: Date;
  readonly currency: string;
}

/** Where a file that comes in, or an archive that is made, lies. */
export const newFile = (): string => join(FILES, randomUUID());

/** The archive of a job that is done. */
export const fileOfJob = ({ result }: { readonly result: Readonly<Record<string, unknown>> }): string =>
  join(FILES, typeof result.file === 'string' && isFileName(result.file) ? result.file : 'none');
const isFileName = (text: string): boolean => /^[0-9a-f-]{36}$/.test(text);

/** Starts a job and returns its id; null where as many are under way as may be. */
export async function startJob(db: Database, ask: JobAsk): Promise<string | null> {
  if (
    running.size >= MOST_AT_ONCE ||
    [...running.values()].some(({ workspaceId }) => workspaceId === ask.workspaceId)
  )
    return null;
  const { kind, workspaceId, personId } = ask;
  const id = await withWorkspace(db, workspaceId, async (tx) => {
    const [row] = await tx
      .insert(jobs)
      .values({ workspaceId, personId, kind, state: 'running' })
      .returning({ id: jobs.id });
    return row?.id;
  });
  if (id === undefined) throw new Error('the job was not written down');
  const order: JobOrder = {
    ...{ id, kind, workspaceId, personId, person: ask.person, from: ask.from, path: ask.path },
    ...{ now: ask.now.getTime(), currency: ask.currency, databaseUrl: process.env.DATABASE_URL ?? '' },
  };
  const worker = new Worker(WORKER, {
    workerData: order,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MB },
  });
  running.set(id, { workspaceId, worker, ended: follow(db, order, worker) });
  return id;
}

/** Writes down what a worker says, and how it ends. */
async function follow(
  db: Database,
  { id, kind, workspaceId, path }: JobOrder,
  worker: Worker,
): Promise<void> {
  let outcome: Exclude<JobWord, { doing: string }> | null = null;
  let trouble: unknown = null;
  let told = 0;
  const write = (set: Partial<typeof jobs.$inferInsert>) =>
    withWorkspace(db, workspaceId, async (tx) => {
      const [row] = await tx
        .update(jobs)
        .set(set)
        .where(and(eq(jobs.workspaceId, workspaceId), eq(jobs.id, id)))
        .returning({ stopAsked: jobs.stopAsked });
      return row?.stopAsked === true;
    });
  let stopped = false;
  const late = setTimeout(() => void worker.terminate(), MOST_MS);
  // Somebody may ask for a stop at another server of the same database.
  const asking = setInterval(() => {
    write({ heardAt: sql`now()` as never })
      .then((stop) => {
        if (stop) {
          stopped = true;
          void worker.terminate();
        }
      })
      .catch(() => undefined);
  }, 1000);
  await new Promise<void>((done) => {
    worker.on('message', (word: JobWord) => {
      if ('state' in word) outcome = word;
      else if (performance.now() - told > TELL_MS) {
        told = performance.now();
        write({ doing: word.doing, done: word.done, total: word.total }).catch(() => undefined);
      }
    });
    worker.on('error', (reason) => (trouble = reason));
    worker.on('exit', () => done());
  });
  clearTimeout(late);
  clearInterval(asking);
  const state: JobState = (outcome as { state: JobState } | null)?.state ?? (stopped ? 'stopped' : 'failed');
  const result = resultOf(outcome, trouble);
  await write({ state, ...(result ? { result } : {}), endedAt: sql`now()` as never }).catch(() => undefined);
  running.delete(id);
  if (kind === 'export' && state === 'done')
    setTimeout(() => void rm(path, { force: true }), KEPT_MS).unref();
  else await rm(path, { force: true });
  if (trouble !== null)
    console.error(
      `${new Date().toISOString()} ${id} job ${kind} ${trouble instanceof Error ? `${trouble.name} ${(trouble as NodeJS.ErrnoException).code ?? ''}` : ''}`,
    );
}

function resultOf(
  outcome: Exclude<JobWord, { doing: string }> | null,
  trouble: unknown,
): Readonly<Record<string, unknown>> | null {
  if (outcome?.state === 'done') return outcome.result;
  if (outcome?.state === 'refused') return { trouble: outcome.trouble };
  const full = (trouble as NodeJS.ErrnoException | null)?.code === 'ERR_WORKER_OUT_OF_MEMORY';
  return {
    trouble: [
      full
        ? 'The file needs more memory than is given to one file. Send it in parts. Nothing was read in.'
        : 'It did not come to its end. Nothing was changed; try again.',
    ],
  };
}

/** Waits until a job of this process has ended, so long at most. */
export async function waitForJob(id: string, ms: number): Promise<void> {
  const job = running.get(id);
  if (!job) return;
  let late: NodeJS.Timeout | undefined;
  await Promise.race([job.ended, new Promise<void>((done) => (late = setTimeout(done, ms)))]);
  clearTimeout(late);
}

/** Stops a job of this process at once; one of another hears of it within a second. */
export async function stopJob(db: Database, workspaceId: string, id: string): Promise<void> {
  await withWorkspace(db, workspaceId, (tx) =>
    tx
      .update(jobs)
      .set({ stopAsked: true })
      .where(and(eq(jobs.workspaceId, workspaceId), eq(jobs.id, id), eq(jobs.state, 'running'))),
  );
}
