import { inflateRawSync } from 'node:zlib';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { EMPTY_PLAN } from '../../core/plan';
import { connect, withWorkspace, rowsOf } from '../db/client';
import * as t from '../db/schema';
import { accessTo } from '../session/access';
import { asAccount, FIRM, HOME, Visitor, type Answer } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const app = connect(process.env.NIMSY_TEST_DATABASE ?? '', 2);
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(() => Promise.all([app.close(), owner.close()]));

/** Every page, endpoint and form action that the application has, read from its own sources. */
const PAGES = import.meta.glob('/src/routes/**/+page.svelte');
const RESET_PAGES = import.meta.glob('/src/routes/**/+page@.svelte');
const SERVERS = import.meta.glob<{ actions?: object }>('/src/routes/**/+page.server.ts', { eager: true });
const ENDPOINTS = import.meta.glob<Record<string, unknown>>('/src/routes/**/+server.ts', { eager: true });

const routeOf = (file: string): string => file.replace('/src/routes', '').replace(/\/\+[^/]+$/, '') || '/';
const GETS = [
  ...new Set([
    ...Object.keys(PAGES).map(routeOf),
    ...Object.keys(RESET_PAGES).map(routeOf),
    ...Object.keys(SERVERS).map(routeOf),
    ...Object.entries(ENDPOINTS)
      .filter(([, module]) => 'GET' in module)
      .map(([file]) => routeOf(file)),
  ]),
].sort();
const POSTS = Object.entries(SERVERS).flatMap(([file, { actions }]) =>
  Object.keys(actions ?? {}).map((name) => ({ route: routeOf(file), name })),
);
/** Endpoints that are posted to without being a form's action; no other method is used. */
const POSTED = Object.entries(ENDPOINTS).flatMap(([file, module]) =>
  'POST' in module ? [routeOf(file)] : [],
);
const PUT = Object.entries(ENDPOINTS).flatMap(([file, module]) => ('PUT' in module ? [routeOf(file)] : []));
const DELETES = Object.entries(ENDPOINTS).flatMap(([file, module]) =>
  ['PATCH', 'DELETE'].some((method) => method in module) ? [routeOf(file)] : [],
);

/** The firm's own ids and words, of which nobody else may see a byte. */
const firm = { property: '', customer: '', tool: '', record: '', person: '', job: '', words: [] as string[] };
/** What is the householder's own too: the address under which the firm knows them. */
const EVERYBODYS = new Set(['m.finch@ostermere.example', '3 Weir Terrace', '']);

beforeAll(async () => {
  const rows = await withWorkspace(owner.db, FIRM, async (tx) => {
    const of = sql`workspace_id = ${FIRM}`;
    return {
      properties: await tx.select().from(t.properties).where(of),
      customers: await tx.select().from(t.customers).where(of),
      cases: await tx.select().from(t.cases).where(of),
      records: await tx.select().from(t.records).where(of),
      tools: await tx.select().from(t.equipment).where(of),
      members: await tx.select().from(t.memberships).where(of),
    };
  });
  // An archive that the firm's owner had made.
  const boss = await asAccount(base, 'owner');
  firm.job = (await boss.post('/keeping/export', {})).location.split('/').at(-1) ?? '';
  expect((await boss.get(`/jobs/${firm.job}`)).status).toBe(200);
  firm.property = rows.properties[0]?.id ?? '';
  firm.customer = rows.customers[0]?.id ?? '';
  firm.tool = rows.tools[0]?.id ?? '';
  firm.record = rows.records[0]?.id ?? '';
  firm.person = rows.members[0]?.personId ?? '';
  firm.words = [
    ...rows.properties.flatMap((p) => [p.id, p.name, p.note]),
    ...rows.tools.map((tool) => tool.id),
    ...rows.customers.flatMap((c) => [c.id, c.contact, c.access]),
    ...rows.cases.flatMap((c) => [c.id, c.title]),
    ...rows.records.map((r) => r.id),
    ...rows.members.map((m) => m.personId),
    FIRM,
    'Hallow &amp; Finch',
    'Hallow & Finch',
    'T27-2',
  ].filter((word) => !EVERYBODYS.has(word));
});

/** The addresses of a route with the firm's own ids, names and numbers in it. */
function addressOf(route: string): string {
  return route
    .replace('[number]', '9')
    .replace('[[treatment=treatment]]/', '')
    .replace('[stop=stop]', 'mix')
    .replace('/properties/[id]', `/properties/${firm.property}`)
    .replace('/customers/[id]', `/customers/${firm.customer}`)
    .replace('/equipment/[id]', `/equipment/${firm.tool}`)
    .replace('[label]', 'tarnside-liquid')
    .replace('[picture]', firm.property)
    .replace('/jobs/[id]', `/jobs/${firm.job}`)
    .replace('[job]', firm.job)
    .replace('[token]', 'no-such-token');
}

/** A page with what its parcels hold written out behind it: nothing is hidden by being packed. */
const opened = (text: string): string =>
  [
    text,
    ...[...text.matchAll(/"([\w+/]{200,}=*)"/g)].flatMap(([, packed = '']) => {
      try {
        return [inflateRawSync(Buffer.from(packed, 'base64')).toString()];
      } catch {
        return [];
      }
    }),
  ].join('\n');

const leaks = ({ text }: Answer): string[] => {
  const told = opened(text);
  return firm.words.filter((word) => told.includes(word) || told.includes(word.replaceAll('&', '&amp;')));
};

/** Everything that the firm keeps, as one digest. */
async function digest(): Promise<string> {
  const tables = [
    'properties',
    'customers',
    'cases',
    'case_stops',
    'case_stop_history',
    'settlements',
    'photos',
    'records',
  ];
  const more = [
    'labels',
    'containers',
    'stock_changes',
    'label_files',
    'plans',
    'plan_days',
    'plan_pictures',
    'equipment',
    'calibrations',
    'kept_jobs',
    'removed',
    'memberships',
    'invitations',
    'shared_links',
    'outbox',
    'exports',
    'settlement_history',
    'stock_movements',
    'sends',
    'jobs',
  ];
  const parts = await Promise.all(
    [...tables, ...more].map(async (table) => {
      const [row] = await rowsOf<{ d: string }>(
        owner.db,
        sql.raw(
          `select md5(coalesce(string_agg(x::text, '' order by x::text), '')) as d from ${table} x where workspace_id = '${FIRM}'`,
        ),
      );
      return row?.d ?? '';
    }),
  );
  const [place] = await rowsOf<{ d: string }>(
    owner.db,
    sql`select md5(x::text) as d from workspaces x where id = ${FIRM}`,
  );
  return [...parts, place?.d].join(' ');
}

/** Fields that would do harm if an id were trusted. */
const hostile = (): Record<string, string> => ({
  propertyId: firm.property,
  customerId: firm.customer,
  personId: firm.person,
  what: firm.record,
  corrects: firm.record,
  id: firm.property,
  workspace: FIRM,
  name: 'Hallow & Finch Grounds',
  title: 'x',
  role: 'owner',
  kind: 'record',
  entry: firm.tool,
  days: '30',
  latitude: '54',
  timeZone: 'UTC',
  key: 'wear-ppe',
  tick: 'on',
  closed: 'yes',
  label: 'tarnside-liquid',
});

describe('somebody of another workspace', () => {
  it('finds the routes of the application, all of them', () => {
    expect(GETS.length).toBeGreaterThan(25);
    expect(POSTS.length).toBeGreaterThan(25);
    expect(POSTED.sort()).toEqual(['/keeping/export', '/properties/[id]/plan/picture']);
    expect(PUT).toEqual(['/properties/[id]/plan/save']);
    expect(DELETES).toEqual(['/jobs/[id]']);
    expect(firm.words.length).toBeGreaterThan(40);
  });

  it('is looked for in what is packed too: the firm’s own person finds it there', async () => {
    const { text } = await (await asAccount(base, 'owner')).get('/cases/6/mix');
    expect(opened(text).length).toBeGreaterThan(text.length + 20_000);
    expect(leaks({ text } as Answer).length).toBeGreaterThan(0);
  });

  it('gets no byte of the firm’s from any page, endpoint or export', async () => {
    const tried: string[] = [];
    for (const route of GETS) {
      const visitor = await asAccount(base, 'householder');
      const answer = await visitor.get(addressOf(route));
      tried.push(`${answer.status} ${addressOf(route)}`);
      expect(leaks(answer), route).toEqual([]);
      // Numbers of cases and names of labels are each workspace's own: case 9 and the firm's ids are not theirs.
      if (/\[(number|id)/.test(route)) expect([403, 404], route).toContain(answer.status);
      // The data of a page alone, as the application's own scripts ask for it.
      const data = await visitor.get(`${addressOf(route).replace(/\/$/, '')}/__data.json`);
      expect(leaks(data), `${route} data`).toEqual([]);
    }
    for (const route of POSTED)
      expect(leaks(await (await asAccount(base, 'householder')).post(addressOf(route), {})), route).toEqual(
        [],
      );
    const search = await (await asAccount(base, 'householder')).get('/find?q=lantern');
    expect(leaks(search)).toEqual([]);
    console.info(
      `isolation: ${tried.length + POSTED.length} pages, endpoints and exports tried as the wrong person`,
    );
  });

  it('changes nothing of the firm’s by any form, whatever ids it sends', async () => {
    const before = await digest();
    for (const { route, name } of POSTS) {
      if (route === '/welcome') continue;
      const visitor = await asAccount(base, 'householder');
      const answer = await visitor.post(`${addressOf(route)}?/${name}`.replace('?/default', ''), hostile());
      // What somebody typed is given back to them; nothing else of the firm's is.
      const sent = Object.values(hostile());
      const told = leaks(answer).filter(
        (word) => !sent.some((value) => value.includes(word.replaceAll('&amp;', '&'))),
      );
      expect(told, `${route} ${name}`).toEqual([]);
      expect(answer.status, `${route} ${name}`).toBeLessThan(500);
      if (/\[(number|id)/.test(route)) expect([403, 404], `${route} ${name}`).toContain(answer.status);
    }
    for (const route of DELETES)
      expect((await (await asAccount(base, 'householder')).send('DELETE', addressOf(route), {})).status).toBe(
        404,
      );
    expect(await digest()).toBe(before);
    console.info(`isolation: ${POSTS.length} form actions tried as the wrong person`);
  });

  it('saves no plan of the firm’s and lays no picture under it, nor does nobody or who may only look', async () => {
    const before = await digest();
    const body = { plan: EMPTY_PLAN, revision: 1 };
    const picture = new Uint8Array([0xff, 0xd8, 0xff]);
    for (const [who, statuses] of [
      [await asAccount(base, 'householder'), [404]],
      [new Visitor(base), [401]],
      [await asAccount(base, 'office'), [403]],
    ] as const)
      for (const answer of [
        await who.send('PUT', addressOf('/properties/[id]/plan/save'), body),
        await who.send('POST', addressOf('/properties/[id]/plan/picture'), picture),
      ]) {
        expect([400, ...statuses]).toContain(answer.status);
        // Who may look sees the name of the workspace that they look at.
        if (!statuses.some((status) => status === 403)) expect(leaks(answer)).toEqual([]);
      }
    expect(await digest()).toBe(before);
  });

  it('who is nobody is led to the sign-in by every page that is not open, and refused by every form', async () => {
    const before = await digest();
    for (const route of GETS) {
      if (accessTo(route, false) === 'open') continue;
      const answer = await new Visitor(base).get(addressOf(route));
      expect([answer.status, answer.location.slice(0, 8)], route).toEqual([303, '/sign-in']);
      expect(leaks(answer), route).toEqual([]);
    }
    for (const { route, name } of POSTS) {
      if (accessTo(route, true) === 'open') continue;
      const answer = await new Visitor(base).post(
        `${addressOf(route)}?/${name}`.replace('?/default', ''),
        hostile(),
      );
      expect(answer.status, `${route} ${name}`).toBe(401);
    }
    expect(await digest()).toBe(before);
  });
});

describe('roles', () => {
  it('let a viewer read everything of the firm but people, and change nothing', async () => {
    const before = await digest();
    const office = await asAccount(base, 'office');
    for (const path of ['/', '/cases', '/cases/6/mix', '/properties', '/logbook', '/settings', '/customers'])
      expect((await office.get(path)).status, path).toBe(200);
    for (const path of ['/people', '/outbox', '/keeping', '/cases/new'])
      expect((await office.get(path)).status, path).toBe(403);
    for (const { route, name } of POSTS) {
      const access = accessTo(route, true);
      if (access === 'open' || access === 'own') continue;
      const path = addressOf(route).replace('/cases/9', '/cases/6');
      const answer = await office.post(`${path}?/${name}`.replace('?/default', ''), hostile());
      expect(answer.status, `${route} ${name}`).toBe(403);
    }
    expect(await digest()).toBe(before);
  });

  it('keep people, outbox, keeping and settings from technicians', async () => {
    const technician = await asAccount(base, 'technician');
    for (const path of ['/people', '/outbox', '/keeping'])
      expect((await technician.get(path)).status, path).toBe(403);
    for (const { route, name } of POSTS.filter((p) => accessTo(p.route, true) === 'owner'))
      expect((await technician.post(`${route}?/${name}`, hostile())).status, `${route} ${name}`).toBe(403);
    expect((await technician.post('/keeping/export', {})).status).toBe(403);
    expect((await (await asAccount(base, 'office')).post('/keeping/export', {})).status).toBe(403);
    expect((await new Visitor(base).post('/keeping/export', {})).status).toBe(401);
    expect((await technician.get('/cases/new')).status).toBe(200);
  });
});

describe('the database', () => {
  it('has row-level security with one policy on every table that carries a workspace', async () => {
    const rows = await rowsOf<{ name: string; secured: boolean; policies: number }>(
      owner.db,
      sql`
      select c.relname as name, c.relrowsecurity as secured,
        (select count(*)::int from pg_policy p where p.polrelid = c.oid) as policies
      from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind in ('r', 'p')`,
    );
    const withoutWorkspace = [
      'attempts',
      'events',
      'installation',
      'known_browsers',
      'password_links',
      'people',
      'recovery_codes',
      'sessions',
      'tombstones',
    ];
    const open = rows.filter((row) => !row.secured || row.policies !== 1).map((row) => row.name);
    expect(open.sort()).toEqual(withoutWorkspace);
  });

  it('gives the application no way to what has no workspace but the functions that are listed', async () => {
    const [role] = await rowsOf<{ super: boolean; bypass: boolean; owns: number }>(
      app.db,
      sql`
      select rolsuper as super, rolbypassrls as bypass,
        (select count(*)::int from pg_class where relowner = r.oid) as owns
      from pg_roles r where rolname = current_user`,
    );
    expect(role).toEqual({ super: false, bypass: false, owns: 0 });
    for (const table of [
      ...['people', 'sessions', 'password_links', 'attempts', 'installation', 'tombstones'],
      ...['events', 'known_browsers', 'recovery_codes'],
    ])
      await expect(app.db.execute(sql.raw(`select * from ${table}`)), table).rejects.toThrow();
    const functions = await rowsOf<{ name: string }>(
      app.db,
      sql`
      select p.proname as name from pg_proc p where p.pronamespace = 'public'::regnamespace and p.prosecdef
        and has_function_privilege(current_user, p.oid, 'execute') order by 1`,
    );
    expect(functions.map((f) => f.name)).toEqual([
      'accept_invitation',
      'attempt',
      'begin_sign_in',
      'begin_totp',
      'choose_workspace',
      'confirm_session',
      'drop_totp',
      'end_session',
      'end_session_of',
      'end_sessions',
      'events_here',
      'find_anything',
      'first_person',
      'forget_attempts',
      'found_workspace',
      'half_session',
      'invitation_of',
      'is_known_browser',
      'members_here',
      'new_person',
      'note_event',
      'open_session',
      'password_of',
      'prune_records',
      'remember_browser',
      'remove_workspace',
      'reset_is_good',
      'sessions_of',
      'set_password',
      'set_recovery_codes',
      'share_of',
      'sign_in_lookup',
      'start_reset',
      'take_recovery_code',
      'take_reset',
      'take_totp',
      'tombstones_here',
      'totp_of',
      'who_asks',
      'workspace_state',
      'workspaces_of',
    ]);
  });

  it('shows nothing without a workspace, and only its own rows with one', async () => {
    for (const table of [
      'properties',
      'cases',
      'case_stops',
      'records',
      'labels',
      'customers',
      'memberships',
      'outbox',
    ]) {
      const count = sql.raw(
        `select count(*)::int as n, count(*) filter (where workspace_id <> '${HOME}')::int as others from ${table}`,
      );
      expect(await rowsOf(app.db, count), table).toEqual([{ n: 0, others: 0 }]);
      const [row] = await withWorkspace(app.db, HOME, (tx) => rowsOf<{ others: number }>(tx, count));
      expect(row?.others, table).toBe(0);
    }
  });

  it('takes no row for another workspace, and moves none there', async () => {
    const foreign = withWorkspace(app.db, HOME, (tx) =>
      tx.insert(t.customers).values({
        workspaceId: FIRM,
        name: 'x',
        contact: '',
        language: '',
        access: '',
        pets: '',
        consentsToNotices: false,
      }),
    );
    await expect(foreign).rejects.toThrow();
    const moved = withWorkspace(app.db, FIRM, (tx) =>
      tx
        .update(t.customers)
        .set({ workspaceId: HOME })
        .where(sql`id = ${firm.customer}`),
    );
    await expect(moved).rejects.toThrow();
  });
});
