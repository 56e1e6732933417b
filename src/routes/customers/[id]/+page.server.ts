import { error } from '@sveltejs/kit';
import { isId, parseCustomer, revisionIn } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { changeCustomer, findCustomer } from '$lib/server/store/customers';
import type { Actions, PageServerLoad } from './$types';

const MISSING = 'There is no such customer.';

export const load: PageServerLoad = async ({ locals, params }) => {
  const found = isId(params.id) ? await locals.inWorkspace((tx) => findCustomer(tx, params.id)) : null;
  if (!found) error(404, MISSING);
  return found;
};

export const actions: Actions = {
  default: async ({ locals, request, params }) => {
    if (!isId(params.id)) error(404, MISSING);
    const form = await readForm(request, parseCustomer);
    if (!form.valid) return form.answer;
    const revision = revisionIn(form.fields);
    const done = await locals.inWorkspace(async (tx) => {
      if (!(await findCustomer(tx, params.id))) return 'missing';
      return (await changeCustomer(tx, params.id, form.data, revision)) ? 'saved' : 'changed';
    });
    if (done === 'missing') error(404, MISSING);
    if (done === 'changed')
      return wrongField(
        409,
        '',
        'Somebody else changed this customer after you opened it. Nothing was overwritten: open the page in another tab and compare.',
        form.fields,
      );
    return { saved: true, errors: [], fields: {} };
  },
};
