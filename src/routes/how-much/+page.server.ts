import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId, keptFields, numberIn, parseBench } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { once } from '$lib/server/session/once';
import { readForm, wrongField } from '$lib/server/session/answer';
import { dropJob, keepJob, keptJob, openCases } from '$lib/server/store/kept';
import { withRemoved } from '$lib/server/store/removed';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const kept = url.searchParams.get('kept');
  return locals.inWorkspace(async (tx) => ({
    cases: await openCases(tx),
    fields: kept !== null && isId(kept) ? await keptJob(tx, kept) : null,
  }));
};

export const actions: Actions = {
  keep: async ({ locals, request }) => {
    const job = await readForm(request, parseBench);
    if (!job.valid) return job.answer;
    const number = numberIn(job.fields.get('case'));
    const kept =
      number !== null &&
      (await locals.inWorkspace((tx) =>
        once(tx, job.fields, 'job', () =>
          keepJob(tx, number, keptFields(job.fields), {
            by: locals.who.person.name,
            now: locals.around.now,
          }),
        ),
      ));
    if (!kept)
      return wrongField(400, 'case', 'Choose an open case that keeps less than a hundred jobs.', job.fields);
    redirect(303, `/cases/${number}/mix`);
  },
  drop: async ({ locals, request }) => {
    const fields = fieldsOf(await formOf(request));
    const [id, number] = [fields.get('id'), numberIn(fields.get('case'))];
    if (!id || !isId(id) || number === null) return wrongField(400, 'id', 'There is no such job.', fields);
    const back = `/cases/${number}/mix`;
    redirect(303, withRemoved(back, 'kept-job', await locals.inWorkspace((tx) => dropJob(tx, id, back))));
  },
};
