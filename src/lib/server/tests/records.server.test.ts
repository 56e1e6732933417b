import { randomUUID } from 'node:crypto';
import { eq, sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { DEFAULT_SETTINGS } from '../../forms';
import type { CalendarDay } from '../../core/units';
import { connect, withWorkspace, rowsOf } from '../db/client';
import * as t from '../db/schema';
import { noWeather } from '../outside/weather';
import { loadCase, openCase } from '../store/cases';
import { saveStop } from '../store/stops';
import { appendRecord, pageOfRecords, type NewRecord } from '../store/records';

/** The firm of the demonstration. */
const FIRM = '00000000-0000-4000-8000-000000000001';
const app = connect(process.env.NIMSY_TEST_DATABASE ?? '', 4);
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(() => Promise.all([app.close(), owner.close()]));

const around = {
  now: new Date('2027-09-15T06:30:00Z'),
  today: '2027-09-15' as CalendarDay,
  zone: 'Europe/London',
  weather: noWeather,
  licence: null,
  real: false,
  settings: DEFAULT_SETTINGS,
};
/** The server's own words of a failed statement. */
async function failure(work: PromiseLike<unknown>): Promise<string> {
  try {
    await work;
    return 'it was done';
  } catch (error) {
    const cause = (error as Error).cause;
    return cause instanceof Error ? cause.message : (error as Error).message;
  }
}

describe('records in the database', () => {
  it('cannot be changed or removed by the application, nor by the owner of the tables', async () => {
    const all = () =>
      withWorkspace(app.db, FIRM, async (tx) => (await pageOfRecords(tx, { most: 1000 })).rows);
    const before = await all();
    expect(before.length).toBeGreaterThanOrEqual(5);
    const id = before[0]?.record.id ?? '';
    const change = { doneOn: '2001-01-01' };
    for (const { db } of [app, owner]) {
      expect(await failure(db.update(t.records).set(change).where(eq(t.records.id, id)))).toMatch(
        /append-only|permission denied/,
      );
      expect(await failure(db.delete(t.records).where(eq(t.records.id, id)))).toMatch(
        /append-only|permission denied/,
      );
      expect(await failure(db.execute(sql`truncate records cascade`))).toMatch(
        /append-only|permission denied/,
      );
    }
    expect(await failure(app.db.update(t.labels).set({ card: {} }))).toMatch(/append-only|permission denied/);
    expect(await all()).toEqual(before);
  });

  it('are corrected once at most, by a new one that names the old', async () => {
    const [old] = await withWorkspace(app.db, FIRM, (tx) => tx.select().from(t.records).limit(1));
    if (!old) return expect.fail('no record');
    const body = old.body as never;
    const undo = new Error('undo');
    const correct = withWorkspace(owner.db, FIRM, async (tx) => {
      const at = { sendKey: null, caseId: old.caseId, propertyId: old.propertyId };
      const again = { ...(body as object), doneOn: old.doneOn, corrects: old.id } as never;
      expect((await appendRecord(tx, at, again)).done).toBe('logged');
      expect(await appendRecord(tx, at, again)).toEqual({ done: 'corrected-before' });
      throw undo;
    });
    await expect(correct).rejects.toBe(undo);
    const after = await withWorkspace(app.db, FIRM, (tx) =>
      tx.select().from(t.records).where(eq(t.records.corrects, old.id)),
    );
    expect(after).toEqual([]);
  });

  // An answer was lost, 30 ml were corrected to 300 ml, the form was sent again: “accepted”, and 30 ml stayed.
  it('are written once when the same form is sent twice; with another content it is a conflict', async () => {
    const [old] = await withWorkspace(app.db, FIRM, (tx) => tx.select().from(t.records).limit(1));
    if (!old) return expect.fail('no record');
    const record = { ...(old.body as NewRecord), doneOn: old.doneOn as CalendarDay, corrects: null };
    const sendKey = '11111111-1111-4111-8111-111111111111';
    const rollBack = new Error('undo');
    const work = withWorkspace(app.db, FIRM, async (tx) => {
      const at = { sendKey, caseId: old.caseId, propertyId: old.propertyId };
      const first = await appendRecord(tx, at, record);
      expect(first.done).toBe('logged');
      expect(await appendRecord(tx, at, record)).toEqual({ ...first, done: 'as-before' });
      const more = { ...record, product: { ...record.product, value: record.product.value * 10 } };
      expect(await appendRecord(tx, at, more)).toMatchObject({
        done: 'other-content',
        stands: { product: record.product },
      });
      const rows = await tx.select().from(t.records).where(eq(t.records.sendKey, sendKey));
      expect(rows).toHaveLength(1);
      throw rollBack;
    });
    await expect(work).rejects.toBe(rollBack);
  });

  it('are of the database’s time and of the account that acts, whatever is said', async () => {
    const [old] = await withWorkspace(app.db, FIRM, (tx) => tx.select().from(t.records).limit(1));
    const [who] = await rowsOf<{ id: string; name: string }>(
      owner.db,
      sql`select id, name from people where email = 't.marsh@ostermere.example'`,
    );
    if (!old || !who) return expect.fail('no record');
    const rollBack = new Error('undo');
    const insert = (more: object) =>
      withWorkspace(
        app.db,
        FIRM,
        async (tx) => {
          if ('importing' in more) await tx.execute(sql`select set_config('nimsy.importing', 'yes', true)`);
          const [row] = await tx
            .insert(t.records)
            .values({
              ...{ id: randomUUID(), workspaceId: FIRM, caseId: old.caseId, propertyId: old.propertyId },
              ...{ doneOn: old.doneOn, body: old.body, loggedAt: new Date('2001-01-01T00:00:00Z') },
              ...{ account: 'Somebody else', cameFrom: 'elsewhere' },
            })
            .returning();
          expect(row).toMatchObject(
            'importing' in more ? { account: 'Somebody else' } : { account: who.name, cameFrom: '192.0.2.7' },
          );
          expect(row?.loggedAt.getUTCFullYear()).toBe('importing' in more ? 2001 : 2027);
          // What is read in from a file says so.
          expect(row?.importedAt?.getUTCFullYear()).toBe('importing' in more ? 2027 : undefined);
          throw rollBack;
        },
        { personId: who.id, from: '192.0.2.7' },
      );
    await expect(insert({})).rejects.toBe(rollBack);
    await expect(insert({ importing: true })).rejects.toBe(rollBack);
  });
});

describe('the tables', () => {
  it('all carry their workspace, but for the few that are listed', async () => {
    const rows = await rowsOf<{ table_name: string }>(
      owner.db,
      sql`
      select table_name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'
      and table_name not in (select table_name from information_schema.columns where table_schema = 'public' and column_name = 'workspace_id')`,
    );
    expect(rows.map((row) => row.table_name).sort()).toEqual([
      'attempts',
      'installation',
      'known_browsers',
      'password_links',
      'people',
      'recovery_codes',
      'workspaces',
    ]);
  });

  it('do not let a case stand on another workspace’s property', async () => {
    const other = '00000000-0000-4000-8000-0000000000ff';
    const [property] = await owner.db.select().from(t.properties).limit(1);
    const result = await withWorkspace(app.db, other, (tx) =>
      openCase(tx, { propertyId: property?.id ?? '', title: 'x', openedOn: '2027-09-15' }),
    );
    expect(result).toBeNull();
    const forced = owner.db.insert(t.cases).values({
      workspaceId: other,
      propertyId: property?.id ?? '',
      number: 1,
      title: 'x',
      openedOn: '2027-09-15',
    });
    expect(await failure(forced)).toContain('foreign key');
  });

  it('are reached over loopback by password only', async () => {
    const url = new URL(process.env.NIMSY_TEST_DATABASE ?? '');
    url.password = 'wrong';
    const wrong = connect(url.href, 1);
    expect(await failure(wrong.db.execute(sql`select 1`))).toContain('password authentication failed');
    await wrong.close();
    const [row] = await rowsOf<{ listen: string }>(
      owner.db,
      sql`select current_setting('listen_addresses') as listen`,
    );
    expect(row?.listen).toBe('127.0.0.1');
  });
});

describe('the stops of a case', () => {
  it('keep their revision when the same answer is saved again, and tell what they were built on', async () => {
    const undo = new Error('undo');
    const work = withWorkspace(app.db, FIRM, async (tx) => {
      const load = async () => (await loadCase(tx, 6, around))?.loaded ?? expect.fail('case 6 is missing');
      const first = await load();
      const mix = first.facts.stops.mix ?? expect.fail('no mix');
      const on = (revision: number | undefined) => ({
        basedOn: revision ?? 0,
        seen: null,
        mine: new Set<string>(),
      });
      await saveStop(tx, first, 'mix', mix, 'x', around.now, on(first.facts.states.mix?.revision));
      const same = await load();
      expect(same.facts.states.mix?.revision).toBe(first.facts.states.mix?.revision);
      await saveStop(
        tx,
        same,
        'measure',
        { ...(same.facts.stops.measure ?? expect.fail()), strip: 7 },
        'x',
        around.now,
        on(first.facts.states.measure?.revision),
      );
      const changed = await load();
      expect(changed.facts.states.measure?.revision).toBe((first.facts.states.measure?.revision ?? 0) + 1);
      expect(changed.facts.states.mix?.upstream.measure).toBe(first.facts.states.measure?.revision);
      throw undo;
    });
    await expect(work).rejects.toBe(undo);
  });

  it('get case numbers one after another, also when many are opened at once', async () => {
    const [property] = await withWorkspace(app.db, FIRM, (tx) => tx.select().from(t.properties).limit(1));
    const open = () =>
      withWorkspace(app.db, FIRM, (tx) =>
        openCase(tx, { propertyId: property?.id ?? '', title: 'at once', openedOn: '2027-09-15' }),
      );
    const numbers = await Promise.all(Array.from({ length: 8 }, open));
    expect(new Set(numbers).size).toBe(8);
  });
});
