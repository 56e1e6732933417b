import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { connect, rowsOf } from '../db/client';
import { archiveOf, asAccount, contentOfArchive, FIRM, plain, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const owner = connect(process.env.NIMSY_TEST_OWNER ?? '', 1);
afterAll(owner.close);

/** Four products in one kitchen, worked by hand (docs/treatments.md shows the same figures). */
describe('one kitchen, several treatments', () => {
  let boss: Visitor;
  let number = 0;
  const save = async (stop: string, fields: Record<string, string>, treatment = 0) => {
    const at = treatment === 0 ? `/cases/${number}/${stop}` : `/cases/${number}/${treatment}/${stop}`;
    const answer = await boss.post(`${at}?/save`, { ...fields, then: 'next' });
    expect(answer.status, `${at}: ${plain(answer.text).match(/Not saved yet.{0,300}/)?.[0]}`).toBe(303);
    return answer.location;
  };
  const page = async (path: string): Promise<string> => {
    const { status, text } = await boss.get(`/cases/${number}/${path}`);
    expect(status, path).toBe(200);
    return plain(text);
  };
  const course = (fields: Record<string, string>) => boss.post(`/cases/${number}/choose?/course`, fields);

  beforeAll(async () => {
    boss = await asAccount(base, 'owner');
    const { text } = await boss.get('/cases/new');
    const propertyId = /<option value="([0-9a-f-]{36})"[^>]*>\s*Lantern Bay/.exec(text)?.[1] ?? '';
    const opened = await boss.post('/cases/new', { title: 'Behind the flour bins', propertyId });
    number = Number(/\/cases\/(\d+)/.exec(opened.location)?.[1]);
    await save('look', {
      ...{ surrounding: 'kitchen', where: 'bakehouse', test: 'sticky-monitor', 'frame.value': '7' },
      ...{ 'frame.unit': 'count', 'counts.0': '17', vigour: 'fair', note: '' },
    });
    await save('name', { candidate: 'german-cockroach', stage: '' });
    await save('choose', { label: 'ferncote-gel', reason: '' });
    await save('measure', {
      ...{ how: 'places', unit: 'm', 'places.0.count': '9', 'places.0.kind': 'hinge', 'places.1.count': '6' },
      ...{ 'places.1.kind': 'motor', 'places.2.count': '9', 'places.2.kind': 'behind the oven, on a card' },
    });
  });

  it('gel is told by its places: 24 of 0.1 g are 2.4 g, and no area is asked', async () => {
    expect(await page('measure')).toContain('24 places');
    const place = await page('place');
    expect(place).toContain('behind the oven, on a card');
    expect(place).toMatch(/hinge 9 places 0\.9 g/);
    expect(place).not.toMatch(/\bturf\b|\blanes?\b/);
    expect(await page('mix')).toMatch(/2\.4 g/);
  });

  it('a second treatment has its own ground and figures, and the first keeps its own', async () => {
    const added = await course({ takes: 'flintholm-mineral' });
    expect([added.status, added.location]).toEqual([303, `/cases/${number}/2/choose`]);
    // A dust of 1 to 2 g for each m²: behind 4 m of cupboards, 0.5 m deep, 2 m², 2 g at the least.
    expect(await save('measure', { how: 'tape', unit: 'm', length: '4', width: '0.5', strip: '' }, 2)).toBe(
      `/cases/${number}/2/when`,
    );
    expect(await page('2/measure')).toMatch(/2 m²/);
    expect(await page('2/mix')).toMatch(/2 g/);
    expect(await page('measure')).toContain('24 places');
    const choose = await page('choose');
    expect(choose).toContain('A course of two');
    expect(choose).toMatch(/A Ferncote Cockroach Gel .*B Flintholm Mineral Dust/);
  });

  it('a dust that repels, and bait, are told to be kept apart in both', async () => {
    // The mineral dust does not repel; the perimeter concentrate in cracks does.
    await course({ takes: 'gillfold-perimeter' });
    await save('measure', { how: 'edges', unit: 'm', 'edge.run': '18' }, 3);
    expect(await page('3/place')).toContain('Keep it apart from A');
    expect(await page('place')).toContain('Keep it apart from C');
    expect(await page('2/place')).not.toContain('Keep it apart from');
  });

  it('a dilution that says nothing of how much goes where is made up as much as is wanted', async () => {
    await course({ takes: 'alderhow-regulator' });
    await save('measure', { how: 'edges', unit: 'm', 'edge.run': '18' }, 4);
    // In a kitchen its use is that in cracks: 1 ml in each litre, 0.9 l of mix.
    expect(await page('4/mix')).toContain('No amount comes of these figures.');
    await save(
      'mix',
      {
        ...{ rate: '1', severity: '', tankName: '', 'tank.value': '5', 'tank.unit': 'l', measureName: '' },
        ...{ 'step.value': '0.1', 'step.unit': 'ml', before: 'clean', split: 'fill', lot: '' },
        ...{ 'make.value': '0.9', 'make.unit': 'l' },
      },
      4,
    );
    const mix = await page('4/mix');
    expect(mix).toMatch(/Add 0\.9 ml of Alderhow Growth Regulator/);
    expect(mix).toContain('0.9 l of mix for 18 m of edge');
  });

  it('a tick of one treatment never serves another, nor another go of it', async () => {
    const tick = (path: string, key: string) =>
      boss.post(`/cases/${number}/${path}?/settle`, { key, tick: 'on', said: '' });
    expect((await tick('place', 'course-apart:3')).status).toBe(200);
    const [row] = await rowsOf<{ treatment: number; go: number }>(
      owner.db,
      sql`select s.treatment, s.go from settlements s join cases c on c.id = s.case_id
        where c.workspace_id = ${FIRM} and c.number = ${number} and s.key = 'course-apart:3'`,
    );
    expect(row).toEqual({ treatment: 1, go: 1 });
    const asked = async (path: string, title: string) => (await page(path)).includes(title);
    // Gloves, ticked for the gel: the others ask for their own.
    expect((await tick('mix', 'wear-ppe')).status).toBe(200);
    const ticks = await rowsOf<{ treatment: number }>(
      owner.db,
      sql`select s.treatment from settlements s join cases c on c.id = s.case_id
        where c.workspace_id = ${FIRM} and c.number = ${number} and s.key = 'wear-ppe'`,
    );
    expect(ticks).toEqual([{ treatment: 1 }]);
    expect(await asked('3/mix', 'Care · Wear gloves')).toBe(true);
    expect(await asked('mix', 'Care · Wear gloves')).toBe(false);
    // The next go of the gel asks anew, and keeps what was chosen and measured.
    const next = await course({ act: 'next-go', number: '1' });
    expect(next.location).toBe(`/cases/${number}/1/when`);
    expect(await asked('1/mix', 'Care · Wear gloves')).toBe(true);
    expect(await page('1/measure')).toContain('24 places');
  });

  it('is logged each by itself', async () => {
    const { text } = await boss.get(`/cases/${number}/2/log`);
    const requestKey = /name="requestKey" value="([^"]+)"/.exec(text)?.[1] ?? '';
    const logged = await boss.post(`/cases/${number}/2/log?/log`, {
      ...{ requestKey, doneOn: '2027-09-15', startedAt: '06:00', endedAt: '06:20' },
      ...{ 'product.value': '2', 'product.unit': 'g', 'area.value': '2', 'area.unit': 'm2' },
      ...{ windKmh: '', tempC: '', lot: '', person: 'R. Hallow', licence: '', note: '', corrects: '' },
    });
    expect([logged.status, logged.location], plain(logged.text).slice(0, 600)).toEqual([
      303,
      `/cases/${number}/2/log`,
    ]);
    expect(await page('2/log')).toContain('2 g');
    expect(await page('choose')).toMatch(/B Flintholm Mineral Dust done/);
    expect(await page('1/log')).toContain('nothing put down yet');
  });

  it('keeps its order as it is moved, and what is dropped stands in the course no more', async () => {
    await course({ act: 'up', number: '3' });
    expect(await page('choose')).toMatch(/A Ferncote .*B Gillfold .*C Flintholm/);
    // Let go behind so many others; behind more than there are it stays.
    await course({ act: 'to', number: '3', place: '0' });
    expect(await page('choose')).toMatch(/A Gillfold .*B Ferncote .*C Flintholm/);
    await course({ act: 'to', number: '3', place: '9' });
    await course({ act: 'to', number: '3', place: '1' });
    expect(await page('choose')).toMatch(/A Ferncote .*B Gillfold .*C Flintholm/);
    await course({ act: 'dropped', number: '3' });
    const after = await page('1/place');
    expect(after).not.toContain('Keep it apart from');
    await course({ act: 'planned', number: '3' });
    expect(await page('1/place')).toContain('Keep it apart from B');
    expect((await boss.post(`/cases/${number}/choose?/course`, { act: 'up', number: '77' })).status).toBe(
      404,
    );
    expect((await boss.get(`/cases/${number}/77/mix`)).status).toBe(404);
  });

  it('gel is logged by its places, and nobody asks for an area', async () => {
    // The gel is logged by its places; no area is asked.
    const gel = (await boss.get(`/cases/${number}/1/log`)).text;
    expect(plain(gel)).toContain('Places done');
    const key = /name="requestKey" value="([^"]+)"/.exec(gel)?.[1] ?? '';
    const placed = await boss.post(`/cases/${number}/1/log?/log`, {
      ...{ requestKey: key, doneOn: '2027-09-15', startedAt: '06:00', endedAt: '06:25' },
      ...{ 'product.value': '2.4', 'product.unit': 'g', 'area.value': '24', 'area.unit': 'count' },
      ...{ windKmh: '', tempC: '', lot: '', person: 'R. Hallow', licence: '', note: '', corrects: '' },
    });
    expect(placed.status, plain(placed.text).slice(0, 600)).toBe(303);
    expect(await page('1/log')).toContain('2.4 g of Ferncote Cockroach Gel at 24 places');
    // What it leaves to be done stands on the case and on Today, until somebody ticks it with what was read.
    const left = await page('1/log');
    expect(left).toMatch(/things? (is|are) still to do/);
    expect(left).toContain('Look at the bait: eaten, dry, gone; top it up');
    expect(plain((await boss.get('/')).text)).toContain('Still to do after the work');
    const dueKey = /name="key" value="(due look-at-bait [^"]+)"/.exec(
      (await boss.get(`/cases/${number}/1/log`)).text,
    )?.[1];
    const tick = { key: dueKey ?? '', tick: 'on', said: 'half of it eaten behind the oven' };
    expect((await boss.post(`/cases/${number}/3/log?/due`, tick)).status).toBe(400);
    expect((await boss.post(`/cases/${number}/1/log?/due`, tick)).status).toBe(200);
    expect(await page('1/log')).toContain('Looked at: “half of it eaten behind the oven”, R. Hallow');
    // A spray in the cracks now finds bait that really lies there.
    expect(await page('3/choose')).toContain('Bait lies here');
  });

  it('goes out with the workspace, treatment by treatment', async () => {
    const file = await contentOfArchive<{
      content: { cases: { number: number; treatments?: unknown[]; stops: { treatment?: number }[] }[] };
    }>(await archiveOf(boss));
    const told = file.content.cases.find((one) => one.number === number);
    expect(told?.treatments).toMatchObject([
      { number: 1, go: 2, state: 'planned' },
      { number: 3, go: 1 },
      { number: 2, go: 1 },
      { number: 4, go: 1 },
    ]);
    expect(new Set(told?.stops.map(({ treatment = 1 }) => treatment))).toEqual(new Set([1, 2, 3, 4]));
  });
});

/** Round the guest house: 34 m of soil by 1.5 m and 20 m of eaves by 0.3 m are 57 m²; 4 l over 100 m², 2.5 ml in each. */
describe('a routine visit without an insect', () => {
  let boss: Visitor;
  let propertyId = '';
  const opened: number[] = [];
  const open = async (name: string): Promise<number> => {
    const answer = await boss.post('/cases/new', { purpose: 'routine', title: '', propertyId });
    const number = Number(/\/cases\/(\d+)/.exec(answer.location)?.[1]);
    opened.push(number);
    const save = async (stop: string, fields: Record<string, string>): Promise<void> => {
      const { status, text } = await boss.post(`/cases/${number}/${stop}?/save`, { ...fields, then: 'next' });
      expect(status, `${stop}: ${plain(text).match(/Not saved yet.{0,300}/)?.[0]}`).toBe(303);
    };
    await save('choose', { label: 'gillfold-perimeter', reason: '' });
    await save('measure', {
      ...{ how: 'edges', unit: 'm', name, waterOff: '25', 'edge.run': '46', 'edge.hard': '12' },
      ...{ 'edge.up': '0.6', 'edge.out': '0.9', 'edge.more.0.kind': 'eaves' },
      ...{ 'edge.more.0.run': '20', 'edge.more.0.wide': '0.3' },
    });
    return number;
  };
  const page = async (path: string): Promise<string> => plain((await boss.get(`/cases/${path}`)).text);
  beforeAll(async () => {
    boss = await asAccount(base, 'owner');
    const { text } = await boss.get('/cases/new');
    propertyId = /<option value="([0-9a-f-]{36})"[^>]*>\s*Lantern Bay/.exec(text)?.[1] ?? '';
  });

  it('has amounts for its walls, asks for bloom and water, and names nothing', async () => {
    const number = await open('house walls');
    expect(await page(`${number}/measure`)).toMatch(/66 m of edge, 57 m²/);
    const mix = await page(`${number}/mix`);
    expect(mix).toContain('Add 5.7 ml of Gillfold Perimeter Concentrate');
    expect(mix).toContain('2.28 l of mix');
    expect(mix).toContain('Look for flowers right before the start');
    expect(mix).toContain('8 m from the water');
    expect(await page(`${number}/name`)).toContain('Nothing named: what the label is for');
    const none = await boss.post(`/cases/${number}/name?/save`, { candidate: 'none', then: 'next' });
    expect(none.status).toBe(303);
    expect(await page(`${number}/mix`)).toContain('Add 5.7 ml');
    expect(await page(`${number}/recheck`)).not.toContain('NaN');
  });

  it('is logged without a name, and its ground is known again only once the property knows it', async () => {
    const [number = 0] = opened;
    const { text } = await boss.get(`/cases/${number}/log`);
    const logged = await boss.post(`/cases/${number}/log?/log`, {
      ...{ requestKey: /name="requestKey" value="([^"]+)"/.exec(text)?.[1] ?? '' },
      ...{ doneOn: '2027-09-15', startedAt: '07:00', endedAt: '07:40', corrects: '', note: '', lot: '' },
      ...{ 'product.value': '5.7', 'product.unit': 'ml', 'area.value': '57', 'area.unit': 'm2' },
      ...{ windKmh: '6', tempC: '15', person: 'R. Hallow', licence: '' },
    });
    expect(logged.status, plain(logged.text).slice(0, 400)).toBe(303);
    const [row] = await rowsOf<{ pest: string; name: string }>(
      owner.db,
      sql`select body->>'pest' as pest, body->'ground'->>'name' as name from records
        where workspace_id = ${FIRM} and body->>'caseNumber' = ${String(number)} order by logged_order desc limit 1`,
    );
    expect(row).toEqual({ pest: '', name: 'house walls' });
    // Another wall of the same house: until both have a name there, it counts as the same, 21 days apart.
    const shed = await open('shed');
    expect(await page(`${shed}/measure`)).toContain('does not know it by that name yet');
    expect(await page(`${shed}/mix`)).toMatch(/Halt · No sooner than/);
    for (const name of ['house walls', 'shed'])
      expect((await boss.post(`/properties/${propertyId}?/ground`, { name })).status).toBe(200);
    expect(await page(`${shed}/mix`)).toContain('Add 5.7 ml');
    expect(await page(`${shed}/measure`)).toContain('Known since');
    const again = await open('House  Walls');
    expect(await page(`${again}/mix`)).toMatch(/Halt · No sooner than/);
    // Where it lies on the plan is said by its zones; those that the plan does not have are none.
    const [zone = ''] =
      / name="zones\.([\w-]+)"/.exec((await boss.get(`/properties/${propertyId}`)).text)?.slice(1) ?? [];
    const tie = (name: string) =>
      boss.post(`/properties/${propertyId}?/tie`, { name, [`zones.${zone}`]: 'on', 'zones.elsewhere': 'on' });
    expect(zone).not.toBe('');
    expect((await tie('shed')).status).toBe(200);
    expect((await tie('barn')).status).toBe(400);
    const [kept] = await rowsOf<{ grounds: { name: string; zones?: string[]; tiedOn?: string }[] }>(
      owner.db,
      sql`select grounds from properties where id = ${propertyId}`,
    );
    expect(kept?.grounds.map(({ zones = [], tiedOn }) => [zones, tiedOn])).toEqual([
      [[], undefined],
      [[zone], '2027-09-15'],
    ]);
    expect(await page(`${shed}/measure`)).toContain('where it lies on the plan is said');
    // What was logged under a name that is tied stands in the history of its zones on the plan.
    const shown = async (): Promise<string> =>
      /putDown:\[(.*?)\],today/s.exec((await boss.get(`/properties/${propertyId}/plan`)).text)?.[1] ?? '';
    const before = await shown();
    expect((await tie('house walls')).status).toBe(200);
    const after = await shown();
    expect(after.length).toBeGreaterThan(before.length);
    expect(after).toContain(`zones:["${zone}"]`);
    // Twice the same name is no second ground.
    expect((await boss.post(`/properties/${propertyId}?/ground`, { name: 'Shed' })).status).toBe(400);
    expect((await boss.post(`/properties/${propertyId}?/ground`, { name: 'shed', off: 'on' })).status).toBe(
      200,
    );
    expect(await page(`${shed}/mix`)).toMatch(/Halt · No sooner than/);
  });
});

describe('the part of the world of a place', () => {
  it('is that of its time zone and latitude until somebody says otherwise, and what lives there is likelier then', async () => {
    const boss = await asAccount(base, 'owner');
    const [place] = await rowsOf<{
      id: string;
      name: string;
      address: string;
      latitude: number;
      time_zone: string;
      revision: number;
    }>(
      owner.db,
      sql`select id, name, address, latitude, time_zone, revision from properties where workspace_id = ${FIRM} and name like 'Sallow%'`,
    );
    if (!place) return expect.fail('no place');
    const change = async (region: string, revision: number): Promise<number> =>
      (
        await boss.post(`/properties/${place.id}?/change`, {
          ...{
            name: place.name,
            address: place.address,
            latitude: String(place.latitude),
            timeZone: place.time_zone,
          },
          ...{
            region,
            note: '',
            avoidFromDeg: '',
            avoidToDeg: '',
            customerId: '',
            revision: String(revision),
          },
        })
      ).status;
    const opened = await boss.post('/cases/new', {
      title: 'Sting',
      propertyId: place.id,
      surrounding: 'ground',
    });
    const at = `${opened.location.split('/').slice(0, 3).join('/')}/name`;
    const weighed = async (): Promise<string> =>
      /Weighed for ([^:]+):/.exec(plain((await boss.get(at)).text))?.[1] ?? '';
    expect(await weighed()).toBe('Europe north of the Alps');
    expect(await change('moon', place.revision)).toBe(400);
    expect(await change('australia', place.revision)).toBe(200);
    expect(await weighed()).toBe('Australia');
    expect(await change('', place.revision + 1)).toBe(200);
    expect(await weighed()).toBe('Europe north of the Alps');
  });
});

/** 336 m²: 60 to 80 l and 80 l of mix for 1,000 m² are 80 for both, 26.9 l; 33.6 ml and 16.8 g at the least. */
describe('two products in one tank', () => {
  it('are two treatments with one mix, a jar, and figures of their own', async () => {
    const boss = await asAccount(base, 'owner');
    const { text } = await boss.get('/cases/new');
    const propertyId = /<option value="([0-9a-f-]{36})"[^>]*>\s*3 Weir/.exec(text)?.[1] ?? '';
    const opened = await boss.post('/cases/new', { title: 'Webworms', propertyId });
    const number = Number(/\/cases\/(\d+)/.exec(opened.location)?.[1]);
    const save = async (path: string, fields: Record<string, string>): Promise<void> => {
      const { status, text: said } = await boss.post(`/cases/${number}/${path}?/save`, {
        ...fields,
        then: 'next',
      });
      expect(status, `${path}: ${plain(said).match(/Not saved yet.{0,300}/)?.[0]}`).toBe(303);
    };
    const page = async (path: string): Promise<string> =>
      plain((await boss.get(`/cases/${number}/${path}`)).text);
    await save('look', {
      ...{ surrounding: 'lawn', where: 'lawn', test: 'soap-flush', 'frame.value': '1', 'frame.unit': 'm2' },
      ...{ 'counts.0': '24', 'counts.1': '26', 'counts.2': '25', vigour: 'fair', note: '' },
      ...{ 'signs.chewed-blades': 'yes', 'signs.green-pellets': 'yes', 'signs.moths-at-dusk': 'yes' },
    });
    await save('name', { candidate: 'sod-webworm', 'stages.young': 'on' });
    await save('choose', { label: 'tarnside-liquid', reason: '' });
    await save('measure', { how: 'tape', unit: 'm', name: '', length: '24', width: '14', strip: '' });
    const tank = { 'tank.value': '15', 'tank.unit': 'l', split: 'fill', before: 'clean', lot: '' };
    await save('mix', { rate: '100', tankName: 'Knapsack 15 l', measureName: '', ...tank });
    expect(await page('1/mix')).toContain('20.2 l of mix');
    await boss.post(`/cases/${number}/choose?/course`, { takes: 'sallowfold-bacterium' });
    const shared = { 'shared.with': '1', 'shared.jarOn': '2027-09-15', 'shared.jarBy': 'R. Hallow' };
    const own = { rate: '50', tankName: '', measureName: '', split: 'fill', lot: '' };
    await save('2/mix', { ...own, ...shared, 'shared.jarResult': '' });
    for (const path of ['1/mix', '2/mix']) expect(await page(path)).toContain('No jar was tried');
    await save('2/mix', { ...own, ...shared, 'shared.jarResult': 'mixes', basedOn: '1' });
    const [first, second] = [await page('1/mix'), await page('2/mix')];
    expect(first).toMatch(/Add 33\.6 ml of Tarnside Turf Liquid.* 26\.9 l of mix/);
    expect(first).toMatch(/Shake, then .{0,30} of Sallowfold/);
    expect(second).toMatch(/16\.8 g of Sallowfold Caterpillar Powder.* It goes into the tank of A/);
    expect(await page('2/place')).toContain('It goes into the tank of A');
    expect(await page('2/measure')).toContain('336 m²');
  });
});
