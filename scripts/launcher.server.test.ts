import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { placeOf } from './cluster.mjs';
import { beginAlone, remove, sendForm, startInstance } from './instance.mjs';

const NIMSY = join(process.cwd(), 'nimsy');
const nimsy = (...words: string[]) => spawnSync(NIMSY, words, { encoding: 'utf8', timeout: 50_000 });
const newData = (): string => mkdtempSync(join(tmpdir(), 'nimsy-launch-'));
const postmaster = (data: string): number =>
  Number(readFileSync(join(placeOf(data), 'postmaster.pid'), 'utf8').split('\n')[0]);
const alive = (pid: number): boolean => existsSync(`/proc/${pid}`);
async function until(done: () => boolean): Promise<void> {
  for (let i = 0; i < 100 && !done(); i++) await new Promise((resolve) => setTimeout(resolve, 100));
  expect(done()).toBe(true);
}
describe('the one command', () => {
  const data = newData();
  afterAll(async () => {
    // A failed test may have left one running.
    const lock = join(data, 'running.json');
    if (existsSync(lock)) {
      const { pid } = JSON.parse(readFileSync(lock, 'utf8')) as { pid: number };
      if (alive(pid)) process.kill(pid, 'SIGTERM');
      await until(() => !alive(pid));
    }
    remove(data);
  });

  it('lists what there is, and ends with 2 on words it does not know', () => {
    expect(nimsy('help')).toMatchObject({ status: 0, stdout: expect.stringContaining('./nimsy demo') });
    expect(nimsy('bogus')).toMatchObject({ status: 2, stderr: expect.stringContaining('./nimsy demo') });
    for (const words of [
      ['demo', '--nonsense'],
      ['demo', '--port', '0'],
      ['demo', '--today', '2027-02-30'],
      ['start', '--today', '2027-02-03'],
      ['test', 'nonsense'],
    ])
      expect(nimsy(...words).status, words.join(' ')).toBe(2);
  });

  it(
    'runs once on its data, ends with its database, and is never taken for real use',
    {
      timeout: 60_000,
    },
    async () => {
      const first = await startInstance({ data });
      const database = postmaster(data);
      const again = nimsy('demo', '--data', data, '--port', '4699');
      expect(again).toMatchObject({
        status: 1,
        stderr: expect.stringContaining(`already runs on ${data}: ${first.url}`),
      });
      expect((await fetch(`${first.url}/healthz`)).status).toBe(200);
      process.kill(first.pid, 'SIGTERM');
      await until(() => !alive(first.pid) && !alive(database));
      expect(existsSync(join(placeOf(data), 'postmaster.pid'))).toBe(false);
      expect(existsSync(join(data, 'running.json'))).toBe(false);

      const other = nimsy('start', '--data', data, '--port', '4699');
      expect(other).toMatchObject({ status: 1, stderr: expect.stringContaining('demonstration’s') });
    },
  );

  it('keeps the password to itself and trusts nobody', () => {
    expect(statSync(join(data, 'secrets.json')).mode & 0o777).toBe(0o600);
    const rules = readFileSync(join(placeOf(data), 'pg_hba.conf'), 'utf8')
      .split('\n')
      .filter((line) => /^\s*(local|host)/.test(line));
    expect(rules.length).toBeGreaterThan(0);
    expect(rules.filter((line) => !line.trim().endsWith('scram-sha-256'))).toEqual([]);
  });

  it('says so when the port is taken', async () => {
    const holder = createServer();
    const port = await new Promise<number>((resolve) =>
      holder.listen(0, '127.0.0.1', () => resolve((holder.address() as { port: number }).port)),
    );
    const result = nimsy('demo', '--data', data, '--port', String(port));
    holder.close();
    expect(result).toMatchObject({ status: 1, stderr: expect.stringContaining(`Port ${port} is taken`) });
    expect(existsSync(join(data, 'running.json'))).toBe(false);
  });

  it('answers calculations from the terminal', () => {
    const lines = [
      '{"topic":"convert","input":{"quantity":{"value":1,"unit":"gal"},"to":"l"}}',
      '',
      'nonsense',
      '{"topic":"none","input":{}}',
    ];
    const many = spawnSync(NIMSY, ['calc', '--lines'], { input: lines.join('\n'), encoding: 'utf8' });
    expect(many.status).toBe(0);
    expect(
      many.stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as object),
    ).toEqual([
      { ok: { result: { value: expect.closeTo(3.785411784, 9), unit: 'l' } } },
      expect.objectContaining({ refused: 'invalid-input' }),
      expect.objectContaining({ refused: 'invalid-input', path: 'topic' }),
    ]);
    expect(spawnSync(NIMSY, ['calc', 'dose'], { input: '{}' }).status).toBe(2);
    expect(nimsy('calc')).toMatchObject({ status: 2, stderr: expect.stringContaining('convert') });
  });
});

describe('in real use', () => {
  it(
    'no weather is invented, made-up labels halt, and a label of one’s own gives amounts',
    { timeout: 120_000 },
    async () => {
      const own = await startInstance({ mode: 'start' });
      const post = async (path: string, fields: Record<string, string>): Promise<string> => {
        const response = await sendForm(own.url + path, fields);
        expect(response.status, path).toBe(303);
        return response.headers.get('location') ?? '';
      };
      const text = async (path: string): Promise<string> =>
        (await (await fetch(own.url + path)).text()).split('<script')[0] ?? '';
      try {
        expect(await text('/cases')).toContain('Who uses this Nimsy?');
        await beginAlone(own.url);
        expect(await text('/')).toContain('add the property');
        expect(await text('/')).not.toContain('Demonstration');
        const place = await post('/properties/new', {
          name: 'Home',
          address: '',
          latitude: '-38',
          timeZone: 'UTC',
          note: '',
        });
        await post('/cases/new', {
          title: 'Ragged patches',
          propertyId: new URLSearchParams(place.split('?')[1]).get('property') ?? '',
        });
        await post('/cases/1/look?/save', {
          where: 'lawn',
          test: 'soap-flush',
          'frame.value': '1',
          'frame.unit': 'm2',
          'counts.0': '30',
          'counts.1': '33',
          'counts.2': '29',
          vigour: 'fair',
          note: '',
          'signs.chewed-blades': 'yes',
          'signs.green-pellets': 'yes',
          'signs.caterpillars-flushed': 'yes',
          then: 'next',
        });
        await post('/cases/1/name?/save', { candidate: 'sod-webworm', stage: 'half-grown', then: 'next' });
        await post('/cases/1/choose?/save', { label: 'tarnside-liquid', reason: '', then: 'next' });
        await post('/cases/1/measure?/save', {
          how: 'tape',
          unit: 'm',
          length: '20',
          width: '10',
          strip: '',
          then: 'next',
        });
        expect(await text('/cases/1/when')).toMatch(/No weather is known[\s\S]*wind at most 15 km\/h/);
        const halted = await text('/cases/1/mix');
        expect(halted).toContain('Halt · Demonstration label');
        expect(halted).not.toMatch(/Add\s+20 ml/);

        const use = {
          ...{ 'sites.turf': 'on', method: 'spray', basis: 'target', 'targets.0.pest': 'sod-webworm' },
          ...{ 'targets.0.grade': 'fair', least: '2', most: '3', rateUnit: 'ml', 'per.value': '100' },
          ...{ 'per.unit': 'm2', 'mix.value': '5', 'mix.unit': 'l', reEntry: 'until-dry' },
          ...{ effectFrom: '2', effectTo: '7' },
        };
        const shelf = await post('/shelf/new?/save', {
          name: 'From my shed',
          form: 'concentrate',
          family: 'residual',
          ...Object.fromEntries(Object.entries(use).map(([name, value]) => [`uses.0.${name}`, value])),
          'size.value': '500',
          'size.unit': 'ml',
          lot: 'A1',
          price: '20',
        });
        await post('/cases/1/choose?/save', {
          label: shelf.replace('/shelf/', ''),
          reason: '',
          basedOn: '1',
          then: 'next',
        });
        const mixed = await text('/cases/1/mix');
        expect(mixed).not.toContain('Halt ·');
        expect(mixed.replace(/<[^>]+>|\s+/g, ' ')).toMatch(/Add\s+4 ml of From my shed/);
      } finally {
        await own.stop();
      }
    },
  );
});
