import { numberIn } from '$lib/forms';
import { countAllCases, pageOfCases } from '$lib/server/store/case-list';
import type { PageServerLoad } from './$types';

const A_PAGE = 50;

export const load: PageServerLoad = async ({ locals, url }) => {
  const below = (name: string) => numberIn(url.searchParams.get(name) ?? undefined);
  return locals.kept(`cases ${below('open')} ${below('closed')}`, async (tx) => {
    const { open, all } = await countAllCases(tx);
    return {
      open: await pageOfCases(tx, { open: true, below: below('open'), most: A_PAGE }),
      closed: await pageOfCases(tx, { open: false, below: below('closed'), most: A_PAGE }),
      counts: { open, closed: all - open },
      first: { open: below('open') === null, closed: below('closed') === null },
      today: locals.around.today,
    };
  });
};
