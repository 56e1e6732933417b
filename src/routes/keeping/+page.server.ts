import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId } from '$lib/forms';
import { findJob, troubleOf } from '$lib/server/jobs/find';
import { makeArchive, readFileIn } from '$lib/server/jobs/run';
import { wrongField } from '$lib/server/session/answer';
import { formOf } from '$lib/server/session/bodies';
import { dayBefore } from '$lib/server/session/clock';
import { needFresh } from '$lib/server/session/fresh';
import { backupsMade } from '$lib/server/outside/backups';
import { isEmpty } from '$lib/server/store/whole/import';
import {
  countBefore,
  listTombstones,
  pruneRecords,
  removeWorkspace,
  type Removal,
} from '$lib/server/store/whole/remove';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const { now, settings } = locals.around;
  const before = dayBefore(now, settings.timeZone, settings.retentionYears);
  const asked = url.searchParams.get('job') ?? '';
  // Old entries are counted chain by chain: not again while nothing changed.
  const held = await locals.kept(`keeping ${before}`, async (tx) => ({
    empty: await isEmpty(tx),
    old: await countBefore(tx, before),
  }));
  return locals.inWorkspace(async (tx) => {
    const job = isId(asked) ? await findJob(tx, locals.person.id, asked) : null;
    return {
      ...held,
      backups: await backupsMade(),
      years: settings.retentionYears,
      before,
      tombstones: (await listTombstones(tx)).map((t) => ({ ...t, at: new Date(t.at).toISOString() })),
      job: job && {
        ...{ id: job.id, kind: job.kind, state: job.state, doing: job.doing },
        ...{ done: job.done, total: job.total, trouble: troubleOf(job) },
        ...{ records: Number(job.result.records ?? 0), bytes: Number(job.result.bytes ?? 0) },
      },
    };
  });
};

const TROUBLE: Record<Exclude<Removal, 'removed'>, string> = {
  'not-owner': 'Only an owner may do this.',
  'name-differs': 'The name is not that of this workspace. Type it exactly as it stands above.',
  'no-export':
    'Take an export first: none of the present state was made within the last hour. Then type the name again.',
};

export const actions: Actions = {
  export: async ({ locals, request }) => {
    const job = await makeArchive({ locals, request }, '/keeping');
    if (!('id' in job)) return job;
    redirect(303, `/keeping?job=${job.id}`);
  },

  import: async ({ locals, request }) => {
    const job = await readFileIn(
      { locals, request },
      'import',
      'file',
      '/keeping',
      'Choose the file of an export first.',
    );
    if (!('id' in job)) return job;
    redirect(303, '/');
  },

  prune: async (event) => {
    const { locals, request } = event;
    needFresh(event);
    const typed = fieldsOf(await formOf(request)).get('name') ?? '';
    const done = await locals.inWorkspace((tx) => pruneRecords(tx, locals.who.person.id, typed));
    return done === 'removed' ? { pruned: true } : wrongField(409, 'name', TROUBLE[done]);
  },

  remove: async (event) => {
    const { locals, request } = event;
    needFresh(event);
    const typed = fieldsOf(await formOf(request)).get('name') ?? '';
    const done = await locals.inWorkspace((tx) => removeWorkspace(tx, locals.who.person.id, typed));
    if (done !== 'removed') return wrongField(409, 'name', TROUBLE[done]);
    redirect(303, '/account');
  },
};
