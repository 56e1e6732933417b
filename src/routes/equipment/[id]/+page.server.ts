import { error, redirect } from '@sveltejs/kit';
import { calibrated, dueOn } from '$lib/core/equipment';
import { isRefused, refuse } from '$lib/core/result';
import { fieldsOf, isId, parseCalibration, parseEquipment, revisionIn } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import { once } from '$lib/server/session/once';
import { wrongField, wrongFields } from '$lib/server/session/answer';
import {
  addCalibration,
  changeEquipment,
  findEquipment,
  removeCalibration,
  removeEquipment,
} from '$lib/server/store/equipment';
import { withRemoved } from '$lib/server/store/removed';
import type { Actions, PageServerLoad } from './$types';

const MISSING = 'There is no such equipment.';

export const load: PageServerLoad = async ({ locals, params }) => {
  const found = isId(params.id) ? await locals.inWorkspace((tx) => findEquipment(tx, params.id)) : null;
  if (!found) error(404, MISSING);
  const { tool } = found;
  return {
    ...found,
    due: dueOn(tool.kind, tool.calibratedOn, tool.dueDays),
    today: locals.around.today,
  };
};

export const actions: Actions = {
  change: async ({ locals, request, params }) => {
    const fields = fieldsOf(await formOf(request));
    const form = parseEquipment(fields);
    const done = await locals.inWorkspace(async (tx) => {
      if (!isId(params.id) || !(await findEquipment(tx, params.id))) return 'missing';
      if (isRefused(form)) return form;
      return changeEquipment(tx, params.id, form.ok, locals.around.settings.currency, revisionIn(fields));
    });
    if (done === 'missing') error(404, MISSING);
    if (done === 'changed')
      return wrongField(
        409,
        '',
        'Somebody else changed this equipment after you opened it. Nothing was overwritten: open the page in another tab and compare.',
        fields,
      );
    if (done === 'named')
      return wrongField(409, 'name', 'There is equipment of that name. Give it another.', fields);
    if (done !== 'saved') return wrongFields(done.refused, fields);
    return { saved: true, errors: [], fields: {} };
  },
  calibrate: async ({ locals, request, params }) => {
    const fields = fieldsOf(await formOf(request));
    const by = locals.who?.person.name ?? '';
    const done = await locals.inWorkspace(async (tx) => {
      const found = isId(params.id) ? await findEquipment(tx, params.id) : null;
      if (!found) return 'missing';
      const form = parseCalibration(found.tool.kind, fields);
      if (isRefused(form)) return form;
      const { now, today } = locals.around;
      if (form.ok.doneOn > today) return refuse('in-the-future', 'doneOn', { today });
      const comesTo = calibrated(form.ok);
      if (isRefused(comesTo)) return comesTo;
      return once(tx, fields, `calibration ${found.tool.id}`, async () => {
        await addCalibration(tx, found.tool.id, form.ok, { by, now });
        return 'saved' as const;
      });
    });
    if (done === 'missing') error(404, MISSING);
    if (done !== 'saved') return wrongFields(done.refused, fields);
    return { saved: true, errors: [], fields: {} };
  },
  strike: async ({ locals, request, params }) => {
    const entry = fieldsOf(await formOf(request)).get('entry') ?? '';
    const done = await locals.inWorkspace(async (tx) => {
      if (!isId(params.id) || !isId(entry) || !(await findEquipment(tx, params.id))) return null;
      return removeCalibration(tx, params.id, entry);
    });
    if (done === null) error(404, MISSING);
    redirect(303, withRemoved(`/equipment/${params.id}`, 'calibration', done));
  },
  remove: async ({ locals, params }) => {
    const done = await locals.inWorkspace(async (tx) => {
      if (!isId(params.id) || !(await findEquipment(tx, params.id))) return null;
      return removeEquipment(tx, params.id);
    });
    if (done === null) error(404, MISSING);
    redirect(303, withRemoved('/equipment', 'equipment', done));
  },
};
