import { redirect } from '@sveltejs/kit';
import { CANDIDATES, KITCHEN } from '$lib/catalog';
import { isAbout } from '$lib/core/choose';
import { addDays } from '$lib/core/units';
import { parseTrying } from '$lib/forms';
import { readForm, wrongField } from '$lib/server/session/answer';
import { openCases } from '$lib/server/store/kept';
import { tryInCase, type NotTried } from '$lib/server/store/trials';
import { stopPath } from '$lib/words';
import type { Actions, PageServerLoad } from './$types';

const byId = new Map(CANDIDATES.map((c) => [c.id, c]));
/** Pests that hurt people: there a kitchen remedy is never the only plan. */
const hurts = (id: string): boolean => {
  const pest = byId.get(id);
  return pest !== undefined && (pest.status === 'dangerous' || pest.concerns.includes('medical'));
};
const remedies = KITCHEN.map((remedy) => ({
  ...remedy,
  pests: remedy.pests.map((id) => ({ id, name: byId.get(id)?.name ?? id })),
  hurts: remedy.pests.some(hurts),
}));

/** Kitchen remedies, by what is looked for: a remedy, or a pest. */
export const load: PageServerLoad = async ({ url, locals }) => {
  const asked = (url.searchParams.get('q') ?? '').trim().slice(0, 60);
  return {
    asked,
    /** The case from which somebody came. */
    from: url.searchParams.get('case') ?? '',
    cases: await locals.inWorkspace(openCases),
    remedies:
      asked === ''
        ? remedies
        : remedies
            .filter((r) => isAbout(asked, [r.name, ...r.words, ...r.pests.flatMap((p) => [p.id, p.name])]))
            // What hurts is told first: it may be about to be done.
            .sort((a, b) => Number(b.grade === 'harmful') - Number(a.grade === 'harmful')),
  };
};

const WRONG: Readonly<Record<NonNullable<NotTried>, string>> = {
  'no-case': 'Choose an open case.',
  'no-look': 'Say first at Look of that case where it was; then it can be tried there.',
  full: 'Enough was tried in that case. Take out at its Look what is over, or choose something that is known to work.',
  'being-tried': 'It is being tried there already. Its day to stop stands at Look.',
  changed: 'Somebody saved the Look of that case this moment. Try again.',
};

export const actions: Actions = {
  try: async ({ locals, request }) => {
    const form = await readForm(request, parseTrying);
    if (!form.valid) return form.answer;
    const { data, fields } = form;
    const remedy = KITCHEN.find(({ id }) => id === data.remedy);
    if (!remedy || remedy.tryDays === null)
      return wrongField(400, 'remedy', 'This is not to be tried. Choose another remedy.', fields);
    const { around, who } = locals;
    const tried = {
      ...{ what: remedy.name, from: around.today, until: addDays(around.today, data.days) },
      outcome: '',
    };
    const wrong = await locals.inWorkspace((tx) =>
      tryInCase(tx, data.case, tried, { around, by: who.person.name }),
    );
    if (wrong !== null) return wrongField(wrong === 'changed' ? 409 : 400, 'case', WRONG[wrong], fields);
    redirect(303, stopPath(data.case, null, 'look'));
  },
};
