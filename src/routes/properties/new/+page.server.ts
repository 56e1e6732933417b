import { redirect } from '@sveltejs/kit';
import { parseProperty } from '$lib/forms';
import { once } from '$lib/server/session/once';
import { readForm, wrongField } from '$lib/server/session/answer';
import { findCustomer, listCustomers } from '$lib/server/store/customers';
import { createProperty } from '$lib/server/store/properties';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  zones: Intl.supportedValuesOf('timeZone'),
  zone: locals.around.settings.timeZone,
  customers: (await locals.inWorkspace(listCustomers)).map(({ id, name }) => ({ id, name })),
});

export const actions: Actions = {
  default: async ({ request, locals }) => {
    const form = await readForm(request, parseProperty);
    if (!form.valid) return form.answer;
    const { customerId } = form.data;
    const id = await locals.inWorkspace(async (tx) =>
      customerId !== null && !(await findCustomer(tx, customerId))
        ? null
        : once(tx, form.fields, 'property', () => createProperty(tx, form.data)),
    );
    if (id === null) return wrongField(400, 'customerId', 'Choose one of your customers.', form.fields);
    redirect(303, `/cases/new?property=${id}`);
  },
};
