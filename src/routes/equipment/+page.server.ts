import { redirect } from '@sveltejs/kit';
import { dueOn } from '$lib/core/calibrate';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseEquipment } from '$lib/forms';
import { wrongField, wrongFields } from '$lib/server/session/answer';
import { addEquipment, listEquipment } from '$lib/server/store/equipment';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  equipment: (await locals.inWorkspace(listEquipment)).map((tool) => ({
    ...tool,
    due: dueOn(tool.kind, tool.calibratedOn, tool.dueDays),
  })),
  today: locals.around.today,
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const fields = fieldsOf(await request.formData());
    const form = parseEquipment(fields);
    if (isRefused(form)) return wrongFields(form.refused, fields);
    const id = await locals.inWorkspace((tx) => addEquipment(tx, form.ok, locals.around.settings.currency));
    if (id === null)
      return wrongField(409, 'name', 'There is equipment of that name. Give it another.', fields);
    redirect(303, `/equipment/${id}`);
  },
};
