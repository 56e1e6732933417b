import { redirect, text } from '@sveltejs/kit';
import { findJob } from '$lib/server/jobs/find';
import { newFile, startJob, waitForJob } from '$lib/server/jobs/start';
import type { RequestHandler } from './$types';

const LONGEST_MS = 25 * 60_000;

/** Makes an archive and leads to it when it stands: for whoever asks without a page. */
export const POST: RequestHandler = async ({ locals }) => {
  const { db, person, who, around, asks } = locals;
  const id = await startJob(db, {
    ...{ kind: 'export', path: newFile(), workspaceId: who.workspaceId },
    ...{ personId: person.id, person: person.name, from: asks.from },
    ...{ now: around.now, currency: around.settings.currency },
  });
  if (id === null)
    return text('Other work of this workspace is under way. Try again when it is done.', { status: 409 });
  await waitForJob(id, LONGEST_MS);
  const job = await locals.inWorkspace((tx) => findJob(tx, person.id, id));
  if (job?.state !== 'done') return text('The archive was not made. Try again.', { status: 500 });
  redirect(303, `/keeping/export/${id}`);
};
