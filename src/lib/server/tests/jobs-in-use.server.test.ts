import { beforeAll, describe, expect, it } from 'vitest';
import { asAccount, plain, type Visitor } from './visit';

/** Jobs from Look to Log over the forms, with the figures of docs/treatments.md. */

type Fields = Record<string, string>;
const LAWN: Fields = { surrounding: 'lawn', where: 'lawn', vigour: 'fair', note: '' };
const tape = (length: string, width: string): Fields => ({
  ...{ how: 'tape', unit: 'm', name: '', length, width, strip: '' },
});
const SOCKS: Fields = {
  ...{ test: 'white-socks', 'frame.value': '1', 'frame.unit': 'count', 'counts.0': '4' },
};
const MIX: Fields = {
  ...{ severity: '', tankName: 'Knapsack', 'tank.value': '15', 'tank.unit': 'l', measureName: '' },
  ...{ before: 'clean', split: 'fill', lot: '' },
};

describe('a job from Look to Log', () => {
  let boss: Visitor;
  let propertyId = '';
  beforeAll(async () => {
    boss = await asAccount(process.env.NIMSY_TEST_URL ?? '', 'owner');
    const { text } = await boss.get('/cases/new');
    propertyId = /<option value="([0-9a-f-]{36})"[^>]*>\s*3 Weir/.exec(text)?.[1] ?? '';
  });

  async function open(title: string, stops: readonly (readonly [stop: string, fields: Fields])[]) {
    const opened = await boss.post('/cases/new', { title, propertyId });
    const number = Number(/\/cases\/(\d+)/.exec(opened.location)?.[1]);
    const save = async (stop: string, fields: Fields): Promise<void> => {
      const { status, text } = await boss.post(`/cases/${number}/${stop}?/save`, { ...fields, then: 'next' });
      expect(status, `${stop}: ${plain(text).match(/Not saved yet.{0,300}/)?.[0]}`).toBe(303);
    };
    for (const [stop, fields] of stops) await save(stop, fields);
    const page = async (path: string): Promise<string> => {
      const { status, text } = await boss.get(`/cases/${number}/${path}`);
      expect(status, path).toBe(200);
      return plain(text);
    };
    const log = async (fields: Fields): Promise<void> => {
      const { text } = await boss.get(`/cases/${number}/log`);
      const requestKey = /name="requestKey" value="([^"]+)"/.exec(text)?.[1] ?? '';
      const { status, text: said } = await boss.post(`/cases/${number}/log?/log`, {
        ...{ requestKey, doneOn: '2027-09-15', startedAt: '06:00', endedAt: '06:40', corrects: '' },
        ...{ windKmh: '', tempC: '', lot: '', person: 'R. Hallow', licence: '', note: '', ...fields },
      });
      expect(status, plain(said).match(/Not (?:saved|logged).{0,400}/)?.[0]).toBe(303);
    };
    const tick = async (key: string): Promise<void> => {
      const { status } = await boss.post(`/cases/${number}/mix?/settle`, { key, tick: 'on', said: '' });
      expect(status, key).toBe(200);
    };
    return { number, page, save, log, tick };
  }

  it('powder on a grid of 4 ft over 12 × 12 ft is nine points, 27 g, and no area is asked', async () => {
    const { page, log } = await open('Spores', [
      ['look', { ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '3' }],
      ['name', { candidate: 'japanese-beetle', stage: '' }],
      ['choose', { label: 'chalkfold-spore', reason: '' }],
      ['measure', { how: 'grid', unit: 'ft', name: '', length: '12', width: '12', 'grid.spacing': '4' }],
    ]);
    expect(await page('measure')).toMatch(/9 points|9 places/);
    expect(await page('mix')).toMatch(/27 g/);
    const place = await page('place');
    expect(place).toMatch(/3 × 3|3 rows/);
    expect(place).not.toMatch(/\blanes?\b/);
    await log({ 'product.value': '27', 'product.unit': 'g', 'area.value': '9', 'area.unit': 'count' });
    expect(await page('log')).toContain('27 g of Chalkfold');
  });

  it('a sheet lies from dusk to dawn across midnight, without lanes or rinse, and is lifted and counted', async () => {
    const { page, log } = await open('Sheet', [
      ['look', { ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '5' }],
      ['name', { candidate: 'crane-fly', stage: '' }],
      ['choose', { label: 'duskfold-sheet', reason: '' }],
      ['measure', tape('24', '14')],
    ]);
    // 336 ÷ 12.
    expect(await page('mix')).toMatch(/28/);
    const place = await page('place');
    expect(place).not.toMatch(/\blanes?\b|[Rr]insate/);
    await log({
      ...{ startedAt: '20:30', endedAt: '06:30', 'product.value': '28', 'product.unit': 'count' },
      ...{ 'area.value': '336', 'area.unit': 'm2' },
    });
    expect(await page('log')).toMatch(/[Ll]ift/);
  });

  it('an aerosol without a rate is used by its instruction and logged as it was weighed', async () => {
    const { page, log, tick } = await open('Fleas', [
      [
        'look',
        {
          surrounding: 'room',
          where: 'carpet',
          vigour: 'fair',
          note: '',
          ...SOCKS,
          'signs.jumping-specks': 'yes',
          'signs.pet-scratches': 'yes',
        },
      ],
      ['name', { candidate: 'flea', stage: '' }],
      ['choose', { label: 'fenrigg-sweep', reason: '' }],
      ['measure', tape('5', '4')],
    ]);
    // What kills fish waits until the tank is covered.
    expect(await page('mix')).toContain('Halt · Fish tank');
    await tick('label-asks:fish');
    const mix = await page('mix');
    expect(mix).toContain('Nothing to mix: by its instruction');
    expect(mix).not.toContain('NaN');
    await log({ 'product.value': '85', 'product.unit': 'g', 'area.value': '20', 'area.unit': 'm2' });
    expect(await page('log')).toContain('85 g of Fenrigg');
  });

  it('sponges go whole into stock, and so much of it into each fill', async () => {
    const { page } = await open('Leatherjackets', [
      ['look', { ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '5' }],
      ['name', { candidate: 'crane-fly', stage: '' }],
      ['choose', { label: 'mossfold-sponge', reason: '' }],
      ['measure', tape('24', '14')],
      ['mix', { ...MIX, rate: '50', packs: 'whole' }],
    ]);
    const mix = await page('mix');
    // 168 million ÷ 50, rounded up; 4 × 5 l; 15 ÷ 67.2 of it.
    expect(mix).toMatch(/4 packs/);
    expect(mix).toMatch(/20 l/);
    expect(mix).toMatch(/4\.4[56] l/);
  });

  it('crossed passes that would lay down too much are a Halt, and a wider walk opens it', async () => {
    const { page, save } = await open('Granules', [
      ['look', { ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '3' }],
      ['name', { candidate: 'chafer-grub', stage: '' }],
      ['choose', { label: 'thornrigg-quick', reason: '' }],
      ['measure', tape('10', '10')],
      ['mix', { ...MIX, rate: '15', 'tank.value': '', tankName: '', 'step.value': '1', 'step.unit': 'g' }],
      ['place', { swathM: '3', overlap: '0', direction: '0', edges: 'cover', start: 'this-end' }],
    ]);
    expect(await page('place')).toContain('Two passes at half the rate would be too much');
    await save('place', {
      ...{ swathM: '2.5', overlap: '0', direction: '0', edges: 'cover', start: 'this-end', basedOn: '1' },
    });
    expect(await page('place')).not.toContain('Two passes at half the rate would be too much');
  });

  it('four gallons in a sprayer of three are two loads, and the lanes know where the second begins', async () => {
    const { page } = await open('Two loads', [
      ['look', { ...LAWN, test: 'soap-flush', 'frame.value': '1', 'frame.unit': 'm2', 'counts.0': '24' }],
      ['name', { candidate: 'sod-webworm', stage: '' }],
      ['choose', { label: 'tarnside-liquid', reason: '' }],
      // 252.4 m² at 60 l over 1,000 m²: 15.14 l, which is 4 gal.
      ['measure', tape('17.53', '14.4')],
      ['mix', { ...MIX, rate: '100', 'tank.value': '3', 'tank.unit': 'gal' }],
      ['place', { swathM: '1.5', overlap: '0', direction: '0', edges: 'cover', start: 'this-end' }],
    ]);
    expect(await page('mix')).toContain('15.1 l of mix');
    const place = await page('place');
    expect(place).toContain('25.2 ml in 2 loads');
    expect(place).toContain('A triangle: the next load is fetched.');
  });

  it('of How much becomes a treatment with its card, ground and tank, once, and is logged like any other', async () => {
    const { number, page, log } = await open('Taken over', [
      ['look', { ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '5' }],
      ['name', { candidate: 'crane-fly', stage: '' }],
    ]);
    const job: Fields = {
      ...{ method: 'tank', least: '125', most: '', chosen: '', rateUnit: 'ml', 'per.value': '1000' },
      ...{ 'per.unit': 'm2', 'target.value': '336', 'target.unit': 'm2', 'mix.value': '60' },
      ...{ 'mix.unit': 'l', 'mixPer.value': '1000', 'mixPer.unit': 'm2', 'tank.value': '15' },
      ...{ 'tank.unit': 'l', case: String(number), productName: 'Sedgefold liquid' },
      ...{ 'container.value': '250', 'container.unit': 'ml', family: 'systemic' },
      sendKey: '5f0c1c1e-6d0e-4b5e-9a51-1f3b7a1f0c11',
    };
    expect((await boss.post('/how-much?/take', { ...job, productName: '' })).status).toBe(400);
    expect((await boss.post('/how-much?/take', { ...job, case: '9999' })).status).toBe(400);
    // A tank can hold any of six families: which, only the label's reader knows; and dust is none of them.
    for (const family of ['', 'dust'])
      expect((await boss.post('/how-much?/take', { ...job, family })).status).toBe(400);
    for (const _again of [1, 2])
      expect((await boss.post('/how-much?/take', job)).location).toBe(`/cases/${number}/mix`);
    // 0.125 × 336, by the label's figures; held until somebody has read the rest of it.
    expect(await page('mix')).toContain('Only the figures of this label were copied');
    const key = /name="key" value="([^"]*figuresOnly[^"]*)"/.exec(
      (await boss.get(`/cases/${number}/mix`)).text,
    );
    await boss.post(`/cases/${number}/mix?/settle`, { key: key?.[1] ?? '', tick: 'on', said: '' });
    expect(await page('mix')).toMatch(/42 ml/);
    expect(await page('measure')).toContain('336');
    await log({ 'product.value': '42', 'product.unit': 'ml', 'area.value': '336', 'area.unit': 'm2' });
    expect(await page('log')).toContain('42 ml of Sedgefold liquid');
    // A second one stands beside it as the next treatment.
    const second = await boss.post('/how-much?/take', {
      ...{ ...job, productName: 'Sedgefold second' },
      sendKey: '5f0c1c1e-6d0e-4b5e-9a51-1f3b7a1f0c12',
    });
    expect(second.location).toBe(`/cases/${number}/2/mix`);
    expect(await page('2/mix')).toContain('Sedgefold second');
  });

  it('a kitchen remedy is tried in a case for a week, stands on Today until it is judged, and what harms is not', async () => {
    const { number, page, save } = await open('Slugs in the bed', []);
    const trying = (remedy: string, days = '7') =>
      boss.post('/guide/kitchen?/try', { remedy, case: String(number), days });
    // Where it was has to be said first, and salt is never tried.
    expect((await trying('beer-cup')).text).toContain('Say first at Look');
    const look = {
      ...{ ...LAWN, test: 'turf-flap', 'frame.value': '0.1', 'frame.unit': 'm2', 'counts.0': '' },
      ...{ 'signs.slime-trails': 'yes', 'signs.night-feeders': 'slugs' },
    };
    await save('look', { ...look, surrounding: 'bed' });
    await save('name', { candidate: 'slug', stage: '' });
    expect((await trying('salt')).status).toBe(400);
    expect((await trying('beer-cup', '0')).status).toBe(400);
    expect((await trying('beer-cup')).location).toBe(`/cases/${number}/look`);
    expect((await trying('beer-cup')).text).toContain('being tried there already');
    // From the case’s own link that case is chosen.
    const linked = (await boss.get(`/guide/kitchen?q=slug&case=${number}`)).text;
    expect(linked).toMatch(new RegExp(`<option value="${number}" selected`));
    expect(await page('look')).toMatch(/Being tried: [^,]*, until Wed 22 Sep/);
    expect(await page('choose')).toContain('Being tried until Wed 22 Sep');
    // The name was not built on it; it is on what was counted.
    expect(await page('name')).not.toContain('Name , halted');
    expect(await page('name')).not.toContain('An earlier stop changed');
    const today = async (): Promise<string> => plain((await boss.get('/')).text);
    expect(await today()).toContain('say what came of it: cup of beer');
    // What came of it is said at Look; then it is due no more.
    const tried = /name="tried.0.what" [^>]*value="([^"]+)"/.exec(
      (await boss.get(`/cases/${number}/look`)).text,
    );
    await save('look', {
      ...{
        ...look,
        surrounding: 'bed',
        'tried.0.what': tried?.[1] ?? '',
        'tried.0.outcome': 'Eleven, then nine',
      },
      ...{ 'tried.0.from': '2027-09-15', 'tried.0.until': '2027-09-22', basedOn: '2' },
    });
    expect(await today()).not.toContain('say what came of it: cup of beer');
    expect(await page('look')).toContain('Tried at home: 1');
    expect(await page('name')).not.toContain('An earlier stop changed');
    await save('look', { ...look, surrounding: 'bed', 'counts.0': '3', basedOn: '3' });
    expect(await page('name')).toContain('An earlier stop changed');
    // Where it is over it may be tried again; the same in two cases on one day are two.
    expect((await trying('beer-cup')).status).toBe(303);
    const other = await open('Slugs by the wall', [['look', { ...look, surrounding: 'bed' }]]);
    const there = { remedy: 'beer-cup', case: String(other.number), days: '7' };
    expect((await boss.post('/guide/kitchen?/try', there)).status).toBe(303);
    expect((await today()).match(/say what came of it: cup of beer/g)).toHaveLength(2);
  });
});
