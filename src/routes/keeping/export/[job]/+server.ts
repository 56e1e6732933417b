import { createReadStream } from 'node:fs';
import { stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { error } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { fileOfJob } from '$lib/server/jobs/start';
import { findJob } from '$lib/server/jobs/find';
import type { RequestHandler } from './$types';

const GONE = 'This archive is not here any more. Take another export.';

/** The archive that was made, to the person who asked for it, for an hour. */
export const GET: RequestHandler = async ({ params, locals }) => {
  const job = isId(params.job)
    ? await locals.inWorkspace((tx) => findJob(tx, locals.person.id, params.job))
    : null;
  if (job?.kind !== 'export' || job.state !== 'done') error(404, GONE);
  const path = fileOfJob(job);
  const found = await stat(path).catch(() => null);
  if (!found) error(404, GONE);
  const called =
    locals.who.workspace
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'workspace';
  return new Response(Readable.toWeb(createReadStream(path)) as unknown as ReadableStream, {
    headers: {
      'content-type': 'application/zip',
      'content-length': String(found.size),
      'content-disposition': `attachment; filename="${called}-${locals.around.today}.nimsy.zip"`,
    },
  });
};
