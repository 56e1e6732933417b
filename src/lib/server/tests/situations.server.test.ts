import { randomUUID } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { CANDIDATES } from '../../catalog';
import { assess, type CaseFacts, type MeasureBody } from '../../core/case';
import { STOPS, type CautionCode, type CautionRank } from '../../core/labels';
import { EMPTY_PLAN, type Plan, type Zone } from '../../core/plan';
import type { Licence } from '../../core/premises';
import { cautionKey } from '../../core/safety';
import { cautionWords, PLAIN, RANK_WORDS } from '../../words';
import { connect } from '../db/client';
import { measuredOnPlan } from '../store/ground';
import { checksumOf } from '../store/whole/file';
import { factsOf, SITUATIONS, type Situation } from './situations';
import { ownPlace, type Visitor, archiveOf, contentOfArchive } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(owner.close);

/**
 * The core tries all of them (situations.test.ts). Over the server goes one for each thing that is kept apart: what comes back
 * from its own table or column must still halt. The demonstration keeps one day, and is never real use.
 */
const KEPT_APART: readonly (keyof Situation)[] = [
  ...(['signs', 'here', 'askedOn', 'look', 'plan', 'mix', 'hour', 'before', 'settled'] as const),
  ...(['licence', 'licenceUntil', 'card', 'use', 'until'] as const),
];
const WALKED = [
  ...new Set(
    KEPT_APART.flatMap(
      (what) => SITUATIONS.find((s) => s[what] !== undefined && s.on === undefined && !s.real) ?? [],
    ),
  ),
];
const AT = '2027-09-15T06:00:00Z';
/** What went down before belongs to cases of its own. */
const BEFORE = 500;
const stamp = { revision: 1, savedAt: AT, savedBy: 'x' };

const zone = (id: string, kind: Zone['kind'], x: number, length: number): Zone => ({
  ...{ id, name: id, kind, layer: 'outside', measured: { how: 'tape', errorPct: 1 }, height: null },
  shape: { kind: 'rectangle', at: [x, 0], length, width: 24, turn: 0 },
  ...{ openings: [], note: '', from: [], foreign: null },
});
/** A lawn of 14 x 24 m, with water so far from its long side. */
const planWith = (waterGapM: number): Plan => ({
  ...EMPTY_PLAN,
  zones: [zone('lawn', 'lawn', 0, 14), zone('water', 'water', 14 + waterGapM, 10)],
});

/** What a case of a situation is in the file of a workspace. */
function inFile(s: Situation, i: number, propertyId: string) {
  const facts = factsOf(s);
  const labelId = s.label && `s${i}-${s.label}`;
  const plan = s.plan?.waterGapM == null ? null : planWith(s.plan.waterGapM);
  const measure: MeasureBody | undefined = facts.stops.measure && {
    ...facts.stops.measure,
    ...(plan && facts.stops.measure.plan
      ? { plan: { ...facts.stops.measure.plan, zones: ['lawn'] } }
      : { how: 'tape', length: 24, width: 14, plan: null }),
  };
  const bodies = {
    ...facts.stops,
    ...(facts.stops.choose ? { choose: { ...facts.stops.choose, label: labelId } } : {}),
    ...(measure ? { measure: plan ? measuredOnPlan(plan, measure) : measure } : {}),
  };
  const card = facts.shelf[0]?.label;
  return {
    property: {
      ...{
        id: propertyId,
        customerId: null,
        name: `Place ${i}`,
        address: '',
        // Where widows live.
        latitude: 44,
      },
      ...{
        timeZone: 'Europe/London',
        byWater: false,
        avoidFromDeg: null,
        avoidToDeg: null,
        note: '',
      },
      premises: facts.property.premises.answers,
      premisesAskedOn: facts.property.premises.askedOn,
    },
    plan: plan && { ...{ propertyId, revision: 1, savedAt: AT, savedBy: 'x', days: [] }, body: plan },
    cases: [
      {
        ...{
          number: i + 1,
          propertyId,
          title: `Situation ${i}`,
          openedOn: facts.openedOn,
          closedOn: null,
          history: [],
        },
        stops: Object.entries(bodies).map(([stop, body]) => ({ ...stamp, stop, body, upstream: {} })),
        settlements: Object.entries(facts.settled).map(([key, tick]) => ({ key, ...tick })),
      },
      ...(facts.records.length > 0
        ? [
            {
              ...{
                number: BEFORE + i,
                propertyId,
                title: 'Before',
                openedOn: facts.openedOn,
                closedOn: AT.slice(0, 10),
              },
              ...{ history: [], stops: [], settlements: [] },
            },
          ]
        : []),
    ],
    labels: s.label && card ? [{ ...card, id: labelId, version: 1 }] : [],
    containers: facts.shelf.slice(0, s.label ? 1 : 0).flatMap(({ label, containers }) =>
      containers.map((c) => ({
        ...{
          labelId: labelId ?? label.id,
          lot: c.lot,
          size: c.size.value,
          unit: c.size.unit,
          price: c.price,
        },
        ...{ expiresOn: c.until, keptIn: 'shed', boughtOn: null, openedOn: null },
      })),
    ),
    records: facts.records.map((record) => ({
      ...record,
      ...{ id: randomUUID(), caseNumber: BEFORE + i, loggedAt: AT },
      label: { ...record.label, id: record.label.id === s.label ? labelId : record.label.id },
    })),
  };
}

const plainText = (html: string): string =>
  html
    .replaceAll(/<[^>]*>/g, ' ')
    .replaceAll('&amp;', '&')
    .replaceAll('&quot;', '"')
    .replaceAll(/&#39;|&#x27;/g, "'")
    .replaceAll(/\s+/g, ' ');
/** How a caution heads its block on a page. */
const headOf = (key: string, facts: CaseFacts): string => {
  const [rank, ...code] = key.split(' ');
  const found = assess(facts).cautions.find(
    ({ caution }) => caution.rank === rank && cautionKey(caution) === code.join(' '),
  );
  if (!found) throw new Error(`${key} does not stand here`);
  return `${RANK_WORDS[found.caution.rank]} · ${cautionWords(found.caution, PLAIN).title}`;
};

/** How it would head its block if it stood, chance and figures aside. */
function headIfThere(key: string): RegExp {
  const [rank = '', code = '', about = ''] = key.split(/[ :]/);
  const named = CANDIDATES.find(({ id }) => id === about)?.name.toLowerCase();
  const title = named
    ? `[^:]*: ${named}`
    : cautionWords(
        { code: code as CautionCode, facts: { about, buffer: 5, strip: 1 } },
        PLAIN,
      ).title.replaceAll(/[\d.,]+/g, '[\\d.,]+');
  expect(title, key).not.toBe('');
  return new RegExp(`${RANK_WORDS[rank as CautionRank]} · ${title}`, 'i');
}

describe('a situation in which somebody could be hurt, over the nine stops of a running server', () => {
  let visitor: Visitor;
  beforeAll(async () => {
    visitor = await ownPlace(base, 'Situations');
    const file = await contentOfArchive<{ content: Record<string, unknown[]> }>(await archiveOf(visitor));
    const all = WALKED.map((s, i) => inFile(s, i, randomUUID()));
    const content = {
      ...file.content,
      properties: all.map((one) => one.property),
      cases: all.flatMap((one) => one.cases),
      records: all.flatMap((one) => one.records),
      labels: [...(file.content.labels ?? []), ...all.flatMap((one) => one.labels)],
      containers: all.flatMap((one) => one.containers),
      plans: all.flatMap((one) => one.plan ?? []),
    };
    const form = new FormData();
    form.set(
      'file',
      new Blob([JSON.stringify({ ...file, content, checksum: checksumOf(content) })]),
      'situations.json',
    );
    const answer = await visitor.post('/keeping?/import', form);
    expect(answer.status, /content\.[^{]{0,900}/.exec(plainText(answer.text))?.[0]).toBe(303);
  });

  it.each(WALKED.map((s, i) => [s.told, s, i + 1] as const))('%s', async (_, s, number) => {
    await holding(factsOf(s).licence);
    const pages = new Map<string, string>();
    for (const stop of STOPS) {
      const { status, text } = await visitor.get(`/cases/${number}/${stop}`);
      expect(status, stop).toBe(200);
      expect(text.replaceAll(/<script[\s\S]*?<\/script>/g, '')).not.toMatch(/undefined|NaN|\[object/);
      pages.set(stop, plainText(text));
    }
    const everywhere = [...pages.values()].join(' ');
    for (const key of s.stands ?? []) {
      const head = headOf(key, factsOf(s));
      expect(everywhere, key).toContain(head);
      if (!key.startsWith('halt')) continue;
      // Where the amounts would be stands what keeps them away.
      for (const stop of ['mix', 'place']) expect(pages.get(stop), `${stop}: ${key}`).toContain(head);
      expect(pages.get('mix')).toContain('No amounts while a Halt is open.');
    }
    for (const key of s.not ?? []) expect(everywhere, key).not.toMatch(headIfThere(key));
  });

  it('a permit or report is ticked by its number alone, which stays beside the tick', async () => {
    const number = WALKED.findIndex(({ told }) => told.startsWith('A firm with a licensed person')) + 1;
    await holding(factsOf(WALKED[number - 1] as Situation).licence);
    const tick = (said: string) =>
      visitor.post(`/cases/${number}/name?/settle`, {
        key: 'permit-or-report:yellowjacket',
        tick: 'on',
        said,
      });
    const blank = await tick('  ');
    expect(blank.status).toBe(400);
    expect(plainText(blank.text)).toContain(
      'The number of the permit or report (or why none is wanted) is missing.',
    );
    expect((await tick('OST-P-118')).status).toBe(200);
    expect(plainText((await visitor.get(`/cases/${number}/name`)).text)).toContain(
      'Written down: “OST-P-118”, ',
    );
    // Without the licence there is nothing to tick: the Halt is back.
    await holding(null);
    expect((await tick('OST-P-119')).status).toBe(400);
  });

  /** A licence of the person who asks, in a firm: in a household none would count. */
  async function holding(licence: Licence | null): Promise<void> {
    await owner.db.execute(
      sql`update memberships m set licence = ${licence === null ? null : JSON.stringify(licence)}::jsonb
        from workspaces w where w.id = m.workspace_id and w.name = 'Situations'`,
    );
  }
});
