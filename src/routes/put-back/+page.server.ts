import { error, redirect } from '@sveltejs/kit';
import { fieldsOf, isId } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { putBack, type PutBack } from '$lib/server/store/removed';
import type { Actions, PageServerLoad } from './$types';

/** There is nothing to read here: it is where “Put it back” is sent to. */
export const load: PageServerLoad = () => redirect(303, '/');

const FOREIGN_KEY = '23503';

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    let put: PutBack = { done: 'gone' };
    try {
      if (isId(id)) put = await locals.inWorkspace((tx) => putBack(tx, id));
    } catch (trouble) {
      const code = ((trouble as { cause?: { code?: string } }).cause ?? (trouble as { code?: string })).code;
      if (code !== FOREIGN_KEY) throw trouble;
      error(409, 'What it belonged to was removed as well. Put that back first.');
    }
    if (put.done === 'gone')
      error(
        404,
        'It was put back already, or a day has gone by since it was removed: then it is gone for good.',
      );
    if (put.done === 'in-the-way')
      error(
        409,
        'Something of that name stands in its place by now. Give that another name, then put this back.',
      );
    redirect(303, put.back);
  },
};
