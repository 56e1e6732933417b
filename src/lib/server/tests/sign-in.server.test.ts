import { sql } from 'drizzle-orm';
import { spawnSync } from 'node:child_process';
import { Secret, TOTP } from 'otpauth';
import { afterAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { hashOf } from '../session/tokens';
import { asAccount, ownPlace, Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(owner.close);

let count = 0;
const newAddress = (): string => `new.${Date.now()}.${count++}@ostermere.example`;
const PASSWORD = 'four words do quite well';

/** Invites somebody into the firm and takes the link from the page. */
const invite = async (email: string, role = 'technician'): Promise<string> =>
  inviteBy(await asAccount(base, 'owner'), email, role);

/** The same into the workspace of somebody else. */
async function inviteBy(boss: Visitor, email: string, role = 'technician'): Promise<string> {
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

/** The message to an address whose link was not shown yet; "" where there is none. */
const messageTo = (outbox: string, email: string): string =>
  new RegExp(`to ${email.replaceAll('.', '\\.')}(?:(?!<li)[\\s\\S])*?name="id" value="([0-9a-f-]{36})"`).exec(
    outbox,
  )?.[1] ?? '';

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

  it('does not shut the true person out of a browser in which they signed in before', async () => {
    const { visitor, email } = await newMember();
    const guess = new Visitor(base);
    for (let i = 0; i < 11; i++) await enter(guess, email, `guess number ${i}`);
    expect((await enter(guess, email, PASSWORD)).status).toBe(429);
    await visitor.post('/sign-out', {});
    expect((await enter(visitor, email, PASSWORD)).status).toBe(303);
    // And a browser that knows somebody else is no help against this person.
    const other = (await newMember()).visitor;
    await other.post('/sign-out', {});
    expect((await enter(other, email, PASSWORD)).status).toBe(429);
    await owner.db.execute(sql`delete from attempts`);
  });

  it('is listed by browser, and each can be ended alone', async () => {
    const { visitor, email } = await newMember();
    const other = new Visitor(base);
    await enter(other, email, PASSWORD);
    const page = (await visitor.get('/account')).text;
    const ids = [...page.matchAll(/action="\?\/end"[\s\S]*?value="([0-9a-f-]{36})"/g)].map(
      ([, id]) => id ?? '',
    );
    expect(ids).toHaveLength(1);
    expect((await (await newMember()).visitor.post('/account?/end', { id: ids[0] ?? '' })).status).toBe(404);
    expect(await isIn(other)).toBe(true);
    await visitor.post('/account?/end', { id: ids[0] ?? '' });
    expect([await isIn(other), await isIn(visitor)]).toEqual([false, true]);
  });

  it('ends after 90 days even where it is used every day', async () => {
    const { visitor } = await newMember();
    const hash = hashOf(visitor.cookie.split('=')[1] ?? '');
    await owner.db.execute(
      sql`update sessions set opened_at = now() - interval '89 days', seen_at = now() - interval '2 hours' where token_hash = ${hash}`,
    );
    expect(await isIn(visitor)).toBe(true);
    const [row] = await rowsOf<{ days: number }>(
      owner.db,
      sql`select extract(day from expires_at - now())::int as days from sessions where token_hash = ${hash}`,
    );
    expect(row?.days).toBeLessThan(1);
    await owner.db.execute(
      sql`update sessions set opened_at = now() - interval '90 days', expires_at = now() + interval '9 days' where token_hash = ${hash}`,
    );
    expect(await isIn(visitor)).toBe(false);
  });
});

describe('a second factor', () => {
  const codeNow = (secret: string, steps = 0): string =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + steps * 30_000 });

  it('is asked for after the password; each code is taken once, and a code to keep stands in for it', async () => {
    const { visitor, email } = await newMember();
    await visitor.post('/account/second-factor?/begin', {});
    const page = (await visitor.get('/account/second-factor')).text;
    const secret = /key[^>]*>([A-Z2-7 ]{39})</.exec(page)?.[1]?.replaceAll(' ', '') ?? '';
    expect(secret).toHaveLength(32);
    expect((await visitor.post('/account/second-factor?/on', { code: '000000' })).status).toBe(400);
    const on = await visitor.post('/account/second-factor?/on', { code: codeNow(secret, -1) });
    const codes = [...on.text.matchAll(/>([a-z2-9]{5}-[a-z2-9]{5})</g)].map(([, code]) => code ?? '');
    expect(codes).toHaveLength(10);

    const again = new Visitor(base);
    const half = await enter(again, email, PASSWORD);
    expect([half.status, half.location]).toEqual([303, '/sign-in/code']);
    // The password alone opens nothing.
    expect(await isIn(again)).toBe(false);
    expect((await again.get('/account')).status).toBe(303);
    expect((await again.post('/sign-in/code?/enter', { code: codeNow(secret, -1) })).status).toBe(400);
    expect((await again.post('/sign-in/code?/enter', { code: codeNow(secret) })).status).toBe(303);
    expect(await isIn(again)).toBe(true);

    const lost = new Visitor(base);
    await enter(lost, email, PASSWORD);
    expect((await lost.post('/sign-in/code?/enter', { code: ` ${codes[0]?.toUpperCase()} ` })).status).toBe(
      303,
    );
    expect(await isIn(lost)).toBe(true);
    const spent = new Visitor(base);
    await enter(spent, email, PASSWORD);
    expect((await spent.post('/sign-in/code?/enter', { code: codes[0] ?? '' })).status).toBe(400);
  });

  it('can be asked of everybody by an owner: nothing of the workspace opens without one', async () => {
    const visitor = await ownPlace(base, 'Careful Gardens');
    const link = await inviteBy(visitor, newAddress());
    const email = newAddress();
    const member = new Visitor(base);
    await member.post(`${link}?/enrol`, { name: 'P. Rowan', email, password: PASSWORD });
    expect(await isIn(member)).toBe(true);
    const page = await visitor.get('/settings');
    const revision = /name="revision" value="(\d+)"/.exec(page.text)?.[1] ?? '';
    const kept = {
      workspace: 'Careful Gardens',
      revision,
      units: 'metric',
      dates: 'day-month',
      numbers: '1,234.5',
    };
    const more = { currency: '', timeZone: 'UTC', retentionYears: '7', secondFactor: 'on' };
    expect((await visitor.post('/settings', { ...kept, ...more })).status).toBe(303);
    const refused = await member.get('/cases');
    expect([refused.status, refused.location]).toEqual([303, '/account/second-factor?wanted']);
    expect((await member.post('/customers', { name: 'x' })).status).toBe(403);
    expect((await member.get('/account')).status).toBe(200);
  });
});

describe('what happened', () => {
  it('is read by owners, in order, and nobody can change or remove a line', async () => {
    const { visitor, email } = await newMember();
    await enter(new Visitor(base), email, 'not the password');
    await visitor.post('/account?/password', {
      ...{
        present: PASSWORD,
        password: 'another five good long words',
        again: 'another five good long words',
      },
    });
    const boss = await asAccount(base, 'owner');
    const { text } = await boss.get('/events');
    for (const said of [
      'was invited as',
      'Joined as technician',
      'A wrong password was typed',
      'The password was changed',
    ])
      expect(text).toContain(said);
    expect(text.indexOf('The password was changed')).toBeLessThan(text.indexOf('A wrong password was typed'));
    expect((await visitor.get('/events')).status).toBe(403);
    expect((await (await asAccount(base, 'householder')).get('/events')).text).not.toContain(email);
    for (const statement of [`update events set person = 'x'`, 'delete from events', 'truncate events'])
      await expect(owner.db.execute(sql.raw(statement)), statement).rejects.toThrow();
  });
});

describe('before roles and removal', () => {
  it('a person proves again to be there, a quarter of an hour after the last time', async () => {
    const { visitor } = await newMember();
    await visitor.post('/account?/found', { workspace: 'Ash and Rowan' });
    const email = newAddress();
    const other = { email, visitor: new Visitor(base) };
    await other.visitor.post(`${await inviteBy(visitor, email)}?/enrol`, {
      ...{ name: 'P. Rowan', email, password: PASSWORD },
    });
    const people = (await visitor.get('/people')).text;
    const id =
      new RegExp(`${other.email}[\\s\\S]*?name="personId" value="([0-9a-f-]{36})"`).exec(people)?.[1] ?? '';
    const hash = hashOf(visitor.cookie.split('=')[1] ?? '');
    await owner.db.execute(
      sql`update sessions set confirmed_at = now() - interval '16 minutes' where token_hash = ${hash}`,
    );
    const asked = await visitor.post('/people?/role', { personId: id, role: 'viewer' });
    expect([asked.status, asked.location]).toEqual([303, '/confirm?to=%2Fpeople']);
    expect((await other.visitor.post('/customers', { name: '' })).status).toBe(400);
    expect((await visitor.post(asked.location, { password: 'wrong words here' })).status).toBe(400);
    expect((await visitor.post(asked.location, { password: PASSWORD })).location).toBe('/people');
    expect((await visitor.post('/people?/role', { personId: id, role: 'viewer' })).status).toBe(200);
    expect((await other.visitor.post('/customers', { name: 'x' })).status).toBe(403);
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
      text
        .replace(/new\.[\d.]+@[\w.]+/g, 'ADDRESS')
        .replace(/nonce="[^"]+"/g, 'NONCE')
        .replace(/sendKey(:|" value=)"[^"]+"/g, 'KEY');
    expect(told(unknown.text)).toBe(told(asked.text));
    expect((await visitor.get('/outbox')).status).toBe(403);
    const boss = await asAccount(base, 'owner');
    const lies = await boss.get('/outbox');
    // What lies there opens nothing by itself, and is shown once.
    expect(lies.text).not.toMatch(/\/(reset|join)\/[\w-]{43}/);
    const shown = await boss.post('/outbox?/link', { id: messageTo(lies.text, email) });
    const link = /\/reset\/[\w-]{43}/.exec(shown.text)?.[0] ?? '';
    expect(link).not.toBe('');
    expect((await boss.post('/outbox?/link', { id: messageTo(lies.text, email) })).status).toBe(404);
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
    await new Visitor(base).post('/forgot', { email });
    expect(messageTo((await (await asAccount(base, 'owner')).get('/outbox')).text, email)).toBe('');
    // It lies in the workspace that they own themselves.
    expect(messageTo((await visitor.get('/outbox')).text, email)).not.toBe('');
  });

  // The firm's owner had a link for the member made, waited until the member founded a household, and opened that.
  it('cannot be set any more by a link of before, once the person has founded a workspace', async () => {
    const { visitor, email } = await newMember();
    await new Visitor(base).post('/forgot', { email });
    const boss = await asAccount(base, 'owner');
    const { text } = await boss.get('/outbox');
    const shown = await boss.post('/outbox?/link', { id: messageTo(text, email) });
    const link = /\/reset\/[\w-]{43}/.exec(shown.text)?.[0] ?? '';
    expect((await new Visitor(base).get(link)).status).toBe(200);
    expect((await visitor.post('/account?/found', { workspace: 'Ash at Home' })).status).toBe(303);
    expect((await new Visitor(base).get(link)).status).toBe(404);
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
