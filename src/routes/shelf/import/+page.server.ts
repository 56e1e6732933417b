import { redirect } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { findJob, troubleOf } from '$lib/server/jobs/find';
import { readFileIn } from '$lib/server/jobs/run';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const asked = url.searchParams.get('job') ?? '';
  const job = isId(asked) ? await locals.inWorkspace((tx) => findJob(tx, locals.person.id, asked)) : null;
  const told = (name: string): number => Number(job?.result[name] ?? url.searchParams.get(name) ?? NaN);
  return {
    ...{ added: told('added'), containers: told('containers'), same: told('same') },
    job: job && {
      ...{ id: job.id, kind: job.kind, state: job.state, doing: job.doing },
      ...{ done: job.done, total: job.total, trouble: troubleOf(job) },
    },
  };
};

export const actions: Actions = {
  cards: async ({ locals, request }) => {
    const choose = 'Choose a file of label cards first.';
    const job = await readFileIn({ locals, request }, 'cards', 'file', '/shelf/import', choose);
    if (!('id' in job)) return job;
    redirect(303, `/shelf/import?added=${Number(job.result.added)}&same=${Number(job.result.same)}`);
  },

  stock: async ({ locals, request }) => {
    const choose = 'Choose a CSV of stock first.';
    const job = await readFileIn({ locals, request }, 'stock', 'stock', '/shelf/import', choose);
    if (!('id' in job)) return job;
    redirect(303, `/shelf/import?containers=${Number(job.result.containers)}`);
  },
};
