import { afterAll, describe, expect, it } from 'vitest';
import { sql } from 'drizzle-orm';
import { connect, rowsOf } from '../db/client';

const base = process.env.NIMSY_TEST_URL ?? '';
const cookie = process.env.NIMSY_TEST_COOKIE ?? '';
const { db, close } = connect(process.env.NIMSY_TEST_OWNER ?? '', 2);
afterAll(close);

/** What a browser without scripts sends. */
async function post(path: string, fields: Record<string, string>): Promise<{ status: number; text: string }> {
  const response = await fetch(base + path, {
    method: 'POST',
    headers: { origin: base, accept: 'text/html', cookie },
    body: new URLSearchParams(fields),
    redirect: 'manual',
  });
  return { status: response.status, text: await response.text() };
}

/** What a page with scripts sends: the answer comes without the page around it. */
async function postAlone(path: string, fields: Record<string, string>) {
  const response = await fetch(base + path, {
    method: 'POST',
    headers: { origin: base, accept: 'application/json', 'x-sveltekit-action': 'true', cookie },
    body: new URLSearchParams(fields),
  });
  const text = await response.text();
  return { status: (JSON.parse(text) as { status: number }).status, text };
}

/** Everything that is kept, as one digest. */
async function digest(): Promise<string> {
  const tables = [
    'properties',
    'cases',
    'case_stops',
    'settlements',
    'photos',
    'records',
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
  ];
  const parts = await Promise.all(
    tables.map(async (table) => {
      const [row] = await rowsOf<{ d: string }>(
        db,
        sql.raw(`select md5(coalesce(string_agg(x::text, '' order by x::text), '')) as d from ${table} x`),
      );
      return row?.d ?? '';
    }),
  );
  return parts.join(' ');
}

const NUMBER_NONSENSE = [
  '',
  '-3',
  'NaN',
  'Infinity',
  '1e300',
  '99999999999999',
  'twelve',
  '<script>alert(1)</script>',
  'x'.repeat(300_000),
];
const TEXT_NONSENSE = ['', '<script>alert(1)</script>', 'x'.repeat(300_000)];
const UNIT_NONSENSE = ['smidgen', '', '<b>', 'x'.repeat(300_000)];
const DATE_NONSENSE = ['', '2027-02-30', 'tomorrow', '<script>', 'x'.repeat(300_000)];

interface Form {
  path: string;
  good: Record<string, string>;
  bad: Record<string, readonly string[]>;
}

const CASE = '/cases/6';
const FORMS: readonly Form[] = [
  {
    path: '/equipment',
    good: { kind: 'measure', name: 'Spoon', 'size.value': '5', 'size.unit': 'ml', holds: '15', dueDays: '' },
    bad: {
      kind: UNIT_NONSENSE,
      name: TEXT_NONSENSE,
      'size.value': NUMBER_NONSENSE,
      'size.unit': UNIT_NONSENSE,
      holds: [...NUMBER_NONSENSE.slice(1), '4'],
      dueDays: [...NUMBER_NONSENSE.slice(1), '2.5'],
    },
  },
  {
    path: `${CASE}/look?/save`,
    good: {
      where: 'x',
      test: 'turf-flap',
      'frame.value': '0.1',
      'frame.unit': 'm2',
      'counts.0': '3',
      'counts.1': '4',
      vigour: 'fair',
      note: '',
    },
    bad: {
      where: TEXT_NONSENSE,
      test: UNIT_NONSENSE,
      'frame.value': NUMBER_NONSENSE,
      'frame.unit': UNIT_NONSENSE,
      'counts.0': [...NUMBER_NONSENSE.slice(1), '2.5'],
      vigour: UNIT_NONSENSE,
      note: TEXT_NONSENSE.slice(1),
      'signs.turf-lifts': ['maybe', '<script>', 'x'.repeat(300_000)],
      'signs.purple-rain': ['yes'],
      'signs.raster': ['yes', 'a-knot'],
      surrounding: ['attic', ...TEXT_NONSENSE.slice(2)],
      lengthMm: NUMBER_NONSENSE.slice(1),
    },
  },
  {
    path: `${CASE}/name?/save`,
    good: { candidate: 'chafer-grub', stage: 'small' },
    bad: { candidate: TEXT_NONSENSE, stage: TEXT_NONSENSE.slice(1), 'also.unicorn': ['on'] },
  },
  {
    path: `${CASE}/choose?/save`,
    good: { label: 'tarnside-liquid', reason: '' },
    bad: { label: TEXT_NONSENSE, reason: TEXT_NONSENSE.slice(1) },
  },
  {
    path: `${CASE}/measure?/save`,
    good: { how: 'tape', unit: 'm', length: '20', width: '10', strip: '0' },
    bad: {
      how: UNIT_NONSENSE,
      unit: UNIT_NONSENSE,
      length: NUMBER_NONSENSE,
      width: NUMBER_NONSENSE,
      strip: NUMBER_NONSENSE.slice(1),
    },
  },
  {
    path: `${CASE}/measure?/save`,
    good: {
      how: 'paces',
      unit: 'm',
      'paces.0': '20',
      'paces.1': '10',
      walked: '30',
      walkedPaces: '40',
      paceErrorPct: '5',
      strip: '0',
    },
    bad: {
      'paces.0': NUMBER_NONSENSE,
      'paces.1': NUMBER_NONSENSE,
      walked: NUMBER_NONSENSE,
      walkedPaces: NUMBER_NONSENSE,
      paceErrorPct: NUMBER_NONSENSE,
    },
  },
  { path: `${CASE}/when?/save`, good: { hour: '2027-09-16T10:00' }, bad: { hour: DATE_NONSENSE } },
  {
    path: `${CASE}/mix?/save`,
    good: {
      rate: '120',
      tankName: 'k',
      'tank.value': '15',
      'tank.unit': 'l',
      measureName: 's',
      'step.value': '1',
      'step.unit': 'ml',
      split: 'fill',
      lot: '',
    },
    bad: {
      rate: NUMBER_NONSENSE,
      tankName: TEXT_NONSENSE.slice(1),
      'tank.value': NUMBER_NONSENSE.slice(1),
      'tank.unit': UNIT_NONSENSE,
      'step.value': NUMBER_NONSENSE.slice(1),
      'step.unit': UNIT_NONSENSE,
      split: UNIT_NONSENSE,
      lot: TEXT_NONSENSE.slice(1),
      'carryOver.finished.value': NUMBER_NONSENSE.slice(1),
    },
  },
  {
    path: `${CASE}/place?/save`,
    good: { swathM: '1.5', overlap: '0', direction: '0', start: 'this-end' },
    bad: {
      swathM: NUMBER_NONSENSE,
      overlap: NUMBER_NONSENSE,
      direction: ['200', '-1', 'up', ''],
      edges: ['over'],
      start: UNIT_NONSENSE,
    },
  },
  {
    path: `${CASE}/recheck?/save`,
    good: { 'counts.0': '1', countedOn: '2027-09-15', note: '' },
    bad: {
      'counts.0': NUMBER_NONSENSE.slice(1),
      countedOn: DATE_NONSENSE,
      'control.before': NUMBER_NONSENSE.slice(1),
      note: TEXT_NONSENSE.slice(1),
    },
  },
  {
    path: `${CASE}/log?/log`,
    good: {
      doneOn: '2027-09-15',
      startedAt: '07:00',
      endedAt: '08:00',
      'product.value': '38',
      'product.unit': 'ml',
      'area.value': '336',
      'area.unit': 'm2',
      person: 'x',
      note: '',
    },
    bad: {
      doneOn: [...DATE_NONSENSE, '2031-01-01'],
      startedAt: ['', '25:00', 'noon', '09:00'],
      endedAt: ['', '25:00', '06:00'],
      'product.value': NUMBER_NONSENSE,
      'product.unit': UNIT_NONSENSE,
      'area.value': NUMBER_NONSENSE,
      'area.unit': UNIT_NONSENSE,
      windKmh: NUMBER_NONSENSE.slice(1),
      tempC: NUMBER_NONSENSE.slice(2),
      lot: TEXT_NONSENSE.slice(1),
      person: TEXT_NONSENSE,
      licence: TEXT_NONSENSE.slice(1),
      note: TEXT_NONSENSE.slice(1),
      corrects: ['x', '11111111-1111-4111-8111-111111111111'],
    },
  },
  {
    path: `${CASE}/mix?/settle`,
    good: { key: 'wear-ppe', tick: 'on' },
    bad: { key: ['', 'no-such', 'season-cap-exceeded', 'x'.repeat(300_000)] },
  },
  {
    path: '/properties/new',
    good: { name: 'x', address: '', latitude: '54', timeZone: 'Europe/London', note: '' },
    bad: {
      name: TEXT_NONSENSE,
      address: TEXT_NONSENSE.slice(1),
      latitude: NUMBER_NONSENSE.filter((v) => v !== '-3'),
      timeZone: UNIT_NONSENSE,
      note: TEXT_NONSENSE.slice(1),
    },
  },
  {
    path: '/cases/new',
    good: { title: 'x', propertyId: 'x' },
    bad: { title: TEXT_NONSENSE, propertyId: ['', 'x', '11111111-1111-4111-8111-111111111111'] },
  },
  {
    path: '/shelf/new?/save',
    good: {
      name: 'x',
      form: 'granule',
      family: 'selective',
      'uses.0.sites.turf': 'on',
      'uses.0.method': 'spread',
      'uses.0.basis': 'target',
      'uses.0.targets.0.pest': 'chafer-grub',
      'uses.0.targets.0.grade': 'fair',
      'uses.0.least': '1',
      'uses.0.most': '2',
      'uses.0.rateUnit': 'kg',
      'uses.0.per.value': '100',
      'uses.0.per.unit': 'm2',
      'uses.0.reEntry': 'none',
      'uses.0.effectFrom': '1',
      'uses.0.effectTo': '9',
      'size.value': '10',
      'size.unit': 'kg',
      lot: 'L',
      price: '1',
    },
    bad: {
      name: TEXT_NONSENSE,
      form: UNIT_NONSENSE,
      'uses.0.method': UNIT_NONSENSE,
      'uses.0.targets.0.pest': ['dragon', 'bumble bee', 'x'.repeat(300_000)],
      'uses.0.least': NUMBER_NONSENSE.slice(1),
      'uses.0.most': NUMBER_NONSENSE.slice(1),
      'uses.0.rateUnit': UNIT_NONSENSE,
      'uses.0.per.value': NUMBER_NONSENSE,
      'uses.0.per.unit': UNIT_NONSENSE,
      'uses.0.cap.value': NUMBER_NONSENSE.slice(1),
      'clauses.rate.text': TEXT_NONSENSE.slice(1),
      'size.value': NUMBER_NONSENSE,
      lot: TEXT_NONSENSE.slice(1),
      price: NUMBER_NONSENSE.slice(1),
      expiresOn: DATE_NONSENSE.slice(1),
    },
  },
];

describe('bad input', () => {
  let before: string | undefined;
  for (const form of FORMS)
    for (const [field, values] of Object.entries(form.bad))
      it(`in ${field} of ${form.path} is answered with what is wrong, and changes nothing`, async () => {
        // What one of them leaves is what the next one finds.
        before ??= await digest();
        for (const [i, value] of values.entries()) {
          // One is drawn into its page again; the others say the same without it.
          const send = i === 0 ? post : postAlone;
          const { status, text } = await send(form.path, { ...form.good, [field]: value });
          const shown = value.length > 60 ? `${value.slice(0, 20)}… (${value.length})` : value;
          expect(status, shown).toBe(400);
          expect(/<script>alert|\bat file:|node_modules|PostgresError|drizzle/.test(text), shown).toBe(false);
          expect(text.length, shown).toBeLessThan(600_000);
        }
        expect(await digest()).toBe(before);
      });

  it('is answered with a sentence that names the field and the way out', async () => {
    const { text } = await post(`${CASE}/measure?/save`, {
      how: 'tape',
      unit: 'm',
      length: '-3',
      width: 'wide',
      strip: '',
    });
    const messages = [...text.matchAll(/<li>([^<]+)<\/li>/g)].map(([, message]) => message);
    expect(messages).toContain('The length must lie between 0.1 and 5,000; it is −3.');
    expect(messages).toContain('The width must be a number; it is wide.');
  });

  it('of another site is refused, whatever it holds', async () => {
    const before = await digest();
    const response = await fetch(`${base}${CASE}/name?/save`, {
      method: 'POST',
      headers: {
        origin: 'http://elsewhere.example',
        'content-type': 'application/x-www-form-urlencoded',
        cookie,
      },
      body: 'candidate=drought&stage=',
    });
    expect(response.status).toBe(403);
    expect(await digest()).toBe(before);
  });

  it('in an address leads to a page that says so', async () => {
    for (const path of [
      '/cases/999999',
      '/cases/abc/look',
      '/cases/6/nowhere',
      '/cases/99999999999999999999/look',
      '/properties/x',
      '/shelf/none',
      '/nowhere',
    ]) {
      const response = await fetch(base + path, { headers: { cookie } });
      expect(response.status, path).toBe(404);
      expect(/\bat file:|node_modules/.test(await response.text()), path).toBe(false);
    }
  });
});
