import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { randomUUID } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { connect } from '../db/client';
import { archiveOf, ownPlace, type Answer, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';

interface Module {
  readonly actions?: Readonly<Record<string, unknown>>;
}
const SERVERS = import.meta.glob<Module>('../../../routes/**/+page.server.ts', { eager: true });
const PAGES = import.meta.glob('../../../routes/**/+page*.svelte');
const ENDPOINTS = import.meta.glob<Record<string, unknown>>('../../../routes/**/+server.ts', { eager: true });
const routeOf = (file: string): string =>
  file.replace('../../../routes', '').replace(/\/\+(page|server)[^/]*$/, '') || '/';
const GETS = [
  ...new Set([
    ...Object.keys(PAGES).map(routeOf),
    ...Object.entries(ENDPOINTS).flatMap(([file, module]) => ('GET' in module ? [routeOf(file)] : [])),
  ]),
].sort();
const ACTIONS = Object.entries(SERVERS).flatMap(([file, { actions }]) =>
  Object.keys(actions ?? {}).map((name) => ({ route: routeOf(file), name })),
);
/** What would end the visit, or stands for itself. */
const LEFT_OUT = /^\/(welcome|sign-out)|\?\/(everywhere|remove|password)$/;

/** As they come over the wire: NUL, half a surrogate, half a letter, what objects inherit, days that do not exist. */
const HOSTILE = ['a%00b', '__proto__', 'constructor', '0000-01-01'];
const QUERY = [
  'on',
  'version',
  'from',
  'q',
  'kept',
  'seen',
  'before',
  'after',
  'layer',
  'case',
  'job',
  'property',
];
const MORE = [
  'as',
  'metres',
  'plain',
  'beside',
  'hemisphere',
  'to',
  'removed',
  'surrounding',
  'sheet',
  'added',
];

describe('what nobody types', () => {
  let visitor: Visitor;
  const ids = { property: '', customer: '', tool: '', plan: 0 };
  const faults: string[] = [];
  const note = (what: string, { status, text }: Answer) => {
    if (status >= 500 || /\b(undefined|NaN|\[object)\b/.test(text.match(/<main[\s\S]*?<\/main>/)?.[0] ?? ''))
      faults.push(`${status} ${what}`);
  };
  const addressOf = (route: string): string =>
    route
      .replace('[number]', '1')
      .replace('/properties/[id]', `/properties/${ids.property}`)
      .replace('/customers/[id]', `/customers/${ids.customer}`)
      .replace('/equipment/[id]', `/equipment/${ids.tool}`)
      .replace('[label]', 'tarnside-liquid')
      .replace('[[treatment=treatment]]/', '')
      .replace('[stop=stop]', 'look')
      .replace(/\[[^\]]+\]/g, 'x');

  beforeAll(async () => {
    visitor = await ownPlace(base, 'Hostile Gardens');
    const property = { name: 'A place', address: '', latitude: '50', timeZone: 'UTC', note: '' };
    ids.property = (await visitor.post('/properties/new', property)).location.split('property=')[1] ?? '';
    ids.customer = (await visitor.post('/customers', { name: 'Somebody' })).location.split('/').at(-1) ?? '';
    const tool = { kind: 'measure', name: 'Cup', 'size.value': '10', 'size.unit': 'ml', holds: '250' };
    ids.tool = (await visitor.post('/equipment', tool)).location.split('/').at(-1) ?? '';
    const opened = await visitor.post('/cases/new', { propertyId: ids.property, title: 'Seen' });
    expect([opened.location, ids.property.length, ids.customer.length, ids.tool.length]).toEqual([
      '/cases/1/look',
      ...[36, 36, 36],
    ]);
  });
  afterAll(() => console.info(`hostile: ${faults.length} faults`));

  it(
    'in an address or after its question mark is answered or refused, never a fault',
    { timeout: 120_000 },
    async () => {
      for (const [turn, route] of GETS.entries()) {
        if (LEFT_OUT.test(route)) continue;
        for (const bad of [HOSTILE[turn % 2]!, HOSTILE[2 + (turn % 2)]!]) {
          const query = [...QUERY, ...MORE].map((name) => `${name}=${bad}`).join('&');
          note(`${route} ? ${bad}`, await visitor.get(`${addressOf(route)}?${query}`));
          if (/\[/.test(route))
            note(
              `${route} = ${bad}`,
              await visitor.get(route.replace(/\[[^\]]+\]/g, encodeURI(decode(bad)))),
            );
        }
      }
      expect(faults).toEqual([]);
    },
  );

  it(
    'in any field of any form is refused, never a fault, and breaks no page after it',
    { timeout: 120_000 },
    async () => {
      for (const [turn, { route, name }] of ACTIONS.entries()) {
        if (LEFT_OUT.test(`${route}?/${name}`)) continue;
        const page = await visitor.get(addressOf(route));
        const named = [...page.text.matchAll(/\bname="([^"]{1,80})"/g)].map(([, field]) => field ?? '');
        const fields = [
          ...new Set([...named, '__proto__', '__proto__.x', 'constructor.prototype', 'key', 'id', 'lot']),
        ];
        // Two of them each, by turns: what reads a form is one reader.
        for (const bad of [HOSTILE[turn % 2]!, HOSTILE[2 + (turn % 2)]!]) {
          const body = fields.map((field) => `${encodeURIComponent(field)}=${bad}`).join('&');
          const answer = await send(`${addressOf(route)}?/${name}`.replace('?/default', ''), body);
          note(`${route}?/${name} ${bad}`, answer);
        }
      }
      for (const route of GETS)
        if (!LEFT_OUT.test(route)) note(`afterwards ${route}`, await visitor.get(addressOf(route)));
      expect(faults).toEqual([]);
    },
  );

  it('in a plan or its pictures is refused', async () => {
    const plan = { unit: 'm', north: 0, zones: [], marks: [], anchor: null, underlay: null };
    const zone = {
      ...{
        id: 'z',
        from: [],
        kind: 'lawn',
        name: 'A',
        note: '',
        layer: 'outside',
        height: null,
        foreign: null,
      },
      shape: { kind: 'rectangle', at: [0, 0], length: 4, width: 3, turn: 0 },
      ...{ measured: { how: 'tape', errorPct: 1 }, openings: [] },
    };
    const save = (body: string) => visitor.send('PUT', `/properties/${ids.property}/plan/save`, body);
    const good = JSON.stringify({ plan: { ...plan, zones: [zone] }, revision: 0 });
    for (const bad of [
      good.replace('"A"', '"a\\u0000b"'),
      good.replace('"A"', '"\\ud800"'),
      good.replace('"foreign":null', '"foreign":{"__proto__":{"x":1},"a":"\\u0000"}'),
      good.replace('"turn":0', '"turn":1e999'),
      '['.repeat(100_000),
      '{"plan":{"__proto__":1},"revision":0}',
      'null',
    ]) {
      const answer = await save(bad);
      expect([400, 413], bad.slice(0, 200)).toContain(answer.status);
      expect((JSON.parse(answer.text) as { message: string }).message).toMatch(/^[A-Z].*\.$/);
    }
    expect((await save(good)).status).toBe(200);
    expect((await visitor.get(`/properties/${ids.property}/plan`)).status).toBe(200);
  });

  it('as a method or an action that there is none of is refused', async () => {
    for (const method of ['PUT', 'DELETE', 'PATCH', 'PROPFIND', 'OPTIONS', 'TRACE']) {
      const status = await fetch(`${base}/cases`, {
        method,
        headers: { cookie: visitor.cookie, origin: base },
      }).then(
        (answer) => answer.status,
        () => 'not sent',
      );
      expect([204, 400, 403, 404, 405, 'not sent'], method).toContain(status);
    }
    for (const action of ['?/nothing', '?/__proto__', '?/constructor', '?/toString'])
      expect([404, 405], action).toContain(
        (await visitor.post(`/equipment/${ids.tool}${action}`, {})).status,
      );
  });

  it('eight corrections of one record at once: one is taken, seven are refused', async () => {
    await visitor.post('/cases/1/name?/save', { candidate: 'chafer-grub', stage: '', basedOn: '0' });
    await visitor.post('/cases/1/choose?/save', { label: 'tarnside-liquid', basedOn: '0' });
    const entry = {
      ...{ doneOn: '2027-09-15', startedAt: '06:00', endedAt: '06:10', person: 'M. Finch', note: '' },
      ...{ 'product.value': '40', 'product.unit': 'ml', 'area.value': '12', 'area.unit': 'm2' },
    };
    const first = await visitor.post('/cases/1/log?/log', { ...entry, requestKey: randomUUID() });
    expect([first.status, first.location]).toEqual([303, '/cases/1/log']);
    const record = (await recordIds(visitor))[0] ?? '';
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, n) =>
        visitor.post('/cases/1/log?/log', {
          ...{ ...entry, 'product.value': String(30 + n) },
          ...{ corrects: record, requestKey: randomUUID() },
        }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([303, ...Array<number>(7).fill(400)]);
    for (const { status, text } of answers)
      if (status === 400) expect(text).toContain('it was corrected already');
  });

  it('as kept data that nobody can read breaks no page: it is told, with the way out', async () => {
    await visitor.post('/cases/1/name?/save', { candidate: 'chafer-grub', stage: '', basedOn: '0' });
    const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
    const mine = sql`(select workspace_id from properties where id = ${ids.property}::uuid)`;
    await owner.db.execute(
      sql`update case_stops set body = '{"of": "another version"}', revision = 2 where workspace_id = ${mine} and stop = 'name'`,
    );
    await owner.db
      .execute(sql`insert into records (id, workspace_id, case_id, property_id, done_on, body, logged_at)
      select gen_random_uuid(), workspace_id, id, property_id, '2027-09-03', '{"product": {"value": 1, "unit": "smidgen"}}', now()
      from cases where workspace_id = ${mine} and number = 1`);
    await owner.db.execute(
      sql`insert into labels (workspace_id, label_id, version, card) select workspace_id, 'torn-card', 1, '{}' from properties where id = ${ids.property}::uuid`,
    );
    await owner.close();
    const page = await visitor.get('/cases/1/mix');
    expect(page.status).toBe(200);
    for (const said of [
      'The answer of Name cannot be read',
      'An entry of Fri 3 Sep 2027 cannot be read',
      'The card “torn-card” cannot be read',
    ])
      expect(page.text).toContain(said);
    expect((await visitor.get('/logbook')).text).toContain('An entry of Fri 3 Sep 2027 cannot be read');
    for (const path of ['/', '/cases', '/shelf', '/emergency', '/mix-together', '/cases/1/log', '/keeping'])
      expect((await visitor.get(path)).status, path).toBe(200);
    // The way out: answered again, it is as any other.
    await visitor.post('/cases/1/name?/save', {
      candidate: 'chafer-grub',
      stage: '',
      basedOn: '2',
    });
    expect((await visitor.get('/cases/1/mix')).text).not.toContain('The answer of Name cannot be read');
    expect((await archiveOf(visitor)).length).toBeGreaterThan(1000);
  });

  async function send(path: string, body: string): Promise<Answer> {
    const response = await fetch(base + path, {
      ...{ method: 'POST', body, redirect: 'manual' as const },
      headers: {
        ...{ accept: 'text/html', cookie: visitor.cookie, origin: base },
        'content-type': 'application/x-www-form-urlencoded',
      },
    });
    return { status: response.status, text: await response.text(), location: '', headers: response.headers };
  }
});

/** What the wire carries as text, as far as it is one. */
function decode(text: string): string {
  try {
    return decodeURIComponent(text);
  } catch {
    return text;
  }
}

async function recordIds(visitor: Visitor): Promise<string[]> {
  const { text } = await visitor.get('/cases/1/share');
  return [...text.matchAll(/(?<!name="sendKey" )value="([0-9a-f]{8}-[0-9a-f-]{27})"/g)].map(
    ([, id]) => id ?? '',
  );
}
