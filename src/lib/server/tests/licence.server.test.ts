import { sql } from 'drizzle-orm';
import { afterAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { asAccount, FIRM } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(() => owner.close());

const licenceOf = async (email: string): Promise<Record<string, string> | null> => {
  const [row] = await rowsOf<{ licence: Record<string, string> | null }>(
    owner.db,
    sql.raw(
      `select m.licence from memberships m join people p on p.id = m.person_id where p.email = '${email}' and m.workspace_id = '${FIRM}'`,
    ),
  );
  return row?.licence ?? null;
};
const idOf = async (email: string): Promise<string> => {
  const [row] = await rowsOf<{ id: string }>(
    owner.db,
    sql.raw(`select id from people where email = '${email}'`),
  );
  return row?.id ?? '';
};
const OFFICE = 'o.pell@ostermere.example';
const TECHNICIAN = 't.marsh@ostermere.example';

describe('a licence', () => {
  it('is written down by an owner, whole or not at all, and by nobody else', async () => {
    const boss = await asAccount(base, 'owner');
    const personId = await idOf(OFFICE);
    const half = await boss.post('/people?/licence', { personId, 'licence.number': 'OST-9' });
    expect(half.status).toBe(400);
    expect(half.text).toContain('is missing. Type or choose it.');
    expect(await licenceOf(OFFICE)).toBeNull();

    const { status, text } = await boss.post('/people?/licence', {
      ...{ personId, 'licence.category': 'turf', 'licence.number': 'OST-9', 'licence.by': 'Ostermere' },
    });
    expect([status, text]).toEqual([400, expect.stringContaining('What the licence covers')]);

    const whole = {
      ...{
        personId,
        'licence.category': 'turf',
        'licence.covers.turf': 'on',
        'licence.number': 'OST-9',
        'licence.by': 'Ostermere district',
      },
      'licence.until': '2028-01-31',
    };
    for (const who of ['technician', 'office', 'householder'] as const)
      expect((await (await asAccount(base, who)).post('/people?/licence', whole)).status).not.toBe(200);
    expect(await licenceOf(OFFICE)).toBeNull();
    expect((await boss.post('/people?/licence', whole)).status).toBe(200);
    expect(await licenceOf(OFFICE)).toEqual({
      ...{
        category: 'turf',
        covers: ['turf'],
        number: 'OST-9',
        by: 'Ostermere district',
        until: '2028-01-31',
      },
    });

    const none = {
      personId,
      'licence.category': '',
      'licence.number': '',
      'licence.by': '',
      'licence.until': '',
    };
    expect((await boss.post('/people?/licence', none)).status).toBe(200);
    expect(await licenceOf(OFFICE)).toBeNull();
  });

  it('counts for the person who holds it, until it has run out', async () => {
    const boss = await asAccount(base, 'owner');
    const personId = await idOf(TECHNICIAN);
    const was = await licenceOf(TECHNICIAN);
    const until = async (day: string): Promise<string> => {
      await boss.post('/people?/licence', {
        ...{
          personId,
          'licence.category': 'turf',
          'licence.covers.turf': 'on',
          'licence.number': 'OST-4102',
          'licence.by': 'Ostermere district',
        },
        'licence.until': day,
      });
      // The licence stands in the log form of whoever holds a valid one.
      return (await (await asAccount(base, 'technician')).get('/cases/6/log')).text;
    };
    expect(await until('2027-09-15')).toContain('value="OST-4102"');
    expect(await until('2027-09-14')).not.toContain('value="OST-4102"');
    expect((await boss.get('/cases/6/log')).text).not.toContain('value="OST-4102"');
    await owner.db.execute(
      sql`update memberships set licence = ${JSON.stringify(was)}::jsonb where workspace_id = ${FIRM} and person_id = ${personId}`,
    );
  });
});

describe('a workspace that is founded', () => {
  it('has the numbers of its place on the emergency card from the first minute, and its clock', async () => {
    const visitor = await asAccount(base, 'householder');
    const founded = await visitor.post('/account?/found', {
      ...{ workspace: 'Weir Cottage', kind: 'household', timeZone: 'Europe/Berlin' },
      ...{ 'emergency.poison': '555 0142', 'emergency.police': '112' },
    });
    expect(founded.status).toBe(303);
    const card = (await visitor.get('/emergency')).text;
    expect(card).toContain('555 0142');
    expect(card).not.toContain('was never filled in');
    expect((await visitor.get('/')).text).not.toContain('Whom do you call');
    expect((await visitor.get('/settings')).text).toMatch(/<option value="Europe\/Berlin" selected/);
    // In a household nobody writes a licence down.
    expect((await visitor.get('/people')).text).not.toContain('No licence');
  });

  it('asks again for what was left blank, and refuses a clock that is none', async () => {
    const visitor = await asAccount(base, 'householder');
    const wrong = await visitor.post('/account?/found', { workspace: 'Nowhere', timeZone: 'Middle/Earth' });
    expect(wrong.status).toBe(400);
    expect((await visitor.post('/account?/found', { workspace: 'Blank', timeZone: '' })).status).toBe(303);
    expect((await visitor.get('/')).text).toContain('Whom do you call');
    expect((await visitor.get('/emergency')).text).toContain('was never filled in');
  });
});
