import { redirect } from '@sveltejs/kit';
import { fieldsOf, isId, numberIn, parseBench } from '$lib/forms';
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
    const job = await readForm(request, parseBench);
    if (!job.valid) return job.answer;
    const { fields } = job;
    const [number, name] = [numberIn(fields.get('case')), (fields.get('product') ?? '').trim()];
    if (name === '' || name.length > 80)
      return wrongField(
        400,
        'product',
        'What is the product called? Type the name on its label, 80 characters at most.',
        fields,
      );
    const { around, who } = locals;
    const taken =
      number !== null &&
      (await locals.inWorkspace((tx) =>
        once(
          tx,
          fields,
          'job',
          async () => {
            const done = await takeJob(tx, number, { job: job.data, name }, { around, by: who.person.name });
            const kept = fields.get('kept');
            // What was kept before jobs became treatments is one now.
            if (typeof done !== 'string' && kept && isId(kept))
              await dropJob(tx, kept, `/cases/${number}/mix`);
            return done;
          },
          (done) => typeof done !== 'string',
        ),
      ));
    if (!taken || taken === 'no-case') return wrongField(400, 'case', 'Choose an open case.', fields);
    if (taken === 'full')
      return wrongField(
        400,
        'case',
        `A course has at most ${MOST_TREATMENTS} treatments. Choose another case, or open one.`,
        fields,
      );
    redirect(303, stopPath(number, taken.treatment, 'mix'));
  },
  drop: async ({ locals, request }) => {
    const fields = fieldsOf(await formOf(request));
    const [id, number] = [fields.get('id'), numberIn(fields.get('case'))];
    if (!id || !isId(id) || number === null) return wrongField(400, 'id', 'There is no such job.', fields);
    const back = `/cases/${number}/mix`;
    redirect(303, withRemoved(back, 'kept-job', await locals.inWorkspace((tx) => dropJob(tx, id, back))));
  },
};
