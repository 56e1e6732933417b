import type { RequestEvent } from '@sveltejs/kit';
import { rememberBrowser } from './browser';
import { setSession } from './cookie';
import { noteOf } from './events';
import { endSession, openSession } from './people';

/** Signs a person in with this browser, and writes that down. A token that was there before is never used on. */
export async function enterAs(
  { locals, cookies, url }: Pick<RequestEvent, 'locals' | 'cookies' | 'url'>,
  personId: string,
): Promise<void> {
  const { db, token, asks } = locals;
  if (token !== undefined) await endSession(db, token);
  setSession(cookies, url, await openSession(db, personId, asks));
  await rememberBrowser(db, personId, cookies, url);
  await noteOf(db, 'sign-in', { personId, from: asks.from }, { device: asks.device });
}

/** The password was right; the code of the second factor is asked for. */
export async function enterHalf(
  { locals, cookies, url }: Pick<RequestEvent, 'locals' | 'cookies' | 'url'>,
  personId: string,
): Promise<void> {
  const { db, token, asks } = locals;
  if (token !== undefined) await endSession(db, token);
  setSession(cookies, url, await openSession(db, personId, { ...asks, half: true }));
}
