import { redirect, type RequestEvent } from '@sveltejs/kit';

/**
 * Before roles, removal and deletion a person proves again to be there: by the password, within the last quarter of an
 * hour. Leads to where that is asked. Whoever has no password (alone on this machine, made-up people) is not asked.
 */
export function needFresh({ locals, url }: Pick<RequestEvent, 'locals' | 'url'>): void {
  const { hasPassword, confirmed } = locals.person;
  if (hasPassword && !confirmed) redirect(303, `/confirm?to=${encodeURIComponent(url.pathname)}`);
}

/** Only a path of this very site. */
export const safePath = (to: string | null): string => (to && /^\/(?![/\\])[^\s\\]*$/.test(to) ? to : '/');
