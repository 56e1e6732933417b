import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId, numberIn, parseTaking } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { once } from '$lib/server/session/once';
import { readForm, wrongField } from '$lib/server/session/answer';
import { dropJob, keptJob, openCases, takeJob } from '$lib/server/store/kept';
import { withRemoved } from '$lib/server/store/removed';
import { MOST_TREATMENTS } from '$lib/server/store/treatments';
import { stopPath } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const kept = url.searchParams.get('kept');
  return locals.inWorkspace(async (tx) => ({
    cases: await openCases(tx),
    kept,
    fields: kept !== null && isId(kept) ? await keptJob(tx, kept) : null,
  }));
};

export const actions: Actions = {
  take: async ({ locals, request }) => {
    const form = await readForm(request, parseTaking);
    if (!form.valid) return form.answer;
    const { data, fields } = form;
    const { around, who } = locals;
    const wrongCase = (message: string) => wrongField(400, 'case', message, fields);
    const taken = await locals.inWorkspace((tx) =>
      once(
        tx,
        fields,
        'job',
        async () => {
          const done = await takeJob(tx, data.case, data, { around, by: who.person.name });
          // What was kept before jobs became treatments is one now.
          if (typeof done !== 'string' && data.kept !== null)
            await dropJob(tx, data.kept, `/cases/${data.case}/mix`);
          return done;
        },
        (done) => typeof done !== 'string',
      ),
    );
    if (taken === 'no-case') return wrongCase('Choose an open case.');
    if (taken === 'full')
      return wrongCase(
        `A course has at most ${MOST_TREATMENTS} treatments. Choose another case, or open one.`,
      );
    redirect(303, stopPath(data.case, taken.treatment, 'mix'));
  },
  drop: async ({ locals, request }) => {
    const fields = fieldsOf(await formOf(request));
    const [id, number] = [fields.get('id'), numberIn(fields.get('case'))];
    if (!id || !isId(id) || number === null) return wrongField(400, 'id', 'There is no such job.', fields);
    const back = `/cases/${number}/mix`;
    redirect(303, withRemoved(back, 'kept-job', await locals.inWorkspace((tx) => dropJob(tx, id, back))));
  },
};
