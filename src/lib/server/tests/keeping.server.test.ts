import { sql } from 'drizzle-orm';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { remove, startInstance } from '../../../../scripts/instance.mjs';
import { connect, rowsOf } from '../db/client';
import { checksumOf } from '../store/whole/file';
import { archiveOf, asAccount, contentOfArchive, Visitor, type Answer } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(owner.close);

interface File {
  format: string;
  version: number;
  exportedAt: string;
  checksum: string;
  content: Record<string, unknown> & {
    properties: Record<string, unknown>[];
    cases: Record<string, unknown>[];
    records: Record<string, unknown>[];
  };
}

const exportOf = async (visitor: Visitor): Promise<File> => contentOfArchive(await archiveOf(visitor));

function importInto(visitor: Visitor, text: string | Buffer): Promise<Answer> {
  const form = new FormData();
  form.set('file', new Blob([typeof text === 'string' ? text : new Uint8Array(text)]), 'x.nimsy.zip');
  return visitor.post('/keeping?/import', form);
}

/** The householder in a new, empty workspace. */
async function inNewWorkspace(name: string): Promise<Visitor> {
  const visitor = await asAccount(base, 'householder');
  expect((await visitor.post('/account?/found', { workspace: name })).status).toBe(303);
  return visitor;
}

const problem = ({ text }: Answer): string =>
  (/field-error wide[^>]*>([^<]*)</.exec(text)?.[1] ?? '').replaceAll('&quot;', '"');
const sealed = (file: File): string => JSON.stringify({ ...file, checksum: checksumOf(file.content) });

describe('a whole workspace as one file', () => {
  let file: File;
  beforeAll(async () => {
    file = await exportOf(await asAccount(base, 'owner'));
  });

  it('holds everything, with a checksum that anybody can work out', () => {
    expect(file).toMatchObject({ format: 'nimsy-workspace', version: 2 });
    expect(file.checksum).toBe(checksumOf(file.content));
    expect(file.content.properties.length).toBeGreaterThanOrEqual(6);
    expect(file.content.cases.length).toBeGreaterThanOrEqual(10);
    expect(file.content.records.length).toBeGreaterThanOrEqual(5);
    expect(JSON.stringify(file)).not.toMatch(/argon2|token|password/i);
  });

  it('goes round: read into an empty workspace it gives the same file, but for ids', async () => {
    const visitor = await inNewWorkspace('Read Back');
    const done = await importInto(visitor, JSON.stringify(file));
    expect([done.status, problem(done)]).toEqual([303, '']);
    const back = await exportOf(visitor);
    const anonymous = (value: unknown): string => {
      const names = new Map<string, string>();
      return JSON.stringify(value).replace(/[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}/g, (id) => {
        if (!names.has(id)) names.set(id, `id${names.size}`);
        return names.get(id) ?? '';
      });
    };
    const bodyOf = (plan: unknown): string => JSON.stringify((plan as { body: unknown }).body);
    const inOrder = ({ content }: File) => inOrderOf(structuredClone(content));
    const inOrderOf = (content: File['content']) =>
      anonymous({
        ...content,
        customers: (content.customers as { name: string }[]).sort((a, b) => (a.name < b.name ? -1 : 1)),
        plans: (content.plans as unknown[]).sort((a, b) => (bodyOf(a) < bodyOf(b) ? -1 : 1)),
        properties: content.properties.sort((a, b) => (String(a.name) < String(b.name) ? -1 : 1)),
        records: content.records.sort((a, b) =>
          JSON.stringify([a.loggedAt, a.note, a.product]) < JSON.stringify([b.loggedAt, b.note, b.product])
            ? -1
            : 1,
        ),
      });
    expect(inOrder(back)).toBe(inOrder(file));
    expect((await visitor.get('/cases/6/mix')).text).toContain('Tarnside Turf Liquid');
    const twice = await importInto(visitor, JSON.stringify(file));
    expect([
      twice.status,
      (await visitor.get('/keeping')).text.includes('into an empty workspace only'),
    ]).toEqual([400, true]);
  });

  it('is refused whole when it is damaged or hostile, says what is wrong, and changes nothing', async () => {
    const visitor = await inNewWorkspace('Stays Empty');
    const text = JSON.stringify(file, null, 1);
    const changed = (change: (copy: File) => void): string => {
      const copy = structuredClone(file);
      change(copy);
      return sealed(copy);
    };
    const first = <T>(list: T[]): T => list[0] as T;
    // Each by itself is tried beside the reader (store/whole/check.test.ts).
    const BAD: [string, RegExp][] = [
      ['', /Choose the file/],
      [text.slice(0, text.length / 2), /not JSON/],
      [changed((f) => (first(f.content.records).corrects = first(f.content.records).id)), /circle/],
    ];
    for (const [bad, wanted] of BAD) {
      const answer = await importInto(visitor, bad);
      expect(answer.status, String(wanted)).toBe(400);
      expect(problem(answer)).toMatch(wanted);
    }
    const { content } = await exportOf(visitor);
    expect([content.name, content.properties, content.cases, content.records]).toEqual([
      'Stays Empty',
      [],
      [],
      [],
    ]);
  });
});

describe('deleting', () => {
  it('a workspace takes its owner, its name and an export of the present state, and leaves a tombstone', async () => {
    const visitor = await inNewWorkspace('To Be Gone');
    await importInto(visitor, JSON.stringify(await exportOf(await asAccount(base, 'owner'))));
    const { content } = await exportOf(visitor);
    const name = String(content.name);
    // The import named it as the file does; something is written after the export.
    await visitor.post('/customers', { name: 'Came Later' });
    const remove = (typed: string) => visitor.post('/keeping?/remove', { name: typed });
    expect((await remove(`${name} `)).text).toContain('not that of this workspace');
    expect((await remove(name)).text).toContain('Take an export first');
    const last = await exportOf(visitor);
    const [before] = await rowsOf<{ n: number }>(owner.db, sql`select count(*)::int as n from records`);
    const done = await remove(name);
    expect([done.status, done.location]).toEqual([303, '/account']);
    const [stone] = await rowsOf<Record<string, unknown>>(
      owner.db,
      sql`select * from tombstones order by at desc limit 1`,
    );
    expect(stone).toMatchObject({
      what: 'workspace',
      name,
      by: 'M. Finch',
      records: last.content.records.length,
      export_checksum: last.checksum,
      last_record_hash: expect.stringMatching(/^[0-9a-f]{64}$/),
    });
    const [after] = await rowsOf<{ n: number }>(owner.db, sql`select count(*)::int as n from records`);
    expect((before?.n ?? 0) - (after?.n ?? 0)).toBe(last.content.records.length);
    const gone = String(stone?.workspace_id);
    for (const table of [
      'properties',
      'cases',
      'case_stops',
      'records',
      'labels',
      'memberships',
      'exports',
    ]) {
      const [left] = await rowsOf<{ n: number }>(
        owner.db,
        sql.raw(`select count(*)::int as n from ${table} where workspace_id = '${gone}'`),
      );
      expect(left?.n, table).toBe(0);
    }
    expect((await visitor.get('/account')).status).toBe(200);
  });

  it('of old records keeps the younger ones, and records stay beyond any other statement', async () => {
    const visitor = await inNewWorkspace('Prunes');
    await importInto(visitor, JSON.stringify(await exportOf(await asAccount(base, 'owner'))));
    const page = await visitor.get('/settings');
    const revision = /name="revision" value="(\d+)"/.exec(page.text)?.[1] ?? '';
    const kept = {
      ...{ workspace: 'Prunes', revision, units: 'metric', dates: 'day-month', numbers: '1,234.5' },
      ...{ currency: '', timeZone: 'UTC', retentionYears: '2' },
    };
    expect((await visitor.post('/settings', kept)).status).toBe(303);
    const { content } = await exportOf(visitor);
    const old = content.records.filter((r) => String(r.doneOn) < '2025-09-15').length;
    expect(old).toBeGreaterThan(0);
    expect((await visitor.post('/keeping?/prune', { name: 'Prunes' })).text).toContain(
      'old records are deleted',
    );
    const after = (await exportOf(visitor)).content.records;
    expect(after.length).toBe(content.records.length - old);
    expect(after.every((r) => String(r.doneOn) >= '2025-09-15')).toBe(true);
    await expect(owner.db.execute(sql`delete from records`)).rejects.toThrow();
  });
});

describe('backup and restore from the terminal', () => {
  const dir = mkdtempSync(join(tmpdir(), 'nimsy-keep-'));
  const nimsy = (...words: string[]) =>
    spawnSync(process.execPath, ['scripts/nimsy.mjs', ...words], { encoding: 'utf8', timeout: 100_000 });
  afterAll(() => {
    rmSync(dir, { recursive: true, force: true });
    if (existsSync(join(dir, 'other'))) remove(join(dir, 'other'));
  });

  it(
    'goes round, refuses to overwrite without being told, and refuses a broken file',
    { timeout: 200_000 },
    async () => {
      const data = mkdtempSync(join(tmpdir(), 'nimsy-keep-data-'));
      const first = await startInstance({ data, words: ['--still'] });
      const boss = await asAccount(first.url, 'owner');
      await boss.post('/customers', { name: 'Only In The Backup' });
      const file = join(dir, 'all.nimsy');
      const made = nimsy('backup', file, '--data', data);
      expect(made.status, made.stderr).toBe(0);
      expect(statSync(file).mode & 0o777).toBe(0o600);
      expect(nimsy('backup', file, '--data', data)).toMatchObject({
        status: 1,
        stderr: expect.stringContaining('--replace'),
      });
      const added = await boss.post('/customers', { name: 'After The Backup' });
      expect(nimsy('restore', file, '--data', data, '--replace')).toMatchObject({
        status: 1,
        stderr: expect.stringContaining('already runs'),
      });
      process.kill(first.pid, 'SIGTERM');
      for (let i = 0; i < 100 && existsSync(join(data, 'running.json')); i++)
        await new Promise((resolve) => setTimeout(resolve, 100));

      expect(nimsy('restore', file, '--data', data)).toMatchObject({
        status: 1,
        stderr: expect.stringContaining('--replace'),
      });
      const broken = join(dir, 'broken.nimsy');
      writeFileSync(broken, 'PGDMP and nothing more');
      expect(nimsy('restore', broken, '--data', data, '--replace')).toMatchObject({
        status: 1,
        stderr: expect.stringContaining('Nothing was changed'),
      });
      const back = nimsy('restore', file, '--data', data, '--replace');
      expect(back.status, back.stderr).toBe(0);
      const second = await startInstance({ data, words: ['--still'] });
      const customers = (await (await asAccount(second.url, 'owner')).get('/customers')).text;
      expect([customers.includes('Only In The Backup'), customers.includes('After The Backup')]).toEqual([
        true,
        false,
      ]);
      expect((await boss.elsewhere(second.url).get(added.location)).status).toBe(404);
      const app = connect(second.databaseUrl, 1);
      await expect(app.db.execute(sql`select * from people`)).rejects.toThrow();
      await app.close();
      await second.stop();
    },
  );
});
