import { X509Certificate } from 'node:crypto';
import { mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { networkOf } from './network.mjs';

const data = mkdtempSync(join(tmpdir(), 'nimsy-network-'));
afterAll(() => rmSync(data, { recursive: true, force: true }));

describe('how Nimsy is reached', () => {
  it('is plain on this machine, and nothing beyond it without HTTPS', async () => {
    expect(await networkOf({}, 4680, data)).toMatchObject({
      url: 'http://127.0.0.1:4680',
      open: false,
      tls: null,
    });
    for (const asked of [
      { behind: 'http://nimsy.example' },
      { behind: 'https://nimsy.example/path' },
      { behind: 'nimsy.example' },
      { behind: 'https://nimsy.example', host: '0.0.0.0' },
      { behind: 'https://nimsy.example', host: '0.0.0.0', proxy: 'the proxy' },
      { host: '0.0.0.0', cert: 'x' },
      { host: '0.0.0.0', cert: '/nowhere', key: '/nowhere' },
      { proxy: '10.0.0.2' },
    ])
      await expect(networkOf(asked, 4680, data), JSON.stringify(asked)).rejects.toMatchObject({
        exitCode: 2,
      });
  });

  it('is named by its own authority, which stays while names come and go', async () => {
    const first = await networkOf({ host: '192.0.2.7', name: ['nimsy.home.example'] }, 4680, data);
    expect(first).toMatchObject({ url: 'https://nimsy.home.example:4680', open: true });
    expect(first.names).toEqual(expect.arrayContaining(['nimsy.home.example', '192.0.2.7', 'localhost']));
    const second = await networkOf({ host: '192.0.2.7', name: ['other.home.example'] }, 4680, data);
    const [a, b] = [first, second].map((net) => new X509Certificate(net.tls?.cert ?? ''));
    expect(a?.issuer).toBe(b?.issuer);
    expect(a?.fingerprint256).not.toBe(b?.fingerprint256);
    const again = await networkOf({ host: '192.0.2.7', name: ['other.home.example'] }, 4680, data);
    expect(again.tls?.cert).toBe(second.tls?.cert);
    for (const file of ['ca.key', 'server.key'])
      expect(statSync(join(data, 'authority', file)).mode & 0o777).toBe(0o600);
  });

  it('takes a certificate that is given, and answers to the names in it alone', async () => {
    const own = await networkOf({ host: '192.0.2.7', name: ['given.example'] }, 4680, data);
    const [cert, key] = [join(data, 'c.pem'), join(data, 'k.pem')];
    writeFileSync(cert, own.tls?.cert ?? '');
    writeFileSync(key, own.tls?.key ?? '');
    const net = await networkOf({ host: '0.0.0.0', cert, key }, 443, data);
    expect(net.authority).toBeNull();
    expect(net.names).toContain('given.example');
    expect(net.names).not.toContain('0.0.0.0');
  });

  it('behind a proxy has the proxy’s address, and one machine that may connect', async () => {
    const near = await networkOf({ behind: 'https://nimsy.example' }, 4680, data);
    expect(near).toMatchObject({
      host: '127.0.0.1',
      origin: 'https://nimsy.example',
      proxy: null,
      open: true,
    });
    const far = await networkOf(
      { behind: 'https://nimsy.example', host: '10.0.0.5', proxy: '10.0.0.2' },
      4680,
      data,
    );
    expect(far).toMatchObject({
      host: '10.0.0.5',
      proxy: '10.0.0.2',
      tls: null,
      url: 'https://nimsy.example',
    });
  });
});
