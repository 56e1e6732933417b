import { error } from '@sveltejs/kit';
import { isId } from '$lib/forms';
import { findProperty } from '$lib/server/store/properties';
import { planDaysOf, planOf, planOn } from '$lib/server/store/plans';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => {
  if (!isId(params.id)) error(404, 'There is no such property.');
  const on = url.searchParams.get('on');
  return locals.inWorkspace(async (tx) => {
    const property = await findProperty(tx, params.id);
    if (!property) error(404, 'There is no such property.');
    const [kept, days] = await Promise.all([planOf(tx, params.id), planDaysOf(tx, params.id)]);
    const past = on !== null && days.length > 0 ? await planOn(tx, params.id, on) : null;
    return {
      property: { id: property.id, name: property.name },
      plan: past ?? kept.plan,
      revision: kept.revision,
      on: past ? on : null,
      days,
      jobs: [],
      today: locals.around.now.toISOString().slice(0, 10),
    };
  });
};
