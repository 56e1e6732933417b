import { error, type Handle, type HandleServerError } from '@sveltejs/kit';
import { connect, withWorkspace, type Connection } from '$lib/server/db/client';
import { noWeather, standInWeather } from '$lib/server/outside/weather';
import { whoIsAsking } from '$lib/server/session/who';
import { building } from '$app/environment';

const connection: Connection | null = building ? null : connect(process.env.DATABASE_URL ?? '');
const still = process.env.NIMSY_STILL === '1';
process.on('sveltekit:shutdown', () => void connection?.close());

export const handle: Handle = async ({ event, resolve }) => {
  if (!connection) return resolve(event);
  const { db } = connection;
  const who = await whoIsAsking(db, still).catch((reason: unknown) => {
    reportFault(reason);
    return error(503, 'The database does not answer. Nothing was lost; try again in a moment.');
  });
  event.locals.who = who;
  event.locals.inWorkspace = (work) => withWorkspace(db, who.workspaceId, work);
  event.locals.around = {
    now: who.now(),
    weather: who.demonstration ? standInWeather : noWeather,
    real: !who.demonstration,
  };
  return resolve(event, { preload: ({ type }) => type === 'js' || type === 'css' || type === 'font' });
};

export const handleError: HandleServerError = ({ error: reason, status }) => {
  if (status !== 404) reportFault(reason);
  return {
    message:
      status === 404
        ? 'There is no such page.'
        : 'That did not work. Nothing was saved; go back and try again.',
  };
};

/** Names the fault without the data that was in it: messages of a database quote what a person typed. */
function reportFault(reason: unknown): void {
  const cause = reason instanceof Error && reason.cause instanceof Error ? reason.cause : reason;
  const code = typeof cause === 'object' && cause !== null && 'code' in cause ? String(cause.code) : '';
  const where =
    reason instanceof Error
      ? (reason.stack ?? '').split('\n').find((line) => line.trim().startsWith('at '))
      : '';
  console.error(
    `fault ${reason instanceof Error ? reason.constructor.name : typeof reason} ${code} ${where?.trim() ?? ''}`,
  );
}
