import { CANDIDATES, KITCHEN } from '$lib/catalog';
import { isAbout } from '$lib/core/choose';
import type { PageServerLoad } from './$types';

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
export const load: PageServerLoad = ({ url }) => {
  const asked = (url.searchParams.get('q') ?? '').trim().slice(0, 60);
  return {
    asked,
    remedies:
      asked === ''
        ? remedies
        : remedies
            .filter((r) => isAbout(asked, [r.name, ...r.words, ...r.pests.flatMap((p) => [p.id, p.name])]))
            // What hurts is told first: it may be about to be done.
            .sort((a, b) => Number(b.grade === 'harmful') - Number(a.grade === 'harmful')),
  };
};
