import { findAnything } from '$lib/server/store/find';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const words = (url.searchParams.get('q') ?? '').slice(0, 200);
  return {
    words,
    found: words.trim() === '' ? null : await locals.inWorkspace((tx) => findAnything(tx, words)),
  };
};
