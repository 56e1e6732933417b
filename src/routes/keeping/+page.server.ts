import { redirect } from '@sveltejs/kit';
import { fieldsOf } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { wrongField } from '$lib/server/session/answer';
import { dayBefore } from '$lib/server/session/clock';
import { readWhole } from '$lib/server/store/whole/check';
import { importWhole, isEmpty } from '$lib/server/store/whole/import';
import {
  countBefore,
  listTombstones,
  pruneRecords,
  removeWorkspace,
  type Removal,
} from '$lib/server/store/whole/remove';
import { contentOf } from '$lib/server/store/whole/write';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const { now, settings } = locals.around;
  const before = dayBefore(now, settings.timeZone, settings.retentionYears);
  return locals.inWorkspace(async (tx) => ({
    empty: await isEmpty(tx),
    years: settings.retentionYears,
    before,
    old: countBefore(await contentOf(tx), before),
    tombstones: (await listTombstones(tx)).map((t) => ({ ...t, at: new Date(t.at).toISOString() })),
  }));
};

const TROUBLE: Record<Exclude<Removal, 'removed'>, string> = {
  'not-owner': 'Only an owner may do this.',
  'name-differs': 'The name is not that of this workspace. Type it exactly as it stands above.',
  'no-export':
    'Take an export first: none of the present state was made within the last hour. Then type the name again.',
};

export const actions: Actions = {
  import: async ({ locals, request }) => {
    const file = (await formOf(request)).get('file');
    if (!(file instanceof File) || file.size === 0)
      return wrongField(400, 'file', 'Choose the file of an export first.');
    const read = readWhole(await file.text());
    if ('trouble' in read) return wrongField(400, 'file', read.trouble.join(' '));
    const trouble = await locals.inWorkspace((tx) => importWhole(tx, read.ok));
    if (trouble) return wrongField(409, 'file', trouble.join(' '));
    redirect(303, '/');
  },

  prune: async ({ locals, request }) => {
    const typed = fieldsOf(await formOf(request)).get('name') ?? '';
    const { now, settings } = locals.around;
    const before = dayBefore(now, settings.timeZone, settings.retentionYears);
    const done = await locals.inWorkspace((tx) => pruneRecords(tx, locals.who.person.id, typed, before));
    return done === 'removed' ? { pruned: true } : wrongField(409, 'name', TROUBLE[done]);
  },

  remove: async ({ locals, request }) => {
    const typed = fieldsOf(await formOf(request)).get('name') ?? '';
    const done = await locals.inWorkspace((tx) => removeWorkspace(tx, locals.who.person.id, typed));
    if (done !== 'removed') return wrongField(409, 'name', TROUBLE[done]);
    redirect(303, '/account');
  },
};
