import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { asAccount, type Answer } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const LOADERS = 12;
const CUTS = 25;

/** Connections that are at work when they are cut. */
const CUT = `select count(pg_terminate_backend(pid)) from pg_stat_activity
  where usename = 'nimsy_app' and datname = current_database()`;

describe('busy connections that are cut, 25 times over under readers and writers', () => {
  const statuses = new Map<string, number>();
  const troubles: string[] = [];
  /** What was acknowledged, in the order in which it was. */
  const acknowledged: string[] = [];
  let last = '';

  beforeAll(async () => {
    const superuser = new pg.Client({ connectionString: process.env.NIMSY_TEST_SUPER });
    await superuser.connect();
    const boss = await asAccount(base, 'owner');
    let going = true;
    const note = (answer: Answer) => {
      statuses.set(String(answer.status), (statuses.get(String(answer.status)) ?? 0) + 1);
      if (answer.status === 503) troubles.push(answer.text);
    };
    const readers = Array.from({ length: LOADERS }, async (_, n) => {
      while (going) note(await boss.get(`/cases/6/${['look', 'mix', 'place', 'log'][n % 4]}`));
    });
    const writer = (async () => {
      for (let n = 0; going; n++) {
        const title = `Cut ${n} times over`;
        const answer = await boss.post('/customers', { name: title, language: 'English' });
        note(answer);
        if (answer.status === 303) acknowledged.push(title);
      }
    })();
    for (let cut = 0; cut < CUTS; cut++) {
      await new Promise((resolve) => setTimeout(resolve, 150));
      await superuser.query(CUT);
    }
    // On a slow machine one writer comes to its turn seldom among so many readers.
    for (let wait = 0; wait < 100 && acknowledged.length < 3; wait++)
      await new Promise((resolve) => setTimeout(resolve, 100));
    going = false;
    await Promise.all([...readers, writer]);
    await superuser.end();
    last = (await boss.get('/customers')).text;
  }, 60_000);
  afterAll(() => console.info(`busy: ${JSON.stringify(Object.fromEntries(statuses))}`));

  it('never end the application: it answers afterwards', async () => {
    expect((await fetch(`${base}/healthz`)).status).toBe(200);
  });

  it('are told as 503 with “nothing was saved”, or not at all, and never as 500', () => {
    expect([...statuses.keys()].filter((status) => !['200', '303', '503'].includes(status))).toEqual([]);
    expect(statuses.get('503') ?? 0).toBeGreaterThan(0);
    for (const text of troubles)
      expect(text).toMatch(/The database does not answer. Nothing was saved|Look whether it was kept/);
  });

  it('lose nothing that was acknowledged', () => {
    expect(acknowledged.length).toBeGreaterThan(1);
    for (const title of acknowledged) expect(last).toContain(title);
  });
});
