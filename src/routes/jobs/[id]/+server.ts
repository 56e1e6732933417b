import { json } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { findJob, troubleOf } from '$lib/server/jobs/find';
import { stopJob } from '$lib/server/jobs/start';
import type { RequestHandler } from './$types';

const GONE = 'There is no such work under way.';

/** How far a person's own long work is. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const job = isId(params.id)
    ? await locals.inWorkspace((tx) => findJob(tx, locals.person.id, params.id))
    : null;
  if (!job) return json({ message: GONE }, { status: 404 });
  const { state, doing, done, total } = job;
  return json({ state, doing, done, total, trouble: troubleOf(job) });
};

/** Stops it; nothing of it stays. */
export const DELETE: RequestHandler = async ({ params, locals }) => {
  const job = isId(params.id)
    ? await locals.inWorkspace((tx) => findJob(tx, locals.person.id, params.id))
    : null;
  if (!job) return json({ message: GONE }, { status: 404 });
  await stopJob(locals.db, locals.who.workspaceId, job.id);
  return json({ stopping: job.state === 'running' });
};
