import { isValidOn } from '$lib/core/premises';
import { error } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { numberIn } from '$lib/forms';
import { localTime } from '$lib/server/session/clock';
import { loadCase } from '$lib/server/store/cases';
import { packForecast } from '$lib/wire/packed-forecast';
import { packShelf } from '$lib/wire/packed-shelf';
import { assess, type CaseFacts } from '$lib/core/case';
import type { Prose } from '$lib/core/identify';
import { parcelOf } from '$lib/wire/pack-parcel';
import type { LayoutServerLoad } from './$types';

const PARCELS = new WeakMap<CaseFacts, ReturnType<typeof pack>>();

/** Below this nobody asks for the remedies of a candidate. */
const LIKELY = 0.02;

function pack(facts: CaseFacts) {
  const { candidates: _candidates, signs: _signs, tests: _tests, forecast, guide, shelf, ...rest } = facts;
  const { ranking, named } = assess(facts);
  const likely = [named?.id, ...ranking.ranked.filter(({ p }) => p > LIKELY).map(({ id }) => id)];
  return parcelOf({
    prose: Object.fromEntries(
      facts.candidates
        .filter(({ id }) => likely.includes(id))
        .map(({ id, scientific, telling, doNow, doNot, culture }) => [
          id,
          { scientific, telling, doNow, doNot, culture },
        ]),
    ) as Readonly<Record<string, Prose>>,
    facts: {
      ...rest,
      guide: Object.fromEntries(
        likely.flatMap((id) => (id !== undefined && guide[id] ? [[id, guide[id]]] : [])),
      ) as CaseFacts['guide'],
    },
    forecast: packForecast(forecast),
    shelf: packShelf(shelf),
  });
}

function packed(facts: CaseFacts): ReturnType<typeof pack> {
  const parcel = PARCELS.get(facts) ?? pack(facts);
  PARCELS.set(facts, parcel);
  return parcel;
}

/** The facts, what follows from them, and the text that is sent. */
const weightOfCase = ({ loaded }: NonNullable<Awaited<ReturnType<typeof loadCase>>>): number =>
  6 * packed(loaded.facts).length;

export const load: LayoutServerLoad = async ({ params, locals }) => {
  const number = numberIn(params.number);
  // Without one in the address: the first of the course.
  const treatment = numberIn(params.treatment);
  const found =
    number === null
      ? null
      : await locals.kept(
          `case ${number} ${treatment}`,
          (tx) => loadCase(tx, number, locals.around, treatment),
          weightOfCase,
        );
  if (!found) error(404, 'There is no such case.');
  const { loaded, equipment } = found;
  return {
    parcel: packed(loaded.facts),
    propertyId: loaded.property.id,
    zone: loaded.property.timeZone,
    propertyNote: loaded.property.note,
    closedOn: loaded.closedOn,
    equipment,
    kept: loaded.kept,
    takenBack: loaded.takenBack,
    broken: loaded.broken,
    licence: isValidOn(locals.around.licence, loaded.facts.today)
      ? (locals.around.licence?.number ?? '')
      : '',
    time: localTime(locals.around.now, loaded.property.timeZone),
    requestKey: randomUUID(),
  };
};
