import { error } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { loadShelf } from '$lib/server/store/shelf';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const entry = (await locals.inWorkspace(loadShelf)).find(({ label }) => label.id === params.label);
  if (!entry) error(404, 'There is no such label on the shelf.');
  return {
    label: entry.label,
    targets: entry.label.use.targets.map((target) => {
      const pest = CANDIDATES.find((c) => c.id === target.pest);
      const stages = target.stages.map((id) => pest?.stages.find((s) => s.id === id)?.name ?? id);
      return { name: pest?.name ?? target.pest, stages, grade: target.grade, reason: target.reason };
    }),
  };
};
