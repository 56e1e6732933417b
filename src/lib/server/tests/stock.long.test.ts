import { describe, expect, it } from 'vitest';
import { ownPlace, sendFile, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';

const stateOf = async (visitor: Visitor, job: string): Promise<string> =>
  (JSON.parse((await visitor.get(`/jobs/${job}`)).text) as { state: string }).state;

describe('stock as CSV', () => {
  it('of thirty thousand rows goes in and out as it is read', async () => {
    const visitor = await ownPlace(base, 'A large store');
    const rows = Array.from({ length: 30_000 }, (_, i) => `tarnside-liquid,L${i},250,ml,${i % 251}`);
    const csv = ['label_id,lot,size,unit,left', ...rows].join('\n');
    const answer = await sendFile(visitor, '/shelf/import?/stock', 'stock', csv);
    expect(answer.status).toBe(303);
    // On a slow machine the answer comes while the work still runs.
    const job = /job=([0-9a-f-]{36})/.exec(answer.location)?.[1];
    if (job) await expect.poll(() => stateOf(visitor, job), { timeout: 25_000, interval: 300 }).toBe('done');
    else expect(answer.location).toBe('/shelf/import?containers=30000');
    const out = (await visitor.get('/shelf/stock')).text.trim().split('\n');
    expect(out).toHaveLength(30_001);
    expect(out[0]).toBe(
      'label_id,label,lot,size,unit,left,price,currency,bought_on,expires_on,opened_on,kept_in',
    );
    expect(out.find((line) => line.includes(',L7,'))).toMatch(
      /^tarnside-liquid,Tarnside Turf Liquid,L7,250,ml,7,/,
    );
  });
});
