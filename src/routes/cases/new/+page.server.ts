import { fail, redirect } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS } from '$lib/catalog';
import { SURROUNDINGS, type Surrounding } from '$lib/core/identify';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseCase, type CaseForm } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { once } from '$lib/server/session/once';
import { sentencesOf } from '$lib/server/session/answer';
import { localDay } from '$lib/server/session/clock';
import { loadCase, openCase } from '$lib/server/store/cases';
import { findProperty, listProperties } from '$lib/server/store/properties';
import { FIRST_SAVE, saveStop } from '$lib/server/store/stops';
import { PURPOSE_WORDS, sightingTitle, SURROUNDING_WORDS } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const seen = CANDIDATES.find((c) => c.id === url.searchParams.get('seen'));
  return {
    properties: (await locals.inWorkspace(listProperties)).map(({ id, name }) => ({ id, name })),
    property: url.searchParams.get('property'),
    seen: seen ? { name: seen.name, surrounding: likeliestPlace(seen.places) } : null,
  };
};

function likeliestPlace(places: Partial<Record<Surrounding, number>>): Surrounding | null {
  return SURROUNDINGS.reduce<Surrounding | null>(
    (best, place) => ((places[place] ?? 0) > (best ? (places[best] ?? 0) : 0) ? place : best),
    null,
  );
}

export const actions: Actions = {
  default: async ({ request, locals }) => {
    const fields = fieldsOf(await formOf(request));
    const form = parseCase(fields);
    const wrong = (errors: { path: string; message: string }[]) =>
      fail(400, { errors, fields: Object.fromEntries([...fields].map(([k, v]) => [k, v.slice(0, 2000)])) });
    if (isRefused(form)) return wrong(sentencesOf(form.refused, fields));
    const { propertyId, title, surrounding, purpose } = form.ok;
    const [kind, many] = purpose === 'control' ? [form.ok.kind, form.ok.many] : [null, null];
    const number = await locals.inWorkspace(async (tx) => {
      const property = await findProperty(tx, propertyId);
      if (!property) return null;
      return once(tx, fields, 'case', async () => {
        const opened = await openCase(tx, {
          propertyId,
          title:
            title || (purpose === 'routine' ? PURPOSE_WORDS.routine : sightingTitle(kind, surrounding, many)),
          openedOn: localDay(locals.around.now, property.timeZone),
        });
        const place = surrounding ?? (purpose === 'control' ? null : USUAL_PLACE[purpose]);
        if (opened !== null && place !== null)
          await beginLook(tx, opened, { ...form.ok, surrounding: place, kind, many }, locals);
        return opened;
      });
    });
    if (number === null) return wrong([{ path: 'propertyId', message: 'Choose one of your properties.' }]);
    redirect(303, `/cases/${number}/look`);
  },
};

/** Where nobody tapped a place. */
const USUAL_PLACE = { prevent: 'lawn', routine: 'wall' } as const;

/** The first look, as far as a few taps tell it. */
async function beginLook(
  tx: Tx,
  number: number,
  {
    surrounding,
    kind,
    many,
    light,
    purpose,
  }: Pick<CaseForm, 'kind' | 'many' | 'light' | 'purpose'> & { surrounding: Surrounding },
  { around, who }: App.Locals,
): Promise<void> {
  const found = await loadCase(tx, number, around);
  const test = FIELD_TESTS.find((t) => t.places.includes(surrounding)) ?? FIELD_TESTS[0];
  if (!found || !test) return;
  const body = {
    purpose,
    because: null,
    surrounding,
    first: kind,
    where: SURROUNDING_WORDS[surrounding],
    signs: {},
    lengthMm: null,
    test: test.id,
    frame: test.frame,
    counts: Array.from({ length: test.spots }, () => null),
    light,
    vigour: 'fair' as const,
    flowering: false,
    damp: null,
    note: kind ? `First seen: ${sightingTitle(kind, null, many, light).toLowerCase()}` : '',
  };
  await saveStop(tx, found.loaded, 'look', body, who.person.name, around.now, FIRST_SAVE);
}
