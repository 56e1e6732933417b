import sharp from 'sharp';
import { afterAll, describe, expect, it } from 'vitest';
import { sql } from 'drizzle-orm';
import { areaOf } from '../../core/geometry';
import { EMPTY_PLAN, outlineOf, type Plan, type Zone, type ZoneShape } from '../../core/plan';
import { connect, withWorkspace, rowsOf } from '../db/client';
import * as t from '../db/schema';
import { asAccount, FIRM, type Answer, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(() => owner.close());

const propertyNamed = async (name: string): Promise<string> =>
  withWorkspace(owner.db, FIRM, async (tx) => {
    const rows = await tx
      .select()
      .from(t.properties)
      .where(sql`workspace_id = ${FIRM}`);
    return rows.find((row) => row.name.startsWith(name))?.id ?? expect.fail(name);
  });
const said = <T>({ text }: Answer): T => JSON.parse(text) as T;
interface Kept {
  readonly plan: Plan;
  readonly revision: number;
  readonly savedBy: string;
}
const read = async (visitor: Visitor, path: string): Promise<Kept> =>
  said<Kept>(await visitor.get(`${path}/save?after=-1`));
const zone = (id: string, shape: ZoneShape, more: Partial<Zone> = {}): Zone => ({
  ...{ id, name: id, kind: 'lawn', layer: 'outside', shape, note: '', from: [], foreign: null },
  ...{ measured: { how: 'tape', errorPct: 1 }, height: null, openings: [] },
  ...more,
});
const box = (x: number, length: number, width: number): ZoneShape => ({
  ...{ kind: 'rectangle', at: [x, 0], length, width, turn: 0 },
});

describe('a plan', () => {
  it('is saved on what it was built on; a later one is given back with what stands there', async () => {
    const visitor = await asAccount(base, 'owner');
    const path = `/properties/${await propertyNamed('Ostermere Bowls')}/plan`;
    expect(await read(visitor, path)).toMatchObject({ plan: EMPTY_PLAN, revision: 0 });
    const green: Plan = { ...EMPTY_PLAN, zones: [zone('green', box(0, 34, 34))] };
    const save = (plan: unknown, revision: unknown) =>
      visitor.send('PUT', `${path}/save`, { plan, revision });
    expect(said(await save(green, 0))).toEqual({ revision: 1 });
    const late = await save(EMPTY_PLAN, 0);
    expect([late.status, said<Kept>(late).revision, said<Kept>(late).plan]).toEqual([409, 1, green]);
    expect((await visitor.get(`${path}/save?after=1`)).status).toBe(204);
    for (const [plan, revision] of [
      [{ ...green, zones: [{ ...green.zones[0], shape: { kind: 'blob' } }] }, 1],
      [{ ...green, zones: [zone('green', box(0, -3, 34))] }, 1],
      [{ ...green, extra: 1 }, 1],
      [null, 1],
      [green, 'x'],
      [green, -1],
    ]) {
      const answer = await save(plan, revision);
      expect(answer.status).toBe(400);
      expect(said<{ message: string }>(answer).message).toMatch(/\./);
    }
    const broken = await visitor.send('PUT', `${path}/save`, '{"plan":');
    expect(broken.status).toBe(400);
    expect((await read(visitor, path)).plan).toEqual(green);
    expect((await visitor.get('/properties/no-such/plan/save')).status).toBe(404);
  });

  it('is seen as it stood on a past day, and goes out as SVG, CSV and GeoJSON', async () => {
    const visitor = await asAccount(base, 'owner');
    const path = `/properties/${await propertyNamed('Lantern Bay')}/plan`;
    const { plan, revision } = await read(visitor, path);
    const more = {
      ...plan,
      zones: [...plan.zones, zone('croquet', box(60, 10, 8), { name: 'Croquet lawn' })],
    };
    expect((await visitor.send('PUT', `${path}/save`, { plan: more, revision })).status).toBe(200);
    const exported = async (query: string) => (await visitor.get(`${path}/export?${query}`)).text;
    expect(await exported('as=csv')).toContain('Croquet lawn,lawn,outside,tape,1,80,');
    expect(await exported('as=csv&on=2027-09-14')).not.toContain('Croquet');
    expect((await visitor.get(`${path}/export?as=csv&on=2020-01-01`)).status).toBe(404);
    const svg = await exported('as=svg&layer=outside');
    expect(svg).toContain('<title>Lantern Bay Guest House</title>');
    expect(svg).toContain('>10 m</text>');
    expect(svg).toContain('>N</text>');
    expect((await sharp(Buffer.from(svg)).metadata()).width).toBe(1000);
    const geo = JSON.parse(await exported('as=geojson')) as { features: { id: string }[] };
    expect(geo.features.map((f) => f.id)).toContain('lawn');
    expect((await visitor.get(`${path}/export?as=dwg`)).status).toBe(400);
    expect((await visitor.get(`${path}?on=2027-09-13`)).text).toContain('as it stood at the end of');
  });

  it('is drawn over a picture that is kept without what the camera wrote; other bytes are refused', async () => {
    const visitor = await asAccount(base, 'technician');
    const path = `/properties/${await propertyNamed('Lantern Bay')}/plan/picture`;
    const png = await sharp({ create: { width: 60, height: 30, channels: 3, background: '#7a8' } })
      .png()
      .withExifMerge({ IFD0: { Copyright: 'somebody' } })
      .toBuffer();
    const kept = said<{ id: string; width: number; height: number }>(
      await visitor.send('POST', path, new Uint8Array(png)),
    );
    expect([kept.width, kept.height]).toEqual([60, 30]);
    const back = await fetch(`${base}${path}/${kept.id}`, { headers: { cookie: visitor.cookie } });
    const bytes = Buffer.from(await back.arrayBuffer());
    expect([back.headers.get('content-type'), bytes.includes('somebody')]).toEqual(['image/jpeg', false]);
    expect((await visitor.send('POST', path, 'not a picture')).status).toBe(400);
    expect(
      (await visitor.get(`${path}/${kept.id.replace(/^./, (first) => (first === '0' ? '1' : '0'))}`)).status,
    ).toBe(404);
  });
});

describe('what is measured on a plan', () => {
  it('is worked out from the plan, whatever a page says, and stands with the record', async () => {
    const visitor = await asAccount(base, 'owner');
    const path = `/properties/${await propertyNamed('Old Mill')}/plan`;
    const [first] =
      /name="basedOn" value="(\d+)"/.exec((await visitor.get('/cases/11/measure')).text)?.slice(1) ?? [];
    const sent = {
      ...{ how: 'plan', unit: 'm', basedOn: first ?? '1', 'plan.zones.lawn': 'on', 'plan.hardM': '0' },
      ...{ 'plan.areaM2': '99999', 'plan.lowM2': '99999', 'plan.highM2': '99999' },
    };
    expect((await visitor.post('/cases/11/measure?/save', sent)).status).toBe(200);
    const page = (await visitor.get('/cases/11/measure')).text;
    expect(page).toContain('60 m²');
    expect(page).not.toContain('99,999');
    const nothing = { ...sent, 'plan.zones.lawn': '', 'plan.zones.gone': 'on' };
    delete (nothing as Record<string, string>)['plan.zones.lawn'];
    expect((await visitor.post('/cases/11/measure?/save', nothing)).status).toBe(400);

    const { plan, revision } = await read(visitor, path);
    const smaller = {
      ...plan,
      zones: plan.zones.map((z) => (z.id === 'lawn' ? { ...z, shape: box(-20, 5, 6) } : z)),
    };
    expect((await visitor.send('PUT', `${path}/save`, { plan: smaller, revision })).status).toBe(200);
    expect((await visitor.get('/cases/11/mix')).text).toContain('The plan was changed since');
    const log = {
      ...{ doneOn: '2027-09-15', startedAt: '08:00', endedAt: '08:30', person: 'R. Hallow', licence: 'L-1' },
      ...{ 'product.value': '2', 'product.unit': 'g', 'area.value': '30', 'area.unit': 'm2', note: '' },
      ...{ 'finished.value': '', windKmh: '', tempC: '', lot: '' },
    };
    expect((await visitor.post('/cases/11/log?/log', log)).status).toBe(303);
    const [row] = await withWorkspace(owner.db, FIRM, (tx) =>
      rowsOf<{ ground: { zones: string[]; footprint: [number, number][][] } }>(
        tx,
        sql`select body->'ground' as ground from records where body->>'caseNumber' = '11'`,
      ),
    );
    expect(row?.ground.zones).toEqual(['lawn']);
    expect(areaOf(row?.ground.footprint ?? [])).toBeCloseTo(30, 2);
    expect(areaOf(outlineOf(box(-20, 5, 6)).rings)).toBeCloseTo(30, 6);
  });
});
