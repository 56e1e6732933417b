import { redirect } from '@sveltejs/kit';
import { dueOn } from '$lib/core/equipment';
import { parseEquipment } from '$lib/forms';
import { once } from '$lib/server/session/once';
import { readForm, wrongField } from '$lib/server/session/answer';
import { addEquipment, listEquipment } from '$lib/server/store/equipment';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
  equipment: (await locals.kept('equipment', listEquipment)).map((tool) => ({
    ...tool,
    due: dueOn(tool.kind, tool.calibratedOn, tool.dueDays),
  })),
  today: locals.around.today,
});

export const actions: Actions = {
  default: async ({ locals, request }) => {
    const form = await readForm(request, parseEquipment);
    if (!form.valid) return form.answer;
    const id = await locals.inWorkspace((tx) =>
      once(tx, form.fields, 'equipment', () => addEquipment(tx, form.data, locals.around.settings.currency)),
    );
    if (id === null)
      return wrongField(409, 'name', 'There is equipment of that name. Give it another.', form.fields);
    redirect(303, `/equipment/${id}`);
  },
};
