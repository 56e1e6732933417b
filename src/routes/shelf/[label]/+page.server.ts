import { error } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { loadShelf, cardVersions } from '$lib/server/store/shelf';
import type { PageServerLoad } from './$types';

/** A card, in its newest version or in the one that a record was made under. */
export const load: PageServerLoad = async ({ locals, params, url }) => {
  const [versions, shelf] = await locals.inWorkspace((tx) =>
    Promise.all([cardVersions(tx, params.label), loadShelf(tx)]),
  );
  const wanted = Number(url.searchParams.get('version') ?? versions[0]?.version);
  const card = versions.find((v) => v.version === wanted);
  if (!card)
    error(
      404,
      versions.length > 0
        ? 'There is no such version of this label.'
        : 'There is no such label on the shelf.',
    );
  const pests = new Map(CANDIDATES.map((c) => [c.id, c]));
  const told = new Set(card.uses.flatMap((use) => use.targets.map((t) => t.pest)));
  return {
    card,
    newest: versions[0]?.version ?? 1,
    versions: versions.map((v) => v.version),
    containers: shelf.find((entry) => entry.label.id === card.id)?.containers ?? [],
    pests: Object.fromEntries(
      [...told].map((id) => [
        id,
        {
          name: pests.get(id)?.name ?? id,
          stages: Object.fromEntries((pests.get(id)?.stages ?? []).map((s) => [s.id, s.name])),
        },
      ]),
    ),
    today: locals.around.now.toISOString().slice(0, 10),
  };
};
