import { redirect } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseProperty } from '$lib/forms';
import { wrongField, wrongFields } from '$lib/server/session/answer';
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
    const fields = fieldsOf(await request.formData());
    const form = parseProperty(fields);
    if (isRefused(form)) return wrongFields(form.refused, fields);
    const { customerId } = form.ok;
    const id = await locals.inWorkspace(async (tx) =>
      customerId !== null && !(await findCustomer(tx, customerId)) ? null : createProperty(tx, form.ok),
    );
    if (id === null) return wrongField(400, 'customerId', 'Choose one of your customers.', fields);
    redirect(303, `/cases/new?property=${id}`);
  },
};
