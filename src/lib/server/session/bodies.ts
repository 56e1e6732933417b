import { error } from '@sveltejs/kit';
import { MOST_FIELDS } from '../../forms';
import { depthOf } from './depth';

/** What a form of somebody who has not signed in may weigh: an address, a password, a token. */
const OPEN_MOST = 16_000;
/** The longest form of ours, a label card with all its uses, has some 200,000 bytes. */
const FORM_MOST = 1_000_000;
/** Photographs as the camera made them, files of cards and stock, and a drawn plan with its days. */
const FILE_MOST: Readonly<Record<string, number>> = {
  '/cases/[number]/photos': 64_000_000,
  '/properties/[id]/plan/picture': 64_000_000,
  '/properties/[id]/plan/save': 4_000_000,
  '/shelf/import': 64_000_000,
  '/shelf/[label]': 64_000_000,
  // A whole workspace with its photographs.
  '/keeping': 2_000_000_000,
};

const sizeText = (bytes: number): string =>
  bytes >= 1_000_000 ? `${bytes / 1_000_000} MB` : `${bytes / 1000} kB`;

/** Why a body is not taken at all, or null. Its length must be told before it is sent. */
export function sizeRefusal(request: Request, route: string | null, isOpen: boolean): string | null {
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  const length = request.headers.get('content-length');
  if (length === null)
    return request.headers.has('transfer-encoding')
      ? 'The length of what was sent is not told. Send it with a content-length.'
      : null;
  const most = isOpen || route === null ? OPEN_MOST : (FILE_MOST[route] ?? FORM_MOST);
  return Number(length) > most
    ? `What was sent is larger than ${sizeText(most)}. Send less at a time.`
    : null;
}

/**
 * What a form sent. Fields are counted in the bytes before they are taken apart: 300,000 of them once held the server for
 * two seconds. Bodies that are no form at all are refused with 400. Files are read by `fileOf`.
 */
export async function formOf(request: Request): Promise<FormData> {
  const type = request.headers.get('content-type') ?? '';
  const bytes = Buffer.from(await request.arrayBuffer());
  const boundary = /;\s*boundary=(?:"([^"]{1,200})"|([^;,\s]{1,200}))/i.exec(type.slice(0, 500));
  const mark = boundary ? `--${boundary[1] ?? boundary[2] ?? ''}` : '&';
  if (occurrences(bytes, mark, MOST_FIELDS + 1) > MOST_FIELDS)
    error(413, `A form has at most ${MOST_FIELDS} fields. Send less at a time.`);
  let form: FormData;
  try {
    form = await new Response(bytes, { headers: { 'content-type': type } }).formData();
  } catch {
    return error(400, 'What was sent is no form. Load the page again; what was typed is kept there.');
  }
  for (const [name, value] of form)
    if (name.includes(NUL) || (typeof value === 'string' && value.includes(NUL))) error(400, UNKEPT);
  return form;
}

/** No text holds it, and no database keeps it. */
const NUL = '\u0000';
const UNKEPT =
  'Something in what was sent is a sign that no text has (NUL). Take it out and send it again; nothing was saved.';

/** Why an address cannot be asked for, or null: it holds what no text has, or names an action that nobody wrote. */
export function addressRefusal({ pathname, search }: URL): { status: 400 | 404; message: string } | null {
  if (/%00/.test(pathname + search)) return { status: 400, message: UNKEPT };
  const action = /^\?\/(\w{1,40})/.exec(search)?.[1];
  return action !== undefined && action in Object.prototype
    ? { status: 404, message: 'There is no such page.' }
    : null;
}

/** How often a mark stands in bytes, counted up to `most`. */
function occurrences(bytes: Buffer, mark: string, most: number): number {
  let count = 0;
  for (let at = bytes.indexOf(mark); at >= 0 && count < most; at = bytes.indexOf(mark, at + mark.length))
    count++;
  return count;
}

/** Levels of brackets within brackets that any JSON of ours needs, twice over. */
const DEEPEST = 40;

/**
 * JSON that somebody sent, or undefined where it is none or lies deeper than any of ours. Linear in the text: the depth
 * is measured before anything is built from it.
 */
export function readJson(text: string): unknown {
  if (depthOf(text, DEEPEST) > DEEPEST) return undefined;
  try {
    const value = JSON.parse(text) as unknown;
    return isKeepable(value) ? value : undefined;
  } catch {
    return undefined;
  }
}

/** False where a text holds NUL or half a surrogate, or a key would reach into what every object inherits. */
function isKeepable(value: unknown): boolean {
  if (typeof value === 'string') return !value.includes(NUL) && isWellFormed(value);
  if (Array.isArray(value)) return value.every(isKeepable);
  if (typeof value !== 'object' || value === null) return true;
  return Object.entries(value).every(
    ([key, child]) => key !== '__proto__' && isKeepable(key) && isKeepable(child),
  );
}

/** True where no half of a surrogate pair stands alone. */
const isWellFormed = (text: string): boolean =>
  !/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(text);
