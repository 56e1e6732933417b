import type { RequestEvent } from '@sveltejs/kit';

/**
 * What an answer of a page says to the browser besides what all answers say (scripts/serve.mjs) and the content security
 * policy, which the build writes.
 */
export function securityHeaders(response: Response, { url, route }: RequestEvent): void {
  const { headers } = response;
  // Not with an authority of one's own: the rule would hold for whatever else that machine serves.
  if (url.protocol === 'https:' && !process.env.NIMSY_AUTHORITY)
    headers.set('strict-transport-security', 'max-age=31536000');
  if (route.id !== null) headers.set('cache-control', 'private, no-store');
  if (route.id?.includes('[token]')) {
    headers.set('referrer-policy', 'no-referrer');
    headers.set('x-robots-tag', 'noindex, nofollow');
  }
}
