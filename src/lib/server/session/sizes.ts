const FORM_MOST = 4_000_000;
/** A whole workspace, read back from its file, or a photograph as the camera made it. */
const FILE_MOST = 128_000_000;
const TAKES_FILES: ReadonlySet<string> = new Set([
  '/keeping',
  '/cases/[number]/photos',
  '/shelf/import',
  '/shelf/[label]',
  '/properties/[id]/plan/picture',
]);

/** Why a body is not taken at all, or null. Its length must be told before it is sent. */
export function sizeRefusal(request: Request, route: string | null): string | null {
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  const length = request.headers.get('content-length');
  if (length === null)
    return request.headers.has('transfer-encoding')
      ? 'The length of what was sent is not told. Send it with a content-length.'
      : null;
  const most = route !== null && TAKES_FILES.has(route) ? FILE_MOST : FORM_MOST;
  return Number(length) > most
    ? `What was sent is larger than ${most / 1_000_000} MB. Send less at a time.`
    : null;
}
