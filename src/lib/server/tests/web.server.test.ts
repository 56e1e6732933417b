import { sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { connect } from '../db/client';
import { asAccount, Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const tables = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(tables.close);
const SCRIPT = '"><script>alert(1)</script><img src=x onerror=alert(2)>';

describe('what every answer says to the browser', () => {
  it('allows scripts of its own alone, no frames, no sniffing, no referrer to others', async () => {
    const owner = await asAccount(base, 'owner');
    for (const [visitor, path] of [
      [owner, '/'],
      [owner, '/cases/6/mix'],
      [owner, '/nowhere'],
      [new Visitor(base), '/sign-in'],
      [new Visitor(base), '/s/none'],
    ] as const) {
      const { headers, text } = await visitor.get(path);
      const policy = headers.get('content-security-policy') ?? '';
      const scripts = /script-src ([^;]+)/.exec(policy)?.[1] ?? '';
      expect(scripts, path).toMatch(/^'self' 'nonce-[\w+/=]+'$/);
      for (const part of [
        "frame-ancestors 'none'",
        "object-src 'none'",
        "base-uri 'none'",
        "form-action 'self'",
      ])
        expect(policy, path).toContain(part);
      // No script stands in the page without the nonce of this very answer, and no handler in a tag.
      const nonce = /'nonce-([\w+/=]+)'/.exec(scripts)?.[1] ?? '';
      for (const [, tag = ''] of text.matchAll(/<script([^>]*)>/g)) expect(tag, path).toContain(nonce);
      expect(text, path).not.toMatch(/<[a-z][^>]*\son[a-z]+=/);
      expect(headers.get('x-content-type-options'), path).toBe('nosniff');
      expect(headers.get('x-frame-options'), path).toBe('DENY');
      expect(headers.get('referrer-policy'), path).toMatch(/^(same-origin|no-referrer)$/);
      if (path !== '/nowhere') expect(headers.get('cache-control'), path).toContain('no-store');
      expect(headers.get('x-powered-by'), path).toBeNull();
    }
  });

  it('says the least that is needed on a refusal too, without a stack', async () => {
    for (const path of ['/people', '/cases/999/look', '/s/none', '/reset/none']) {
      const { text, headers } = await (await asAccount(base, 'technician')).get(path);
      expect(headers.get('x-content-type-options'), path).toBe('nosniff');
      expect(text, path).not.toMatch(/\bat file:|node_modules|\.js:\d+|drizzle|postgres:/i);
    }
  });

  it('keeps links with a token out of referrers and search engines', async () => {
    const { headers } = await new Visitor(base).get('/s/none');
    expect(headers.get('referrer-policy')).toBe('no-referrer');
    expect(headers.get('x-robots-tag')).toContain('noindex');
  });

  it('answers only to its own name', async () => {
    const { request } = await import('node:http');
    const status = await new Promise<number>((done) => {
      const url = new URL(base);
      request(
        { host: url.hostname, port: url.port, path: '/', headers: { host: 'elsewhere.example' } },
        (answer) => {
          answer.resume();
          done(answer.statusCode ?? 0);
        },
      ).end();
    });
    expect(status).toBe(421);
  });
});

describe('what people type', () => {
  it('is shown as text wherever it comes back, and kept out where it could be read as markup', async () => {
    const owner = await asAccount(base, 'owner');
    for (const [path, fields] of [
      ['/people?/invite', { email: SCRIPT, role: 'viewer' }],
      ['/customers', { name: SCRIPT }],
      ['/settings', { workspace: SCRIPT, revision: '1' }],
      ['/account?/found', { workspace: SCRIPT }],
    ] as const) {
      const { status, text } = await owner.post(path, fields);
      expect(status, path).toBe(400);
      expect(text, path).not.toContain('<script>alert');
      expect(text, path).not.toContain('<img src=x');
    }
    const door = await new Visitor(base).post('/sign-in?/enter', { email: SCRIPT, password: 'x' });
    expect([door.status, door.text.includes('<script>alert')]).toEqual([400, false]);
    const { text } = await owner.get(`/find?q=${encodeURIComponent(SCRIPT)}`);
    expect(text).not.toContain('<script>alert');
  });

  it('is refused by its size before it is read, and by the place it comes from', async () => {
    const owner = await asAccount(base, 'owner');
    expect((await owner.post('/customers', { name: 'x'.repeat(5_000_000) })).status).toBe(413);
    const foreign = await fetch(`${base}/customers`, {
      method: 'POST',
      headers: { origin: 'https://elsewhere.example', cookie: owner.cookie },
      body: new URLSearchParams({ name: 'x' }),
    });
    expect(foreign.status).toBe(403);
    const none = await fetch(`${base}/sign-out`, {
      method: 'POST',
      headers: { cookie: owner.cookie, 'content-type': 'application/x-www-form-urlencoded' },
      body: '',
      redirect: 'manual',
    });
    expect(none.status).toBe(403);
    expect((await owner.get('/cases')).status).toBe(200);
  });

  it('does not turn a search into a statement', async () => {
    const owner = await asAccount(base, 'owner');
    for (const words of ["'; drop table cases; --", 'a & | ! ( )', "x' or '1'='1", '\\', ':*', '🐛'])
      expect((await owner.get(`/find?q=${encodeURIComponent(words)}`)).status, words).toBe(200);
    expect((await owner.get('/find?q=croq%20hoop')).text).toContain('Ragged brown patches');
    expect((await owner.get('/find?q=LANTERN')).text).toContain('Lantern Bay Guest House');
  });
});

describe('links for customers', () => {
  const linkIn = (text: string): string => /\/s\/[\w-]{43}/.exec(text)?.[0] ?? '';

  it('show one notice to somebody without sign-in, and nothing else of the firm', async () => {
    const owner = await asAccount(base, 'owner');
    const path = linkIn((await owner.post('/cases/6/share?/share', { what: 'notice', days: '30' })).text);
    const shown = await new Visitor(base).get(path);
    expect(shown.status).toBe(200);
    expect(shown.text).toContain('Tarnside Turf Liquid');
    expect(shown.text).toContain('Keep people and pets off until everything is dry');
    expect(shown.text).toContain('0000 555 0199');
    for (const other of ['croquet', 'Bowls Club', 'E. Lowe', 'Side gate', 'T27-2', 'R. Hallow', '/cases/'])
      expect(shown.text, other).not.toContain(other);
    expect((await new Visitor(base).get('/cases/6/mix')).status).toBe(303);
  });

  it('show one record, end when they are revoked, and cannot be guessed', async () => {
    const owner = await asAccount(base, 'owner');
    const page = await owner.get('/cases/5/share');
    const record = /<option value="([0-9a-f-]{36})"/.exec(page.text)?.[1] ?? '';
    const path = linkIn((await owner.post('/cases/5/share?/share', { what: record, days: '7' })).text);
    const shown = await new Visitor(base).get(path);
    expect(shown.status).toBe(200);
    expect(shown.text).toContain('5.4 kg');
    expect(shown.text).not.toContain('the same night');
    const id = /name="id" value="([0-9a-f-]{36})"/.exec((await owner.get('/cases/5/share')).text)?.[1] ?? '';
    await owner.post('/cases/5/share?/revoke', { id });
    expect((await new Visitor(base).get(path)).status).toBe(404);
    expect((await new Visitor(base).get(`${path.slice(0, -1)}A`)).status).toBe(404);
  });

  it('end with their time', async () => {
    const owner = await asAccount(base, 'owner');
    const path = linkIn((await owner.post('/cases/6/share?/share', { what: 'notice', days: '7' })).text);
    expect((await new Visitor(base).get(path)).status).toBe(200);
    await tables.db.execute(sql`update shared_links set expires_at = now() - interval '1 second'`);
    expect((await new Visitor(base).get(path)).status).toBe(404);
  });

  it('are not made for a record of another case, nor by whoever only reads', async () => {
    const owner = await asAccount(base, 'owner');
    const page = await owner.get('/cases/5/share');
    const record = /<option value="([0-9a-f-]{36})"/.exec(page.text)?.[1] ?? '';
    const wrong = await owner.post('/cases/6/share?/share', { what: record, days: '7' });
    expect(wrong.status).toBe(400);
    const office = await asAccount(base, 'office');
    expect((await office.post('/cases/6/share?/share', { what: 'notice', days: '7' })).status).toBe(403);
  });
});

describe('two people on one case', () => {
  const fields = (length: string, width: string, more: Record<string, string> = {}) => ({
    how: 'tape',
    unit: 'm',
    length,
    width,
    strip: '0',
    ...more,
  });
  const lengthIn = async (visitor: Visitor, name: string): Promise<string> =>
    new RegExp(`name="${name}"[^>]*value="([^"]*)"|value="([^"]*)"[^>]*name="${name}"`)
      .exec((await visitor.get('/cases/7/measure')).text)
      ?.slice(1)
      .find(Boolean) ?? '';

  it('are told of each other, merge, and overwrite nothing by accident', async () => {
    const [boss, technician] = [await asAccount(base, 'owner'), await asAccount(base, 'technician')];
    const basedOn = await lengthIn(boss, 'basedOn');
    expect((await technician.post('/cases/7/measure?/save', fields('21', '9', { basedOn }))).status).toBe(
      200,
    );
    const late = await boss.post('/cases/7/measure?/save', fields('20', '8', { basedOn }));
    expect(late.status).toBe(409);
    expect(late.text).toContain('T. Marsh saved this stop');
    expect(late.text.replace(/<[^>]+>/g, '')).toMatch(/The length:\s*20\s*→\s*21/);
    expect([await lengthIn(boss, 'length'), await lengthIn(boss, 'width')]).toEqual(['21', '9']);
    const seen = /name="seen" value="(\d+)"/.exec(late.text)?.[1] ?? '';
    expect((await boss.post('/cases/7/measure?/save', fields('20', '8', { basedOn, seen }))).status).toBe(
      200,
    );
    expect([await lengthIn(boss, 'length'), await lengthIn(boss, 'width')]).toEqual(['21', '8']);
  });

  it('choose where both changed the same figure', async () => {
    const [boss, technician] = [await asAccount(base, 'owner'), await asAccount(base, 'technician')];
    const basedOn = await lengthIn(boss, 'basedOn');
    await technician.post('/cases/7/measure?/save', fields('25', '8', { basedOn }));
    const late = await boss.post('/cases/7/measure?/save', fields('26', '8', { basedOn }));
    expect(late.text.replace(/<[^>]+>/g, '')).toContain('The length: you both changed it');
    const seen = /name="seen" value="(\d+)"/.exec(late.text)?.[1] ?? '';
    const mine = { basedOn, seen, 'keep.length': 'mine' };
    // A third save in between is told again, not passed over.
    await technician.post('/cases/7/measure?/save', fields('25', '7', { basedOn: seen }));
    const again = await boss.post('/cases/7/measure?/save', fields('26', '8', mine));
    expect(again.status).toBe(409);
    const newest = /name="seen" value="(\d+)"/.exec(again.text)?.[1] ?? '';
    await boss.post('/cases/7/measure?/save', fields('26', '8', { ...mine, seen: newest }));
    expect([await lengthIn(boss, 'length'), await lengthIn(boss, 'width')]).toEqual(['26', '7']);
  });

  it('who sends a form that does not say what it was built on overwrite nothing', async () => {
    const boss = await asAccount(base, 'owner');
    const before = await lengthIn(boss, 'length');
    expect((await boss.post('/cases/7/measure?/save', fields('3', '3'))).status).toBe(409);
    expect(await lengthIn(boss, 'length')).toBe(before);
  });

  it('do not overwrite each other’s customers, places and settings either', async () => {
    const boss = await asAccount(base, 'owner');
    const added = await boss.post('/customers', { name: 'Twice Changed', contact: '', language: '' });
    const form = { name: 'Twice Changed', language: '', access: '', pets: '' };
    expect((await boss.post(added.location, { ...form, contact: 'first', revision: '1' })).status).toBe(200);
    const late = await boss.post(added.location, { ...form, contact: 'second', revision: '1' });
    expect([late.status, /Nothing was overwritten/.test(late.text)]).toEqual([409, true]);
    expect((await boss.get(added.location)).text).toContain('first');
    const settings = { workspace: 'Hallow & Finch Grounds', revision: '999' };
    expect((await boss.post('/settings', settings)).status).toBe(409);
  });
});
