import { error } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { numberIn } from '$lib/forms';
import { localTime } from '$lib/server/session/clock';
import { loadCase } from '$lib/server/store/cases';
import { packForecast } from '$lib/words/packed-forecast';
import { Parcel } from '$lib/words/parcel';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ params, locals }) => {
  const number = numberIn(params.number);
  const found =
    number === null ? null : await locals.inWorkspace((tx) => loadCase(tx, number, locals.around));
  if (!found) error(404, 'There is no such case.');
  const { loaded, equipment } = found;
  const { candidates: _candidates, signs: _signs, tests: _tests, forecast, ...facts } = loaded.facts;
  return {
    parcel: new Parcel({ facts, forecast: packForecast(forecast) }),
    propertyId: loaded.property.id,
    propertyNote: loaded.property.note,
    closedOn: loaded.closedOn,
    equipment,
    licence: locals.around.settings.licence.number,
    time: localTime(locals.around.now, loaded.property.timeZone),
    requestKey: randomUUID(),
  };
};
