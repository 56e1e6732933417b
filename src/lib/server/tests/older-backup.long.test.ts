import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { remove, startInstance, stepInAs } from '../../../../scripts/instance.mjs';

/** The demonstration as the version before treatments backed it up: no course, no named ground, one answer for a stop. */
const BACKUP = join(import.meta.dirname, 'kept', 'before-treatments.backup');

describe('a backup of the version before', () => {
  const data = mkdtempSync(join(tmpdir(), 'nimsy-older-'));
  let running: Awaited<ReturnType<typeof startInstance>> | undefined;
  let cookie = '';
  const url = (path: string): string => (running?.url ?? '') + path;
  const page = async (path: string): Promise<string> => {
    const answer = await fetch(url(path), { headers: { cookie } });
    expect(answer.status, path).toBe(200);
    return (await answer.text())
      .replaceAll(/<script[\s\S]*?<\/script>|<style[\s\S]*?<\/style>/g, ' ')
      .replaceAll(/<[^>]*>/g, ' ')
      .replaceAll(/\s+/g, ' ');
  };
  beforeAll(async () => {
    const restored = spawnSync(join(process.cwd(), 'nimsy'), ['restore', BACKUP, '--data', data], {
      encoding: 'utf8',
      timeout: 120_000,
    });
    expect(restored, restored.stderr).toMatchObject({ status: 0 });
    running = await startInstance({ data, words: ['--still'] });
    cookie = await stepInAs(running.url, 'owner');
  }, 240_000);
  afterAll(async () => {
    // Whatever stops takes its data with it.
    if (running) await running.stop();
    else remove(data);
  });

  it('comes over as it is: its cases are courses of one, with their answers and figures', async () => {
    const mix = await page('/cases/6/mix');
    expect(mix).toContain('Add 38 ml of Tarnside Turf Liquid');
    expect(mix).toContain('20.2 l of mix for 336 m²');
    expect(await page('/cases/6/measure')).toMatch(/between 308 and 365/);
    expect(await page('/cases/6/name')).toContain('Sod webworm');
    expect(await page('/cases/6/choose')).not.toContain('A course of');
    expect(await page('/cases/6/1/place')).toContain('336 m²');
  });

  it('keeps its records, its shelf and its plans, and its pages open', async () => {
    expect(await page('/logbook')).toContain('Tarnside Turf Liquid');
    expect(await page('/cases/3/log')).toMatch(/361 million/);
    for (const path of ['/', '/cases', '/shelf', '/properties', '/equipment', '/how-much']) await page(path);
    const properties = await (await fetch(url('/properties'), { headers: { cookie } })).text();
    const id = /\/properties\/([0-9a-f-]{36})"[^>]*>\s*Lantern Bay/.exec(properties)?.[1] ?? '';
    expect(await page(`/properties/${id}`)).toContain(
      'none named: all that is treated here counts as one ground',
    );
    expect(await page(`/properties/${id}/plan`)).toContain('Lantern Bay');
  });

  it('goes on from there: a treatment is added to an old case, and its answers stay those of the first', async () => {
    const post = (path: string, fields: Record<string, string>) =>
      fetch(url(path), {
        method: 'POST',
        headers: { cookie, origin: url(''), accept: 'text/html' },
        body: new URLSearchParams(fields),
        redirect: 'manual',
      });
    expect((await post('/cases/6/choose?/course', { act: 'add', number: '1' })).status).toBe(303);
    expect(await page('/cases/6/choose')).toContain('A course of two');
    expect(await page('/cases/6/1/mix')).toContain('Add 38 ml of Tarnside Turf Liquid');
    expect(await page('/cases/6/2/measure')).toContain('not measured');
  });
});
