import { sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { ownPlace } from './visit';

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
