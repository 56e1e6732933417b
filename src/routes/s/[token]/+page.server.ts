import { error } from '@sveltejs/kit';
import { announced } from '$lib/core/case';
import { isIndoors } from '$lib/core/identify';
import { readSettings } from '$lib/forms';
import { readWorkspace, type Tx } from '$lib/server/db/client';
import { mayTry } from '$lib/server/session/limits';
import { loadCase } from '$lib/server/store/cases';
import { numberOfCase, sharedRecord, shareOf, type Share } from '$lib/server/store/shares';
import { presentWorkspace } from '$lib/server/store/workspaces';
import { groundText, showIn } from '$lib/words';
import type { PageServerLoad } from './$types';

const GONE = 'This link shows nothing: it was revoked, has expired, or was never made. Ask for another.';

/** One record or one notice, and nothing else of the workspace. */
export const load: PageServerLoad = async ({ locals, params, getClientAddress }) => {
  if (!(await mayTry(locals.db, 'link', { machine: getClientAddress() })))
    error(429, 'Too many attempts. Wait a quarter of an hour.');
  const share = await shareOf(locals.db, params.token);
  if (!share) error(404, GONE);
  const shown = await readWorkspace(locals.db, share.workspace_id, async (tx) => {
    const workspace = await presentWorkspace(tx);
    const settings = readSettings(workspace.settings);
    const about = { firm: workspace.name, emergency: settings.emergency, licence: settings.licence };
    return share.kind === 'record'
      ? recordOf(tx, share, about)
      : noticeOf(tx, share, about, { ...locals.around, settings });
  });
  if (!shown) error(404, GONE);
  return { shown };
};

interface About {
  readonly firm: string;
  readonly emergency: ReturnType<typeof readSettings>['emergency'];
  readonly licence: ReturnType<typeof readSettings>['licence'];
}

async function recordOf(tx: Tx, share: Share, about: About) {
  const found = share.record_id ? await sharedRecord(tx, share.record_id) : null;
  if (!found) return null;
  const { record } = found;
  return {
    kind: 'record' as const,
    firm: about.firm,
    emergency: about.emergency,
    place: [found.property, found.address].filter(Boolean).join(', '),
    corrected: found.corrected,
    record: {
      doneOn: record.doneOn,
      startedAt: record.startedAt,
      endedAt: record.endedAt,
      label: record.label.name,
      product: record.product,
      finished: record.finished,
      area: record.area,
      windKmh: record.windKmh,
      tempC: record.tempC,
      person: record.person,
      licence: record.licence,
      outside: record.outside ?? [],
    },
  };
}

async function noticeOf(tx: Tx, share: Share, about: About, around: App.Locals['around']) {
  const number = await numberOfCase(tx, share.case_id);
  const found = number === null ? null : await loadCase(tx, number, around);
  if (!found) return null;
  const { facts, property } = found.loaded;
  const show = showIn(around.settings);
  return {
    kind: 'notice' as const,
    firm: about.firm,
    emergency: about.emergency,
    licence: about.licence.number,
    place: [property.name, property.address].filter(Boolean).join(', '),
    today: facts.today,
    /** Nothing is announced that is not settled. */
    planned: announced(facts).map(
      ({ treatment, facts: own, view: { label, named, lawn, method }, onlyIf }) => ({
        ...{ treatment, onlyIf },
        label: label.name,
        demonstration: label.demonstration,
        actives: label.actives.map((a) => (a.percent ? `${a.name} ${a.percent} %` : a.name)),
        pest: named?.name ?? null,
        hour: own.stops.when?.hour ?? null,
        /** In the words of its method: an area, so many places, a length of edge. */
        onto: lawn ? groundText(lawn, method?.noun ?? 'spot', show) : '',
        indoors: isIndoors(own.stops.look?.surrounding ?? 'lawn'),
        reEntry: label.use.reEntry,
        reEntryHours: label.use.reEntryHours,
        wateringIn: label.use.wateringIn,
      }),
    ),
  };
}
