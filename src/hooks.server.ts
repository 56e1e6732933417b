import { error, redirect, type Handle, type HandleServerError, type RequestEvent } from '@sveltejs/kit';
import { building } from '$app/environment';
import { DEFAULT_SETTINGS } from '$lib/forms';
import { settingsOf } from '$lib/server/session/settings-of';
import { connect, readWorkspace, withWorkspace, type Connection } from '$lib/server/db/client';
import { noWeather, standInWeather } from '$lib/server/outside/weather';
import { accessTo, mayAs, type Access } from '$lib/server/session/access';
import { localDay } from '$lib/server/session/clock';
import { COOKIE } from '$lib/server/session/cookie';
import { deviceOf } from '$lib/server/session/browser';
import { securityHeaders } from '$lib/server/session/headers';
import { answerAt } from '$lib/server/session/kept-answers';
import { weightOf } from '$lib/server/session/remember';
import { addressRefusal, sizeRefusal } from '$lib/server/session/bodies';
import { whoIsAsking, type Asking, type Who } from '$lib/server/session/who';
import { isAway } from '$lib/server/db/away';
import { reportFault, sentenceOfFault } from '$lib/server/session/faults';
import { noteRequest } from '$lib/server/session/log';

/** Each process holds so many connections at most; PostgreSQL has 100 as a rule, for all of them. */
const POOL_MOST = 10;
const connection: Connection | null = building
  ? null
  : connect(process.env.DATABASE_URL ?? '', POOL_MOST, true);
const ZONE_IF_NONE = 'UTC';
const still = process.env.NIMSY_STILL === '1';
process.on('sveltekit:shutdown', () => void connection?.close());

export const handle: Handle = async ({ event, resolve }) => {
  if (!connection) return resolve(event);
  const began = performance.now();
  event.locals.requestId = crypto.randomUUID().slice(0, 8);
  const answer = (response: Response): Response => {
    response.headers.set('x-request-id', event.locals.requestId);
    noteRequest(event, response.status, performance.now() - began);
    return response;
  };
  try {
    const response = await handleAsked({ event, resolve });
    // Nothing is wrong with what was asked: it can be asked again.
    return answer(
      event.locals.away && response.status === 500
        ? new Response(response.body, { status: 503, headers: response.headers })
        : response,
    );
  } catch (reason) {
    // Refusals and ways elsewhere are thrown, and answered by the framework.
    const status =
      typeof reason === 'object' && reason !== null && 'status' in reason ? Number(reason.status) : 500;
    noteRequest(event, status, performance.now() - began);
    throw reason;
  }
};

const handleAsked: Handle = async ({ event, resolve }) => {
  const wrong = addressRefusal(event.url);
  if (wrong) error(wrong.status, wrong.message);
  const { db } = connection as Connection;
  const token = event.cookies.get(COOKIE);
  const asking = await whoIsAsking(db, token, still).catch((reason: unknown) => {
    reportFault(reason, event.locals.requestId);
    return error(503, sentenceOfFault(reason));
  });
  const changes = !['GET', 'HEAD', 'OPTIONS'].includes(event.request.method);
  const needed = accessTo(event.route.id ?? '', changes);
  if (event.route.id !== null) refuseUnlessAllowed(event, asking, needed, changes);
  const tooLarge = sizeRefusal(event.request, event.route.id, asking.person === null);
  if (tooLarge) error(413, tooLarge);
  const { house, person, half, who } = asking;
  const from = machineOf(event);
  const workspaceId = who?.workspaceId;
  const settings = who ? settingsOf(who) : DEFAULT_SETTINGS;
  if (who && settings.secondFactor && event.route.id !== null) needSecondFactor(event, who, needed, changes);
  // Until somebody names a zone, the day is that of the first property.
  const zone = settings.timeZone === ZONE_IF_NONE ? (who?.zone ?? ZONE_IF_NONE) : settings.timeZone;
  event.locals = {
    requestId: event.locals.requestId,
    away: false,
    asks: { from, device: deviceOf(event.request.headers.get('user-agent')) },
    half,
    db,
    token,
    house,
    person: person as App.Locals['person'],
    who: who as App.Locals['who'],
    inWorkspace: (work) => {
      if (workspaceId === undefined) error(403, 'Choose a workspace first.');
      // What only looks cannot change anything, and whoever may only look cannot either.
      return changes && who?.role !== 'viewer'
        ? withWorkspace(db, workspaceId, work, { personId: who?.person.id ?? '', from })
        : readWorkspace(db, workspaceId, work);
    },
    // After a change the revision is another one, and only the next request hears of it.
    kept: (what, read, weigh = weightOf) =>
      changes || !who
        ? event.locals.inWorkspace(read)
        : answerAt({ who, around: event.locals.around }, what, () => event.locals.inWorkspace(read), weigh),
    around: {
      now: house.now(),
      today: localDay(house.now(), zone),
      zone,
      weather: house.demonstration ? standInWeather : noWeather,
      real: !house.demonstration,
      settings,
      // Nobody is licensed in a household.
      licence: settings.kind === 'household' ? null : (who?.licence ?? null),
    },
  };
  const response = await resolve(event, {
    preload: ({ type }) => type === 'js' || type === 'css' || type === 'font',
  });
  securityHeaders(response, event);
  return response;
};

/** Where the owners ask everybody for a second factor, nothing of the workspace opens without one. */
function needSecondFactor(event: RequestEvent, who: Who, needed: Access, changes: boolean): void {
  const { person, workspace } = who;
  if (needed === 'open' || needed === 'own' || !person.hasPassword || person.hasSecondFactor) return;
  if (changes)
    error(
      403,
      `The owners of ${workspace} ask for a second factor. Set it up under Your account, then send this again.`,
    );
  redirect(303, '/account/second-factor?wanted');
}

/** The address that asks; where it came over a wire that tells none, nothing. */
function machineOf(event: RequestEvent): string {
  try {
    return event.getClientAddress();
  } catch {
    return '';
  }
}

/** Leads whoever is not signed in to the sign-in page, and refuses what a role may not do. */
function refuseUnlessAllowed(
  event: RequestEvent,
  { house, person, who }: Asking,
  needed: Access,
  changes: boolean,
): void {
  if (house.signIn === 'not-yet') {
    if (event.route.id === '/welcome' || event.route.id === '/healthz' || event.route.id === '/trust') return;
    redirect(303, '/welcome');
  }
  if (needed === 'open') return;
  if (!person) {
    if (changes)
      error(
        401,
        'Sign in first. What you typed stays in the page; sign in in another tab, then send it again.',
      );
    const to = event.url.pathname + event.url.search;
    redirect(303, `/sign-in${to === '/' ? '' : `?to=${encodeURIComponent(to)}`}`);
  }
  if (needed === 'own') return;
  if (!who) redirect(303, '/account');
  if (!mayAs(who.role, needed))
    error(
      403,
      who.role === 'viewer' && needed === 'technician'
        ? `You may read in ${who.workspace}, not change. Ask an owner of it.`
        : `That is for the owners of ${who.workspace}.`,
    );
}

export const handleError: HandleServerError = ({ error: reason, status, event }) => {
  if (status !== 404) reportFault(reason, event.locals.requestId);
  event.locals.away = isAway(reason);
  return { message: status === 404 ? 'There is no such page.' : sentenceOfFault(reason) };
};
