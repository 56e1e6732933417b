// @ts-check
import { readdirSync, readFileSync } from 'node:fs';
import autocannon from 'autocannon';
import { cookieOf, sendForm } from './instance.mjs';

const FIRM = '00000000-0000-4000-8000-000000000001';
const OWNER = 'r.hallow@ostermere.example';

/** @typedef {{ records: number, cases: number, properties: number, containers: number }} Size */

const TREATMENTS = 6;

/** What a firm has after a season, and after ten years of twenty people. @type {Record<'small' | 'large', Size>} */
export const SIZES = {
  small: { records: 100, cases: 20, properties: 5, containers: 50 },
  large: { records: 10_000, cases: 2_000, properties: 500, containers: 5_000 },
};

/**
 * A workspace of a size, made of copies of the demonstration's: its labels, the answers of its case 6, its records. Of the
 * cases one in twenty is open, of the containers one in ten holds something. Its owner is the firm's own.
 * @param {string} superUrl @param {string} name @param {Size} size @returns {Promise<string>} its id
 */
export async function fillWorkspace(superUrl, name, size) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: superUrl });
  await client.connect();
  const [{ id }] = (await client.query('select gen_random_uuid() as id')).rows;
  const run = (/** @type {string} */ text) =>
    client.query(text.replaceAll('$NEW', `'${id}'`).replaceAll('$FIRM', `'${FIRM}'`));
  await client.query('begin');
  await run(
    `insert into workspaces (id, name, settings) select $NEW, '${name}', settings from workspaces where id = $FIRM`,
  );
  await run(
    `insert into memberships (workspace_id, person_id, role) select $NEW, id, 'owner' from people where email = '${OWNER}'`,
  );
  await run(
    `insert into labels (workspace_id, label_id, version, card) select $NEW, label_id, version, card from labels where workspace_id = $FIRM`,
  );
  await run(`insert into equipment (workspace_id, kind, name, size, unit, holds, swath_m, calibrated_on)
    select $NEW, kind, name, size, unit, holds, swath_m, calibrated_on from equipment where workspace_id = $FIRM`);
  await run(`insert into properties (id, workspace_id, name, address, latitude, time_zone, by_water, note)
    select gen_random_uuid(), $NEW, 'Place ' || lpad(n::text, 4, '0'), n || ' Green Lane, Ostermere', 54.4, 'Europe/London', false, '' from generate_series(1, ${size.properties}) n`);
  await run(`insert into cases (workspace_id, property_id, number, title, opened_on, closed_on)
    select $NEW, (array(select id from properties where workspace_id = $NEW order by name))[1 + n % ${size.properties}], n,
      'Brown patches ' || n, date '2027-09-01', case when n = 6 or n % 20 = 0 then null else date '2027-09-10' end
    from generate_series(1, ${size.cases}) n`);
  await run(`insert into case_stops (workspace_id, case_id, stop, body, revision, upstream, saved_at, saved_by)
    select $NEW, c.id, s.stop, case when s.stop = 'measure' then s.body - 'plan' || '{"plan": null, "how": "tape"}' else s.body end,
      1, s.upstream, timestamptz '2027-09-01' + c.number * interval '1 minute', s.saved_by
    from cases c, case_stops s join cases six on six.workspace_id = s.workspace_id and six.id = s.case_id
    where c.workspace_id = $NEW and s.workspace_id = $FIRM and six.number = 6`);
  // The case that is measured has a course of six: its own treatment, and five more with every answer.
  await run(`insert into treatments (workspace_id, case_id, number, position, state, only_if, go, added_at, added_by)
    select $NEW, c.id, n, n - 1, 'planned', '', 1, now(), 'Owner' from cases c, generate_series(1, ${TREATMENTS}) n
    where c.workspace_id = $NEW and c.number = 6`);
  await run(`insert into case_stops (workspace_id, case_id, stop, treatment, go, body, body_version, revision, upstream, saved_at, saved_by)
    select $NEW, s.case_id, s.stop, n, 1,
      case when s.stop = 'choose' then jsonb_set(s.body, '{label}', (array['"tarnside-liquid"', '"hazelmoor-granule"', '"wath-nematodes"']::jsonb[])[1 + (n - 1) % 3]) else s.body end,
      s.body_version, 1, s.upstream, s.saved_at, s.saved_by
    from case_stops s join cases c on c.workspace_id = $NEW and c.id = s.case_id and c.number = 6, generate_series(2, ${TREATMENTS}) n
    where s.workspace_id = $NEW and s.stop in ('choose', 'measure', 'when', 'mix', 'place')`);
  await run('set constraints all immediate');
  await run(`alter table records disable trigger records_are_taken`);
  await run(`insert into records (id, workspace_id, case_id, property_id, done_on, body, logged_at)
    select gen_random_uuid(), $NEW, c.id, c.property_id, date '2027-09-01' - (n % 3000),
      (select body from records where workspace_id = $FIRM order by logged_order limit 1) || jsonb_build_object('caseNumber', c.number), now()
    from generate_series(1, ${size.records}) n join cases c on c.workspace_id = $NEW and c.number = 1 + n % ${size.cases}`);
  await run(`alter table records enable trigger records_are_taken`);
  await run(`insert into containers (workspace_id, label_id, lot, size, unit, price, expires_on, kept_in, moved)
    select $NEW, l.label_id, 'L' || n, (l.card->'container'->'size'->>'value')::float8, l.card->'container'->'size'->>'unit', 20,
      date '2027-10-01' + n % 700, 'Store',
      case when n % 10 = 0 then 0 else -(l.card->'container'->'size'->>'value')::float8 end
    from generate_series(1, ${size.containers}) n
    join (select *, row_number() over (order by label_id) as i, count(*) over () as many from labels where workspace_id = $NEW) l on l.i = 1 + n % l.many`);
  await client.query('commit');
  await client.query('analyze');
  await client.end();
  return id;
}

/** Steps in as the owner and chooses a workspace. @param {string} url @param {string} workspace */
export async function cookieIn(url, workspace) {
  const cookie = cookieOf(await sendForm(`${url}/sign-in?/ready`, { account: 'owner' }));
  const chosen = await sendForm(`${url}/account?/choose`, { workspace }, cookie);
  if (chosen.status !== 303) throw new Error(`the workspace was not chosen: ${chosen.status}`);
  return cookie;
}

const PAGES = [
  ...[
    '/',
    '/cases',
    '/cases/6/look',
    '/cases/6/name',
    '/cases/6/choose',
    '/cases/6/mix',
    '/cases/6/place',
    '/cases/6/log',
  ],
  ...[
    '/logbook',
    '/shelf',
    '/shelf/tarnside-liquid',
    '/properties',
    '/equipment',
    '/keeping',
    '/mix-together',
  ],
];
const ROUNDS = 7;
const REQUESTS = 40;
const MOST_TIMES_SMALL = 1.5;
const MOST_TIMES_EMPTY = 3;

/** What that share of the times lies under. @param {readonly number[]} times @param {number} share */
const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor((times.length - 1) * share)] ?? 0;

/** Each page in a small and in a large workspace, alternating, one request at a time. @param {{ url: string, superUrl: string }} instance */
export async function growth({ url, superUrl }) {
  const cookies = {
    small: await cookieIn(url, await fillWorkspace(superUrl, 'After a season', SIZES.small)),
    large: await cookieIn(url, await fillWorkspace(superUrl, 'After ten years', SIZES.large)),
  };
  /** The p95 of each page in each round: a collection of garbage or a neighbour's work that falls into one is not the page's. @type {Map<string, number[]>} */
  const rounds = new Map();
  const note = (/** @type {string} */ key, /** @type {number[]} */ times) =>
    rounds.set(key, [...(rounds.get(key) ?? []), at(times, 0.95)]);
  const get = async (/** @type {string} */ page, /** @type {'small' | 'large'} */ size) => {
    const start = performance.now();
    const answer = await fetch(url + page, { headers: { cookie: cookies[size] } });
    await answer.arrayBuffer();
    if (answer.status !== 200) throw new Error(`${page} answered ${answer.status} in the ${size} workspace`);
    return performance.now() - start;
  };
  for (let round = 0; round <= ROUNDS; round++)
    for (const page of ['/empty', ...PAGES])
      for (const size of /** @type {const} */ (['small', 'large'])) {
        const times = [];
        for (let i = 0; i < REQUESTS; i++) times.push(await get(page, size));
        // The first round warms the server up.
        if (round > 0) note(`${page} ${size}`, times);
      }
  // The first one after any change of the workspace is read anew.
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: superUrl });
  await client.connect();
  for (const page of PAGES) {
    const times = [];
    for (let i = 0; i < REQUESTS; i++) {
      await client.query('update workspace_revisions set revision = revision + 1');
      times.push(await get(page, 'large'));
    }
    note(`${page} changed`, times);
  }
  await client.end();
  const p95 = (/** @type {string} */ page, /** @type {'small' | 'large' | 'changed'} */ size) =>
    at(rounds.get(`${page} ${size}`) ?? [], 0.5);
  const empty = (p95('/empty', 'small') + p95('/empty', 'large')) / 2;
  console.log(
    `p95 of pages (the middle of ${ROUNDS} rounds), the case with ${TREATMENTS} treatments, with ${SIZES.small.records} and with ${SIZES.large.records} records (${SIZES.large.cases} cases, ${SIZES.large.properties} properties, ${SIZES.large.containers} containers); the empty page takes ${empty.toFixed(2)} ms`,
  );
  console.table(
    PAGES.map((page) => {
      const [small, large] = [p95(page, 'small'), p95(page, 'large')];
      return {
        page,
        'small, ms': small.toFixed(1),
        'large, ms': large.toFixed(1),
        'just changed, ms': p95(page, 'changed').toFixed(1),
        'large by small': (large / small).toFixed(2),
        [`at most ${MOST_TIMES_SMALL}`]: large / small <= MOST_TIMES_SMALL,
        'large by empty': (large / empty).toFixed(1),
        [`at most ${MOST_TIMES_EMPTY}`]: page.startsWith('/cases/') ? large / empty <= MOST_TIMES_EMPTY : '',
      };
    }),
  );
  return cookies;
}

const A_MINUTE_S = 60;
const CONNECTIONS = 50;

/** The memory of the web server under 50 connections for a minute, over pages of both sizes. @param {{ url: string, pid: number }} instance @param {Record<'small' | 'large', string>} cookies */
export async function memoryUnderLoad({ url, pid }, cookies) {
  const web = webOf(pid);
  const megabytes = () =>
    Math.round((Number(readFileSync(`/proc/${web}/statm`, 'utf8').split(' ')[1]) * 4096) / 1e6);
  /** @type {number[]} */
  const seen = [megabytes()];
  const looking = setInterval(() => seen.push(megabytes()), 5000);
  const requests = PAGES.flatMap((path) =>
    Object.values(cookies).map((cookie) => ({
      method: /** @type {const} */ ('GET'),
      path,
      headers: { cookie },
    })),
  );
  const load = await autocannon({ url, connections: CONNECTIONS, duration: A_MINUTE_S, requests });
  clearInterval(looking);
  console.log(
    `${CONNECTIONS} connections for ${A_MINUTE_S} s: ${load.requests.average} pages a second, p97.5 ${load.latency.p97_5} ms, ${load.non2xx} errors; memory every 5 s, MB: ${seen.join(' ')}`,
  );
}

/** The process that serves, a child of the one that was started. @param {number} parent */
export function webOf(parent) {
  const child = readFileSync(`/proc/${parent}/task/${parent}/children`, 'utf8')
    .trim()
    .split(' ')
    .find(
      (pid) =>
        readdirSync('/proc').includes(pid) &&
        readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('web.mjs'),
    );
  if (!child) throw new Error('no web server runs');
  return Number(child);
}
