import { randomUUID } from 'node:crypto';
import pg from 'pg';
import yauzl from 'yauzl';

/** A browser without scripts, for tests: one person's cookie, and pages and forms of a running Nimsy. */
export class Visitor {
  /** That of the session. */
  cookie: string;
  /** That by which a browser is known. */
  #browser = '';

  constructor(
    readonly base: string,
    cookie = '',
  ) {
    this.cookie = cookie;
  }

  async get(path: string): Promise<Answer> {
    return this.#keep(await fetch(this.base + path, { headers: this.#headers(), redirect: 'manual' }));
  }

  async post(path: string, fields: Record<string, string> | FormData): Promise<Answer> {
    return this.#keep(
      await fetch(this.base + path, {
        method: 'POST',
        headers: { ...this.#headers(), origin: this.base },
        body: fields instanceof FormData ? fields : new URLSearchParams(fields),
        redirect: 'manual',
      }),
    );
  }

  /** What the application's own scripts send: JSON, or the bytes of a file. */
  async send(method: 'PUT' | 'POST' | 'DELETE', path: string, body: unknown): Promise<Answer> {
    const raw = body instanceof Uint8Array || typeof body === 'string';
    return this.#keep(
      await fetch(this.base + path, {
        method,
        headers: {
          ...this.#headers(),
          origin: this.base,
          'content-type': raw ? 'application/octet-stream' : 'application/json',
        },
        body: raw ? new Blob([typeof body === 'string' ? body : new Uint8Array(body)]) : JSON.stringify(body),
        redirect: 'manual',
      }),
    );
  }

  /** The same person in another browser or at another server. */
  elsewhere(base = this.base): Visitor {
    return new Visitor(base, this.cookie);
  }

  #headers(): Record<string, string> {
    const cookie = [this.cookie, this.#browser].filter(Boolean).join('; ');
    return { accept: 'text/html', ...(cookie ? { cookie } : {}) };
  }

  async #keep(response: Response): Promise<Answer> {
    for (const set of response.headers.getSetCookie()) {
      // Only what stands behind the token: one that happened to hold “1970” was once taken for a cookie that ends.
      const [pair = '', ...terms] = set.split(';');
      const kept = terms.some((term) => /^ *Max-Age=0 *$|^ *Expires=.*\b1970\b/i.test(term)) ? '' : pair;
      if (/^\w+_browser=/.test(pair)) this.#browser = kept;
      else this.cookie = kept;
    }
    return {
      status: response.status,
      text: await response.text(),
      location: response.headers.get('location') ?? '',
      headers: response.headers,
    };
  }
}

export interface Answer {
  readonly status: number;
  readonly text: string;
  readonly location: string;
  readonly headers: Headers;
}

type Account = 'householder' | 'owner' | 'technician' | 'office';

/** Somebody of the demonstration, signed in afresh. */
export async function asAccount(base: string, account: Account): Promise<Visitor> {
  const visitor = new Visitor(base);
  const { status } = await visitor.post('/sign-in?/ready', { account });
  if (status !== 303 || visitor.cookie === '') throw new Error(`${account} could not step in: ${status}`);
  // Other tests found workspaces for the householder, and fill them with the firm's own file.
  await visitor.post('/account?/choose', { workspace: account === 'householder' ? HOME : FIRM });
  return visitor;
}

export const FIRM = '00000000-0000-4000-8000-000000000001';
export const HOME = '00000000-0000-4000-8000-000000000002';

/** Sends one file by a form, with other fields beside it. */
export function sendFile(
  visitor: Visitor,
  path: string,
  name: string,
  content: string | Uint8Array,
  more: Record<string, string> = {},
): Promise<Answer> {
  const form = new FormData();
  const bytes = typeof content === 'string' ? content : new Uint8Array(content);
  form.set(name, new Blob([bytes]), 'a file.pdf');
  for (const [field, value] of Object.entries(more)) form.set(field, value);
  return visitor.post(path, form);
}

/** A workspace of one's own, with the demonstration labels, so that others' counts stay true. */
export async function ownPlace(base: string, name: string): Promise<Visitor> {
  const visitor = await asAccount(base, 'householder');
  await visitor.post('/account?/found', { workspace: name });
  return visitor;
}

/** An export of the workspace as it comes: the archive. */
export async function archiveOf(visitor: Visitor): Promise<Buffer> {
  const made = await visitor.post('/keeping/export', {});
  if (made.status !== 303) throw new Error(`no export: ${made.status} ${made.text.slice(0, 200)}`);
  const answer = await fetch(visitor.base + made.location, { headers: { cookie: visitor.cookie } });
  if (answer.headers.get('content-type') !== 'application/zip')
    throw new Error(`no archive: ${answer.status}`);
  return Buffer.from(await answer.arrayBuffer());
}

/** The files of an archive by their names. */
export async function filesIn(archive: Buffer): Promise<Map<string, Buffer>> {
  const zip = await yauzl.fromBufferPromise(archive, { lazyEntries: true });
  const files = new Map<string, Buffer>();
  for await (const entry of zip.eachEntry()) {
    const pieces: Buffer[] = [];
    for await (const piece of await zip.openReadStreamPromise(entry)) pieces.push(piece as Buffer);
    files.set(entry.fileName, Buffer.concat(pieces));
  }
  return files;
}

/** The content of an export, as its JSON file says it. */
export const contentOfArchive = async <T>(archive: Buffer): Promise<T> =>
  JSON.parse((await filesIn(archive)).get('workspace.json')?.toString('utf8') ?? 'null') as T;

/** An empty database in the cluster of the tests, as a server of real use is told of it: without a cluster of its own. */
export async function emptyDatabase(): Promise<{ DATABASE_URL: string; DATABASE_OWNER_URL: string }> {
  const name = `nimsy_empty_${randomUUID().slice(0, 8)}`;
  const client = new pg.Client({ connectionString: process.env.NIMSY_TEST_SUPER });
  await client.connect();
  await client.query(`create database ${name} owner nimsy_owner`);
  await client.end();
  const at = (url: string): string => {
    const address = new URL(url);
    address.pathname = `/${name}`;
    return address.href;
  };
  return {
    DATABASE_URL: at(process.env.NIMSY_TEST_DATABASE ?? ''),
    DATABASE_OWNER_URL: at(process.env.NIMSY_TEST_OWNER ?? ''),
  };
}

/** The words of a page. */
export const plain = (html: string): string =>
  html
    .replaceAll(/<script[\s\S]*?<\/script>|<style[\s\S]*?<\/style>/g, ' ')
    .replaceAll(/<[^<>]*>/g, ' ')
    .replaceAll('&amp;', '&')
    .replaceAll(/\s+/g, ' ');
