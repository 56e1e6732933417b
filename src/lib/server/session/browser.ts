import { sql } from 'drizzle-orm';
import type { Cookies } from '@sveltejs/kit';
import { rowsOf, type Database } from '../db/client';
import { COOKIE } from './cookie';
import { hashOf, newToken } from './tokens';

/** Says that somebody has signed in with this browser before. It opens nothing. */
const BROWSER = `${COOKIE}_browser`;
const DAYS = 400;

/** True where this person has signed in with this browser before. */
export async function isKnownBrowser(db: Database, email: string, cookies: Cookies): Promise<boolean> {
  const token = cookies.get(BROWSER);
  if (token === undefined) return false;
  const [row] = await rowsOf<{ known: boolean }>(
    db,
    sql`select is_known_browser(${email}, ${hashOf(token)}) as known`,
  );
  return row?.known === true;
}

/** By what the attempts of a known browser are counted. */
export const browserKey = (cookies: Cookies): string => cookies.get(BROWSER) ?? '';

export async function rememberBrowser(
  db: Database,
  personId: string,
  cookies: Cookies,
  url: URL,
): Promise<void> {
  const token = newToken();
  await db.execute(sql`select remember_browser(${personId}::uuid, ${hashOf(token)})`);
  cookies.set(BROWSER, token, {
    ...{ path: '/', httpOnly: true, sameSite: 'lax' as const },
    ...{ secure: url.protocol === 'https:', maxAge: DAYS * 86_400 },
  });
}

/** The kind of browser and system in a few words, as far as it says. */
export function deviceOf(userAgent: string | null): string {
  const text = (userAgent ?? '').slice(0, 400);
  const named = (names: readonly (readonly [string, string])[]) =>
    names.find(([mark]) => text.includes(mark))?.[1] ?? '';
  const browser = named([
    ['Edg/', 'Edge'],
    ['Firefox/', 'Firefox'],
    ['Chrome/', 'Chrome or kin'],
    ['Safari/', 'Safari'],
  ]);
  const system = named([
    ['Android', 'Android'],
    ['iPhone', 'iPhone'],
    ['iPad', 'iPad'],
    ['Windows', 'Windows'],
    ['Mac OS', 'Mac'],
    ['Linux', 'Linux'],
  ]);
  return [browser, system].filter(Boolean).join(' on ') || 'an unnamed browser';
}
