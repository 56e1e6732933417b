import { describe, expect, it } from 'vitest';
import { asAccount, ownPlace, sendFile, type Answer } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const CARD = '/shelf/tarnside-liquid';

/** What a page says where it lists what is wrong. */
const wrongIn = ({ text }: Answer): string =>
  /role="alert"[\s\S]*?<\/div>/.exec(text)?.[0].replace(/<[^>]*>|\s+/g, ' ') ?? '';
describe('label cards as JSON', () => {
  it('come back as the same, add nothing then, and a next version where they differ', async () => {
    const visitor = await asAccount(base, 'householder');
    const shelf = (await visitor.get('/shelf/export')).text;
    const file = JSON.parse(shelf) as {
      cards: { id: string; version: number; name: string; ppe: string[] }[];
    };
    expect(file.cards.length).toBeGreaterThanOrEqual(24);
    const again = await sendFile(visitor, '/shelf/import?/cards', 'file', shelf);
    expect([again.status, again.location]).toEqual([303, `/shelf/import?added=0&same=${file.cards.length}`]);

    const one = JSON.parse(
      (await visitor.get('/shelf/ferncote-gel/export')).text,
    ) as (typeof file.cards)[number];
    const changed = JSON.stringify({ ...one, ppe: ['thick gloves'] });
    expect((await sendFile(visitor, '/shelf/import?/cards', 'file', changed)).location).toContain('added=1');
    expect((await visitor.get('/shelf/ferncote-gel')).text).toContain('thick gloves');
    const older = await visitor.get(`/shelf/ferncote-gel?version=${one.version}`);
    expect(older.text).toContain('An older version');
    expect(older.text).not.toContain('thick gloves');
    expect((await visitor.get('/shelf/ferncote-gel?version=99')).status).toBe(404);
  });

  it('are refused by line, path and what was expected, and none of them is kept', async () => {
    const visitor = await asAccount(base, 'householder');
    const shelf = (await visitor.get('/shelf/export')).text;
    const lines = shelf.split('\n');
    const at = lines.findIndex((line) => line.includes('"form": "gel"'));
    lines[at] = (lines[at] ?? '').replace('"gel"', '"jelly"');
    const renamed = lines.join('\n').replace('Tarnside Turf Liquid', 'Never to be seen');
    const answer = await sendFile(visitor, '/shelf/import?/cards', 'file', renamed);
    expect(answer.status).toBe(400);
    expect(wrongIn(answer)).toMatch(
      new RegExp(`Line ${at + 1}, cards\\[\\d+\\]\\.form: expected one of granule`),
    );
    expect((await visitor.get(CARD)).text).not.toContain('Never to be seen');
    const broken = await sendFile(visitor, '/shelf/import?/cards', 'file', '{\n  "id": ,\n}');
    expect(wrongIn(broken)).toContain('Line 2: this is no JSON');
    const extra = await sendFile(visitor, '/shelf/import?/cards', 'file', '{"format":"nimsy-label-cards"}');
    expect([extra.status, wrongIn(extra)]).toEqual([400, expect.stringContaining('expected')]);
  });
});

describe('stock as CSV', () => {
  it('of many rows goes in and out as it is read', async () => {
    const visitor = await ownPlace(base, 'A store');
    const rows = Array.from({ length: 1_000 }, (_, i) => `tarnside-liquid,L${i},250,ml,${i % 251}`);
    const csv = ['label_id,lot,size,unit,left', ...rows].join('\n');
    const answer = await sendFile(visitor, '/shelf/import?/stock', 'stock', csv);
    expect([answer.status, answer.location]).toEqual([303, '/shelf/import?containers=1000']);
    const out = (await visitor.get('/shelf/stock')).text.trim().split('\n');
    expect(out).toHaveLength(1_001);
    expect(out[0]).toBe(
      'label_id,label,lot,size,unit,left,price,currency,bought_on,expires_on,opened_on,kept_in',
    );
    expect(out.find((line) => line.includes(',L7,'))).toMatch(
      /^tarnside-liquid,Tarnside Turf Liquid,L7,250,ml,7,/,
    );
  });

  it('is refused with the line and the column, and nothing is half read in', async () => {
    const visitor = await ownPlace(base, 'A tidy store');
    const csv = [
      'label,lot,size,unit,left,expires_on',
      'Tarnside Turf Liquid,A1,250,ml,100,2028-01-31',
      'Tarnside Turf Liquid,A2,much,ml,,',
      'No such label,A3,250,ml,,',
      'Tarnside Turf Liquid,A4,250,kg,,',
      'Tarnside Turf Liquid,A5,250,ml,251,',
      'Tarnside Turf Liquid,A1,250,ml,,2028-02-31',
    ].join('\n');
    const answer = await sendFile(visitor, '/shelf/import?/stock', 'stock', csv);
    expect(answer.status).toBe(400);
    for (const said of [
      'Line 3, size: expected a number with a point',
      'Line 4, label: expected a label that is on the shelf',
      'Line 5, unit: expected ml',
      'Line 6, left: expected at most the size, 250',
      'Line 7, expires_on: expected a date',
    ])
      expect(wrongIn(answer)).toContain(said);
    expect((await visitor.get('/shelf/stock')).text.trim().split('\n')).toHaveLength(1);
    const column = await sendFile(visitor, '/shelf/import?/stock', 'stock', 'lot,colour\nA,red');
    expect(wrongIn(column)).toMatch(/expected a column size.*expected no column “colour”/);
    const quote = await sendFile(
      visitor,
      '/shelf/import?/stock',
      'stock',
      'lot,size,unit,label\n"A,1,ml,x\n',
    );
    expect(quote.status).toBe(400);
  });
});

describe('what is left of a container', () => {
  it('follows counts and spills, and never falls below nothing', async () => {
    const visitor = await ownPlace(base, 'A careful store');
    const container = { lot: 'S1', 'size.value': '250', 'size.unit': 'ml', price: '30', keptIn: 'shed' };
    expect((await visitor.post(`${CARD}?/container`, container)).status).toBe(303);
    expect((await visitor.post(`${CARD}?/container`, container)).status).toBe(409);
    const change = (reason: string, amount: string, note = '') =>
      visitor.post(`${CARD}?/change`, { lot: 'S1', reason, amount, note });
    expect((await change('spill', '40', 'On the path')).status).toBe(303);
    expect((await visitor.get(CARD)).text).toMatch(/210 of 250\s+ml/);
    const tooMuch = await change('given', '211');
    expect([tooMuch.status, tooMuch.text.includes('No more than 210 is left')]).toEqual([400, true]);
    expect((await change('counted', '120')).status).toBe(303);
    const page = (await visitor.get(CARD)).text;
    expect(page).toMatch(/120 of 250\s+ml/);
    expect(page).toContain('On the path');
    expect((await visitor.post(`${CARD}?/change`, { lot: 'no', reason: 'spill', amount: '1' })).status).toBe(
      404,
    );
    expect((await visitor.post(`${CARD}?/open`, { lot: 'S1' })).status).toBe(303);
    expect((await visitor.get(CARD)).text).toContain('opened');
  });
});

describe('the real label beside its card', () => {
  it('is kept, read in a frame of the application alone, and by nobody else', async () => {
    const visitor = await asAccount(base, 'technician');
    const pdf = '%PDF-1.4\n1 0 obj<<>>endobj\ntrailer<<>>\n%%EOF\n';
    expect((await sendFile(visitor, `${CARD}?/file`, 'file', pdf, { kind: 'label' })).status).toBe(303);
    const id = /\/files\/([0-9a-f-]{36})/.exec((await visitor.get(CARD)).text)?.[1];
    const file = await visitor.get(`${CARD}/files/${id}`);
    expect([file.status, file.text]).toEqual([200, pdf]);
    expect(file.headers.get('content-type')).toBe('application/pdf');
    expect(file.headers.get('x-frame-options')).toBe('SAMEORIGIN');
    expect((await (await asAccount(base, 'householder')).get(`${CARD}/files/${id}`)).status).toBe(404);
    const script = await sendFile(visitor, `${CARD}?/file`, 'file', '<script>alert(1)</script>');
    expect([script.status, script.text.includes('neither a PDF nor a picture')]).toEqual([400, true]);
    expect((await visitor.post(`${CARD}?/remove`, { id: id ?? '' })).status).toBe(303);
    expect((await visitor.get(`${CARD}/files/${id}`)).status).toBe(404);
  });
});

describe('a file that takes long', () => {
  // “Stop” once wrote nothing, which the query builder refuses: the work went on to its end.
  it('says how far it is, is stopped by whoever began it, and leaves nothing behind', async () => {
    const visitor = await ownPlace(base, 'Stopped Gardens');
    const rows = Array.from({ length: 60_000 }, (_, n) => `tarnside-liquid,S${n},1000,ml`);
    const form = new FormData();
    form.set('stock', new Blob([['label_id,lot,size,unit', ...rows].join('\n')]), 'stock.csv');
    // As the application's own scripts send it: the answer leads to the page that tells how far it is.
    const begun = await fetch(`${base}/shelf/import?/stock`, {
      ...{ method: 'POST', body: form, redirect: 'manual' as const },
      headers: {
        ...{ cookie: visitor.cookie, origin: base, accept: 'application/json' },
        'x-sveltekit-action': 'true',
      },
    });
    const id = /job=([0-9a-f-]{36})/.exec(await begun.text())?.[1] ?? '';
    expect(id).toHaveLength(36);
    expect((await (await asAccount(base, 'technician')).send('DELETE', `/jobs/${id}`, {})).status).toBe(404);
    const told = async () => JSON.parse((await visitor.get(`/jobs/${id}`)).text) as { state: string };
    expect((await told()).state).toBe('running');
    expect((await visitor.send('DELETE', `/jobs/${id}`, {})).status).toBe(200);
    for (let i = 0; i < 100 && (await told()).state === 'running'; i++)
      await new Promise((done) => setTimeout(done, 100));
    expect((await told()).state).toBe('stopped');
    expect((await visitor.get('/shelf/stock')).text).not.toContain('S59999');
    expect((await visitor.get('/shelf/stock')).text.trim().split('\n')).toHaveLength(1);
  });
});
