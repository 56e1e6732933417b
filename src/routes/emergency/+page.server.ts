import { numberIn } from '$lib/forms';
import { standing } from '$lib/core/record';
import { standingSince } from '$lib/server/store/records';
import { loadCase } from '$lib/server/store/cases';
import { cardVersions } from '$lib/server/store/shelf';
import { addDays } from '$lib/core/units';
import type { PageServerLoad } from './$types';

/** What went down so lately may be what somebody is ill from. */
const LATELY_DAYS = 14;
const MOST = 6;

/** What is in hand or went down lately: of the case that is open, else of the whole workspace. */
export const load: PageServerLoad = async ({ locals, url }) => {
  const { around } = locals;
  const number = numberIn(url.searchParams.get('case') ?? undefined);
  return locals.inWorkspace(async (tx) => {
    const found = number === null ? null : await loadCase(tx, number, around);
    const facts = found?.loaded.facts ?? null;
    const since = addDays(around.today, -LATELY_DAYS);
    const lately = facts
      ? standing(facts.records).filter((r) => r.caseNumber === facts.number)
      : await standingSince(tx, since);
    const chosen = facts?.stops.choose?.label ?? null;
    const used = [
      ...(chosen === null || chosen === '' ? [] : [{ label: chosen, version: null, doneOn: null }]),
      ...lately.map((r) => ({ label: r.label.id, version: r.label.version, doneOn: r.doneOn })),
    ];
    const seen = new Set<string>();
    const products = [];
    for (const one of used) {
      if (seen.has(one.label) || products.length === MOST) continue;
      seen.add(one.label);
      const versions = await cardVersions(tx, one.label);
      const card = versions.find((v) => v.version === one.version) ?? versions[0];
      if (card) products.push({ card, doneOn: one.doneOn });
    }
    return {
      number: facts?.number ?? null,
      title: facts?.title ?? null,
      address: found
        ? [found.loaded.property.name, found.loaded.property.address].filter(Boolean).join(', ')
        : null,
      products,
      numbers: around.settings.emergency,
      timeZone: found?.loaded.property.timeZone ?? around.settings.timeZone,
      today: around.today,
      owner: locals.who.role === 'owner',
    };
  });
};
