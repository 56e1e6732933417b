import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { FIRM, HOME } from './visit';

/** As the superuser, so that one transaction can fill the tables, become the application's role, and be undone. */
const client = new pg.Client({ connectionString: process.env.NIMSY_TEST_SUPER });
const CASES = 30_000;
const OTHER = '00000000-0000-4000-8000-0000000000aa';

interface Node {
  'Node Type': string;
  'Relation Name'?: string;
  'Index Name'?: string;
  Plans?: Node[];
}
const nodesOf = (node: Node): Node[] => [node, ...(node.Plans ?? []).flatMap(nodesOf)];

interface Explained {
  readonly 'QUERY PLAN': [{ Plan: Node }];
}
const plans = new Map<string, Node[]>();
const millis = new Map<string, number>();

/** Statements as the stores send them, with their values. */
const STATEMENTS: Record<string, string> = {
  'one case': `select * from cases where workspace_id = '${FIRM}' and number = 6`,
  'the open cases': `select * from cases where workspace_id = '${FIRM}' and closed_on is null`,
  'a property by its id': `select * from properties where workspace_id = '${FIRM}' and id = '11111111-1111-4111-8111-111111111111'`,
  'the cases of a property': `select * from cases where workspace_id = '${FIRM}' and property_id = '11111111-1111-4111-8111-111111111111'`,
  'the answers of a case': `select * from case_stops where workspace_id = '${FIRM}' and case_id = '11111111-1111-4111-8111-111111111111'`,
  'the records of a property since a day': `select * from records where workspace_id = '${FIRM}' and property_id = '11111111-1111-4111-8111-111111111111' and done_on > '2027-01-01'`,
  'the records of a day': `select * from records where workspace_id = '${FIRM}' and done_on = '2027-09-15'`,
  'the customers': `select * from customers where workspace_id = '${FIRM}' order by name`,
};

beforeAll(async () => {
  const rows = async <T>(statement: string): Promise<T[]> => (await client.query(statement)).rows as T[];
  await client.connect();
  await client.query('begin');
  try {
    // What waits is told by its statement; and no trigger and no reference of 100,000 rows is looked at.
    await rows("set local lock_timeout = '20s'");
    await rows("set local statement_timeout = '60s'");
    await rows('set local session_replication_role = replica');
    await rows(`insert into workspaces (id, name) values ('${OTHER}', 'A large firm')`);
    await rows(`insert into properties (id, workspace_id, name, address, latitude, time_zone, by_water, note)
        select gen_random_uuid(), '${OTHER}', 'Place ' || n, 'Street ' || n, 50, 'UTC', false, '' from generate_series(1, 2000) n`);
    await rows(`insert into cases (workspace_id, property_id, number, title, opened_on, closed_on)
        select '${OTHER}', (array(select id from properties where workspace_id = '${OTHER}'))[1 + n % 2000], n,
          'Brown patches ' || n, '2027-01-01', case when n % 50 = 0 then null else date '2027-02-01' end
        from generate_series(1, ${CASES}) n`);
    await rows(`insert into case_stops (workspace_id, case_id, stop, body, revision, upstream, saved_at, saved_by)
        select workspace_id, id, 'name', '{"candidate":"chafer-grub","stage":null}', 1, '{}', now(), 'x' from cases where workspace_id = '${OTHER}'`);
    await rows(`insert into records (id, workspace_id, case_id, property_id, done_on, body, logged_at)
        select gen_random_uuid(), workspace_id, id, property_id, date '2024-01-01' + number % 1300, '{}', now() from cases where workspace_id = '${OTHER}'`);
    await rows(`insert into customers (workspace_id, name, contact, language, access, pets, consents_to_notices)
        select '${OTHER}', 'Customer ' || n, '', '', '', '', false from generate_series(1, 20000) n`);
    for (const table of ['properties', 'cases', 'case_stops', 'records', 'customers'])
      await rows(`analyze ${table}`);
    await rows('set local session_replication_role = origin');
    await rows('set local role nimsy_app');
    await rows(`select set_config('nimsy.workspace', '${FIRM}', true)`);
    for (const [name, statement] of Object.entries(STATEMENTS)) {
      const [row] = await rows<Explained>(`explain (format json) ${statement}`);
      plans.set(name, nodesOf(row?.['QUERY PLAN'][0].Plan ?? { 'Node Type': 'none' }));
    }
    const timed = async (name: string, statement: string): Promise<unknown[]> => {
      await rows(statement);
      const start = performance.now();
      const found = await rows(statement);
      millis.set(name, performance.now() - start);
      return found;
    };
    // The search runs as its owner: its plan is seen in what it touches.
    await rows(`set local role nimsy_owner`);
    const [found] = await rows<Explained>(
      `explain (format json) select * from cases c where c.workspace_id = '${FIRM}' and to_tsvector('simple', c.title) @@ to_tsquery('simple', 'croquet:*')`,
    );
    plans.set('the search', nodesOf(found?.['QUERY PLAN'][0].Plan ?? { 'Node Type': 'none' }));
    await rows('set local role nimsy_app');
    plans.set('found', [
      { 'Node Type': String((await timed('find', `select * from find_anything('croq', 20)`)).length) },
    ]);
    await rows(`select set_config('nimsy.workspace', '${HOME}', true)`);
    plans.set('found by another', [
      { 'Node Type': String((await timed('find', `select * from find_anything('croq', 20)`)).length) },
    ]);
  } finally {
    await client.query('rollback');
  }
}, 120_000);
afterAll(() => client.end());

describe('under row-level security, with a large firm beside', () => {
  for (const name of Object.keys(STATEMENTS))
    it(`${name} are read by an index, not by reading the table through`, () => {
      const nodes = plans.get(name) ?? [];
      expect(nodes.length).toBeGreaterThan(0);
      const types = nodes.map((node) => node['Node Type']);
      expect(types).not.toContain('Seq Scan');
      expect(types.some((type) => /Index/.test(type))).toBe(true);
    });

  it('the search uses the text index or the index of the workspace, and stays within its workspace', () => {
    const types = (plans.get('the search') ?? []).map((node) => node['Node Type']);
    expect(types).not.toContain('Seq Scan');
    expect(plans.get('found')).toEqual([{ 'Node Type': '1' }]);
    expect(plans.get('found by another')).toEqual([{ 'Node Type': '0' }]);
    console.info(`plans: search over ${CASES} cases of others took ${millis.get('find')?.toFixed(1)} ms`);
  });
});
