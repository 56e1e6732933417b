import { redirect } from '@sveltejs/kit';
import { parseCustomer } from '$lib/forms';
import { once } from '$lib/server/session/once';
import { readForm } from '$lib/server/session/answer';
import { addCustomer, listCustomers } from '$lib/server/store/customers';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  customers: await locals.inWorkspace(listCustomers),
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const form = await readForm(request, parseCustomer);
    if (!form.valid) return form.answer;
    redirect(
      303,
      `/customers/${await locals.inWorkspace((tx) => once(tx, form.fields, 'customer', () => addCustomer(tx, form.data)))}`,
    );
  },
};
