import { redirect } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseCustomer } from '$lib/forms';
import { wrongFields } from '$lib/server/session/answer';
import { addCustomer, listCustomers } from '$lib/server/store/customers';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  customers: await locals.inWorkspace(listCustomers),
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const fields = fieldsOf(await request.formData());
    const form = parseCustomer(fields);
    if (isRefused(form)) return wrongFields(form.refused, fields);
    redirect(303, `/customers/${await locals.inWorkspace((tx) => addCustomer(tx, form.ok))}`);
  },
};
