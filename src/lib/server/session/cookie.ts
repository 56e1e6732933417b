import type { Cookies } from '@sveltejs/kit';

/** The demonstration and real use may run side by side on one machine, where cookies do not tell ports apart. */
export const COOKIE = process.env.NIMSY_MODE === 'demo' ? 'nimsy_demo' : 'nimsy_session';
const DAYS = 30;

/** Sets the session's cookie: out of reach of scripts, never sent from another site, over HTTPS only where there is any. */
export function setSession(cookies: Cookies, url: URL, token: string): void {
  cookies.set(COOKIE, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    maxAge: DAYS * 86_400,
  });
}

export const dropSession = (cookies: Cookies, url: URL): void =>
  cookies.delete(COOKIE, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
  });
