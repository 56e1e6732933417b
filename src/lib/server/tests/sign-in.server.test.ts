import { sql } from 'drizzle-orm';
import { spawnSync } from 'node:child_process';
import { afterAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { hashOf } from '../session/tokens';
import { asAccount, Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(owner.close);

let count = 0;
const newAddress = (): string => `new.${Date.now()}.${count++}@ostermere.example`;
const PASSWORD = 'four words do quite well';

/** Invites somebody into the firm and takes the link from the page. */
async function invite(email: string, role = 'technician'): Promise<string> {
  const boss = await asAccount(base, 'owner');
  const { text, status } = await boss.post('/people?/invite', { email, role });
  expect(status).toBe(200);
  return /\/join\/[\w-]{43}/.exec(text)?.[0] ?? '';
}

/** Somebody who joined the firm with a password of their own. */
async function newMember(role = 'technician'): Promise<{ visitor: Visitor; email: string }> {
  const email = newAddress();
  const link = await invite(email, role);
  const visitor = new Visitor(base);
  const joined = await visitor.post(`${link}?/enrol`, { name: 'N. Ash', email, password: PASSWORD });
  expect(joined.status).toBe(303);
  return { visitor, email };
}

const enter = (visitor: Visitor, email: string, password: string) =>
  visitor.post('/sign-in?/enter', { email, password });
const isIn = async (visitor: Visitor): Promise<boolean> => (await visitor.get('/cases')).status === 200;

describe('signing in', () => {
  it('takes the right password, in whatever case the address is typed, and no other', async () => {
    const { email } = await newMember();
    const visitor = new Visitor(base);
    for (const [address, password] of [
      [email, 'four words do quite wel'],
      [email, ''],
      ['nobody@ostermere.example', PASSWORD],
    ] as const) {
      const { status, text } = await enter(visitor, address, password);
      expect(status).toBe(400);
      expect(text).toContain('do not go together');
      expect(text).not.toContain(PASSWORD);
    }
    expect(await isIn(visitor)).toBe(false);
    const { status, headers } = await enter(visitor, ` ${email.toUpperCase()} `, PASSWORD);
    expect(status).toBe(303);
    const cookie = headers.getSetCookie()[0] ?? '';
    expect(cookie).toMatch(/^nimsy_demo=[\w-]{43};/);
    expect(cookie).toMatch(/HttpOnly/i);
    expect(cookie).toMatch(/SameSite=Lax/i);
    expect(await isIn(visitor)).toBe(true);
  });

  it('keeps only hashes: neither the token nor the password stands in the database', async () => {
    const { visitor, email } = await newMember();
    const token = visitor.cookie.split('=')[1] ?? '';
    const [row] = await rowsOf<{ hash: string; known: boolean }>(
      owner.db,
      sql`
      select password_hash as hash, exists (select 1 from sessions where token_hash = ${hashOf(token)}) as known
      from people where email = ${email}`,
    );
    expect(row?.hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
    expect(row?.known).toBe(true);
    const dump = await rowsOf<{ text: string }>(
      owner.db,
      sql`select string_agg(s::text, '') || (select string_agg(p::text, '') from people p) as text from sessions s`,
    );
    expect(dump[0]?.text).not.toContain(token);
    expect(dump[0]?.text).not.toContain(PASSWORD);
  });

  it('leads back to the page that was asked for, and never to another site', async () => {
    const asked = await new Visitor(base).get('/cases/6/mix?x=1');
    expect(asked.location).toBe('/sign-in?to=%2Fcases%2F6%2Fmix%3Fx%3D1');
    for (const [to, wanted] of [
      ['/cases/6/mix', '/cases/6/mix'],
      ['//elsewhere.example', '/'],
      ['https://elsewhere.example/', '/'],
      ['/\\elsewhere.example', '/'],
    ] as const) {
      const { location } = await new Visitor(base).post(`/sign-in?/ready&to=${encodeURIComponent(to)}`, {
        account: 'owner',
      });
      expect(location, to).toBe(wanted);
    }
  });

  it('ends with the session: expired, signed out here, signed out everywhere', async () => {
    const { visitor, email } = await newMember();
    const phone = new Visitor(base);
    await enter(phone, email, PASSWORD);
    expect([await isIn(visitor), await isIn(phone)]).toEqual([true, true]);
    const stolen = phone.elsewhere();
    expect((await phone.post('/sign-out', {})).status).toBe(303);
    expect([await isIn(visitor), await isIn(stolen)]).toEqual([true, false]);

    await enter(phone, email, PASSWORD);
    const kept = [visitor.elsewhere(), phone.elsewhere()];
    await visitor.post('/account?/everywhere', {});
    expect(await Promise.all(kept.map(isIn))).toEqual([false, false]);

    await enter(phone, email, PASSWORD);
    const hash = hashOf(phone.cookie.split('=')[1] ?? '');
    await owner.db.execute(
      sql`update sessions set expires_at = now() - interval '1 second' where token_hash = ${hash}`,
    );
    expect(await isIn(phone)).toBe(false);
  });

  it('slides the expiry while the session is used, at most once an hour', async () => {
    const { visitor } = await newMember();
    const hash = hashOf(visitor.cookie.split('=')[1] ?? '');
    const daysLeft = async (): Promise<number> => {
      const [row] = await rowsOf<{ days: number }>(
        owner.db,
        sql`select round(extract(epoch from expires_at - now()) / 86400)::int as days from sessions where token_hash = ${hash}`,
      );
      return row?.days ?? 0;
    };
    await owner.db.execute(
      sql`update sessions set expires_at = now() + interval '3 days', seen_at = now() - interval '2 hours' where token_hash = ${hash}`,
    );
    expect(await daysLeft()).toBe(3);
    await visitor.get('/cases');
    expect(await daysLeft()).toBe(30);
    await owner.db.execute(
      sql`update sessions set expires_at = now() + interval '3 days' where token_hash = ${hash}`,
    );
    await visitor.get('/cases');
    expect(await daysLeft()).toBe(3);
  });

  it('is slowed down after ten wrong passwords for one address, also for the right one', async () => {
    const { email } = await newMember();
    const guess = new Visitor(base);
    for (let i = 0; i < 10; i++) expect((await enter(guess, email, `guess number ${i}`)).status).toBe(400);
    const { status, text } = await enter(guess, email, PASSWORD);
    expect(status).toBe(429);
    expect(text).toContain('quarter of an hour');
    await owner.db.execute(sql`update attempts set until = now() - interval '1 second'`);
    expect((await enter(guess, email, PASSWORD)).status).toBe(303);
    await owner.db.execute(sql`delete from attempts`);
  });
});

describe('passwords', () => {
  it('are changed by whoever knows the present one, and other sign-ins end', async () => {
    const { visitor, email } = await newMember();
    const other = new Visitor(base);
    await enter(other, email, PASSWORD);
    const change = (present: string, again = 'another five good long words') =>
      visitor.post('/account?/password', { present, password: 'another five good long words', again });
    expect((await change('not it')).status).toBe(400);
    expect((await change(PASSWORD, 'not the same')).text).toContain('differ');
    expect((await change(PASSWORD)).text).toContain('The new password is set');
    expect([await isIn(visitor), await isIn(other)]).toEqual([true, false]);
    expect((await enter(other, email, PASSWORD)).status).toBe(400);
    expect((await enter(other, email, 'another five good long words')).status).toBe(303);
  });

  it('must be long enough', async () => {
    const link = await invite(newAddress());
    const { status, text } = await new Visitor(base).post(`${link}?/enrol`, {
      name: 'x',
      email: newAddress(),
      password: 'short',
    });
    expect(status).toBe(400);
    expect(text).toContain('at least 10 characters');
  });

  it('are set anew by a link that lies in the outbox, for owners only, and works once', async () => {
    const { visitor, email } = await newMember();
    const asked = await new Visitor(base).post('/forgot', { email });
    expect(asked.text).not.toMatch(/\/reset\/[\w-]{43}/);
    const unknown = await new Visitor(base).post('/forgot', { email: newAddress() });
    const told = (text: string): string =>
      text.replace(/new\.[\d.]+@[\w.]+/g, 'ADDRESS').replace(/nonce="[^"]+"/g, 'NONCE');
    expect(told(unknown.text)).toBe(told(asked.text));
    expect((await visitor.get('/outbox')).status).toBe(403);
    const { text } = await (await asAccount(base, 'owner')).get('/outbox');
    const link = /\/reset\/[\w-]{43}/.exec(text)?.[0] ?? '';
    expect(link).not.toBe('');
    const fresh = new Visitor(base);
    const set = await fresh.post(link, { password: 'quite other words now', again: 'quite other words now' });
    expect(set.location).toBe('/sign-in?done=password');
    expect(await isIn(visitor)).toBe(false);
    expect(
      (await fresh.post(link, { password: 'quite other words 2', again: 'quite other words 2' })).status,
    ).toBe(404);
    expect((await enter(fresh, email, 'quite other words now')).status).toBe(303);
  });

  it('of somebody who works for two firms are told to neither one’s owner', async () => {
    const { visitor, email } = await newMember();
    expect((await visitor.post('/account?/found', { workspace: 'Ash Gardens' })).status).toBe(303);
    const before = await (await asAccount(base, 'owner')).get('/outbox');
    await new Visitor(base).post('/forgot', { email });
    const after = await (await asAccount(base, 'owner')).get('/outbox');
    expect(after.text.match(/\/reset\//g)?.length ?? 0).toBe(before.text.match(/\/reset\//g)?.length ?? 0);
    // It lies in the workspace that they own themselves.
    expect((await visitor.get('/outbox')).text).toMatch(/\/reset\/[\w-]{43}/);
  });

  it('are set anew by a link that the terminal prints', async () => {
    const { email } = await newMember();
    const env = { ...process.env, DATABASE_OWNER_URL: process.env.NIMSY_TEST_OWNER };
    const printed = spawnSync(process.execPath, ['scripts/nimsy.mjs', 'reset', email], {
      encoding: 'utf8',
      env,
    });
    expect(printed.status, printed.stderr).toBe(0);
    const link = /\/reset\/[\w-]{43}/.exec(printed.stdout)?.[0] ?? '';
    const visitor = new Visitor(base);
    await visitor.post(link, { password: 'words from the terminal', again: 'words from the terminal' });
    expect((await enter(visitor, email, 'words from the terminal')).status).toBe(303);
    const nobody = spawnSync(process.execPath, ['scripts/nimsy.mjs', 'reset', 'no@one.example'], {
      encoding: 'utf8',
      env,
    });
    expect([nobody.status, nobody.stderr]).toEqual([1, expect.stringContaining('Nobody here')]);
  });
});

describe('invitations and workspaces', () => {
  it('let one person in, once, in the role that was given', async () => {
    const email = newAddress();
    const link = await invite(email, 'viewer');
    const visitor = new Visitor(base);
    expect((await visitor.get(link)).text).toContain('Join Hallow');
    await visitor.post(`${link}?/enrol`, { name: 'V. Reed', email, password: PASSWORD });
    expect((await visitor.get('/cases')).status).toBe(200);
    expect((await visitor.get('/people')).status).toBe(403);
    expect((await visitor.post('/cases/6/name?/save', { candidate: 'drought', stage: '' })).status).toBe(403);
    expect((await new Visitor(base).get(link)).status).toBe(404);
  });

  it('end with their time, and when they are withdrawn', async () => {
    const link = await invite(newAddress());
    const hash = hashOf(link.replace('/join/', ''));
    await owner.db.execute(sql`update invitations set expires_at = now() where token_hash = ${hash}`);
    expect((await new Visitor(base).get(link)).status).toBe(404);
    const second = await invite(newAddress());
    const [row] = await rowsOf<{ id: string }>(
      owner.db,
      sql`select id from invitations where token_hash = ${hashOf(second.replace('/join/', ''))}`,
    );
    await (await asAccount(base, 'owner')).post('/people?/withdraw', { id: row?.id ?? '' });
    expect((await new Visitor(base).get(second)).status).toBe(404);
  });

  it('let a person belong to several workspaces and go from one to the other', async () => {
    const { visitor } = await newMember();
    await visitor.post('/account?/found', { workspace: 'Second Firm' });
    expect((await visitor.get('/')).text).toContain('Second Firm');
    const account = (await visitor.get('/account')).text;
    expect(account).toContain('Hallow &amp; Finch Grounds');
    expect((await visitor.get('/cases')).text).not.toContain('croquet hoops');
    const firm = '00000000-0000-4000-8000-000000000001';
    expect((await visitor.post('/account?/choose', { workspace: firm })).status).toBe(303);
    expect((await visitor.get('/cases')).text).toContain('croquet hoops');
    const home = '00000000-0000-4000-8000-000000000002';
    expect((await visitor.post('/account?/choose', { workspace: home })).status).toBe(404);
    expect((await visitor.get('/cases')).text).toContain('croquet hoops');
  });

  it('keep the last owner, change roles at once, and lock out whoever is taken out', async () => {
    const boss = await asAccount(base, 'owner');
    const { visitor, email } = await newMember();
    const [me] = await rowsOf<{ id: string }>(owner.db, sql`select id from people where email = ${email}`);
    const [own] = await rowsOf<{ id: string }>(
      owner.db,
      sql`select id from people where email = 'r.hallow@ostermere.example'`,
    );
    expect((await boss.post('/people?/role', { personId: own?.id ?? '', role: 'viewer' })).status).toBe(409);
    expect((await boss.post('/people?/remove', { personId: own?.id ?? '' })).text).toContain(
      'needs an owner',
    );
    await boss.post('/people?/role', { personId: me?.id ?? '', role: 'viewer' });
    expect((await visitor.get('/cases/new')).status).toBe(403);
    await boss.post('/people?/remove', { personId: me?.id ?? '' });
    const lost = await visitor.get('/cases');
    expect([lost.status, lost.location]).toEqual([303, '/account']);
  });
});
