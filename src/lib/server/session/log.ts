import type { RequestEvent } from '@sveltejs/kit';

/** From here on an answer is worth a line even where nothing was changed. */
const SLOW_MS = 1000;

/**
 * One line for each change, each refusal and each slow answer: time, id of the request, method, route, status, how long.
 * A route is told by its pattern: who reads the log learns nothing of cases, people or links.
 */
export function noteRequest({ request, route, locals }: RequestEvent, status: number, ms: number): void {
  const { method } = request;
  if (method === 'GET' && status < 400 && ms < SLOW_MS) return;
  console.info(
    `${new Date().toISOString()} ${locals.requestId} ${method} ${route.id ?? '-'} ${status} ${Math.round(ms)} ms`,
  );
}
