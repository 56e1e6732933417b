import { redirect } from '@sveltejs/kit';
import { randomUUID } from 'node:crypto';
import { CANDIDATES } from '$lib/catalog';
import { isRefused } from '$lib/core/result';
import { fieldsOf, parseOwnLabel } from '$lib/forms';
import { wrongFields } from '$lib/server/session/answer';
import { addContainer, addLabel } from '$lib/server/store/shelf';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = () => ({
  pests: CANDIDATES.filter((c) => c.kind === 'insect' && c.status === 'pest').map(({ id, name }) => ({
    id,
    name,
  })),
});

export const actions: Actions = {
  default: async ({ request, locals }) => {
    const fields = fieldsOf(await request.formData());
    const parsed = parseOwnLabel(fields, CANDIDATES, `own-${randomUUID().slice(0, 8)}`);
    if (isRefused(parsed)) return wrongFields(parsed.refused, fields);
    const { card, container } = parsed.ok;
    await locals.inWorkspace(async (tx) => {
      await addLabel(tx, card);
      await addContainer(tx, { labelId: card.id, ...container });
    });
    redirect(303, `/shelf/${card.id}`);
  },
};
