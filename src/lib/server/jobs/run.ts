import { redirect, type ActionFailure } from '@sveltejs/kit';
import { wrongField, type FormTrouble } from '../session/answer';
import { findJob, troubleOf, type Job } from './find';
import type { JobKind } from './kinds';
import { receiveFile } from './receive';
import { newFile, startJob, waitForJob } from './start';

/** Small files are read while the page waits; larger ones are told of on the page. */
const WAIT_MS = 2000;
/** Without scripts a page cannot tell how far it is: it waits longer. */
const WAIT_PLAIN_MS = 25_000;

interface Asked {
  readonly locals: App.Locals;
  readonly request: Request;
}

/**
 * Takes the file of a field and has it read by a process of its own. Returns the job where it was done within a moment;
 * a refusal with what is wrong; else leads to the page, which tells how far it is.
 */
export async function readFileIn(
  { locals, request }: Asked,
  kind: JobKind,
  field: string,
  page: string,
  choose: string,
): Promise<Job | ActionFailure<FormTrouble>> {
  const file = await receiveFile(request, field);
  if (!file || file.size === 0) return wrongField(400, field, choose);
  return run(locals, kind, file.path, field, page, waitFor(request));
}

/** Has an archive of the workspace made. */
export const makeArchive = (
  { locals, request }: Asked,
  page: string,
): Promise<Job | ActionFailure<FormTrouble>> =>
  run(locals, 'export', newFile(), 'export', page, waitFor(request));

const waitFor = (request: Request): number =>
  request.headers.has('x-sveltekit-action') ? WAIT_MS : WAIT_PLAIN_MS;

async function run(
  { db, person, who, around, asks, inWorkspace }: App.Locals,
  kind: JobKind,
  path: string,
  field: string,
  page: string,
  waitMs: number,
): Promise<Job | ActionFailure<FormTrouble>> {
  const id = await startJob(db, {
    ...{ kind, path, workspaceId: who.workspaceId, personId: person.id, person: person.name },
    ...{ from: asks.from, now: around.now, currency: around.settings.currency },
  });
  if (id === null)
    return wrongField(409, field, 'Another file is being read or made just now. Try again when it is done.');
  await waitForJob(id, waitMs);
  // A workspace that is gone has no jobs either.
  const job = await inWorkspace((tx) => findJob(tx, person.id, id));
  if (!job || job.state === 'running') redirect(303, `${page}?job=${id}`);
  if (job.state !== 'done')
    return wrongField(job.state === 'refused' ? 400 : 500, field, troubleOf(job).join('\n'));
  return job;
}
