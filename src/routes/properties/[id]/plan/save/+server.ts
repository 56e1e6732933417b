import { json } from '@sveltejs/kit';
import { isRefused } from '$lib/core/result';
import { isId } from '$lib/forms';
import { parsePlan } from '$lib/forms/plan';
import { refusalSentence, showIn } from '$lib/words';
import { readJson } from '$lib/server/session/bodies';
import { findProperty } from '$lib/server/store/properties';
import { planOf, savePlan } from '$lib/server/store/plans';
import type { RequestHandler } from './$types';

const no = (status: number, message: string) => json({ message }, { status });

/** What was saved after a revision, or nothing. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  if (!isId(params.id)) return no(404, 'There is no such property.');
  const kept = await locals.inWorkspace(async (tx) =>
    (await findProperty(tx, params.id)) ? planOf(tx, params.id) : null,
  );
  if (!kept) return no(404, 'There is no such property.');
  if (kept.revision <= Number(url.searchParams.get('after') ?? -1))
    return new Response(null, { status: 204 });
  return json({ plan: kept.plan, revision: kept.revision, savedBy: kept.savedBy });
};

/** Saves a plan that was built on a revision; 409 with what stands there where somebody saved meanwhile. */
export const PUT: RequestHandler = async ({ params, request, locals }) => {
  if (!isId(params.id)) return no(404, 'There is no such property.');
  const sent = readJson(await request.text());
  if (typeof sent !== 'object' || sent === null)
    return no(400, 'What was sent is no plan. Load the page again; what was drawn is kept in this browser.');
  const { plan, revision } = sent as { plan?: unknown; revision?: unknown };
  const parsed = parsePlan(plan);
  if (isRefused(parsed)) {
    const [first] = parsed.refused;
    return no(
      400,
      `The plan was not saved. ${first ? refusalSentence(first, showIn(locals.around.settings)) : ''}`,
    );
  }
  if (typeof revision !== 'number' || !Number.isInteger(revision) || revision < 0 || revision > 1e9)
    return no(400, 'Which plan this was built on is not told. Load the page again.');
  const { now, today } = locals.around;
  const done = await locals.inWorkspace(async (tx) =>
    (await findProperty(tx, params.id))
      ? savePlan(tx, params.id, parsed.ok, revision, {
          ...{ by: locals.who?.person.name ?? '', now, day: today },
        })
      : null,
  );
  if (!done) return no(404, 'There is no such property.');
  if (done.saved) return json({ revision: done.revision });
  return json(
    { plan: done.now.plan, revision: done.now.revision, savedBy: done.now.savedBy },
    { status: 409 },
  );
};
