import { sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import sharp from 'sharp';
import { connect, rowsOf } from '../db/client';
import { asAccount, FIRM, type Answer, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(() => owner.close());

/** The rows of a table of the firm, whole. */
async function textsOf(table: string): Promise<string[]> {
  const rows = await rowsOf<{ row: string }>(
    owner.db,
    sql.raw(
      `select to_jsonb(x)::text as row from ${table} x where workspace_id = '${FIRM}' order by to_jsonb(x)::text`,
    ),
  );
  return rows.map(({ row }) => row);
}
const first = async (query: string): Promise<Record<string, string>> =>
  (await rowsOf<Record<string, string>>(owner.db, sql.raw(query)))[0] ?? {};

const picture = async (): Promise<Blob> =>
  new Blob([
    new Uint8Array(
      await sharp({ create: { width: 60, height: 40, channels: 3, background: '#5a7a3a' } })
        .jpeg()
        .toBuffer(),
    ),
  ]);

/** What was removed, by the address that offers to put it back. */
const removedId = ({ status, location }: Answer): string => {
  expect(status).toBe(303);
  const id = /\?removed=[a-z-]+\.([0-9a-f-]{36})$/.exec(location)?.[1];
  expect(id, location).toBeDefined();
  return id ?? '';
};

/** Removes something, looks that it is gone and offered, puts it back, and looks that every row is as it was. */
async function thereAndBack(visitor: Visitor, tables: string[], remove: () => Promise<Answer>) {
  const before = await Promise.all(tables.map(textsOf));
  const answer = await remove();
  const id = removedId(answer);
  const without = await Promise.all(tables.map(textsOf));
  tables.forEach((table, i) => expect(without[i], table).not.toEqual(before[i]));
  expect((await visitor.get(answer.location)).text).toContain('Put it back');
  const other = await asAccount(base, 'householder');
  expect((await other.post('/put-back', { id })).status).toBe(404);
  expect((await (await asAccount(base, 'office')).post('/put-back', { id })).status).toBe(403);
  expect(await Promise.all(tables.map(textsOf))).toEqual(without);
  expect((await visitor.post('/put-back', { id })).status).toBe(303);
  expect(await Promise.all(tables.map(textsOf))).toEqual(before);
  // A second tap finds nothing more to do, and doubles nothing.
  expect((await visitor.post('/put-back', { id })).status).toBe(404);
  expect(await Promise.all(tables.map(textsOf))).toEqual(before);
}

describe('what was taken away by mistake', () => {
  it('comes back whole: a calibration of a book, with the day since which the tool counts as calibrated', async () => {
    const visitor = await asAccount(base, 'owner');
    const { id = '', tool = '' } = await first(
      `select c.id, c.equipment_id as tool from calibrations c where workspace_id = '${FIRM}' order by done_on desc limit 1`,
    );
    await thereAndBack(visitor, ['calibrations', 'equipment'], () =>
      visitor.post(`/equipment/${tool}?/strike`, { entry: id }),
    );
  });

  it('comes back whole: equipment with all of its book', async () => {
    const visitor = await asAccount(base, 'owner');
    const { tool = '' } = await first(
      `select equipment_id as tool from calibrations where workspace_id = '${FIRM}' group by 1 order by count(*) desc limit 1`,
    );
    await thereAndBack(visitor, ['equipment', 'calibrations'], () =>
      visitor.post(`/equipment/${tool}?/remove`, {}),
    );
  });

  it('comes back whole: a photograph, bytes and all', async () => {
    const visitor = await asAccount(base, 'owner');
    const form = new FormData();
    form.set('photo', await picture(), 'a.jpg');
    form.set('note', 'To be missed');
    await visitor.post('/cases/6/photos?/add', form);
    const { id = '' } = await first(`select id from photos where note = 'To be missed'`);
    await thereAndBack(visitor, ['photos'], () => visitor.post('/cases/6/photos?/remove', { id }));
  });

  it('comes back whole: a file of a label', async () => {
    const visitor = await asAccount(base, 'owner');
    const form = new FormData();
    form.set('file', await picture(), 'the label.jpg');
    form.set('kind', 'label');
    expect((await visitor.post('/shelf/gillfold-perimeter?/file', form)).status).toBe(303);
    const { id = '' } = await first(`select id from label_files where name = 'the label.jpg'`);
    await thereAndBack(visitor, ['label_files'], () =>
      visitor.post('/shelf/gillfold-perimeter?/remove', { id }),
    );
  });

  it('comes back whole: a job that was kept into a case', async () => {
    const visitor = await asAccount(base, 'owner');
    await owner.db.execute(
      sql.raw(
        `insert into kept_jobs (workspace_id, case_id, fields, kept_at, kept_by) select '${FIRM}', id, '{"method":"film"}', now(), 'somebody' from cases where workspace_id = '${FIRM}' and number = 6`,
      ),
    );
    const { id = '' } = await first(`select id from kept_jobs where kept_by = 'somebody'`);
    await thereAndBack(visitor, ['kept_jobs'], () => visitor.post('/how-much?/drop', { id, case: '6' }));
  });

  it('stays kept where another tool has taken its name meanwhile, and says what to do', async () => {
    const visitor = await asAccount(base, 'owner');
    const { tool = '', name = '' } = await first(
      `select id as tool, name from equipment where workspace_id = '${FIRM}' order by name limit 1`,
    );
    const before = await textsOf('calibrations');
    const id = removedId(await visitor.post(`/equipment/${tool}?/remove`, {}));
    await owner.db.execute(
      sql.raw(
        `insert into equipment select (jsonb_populate_record(null::equipment, (select r.rows->0->'row' || jsonb_build_object('id', gen_random_uuid()) from removed r where id = '${id}'))).*`,
      ),
    );
    const answer = await visitor.post('/put-back', { id });
    expect([answer.status, answer.text.includes('Something of that name stands in its place')]).toEqual([
      409,
      true,
    ]);
    await owner.db.execute(
      sql.raw(
        `delete from equipment where workspace_id = '${FIRM}' and name = '${name.replaceAll("'", "''")}'`,
      ),
    );
    expect((await visitor.post('/put-back', { id })).status).toBe(303);
    expect(await textsOf('calibrations')).toEqual(before);
  });

  it('is gone for good after a day', async () => {
    const visitor = await asAccount(base, 'owner');
    const { id = '', tool = '' } = await first(
      `select id, equipment_id as tool from calibrations where workspace_id = '${FIRM}' order by done_on limit 1`,
    );
    const before = await textsOf('calibrations');
    const removed = removedId(await visitor.post(`/equipment/${tool}?/strike`, { entry: id }));
    await owner.db.execute(
      sql.raw(`update removed set removed_at = now() - interval '25 hours' where id = '${removed}'`),
    );
    expect((await visitor.post('/put-back', { id: removed })).status).toBe(404);
    await owner.db.execute(sql.raw(`update removed set removed_at = now() where id = '${removed}'`));
    expect((await visitor.post('/put-back', { id: removed })).status).toBe(303);
    expect(await textsOf('calibrations')).toEqual(before);
  });
});
