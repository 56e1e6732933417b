import { sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { asAccount, FIRM, ownPlace, plain } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const { db, close } = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(close);

/** What no page shows that is kept: who may enter, what was sent, what is being worked on. */
const NOT_COUNTED = [
  ...[
    'events',
    'exports',
    'invitations',
    'jobs',
    'memberships',
    'outbox',
    'sends',
    'sessions',
    'shared_links',
  ],
  ...['case_stop_history', 'tombstones', 'workspace_revisions'],
];

describe('changes of a workspace are counted', () => {
  const revision = async (name: string): Promise<number> =>
    Number(
      (
        await rowsOf<{ revision: string }>(
          db,
          sql`select r.revision from workspace_revisions r join workspaces w on w.id = r.workspace_id where w.name = ${name}`,
        )
      )[0]?.revision ?? 0,
    );

  it('in every table that a page reads', async () => {
    const rows = await rowsOf<{ name: string; counted: boolean }>(
      db,
      sql`select c.relname as name, exists (select 1 from pg_trigger g where g.tgrelid = c.oid and g.tgname = 'changes_are_counted') as counted
        from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'workspace_id' and not a.attisdropped
        where c.relkind = 'r' and c.relnamespace = 'public'::regnamespace`,
    );
    expect(rows.filter(({ counted }) => counted).length).toBeGreaterThan(15);
    expect(
      rows.filter(({ name, counted }) => counted === NOT_COUNTED.includes(name)).map(({ name }) => name),
    ).toEqual([]);
  });

  it('once for each transaction, however many rows it wrote', async () => {
    await ownPlace(base, 'Counted Gardens');
    const before = await revision('Counted Gardens');
    await db.execute(
      sql`insert into customers (workspace_id, name, contact, language, access, pets, consents_to_notices)
        select w.id, 'Customer ' || n, '', 'English', '', '', false from workspaces w, generate_series(1, 500) n where w.name = 'Counted Gardens'`,
    );
    expect(await revision('Counted Gardens')).toBe(before + 1);
  });

  it('and a page that was read before shows what anybody wrote since, by whatever way', async () => {
    const visitor = await ownPlace(base, 'Shared Gardens');
    const place = { name: 'Old Orchard', address: '', latitude: '50', timeZone: 'UTC', note: '' };
    expect((await visitor.post('/properties/new', place)).status).toBe(303);
    expect((await visitor.get('/properties')).text).toContain('Old Orchard');
    const before = await revision('Shared Gardens');
    // Another process, or a person at the database itself.
    await db.execute(
      sql`update properties p set name = 'New Orchard' from workspaces w where w.id = p.workspace_id and w.name = 'Shared Gardens'`,
    );
    expect(await revision('Shared Gardens')).toBe(before + 1);
    const { text } = await visitor.get('/properties');
    expect(text).toContain('New Orchard');
    expect(text).not.toContain('Old Orchard');
  });
});

describe('a second product that an earlier version kept in the answer of Mix', () => {
  it('is a treatment that shares the tank, with its rate and its jar; a second look changes nothing', async () => {
    const visitor = await asAccount(base, 'owner');
    const rows = sql`select s.treatment, s.stop, s.body, s.revision from case_stops s join cases c on c.id = s.case_id where c.workspace_id = ${FIRM} and c.number = 6 and s.stop in ('choose', 'mix') order by 1, 2`;
    const before = await rowsOf<{ treatment: number }>(db, rows);
    expect(before.map(({ treatment }) => treatment)).toEqual([1, 1]);
    const partner = {
      ...{
        label: 'sallowfold-bacterium',
        rate: 50,
        jarOn: '2027-09-14',
        jarBy: 'R. Hallow',
        jarResult: 'mixes',
      },
    };
    await db.execute(
      sql`update case_stops s set body = s.body || ${JSON.stringify({ partner })}::jsonb from cases c
        where c.id = s.case_id and c.workspace_id = ${FIRM} and c.number = 6 and s.stop = 'mix'`,
    );
    for (const _again of [1, 2]) await db.execute(sql`select second_products_as_treatments()`);
    const after = await rowsOf<{ treatment: number; stop: string; body: Record<string, unknown> }>(db, rows);
    expect(after.map(({ treatment, stop }) => `${treatment} ${stop}`)).toEqual([
      ...['1 choose', '1 mix', '2 choose', '2 mix'],
    ]);
    expect(after[1]?.body).not.toHaveProperty('partner');
    expect(after[2]?.body).toMatchObject({ label: partner.label });
    const { jarOn, jarBy, jarResult } = partner;
    expect(after[3]?.body).toMatchObject({
      rate: 50,
      lot: null,
      shared: { with: 1, jarOn, jarBy, jarResult },
    });
    // It reads as any other: the same ground, the tank of the first.
    const { status, text } = await visitor.get('/cases/6/2/mix');
    expect([status, plain(text).includes('Sallowfold')]).toEqual([200, true]);
    expect(plain((await visitor.get('/cases/6/1/mix')).text)).toContain('goes into this tank as well');
    await db.execute(
      sql`delete from case_stops s using cases c where c.id = s.case_id and c.workspace_id = ${FIRM} and c.number = 6 and s.treatment = 2`,
    );
    await db.execute(
      sql`delete from treatments t using cases c where c.id = t.case_id and c.workspace_id = ${FIRM} and c.number = 6`,
    );
  });
});
