import { existsSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { remove, startInstance } from '../../../../scripts/instance.mjs';
import { Visitor } from './visit';

const alive = (pid: number): boolean => existsSync(`/proc/${pid}`);

describe('several servers on one database', () => {
  it('share sign-ins, counts of attempts and the case in hand', { timeout: 120_000 }, async () => {
    const house = await startInstance({ mode: 'start' });
    const env = { DATABASE_URL: house.databaseUrl, DATABASE_OWNER_URL: house.ownerUrl };
    const second = await startInstance({ mode: 'start', env });
    try {
      const boss = new Visitor(house.url);
      const welcome = {
        how: 'people',
        name: 'A. Brook',
        workspace: 'Brook & Sons',
        email: 'a@brook.example',
      };
      expect((await boss.post('/welcome', { ...welcome, password: 'a long enough one' })).status).toBe(303);
      const place = await boss.post('/properties/new', { name: 'Home', latitude: '50', timeZone: 'UTC' });
      const property = new URLSearchParams(place.location.split('?')[1]).get('property') ?? '';
      // The case begins at one server and goes on at the other, with the same cookie, as behind a proxy.
      await boss.post('/cases/new', { title: 'Two servers', propertyId: property });
      const other = boss.elsewhere(second.url);
      const look = {
        ...{ where: 'lawn', test: 'soap-flush', 'frame.value': '1', 'frame.unit': 'm2', 'counts.0': '30' },
        ...{ 'counts.1': '31', vigour: 'fair', note: '', 'signs.chewed-blades': 'yes' },
      };
      expect((await other.post('/cases/1/look?/save', look)).status).toBe(200);
      expect((await boss.get('/cases/1/look')).text).toContain('2 squares');
      const tape = { how: 'tape', unit: 'm', length: '20', width: '10', strip: '0' };
      expect((await boss.post('/cases/1/measure?/save', tape)).status).toBe(200);
      const late = await other.post('/cases/1/measure?/save', { ...tape, length: '30' });
      expect(late.status).toBe(409);

      for (let i = 0; i < 10; i++) {
        const guesser = new Visitor(i % 2 ? house.url : second.url);
        await guesser.post('/sign-in?/enter', { email: 'a@brook.example', password: `guess ${i} of many` });
      }
      const enter = { email: 'a@brook.example', password: 'a long enough one' };
      expect((await new Visitor(second.url).post('/sign-in?/enter', enter)).status).toBe(429);

      await other.post('/account?/everywhere', {});
      expect((await boss.elsewhere().get('/cases')).status).toBe(303);
      process.kill(second.pid, 'SIGKILL');
      expect((await boss.get('/healthz')).status).toBe(200);
    } finally {
      if (alive(second.pid)) await second.stop();
      else remove(second.data);
      await house.stop();
    }
  });

  it('refuse a role that row-level security does not hold', { timeout: 60_000 }, async () => {
    const house = await startInstance({ mode: 'start' });
    try {
      for (const url of [house.ownerUrl, house.superUrl]) {
        const refused = await startInstance({
          mode: 'start',
          env: { DATABASE_URL: url, DATABASE_OWNER_URL: house.ownerUrl },
        }).then(
          async (started) => {
            await started.stop();
            return 'it started';
          },
          (reason: Error) => reason.message,
        );
        expect(refused).toMatch(/row-level security does not hold|must not connect as the owner/);
      }
    } finally {
      await house.stop();
    }
  });
});
