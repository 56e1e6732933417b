import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { request } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { webOf } from '../../../../scripts/bench-large.mjs';
import { placeOf } from '../../../../scripts/cluster.mjs';
import { beginAlone, remove, startInstance, type Instance } from '../../../../scripts/instance.mjs';
import { connect, rowsOf } from '../db/client';
import { asAccount, emptyDatabase, Visitor } from './visit';

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
async function until(done: () => Promise<boolean> | boolean): Promise<void> {
  for (let i = 0; i < 150; i++) {
    if (await done()) return;
    await pause(100);
  }
  expect.fail('it never came to that');
}
const alive = (pid: number): boolean => existsSync(`/proc/${pid}`);

const postmaster = (data: string): number =>
  Number(readFileSync(join(placeOf(data), 'postmaster.pid'), 'utf8').split('\n')[0]);
const measure = (length: string, basedOn: string) => ({
  ...{ how: 'tape', unit: 'm', length, width: '9', strip: '0', basedOn },
});
async function valueOf(visitor: Visitor, name: string): Promise<string> {
  const { text } = await visitor.get('/cases/7/measure');
  return (
    new RegExp(`name="${name}"[^>]*value="([^"]*)"|value="([^"]*)"[^>]*name="${name}"`)
      .exec(text)
      ?.slice(1)
      .find(Boolean) ?? ''
  );
}

describe('faults', () => {
  const data = mkdtempSync(join(tmpdir(), 'nimsy-faults-'));
  let first: Instance;
  beforeAll(async () => {
    first = await startInstance({ data, words: ['--still'] });
  }, 60_000);
  afterAll(async () => {
    await first.stop();
  });

  it(
    'of the database under the running server are told plainly; it comes back by itself',
    { timeout: 60_000 },
    async () => {
      const boss = await asAccount(first.url, 'owner');
      const basedOn = await valueOf(boss, 'basedOn');
      process.kill(postmaster(data), 'SIGKILL');
      // A backend that is left over answers once more before it notices that it is alone.
      let away = await boss.get('/cases/7/measure');
      await until(async () => (away = await boss.get('/cases/7/measure')).status === 503);
      expect(away.text).toContain('The database does not answer. Nothing was saved');
      expect(away.text).not.toMatch(/ECONNREFUSED|\bat file:|postgres/);
      expect((await boss.post('/cases/7/measure?/save', measure('44', basedOn))).status).toBe(503);
      await until(async () => (await boss.get('/cases/7/measure')).status === 200);
      expect(await valueOf(boss, 'length')).not.toBe('44');
      expect((await boss.post('/cases/7/measure?/save', measure('20', basedOn))).status).toBe(200);
      expect(first.said()).toContain('The database had ended and is started again.');
      expect(first.said()).not.toMatch(/password|nimsy_demo=/i);
    },
  );

  it(
    'of the web server alone end with another one; the database is not touched',
    { timeout: 60_000 },
    async () => {
      const boss = await asAccount(first.url, 'owner');
      const database = postmaster(data);
      const web = webOf(first.pid);
      process.kill(web, 'SIGKILL');
      await until(async () => (await boss.get('/cases/7/measure').catch(() => null))?.status === 200);
      expect(webOf(first.pid)).not.toBe(web);
      expect(postmaster(data)).toBe(database);
    },
  );

  it('in the middle of a save leave all of it or nothing', { timeout: 90_000 }, async () => {
    // The superuser sees what others wait for.
    const owner = connect(first.superUrl, 2);
    const boss = await asAccount(first.url, 'owner');
    const basedOn = await valueOf(boss, 'basedOn');
    const history = async (): Promise<number> => {
      const [row] = await rowsOf<{ n: number }>(
        owner.db,
        sql`select count(*)::int as n from case_stop_history`,
      );
      return row?.n ?? 0;
    };
    const before = [await valueOf(boss, 'length'), await history()];
    // The save has written the answer and waits to write its history when the server dies.
    let saving: Promise<unknown> = Promise.resolve();
    await owner.db.transaction(async (tx) => {
      await tx.execute(sql`lock table case_stop_history in access exclusive mode`);
      saving = boss.post('/cases/7/measure?/save', measure('33', basedOn)).catch(() => 'cut off');
      await until(async () => {
        const [row] = await rowsOf<{ n: number }>(
          owner.db,
          sql`select count(*)::int as n from pg_stat_activity where wait_event_type = 'Lock' and query ilike '%case_stop_history%'`,
        );
        return (row?.n ?? 0) > 0;
      });
      process.kill(first.pid, 'SIGKILL');
      await until(() => !alive(first.pid));
    });
    await saving;
    await owner.close();
    first = await startInstance({ data, words: ['--still'] });
    const again = await asAccount(first.url, 'owner');
    const second = connect(first.ownerUrl, 1);
    const [row] = await rowsOf<{ n: number }>(
      second.db,
      sql`select count(*)::int as n from case_stop_history`,
    );
    await second.close();
    const after = [await valueOf(again, 'length'), row?.n ?? 0];
    const whole = ['33', Number(before[1]) + 1];
    expect([before, whole]).toContainEqual(after);
    expect(
      (await again.post('/cases/7/measure?/save', measure('21', await valueOf(again, 'basedOn')))).status,
    ).toBe(200);
  });
});

describe('beyond this machine', () => {
  const nimsy = (...words: string[]) =>
    spawnSync(process.execPath, ['scripts/nimsy.mjs', ...words], { encoding: 'utf8', timeout: 60_000 });

  it('plain HTTP is refused, and so is the demonstration', () => {
    const data = mkdtempSync(join(tmpdir(), 'nimsy-net-'));
    for (const [words, wanted] of [
      [['demo', '--host', '0.0.0.0'], /this machine alone/],
      [['start', '--data', data, '--behind', 'http://nimsy.example'], /https address/],
      [
        ['start', '--data', data, '--behind', 'https://nimsy.example', '--host', '0.0.0.0'],
        /Plain HTTP beyond/,
      ],
      [['start', '--data', data, '--host', '0.0.0.0', '--cert', '/nowhere'], /belong together/],
      [['start', '--data', data, '--host', '0.0.0.0', '--cert', '/nowhere', '--key', '/nowhere'], /no file/],
    ] as const) {
      const { status, stderr } = nimsy(...words);
      expect([status, stderr], words.join(' ')).toEqual([2, expect.stringMatching(wanted)]);
    }
    remove(data);
  });

  it(
    'is served over HTTPS by an authority of its own, to an owner who read the key',
    { timeout: 90_000 },
    async () => {
      const data = mkdtempSync(join(tmpdir(), 'nimsy-net-'));
      const net = await startInstance({
        ...{ mode: 'start' as const, data, words: ['--host', '0.0.0.0'] },
        env: await emptyDatabase(),
      });
      const ca = readFileSync(join(data, 'authority', 'ca.crt'), 'utf8');
      const ask = (path: string, body?: Record<string, string>) =>
        new Promise<{ status: number; text: string; cookie: string }>((done, fail) => {
          const call = request(
            {
              ...{ host: '127.0.0.1', port: net.port, path, ca, servername: 'localhost' },
              method: body ? 'POST' : 'GET',
              headers: {
                accept: 'text/html',
                host: `localhost:${net.port}`,
                ...(body
                  ? {
                      'content-type': 'application/x-www-form-urlencoded',
                      origin: `https://localhost:${net.port}`,
                    }
                  : {}),
              },
            },
            (answer) => {
              let text = '';
              answer.on('data', (chunk) => (text += String(chunk)));
              answer.on('end', () =>
                done({
                  status: answer.statusCode ?? 0,
                  text,
                  cookie: answer.headers['set-cookie']?.[0] ?? '',
                }),
              );
            },
          );
          call.once('error', fail);
          call.end(body ? new URLSearchParams(body).toString() : undefined);
        });
      try {
        await until(() => net.said().includes('/welcome?key='));
        expect((await ask('/welcome')).text.replace(/\s+/g, ' ')).toContain('printed in the terminal');
        const key = /welcome\?key=([\w-]+)/.exec(net.said())?.[1] ?? '';
        const alone = { how: 'only-me', name: 'x', workspace: 'x' };
        expect((await ask('/welcome', alone)).status).toBe(403);
        expect((await ask(`/welcome?key=${key}`, alone)).text).toMatch(/it\s+needs\s+sign-in/);
        const owner = { how: 'people', name: 'A. Brook', workspace: 'Brook', email: 'a@brook.example' };
        const made = await ask(`/welcome?key=${key}`, { ...owner, password: 'a long enough one' });
        expect(made.status).toBe(303);
        expect(made.cookie).toMatch(/^nimsy_session=.*Secure/i);
        const trust = await ask('/trust');
        expect(trust.text).toContain(/SHA-256 ([0-9A-F:]{95})/.exec(net.said())?.[1]);
        expect((await ask('/trust/ca.crt')).text).toBe(ca);
        await expect(fetch(`http://127.0.0.1:${net.port}/`)).rejects.toThrow();
      } finally {
        await net.stop();
      }
    },
  );

  it(
    'is served behind the proxy that is named, under its public address alone',
    { timeout: 60_000 },
    async () => {
      const data = mkdtempSync(join(tmpdir(), 'nimsy-net-'));
      const house = await startInstance({
        mode: 'start',
        data,
        words: ['--behind', 'https://nimsy.example'],
        env: await emptyDatabase(),
      });
      try {
        await until(() => house.said().includes('/welcome?key='));
        const key = /welcome\?key=([\w-]+)/.exec(house.said())?.[1] ?? '';
        expect(house.said()).toContain('Nimsy is ready: https://nimsy.example');
        const owner = { how: 'people', name: 'A. Brook', workspace: 'Brook', email: 'a@brook.example' };
        const send = (origin: string) =>
          fetch(`${house.url}/welcome?key=${key}`, {
            method: 'POST',
            headers: { origin, accept: 'text/html', 'x-forwarded-for': '203.0.113.9' },
            body: new URLSearchParams({ ...owner, password: 'a long enough one' }),
            redirect: 'manual',
          });
        expect((await send('https://elsewhere.example')).status).toBe(403);
        const made = await send('https://nimsy.example');
        expect([made.status, made.headers.getSetCookie()[0]]).toEqual([
          303,
          expect.stringMatching(/Secure/i),
        ]);
        expect(
          (await new Visitor(house.url).get('/sign-in')).headers.get('strict-transport-security'),
        ).toMatch(/max-age/);
      } finally {
        await house.stop();
      }
    },
  );

  it('is refused to a household without a password', { timeout: 60_000 }, async () => {
    const data = mkdtempSync(join(tmpdir(), 'nimsy-net-'));
    const env = await emptyDatabase();
    const alone = await startInstance({ mode: 'start', data, env });
    await beginAlone(alone.url);
    expect((await new Visitor(alone.url).get('/cases')).status).toBe(200);
    process.kill(alone.pid, 'SIGTERM');
    await until(() => !alive(alone.pid));
    for (const words of [
      ['--host', '0.0.0.0'],
      ['--behind', 'https://nimsy.example'],
    ]) {
      const { status, stderr } = spawnSync(
        process.execPath,
        ['scripts/nimsy.mjs', 'start', '--data', data, '--port', '4697', ...words],
        { encoding: 'utf8', timeout: 60_000, env: { ...process.env, ...env } },
      );
      expect([status, stderr]).toEqual([1, expect.stringContaining('by one person on this machine')]);
    }
    remove(data);
  });
});
