import { spawnSync } from 'node:child_process';
import { createHash, randomUUID } from 'node:crypto';
import {
  closeSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  openSync,
  readFileSync,
  rmSync,
  writeSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { Worker } from 'node:worker_threads';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { placeOf } from '../../../../scripts/cluster.mjs';
import { startInstance, type Instance } from '../../../../scripts/instance.mjs';
import { connect, rowsOf, withWorkspace } from '../db/client';
import * as t from '../db/schema';
import {
  archiveOf,
  asAccount,
  contentOfArchive,
  filesIn,
  FIRM,
  ownPlace,
  sendFile,
  Visitor,
  type Answer,
} from './visit';

const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

/**
 * Asks the server for a small file again and again while work goes on, from a thread of its own, so that the test's own
 * work is not measured; the longest that it took, in milliseconds.
 */
async function longestMeanwhile(base: string, work: () => Promise<unknown>): Promise<number> {
  const looking = new Worker(
    `const { parentPort, workerData } = require('node:worker_threads');
    let longest = 0;
    parentPort.once('message', () => { parentPort.postMessage(longest); process.exit(0); });
    (async () => {
      for (let n = 0; ; n++) {
        const start = performance.now();
        await (await fetch(workerData)).text();
        // The first opens the connection.
        if (n > 0) longest = Math.max(longest, performance.now() - start);
        await new Promise((done) => setTimeout(done, 10));
      }
    })();`,
    { eval: true, workerData: `${base}/favicon.svg` },
  );
  await pause(300);
  await work();
  const longest = new Promise<number>((done) => looking.once('message', done));
  looking.postMessage('enough');
  return longest;
}

/** Waits until the work that an answer leads to is over; what is told of it. */
async function ended(visitor: Visitor, answer: Answer): Promise<{ state: string; trouble: string[] }> {
  const id = /job=([0-9a-f-]{36})/.exec(answer.location)?.[1];
  if (id === undefined)
    return { state: `at once: ${answer.status} ${answer.location}`, trouble: [answer.text] };
  for (;;) {
    const told = JSON.parse((await visitor.get(`/jobs/${id}`)).text) as { state: string; trouble: string[] };
    if (told.state !== 'running') return told;
    await pause(300);
  }
}

const STALL_MS = 200;

describe('files that are wrong or large', () => {
  let instance: Instance;
  let visitor: Visitor;
  beforeAll(async () => {
    instance = await startInstance({ words: ['--still'] });
    visitor = await ownPlace(instance.url, 'Heavy Gardens');
  }, 120_000);
  afterAll(() => instance.stop());

  // 2,000 wrong cards took 245 s, and nobody else was answered meanwhile.
  it('2,000 wrong cards of 60 MB are told by line, and hold nobody up', async () => {
    const shelf = JSON.parse((await visitor.get('/shelf/export')).text) as {
      cards: Record<string, unknown>[];
    };
    const [card] = shelf.cards;
    const wrong = {
      ...shelf,
      cards: Array.from({ length: 2000 }, (_, n) => ({ ...card, id: `x-${n}`, form: 'soup' })),
    };
    let text = JSON.stringify(wrong, null, 1);
    text += '\n'.repeat(Math.max(0, 60_000_000 - text.length));
    let answer: Answer | null = null;
    const longest = await longestMeanwhile(instance.url, async () => {
      answer = await sendFile(visitor, '/shelf/import?/cards', 'file', text);
      await ended(visitor, answer);
    });
    expect(answer).toMatchObject({ status: 400, text: expect.stringMatching(/Line \d+, cards\[0\]\.form/) });
    expect(longest).toBeLessThan(STALL_MS);
  });

  it('60 MB of brackets, of unknown labels and of nothing are refused, and hold nobody up', async () => {
    for (const [path, field, text] of [
      ['/shelf/import?/cards', 'file', '['.repeat(60_000_000)],
      ['/shelf/import?/cards', 'file', `{"a":${'"x"'.repeat(20_000_000)}`],
      ['/shelf/import?/stock', 'stock', `label_id,lot,size,unit\n${'nobody,L1,1,ml\n'.repeat(4_000_000)}`],
      [
        '/keeping?/import',
        'file',
        `{"format":"nimsy-workspace","version":2,"content":${'['.repeat(60_000_000)}`,
      ],
    ] as const) {
      let told = '';
      const longest = await longestMeanwhile(instance.url, async () => {
        const answer = await sendFile(visitor, path, field, text);
        const { state, trouble } = await ended(visitor, answer);
        told = `${state} ${trouble.join(' ')}`;
      });
      expect(told, path).toMatch(/400|refused/);
      expect(longest, path).toBeLessThan(STALL_MS);
    }
  });

  it('a crafted line of 4 MB, or 300,000 fields, is answered within a tenth of a second, signed in or not', async () => {
    const digits = `a=${'1'.repeat(900_000)}&a.unit=ml&a~as=1,234.5`;
    for (const [who, path, body] of [
      [new Visitor(instance.url), '/sign-in?/enter', `email=${'1'.repeat(4_000_000)}`],
      [new Visitor(instance.url), '/sign-in?/enter', 'a=1&'.repeat(300_000)],
      [new Visitor(instance.url), '/sign-in?/enter', `email=${'a'.repeat(15_000)}`],
      [visitor, '/how-much?/take', digits],
      [visitor, '/how-much?/take', 'a=1&'.repeat(240_000)],
    ] as const) {
      const start = performance.now();
      const status = await fetch(instance.url + path, {
        ...{ method: 'POST', body, redirect: 'manual' as const },
        headers: {
          ...{ origin: instance.url, accept: 'text/html', cookie: who.cookie },
          'content-type': 'application/x-www-form-urlencoded',
        },
      }).then(
        async (response) => {
          await response.arrayBuffer();
          return response.status;
        },
        // The rest of a body that is refused is not waited for.
        () => 'cut off' as const,
      );
      expect([400, 413, 'cut off'], path).toContain(status);
      expect(performance.now() - start, `${path} ${body.length}`).toBeLessThan(100);
    }
  });

  it('a body that does not come is given up', { timeout: 60_000 }, async () => {
    const slow = new ReadableStream({
      async pull(controller) {
        await pause(1000);
        controller.enqueue(new TextEncoder().encode('a'));
      },
    });
    const start = performance.now();
    const answer = await fetch(`${instance.url}/sign-in?/enter`, {
      ...{ method: 'POST', body: slow, duplex: 'half' as const },
      headers: {
        ...{ origin: instance.url, 'content-length': '1000' },
        'content-type': 'application/x-www-form-urlencoded',
      },
    } as RequestInit).then(
      ({ status }) => status,
      () => 'cut off',
    );
    expect([408, 'cut off', 411, 413]).toContain(answer);
    expect(performance.now() - start).toBeLessThan(25_000);
  });

  it(
    'a workspace with 700 photographs goes out, in, and out again the same',
    { timeout: 600_000 },
    async () => {
      const owner = connect(instance.ownerUrl, 2);
      const from = await ownPlace(instance.url, 'Photographs');
      const place = { name: 'A place', address: '', latitude: '50', timeZone: 'UTC', note: '' };
      const propertyId = (await from.post('/properties/new', place)).location.split('property=')[1] ?? '';
      await from.post('/cases/new', { propertyId, title: 'Seen' });
      const [one] = await rowsOf<{ id: string; workspace_id: string }>(
        owner.db,
        sql`select id, workspace_id from cases where property_id = ${propertyId}::uuid`,
      );
      if (!one) return expect.fail('no case');
      const noise = await sharp(Buffer.from(createHash('sha512').update('x').digest()), {
        raw: { width: 8, height: 8, channels: 1 },
      })
        .resize(1200, 900)
        .jpeg()
        .toBuffer();
      await withWorkspace(owner.db, one.workspace_id, async (tx) => {
        for (let n = 0; n < 700; n++)
          await tx.insert(t.photos).values({
            ...{
              workspaceId: one.workspace_id,
              caseId: one.id,
              width: 1200,
              height: 900,
              addedBy: 'M. Finch',
            },
            // Each is another picture: JPEG ends where its mark says, whatever stands behind.
            jpeg: Buffer.concat([noise, Buffer.from(`${n} ${'.'.repeat(200_000)}`)]),
            ...{ note: `Picture ${n}`, addedAt: new Date(Date.parse('2027-09-01') + n * 60_000) },
          });
      });
      const first = await archiveOf(from);
      expect(first.length).toBeGreaterThan(140_000_000);
      const into = await ownPlace(instance.url, 'Photographs again');
      let state = '';
      const longest = await longestMeanwhile(instance.url, async () => {
        const form = new FormData();
        form.set('file', new Blob([new Uint8Array(first)]), 'x.zip');
        state = (await ended(into, await into.post('/keeping?/import', form))).state;
      });
      expect(state).toMatch(/done|at once: 303/);
      expect(longest).toBeLessThan(STALL_MS);
      const second = await archiveOf(into);
      const nameless = (content: unknown): string =>
        JSON.stringify(content).replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, 'id');
      const [a, b] = await Promise.all(
        [first, second].map((file) => contentOfArchive<{ content: unknown }>(file)),
      );
      expect(nameless(b?.content)).toBe(nameless(a?.content));
      expect([...(await filesIn(second)).keys()].sort()).toEqual([...(await filesIn(first)).keys()].sort());
      // And it can be removed: the export of the present state was just taken.
      const name = (a?.content as { name: string }).name;
      expect((await into.post('/keeping?/remove', { name })).location).toBe('/account');
      await owner.close();
    },
  );
});

const postmaster = (data: string): number =>
  Number(readFileSync(join(placeOf(data), 'postmaster.pid'), 'utf8').split('\n')[0]);

describe('killed ten times while people write', () => {
  it('nothing that was acknowledged is lost or doubled', { timeout: 600_000 }, async () => {
    const data = mkdtempSync(join(tmpdir(), 'nimsy-kills-'));
    const acknowledged: string[] = [];
    let instance = await startInstance({ data, words: ['--still'] });
    for (let kill = 0; kill < 10; kill++) {
      const { url, pid } = instance;
      const boss = await asAccount(url, 'owner');
      let going = true;
      const writers = Array.from({ length: 4 }, async (_, writer) => {
        for (let n = 0; going; n++) {
          const name = `K${kill} W${writer} N${n}.`;
          const sent = { name, language: 'English', sendKey: randomUUID() };
          const first = await boss.post('/customers', sent).catch(() => null);
          if (first?.status !== 303) continue;
          acknowledged.push(name);
          // The answer was lost, so it is sent again.
          if (n % 3 === 0) await boss.post('/customers', sent).catch(() => null);
        }
      });
      await pause(700 + 150 * kill);
      const database = postmaster(data);
      process.kill(pid, 'SIGKILL');
      if (kill % 2 === 1) process.kill(database, 'SIGKILL');
      going = false;
      await Promise.all(writers);
      while (existsSync(`/proc/${pid}`)) await pause(100);
      instance = await startInstance({ data, words: ['--still'] });
      // A database whose parent alone was killed goes on, and is found again.
      if (kill % 2 === 0) expect(postmaster(data), `kill ${kill}`).toBe(database);
    }
    const owner = connect(instance.ownerUrl, 1);
    const rows = await rowsOf<{ name: string; n: number }>(
      owner.db,
      sql`select name, count(*)::int as n from customers where workspace_id = ${FIRM} and name like 'K%W%N%' group by name`,
    );
    await owner.close();
    await instance.stop();
    const counts = new Map(rows.map(({ name, n }) => [name, n]));
    console.info(`${acknowledged.length} acknowledged writes over ten kills`);
    expect(acknowledged.length).toBeGreaterThan(50);
    expect(acknowledged.filter((name) => counts.get(name) !== 1)).toEqual([]);
    expect(rows.filter(({ n }) => n !== 1)).toEqual([]);
  });
});

describe('a full disk', () => {
  it(
    'is told with each save that nothing was saved; once there is room it goes on, and nothing is lost',
    { timeout: 300_000 },
    async (context) => {
      const disk = mkdtempSync(join(tmpdir(), 'nimsy-disk-'));
      const mount = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=300m,mode=755', 'tmpfs', disk]);
      if (mount.status !== 0) context.skip('this machine lets nobody mount a small disk');
      let instance: Instance | undefined;
      try {
        const data = join(disk, 'data');
        mkdirSync(data, { mode: 0o755 });
        instance = await startInstance({ data, words: ['--still'] });
        const boss = await asAccount(instance.url, 'owner');
        const save = async (name: string) =>
          (await boss.post('/customers', { name, language: 'English', sendKey: randomUUID() })).status;
        expect(await save('Before it was full.')).toBe(303);
        expect(postmaster(data), 'the database stands on that disk').toBeGreaterThan(0);
        // All that is free is taken, then what the database had set aside for its log.
        const ballast = join(disk, 'ballast');
        const file = openSync(ballast, 'w');
        const block = Buffer.alloc(65_536);
        expect(() => {
          for (;;) writeSync(file, block);
        }).toThrow('ENOSPC');
        closeSync(file);
        const superuser = new pg.Client({ connectionString: instance.superUrl });
        superuser.on('error', () => undefined);
        await superuser.connect();
        await expect(
          (async () => {
            for (;;)
              await superuser.query(`select pg_logical_emit_message(false, 'x', repeat('y', 1000000))`);
          })(),
        ).rejects.toThrow();
        for (let n = 0; n < 20; n++) {
          const { status, text } = await boss.post('/customers', {
            name: `While full ${n}.`,
            language: 'English',
          });
          expect([status, text]).toEqual([503, expect.stringContaining('Nothing was saved')]);
          await pause(100);
        }
        rmSync(ballast);
        let tries = 0;
        while ((await save('After it was full.')) !== 303 && ++tries < 120) await pause(500);
        const owner = connect(instance.ownerUrl, 1);
        const names = await rowsOf<{ name: string }>(
          owner.db,
          sql`select name from customers where name like '% full%' order by name`,
        );
        await owner.close();
        expect(names.map(({ name }) => name)).toEqual(['After it was full.', 'Before it was full.']);
      } finally {
        await instance?.stop();
        spawnSync('umount', [disk]);
      }
    },
  );
});
