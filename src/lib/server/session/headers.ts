import type { RequestEvent } from '@sveltejs/kit';

/** What every answer says to the browser besides the content security policy, which the build writes. */
export function securityHeaders(response: Response, { url, route }: RequestEvent): void {
  const { headers } = response;
  headers.set('x-content-type-options', 'nosniff');
  headers.set('x-frame-options', 'DENY');
  headers.set('referrer-policy', 'same-origin');
  headers.set('cross-origin-opener-policy', 'same-origin');
  headers.set('cross-origin-resource-policy', 'same-origin');
  headers.set('permissions-policy', 'camera=(self), geolocation=(self), microphone=(), payment=(), usb=()');
  // Not with an authority of one's own: the rule would hold for whatever else that machine serves.
  if (url.protocol === 'https:' && !process.env.NIMSY_AUTHORITY)
    headers.set('strict-transport-security', 'max-age=31536000');
  if (route.id !== null) headers.set('cache-control', 'private, no-store');
  if (route.id?.includes('[token]')) {
    headers.set('referrer-policy', 'no-referrer');
    headers.set('x-robots-tag', 'noindex, nofollow');
  }
}
