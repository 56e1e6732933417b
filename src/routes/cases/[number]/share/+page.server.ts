import { error } from '@sveltejs/kit';
import { fieldsOf, isId, numberIn, parseShare, SHARE_DAYS } from '$lib/forms';
import { formOf } from '$lib/server/session/bodies';
import type { Tx } from '$lib/server/db/client';
import { readForm, wrongField } from '$lib/server/session/answer';
import { actorOf, noteHere } from '$lib/server/session/events';
import { mayTry } from '$lib/server/session/limits';
import { loadCase, type LoadedCase } from '$lib/server/store/cases';
import { findCustomer } from '$lib/server/store/customers';
import { listShares, revokeShare, share } from '$lib/server/store/shares';
import type { Actions, PageServerLoad } from './$types';

const MISSING = 'There is no such case.';

async function caseOf(tx: Tx, number: string, around: App.Locals['around']): Promise<LoadedCase> {
  const wanted = numberIn(number);
  const found = wanted === null ? null : await loadCase(tx, wanted, around);
  if (!found) error(404, MISSING);
  return found.loaded;
}

export const load: PageServerLoad = async ({ locals, params }) =>
  locals.inWorkspace(async (tx) => {
    const loaded = await caseOf(tx, params.number, locals.around);
    const { facts, property } = loaded;
    const customer = property.customerId ? await findCustomer(tx, property.customerId) : null;
    return {
      number: facts.number,
      title: facts.title,
      today: facts.today,
      property: property.name,
      customer: customer && {
        name: customer.customer.name,
        consents: customer.customer.consentsToNotices,
      },
      records: facts.records.filter((r) => r.caseNumber === facts.number),
      days: SHARE_DAYS,
      links: (await listShares(tx, loaded.id)).map((link) => ({
        ...link,
        expiresAt: link.expiresAt.toISOString(),
        state: link.revokedAt ? 'revoked' : link.expiresAt < new Date() ? 'expired' : 'open',
      })),
    };
  });

export const actions: Actions = {
  share: async ({ locals, params, request, url }) => {
    const form = await readForm(request, parseShare);
    if (!form.valid) return form.answer;
    const { db, person, asks } = locals;
    if (!(await mayTry(db, 'share', { email: person.id, machine: asks.from })))
      return wrongField(
        429,
        '',
        'Many links were made within a quarter of an hour. Wait a while.',
        form.fields,
      );
    const token = await locals.inWorkspace(async (tx) => {
      const loaded = await caseOf(tx, params.number, locals.around);
      const made = await share(tx, loaded.id, form.data, person.name);
      if (made !== null && made !== 'full')
        await noteHere(tx, 'link-made', actorOf(locals), { case: loaded.facts.number, days: form.data.days });
      return made;
    });
    if (token === 'full')
      return wrongField(409, '', '500 links are open at the same time. Revoke some first.', form.fields);
    if (token === null)
      return wrongField(400, 'what', 'Choose one of the records of this case.', form.fields);
    return { link: `${url.origin}/s/${token}` };
  },

  revoke: async ({ locals, params, request }) => {
    const id = fieldsOf(await formOf(request)).get('id') ?? '';
    await locals.inWorkspace(async (tx) => {
      const loaded = await caseOf(tx, params.number, locals.around);
      if (!isId(id)) return;
      await revokeShare(tx, loaded.id, id);
      await noteHere(tx, 'link-revoked', actorOf(locals), { case: loaded.facts.number });
    });
    return { revoked: true };
  },
};
